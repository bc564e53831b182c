"""The one step that a button offers wherever somebody is."""

from __future__ import annotations

from collections import Counter
from pathlib import Path

from kittiwake.core.model import Clip, Job, load_receiver
from kittiwake.work.project import Project
from kittiwake.work.project.next_step import NextStep, Step, next_step
from kittiwake.work.project.remembered import Remembered
from tests.sounds import FolderCase

PHONE, BEACON = "phone-menu", "quay-beacon"


class TestNextStep(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.project = Project(Remembered(self.folder / "none.json"))

    def step(self, tried: bool = True, **of: Counter[str]) -> NextStep:
        """With so many cells of each receiver, named with an underscore, in each state."""
        by_slug = {slug.replace("_", "-"): counts for slug, counts in of.items()}
        every = sum(by_slug.values(), Counter())
        return next_step(self.project, every, lambda slug: by_slug.get(slug, Counter()), lambda _: tried)

    def board(self, *slugs: str) -> None:
        self.project.job = Job(clips=(Clip.whole(Path("a.wav")),), receivers=slugs)
        self.project.receivers = [load_receiver(slug) for slug in slugs]

    def test_from_nothing_to_the_last(self) -> None:
        self.project.job = Job()
        self.assertEqual(self.step().step, Step.ADD)
        self.board()
        self.assertEqual(self.step().step, Step.CHOOSE_RECEIVERS)
        self.board(PHONE, BEACON)
        self.assertEqual(self.step(), NextStep(Step.NOTHING))
        both = {
            "phone_menu": Counter(convert=2, decide=3, stale=1),
            "quay_beacon": Counter(as_is=1, failed=1, made=9),
        }
        self.assertEqual(self.step(**both), NextStep(Step.MAKE, 5))
        undecided = {"phone_menu": Counter(decide=3, made=2), "quay_beacon": Counter(made=9)}
        self.assertEqual(self.step(**undecided), NextStep(Step.DECIDE, 3))
        made = {"phone_menu": Counter(made=2, delivered=1, cannot=4), "quay_beacon": Counter(older=9)}
        found = self.step(**made)
        self.assertEqual(
            (found.step, found.count, found.receiver and found.receiver.slug), (Step.HAND_OVER, 2, PHONE)
        )
        there = {"phone_menu": Counter(delivered=3), "quay_beacon": Counter(older=8, made=1)}
        found = self.step(**there)
        self.assertEqual(
            (found.step, found.count, found.receiver and found.receiver.slug), (Step.HAND_OVER, 9, BEACON)
        )
        all_there = {"phone_menu": Counter(delivered=3), "quay_beacon": Counter(delivered=9)}
        self.assertEqual(self.step(**all_there).step, Step.TRY)
        self.assertEqual(self.step(tried=False, **all_there), NextStep(Step.NOTHING))

    def test_what_cannot_be_made_or_is_not_meant_for_anybody_is_no_step(self) -> None:
        self.board(PHONE)
        self.assertEqual(self.step(phone_menu=Counter(cannot=2, left_out=3)), NextStep(Step.NOTHING))
