"""What the samples of a source hold: level, peaks, clipping, sides, bandwidth. One streaming pass."""

from .analyze import analyze, measure
from .level import ActiveLevel
from .loudness import Loudness, TruePeak

__all__ = ["ActiveLevel", "Loudness", "TruePeak", "analyze", "measure"]
