"""A touch-up from outside: a notice is said once more, after a pause of half a second, as often as is wanted."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from kittiwake.core.model.stages import Blocks, Stage, register_stage


def apply(blocks: Blocks, rate: int, times: float) -> Iterator[NDArray[np.float32]]:
    kept = []
    for block in blocks:
        kept.append(block)
        yield block
    for _ in range(round(times)):
        yield np.zeros((rate // 2, kept[0].shape[1] if kept else 1), np.float32)
        yield from kept


def length(frames: int, rate: int, times: float) -> int:
    return frames + round(times) * (frames + rate // 2)


def describe(times: float) -> tuple[str, str]:
    return f"Say it {round(times)} times more, half a second apart", "chosen by you"


register_stage(Stage("again", "Say it again", "times, half a second apart", "", 0, 5, 1, apply, length, describe))
