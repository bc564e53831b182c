"""Several files together: none of them harms the others, and none leaves anything behind."""

from __future__ import annotations

from collections import Counter
from pathlib import Path
from unittest import mock

from kittiwake.core.batch import BatchRequest, stages
from kittiwake.core.batch.request import Chunk
from kittiwake.core.batch.runner import _Batch
from kittiwake.core.batch.stages import make_chunk
from kittiwake.core.errors import MakeError
from kittiwake.core.make import Result
from kittiwake.core.make.staged import StagedOutput
from kittiwake.core.model import load_receiver
from kittiwake.core.process import Processes
from tests.sounds import FolderCase, speech_like


class TestStages(FolderCase):
    def task(self, count: int = 4) -> Chunk:
        paths = [self.write(f"{n}.wav", speech_like(16_000, 1, seed=n), 16_000) for n in range(count)]
        self.out = self.folder / "out"
        self.out.mkdir()
        wish = BatchRequest((load_receiver("phone-menu"),), (self.out,))
        chunks = [chunk for chunk in _Batch(paths, wish, Processes(1), None).chunks() if chunk]
        return Chunk(str(self.folder), wish, tuple(source for chunk in chunks for source in chunk.sources))

    def left(self) -> list[Path]:
        return list(self.out.glob(".kittiwake-*.part"))

    def test_one_that_changes_meanwhile_is_looked_at_again_and_the_others_are_not(self) -> None:
        task = self.task()
        second = task.sources[1].path
        looked: list[Path] = []
        written: list[Path] = []
        analyze, write = BatchRequest.analyze, stages.write

        def looking(wish: BatchRequest, path: Path, **named: object) -> object:
            looked.append(path)
            return analyze(wish, path, **named)  # type: ignore[arg-type]

        def writing(item: stages.OutputPlan, *more: object, **named: object) -> object:
            draft = write(item, *more, **named)  # type: ignore[arg-type]
            if item.clip.source == second and not written:
                written.append(second)
                self.write("1.wav", speech_like(16_000, 2, seed=9), 16_000)
            return draft

        with mock.patch.object(BatchRequest, "analyze", looking), mock.patch.object(stages, "write", writing):
            reported = [result.to_dict() for result in make_chunk(task)]
        self.assertEqual([row["status"] for row in reported], ["made"] * 4)
        self.assertEqual([row["seconds"] for row in reported], [1.0, 2.0, 1.0, 1.0])
        self.assertEqual(sorted(looked), sorted([source.path for source in task.sources] + [second]))
        self.assertEqual(self.left(), [])

    def test_one_that_cannot_be_planned_again_is_lost_alone(self) -> None:
        task = self.task()
        second = task.sources[1].path
        planned, verify, asked = stages.planned, stages.verify, Counter[Path]()

        def planning(path: Path, *more: object) -> object:
            asked[path] += 1
            if asked[path] > 1:
                raise MakeError("Nothing can be made of it any more.")
            return planned(path, *more)  # type: ignore[arg-type]

        def verifying(written: StagedOutput) -> object:
            found = verify(written)
            if written.plan.clip.source != second:
                return found
            assert isinstance(found, StagedOutput)
            found.drop()
            return Result.of(written.plan, "failed", error="It changed.", code="changed")

        with mock.patch.object(stages, "planned", planning), mock.patch.object(stages, "verify", verifying):
            reported = {row["path"]: row for row in (result.to_dict() for result in make_chunk(task))}
        self.assertEqual(Counter(row["status"] for row in reported.values()), {"made": 3, "failed": 1})
        self.assertIn("any more", reported[str(second)]["error"])
        self.assertEqual(self.left(), [])

    def test_what_was_written_goes_when_the_rest_is_ended(self) -> None:
        there: list[int] = []

        def ended(draft: object) -> object:
            there.append(len(self.left()))
            raise KeyboardInterrupt

        with mock.patch.object(stages, "verify", ended), self.assertRaises(KeyboardInterrupt):
            make_chunk(self.task())
        self.assertEqual((there, self.left()), ([4], []))

    def test_only_so_much_sound_waits_between_two_steps(self) -> None:
        task = self.task()
        there: list[int] = []
        verify = stages.verify

        def verifying(written: StagedOutput) -> object:
            there.append(len(self.left()))
            return verify(written)

        for most, wanted in ((stages._HELD, [4, 4, 4, 4]), (0, [1, 2, 3, 4])):
            there.clear()
            with mock.patch.object(stages, "_HELD", most), mock.patch.object(stages, "verify", verifying):
                ready = stages.stage(task)
            self.assertEqual(there, wanted)
            for _, one in ready.outputs:
                assert isinstance(one, StagedOutput)
                one.drop()
