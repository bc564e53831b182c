"""The air at the ends, where that is enough."""

from __future__ import annotations

from ....words import phrase
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy
from .lengths import TOO_MUCH, here, length_of, trim_to, without_air
from .registry import remedy


@remedy("trim_air", phrase("trim the air at the ends"), of=(*TOO_MUCH, "longer_than_advised"), place=10)
def trim_air(asked: PlanningContext, problem: Problem) -> Remedy | None:
    recipe = asked.recipe
    begin, end = without_air(asked)
    trimmed = length_of(end - begin, recipe, asked.touch.speed)
    if problem.frames is None or trimmed > problem.frames:
        return None
    saved = (recipe.frames_in + recipe.left_out - (end - begin)) / recipe.rate_in
    result = phrase("{saved:.2f} s less: {trimmed:.2f} s", saved=saved, trimmed=trimmed / recipe.rate_out)
    return here("trim_air", phrase("Trim the air at its ends"), result, trim_to(asked, begin, end))
