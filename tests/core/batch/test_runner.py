"""Runs over many files: nothing lost, nothing twice, nothing half, and only what changed is made again."""

from __future__ import annotations

import hashlib
import json
import os
import random
import shutil
import signal
import subprocess
import time
from collections import Counter
from pathlib import Path
from typing import Any
from unittest import mock

from kittiwake.core.batch import BatchRequest, PlannedClip, plan_outputs, planned, run_batch
from kittiwake.core.batch.runner import _Batch
from kittiwake.core.batch.stages import make_chunk
from kittiwake.core.errors import MakeError
from kittiwake.core.fit import fit
from kittiwake.core.make import Result, make_output
from kittiwake.core.make.ledger import Ledger, only_run
from kittiwake.core.make.ledger_place import LEDGER
from kittiwake.core.make.status import explain, output_statuses, remove_orphans
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, TouchUp, load_receiver
from kittiwake.core.model.receiver import Receiver
from kittiwake.core.process import InProcess, Processes, WorkerCrash
from tests.sounds import DEMO, FolderCase, looked_at, make_command, speech_like

MENU = load_receiver("phone-menu")


def done_but_not_told(chunk: Any) -> Any:
    make_chunk(chunk)
    time.sleep(30)


class RunCase(FolderCase):
    def sources(self, count: int, seconds: float = 1.0) -> list[Path]:
        return [self.write(f"in/{n:03}.wav", speech_like(16_000, seconds, seed=n), 16_000) for n in range(count)]

    def run_all(self, paths: list[Path], receiver: Receiver = MENU, out: str = "out", **more: object) -> list[Result]:
        return list(run_batch(paths, BatchRequest((receiver,), (self.folder / out,)), Processes(2), **more))  # type: ignore[arg-type]

    def states(self, outcomes: list[Result]) -> Counter:
        return Counter(outcome.status for outcome in outcomes)

    def bytes_of(self, out: str = "out") -> dict[str, str]:
        folder = self.folder / out
        return {
            p.name: hashlib.sha256(p.read_bytes()).hexdigest() for p in folder.iterdir() if not p.name.startswith(".")
        }


