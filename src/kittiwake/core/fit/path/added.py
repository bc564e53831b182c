"""Touch-ups that were added from outside, one after the other."""

from __future__ import annotations

from collections.abc import Iterator

from ...model.stages import STAGES, length_after
from ..verdict import Recipe, Step
from .stage import Blocks, Described, Stage, Touch


def _describe(recipe: Recipe, seen: Described) -> Iterator[Step]:
    for key, value in recipe.more:
        yield Step(*STAGES[key].describe(value))


def _apply(blocks: Blocks, recipe: Recipe) -> Blocks:
    for key, value in recipe.more:
        blocks = STAGES[key].apply(blocks, recipe.rate_out, value)
    return blocks


ADDED = Stage(
    _describe,
    lambda recipe: Touch.SOUND if recipe.more else Touch.NOTHING,
    _apply,
    lambda frames, recipe: length_after(recipe.more, frames, recipe.rate_out),
)
