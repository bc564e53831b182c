"""What would be handed over, before it is: new, changed, the same, and what lies there that nobody wants any more."""

from __future__ import annotations

import os
from collections.abc import Iterable, Mapping
from pathlib import Path

from ...core.disk.place import name_key
from ...core.make.delivered import Delivered, delivered_in
from ...core.model import Receiver
from ...plain_data import dataclass
from ...words import joined, phrase
from .item import Item, places_of


@dataclass(frozen=True, slots=True)
class Plan:
    """Places in what is handed over, each with its file.

    Attributes
    ----------
    root : the folder that the receiver's outputs lie in, and the record.
    states : ``new``, ``changed`` or ``same`` for each place.
    gone : what was handed over and is wanted no more.
    """

    receiver: Receiver
    root: Path
    into: Path
    places: Mapping[str, Item]
    states: Mapping[str, str]
    gone: tuple[Delivered, ...]

    def count(self, state: str) -> int:
        return sum(one == state for one in self.states.values())

    @property
    def bytes(self) -> int:
        return sum(item.bytes for item in self.places.values())

    @property
    def words(self) -> str:
        """In a sentence."""
        sentences = [
            phrase("{n} {state}", n=self.count(state), state=STATES[state]) for state in STATES if self.count(state)
        ]
        if self.gone:
            sentences.append(phrase("{count} delivered before and wanted no more", count=len(self.gone)))
        return joined(sentences, ", ") or phrase("nothing")


#: What a file is against what was handed over before, in words.
STATES = {"new": phrase("new"), "changed": phrase("changed"), "same": phrase("same")}


def plan_of(items: Iterable[Item], receiver: Receiver, root: Path, into: Path, until: str = "") -> Plan:
    """What handing these over would do.

    Parameters
    ----------
    until : a time; compared with what was handed over until then.

    Raises
    ------
    KittiwakeError : places that cannot be.
    """
    places = places_of(items, receiver)
    before = {
        name_key(one.name): one
        for one in delivered_in(root, until).values()
        if one.into == str(into) and one.is_output and one.receiver in ("", receiver.slug)
    }
    states = {}
    for place, item in places.items():
        last = before.pop(name_key(place), None)
        states[place] = "new" if last is None else "same" if last.sha256 == item.sha256 else "changed"
    return Plan(receiver, root, into, places, states, tuple(before.values()))


def last_plan_of(items: Iterable[Item], receiver: Receiver, root: Path, into: Path) -> Plan:
    """What handing these over would do; where all of them were handed over as they are, what the last delivery did.

    Raises
    ------
    KittiwakeError : as ``plan_of``.
    """
    items = list(items)
    plan = plan_of(items, receiver, root, into)
    times = [
        one.time
        for one in delivered_in(root).values()
        if one.into == str(into) and one.receiver in ("", receiver.slug)
    ]
    if times and plan.count("same") == len(plan.places) and not plan.gone:
        return plan_of(items, receiver, root, into, max(times))
    return plan


def key_of(output: Path | str, root: Path) -> str:
    """What a record calls an output."""
    return os.path.relpath(output, root)
