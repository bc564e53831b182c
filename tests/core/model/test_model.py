"""Receivers, jobs, units."""

from __future__ import annotations

import json
import os
import unittest
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.codec import find_format
from kittiwake.core.errors import JobError, RulesError
from kittiwake.core.model import Clip, Job, MadeRecord, TouchUp, load_receiver, shipped_receivers
from kittiwake.core.model.job import load_job, save_job
from kittiwake.core.model.receiver_file import parse_receiver
from kittiwake.core.model.units import format_bytes, format_db, format_hz, format_limit, format_seconds, parse_size
from kittiwake.core.model.unknown import words_of
from tests.sounds import FolderCase


class TestReceivers(FolderCase):
    def test_shipped_ones_demand_what_they_should(self) -> None:
        shipped = shipped_receivers()
        self.assertGreaterEqual(len(shipped), 17)
        menu, beacon, engine = (shipped[slug] for slug in ("phone-menu", "quay-beacon", "speech-engine"))
        self.assertEqual((menu.rules.accepts[0].encoding, menu.rules.accepts[0].sample_rates), ("ulaw", (8000,)))
        self.assertEqual((menu.treatment.level.measure, menu.treatment.level.target_dbov), ("active", -26))
        self.assertEqual((beacon.rules.limits.max_bytes, beacon.rules.accepts[0].max_sample_rate), (199_999, 8000))
        self.assertEqual([a.container for a in engine.rules.accepts], ["flac", "wav"])
        for receiver in shipped.values():
            for accepted in receiver.rules.accepts:
                form = find_format(accepted.container, accepted.encoding)
                for rate in accepted.sample_rates:
                    self.assertTrue(form.takes_rate(rate), receiver.slug)
                self.assertTrue(not accepted.bit_rate or accepted.bit_rate in form.bit_rates, receiver.slug)

    def test_faults_are_named_by_field(self) -> None:
        good = 'slug = "x"\nname = "X"\n[rules]\naccepts = [{container = "wav", encoding = "ulaw", sample_rates = [8000]}]\n'
        parse_receiver(good, "x.toml")
        for change, part in (
            (good.replace('slug = "x"', 'slug = "X y"'), "slug"),
            (good.replace("sample_rates = [8000]", "sample_rates = [3]"), "sample_rates"),
            (good.replace(", sample_rates = [8000]", ""), "max_sample_rate"),
            (good + "limits = {max_bytes = '5 stones'}", "5 stones"),
            (good + "chanels = 1", "chanels"),
            (good + "[delivery]\nfolder = '../up'", "inside the output folder"),
            (good + "names = {allowed = 'a-'}\n[", "TOML"),
            (good + "names = {allowed = 'z-a'}", "not a set of characters"),
        ):
            with self.subTest(part), self.assertRaises(RulesError) as caught:
                parse_receiver(change, "x.toml")
            self.assertIn(part, str(caught.exception))

    def test_loading(self) -> None:
        with self.assertRaises(RulesError) as caught:
            load_receiver("no-such")
        self.assertIn("phone-menu", str(caught.exception))
        with self.assertRaises(RulesError):
            load_receiver(self.folder / "none.toml")

    def test_rates(self) -> None:
        beacon = load_receiver("quay-beacon").rules.accepts[0]
        self.assertEqual([beacon.rate_for(r) for r in (6000, 8000, 48000)], [6000, 8000, 8000])
        sample = beacon.changed(sample_rates=(16000, 32000, 48000))
        self.assertEqual([sample.rate_for(r) for r in (8000, 22050, 44100, 96000)], [16000, 32000, 48000, 48000])


clips = st.builds(
    Clip,
    source=st.text("abc é", min_size=1, max_size=8).map(lambda name: Path("/somewhere") / f"{name}.wav"),
    name=st.text(min_size=1, max_size=12).filter(lambda t: t.isprintable()),
    start=st.integers(0, 10**6),
    stop=st.none() | st.integers(10**6 + 1, 10**9),
    touch_up=st.builds(
        TouchUp,
        true_rate=st.none() | st.integers(1000, 96000),
        side=st.sampled_from(["auto", "left", "right", "mix"]),
        gain_db=st.floats(-20, 20),
        accepted=st.tuples(st.sampled_from(["clipped", "silent"])) | st.just(()),
    ),
    at=st.dictionaries(
        st.sampled_from(["phone-menu", "x"]), st.builds(TouchUp, keep=st.integers(1, 10**6)), max_size=2
    ),
    text=st.text(max_size=5),
)


