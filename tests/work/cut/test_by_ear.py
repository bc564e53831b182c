"""What is done with the lines that were heard."""

from __future__ import annotations

from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.model.span import Cut, Line, Span
from kittiwake.work.cut.by_ear import suggested, take_all, take_one
from kittiwake.work.cut.names import named

LINES = (Line("one", "This is one."), Line("two", "This is two."), Line("three", "This is three."))


def cut_of(*names: str) -> Cut:
    return Cut(tuple(Span(n * 10, n * 10 + 8, name, id=f"s{n}") for n, name in enumerate(names)), LINES)


class TestByEar(TestCase):
    def test_only_what_differs_is_suggested(self) -> None:
        cut = cut_of("one", "three", "")
        sample = suggested(cut, {"s0": 0, "s1": 1, "s2": None, "gone": 2, "s3": 9})
        self.assertEqual({key: line.name for key, line in sample.items()}, {"s1": "two"})

    def test_taking_one_is_as_good_as_typing_it(self) -> None:
        span = take_one(cut_of("one", ""), "s1", LINES[2]).spans[1]
        self.assertEqual((span.name, span.text, span.by_hand), ("three", "This is three.", True))

    def test_the_same_line_in_a_row_becomes_takes_of_which_the_last_is_delivered(self) -> None:
        cut = take_all(cut_of("one", "two", "three"), {"s0": 0, "s1": 0, "s2": 1})
        first, second, third = cut.spans
        self.assertEqual((first.name, first.aside), ("one", True))
        self.assertEqual((second.name, second.aside, second.take_of), ("one", False, "s0"))
        self.assertEqual((third.name, third.aside), ("two", False))

    @given(st.lists(st.one_of(st.none(), st.integers(0, 2)), min_size=1, max_size=8), st.sets(st.integers(0, 7)))
    def test_names_of_a_person_stay_and_no_span_is_lost(self, heard: list[int | None], by_hand: set[int]) -> None:
        plain = cut_of(*["" for _ in heard])
        spans = tuple(
            span.changed(name=f"mine {n}", by_hand=True) if n in by_hand else span
            for n, span in enumerate(plain.spans)
        )
        after = take_all(plain.changed(spans=spans), {f"s{n}": place for n, place in enumerate(heard)})
        after = after.changed(spans=named(after.spans, after.lines))
        self.assertEqual([s.id for s in after.spans], [s.id for s in spans])
        for n, (before, now) in enumerate(zip(spans, after.spans, strict=True)):
            self.assertEqual((before.start, before.stop), (now.start, now.stop))
            place = heard[n]
            if n in by_hand:
                self.assertEqual((now.name, now.aside), (f"mine {n}", False))
            elif place is not None:
                self.assertEqual(now.name, LINES[place].name)
        # Each line that was heard is delivered.
        wanted = {LINES[place].name for n, place in enumerate(heard) if place is not None and n not in by_hand}
        self.assertLessEqual(wanted, {span.name for span in after.spans if not span.aside})
