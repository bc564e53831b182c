"""Times as people type and read them."""

from __future__ import annotations

from .....work.cut.times import frame_of


def seconds_of(text: str) -> float:
    """Seconds of ``12.5``, ``0:12.5`` or ``10:00``."""
    return frame_of(text.replace(",", "."), 1000) / 1000


def clock_of(seconds: float) -> str:
    """``10:00``, or ``0:12.5``."""
    return (
        f"{int(seconds // 60)}:{seconds % 60:06.3f}".rstrip("0").rstrip(".")
        if seconds % 60
        else f"{int(seconds // 60)}:00"
    )
