"""Broken records of every room are refused with a sentence, and cost nothing but themselves: some of those of ``./run fuzz``, and all that were bad once."""

from __future__ import annotations

import unittest

from tests.fuzz_records import KINDS, look

#: Each crashed once.
FOUND = (
    171,
    178,
    332,
    3496,
    6218,
    12_477,
    12_561,
    13_072,
    13_107,
    13_961,
    14_117,
    14_231,
    14_661,
    14_768,
    14_994,
    20_912,
)


class TestBrokenRecords(unittest.TestCase):
    def test_none_of_them_crashes_or_reaches_outside(self) -> None:
        numbers = [*FOUND, *range(10 * len(KINDS))]
        found = look(numbers)
        self.assertEqual([f"{number}: {said}" for number, _, _, said in found if said.startswith("BAD")], [])
        kinds = {said for _, _, _, said in found}
        self.assertGreater(len(kinds), 9, kinds)
