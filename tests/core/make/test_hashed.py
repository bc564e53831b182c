"""Sets and tables of hashes hold what Python's own would."""

from __future__ import annotations

import unittest

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.make.hashed import HashSet, HashTable, hash_of

KEYS = st.integers(1, 2**64 - 1) | st.integers(1, 40).map(lambda n: n << 20)  # many at one place, too


class TestHashed(unittest.TestCase):
    @given(st.lists(KEYS), st.lists(KEYS))
    def test_a_set_holds_what_was_added_and_nothing_else(self, added: list[int], others: list[int]) -> None:
        mine = HashSet()
        new = [mine.add(key) for key in added]
        self.assertEqual(new, [key not in added[:n] for n, key in enumerate(added)])
        self.assertEqual([key in mine for key in added + others], [key in set(added) for key in added + others])
        self.assertEqual(len(mine), len(set(added)))

    @given(st.lists(st.tuples(KEYS, st.integers(0, 2**64 - 1))), KEYS)
    def test_a_table_holds_the_last_number_of_each(self, pairs: list[tuple[int, int]], other: int) -> None:
        mine, wanted = HashTable(), dict(pairs)
        for key, value in pairs:
            mine.set(key, value)
        self.assertEqual({key: mine.get(key) for key in wanted}, wanted)
        self.assertEqual(sorted(mine.values()), sorted(wanted.values()))
        self.assertEqual(mine.get(other), wanted.get(other))

    def test_they_grow(self) -> None:
        mine = HashTable()
        for n in range(20_000):
            mine.set(hash_of(f"{n}"), n)
        self.assertEqual([mine.get(hash_of(f"{n}")) for n in range(20_000)], list(range(20_000)))
        self.assertIsNone(mine.get(hash_of("20000")))
        self.assertEqual(sorted(mine.values()), list(range(20_000)))
