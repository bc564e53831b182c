"""What the samples of a source hold: level, peaks, clipping, sides, bandwidth. One streaming pass."""

from .analyze import analyze
from .level import ActiveLevel
from .loudness import Loudness, TruePeak
from .meters import measure

__all__ = ["ActiveLevel", "Loudness", "TruePeak", "analyze", "measure"]