class TestJobs(FolderCase):
    @given(st.lists(clips, max_size=6))
    def test_saved_and_opened_is_the_same(self, sample: list[Clip]) -> None:
        records = tuple(MadeRecord(c.id, "x", "/o", "00", 1, "f", "s") for c in sample)
        job = Job("Spring", tuple(sample), ("phone-menu",), "/out", records)
        path = self.folder / "spring.kittiwake"
        save_job(job, path)
        self.assertEqual(load_job(path), job)
        self.assertEqual(list(self.folder.iterdir()), [path])

    def test_a_save_that_is_ended_leaves_nothing_behind(self) -> None:
        path = self.folder / "j.kittiwake"
        save_job(Job("first"), path)

        def stop() -> None:
            raise KeyboardInterrupt

        with self.assertRaises(KeyboardInterrupt):
            save_job(Job("second"), path, stop)
        self.assertEqual(load_job(path).name, "first")
        self.assertEqual(list(self.folder.iterdir()), [path])

    def test_written_otherwise_it_is_the_same(self) -> None:
        path = self.folder / "j.kittiwake"
        job = Job("J", tuple(Clip(Path("/in/a}.wav"), f'n{n} ": [', id=f"c{n}") for n in range(5)), output="/o")
        save_job(job, path)
        data = json.loads(path.read_text())
        turns = 0

        def checkpoint() -> None:
            nonlocal turns
            turns += 1

        self.assertEqual(load_job(path, checkpoint), job)
        self.assertEqual(turns, 1 + 5 + 1 + 5)  # sources and clips, parsed and made of it
        for indent in (None, 0, 1, 2):
            path.write_text(json.dumps(data, indent=indent))
            self.assertEqual(load_job(path), job, indent)
        # One entry that somebody has broken up by hand.
        save_job(job, path)
        path.write_text(path.read_text().replace('"id": "c3",', '"id": "c3",\n   '))
        self.assertEqual(load_job(path), job)

    def test_sources_beside_the_job_move_with_it(self) -> None:
        here = self.folder / "here"
        (here / "sounds").mkdir(parents=True)
        save_job(Job("J", (Clip.whole(here / "sounds/a.wav"),)), here / "j.kittiwake")
        there = here.rename(self.folder / "there")
        self.assertEqual(load_job(there / "j.kittiwake").sources, (there.resolve() / "sounds/a.wav",))

    def test_faults_are_said(self) -> None:
        path = self.folder / "j.kittiwake"
        for text, code in (
            ("{", "job_damaged"), ("[]", "job_kind"), ('{"kittiwake": 99}', "job_newer"),
            ('{"kittiwake": 1, "sources": [], "clips": [{"id": "a", "source": 3, "name": "x"}]}', "job_damaged"),
            ('{"kittiwake": 1, "sources": [{"path": "a"}], "clips": [{"source": 0}]}', "job_damaged"),
        ):  # fmt: skip
            path.write_text(text)
            with self.assertRaises(JobError) as caught:
                load_job(path)
            self.assertEqual(caught.exception.code, code)
        with self.assertRaises(JobError):
            load_job(self.folder / "none.kittiwake")

    def test_what_is_not_known_is_kept_and_told(self) -> None:
        path = self.folder / "j.kittiwake"
        whole = {
            "kittiwake": 2, "name": "J", "output": "", "receivers": ["phone-menu"], "sources": [{"path": "a.wav", "colour": "red"}],
            "clips": [{"id": "1", "name": "a", "source": 0, "touch_up": {"gain_db": 2.0, "echo": 1}, "mood": [1]}, {"id": "2", "name": "b", "source": 0}],
            "script": [{"id": "l", "name": "n", "text": "t", "tone": "low"}], "made": [], "season": {"spring": True}, "level": 1.5, "none": None,
        }  # fmt: skip
        path.write_text(json.dumps(whole))
        job = load_job(path)
        reported = words_of(job.unknown)
        for name in ("season", "level", "clips.mood", "clips.touch_up.echo", "script.tone", "sources.colour"):
            self.assertIn(name, reported)
        # Whatever is done meanwhile, it stands where it stood.
        job = job.changed(
            clips=tuple(clip.changed(name=f"{clip.name}2", touch_up=TouchUp(gain_db=3.0)) for clip in job.clips)
        )
        save_job(job, path)
        data = json.loads(path.read_text())
        self.assertEqual((data["season"], data["level"], data["none"]), ({"spring": True}, 1.5, None))
        self.assertEqual((data["sources"][0]["colour"], data["script"][0]["tone"]), ("red", "low"))
        self.assertEqual((data["clips"][0]["mood"], data["clips"][0]["touch_up"]), ([1], {"gain_db": 3.0, "echo": 1}))
        self.assertEqual(data["clips"][1], {"id": "2", "name": "b2", "touch_up": {"gain_db": 3.0}, "source": 0})
        self.assertEqual(load_job(path), job)
        self.assertEqual(words_of(load_job_of_before(path).unknown), "")

    def test_a_job_that_is_a_link_stays_one(self) -> None:
        path, link = self.folder / "j.kittiwake", self.folder / "link.kittiwake"
        save_job(Job("before"), path)
        link.symlink_to(path)
        save_job(Job("after"), link)
        self.assertTrue(link.is_symlink())
        self.assertEqual(load_job(path).name, "after")

    def test_values_of_the_wrong_kind_are_told_each_with_what_is_wanted(self) -> None:
        path = self.folder / "j.kittiwake"
        whole = {
            "kittiwake": 1, "name": "J", "output": "", "receivers": ["phone-menu"], "sources": [{"path": "a.wav"}],
            "clips": [{"id": "1", "name": "a", "source": 0}], "made": [],
        }  # fmt: skip
        for place, value, wanted in (
            (("clips", 0, "start"), "5", "start of a clip"), (("clips", 0, "stop"), 0, "stop of a clip"), (("clips", 0, "id"), [7], "id of a clip"),
            (("clips", 0, "name"), "", "not empty"), (("clips", 0, "name"), "\ud834", "whole characters"), (("clips", 0, "source"), -1, "its 1 sources"),
            (("clips", 0, "touch_up"), {"speed": 0}, "from 0.5 to 2"), (("clips", 0, "touch_up"), {"gain_db": "loud"}, "touch_up.gain_db of a clip"),
            (("clips", 0, "touch_up"), {"without": [[5, 1]]}, "the second is the later"), (("clips", 0, "touch_up"), {"gain_db": float("nan")}, "gain_db"),
            (("clips", 0, "touch_up"), {"side": "ch0"}, "ch3"), (("clips", 0, "touch_up"), [1], "a table"), (("clips", 0, "at"), {"x": 5}, "at.x"),
            (("clips", 0, "touch_up"), {"accepted": "abc"}, "a list"), (("clips",), "x", "a list"), (("receivers",), [5], "receivers"),
            (("sources",), [{"path": "a\0b"}], "a path"), (("sources",), [{"path": ""}], "a path"), (("output",), "~nobody-here/x", "known here"),
            (("made",), [7], "made.1"), (("made",), [{"bytes": "1"}], "bytes of an entry"), (("name",), 5, "a text"),
            (("sources",), [{"path": "a", "cut": {"spans": [{"id": "1", "start": 5, "stop": 5}]}}], "stop of a span"),
            (("sources",), [{"path": "a", "cut": {"lines": ["x"]}}], "lines.1 of a cut"),
            (("clips",), [{"id": "1", "name": "a", "source": 0}] * 2, "no other clip"),
        ):  # fmt: skip
            data = json.loads(json.dumps(whole))
            at = data
            for key in place[:-1]:
                at = at[key]
            at[place[-1]] = value
            path.write_text(json.dumps(data))
            with self.assertRaises(JobError, msg=f"{place} = {value!r}") as caught:
                load_job(path)
            self.assertIn(wanted, str(caught.exception))
        for text in ("[" * 100_000, '{"kittiwake": ' + "[" * 100_000, '{"kittiwake": true}'):
            path.write_text(text)
            with self.assertRaises(JobError):
                load_job(path)
        path.unlink()
        os.mkfifo(path)
        with self.assertRaises(JobError):
            load_job(path)

    def test_a_relative_output_lies_beside_the_job_and_there_may_be_no_receivers(self) -> None:
        path = self.folder / "j.kittiwake"
        path.write_text('{"kittiwake": 1, "output": "out", "receivers": [], "sources": [], "clips": []}')
        job = load_job(path)
        self.assertEqual((job.output, job.receivers), (str(self.folder.resolve() / "out"), ()))

    def test_a_failed_save_leaves_the_old_job(self) -> None:
        path = self.folder / "j.kittiwake"
        save_job(Job("first"), path)
        with self.assertRaises(JobError):
            save_job(Job("second"), self.folder / "missing" / "j.kittiwake")
        self.assertEqual(json.loads(path.read_text())["name"], "first")


