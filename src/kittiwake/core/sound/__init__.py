"""Blocks: each stage takes float32 blocks [shape=(frames, channels)] and yields them changed."""

from .length import fade_out, resampled_length, take_span
from .level import Gain, choose_gain
from .line import Line
from .resample import resample
from .sides import take_side
from .spool import Spool

__all__ = [
    "Gain",
    "Line",
    "Spool",
    "choose_gain",
    "fade_out",
    "resample",
    "resampled_length",
    "take_side",
    "take_span",
]
