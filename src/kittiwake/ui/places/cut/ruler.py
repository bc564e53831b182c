"""Times under the sound, the cursor, and where the ear is."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from ....words import decimal
from ...theme.colours import colours
from ...theme.scale import scaled
from .viewport import HEAD, TimeViewport, clock

_STEPS = (0.0001, 0.0002, 0.0005, 0.001, 0.002, 0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 15, 30, 60, 120, 300, 600,
          1800, 3600)  # fmt: skip


def draw_ruler(painter: QPainter, sight: TimeViewport) -> None:
    c, foot = colours(), sight.ledge.bottom()
    seconds = (sight.right - sight.left) / sight.rate
    step = next((s for s in _STEPS if seconds / s <= max(2.0, sight.width / 84)), 7200.0)
    at = np.ceil(sight.left / sight.rate / step) * step
    while at <= sight.right / sight.rate + 1e-9:
        x = sight.x(at * sight.rate)
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawLine(QPointF(x, foot), QPointF(x, foot + 4))
        painter.setPen(QColor(c.soft))
        place = QRectF(
            min(max(scaled(18), x), sight.width - scaled(26)) - scaled(40), foot + 3, scaled(80), scaled(15)
        )
        painter.drawText(
            place, Qt.AlignmentFlag.AlignCenter, decimal(clock(float(at), step)) + (" s" if at < 60 else "")
        )
        at += step


def draw_cursor(painter: QPainter, sight: TimeViewport, cursor: int, playing: int | None) -> None:
    c = colours()
    if sight.shows(cursor, cursor):
        x = sight.x(cursor)
        painter.setPen(QPen(QColor(c.text), 1))
        painter.drawLine(QPointF(x, HEAD - 4), QPointF(x, sight.ledge.bottom() + 4))
    if playing is not None and sight.shows(playing, playing):
        x = sight.x(playing)
        painter.setPen(QPen(QColor(c.accent if c.dark else c.decide), 2))
        painter.drawLine(QPointF(x, HEAD), QPointF(x, sight.ledge.bottom()))
