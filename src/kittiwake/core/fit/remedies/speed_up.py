"""Faster speech at the same pitch, as far as the receiver's treatment allows; with the air trimmed where it does not suffice alone."""

from __future__ import annotations

from ....words import phrase
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy
from .lengths import TOO_MUCH, here, length_of, speed_for, trim_to, without_air
from .registry import remedy

_OF = (*TOO_MUCH, "longer_than_advised")


def _kept(asked: PlanningContext, keep: int) -> str:
    return phrase("{keep:.2f} s, pitch unchanged", keep=keep / asked.recipe.rate_out)


@remedy("speed_up", phrase("speak it faster, as far as the receiver's rules allow"), of=_OF, place=20)
def speed_up(asked: PlanningContext, problem: Problem) -> Remedy | None:
    recipe, now, keep = asked.recipe, asked.touch.speed, problem.frames
    if keep is None or (speed := speed_for(recipe.frames_in, recipe, keep, now)) > _most(asked):
        return None
    what = phrase("Speed it up by {speed:.1f} %", speed=(speed / now - 1) * 100)
    return here("speed_up", what, _kept(asked, keep), {"speed": speed})


@remedy("trim_and_speed_up", phrase("trim the air and speak it faster"), of=_OF, place=30)
def trim_and_speed_up(asked: PlanningContext, problem: Problem) -> Remedy | None:
    recipe, now, keep = asked.recipe, asked.touch.speed, problem.frames
    if keep is None or speed_for(recipe.frames_in, recipe, keep, now) <= _most(asked):
        return None
    begin, end = without_air(asked)
    if length_of(end - begin, recipe, now) <= keep:
        return None
    both = speed_for(end - begin, recipe, keep, now)
    if both > _most(asked):
        return None
    what = phrase("Trim the air and speed it up by {both:.1f} %", both=(both / now - 1) * 100)
    return here("trim_and_speed_up", what, _kept(asked, keep), {**trim_to(asked, begin, end), "speed": both})


def _most(asked: PlanningContext) -> float:
    return 1 + asked.receiver.treatment.max_speed_up
