"""Several files together: none of them harms the others, and none leaves anything behind."""

from __future__ import annotations

from collections import Counter
from pathlib import Path
from unittest import mock

from kittiwake.core.errors import MakeError
from kittiwake.core.make import Made, Wish, handful
from kittiwake.core.make.run import _do, _Run
from kittiwake.core.make.wish import Task
from kittiwake.core.model import load_receiver
from tests.sounds import FolderCase, speech_like


class TestHandful(FolderCase):
    def task(self, count: int = 4) -> Task:
        paths = [self.write(f"{n}.wav", speech_like(16_000, 1, seed=n), 16_000) for n in range(count)]
        self.out = self.folder / "out"
        self.out.mkdir()
        wish = Wish((load_receiver("phone-menu"),), (self.out,))
        tasks = [task for task in _Run(paths, wish, 1, None)._tasks() if task]
        return Task(wish, tasks[0].orders, tuple(file for task in tasks for file in task.files))

    def left(self) -> list[Path]:
        return list(self.out.glob(".kittiwake-*.part"))

    def test_one_that_changes_meanwhile_is_looked_at_again_and_the_others_are_not(self) -> None:
        task = self.task()
        second = task.files[1][0]
        looked: list[Path] = []
        written: list[Path] = []
        look_at, write = Wish.look_at, handful.write

        def looking(wish: Wish, path: Path, **named: object) -> object:
            looked.append(path)
            return look_at(wish, path, **named)  # type: ignore[arg-type]

        def writing(item: handful.WorkItem, *more: object, **named: object) -> object:
            draft = write(item, *more, **named)  # type: ignore[arg-type]
            if item.clip.source == second and not written:
                written.append(second)
                self.write("1.wav", speech_like(16_000, 2, seed=9), 16_000)
            return draft

        with mock.patch.object(Wish, "look_at", looking), mock.patch.object(handful, "write", writing):
            told = [outcome.told for outcome in _do(task)]
        self.assertEqual([row["status"] for row in told], ["made"] * 4)
        self.assertEqual([row["seconds"] for row in told], [1.0, 2.0, 1.0, 1.0])
        self.assertEqual(sorted(looked), sorted([path for path, _ in task.files] + [second]))
        self.assertEqual(self.left(), [])

    def test_one_that_cannot_be_planned_again_is_lost_alone(self) -> None:
        task = self.task()
        second = task.files[1][0]
        planned, settle, asked = handful.planned, handful.settle, Counter[Path]()

        def planning(path: Path, *more: object) -> object:
            asked[path] += 1
            if asked[path] > 1:
                raise MakeError("Nothing can be made of it any more.")
            return planned(path, *more)  # type: ignore[arg-type]

        def settling(draft: handful.Draft) -> object:
            prepared = settle(draft)
            if draft.item.clip.source != second:
                return prepared
            assert prepared.part
            prepared.part.unlink()
            return handful.Prepared(Made(draft.item, "failed", error="It changed.", code="changed"))

        with mock.patch.object(handful, "planned", planning), mock.patch.object(handful, "settle", settling):
            told = {row["path"]: row for row in (outcome.told for outcome in _do(task))}
        self.assertEqual(Counter(row["status"] for row in told.values()), {"made": 3, "failed": 1})
        self.assertIn("any more", told[str(second)]["error"])
        self.assertEqual(self.left(), [])

    def test_what_was_written_goes_when_the_rest_is_ended(self) -> None:
        there: list[int] = []

        def ended(draft: object) -> object:
            there.append(len(self.left()))
            raise KeyboardInterrupt

        with mock.patch.object(handful, "settle", ended), self.assertRaises(KeyboardInterrupt):
            _do(self.task())
        self.assertEqual((there, self.left()), ([4], []))

    def test_only_so_much_sound_waits_between_two_steps(self) -> None:
        task = self.task()
        there: list[int] = []
        settle = handful.settle

        def settling(draft: handful.Draft) -> object:
            there.append(len(self.left()))
            return settle(draft)

        for most, wanted in ((handful._HELD, [4, 4, 4, 4]), (0, [1, 2, 3, 4])):
            there.clear()
            with mock.patch.object(handful, "_HELD", most), mock.patch.object(handful, "settle", settling):
                ready = handful.prepare_all(task)
            self.assertEqual(there, wanted)
            for _, prepared, _ in ready.outputs:
                assert prepared.part
                prepared.part.unlink()
