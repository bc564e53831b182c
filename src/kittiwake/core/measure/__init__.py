"""What the samples of a source hold: level, peaks, clipping, sides, bandwidth. One streaming pass."""

from .level import ActiveLevel
from .look import look_at, measure
from .loudness import Loudness, TruePeak

__all__ = ["ActiveLevel", "Loudness", "TruePeak", "look_at", "measure"]
