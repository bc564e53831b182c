"""The level brought to the nearest that the receiver takes, where peaks allow it."""

from __future__ import annotations

from ....words import phrase
from ...model.units import db, format_db
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy
from .registry import remedy

_INSIDE_DB = 0.2  # of the edge, since making measures again


def edge_of(asked: PlanningContext) -> tuple[float, float]:
    """The edge of the range that the level will lie outside of (dBov), and what it takes to get there (dB; 0 inside)."""
    limits = asked.receiver.rules.limits
    after = asked.level.active_dbov + asked.gain
    least, most = limits.min_level_dbov, limits.max_level_dbov
    if least is not None and after < least - 0.05:
        return least, least - after
    if most is not None and after > most + 0.05:
        return most, most - after
    return after, 0.0


def peaks_allow(asked: PlanningContext, change: float) -> bool:
    """Whether a level can be changed by so much (dB) and a little more."""
    recipe = asked.recipe
    return db(asked.level.peak) + asked.gain + _past(change) <= db(recipe.ceiling) + recipe.limiter_db


def _past(change: float) -> float:
    return change + (_INSIDE_DB if change > 0 else -_INSIDE_DB)


@remedy("level_inside", phrase("bring the level inside of what the receiver takes"), of=("level_outside",), place=80)
def level_inside(asked: PlanningContext, problem: Problem) -> Remedy | None:
    edge, change = edge_of(asked)
    if not peaks_allow(asked, change):
        return None
    change = _past(change)
    what = phrase(
        "{verb} it by about {change:.1f} dB",
        verb=phrase("Raise") if change > 0 else phrase("Lower"),
        change=abs(change),
    )
    return Remedy("level_inside", what, format_db(edge, "dBov"), accepts="level_inside", here_only=True)
