"""What a stage of the path is."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from enum import IntEnum

import numpy as np
from numpy.typing import NDArray

from ....plain_data import dataclass
from ...model import Header, Measures, Receiver, SignalLevel, TouchUp
from ...model.rule import Blank
from ...model.touch_field import TouchField
from ..verdict import Recipe, Step

Blocks = Iterable[NDArray[np.float32]]


class Touch(IntEnum):
    """What a stage does to the samples."""

    NOTHING = 0
    #: Rate, ends or the number of channels: what is in between is the same sound.
    FRAME = 1
    SOUND = 2


@dataclass(frozen=True, slots=True)
class Described:
    """What the words of a path draw on besides the recipe. ``gain`` (dB) is the one that is to be expected; ``renamed`` the name that the
    receiver takes in place of the clip's own, empty where it takes that.
    """

    touch: TouchUp
    header: Header
    sound: Measures
    receiver: Receiver
    gain: float
    level: SignalLevel
    renamed: str = ""


@dataclass(frozen=True, slots=True)
class Stage:
    """One stage of every path; a recipe says whether it does anything.

    Attributes
    ----------
    describe : its steps in words and numbers; none where it does nothing.
    touches : what it does to the samples.
    apply : blocks, float32 [shape=(frames, channels)], that come out of blocks. None where it works behind the measured gain, in the second
        pass (``core.make.levelling``), or not on samples.
    length : frames that come out of so many; exact.
    fields : of the form in which clips are touched up, that set it for one clip.
    blanks : of the sheet of a receiver, that set it for all clips; ``place`` is theirs among those of the other stages.
    """

    describe: Callable[[Recipe, Described], Iterator[Step]]
    touches: Callable[[Recipe], Touch] = lambda recipe: Touch.NOTHING
    apply: Callable[[Blocks, Recipe], Blocks] | None = None
    length: Callable[[int, Recipe], int] = lambda frames, recipe: frames
    fields: tuple[TouchField, ...] = ()
    blanks: tuple[Blank, ...] = ()
    place: float = 1000
