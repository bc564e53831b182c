"""Data classes whose methods come late behave as those of the standard library, which makes them at once."""

from __future__ import annotations

import copy
import dataclasses
import pickle
import unittest
from collections.abc import Mapping
from dataclasses import field
from typing import Any, ClassVar

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.plain_data import _FEW
from kittiwake.plain_data import dataclass as ours

KINDS: tuple[dict[str, bool], ...] = (
    {},
    {"frozen": True},
    {"slots": True},
    {"frozen": True, "slots": True},
    {"frozen": True, "slots": True, "kw_only": True},
)


def fleet(make: Any, **options: bool) -> Any:
    """A class and one that inherits from it, decorated by ``make``."""

    @make(**options)
    class Boat:
        name: str
        deck: int = 1
        logs: list[str] = field(default_factory=list, hash=False)
        reported: str = field(default="", repr=False, compare=False)
        most: ClassVar[int] = 9

        def __post_init__(self) -> None:
            if self.deck > self.most:
                raise ValueError("too many decks")

        def named(self) -> str:
            return f"{self.name}/{self.deck}"

    @make(**options)
    class Ferry(Boat):
        cars: Mapping[str, int] = field(default_factory=dict, hash=False)

        def __repr__(self) -> str:
            return "a ferry"

    return Boat, Ferry


FLEETS = [(options, fleet(ours, **options), fleet(dataclasses.dataclass, **options)) for options in KINDS]


@ours(frozen=True, slots=True)
class Pier:
    name: str
    berths: tuple[int, ...] = ()


class TestPlainData(unittest.TestCase):
    def both(self) -> Any:
        for options, mine, theirs in FLEETS:
            yield mine, theirs, options

    @given(st.text(max_size=3), st.integers(0, 9), st.text(max_size=2))
    def test_fields_words_equality_and_hash(self, name: str, deck: int, expected: str) -> None:
        for (boat, ferry), (other_boat, other_ferry), _ in self.both():
            given = {"name": name, "deck": deck, "reported": expected}
            one, other = boat(**given), other_boat(**given)
            self.assertEqual(repr(one).rpartition(".")[2], repr(other).rpartition(".")[2])
            self.assertEqual(dataclasses.asdict(one), dataclasses.asdict(other))
            self.assertEqual(
                [f.name for f in dataclasses.fields(ferry)], [f.name for f in dataclasses.fields(other_ferry)]
            )
            self.assertEqual(one, boat(**given | {"reported": "else"}))
            for changed in ({"name": name + "x"}, {"deck": deck + 1}, {"logs": ["x"]}):
                if deck < 9 or "deck" not in changed:
                    self.assertNotEqual(one, dataclasses.replace(one, **changed))
            self.assertNotEqual(one, other)
            self.assertNotEqual(boat(name=name), ferry(name=name))
            self.assertEqual(repr(ferry(name=name)), "a ferry")

    def test_hash_and_change(self) -> None:
        for (boat, _), (other_boat, _), options in self.both():
            one, other = boat(name="a"), other_boat(name="a")
            if options.get("frozen"):
                self.assertEqual(hash(one), hash(boat(name="a", logs=["hash leaves these out"])))
                self.assertEqual(hash(one), hash(other))
                with self.assertRaises(dataclasses.FrozenInstanceError):
                    one.deck = 2
                with self.assertRaises(dataclasses.FrozenInstanceError):
                    del one.deck
            else:
                one.deck = 2
                self.assertEqual(one.named(), "a/2")
                self.assertRaises(TypeError, hash, one)
            self.assertEqual(hasattr(one, "__dict__"), not options.get("slots", False))

    def test_wrong_words_are_refused_as_there(self) -> None:
        for (boat, _), (other_boat, _), options in self.both():
            for made in (boat, other_boat, boat):  # the first time, and when the method is there
                self.assertRaises(TypeError, made)
                self.assertRaises(TypeError, made, name="a", decks=2)
                self.assertRaises(ValueError, made, name="a", deck=10)
                if options.get("kw_only"):
                    self.assertRaises(TypeError, made, "a")
                else:
                    self.assertEqual(made("a", 3).named(), "a/3")

    def test_methods_that_come_late_are_made_once(self) -> None:
        boat, _ = fleet(ours, frozen=True, slots=True)
        late = boat.__init__
        for _ in range(_FEW):  # few are not worth a method
            boat(name="a")
        self.assertIs(late, boat.__init__)
        boat(name="a")
        made = boat.__init__
        boat(name="b")
        self.assertIsNot(late, made)
        self.assertIs(made, boat.__init__)

    def test_the_first_is_made_as_the_hundredth(self) -> None:
        ways: tuple[tuple[tuple[Any, ...], dict[str, Any]], ...] = (
            ((), {"name": "a"}), (("a",), {}), (("a", 2), {}), (("a",), {"reported": "x"}), (("a", 2, ["x"], "t"), {}), (("a", 2, ["x"]), {"reported": "t"}),
            ((), {"reported": "t", "name": "a", "deck": 3}), ((), {}), ((2,), {"deck": 2, "name": "b"}), (("a",), {"name": "b"}), (("a", 1, [], "", 5), {}),
            ((), {"name": "a", "other": 1}), (("a", 12), {}),
        )  # fmt: skip

        def said(kind: Any, words: tuple[Any, ...], named: dict[str, Any]) -> Any:
            try:
                return dataclasses.astuple(kind(*words, **named))
            except (TypeError, ValueError) as error:
                return type(error)

        for options in KINDS:
            theirs, _ = fleet(dataclasses.dataclass, **options)
            for words, named in ways:
                mine, _ = fleet(ours, **options)
                reported = [said(mine, words, named) for _ in range(_FEW + 2)]
                self.assertEqual(reported, [said(theirs, words, named)] * (_FEW + 2), (options, words, named))

    def test_defaults_that_are_made_are_not_shared(self) -> None:
        for (boat, _), _, _ in self.both():
            self.assertIsNot(boat(name="a").logs, boat(name="a").logs)

    def test_an_heir_whose_base_was_never_made(self) -> None:
        for (_, ferry), _, _ in self.both():
            one = ferry(name="a", deck=2, cars={"lane": 3})
            self.assertEqual((one.named(), one.cars), ("a/2", {"lane": 3}))

    def test_it_goes_to_other_processes_and_is_copied(self) -> None:
        pier = Pier("north", (1, 2))
        self.assertEqual(pickle.loads(pickle.dumps(pier)), pier)
        self.assertEqual(copy.deepcopy(pier), pier)
        self.assertEqual(dataclasses.replace(pier, berths=()).berths, ())


if __name__ == "__main__":
    unittest.main()
