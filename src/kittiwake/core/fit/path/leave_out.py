"""Stretches inside of a clip are left out."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.units import format_seconds
from ...sound.leave_out import BLEND_S, leave_out
from ..verdict import Recipe, Step
from .stage import Blocks, Described, Stage, Touch


def _describe(recipe: Recipe, seen: Described) -> Iterator[Step]:
    for first, last in recipe.without:
        what = phrase(
            "Leave out {first} to {last}",
            first=format_seconds(first / recipe.rate_in),
            last=format_seconds(last / recipe.rate_in),
        )
        yield Step(what, phrase("chosen by you; what lies before and after is blended over 10 ms"))


def _apply(blocks: Blocks, recipe: Recipe) -> Blocks:
    if not recipe.without:
        return blocks
    inside = [(start - recipe.start, stop - recipe.start) for start, stop in recipe.without]
    return leave_out(blocks, inside, 2 * round(BLEND_S * recipe.rate_in / 2))


LEAVE_OUT = Stage(
    _describe,
    lambda recipe: Touch.SOUND if recipe.without else Touch.NOTHING,
    _apply,
    lambda frames, recipe: frames - recipe.left_out,
)
