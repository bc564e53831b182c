"""The level over time, with the noise of the room and what sound had to reach to count as speech: what cutting is decided by."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from ....words import in_words, tr
from ....work.cut.room import STEP
from ...theme.colours import colours
from ...theme.scale import scaled
from ...workers.cuts import Picture
from .search_overlay import SearchOverlay
from .viewport import TimeViewport

_TOP = 0.0  # dBFS
_GRID = (-20, -40, -60, -80)


def draw_level(
    painter: QPainter,
    sight: TimeViewport,
    picture: Picture,
    seen: SearchOverlay | None,
    spans: Sequence[tuple[int, int]],
) -> None:
    """``spans`` are in frames: what lies in them stands out."""
    c, plot = colours(), sight.plot
    foot = _foot(seen)

    def y(level: float) -> float:
        return plot.bottom() - (max(foot, min(_TOP, level)) - foot) / (_TOP - foot) * plot.height()

    levels = _levels(sight, picture, seen)
    inside = np.zeros(len(levels), bool)
    for start, stop in spans:
        first, last = int(np.floor(sight.x(start))), int(np.ceil(sight.x(stop)))
        inside[max(0, first) : max(0, last)] = True
    reach = _threshold(sight, picture, seen, len(levels))
    loud = levels >= reach if reach is not None else inside
    bottom = plot.bottom()
    tops = plot.bottom() - (np.clip(levels, foot, _TOP) - foot) / (_TOP - foot) * plot.height()
    for chosen, colour in (
        (~(inside & loud) & ~loud, c.line),
        (loud & ~inside, c.wave_source),
        (inside & loud, c.convert),
    ):
        painter.setPen(QPen(QColor(colour), 1))
        painter.drawLines([QLineF(x + 0.5, float(tops[x]), x + 0.5, bottom) for x in np.flatnonzero(chosen)])
    _draw_grid(painter, plot, foot)
    if seen is not None and reach is not None:
        painter.setPen(QPen(QColor(c.decide), 1.4, Qt.PenStyle.DashLine))
        painter.drawPolyline(QPolygonF([QPointF(x, y(float(level))) for x, level in enumerate(reach.tolist())]))
        painter.setPen(QPen(QColor(c.soft), 1.2))
        room = y(seen.found.room_dbfs)
        painter.drawLine(QPointF(0, room), QPointF(plot.width(), room))
        _label(
            painter, plot, room, tr("room {room_dbfs:.0f} dBFS", room_dbfs=seen.found.room_dbfs), c.soft, below=True
        )
        _label(
            painter,
            plot,
            y(float(np.median(reach))),
            tr("speech from {median:.0f} dBFS", median=np.median(reach)),
            c.decide,
            below=False,
        )


def _foot(seen: SearchOverlay | None) -> float:
    """The level at the foot of the plot: a little under the room."""
    return -72.0 if seen is None else max(-110.0, min(-60.0, seen.found.room_dbfs - 12))


def _levels(sight: TimeViewport, picture: Picture, seen: SearchOverlay | None) -> NDArray[np.float64]:
    """dBFS at each pixel: of every 5 ms where the source was listened to, else from its peaks."""
    columns = max(2, sight.width)
    if seen is None or not len(seen.activity.levels):
        peaks = np.abs(picture.view(sight.left, sight.right, columns)).max(axis=1)
        return np.asarray(20 * np.log10(np.maximum(peaks, 1e-6)) - 3.0, np.float64)
    levels = seen.activity.levels
    edges = (sight.left + np.arange(columns + 1) * (sight.right - sight.left) / columns) / picture.rate / STEP
    if edges[1] - edges[0] < 1:
        return np.interp((edges[:-1] + edges[1:]) / 2 - 0.5, np.arange(len(levels)), levels)
    at = np.clip(edges.astype(np.int64), 0, len(levels) - 1)
    out = np.maximum.reduceat(levels, at[:-1]).astype(np.float64)
    out[edges[:-1] >= len(levels)] = -120.0
    return out


def _threshold(
    sight: TimeViewport, picture: Picture, seen: SearchOverlay | None, columns: int
) -> NDArray[np.float64] | None:
    if seen is None or not len(seen.found.threshold):
        return None
    place = (sight.left + (np.arange(columns) + 0.5) * (sight.right - sight.left) / columns) / picture.rate / STEP
    return np.interp(place, np.arange(len(seen.found.threshold)), seen.found.threshold)


def _draw_grid(painter: QPainter, plot: QRectF, foot: float) -> None:
    c = colours()
    ground = QColor(c.sheet)
    ground.setAlpha(225)
    for level in _GRID:
        if level > foot + 3:
            at = plot.bottom() - (level - foot) / (_TOP - foot) * plot.height()
            painter.setPen(QPen(QColor(c.line), 1, Qt.PenStyle.DotLine))
            painter.drawLine(QPointF(scaled(28) + 6, at), QPointF(plot.width(), at))
            box = QRectF(3, at - scaled(7), scaled(28), scaled(14))
            painter.fillRect(box, ground)
            painter.setPen(QColor(c.soft))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, f"−{-level}")


def _label(painter: QPainter, plot: QRectF, y: float, text: str, colour: str, *, below: bool) -> None:
    """Beside a line, on a ground of its own, so that it is read over whatever is there."""
    width = painter.fontMetrics().horizontalAdvance(in_words(text)) + 8.0
    box = QRectF(plot.right() - width - 6, y + 1 if below else y - scaled(15) - 2, width, scaled(15))
    box.moveBottom(min(box.bottom(), plot.bottom() - 1))
    ground = QColor(colours().sheet)
    ground.setAlpha(225)
    painter.fillRect(box, ground)
    painter.setPen(QColor(colour))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, in_words(text).replace("-", "−"))