class TestUnits(unittest.TestCase):
    def test_as_read(self) -> None:
        self.assertEqual(format_db(-26.04, "dBov"), "−26.0 dBov")
        self.assertEqual(format_db(-0.01), "0.0 dBFS")
        self.assertEqual(
            [format_hz(v) for v in (300, 8000, 44100, 11025)], ["300 Hz", "8 kHz", "44.1 kHz", "11.025 kHz"]
        )
        self.assertEqual([format_bytes(v) for v in (999, 24058, 1_500_000)], ["999 B", "24.1 kB", "1.50 MB"])
        self.assertEqual([format_seconds(v) for v in (3.497, 75, 3723)], ["3.50 s", "1:15.0", "1:02:03"])

    def test_sizes(self) -> None:
        # kB is 1000 unless a receiver says KiB: the safe reading (common practice, no source).
        for text, value in (("56 kB", 56000), ("56 KiB", 57344), ("under 200 kB", 199_999), ("1.5 MB", 1_500_000)):
            self.assertEqual(parse_size(text), value)
        self.assertEqual(
            [format_limit(v) for v in (199_999, 200_000, 57344, 77)], ["under 200 kB", "200 kB", "56 KiB", "77 B"]
        )


def load_job_of_before(path: Path) -> Job:
    """A job of the first version, of which everything is known."""
    path.write_text(json.dumps({"kittiwake": 1, "name": "J", "sources": [{"path": "a.wav"}], "clips": [{"id": "1", "name": "a", "source": 0, "touch_up": {"skip": 5}}]}))  # fmt: skip
    return load_job(path)
