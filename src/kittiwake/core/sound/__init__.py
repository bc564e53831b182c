"""Blocks: each stage takes float32 blocks [shape=(frames, channels)] and yields them changed."""

from .filter import band_taps, filtered, presence_taps
from .length import fade_in, fade_out, looped, played_length, resampled_length, span_of, take_span
from .level import Gain, choose_gain
from .limiter import limited
from .line import Line
from .resample import resample
from .sides import select_channel
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
    "limited",
    "looped",
    "played_length",
    "presence_taps",
    "resample",
    "resampled_length",
    "select_channel",
    "span_of",
    "take_span",
]
