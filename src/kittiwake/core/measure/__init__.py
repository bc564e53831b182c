"""What the samples of a source hold: level, peaks, clipping, sides, bandwidth. One streaming pass."""

from .level import ActiveLevel
from .look import look_at, measure

__all__ = ["ActiveLevel", "look_at", "measure"]
