"""A rule from outside: at least so much of a file has to be speech (activity factor of ITU-T P.56), in per cent."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any

from kittiwake.core.fit import Problem
from kittiwake.core.fit.planning_context import PlanningContext
from kittiwake.core.fit.remedies import accept, acceptable, ask
from kittiwake.core.fit.rules import Check, Subject
from kittiwake.core.model.rule import Rule, blank_of, register_rule

QUIET = acceptable("too_quiet_between", "live with pauses that are too long")


def parse(value: Any) -> float | None:
    if value is None or value == "":
        return None
    if isinstance(value, bool) or not isinstance(value, int | float) or not 1 <= value <= 99:
        raise ValueError("a share of 1 to 99 % is wanted")
    return float(value)


def problems(asked: PlanningContext, least: float) -> Iterator[Problem]:
    share = 100 * asked.sound.level.activity
    if share < least:
        reported = f"Only {share:.0f} % of it is speech; {asked.receiver.name} wants {least:g} %."
        yield Problem(QUIET, "decide", reported, (ask("Have the pauses shortened."), accept(QUIET, "Deliver it so")))


def checks(subject: Subject, least: float) -> Iterator[Check]:
    share = 100 * subject.sound.level.activity
    right = share >= least - 5 or subject.lives_with(QUIET)
    yield Check("share of speech", f"at least {least:g} %", f"{share:.0f} %", right)


register_rule(
    Rule(
        "speech_percent",
        blanks=(blank_of("speech_percent", "At least", "% of it are speech"),),
        parse=parse,
        problems=problems,
        checks=checks,
        demand=lambda receiver, least: f"At least {least:g} % of a file are speech.",
    )
)
