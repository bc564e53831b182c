"""One thing keeps one file: whatever a clip is called by now, wherever its sound lies and whatever it says, what was made of it is replaced; what
cannot be replaced is told; and what was made of a source that changed meanwhile is not made.
"""

from __future__ import annotations

import os
import shutil
import threading
import time
from pathlib import Path
from typing import Any
from unittest import mock

import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.batch.request import BatchRequest, PlannedClip
from kittiwake.core.batch.runner import run_batch
from kittiwake.core.errors import MakeError
from kittiwake.core.fit import fit
from kittiwake.core.make.ledger import Ledger
from kittiwake.core.make.output import OutputPlan, Result
from kittiwake.core.make.staged import commit, verify, write
from kittiwake.core.make.status import output_statuses
from kittiwake.core.measure import analyze
from kittiwake.core.measure.analyze import same_stamp, source_stamp
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.process import InProcess
from tests.sounds import FolderCase, speech_like

MENU = load_receiver("phone-menu")


class IdentityCase(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.out = self.folder / "out"
        self.sounds: dict[int, Path] = {}

    def sound(self, seed: int) -> Path:
        """A source; the same one for the same number."""
        if seed not in self.sounds:
            self.sounds[seed] = self.folder / "in" / f"take {seed}.wav"
            self.sounds[seed].parent.mkdir(exist_ok=True)
            soundfile.write(self.sounds[seed], speech_like(8000, 0.3, seed=seed), 8000, subtype="PCM_16")
        return self.sounds[seed]

    def clip(self, own: str, name: str, seed: int) -> Clip:
        return Clip(self.sound(seed), name, id=own)

    def make(self, *clips: Clip, receiver: Any = MENU) -> list[Result]:
        items = []
        for place, clip in enumerate(clips, 1):
            facts = analyze(clip.source)
            items.append(PlannedClip(clip, facts, {receiver.slug: fit(clip, facts, receiver)}, place))
        found = list(run_batch(items, BatchRequest((receiver,), (self.out,)), InProcess(), others={"1", "2", "3"}))
        self.assertEqual([one.error for one in found if not one.good], [])
        return found

    def lying(self) -> list[str]:
        return sorted(path.name for path in self.out.iterdir() if not path.name.startswith("."))

    def sources(self) -> dict[str, str]:
        """Which sound each output is made from, and that it is as it was made."""
        found = list(output_statuses(self.out, verify=True))
        self.assertEqual({one.state for one in found}, {"as made"})
        return {one.entry.output: Path(one.entry.source).stem for one in found}


class TestClips(IdentityCase):
    def test_another_name_another_sound_and_both(self) -> None:
        self.make(self.clip("1", "welcome", 1))
        for name, seed in (("welcome", 2), ("greeting", 2), ("opening", 3), ("welcome", 3)):
            with self.subTest(name, seed=seed):
                self.make(self.clip("1", name, seed))
                self.assertEqual(self.sources(), {f"{name}.wav": f"take {seed}"})
                self.assertEqual(self.lying(), [f"{name}.wav"])

    def test_names_that_are_swapped_or_move_on_by_one(self) -> None:
        self.make(self.clip("1", "a", 1), self.clip("2", "b", 2), self.clip("3", "c", 3))
        self.make(self.clip("1", "b", 1), self.clip("2", "a", 2), self.clip("3", "c", 3))
        self.assertEqual(self.sources(), {"a.wav": "take 2", "b.wav": "take 1", "c.wav": "take 3"})
        self.make(self.clip("1", "c", 1), self.clip("2", "b", 2), self.clip("3", "d", 3))
        self.assertEqual(self.sources(), {"b.wav": "take 2", "c.wav": "take 1", "d.wav": "take 3"})
        self.assertEqual(self.lying(), ["b.wav", "c.wav", "d.wav"])

    def test_another_format_takes_the_place_of_the_one_before(self) -> None:
        self.make(self.clip("1", "a", 1))
        raw = MENU.changed(rules=load_receiver("phone-menu-linear").rules)
        self.make(self.clip("1", "a", 1), receiver=raw)
        self.assertEqual(len(self.lying()), 1)
        self.assertNotEqual(self.lying(), ["a.wav"])

    def test_an_output_that_somebody_altered_is_never_taken_away(self) -> None:
        self.make(self.clip("1", "a", 1))
        (self.out / "a.wav").write_bytes(b"somebody's own by now")
        self.make(self.clip("1", "b", 1))
        self.assertEqual(self.lying(), ["a.wav", "b.wav"])

    def test_two_clips_of_one_name_stay_two(self) -> None:
        self.make(self.clip("1", "a", 1), self.clip("2", "a", 2))
        self.make(self.clip("2", "a", 2), self.clip("1", "a", 3))
        self.assertEqual(self.sources(), {"a.wav": "take 3", "a_2.wav": "take 2"})

    @settings(max_examples=25)
    @given(st.data())
    def test_what_lies_there_is_what_the_clips_are(self, data: st.DataObject) -> None:
        """Random names and sounds of three clips, some of them made at a time: one file each, of the sound it has."""
        shutil.rmtree(self.out, ignore_errors=True)
        made: dict[str, Clip] = {}
        for _ in range(data.draw(st.integers(1, 5))):
            clips = [
                self.clip(own, data.draw(st.sampled_from(["a", "b", "c"])), data.draw(st.integers(1, 4)))
                for own in ("1", "2", "3")
            ]
            chosen = [clip for clip in clips if data.draw(st.booleans())]
            if chosen:
                self.make(*chosen)
                made |= {clip.id: clip for clip in chosen}
        if made:
            found = {one.entry.id: Path(one.entry.source) for one in output_statuses(self.out, verify=True)}
            self.assertEqual(found, {own: clip.source for own, clip in made.items()})
            self.assertEqual(len(self.lying()), len(made))


class TestFiles(IdentityCase):
    def run_on(self, *paths: Path) -> list[Result]:
        found = list(run_batch(list(paths), BatchRequest((MENU,), (self.out,)), InProcess()))
        self.assertEqual([one.error for one in found if not one.good], [])
        return found

    def test_a_folder_that_was_moved_or_copied_makes_nothing_twice(self) -> None:
        self.run_on(self.sound(1), self.sound(2))
        for move in (Path.rename, shutil.copytree):
            with self.subTest(move.__name__):
                before = self.sound(1).parent
                there = self.folder / f"elsewhere {move.__name__}"
                move(before, there)  # type: ignore[operator]
                self.run_on(*sorted(there.iterdir()))
                self.assertEqual(self.lying(), ["take_1.wav", "take_2.wav"])
                self.assertTrue(all(Path(one.entry.source).parent == there for one in output_statuses(self.out)))
                self.assertEqual({one.status for one in self.run_on(*sorted(there.iterdir()))}, {"kept"})
                self.sounds = {1: there / "take 1.wav"}

    def test_another_file_of_the_same_name_is_another(self) -> None:
        self.run_on(self.sound(1))
        other = self.folder / "other" / "take 1.wav"
        other.parent.mkdir()
        shutil.copy(self.sound(2), other)
        self.run_on(other)
        self.assertEqual(self.lying(), ["take_1.wav", "take_1_2.wav"])


class TestReplacing(IdentityCase):
    def staged(self, clip: Clip) -> Any:
        facts = analyze(clip.source)
        ledger = Ledger(self.out)
        plan = OutputPlan(clip, facts, fit(clip, facts, MENU), MENU, self.out / f"{clip.name}.wav")
        return verify(write(plan, ledger.get(plan.output.name))), ledger

    def test_a_replacement_that_fails_leaves_the_old_one_and_is_made_up_for(self) -> None:
        self.make(self.clip("1", "a", 1))
        old = (self.out / "a.wav").read_bytes()
        staged, ledger = self.staged(self.clip("1", "a", 2))
        with mock.patch("kittiwake.core.make.staged.put_in_place", side_effect=MakeError("no", "", "no_place")):
            (result,) = commit([staged], ledger)
        self.assertEqual((result.status, (self.out / "a.wav").read_bytes()), ("failed", old))
        self.assertEqual([one.state for one in output_statuses(self.out)], ["older"])
        self.make(self.clip("1", "a", 2))
        self.assertEqual(self.sources(), {"a.wav": "take 2"})

    def test_killed_between_its_line_and_its_name(self) -> None:
        """As often as it takes: what lies there may be one that was made several lines ago."""
        self.make(self.clip("1", "a", 1))
        for seed in (2, 3):
            staged, ledger = self.staged(self.clip("1", "a", seed))
            ledger.add(staged.entry)
            staged.drop()
        self.make(self.clip("1", "a", 4))
        self.assertEqual(self.sources(), {"a.wav": "take 4"})
        self.assertEqual(self.lying(), ["a.wav"])


class TestOneStateOfItsSource(IdentityCase):
    def long(self, seed: int) -> Path:
        path = self.folder / f"long {seed}.wav"
        soundfile.write(path, speech_like(44100, 4.0, seed=seed), 44100, subtype="PCM_16")
        return path

    def rewritten(self, path: Path, other: Path, part: slice) -> None:
        """Some of its bytes in place, as ``dd conv=notrunc`` does it, with the time it had."""
        found = path.stat()
        data = other.read_bytes()[part]
        with path.open("rb+") as file:
            file.seek(part.start)
            file.write(data)
        os.utime(path, ns=(found.st_atime_ns, found.st_mtime_ns))

    def test_between_looking_and_making(self) -> None:
        path, other = self.long(1), self.long(2)
        clip, facts = Clip(path, "a"), analyze(path)
        self.rewritten(path, other, slice(1000, 100_000))
        self.assertNotEqual(facts.stamp, source_stamp(path))
        plan = OutputPlan(clip, facts, fit(clip, facts, MENU), MENU, self.out / "a.wav")
        result = verify(write(plan, None))
        assert isinstance(result, Result)
        self.assertEqual((result.status, result.code), ("failed", "changed"))

    def test_while_it_is_made(self) -> None:
        """At several moments of a run: the output is of the one state or of the other, or it is not made."""
        other = self.long(2)
        for wait in (0.0, 0.02, 0.05, 0.1, 0.15):
            shutil.rmtree(self.out, ignore_errors=True)
            path = self.long(1)
            thread = threading.Timer(wait, self.rewritten, (path, other, slice(1000, 300_000)))
            thread.start()
            found = list(run_batch([path], BatchRequest((MENU,), (self.out,)), InProcess()))
            thread.join()
            if not found[0].good:
                continue
            before = (self.out / "long_1.wav").read_bytes()
            states = []
            for rewritten in (False, True):
                fresh = self.long(1)
                if rewritten:
                    self.rewritten(fresh, other, slice(1000, 300_000))
                shutil.rmtree(self.out)
                list(run_batch([fresh], BatchRequest((MENU,), (self.out,)), InProcess()))
                states.append((self.out / "long_1.wav").read_bytes())
            self.assertIn(before, states)

    def test_a_take_replaced_at_the_same_size_and_time_is_noticed(self) -> None:
        clip = self.clip("1", "a", 1)
        self.make(clip)
        found = clip.source.stat()
        soundfile.write(clip.source, speech_like(8000, 0.3, seed=9), 8000, subtype="PCM_16")
        os.utime(clip.source, ns=(found.st_atime_ns, found.st_mtime_ns))
        self.assertEqual([one.state for one in output_statuses(self.out)], ["source changed"])
        self.assertEqual([one.state for one in output_statuses(self.out, verify=True)], ["source changed"])
        self.assertEqual([one.status for one in self.make(clip)], ["made"])
        # Touched, it is still the same.
        time.sleep(0.01)
        os.utime(clip.source)
        self.assertEqual([one.state for one in output_statuses(self.out)], ["as made"])

    def test_stamps_of_before(self) -> None:
        self.assertTrue(same_stamp("1:2", "1:2:3"))
        self.assertFalse(same_stamp("1:2", "1:3:3"))
        self.assertFalse(same_stamp("1:2:3", "1:2:4"))
        self.assertFalse(same_stamp("", "1:2:4"))
        self.assertTrue(np.isfinite(float(source_stamp(self.sound(1)).split(":")[2])))