class TestRuns(RunCase):
    def test_same_bytes_as_one_at_a_time(self) -> None:
        paths = sorted(path for path in DEMO.iterdir() if path.suffix != ".dat")
        for slug in ("phone-menu", "speech-engine", "quay-beacon", "master"):
            receiver = load_receiver(slug)
            run = {o.path: o.sha256 for o in self.run_all(paths, receiver, slug) if o.good}
            for path in paths:
                facts = looked_at(path)
                clip, found = planned(path, facts, receiver)
                made = make_output(
                    plan_outputs([(clip, facts, found)], receiver, self.folder / "alone" / slug / path.name)[0]
                )
                self.assertEqual(run.get(str(path)), made.sha256, (slug, path.name, made.error))

    def test_again_makes_only_what_changed(self) -> None:
        paths = self.sources(40)
        self.assertEqual(self.states(self.run_all(paths)), {"made": 40})
        before = self.bytes_of()
        self.assertEqual(self.states(self.run_all(paths)), {"kept": 40})
        self.write("in/007.wav", speech_like(16_000, 1.2, seed=99), 16_000)
        (self.folder / "out/011.wav").unlink()
        found = self.run_all(paths)
        self.assertEqual(self.states(found), {"kept": 38, "made": 2})
        after = self.bytes_of()
        self.assertEqual({name for name in after if after[name] != before[name]}, {"007.wav"})
        # Touched but the same: looked at, and left as it is.
        os.utime(paths[3])
        self.assertEqual(self.states(self.run_all(paths)), {"kept": 40})
        self.assertEqual(self.bytes_of(), after)

    def test_what_is_kept_is_told_before_anything_is_made(self) -> None:
        paths = self.sources(7, 0.3)
        self.run_all(paths[:6])
        for executor in (InProcess(), Processes(1)):
            out = self.folder / "out"
            with mock.patch("kittiwake.core.batch.runner._WAITING", 2):
                reported = [o.status for o in run_batch(paths, BatchRequest((MENU,), (out,)), executor)]
            self.assertEqual(reported, ["kept"] * 6 + ["made"])
            (out / "006.wav").unlink()

    def test_other_rules_make_all_anew_in_their_old_places(self) -> None:
        paths = self.sources(5)
        self.run_all(paths)
        level = MENU.treatment.level.changed(target_dbov=-20.0)
        louder = MENU.changed(treatment=MENU.treatment.changed(level=level))
        self.assertEqual(self.states(self.run_all(paths, louder)), {"made": 5})
        self.assertEqual(len(self.bytes_of()), 5)

    def test_one_bad_file_stops_no_other(self) -> None:
        paths = self.sources(6)
        paths[2].write_bytes(b"")
        paths[4].unlink()
        self.assertEqual(self.states(self.run_all(paths)), {"made": 4, "refused": 2})

    def test_what_was_put_in_place_before_its_worker_died_over_the_next_is_kept(self) -> None:
        wish = BatchRequest((MENU,), (self.folder / "out",))
        (self.folder / "out").mkdir()
        run = _Batch(self.sources(3), wish, Processes(1), None)
        chunk = next(iter(run.chunks()))
        assert chunk
        self.assertEqual({result.status for result in make_chunk(chunk)}, {"made"})
        again = list(run.after_crash(chunk, WorkerCrash("it was ended")))
        self.assertEqual([result.status for result in again], ["kept"] * len(chunk.sources))

    def test_what_was_put_in_place_before_its_worker_was_stopped_is_told(self) -> None:
        wish = BatchRequest((MENU,), (self.folder / "out",))
        (self.folder / "out").mkdir()
        stopped = time.monotonic() + 60

        def cancelled() -> bool:
            return time.monotonic() > stopped or len(list((self.folder / "out").glob("*.wav"))) == 2

        with mock.patch("kittiwake.core.batch.runner.make_chunk_deferred", done_but_not_told):
            reported = list(run_batch(self.sources(4), wish, Processes(2), cancelled=cancelled))
        self.assertEqual([outcome.status for outcome in reported], ["made", "made"])
        self.assertEqual({Path(o.output).name: o.sha256 for o in reported}, self.bytes_of())
        self.assertEqual(self.states(self.run_all(self.sources(4))), {"kept": 2, "made": 2})

    def test_a_receiver_that_marks_spans_is_as_fast_the_second_time(self) -> None:
        paths = self.sources(2)
        master = BatchRequest((load_receiver("master"),), (self.folder / "out",))
        self.assertTrue(master.receivers[0].rules.cue_points)
        list(run_batch(paths, master, InProcess()))
        with mock.patch(
            "kittiwake.core.batch.request.analyze_as_stated", side_effect=AssertionError
        ):  # not even opened
            self.assertEqual({o.status for o in run_batch(paths, master, InProcess())}, {"kept"})

    def test_what_a_window_made_is_known_to_a_terminal_and_the_reverse(self) -> None:
        paths = self.sources(4)
        clips = []
        for n, path in enumerate(paths, 1):
            clip, facts = Clip(path, path.stem), analyze(path)  # with an id of its own, as a window gives it
            clips.append(PlannedClip(clip, facts, {MENU.slug: fit(clip, facts, MENU)}, n))
        for first, then, out in ((clips, paths, "window"), (paths, clips, "terminal")):
            wish = BatchRequest((MENU,), (self.folder / out,))
            self.assertEqual(self.states(list(run_batch(first, wish, InProcess()))), {"made": 4})
            again = list(run_batch(then, wish, InProcess()))
            self.assertEqual(self.states(again), {"kept": 4})
            self.assertEqual([result.proof for result in again], [None] * 4, "they were not even opened")
        # Other touch-ups are another matter.
        louder = clips[0].clip.changed(touch_up=TouchUp(gain_db=-3))
        other = PlannedClip(louder, clips[0].facts, {MENU.slug: fit(louder, clips[0].facts, MENU)}, 1)
        self.assertEqual(self.states(list(run_batch([other], wish, InProcess()))), {"made": 1})
        self.assertEqual(self.states(list(run_batch(paths, wish, InProcess()))), {"made": 1, "kept": 3})

    def test_clips_that_go_to_some_of_the_receivers_only(self) -> None:
        receivers = tuple(load_receiver(slug) for slug in ("phone-menu", "deck-radio", "hold-music"))
        subsets = [
            [one for n, one in enumerate(receivers) if bits >> n & 1] for bits in (1, 2, 4, 3, 6, 5, 7)
        ]  # every way to choose some of three
        clips = []
        for n, (path, sample) in enumerate(zip(self.sources(len(subsets)), subsets, strict=True), 1):
            clip, facts = Clip(path, path.stem, receivers=tuple(one.slug for one in sample)), analyze(path)
            clips.append(PlannedClip(clip, facts, {one.slug: fit(clip, facts, one) for one in sample}, n))
        wish = BatchRequest(receivers, tuple(self.folder / one.slug for one in receivers))
        results = list(run_batch(clips, wish, InProcess()))
        reported = sorted((result.clip, result.receiver) for result in results if result.good)
        self.assertEqual(
            reported,
            sorted((c.clip.id, one.slug) for c, sample in zip(clips, subsets, strict=True) for one in sample),
        )
        self.assertEqual({fit(clips[0].clip, clips[0].facts, one).verdict for one in receivers[1:]}, {"left_out"})

    def test_of_several_clips_of_one_source_the_altered_one_is_told(self) -> None:
        (path,) = self.sources(1, 3.0)
        facts = analyze(path)
        clips = []
        for n, name in enumerate(("one", "two", "three")):
            clip = Clip(path, name, start=n * 16_000, stop=(n + 1) * 16_000)
            clips.append(PlannedClip(clip, facts, {MENU.slug: fit(clip, facts, MENU)}, n + 1))
        wish = BatchRequest((MENU,), (self.folder / "out",))
        list(run_batch(clips, wish, InProcess()))
        (self.folder / "out" / "two.wav").write_bytes(b"somebody's own")
        again = {result.clip: result for result in run_batch(clips, wish, InProcess())}
        self.assertEqual([again[one.clip.id].altered for one in clips], ["", "two.wav", ""])

    def test_altered_outputs_are_left_and_noticed(self) -> None:
        paths = self.sources(3)
        self.run_all(paths)
        (self.folder / "out/001.wav").write_bytes(b"somebody's own")
        self.assertEqual(self.states(self.run_all(paths)), {"kept": 2, "made": 1})
        self.assertEqual((self.folder / "out/001.wav").read_bytes(), b"somebody's own")
        self.assertTrue((self.folder / "out/001_2.wav").exists())

    def test_two_clips_of_one_name_even_where_case_does_not_count(self) -> None:
        one = self.write("a/Menu.wav", speech_like(16_000, 1, seed=1), 16_000)
        two = self.write("b/MENU.wav", speech_like(16_000, 1, seed=2), 16_000)
        self.run_all([one, two])
        self.assertEqual(sorted(self.bytes_of()), ["MENU_2.wav", "Menu.wav"])
        first = self.bytes_of()
        # The other way round each keeps the name that it has.
        self.assertEqual(self.states(self.run_all([two, one])), {"kept": 2})
        self.assertEqual(self.bytes_of(), first)

    def test_memory_of_a_receiver_is_shared_out_in_order(self) -> None:
        limits = MENU.rules.limits.changed(total_bytes=25_000)
        tight = MENU.changed(rules=MENU.rules.changed(limits=limits))
        found = self.run_all(self.sources(5), tight)
        made = sorted(Path(o.path).stem for o in found if o.good)
        self.assertEqual(made, ["000", "001", "002"])


