"""A remedy from outside: of what is too long for a receiver, only the first half is taken."""

from __future__ import annotations

from kittiwake.core.fit import Problem, Remedy
from kittiwake.core.fit.planning_context import PlanningContext
from kittiwake.core.fit.remedies import remedy


@remedy("first_half", "take only the first half", of=("too_long", "too_large"))
def first_half(asked: PlanningContext, problem: Problem) -> Remedy | None:
    most, half = asked.receiver.rules.limits.max_seconds, asked.recipe.seconds / 2
    if most is None or half > most:
        return None
    keep = {"keep": asked.recipe.frames_in // 2, "fade_out": 0.05}
    return Remedy("first_half", "Take only its first half", f"{half:.2f} s", touch_up=keep, here_only=True)
