"""Its end cut off: the last that is offered, since words go with it."""

from __future__ import annotations

from ....words import phrase
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy
from .lengths import TOO_MUCH, frames_for, here
from .registry import remedy

_FADE_S = 0.05


@remedy("cut_to_length", phrase("cut it to the length that fits, with a short fade"), of=TOO_MUCH, place=50)
def cut_to_length(asked: PlanningContext, problem: Problem) -> Remedy | None:
    recipe, keep = asked.recipe, problem.frames
    if keep is None:
        return None
    kept = frames_for(keep, recipe, asked.touch.speed)
    lost = recipe.frames_out / recipe.rate_out - keep / recipe.rate_out
    return here(
        "cut_to_length",
        phrase("Cut it to {keep:.2f} s with a short fade", keep=keep / recipe.rate_out),
        phrase("loses the last {lost:.2f} s", lost=lost),
        {"fade_out": _FADE_S, "keep": kept, "skip": asked.touch.skip},
        asks=True,
    )