class TestTwoRuns(RunCase):
    def test_a_folder_holds_one_run(self) -> None:
        paths = self.sources(1)
        with only_run(self.folder / "out"), self.assertRaises(MakeError) as caught:
            self.run_all(paths)
        self.assertIn("Another run", str(caught.exception))
        self.assertEqual(self.states(self.run_all(paths)), {"made": 1})

    def test_a_folder_that_cannot_be(self) -> None:
        (self.folder / "out").write_text("a file")
        with self.assertRaises(MakeError) as caught:
            self.run_all(self.sources(1))
        self.assertIn("cannot be used", str(caught.exception))


class TestKilled(RunCase):
    def test_killed_at_random_moments_it_goes_on_without_half_files_or_double_work(self) -> None:
        paths = self.sources(24, 4.0)
        self.run_all(paths, out="whole")
        whole = self.bytes_of("whole")
        command = make_command(self.folder / "out")
        dice, kills, longest = random.Random(4), 0, 1.6
        for _ in range(40):
            if kills == 5:
                break
            process = subprocess.Popen(
                [*command, *map(str, paths)],
                stdout=subprocess.DEVNULL,
                stderr=subprocess.DEVNULL,
                start_new_session=True,
            )
            time.sleep(dice.uniform(0.3, longest))
            os.killpg(process.pid, signal.SIGKILL)
            if process.wait() == -signal.SIGKILL:
                kills += 1
            else:  # it was over; begun again with less done, and killed sooner
                longest *= 0.8
                shutil.rmtree(self.folder / "out")
            if (self.folder / "out").exists():
                for name, digest in self.bytes_of().items():
                    self.assertEqual(digest, whole[name], name)
        self.assertEqual(kills, 5)
        found = self.states(self.run_all(paths))
        self.assertEqual(found["made"] + found["kept"], 24)
        self.assertEqual(self.bytes_of(), whole)
        self.assertEqual([p for p in (self.folder / "out").iterdir() if p.name.endswith(".part")], [])


