"""Blocks: each stage takes float32 blocks [shape=(frames, channels)] and yields them changed."""

from .filter import band_taps, filtered
from .length import fade_in, fade_out, resampled_length, take_span
from .level import Gain, choose_gain
from .line import Line
from .resample import resample
from .sides import take_side
from .spool import Spool
from .tempo import change_tempo

__all__ = [
    "Gain",
    "Line",
    "Spool",
    "band_taps",
    "change_tempo",
    "choose_gain",
    "fade_in",
    "fade_out",
    "filtered",
    "resample",
    "resampled_length",
    "take_side",
    "take_span",
]
