"""Touch-ups that are added from outside, each a stage of sound as one object."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ..registry import Registry

Blocks = Iterable[NDArray[np.float32]]


@dataclass(frozen=True, slots=True)
class Stage:
    """A stage of sound with one number.

    Attributes
    ----------
    key : as it is called in a job.
    label, help, unit : of its field where clips are touched up.
    low, high, step : of the number there; 0 leaves the sound alone.
    apply : blocks, float32 [shape=(frames, channels)], that come out of blocks, given sample rate (Hz) and number. Called behind resampling,
        before the level is measured.
    length : frames that come out of so many, given sample rate and number; exact.
    describe : what is done, and why, for the path that is shown, given the number.
    """

    key: str
    label: str
    help: str
    unit: str
    low: float
    high: float
    step: float
    apply: Callable[[Blocks, int, float], Iterator[NDArray[np.float32]]]
    length: Callable[[int, int, float], int]
    describe: Callable[[float], tuple[str, str]]


STAGES: Registry[str, Stage] = Registry("touch-up")
#: Stages of a clip with their numbers, in their order.
Chosen = tuple[tuple[str, float], ...]


def register_stage(stage: Stage) -> None:
    """Let clips be touched up so.

    Raises
    ------
    ValueError : there is one of that key.
    """
    STAGES.add(stage.key, stage)


def length_after(chosen: Chosen, frames: int, rate: int) -> int:
    """Frames that come out of so many, one stage after the other."""
    for key, value in chosen:
        frames = STAGES[key].length(frames, rate, value)
    return frames