class TestOutputStatus(RunCase):
    def test_each_state_is_told_and_orphans_go_only_on_request(self) -> None:
        paths = self.sources(6)
        self.run_all(paths)
        out = self.folder / "out"
        (out / "001.wav").write_bytes(b"altered")
        (out / "002.wav").unlink()
        self.write("in/003.wav", speech_like(16_000, 2), 16_000)
        paths[4].unlink()
        os.utime(paths[5])
        states = {one.entry.clip: one.state for one in output_statuses(out)}
        self.assertEqual(
            states,
            {
                "000": "as made",
                "001": "altered",
                "002": "deleted",
                "003": "source changed",
                "004": "source gone",
                "005": "as made",
            },
        )
        self.assertEqual([path.name for path, _ in remove_orphans(out)], ["004.wav"])
        self.assertFalse((out / "004.wav").exists())

    def test_an_output_is_explained(self) -> None:
        paths = self.sources(1)
        self.run_all(paths)
        found, steps = explain(self.folder / "out/000.wav")
        self.assertEqual((found.entry.source, found.state), (str(paths[0]), "as made"))
        self.assertTrue(any("Resample 16 kHz → 8 kHz" in step for step in steps))
        self.assertIn("soxr", found.entry.versions)
        with self.assertRaises(MakeError):
            explain(self.folder / "out/none.wav")

    def test_a_ledger_of_an_earlier_version_is_read(self) -> None:
        old = {
            "output": "a.wav",
            "sha256": "00",
            "bytes": 1,
            "source": "/s",
            "clip": "a",
            "receiver": "x",
            "fingerprint": "f",
        }
        (self.folder / LEDGER).write_text(
            json.dumps(old) + "\n" + json.dumps({**old, "later": 1, "output": "b.wav"}) + "\n"
        )
        ledger = Ledger(self.folder)
        self.assertEqual([entry.output for entry in ledger], ["a.wav", "b.wav"])
