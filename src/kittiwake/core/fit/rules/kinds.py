"""Kinds of message, of which each clip has to be one."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import joined, phrase
from ...model.rule import Blank, Rule, register_rule
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy


def _problems(asked: PlanningContext, kinds: tuple[str, ...]) -> Iterator[Problem]:
    """A message of which nobody has said what kind it is."""
    kind = asked.clip.kind
    if kind in kinds:
        return
    remedies = tuple(
        Remedy(f"kind_{one}", phrase("It is of the kind “{kind}”", kind=one), kind=one, asks=True) for one in kinds
    )
    has = phrase("“{kind}” is none that it knows", kind=kind) if kind else phrase("nobody has said which")
    message = phrase("{name} wants to know what kind of message it is; {has}.", name=asked.receiver.name, has=has)
    yield Problem("no_kind", "decide", message, remedies, of_receiver=True)


register_rule(
    Rule(
        "kinds",
        150,
        (Blank(phrase("Kinds of message are"), ("rules", "kinds"), "", "words", empty=[]),),
        value=lambda receiver: receiver.rules.kinds or None,
        problems=_problems,
        demand=lambda receiver, kinds: phrase("Messages are of the kinds {list}.", list=joined(kinds, ", ")),
    )
)
