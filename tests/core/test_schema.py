"""Foreign data against declared types: what is right comes through, everything that is wrong is said with its place."""

from __future__ import annotations

import json
import unittest
from collections.abc import Mapping
from dataclasses import field
from typing import Annotated, Any, Literal

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core import schema
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model import Clip, TouchUp
from kittiwake.core.model.script import ScriptLine
from kittiwake.core.model.span import Span
from kittiwake.core.schema import Document, Limited, Meets, SchemaError, Text, Written, read
from kittiwake.plain_data import dataclass


@dataclass(frozen=True, slots=True)
class Inner:
    rate: Annotated[int, Limited(ge=8000, le=48_000)]
    side: Literal["left", "right"] = "left"


@dataclass(frozen=True, slots=True)
class Outer:
    name: Annotated[Text, Limited(min_length=1, max_length=5)]
    inner: Inner | None = None
    all: tuple[Inner, ...] = ()
    pair: tuple[float, float] = (0.0, 1.0)
    named: Mapping[str, Inner] = field(default_factory=dict)
    even: Annotated[int, Meets(lambda n: n % 2 == 0, "an even number")] = 0
    size: Annotated[int, Written(lambda value: int(value))] = 0
    yes: bool = False


def faults_of(data: Any, kind: Any = Outer, **more: Any) -> list[str]:
    try:
        read(kind, data, **more)
    except SchemaError as error:
        return [one.described() for one in error.faults]
    return []


class TestReading(unittest.TestCase):
    def test_what_is_right_comes_through_and_goes_back(self) -> None:
        data = {
            "name": "abc", "inner": {"rate": 8000}, "all": [{"rate": 9000, "side": "right"}], "pair": [1, 2.5], "named": {"x": {"rate": 48_000}},
            "even": 4, "size": "12", "yes": True,
        }  # fmt: skip
        found = read(Outer, data)
        self.assertEqual(found.all, (Inner(9000, "right"),))
        self.assertEqual((found.inner, found.pair, found.size), (Inner(8000), (1, 2.5), 12))
        self.assertEqual(schema.plain(found), {**data, "size": 12})
        self.assertEqual(read(Outer, json.loads(json.dumps(schema.plain(found)))), found)

    def test_every_fault_is_said_with_its_place(self) -> None:
        self.assertEqual(
            faults_of({"name": "abcdef", "inner": {"rate": 7999, "sied": 1}, "all": [{"rate": 8000}, {"rate": "8000"}], "pair": [1], "named": {"x": 3}, "even": 3, "yes": 1}),
            [
                "name = 'abcdef': a text of at most 5 characters is wanted",
                "inner.rate = 7999: a whole number from 8000 to 48000 is wanted",
                "inner.sied: there is no such field; did you mean side?",
                "all.2.rate = '8000': a whole number from 8000 to 48000, without quotes, is wanted",
                "pair = [1]: a list of 2 values is wanted",
                "named.x = 3: a table is wanted",
                "even = 3: an even number is wanted",
                "yes = 1: true or false is wanted",
            ],
        )  # fmt: skip
        self.assertEqual(faults_of({}), ["name: it has to be given"])
        self.assertEqual(faults_of([]), ["[]: a table is wanted"])
        self.assertEqual(
            faults_of({"name": "a", "inner": {"rate": 8000, "side": "lefd"}}),
            ["inner.side = 'lefd': left or right is wanted; did you mean left?"],
        )
        self.assertIn("invalid literal", faults_of({"name": "a", "size": "x"})[0])

    def test_numbers_that_are_none(self) -> None:
        for value in (True, "3", None, float("nan"), float("inf"), -float("inf"), 10**400, [1]):
            self.assertEqual(len(faults_of(value, float)), 1, value)
        for value in (0, 1, -2.5):
            self.assertEqual(faults_of(value, float), [])
        self.assertEqual(len(faults_of(2.0, int)), 1)

    def test_letters_that_nothing_can_save_are_refused_and_single_bytes_are_not(self) -> None:
        self.assertEqual(faults_of("\udcff", schema.Text), [])
        self.assertEqual(len(faults_of("\ud834", schema.Text)), 1)
        self.assertEqual(len(faults_of("a\0", schema.PathText)), 1)
        self.assertEqual(len(faults_of("", schema.PathText)), 1)

    def test_fields_of_a_later_version_are_a_fault_only_where_that_is_wanted(self) -> None:
        later = {"name": "a", "inner": {"rate": 8000, "later": 3}, "later": 1}
        self.assertEqual(len(faults_of(later)), 2)
        self.assertEqual(faults_of(later, strict=False), [])
        self.assertEqual(schema.unknown_in(Outer, later), {"later": 1})

    def test_one_field_and_its_bounds(self) -> None:
        self.assertEqual(schema.read_field(Inner, "rate", 8000), 8000)
        with self.assertRaisesRegex(SchemaError, "rate = 1"):
            schema.read_field(Inner, "rate", 1)
        self.assertEqual(schema.bounds_of(Inner, "rate"), (8000, 48_000))
        self.assertIsNone(schema.bounds_of(Inner, "side"))
        self.assertEqual(schema.choices_of(Inner, "side"), ("left", "right"))

    def test_a_document_says_it_in_its_own_words(self) -> None:
        document = Document(KittiwakeError, "In the list", "Mend it.", "list")
        with self.assertRaises(KittiwakeError) as caught:
            document.read(Outer, {}, "an entry")
        self.assertEqual(str(caught.exception), "In the list, name of an entry: it has to be given. Mend it.")
        self.assertEqual(caught.exception.code, "list")

    def test_all_that_a_job_holds_goes_there_and_back(self) -> None:
        touch = TouchUp(
            true_rate=8000, side="ch3", gain_db=-3.5, keep=5, without=((1, 2),), more=(("hum", 2.0),), loop=0.0
        )
        self.assertEqual(TouchUp.from_dict(json.loads(json.dumps(touch.to_dict()))), touch)
        for one in (
            Span(1, 5, held=("start",), aside=True),
            ScriptLine("n", speed=1.5, receivers=("a",), taken=True),
        ):
            self.assertEqual(type(one).from_dict(json.loads(json.dumps(one.to_dict()))), one)


VALUES = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=5),
    lambda inner: (
        st.lists(inner, max_size=3)
        | st.dictionaries(st.sampled_from(["id", "name", "start", "at", "rights", "x"]), inner, max_size=3)
    ),
    max_leaves=6,
)


class TestAnything(unittest.TestCase):
    @given(
        st.dictionaries(
            st.sampled_from(["id", "name", "start", "stop", "touch_up", "at", "rights", "receivers", "text"]),
            VALUES,
            max_size=6,
        )
    )
    def test_a_clip_or_a_sentence(self, data: dict[str, Any]) -> None:
        from pathlib import Path

        try:
            clip = Clip.from_dict(data, Path("/x"))
        except KittiwakeError as error:
            self.assertRegex(str(error), r"^In the job file, .*\. Open")
            return
        self.assertEqual(Clip.from_dict(clip.to_dict(), Path("/x")), clip)
