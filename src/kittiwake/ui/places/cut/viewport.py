"""What is in sight of a recording, and how its spans are called there."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QRectF

from ....core.model.span import Span
from ....plain_data import dataclass
from ...theme.scale import scaled

LEDGE, RULER, HEAD = (
    26,
    20,
    8,
)  # pixels at the usual text size: the row of spans, that of times, and what is above the plot


@dataclass(frozen=True, slots=True)
class Shown:
    """A span with the name it is shown with, and what is left out inside of it (frames)."""

    span: Span
    name: str
    without: tuple[tuple[int, int], ...] = ()


@dataclass(frozen=True, slots=True)
class TimeViewport:
    """Frames from ``left`` to ``right`` over ``width`` pixels, of a source at ``rate`` Hz."""

    left: float
    right: float
    width: int
    height: int
    rate: int

    def x(self, frame: float) -> float:
        return (frame - self.left) / (self.right - self.left) * self.width

    @property
    def plot(self) -> QRectF:
        """Where sound is drawn."""
        return QRectF(0, HEAD, self.width, max(10, self.height - HEAD - scaled(LEDGE) - scaled(RULER)))

    @property
    def ledge(self) -> QRectF:
        """Where spans lie, under the plot."""
        return QRectF(0, self.plot.bottom(), self.width, scaled(LEDGE))

    def shows(self, start: float, stop: float) -> bool:
        return stop >= self.left and start <= self.right

    def between(self, start: float, stop: float, row: QRectF, least: float = 1.0) -> QRectF:
        """The part of a row that lies between two frames."""
        left = self.x(start)
        return QRectF(left, row.top(), max(least, self.x(stop) - left), row.height())


def clock(seconds: float, step: float = 1.0) -> str:
    """``12.34``, ``3:05.2`` or ``1:02:03``, as exact as a step between two marks needs."""
    digits = 0 if step >= 1 else min(5, int(np.ceil(-np.log10(step) - 1e-9)))
    minutes, rest = divmod(max(0.0, seconds), 60)
    hours, minutes = divmod(int(minutes), 60)
    if hours:
        return f"{hours}:{minutes:02}:{rest:0{2 if not digits else 3 + digits}.{digits}f}"
    if minutes:
        return f"{minutes}:{rest:0{2 if not digits else 3 + digits}.{digits}f}"
    return f"{rest:.{digits}f}"
