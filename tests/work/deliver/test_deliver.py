"""Handing over: what goes out, what is new, which copy is where; nothing of anybody else is touched."""

from __future__ import annotations

import csv
import hashlib
import io
import json
import re
import struct
import subprocess
import tarfile
import zipfile
from html.parser import HTMLParser
from pathlib import Path
from typing import Any
from unittest import mock

import soundfile
from click.testing import CliRunner
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.cli.main import cli
from kittiwake.core.batch.request import BatchRequest
from kittiwake.core.errors import KittiwakeError, RulesError
from kittiwake.core.make.delivered import RECORD, copies_in, delivered_in, note_delivered
from kittiwake.core.model import load_receiver, shipped_receivers
from kittiwake.core.model.receiver import Receiver
from kittiwake.core.model.receiver_file import parse_receiver, to_toml
from kittiwake.core.model.rights import Rights
from kittiwake.core.model.script import ScriptLine
from kittiwake.work.deliver import Item, last_plan_of, plan_of, send
from kittiwake.work.deliver.form import forms
from kittiwake.work.deliver.from_folder import items_in
from kittiwake.work.deliver.item import place_of
from kittiwake.work.deliver.manifest import COLUMNS, as_csv, as_jsonl
from kittiwake.work.deliver.report import outline_of, report_of
from tests.sounds import FolderCase, speech_like


def with_delivery(slug: str = "phone-menu", **changes: Any) -> Receiver:
    receiver = load_receiver(slug)
    return receiver.changed(delivery=receiver.delivery.changed(**changes))


