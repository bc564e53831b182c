"""A shape for every state of a cell, so that none depends on colour alone."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath, QPen, QPolygonF

from ...words import phrase
from .colours import colours

#: State -> the word for it, as shown and as read out.
WORDS = {
    "empty": "–",
    "waiting": phrase("looking"),
    "as_is": phrase("as is"),
    "convert": phrase("will convert"),
    "decide": phrase("decide"),
    "cannot": phrase("cannot"),
    "left_out": phrase("not for it"),
    "making": phrase("making"),
    "made": phrase("made"),
    "delivered": phrase("delivered"),
    "older": phrase("older sent"),
    "stale": phrase("stale"),
    "failed": phrase("failed"),
}


def draw_shape(painter: QPainter, state: str, box: QRectF) -> None:
    """Draw a state's shape into a square box."""
    colour = colours().of(state)
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    pen = QPen(colour, max(1.6, box.width() / 8))
    pen.setCapStyle(Qt.PenCapStyle.RoundCap)
    pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
    painter.setPen(pen)
    _DRAW.get(state, _dash)(painter, box, colour)
    painter.restore()


def _at(box: QRectF, x: float, y: float) -> QPointF:
    return QPointF(box.x() + box.width() * x, box.y() + box.height() * y)


def _dash(painter: QPainter, box: QRectF, colour: QColor) -> None:
    painter.drawLine(_at(box, 0.25, 0.5), _at(box, 0.75, 0.5))


def _left_out(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # A line with a gap in it.
    painter.drawLine(_at(box, 0.0, 0.5), _at(box, 0.26, 0.5))
    painter.drawLine(_at(box, 0.74, 0.5), _at(box, 1.0, 0.5))


def _as_is(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # Two level lines: what goes in comes out.
    painter.drawLine(_at(box, 0.08, 0.34), _at(box, 0.92, 0.34))
    painter.drawLine(_at(box, 0.08, 0.68), _at(box, 0.92, 0.68))


def _convert(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # A wide mouth that narrows.
    painter.drawPolyline(QPolygonF([_at(box, 0.1, 0.12), _at(box, 0.55, 0.42), _at(box, 0.92, 0.42)]))
    painter.drawPolyline(QPolygonF([_at(box, 0.1, 0.9), _at(box, 0.55, 0.6), _at(box, 0.92, 0.6)]))


def _decide(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # A fork.
    painter.drawLine(_at(box, 0.08, 0.5), _at(box, 0.45, 0.5))
    painter.drawPolyline(QPolygonF([_at(box, 0.9, 0.12), _at(box, 0.45, 0.5), _at(box, 0.9, 0.88)]))


def _cannot(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # A wall.
    painter.drawLine(_at(box, 0.08, 0.5), _at(box, 0.55, 0.5))
    painter.setPen(QPen(colour, max(3.0, box.width() / 4)))
    painter.drawLine(_at(box, 0.8, 0.1), _at(box, 0.8, 0.9))


def _made(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # A bird that has landed: two wings, filled.
    path = QPainterPath(_at(box, 0.0, 0.28))
    path.quadTo(_at(box, 0.36, 0.16), _at(box, 0.5, 0.6))
    path.quadTo(_at(box, 0.64, 0.16), _at(box, 1.0, 0.28))
    path.quadTo(_at(box, 0.68, 0.4), _at(box, 0.5, 0.98))
    path.quadTo(_at(box, 0.32, 0.4), _at(box, 0.0, 0.28))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.fillPath(path, colour)


def _delivered(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # The bird on a ledge.
    upper = QRectF(box.x(), box.y(), box.width(), box.height() * 0.8)
    _made(painter, upper, colour)
    painter.setPen(QPen(colour, max(1.6, box.width() / 8)))
    painter.drawLine(_at(box, 0.08, 0.94), _at(box, 0.92, 0.94))


def _older(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # The same, no longer filled.
    upper = QRectF(box.x(), box.y(), box.width(), box.height() * 0.8)
    _stale(painter, upper, colour)
    painter.setPen(QPen(colour, max(1.6, box.width() / 8)))
    painter.drawLine(_at(box, 0.08, 0.94), _at(box, 0.92, 0.94))


def _stale(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # The same wings, not filled any more.
    path = QPainterPath(_at(box, 0.02, 0.3))
    path.quadTo(_at(box, 0.36, 0.2), _at(box, 0.5, 0.85))
    path.quadTo(_at(box, 0.64, 0.2), _at(box, 0.98, 0.3))
    pen = QPen(colour, max(1.6, box.width() / 9), Qt.PenStyle.DotLine)
    painter.setPen(pen)
    painter.drawPath(path)


def _failed(painter: QPainter, box: QRectF, colour: QColor) -> None:
    # A broken line.
    zig = [_at(box, x, y) for x, y in ((0.05, 0.3), (0.42, 0.3), (0.3, 0.72), (0.7, 0.28), (0.58, 0.7), (0.95, 0.7))]
    painter.drawPolyline(QPolygonF(zig))


def _making(painter: QPainter, box: QRectF, colour: QColor) -> None:
    painter.setBrush(colour)
    painter.setPen(Qt.PenStyle.NoPen)
    for x in (0.16, 0.5, 0.84):
        painter.drawEllipse(_at(box, x, 0.5), box.width() / 9, box.width() / 9)


_DRAW = {
    "left_out": _left_out,
    "as_is": _as_is,
    "convert": _convert,
    "decide": _decide,
    "cannot": _cannot,
    "made": _made,
    "delivered": _delivered,
    "older": _older,
    "stale": _stale,
    "failed": _failed,
    "making": _making,
    "waiting": _making,
}


def draw_mark(painter: QPainter, box: QRectF, count: int) -> None:
    """The warning mark: a small pennant, with its count behind it where there is more than one."""
    colour = colours().of("decide")
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(QPen(colour, 1.6))
    painter.drawLine(_at(box, 0.2, 0.05), _at(box, 0.2, 0.98))
    painter.setBrush(colour)
    painter.drawPolygon(QPolygonF([_at(box, 0.2, 0.08), _at(box, 0.9, 0.32), _at(box, 0.2, 0.58)]))
    painter.restore()
    if count > 1:
        painter.setPen(colour)
        painter.drawText(
            QRectF(box.right() + 2, box.top() - 3, 20, box.height() + 6), Qt.AlignmentFlag.AlignVCenter, str(count)
        )
