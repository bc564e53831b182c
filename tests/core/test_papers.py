"""A few hundred broken jobs, ledgers, receivers and names; ``./run fuzz`` tries a hundred thousand."""

from __future__ import annotations

import unittest

from tests.fuzz_papers import look


class TestPapers(unittest.TestCase):
    def test_a_sentence_each_and_nothing_leaves_its_folder(self) -> None:
        for number, taken, grown, said in look(list(range(800))):
            self.assertFalse(said.startswith("BAD"), f"{number}: {said}")
            self.assertLess(taken, 5, number)
            self.assertLess(grown, 500, number)
