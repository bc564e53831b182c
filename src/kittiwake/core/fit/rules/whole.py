"""A file has to be whole, wherever it goes."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model import Facts
from ...model.rule import Rule, register_rule
from ..remedies import accept, acceptable, ask
from ..verdict import Problem
from .subject import Check, Subject

_BROKEN = (
    acceptable("truncated", phrase("deliver what is there of a file that breaks off")),
    acceptable("damaged", phrase("deliver what is whole of a damaged file")),
)


def of_notes(facts: Facts) -> Iterator[Problem]:
    """What was noted while the source was read."""
    for note in facts.notes:
        if note.code in _BROKEN:
            there = phrase("{seconds:.2f} s, perhaps without its end", seconds=facts.seconds or 0.0)
            remedy = accept(note.code, phrase("Deliver what is there"), there)
            yield Problem(note.code, "decide", note.message, (remedy, ask(note.remedy)))
        elif note.code == "not_numbers":
            yield Problem(note.code, "warning", note.message, (ask(note.remedy),))


def _checks(it: Subject, _: bool) -> Iterator[Check]:
    broken = [note.message for note in it.facts.notes if note.code in _BROKEN]
    found = broken[0] if broken else phrase("all of it")
    yield Check(phrase("whole"), phrase("all that its header promises"), found, not broken)


register_rule(
    Rule(
        "whole",
        10,
        value=lambda receiver: True,
        problems=lambda asked, _: of_notes(asked.facts),
        checks=_checks,
    )
)
