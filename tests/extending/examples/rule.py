"""A rule from outside: at least so much of a file has to be speech (activity factor of ITU-T P.56), in per cent."""

from __future__ import annotations

from typing import Any

from kittiwake.core.fit import Problem, Remedy
from kittiwake.core.fit.asked import Asked
from kittiwake.core.make import Check
from kittiwake.core.make.rule_checks import Subject
from kittiwake.core.model.more_rules import Rule, register_rule


def parse(value: Any) -> float | None:
    if value is None or value == "":
        return None
    if isinstance(value, bool) or not isinstance(value, int | float) or not 1 <= value <= 99:
        raise ValueError("a share of 1 to 99 % is wanted")
    return float(value)


def problem(asked: Asked) -> Problem | None:
    sound = asked.facts.measures
    share = 100 * sound.level.activity if sound else 100.0
    if share >= asked.value:
        return None
    told = f"Only {share:.0f} % of it is speech; {asked.receiver.name} wants {asked.value:g} %."
    return Problem("too_quiet_between", "decide", told, (Remedy("", "Have the pauses shortened."),))


def check(subject: Subject, value: float) -> Check:
    share = 100 * subject.sound.level.activity
    return Check("share of speech", f"at least {value:g} %", f"{share:.0f} %", share >= value - 5)


register_rule(Rule("speech_percent", "At least", "% of it are speech", parse, problem, check))