class DeliverCase(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.out, self.there = self.folder / "out", self.folder / "there"

    def item(self, name: str, seed: int = 1, seconds: float = 0.2, **more: Any) -> Item:
        """A made file: µ-law in WAV."""
        path = self.out / f"{name}.wav"
        path.parent.mkdir(parents=True, exist_ok=True)
        buffer = io.BytesIO()
        soundfile.write(buffer, speech_like(8000, seconds, seed=seed), 8000, subtype="ULAW", format="WAV")
        path.write_bytes(data := buffer.getvalue())
        return Item(path, hashlib.sha256(data).hexdigest(), len(data), seconds, 8000, name, **more)

    def plan(self, items: list[Item], **delivery: Any) -> Any:
        return plan_of(items, with_delivery(**delivery), self.out, self.there)

    def lying(self) -> dict[str, bytes]:
        return {
            str(path.relative_to(self.there)): path.read_bytes()
            for path in sorted(self.there.rglob("*"))
            if path.is_file()
        }


class TestSending(DeliverCase):
    def test_only_what_changed_goes_again_and_what_is_no_more_is_told(self) -> None:
        items = [self.item(name, n) for n, name in enumerate("abc")]
        plan = self.plan(items)
        self.assertEqual(plan.words, "3 new")
        self.assertEqual(send(plan).written, ("a.wav", "b.wav", "c.wav"))
        items = [items[0], self.item("b", 9), self.item("d", 4)]
        plan = self.plan(items)
        self.assertEqual(plan.words, "1 new, 1 changed, 1 same, 1 delivered before and wanted no more")
        before = (self.there / "a.wav").stat().st_mtime_ns
        sent = send(plan)
        self.assertEqual((sent.written, sent.same, sent.gone), (("b.wav", "d.wav"), ("a.wav",), ("c.wav",)))
        self.assertEqual((self.there / "a.wav").stat().st_mtime_ns, before)
        self.assertIn("c.wav", sent.words)
        self.assertTrue((self.there / "c.wav").exists())
        send(self.plan(items), take_away=True)
        self.assertFalse((self.there / "c.wav").exists())
        self.assertEqual(self.plan(items).words, "3 same")

    def test_which_copy_is_where(self) -> None:
        item = self.item("a", source="/x/a.flac", fingerprint="f1")
        send(self.plan([item]), {"a.wav": "taken"})
        one = delivered_in(self.out)["a.wav", str(self.there), "phone-menu", ""]
        self.assertEqual((one.sha256, one.name, one.into, one.source, one.fingerprint, one.verdict), (item.sha256, "a.wav", str(self.there), "/x/a.flac", "f1", "taken"))  # fmt: skip
        self.assertTrue(one.time.startswith("20"))
        # What cannot be read in the record is passed over; what is gone is not there.
        with (self.out / RECORD).open("a") as file:
            file.write("[]\n{}\nnonsense\n")
        note_delivered(self.out, [one.changed_to_gone(one.time)])
        self.assertEqual(delivered_in(self.out), {})

    def test_each_place_has_its_own_copies(self) -> None:
        """Two sticks in turn: what went to the one says nothing of what lies on the other."""
        other = self.folder / "other"
        for seed, into in ((1, self.there), (2, other), (3, self.there)):
            plan = plan_of([self.item("a", seed)], with_delivery(), self.out, into)
            self.assertEqual(plan.words, "1 changed" if seed == 3 else "1 new")
            self.assertEqual(send(plan).written, ("a.wav",))
        self.assertEqual(len(copies_in(self.out)["a.wav"]), 2)

    def test_nothing_of_anybody_else_is_replaced_and_nothing_lands_outside(self) -> None:
        items = [self.item("a"), self.item("b", 2)]
        self.there.mkdir()
        (self.there / "b.wav").write_bytes(b"somebody's own")
        with self.assertRaisesRegex(KittiwakeError, "b.wav.*Nothing was handed over"):
            send(self.plan(items))
        self.assertEqual(list(self.lying()), ["b.wav"])
        (self.there / "b.wav").unlink()
        send(self.plan(items))
        (self.there / "a.wav").write_bytes(b"altered since")
        with self.assertRaisesRegex(KittiwakeError, "not as an earlier delivery left it"):
            send(self.plan([self.item("a", 7), items[1]]))
        (self.there / "a.wav").unlink()
        (self.there / "a.wav").symlink_to(self.folder / "elsewhere.wav")
        with self.assertRaisesRegex(KittiwakeError, "outside"):
            send(self.plan(items))
        self.assertFalse((self.folder / "elsewhere.wav").exists())

    def test_an_output_that_is_not_as_it_was_made_does_not_go_out(self) -> None:
        for form in ("folder", "zip", "joined"):
            item = self.item("a")
            item.output.write_bytes(b"altered")
            with self.assertRaisesRegex(KittiwakeError, "not as it was made"):
                send(self.plan([item], form=form))
            item.output.unlink()
            with self.assertRaisesRegex(KittiwakeError, "cannot be read"):
                send(self.plan([item], form=form))
            self.assertEqual(self.lying(), {})

    @given(
        st.text(min_size=1, max_size=40), st.text(max_size=20), st.text(max_size=20),
        st.sampled_from(["{name}", "{kind}/{language}/{stem}.{ending}", "{folder}/{name}", "{speaker}/{name}", "{number} {name}", "x/{kind}{name}"]),
    )  # fmt: skip
    def test_no_name_leads_out_of_the_folder(self, name: str, kind: str, speaker: str, pattern: str) -> None:
        item = Item(Path("/o") / (name.replace("/", "_").replace("\0", "_") + ".wav"), "0", 0, kind=kind, language=kind, speaker=speaker, source=f"/{kind}/x")  # fmt: skip
        try:
            place = place_of(item, with_delivery(names=pattern), 1)
        except KittiwakeError:
            return
        self.assertFalse(Path(place).is_absolute())
        self.assertNotIn("..", Path(place).parts)
        self.assertTrue(place)

    def test_two_at_one_place_are_told(self) -> None:
        with self.assertRaisesRegex(KittiwakeError, "a.wav and A.wav would both go to"):
            self.plan([self.item("a"), self.item("A", 2)])

    def test_patterns_of_a_receiver(self) -> None:
        receiver = with_delivery(form="zip", names="{kind}/{name}", manifest="both")
        self.assertEqual(parse_receiver(to_toml(receiver), "x"), receiver)
        for bad in ("{nam}", "{", "same for all", "/{name}", "../{name}", "{name.__class__}", "{name[0]}"):
            with self.subTest(bad), self.assertRaises(RulesError):
                parse_receiver(to_toml(receiver).replace("{kind}/{name}", bad), "x")

    def test_ledgers_of_before_hold(self) -> None:
        """How a set is handed over, and on what it is tried, is no part of what an output was made by."""
        plain = load_receiver("hold-music")
        other = plain.changed(standin="phone", delivery=plain.delivery.changed(form="zip", manifest="csv"))
        self.assertEqual(BatchRequest((plain,), ()).digest(plain), BatchRequest((other,), ()).digest(other))
        self.assertTrue(all("form" not in one.shaping()["delivery"] for one in shipped_receivers().values()))


class TestForms(DeliverCase):
    def test_archives_open_everywhere_and_are_the_same_twice(self) -> None:
        items = [self.item(f"{kind} {n}", n, kind=kind) for n in range(3) for kind in ("alert", "général")]
        for form, ending in (("zip", ".zip"), ("tar", ".tar")):
            plan = self.plan(items, form=form, names="{kind}/{name}")
            send(plan)
            path = self.there / f"phone-menu{ending}"
            first = path.read_bytes()
            again = forms()[form].pack(self.plan(list(reversed(items)), form=form, names="{kind}/{name}"), {})
            if form == "zip":
                with zipfile.ZipFile(path) as archive:
                    self.assertIsNone(archive.testzip())
                    # An ordinary file that its owner may write, in the upper half as Unix has it (APPNOTE.TXT 4.4.15).
                    self.assertEqual({one.external_attr for one in archive.infolist()}, {0o644 << 16})
                    found = {name: archive.read(name) for name in archive.namelist()}
            else:
                with tarfile.open(path) as archive:
                    self.assertEqual({one.mode for one in archive.getmembers()}, {0o644})
                    found = {one.name: archive.extractfile(one).read() for one in archive.getmembers()}  # type: ignore[union-attr]
                listed = subprocess.run(["tar", "tf", str(path)], capture_output=True, text=True, check=True).stdout
                self.assertEqual(len(listed.splitlines()), len(items) + 1)
            self.assertEqual({name for name in found if name.endswith(".wav")}, set(plan.places))
            for place, item in plan.places.items():
                self.assertEqual(hashlib.sha256(found[place]).hexdigest(), item.sha256)
            rows = [json.loads(line) for line in found["manifest.jsonl"].splitlines()]
            self.assertEqual({row["file"] for row in rows}, set(plan.places))
            send(self.plan(items, form=form, names="{kind}/{name}"))
            self.assertEqual(path.read_bytes(), first)
            names = [name for name in found if name.endswith(".wav")]
            self.assertEqual(names, sorted(names))
            self.assertEqual(len(again[f"phone-menu{ending}"] or b""), len(first))

    def test_joined_with_a_pause_and_cue_points_and_no_sample_encoded_anew(self) -> None:
        items = [self.item(name, n, 0.2 + n / 10) for n, name in enumerate("abc")]
        send(self.plan(items, form="joined", pause_seconds=0.25))
        path = self.there / "phone-menu.wav"
        whole, rate = soundfile.read(path, dtype="int16")
        at, starts = 0, []
        for item in items:
            sound, _ = soundfile.read(item.output, dtype="int16")
            self.assertTrue((whole[at : at + len(sound)] == sound).all())
            starts.append(at)
            at += len(sound)
            self.assertFalse(whole[at : at + 2000].any())
            at += 2000
        self.assertEqual((len(whole), rate), (at - 2000, 8000))
        with soundfile.SoundFile(path) as file:
            self.assertEqual(file.subtype, "ULAW")
        # The cue chunk as another library sees it: libsndfile keeps it, and says where the points are.
        data = path.read_bytes()
        cue = data.index(b"cue ")
        count = struct.unpack_from("<I", data, cue + 8)[0]
        points = [struct.unpack_from("<I", data, cue + 12 + 24 * n + 20)[0] for n in range(count)]
        self.assertEqual(points, starts)
        self.assertEqual([data[data.index(b"labl") + 12 :][:1], data.count(b"labl")], [b"a", 3])

    def test_an_image_holds_sounds_of_one_rate_one_after_the_other(self) -> None:
        def sound(name: str, rate: int, seed: int) -> Item:
            path = self.out / f"{name}.wav"
            path.parent.mkdir(parents=True, exist_ok=True)
            soundfile.write(path, speech_like(rate, 0.5, seed=seed), rate, subtype="IMA_ADPCM")
            data = path.read_bytes()
            return Item(path, hashlib.sha256(data).hexdigest(), len(data), 0.5, rate, name)

        items = [sound("one", 8000, 1), sound("two-a", 8000, 2)]
        send(self.plan(items, form="image"))
        image, header = (self.there / "voice.bin").read_bytes(), (self.there / "voice.h").read_text("ascii")
        parts = []
        for item in items:
            data = item.output.read_bytes()
            at = data.index(b"data")
            size = struct.unpack_from("<I", data, at + 4)[0]
            parts.append(data[at + 8 : at + 8 + size])
        self.assertEqual(image, b"".join(parts))
        numbers = {name: int(value) for name, value in re.findall(r"#define (\w+) (\d+)", header)}
        wanted = {
            "VOICE_COUNT": 2,
            "VOICE_RATE": 8000,
            "VOICE_IMAGE_BYTES": len(image),
            "VOICE_ONE": 0,
            "VOICE_TWO_A": 1,
        }
        self.assertEqual(numbers, numbers | wanted)
        self.assertRegex(header, rf"voice_offset\[VOICE_COUNT\] = {{\s+0UL,\s+{len(parts[0])}UL\s+}}")
        # Two that would be called the same in C, and one as the header's own words, get their numbers.
        send(self.plan([*items, sound("two.a", 8000, 3), sound("count", 8000, 4)], form="image"))
        header = (self.there / "voice.h").read_text("ascii")
        reported = dict(re.findall(r"#define VOICE_(\w+) (\d+)\b", header))
        numbered = {"ONE": "0", "TWO_A_1": "1", "TWO_A_2": "2", "COUNT_3": "3", "COUNT": "4"}
        self.assertEqual(reported, reported | numbered)
        self.assertFalse({"ONE_0", "TWO_A"} & set(reported))
        names = re.findall(r'^    "(.*)"', header, re.MULTILINE)
        self.assertEqual(names, ["one", "two-a", "two.a", "count"])
        with self.assertRaisesRegex(KittiwakeError, "three has another rate or other blocks than one"):
            send(self.plan([*items, sound("three", 11_025, 3)], form="image"))

    def test_what_a_form_cannot_hold_is_said(self) -> None:
        item = self.item("a")
        with self.assertRaisesRegex(KittiwakeError, "IMA ADPCM"):
            send(self.plan([item], form="image"))
        with self.assertRaisesRegex(KittiwakeError, "no form of delivery “zipp”. Did you mean zip"):
            send(self.plan([item], form="zipp"))
        path = self.out / "b.gsm"
        path.write_bytes(bytes(330))
        with self.assertRaisesRegex(KittiwakeError, "cannot be joined"):
            send(self.plan([Item(path, hashlib.sha256(bytes(330)).hexdigest(), 330)], form="joined"))


class TestManifest(DeliverCase):
    def test_all_that_is_known_of_a_file_and_no_formula(self) -> None:
        item = self.item("a", text="=1+1", speaker="Ana", language="en-gb", kind="alert", source="/x/y.flac", true_rate=11_025, level_dbov=-26.04, bandwidth_hz=3401.7, rights=Rights("H", "L", "P", "2027-03-31"))  # fmt: skip
        places = {"p/a.wav": item}
        row = json.loads(as_jsonl(places, {"p/a.wav": "taken"}))
        self.assertEqual(row, {"file": "p/a.wav", "sha256": item.sha256, "seconds": 0.2, "bytes": item.bytes, "rate": 8000, "text": "=1+1", "speaker": "Ana", "language": "en-gb", "kind": "alert", "source": "y.flac", "true_rate": 11_025, "level_dbov": -26.0, "bandwidth_hz": 3402, "rights_holder": "H", "rights_licence": "L", "rights_proof": "P", "rights_until": "2027-03-31", "verdict": "taken"})  # fmt: skip
        (line,) = list(csv.DictReader(io.StringIO(as_csv(places, {}).decode())))
        self.assertEqual(tuple(line), COLUMNS)
        self.assertEqual(line["text"], "'=1+1")

    def test_of_a_folder_by_its_ledger_and_a_script(self) -> None:
        self.write("in/welcome.wav", speech_like(16_000, 0.5), 16_000)
        words = ["make", "--for", "phone-menu", "--into", str(self.out), str(self.folder / "in")]
        self.assertEqual(CliRunner().invoke(cli, words).exit_code, 0)
        (item,) = items_in(
            self.out, load_receiver("phone-menu"), [ScriptLine("Welcome", "Welcome aboard.", kind="general")]
        )
        self.assertEqual(
            (item.name, item.text, item.kind, item.rate), ("welcome.wav", "Welcome aboard.", "general", 8000)
        )
        with self.assertRaisesRegex(KittiwakeError, "Nothing that was made for Deck radio"):
            items_in(self.out, load_receiver("deck-radio"))


class TestReport(DeliverCase):
    def test_after_a_delivery_it_tells_what_that_changed(self) -> None:
        times = iter(("2026-11-01T10:00:00+00:00", "2026-11-02T10:00:00+00:00"))
        items = [self.item("a"), self.item("b", 2)]
        with mock.patch("kittiwake.work.deliver.send.datetime") as clock:
            clock.datetime.now.return_value.isoformat.side_effect = lambda **_: next(times)
            send(self.plan(items))
            items = [items[0], self.item("b", 9), self.item("c", 3)]
            send(self.plan(items))
        self.assertEqual(self.plan(items).words, "3 same")
        last = last_plan_of(items, with_delivery(), self.out, self.there)
        self.assertEqual(last.states, {"a.wav": "same", "b.wav": "changed", "c.wav": "new"})
        self.assertIn("b.wav (changed), c.wav (new)", report_of(last, {}, ""))
        for title in ("Handed over", ""):
            self.assertIn(f"<title>{title or last.receiver.name}</title>", report_of(last, {}, "", title=title))
        # What waits to be handed over is told before that.
        more = [*items, self.item("d", 4)]
        self.assertEqual(last_plan_of(more, with_delivery(), self.out, self.there).words, "1 new, 3 same")

    def test_one_page_that_needs_nothing_else_with_problems_first(self) -> None:
        items = [
            self.item("a", text="<script>alert(1)</script>", level_dbov=-26.0, problems=("It is soft.",)),
            self.item("b", 2),
        ]
        send(self.plan(items))
        plan = self.plan([self.item("a", 5, text="<b>"), items[1]])
        page = report_of(
            plan,
            {"a.wav": "taken", "b.wav": "Too long (byte 3)"},
            "8 kHz µ-law",
            when="2026-11-27",
            outlines=outline_of,
        )
        self.assertNotIn("<script", page)
        self.assertNotIn("http", page.replace("http-equiv", ""))
        self.assertLess(page.index("refused: Too long"), page.index("<h2>What the receiver demands"))
        self.assertIn("a.wav (changed)", page)
        self.assertIn(items[1].sha256, page)
        self.assertEqual(page.count("<svg"), 2)

        class Tags(HTMLParser):
            def __init__(self) -> None:
                super().__init__()
                self.open: list[str] = []

            def handle_starttag(self, tag: str, attrs: object) -> None:
                if tag not in ("meta", "br"):
                    self.open.append(tag)

            def handle_endtag(self, tag: str) -> None:
                assert self.open.pop() == tag, tag

        tags = Tags()
        tags.feed(page)
        self.assertEqual(tags.open, [])
