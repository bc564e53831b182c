"""Seconds that a file may last, has to last, and better does not last over."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.rule import Blank, Rule, register_rule
from ...model.units import format_seconds
from ..planning_context import PlanningContext
from ..remedies import accept, acceptable, ask
from ..verdict import Problem
from .room import Room, rooms_of
from .subject import Check, Subject

_ADVISED = acceptable("longer_than_advised", phrase("let it be longer than advised"))


def _fits(asked: PlanningContext, most: float) -> Room | None:
    recipe = asked.recipe
    if recipe.seconds <= most:
        return None
    why = phrase("{seconds:.3f} s is over the limit of {max_seconds:g} s.", seconds=recipe.seconds, max_seconds=most)
    return Room(int(most * recipe.rate_out), "too_long", why)


def _too_short(asked: PlanningContext, least: float) -> Iterator[Problem]:
    seconds = asked.recipe.seconds
    if seconds < least and not rooms_of(asked):
        why = phrase("{seconds:.3f} s is under the least of {min_seconds:g} s.", seconds=seconds, min_seconds=least)
        yield Problem("too_short", "cannot", why, (ask(phrase("Add air, or a longer text.")),), of_receiver=True)


def _advised(asked: PlanningContext, advised: float) -> Iterator[Problem]:
    recipe = asked.recipe
    frames = int(advised * recipe.rate_out)
    short = recipe.seconds < asked.receiver.rules.limits.min_seconds
    if recipe.frames_out > advised * recipe.rate_out and not short and not rooms_of(asked):
        why = phrase(
            "{seconds:.2f} s is more than the {advised:g} s that are advised, though within the limit.",
            seconds=recipe.seconds,
            advised=advised,
        )
        yield Problem(_ADVISED, "warning", why, (accept(_ADVISED, phrase("It may be longer")),), frames)


def _at_most(it: Subject, most: float) -> Iterator[Check]:
    wanted = phrase("at most {most:g} s", most=most)
    yield Check(phrase("length"), wanted, phrase("{seconds:.3f} s", seconds=it.seconds), it.seconds <= most)


def _at_least(it: Subject, least: float) -> Iterator[Check]:
    wanted = phrase("at least {least:g} s", least=least)
    yield Check(phrase("length"), wanted, phrase("{seconds:.3f} s", seconds=it.seconds), it.seconds >= least)


_LIMITS = ("rules", "limits")
register_rule(
    Rule(
        "max_seconds",
        90,
        (Blank(phrase("It lasts at most"), (*_LIMITS, "max_seconds"), "s", "number"),),
        value=lambda receiver: receiver.rules.limits.max_seconds,
        fits=_fits,
        checks=_at_most,
        demand=lambda receiver, most: phrase("A file lasts at most {max_seconds}.", max_seconds=format_seconds(most)),
    )
)
register_rule(
    Rule(
        "min_seconds",
        91,
        (Blank(phrase("and at least"), (*_LIMITS, "min_seconds"), "s", "number", empty=0.0),),
        value=lambda receiver: receiver.rules.limits.min_seconds or None,
        problems=_too_short,
        checks=_at_least,
    )
)
register_rule(
    Rule(
        "advised_seconds",
        92,
        (Blank(phrase("Advised are at most"), (*_LIMITS, "advised_seconds"), "s", "number"),),
        value=lambda receiver: receiver.rules.limits.advised_seconds,
        picture=True,  # air that a remedy trims
        problems=_advised,
        demand=lambda receiver, most: phrase(
            "At most {advised_seconds} are advised.", advised_seconds=format_seconds(most)
        ),
    )
)
