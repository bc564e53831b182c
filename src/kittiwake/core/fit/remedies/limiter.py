"""A limiter that holds down the peaks which keep the level short."""

from __future__ import annotations

import math

from ....words import phrase
from ...model.units import db
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy
from .registry import remedy

_MOST_DB = 12.0
_SURE_DB = 5.0  # short of the level, up to which the limiter brought five demo voices within 0.2 dB of it
_SOFTER = 1.5  # times the lack: what is held down is level lost, which takes more gain


@remedy(
    "allow_limiter",
    phrase("let a limiter hold down the peaks that keep the level short"),
    of=("peaks_limit_level",),
    place=60,
)
def allow_limiter(asked: PlanningContext, problem: Problem) -> Remedy | None:
    recipe = asked.recipe
    short = db(asked.level.peak) + asked.wanted - db(recipe.ceiling) - recipe.limiter_db
    wanted = min(_MOST_DB, recipe.limiter_db + math.ceil(2 * _SOFTER * short) / 2)
    more = wanted - recipe.limiter_db
    if more <= 0:
        return None
    sure = short <= _SURE_DB and more >= _SOFTER * short
    comes = (
        phrase("it reaches its level, or nearly")
        if sure
        else phrase("about {short:.1f} dB louder", short=min(short, 0.7 * more))
    )
    result = phrase(
        "{comes}; single peaks are held down by up to {wanted:g} dB, nothing is clipped", comes=comes, wanted=wanted
    )
    what = phrase("Allow the limiter {wanted:g} dB", wanted=wanted)
    return Remedy("allow_limiter", what, result, touch_up={"limiter_db": wanted})
