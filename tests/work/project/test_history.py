"""Undo and redo without a window: any steps taken back in any order give the very jobs that were there."""

from __future__ import annotations

import unittest

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.model import Job
from kittiwake.work.project import History


def renamed(before: Job, after: Job) -> str:
    return f"{before.name} to {after.name}"


class TestHistory(unittest.TestCase):
    def setUp(self) -> None:
        self.job = Job()
        self.history = History(self._show)

    def _show(self, job: Job) -> None:
        self.job = job

    def do(self, name: str, joined: bool = False) -> None:
        self.history.push(f"naming {name}", self.job, self.job.changed(name=name), renamed if joined else None)

    def test_steps_that_belong_together_are_one(self) -> None:
        self.do("a")
        self.do("b", joined=True)
        self.do("c", joined=True)
        self.assertEqual((len(self.history), self.history.undo_text), (2, "a to c"))
        self.history.undo()
        self.assertEqual(self.job.name, "a")
        self.history.redo()
        self.assertEqual(self.job.name, "c")

    def test_what_was_saved_stays_a_step_of_its_own(self) -> None:
        self.do("a", joined=True)
        self.history.mark_clean()
        self.do("b", joined=True)
        self.assertEqual(len(self.history), 2)
        self.history.undo()
        self.assertTrue(self.history.is_clean)

    def test_an_amendment_is_undone_with_its_step_unless_that_was_saved(self) -> None:
        self.do("a")
        self.history.amend("as before", self.job, self.job.changed(output="/out"))
        self.assertEqual((len(self.history), self.job.output), (1, "/out"))
        self.history.mark_clean()
        self.history.amend("as before", self.job, self.job.changed(output="/other"))
        self.assertEqual((len(self.history), self.history.is_clean), (2, False))
        self.history.undo()
        self.history.undo()
        self.assertEqual((self.job.name, self.job.output), (Job().name, ""))
        self.history.amend("after an undo", self.job, self.job.changed(output="/new"))
        self.assertFalse(self.history.can_redo)

    def test_a_saved_job_that_cannot_be_reached_any_more_is_not_clean(self) -> None:
        self.do("a")
        self.do("b")
        self.history.mark_clean()
        self.history.undo()
        self.do("c")
        self.history.undo()
        self.history.redo()
        self.assertFalse(self.history.is_clean)
        self.history.mark_unsaved()
        while self.history.can_undo:
            self.history.undo()
            self.assertFalse(self.history.is_clean)

    @given(st.lists(st.sampled_from(["do", "undo", "redo", "save"]), max_size=40))
    def test_it_is_a_list_of_jobs_with_a_place_in_it(self, moves: list[str]) -> None:
        self.setUp()
        jobs, at, saved = [self.job], 0, 0
        for n, move in enumerate(moves):
            if move == "do":
                saved = -1 if saved > at else saved
                self.do(str(n))
                jobs, at = [*jobs[: at + 1], self.job], at + 1
            elif move == "undo":
                self.history.undo()
                at = max(0, at - 1)
            elif move == "redo":
                self.history.redo()
                at = min(len(jobs) - 1, at + 1)
            else:
                self.history.mark_clean()
                saved = at
            self.assertIs(self.job, jobs[at])
            self.assertEqual((self.history.can_undo, self.history.can_redo), (at > 0, at < len(jobs) - 1))
            self.assertEqual(self.history.is_clean, at == saved)


if __name__ == "__main__":
    unittest.main()
