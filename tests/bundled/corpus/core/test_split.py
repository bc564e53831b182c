"""No speaker on two sides; nothing moves when clips are added; sides are alike."""

from __future__ import annotations

import random
import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.bundled.corpus.core.split import Speaker, shares_of, split
from kittiwake.core.errors import KittiwakeError
from kittiwake.work.deliver.manifest import as_meant, harmless

SPEAKERS = st.lists(
    st.builds(
        Speaker,
        st.text(max_size=6),
        st.floats(0, 1e5),
        st.lists(
            st.sampled_from(("language=de", "language=fr", "gender=f", "gender=m")), max_size=3, unique=True
        ).map(tuple),
    ),
    max_size=30,
    unique_by=lambda one: one.name,
)
SHARES = st.sampled_from(("80/10/10", "1/1/1", "100/0/0", "90/10", "50/25/25")).map(shares_of)


class SplitTest(unittest.TestCase):
    def holds(self, first: list[Speaker], more: list[Speaker], shares: dict[str, float], seed: str) -> None:
        sides = split(first, shares, seed)
        self.assertEqual({one.name for one in first}, set(sides))
        self.assertTrue(set(sides.values()) <= set(shares))
        self.assertEqual(sides, split(reversed(first), shares, seed), "the order of rows is no matter")
        names = {one.name for one in first}
        every = [*first, *(one for one in more if one.name not in names)]
        after = split(every, shares, seed, sides)
        self.assertEqual(sides, {name: after[name] for name in sides})

    @settings(max_examples=40, deadline=None)
    @given(SPEAKERS, SPEAKERS, SHARES, st.text(max_size=4))
    def test_one_side_each_whatever_the_names(
        self, first: list[Speaker], more: list[Speaker], shares: dict[str, float], seed: str
    ) -> None:
        self.holds(first, more, shares, seed)

    def test_one_side_each_in_a_thousand_corpora_and_what_is_added_moves_nobody(self) -> None:
        dice = random.Random(17)
        for n in range(1000):
            speakers = [
                Speaker(
                    f"s{k}",
                    dice.expovariate(1 / 600),
                    (f"language={dice.choice('abc')}", f"gender={dice.choice('fm')}"),
                )
                for k in range(dice.randrange(1, 14))
            ]
            cut = dice.randrange(len(speakers) + 1)
            self.holds(speakers[:cut], speakers[cut:], shares_of(dice.choice(("80/10/10", "1/1/1", "90/10"))), str(n))

    def test_sides_are_alike_in_length_language_and_traits(self) -> None:
        speakers = [
            Speaker(f"s{n}", 100 + 7 * (n % 40), (f"language={('de', 'fr', 'en')[n % 3]}", f"gender={'fm'[n % 2]}"))
            for n in range(600)
        ]
        shares = shares_of("80/10/10")
        for seed in ("1", "harbour"):
            sides = split(speakers, shares, seed)
            for kind in ("", "language=de", "language=fr", "gender=f", "gender=m"):
                of_kind = [one for one in speakers if not kind or kind in one.kinds]
                whole = sum(one.seconds for one in of_kind)
                for side, share in shares.items():
                    got = sum(one.seconds for one in of_kind if sides[one.name] == side) / whole
                    self.assertAlmostEqual(got, share, delta=0.01, msg=f"{seed} {kind} {side}")

    def test_another_seed_makes_another_split(self) -> None:
        speakers = [Speaker(f"s{n}", 100.0) for n in range(50)]
        shares = shares_of("80/10/10")
        self.assertNotEqual(split(speakers, shares, "1"), split(speakers, shares, "2"))

    def test_names_that_a_spreadsheet_would_work_out_come_back_as_they_were(self) -> None:
        for name in ("=x", "-5", "@a", "'", "ida", ""):
            self.assertEqual(name, as_meant(str(harmless(name))))

    def test_what_is_no_split_is_told(self) -> None:
        for text in ("", "a/b", "-1/2", "0/0", "1/1/1/1", "nan/1", "inf/1"):
            with self.subTest(text), self.assertRaises(KittiwakeError):
                shares_of(text)
