"""A DC offset is taken away."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from ....words import phrase
from ...model.touch_field import TouchFlag
from ..verdict import Recipe, Step
from .stage import Blocks, Described, Stage, Touch


def _describe(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.dc_offsets:
        offset = phrase("{share:+.1f} %", share=max(recipe.dc_offsets, key=abs) * 100).replace("-", "−")
        yield Step(
            phrase("Take away a DC offset of {offset}", offset=offset), phrase("it is not heard and costs level")
        )


def _apply(blocks: Blocks, recipe: Recipe) -> Blocks:
    if not recipe.dc_offsets:
        return blocks
    offsets = np.array(recipe.dc_offsets, np.float32)
    return (block - offsets for block in blocks)


OFFSET = Stage(
    _describe,
    lambda recipe: Touch.SOUND if recipe.dc_offsets else Touch.NOTHING,
    _apply,
    fields=(TouchFlag(name="remove_dc", place=110, label=phrase("Take away a DC offset")),),
)
