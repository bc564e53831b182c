"""Music as its level over time, with the loop standing out from what is left away."""

from __future__ import annotations

from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QSizePolicy, QWidget

from .....ui.shell.access import picture
from .....ui.theme.colours import colours
from .....ui.theme.scale import scaled
from .....ui.theme.sheet import small_type
from .....words import in_words, tr

_LEFT, _FOOT, _HEAD = 50.0, 20.0, 20.0
_FLOOR = -54.0  # dBFS
_STEPS = (1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 1800)
_GRIP = 8.0


class LoopPicture(QWidget):
    """``moved`` gives the loop (seconds) as somebody dragged it."""

    moved = Signal(float, float)

    def __init__(self) -> None:
        super().__init__()
        picture(self)
        self._levels: tuple[float, ...] = ()
        self._seconds = 0.0
        self._loop: tuple[float, float] | None = None
        self._words = tr("Choose music on the board, and open this page.")
        self._held = -1
        self.setAccessibleName(tr("Level of the music over time, with its loop"))
        self.setMouseTracking(True)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def minimumSizeHint(self) -> QSize:
        return QSize(200, 130)

    def say(self, words: str) -> None:
        """In place of music that is not there yet."""
        self._words, self._levels = words, ()
        self.update()

    def show_music(self, levels: tuple[float, ...], seconds: float, loop: tuple[float, float] | None) -> None:
        self._levels, self._seconds, self._loop = levels, seconds, loop
        self.update()

    def show_loop(self, loop: tuple[float, float] | None) -> None:
        self._loop = loop
        self.update()

    @property
    def _room(self) -> QRectF:
        return QRectF(
            scaled(_LEFT),
            scaled(_HEAD),
            self.width() - scaled(_LEFT) - 12,
            self.height() - scaled(_HEAD) - scaled(_FOOT),
        )

    def x_of(self, second: float) -> float:
        return self._room.left() + second / max(1e-9, self._seconds) * self._room.width()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._held = self._grip(event.position().x())

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        x = event.position().x()
        self.setCursor(
            Qt.CursorShape.SizeHorCursor if self._held >= 0 or self._grip(x) >= 0 else Qt.CursorShape.ArrowCursor
        )
        if self._held < 0 or self._loop is None:
            return
        second = min(self._seconds, max(0.0, (x - self._room.left()) / self._room.width() * self._seconds))
        start, stop = self._loop
        loop = (min(second, stop - 1), stop) if self._held == 0 else (start, max(second, start + 1))
        self._loop = loop
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._held >= 0 and self._loop is not None:
            self.moved.emit(*self._loop)
        self._held = -1

    def _grip(self, x: float) -> int:
        """Which end of the loop is under the pointer, −1 for none."""
        if self._loop is None or not self._levels:
            return -1
        return next((n for n, second in enumerate(self._loop) if abs(self.x_of(second) - x) <= _GRIP), -1)

    def paintEvent(self, event: QPaintEvent) -> None:
        c, room = colours(), self._room
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        small_type(painter)
        painter.fillRect(room, QColor(c.sheet))
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawRect(room)
        if not self._levels:
            painter.setPen(QColor(c.soft))
            painter.drawText(room, Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap, in_words(self._words))
            return
        self._scales(painter, room)
        points = [room.bottomLeft()]
        for number, level in enumerate(self._levels):
            x = room.left() + (number + 0.5) / len(self._levels) * room.width()
            points.append(QPointF(x, room.bottom() - max(0.0, level - _FLOOR) / -_FLOOR * room.height()))
        shape = QPolygonF([*points, room.bottomRight()])
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(c.line))
        painter.drawPolygon(shape)
        if self._loop is not None:
            self._draw_loop(painter, room, shape)

    def _draw_loop(self, painter: QPainter, room: QRectF, shape: QPolygonF) -> None:
        assert self._loop is not None
        c = colours()
        left, right = (self.x_of(second) for second in self._loop)
        painter.save()
        painter.setClipRect(QRectF(left, room.top(), right - left, room.height()))
        painter.setBrush(QColor(c.convert))
        painter.drawPolygon(shape)
        painter.restore()
        painter.setPen(QPen(QColor(c.text), 2))
        for x in (left, right):
            painter.drawLine(QLineF(x, room.top() - 6, x, room.bottom()))
        painter.setPen(QColor(c.text))
        start, stop = self._loop
        words = tr("loop {stop:.2f} s", stop=stop - start)
        place = QRectF(left, room.top() - scaled(20), max(right - left, 10), scaled(18))
        if painter.fontMetrics().horizontalAdvance(in_words(words)) < place.width():
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, in_words(words))

    def _scales(self, painter: QPainter, room: QRectF) -> None:
        c = colours()
        for level in (-12, -24, -36, -48):
            y = room.bottom() - (level - _FLOOR) / -_FLOOR * room.height()
            painter.setPen(QPen(QColor(c.line), 1))
            painter.drawLine(QLineF(room.left(), y, room.right(), y))
            painter.setPen(QColor(c.soft))
            place = QRectF(0, y - scaled(8), scaled(_LEFT) - 6, scaled(16))
            painter.drawText(
                place, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, tr("−{level} dB", level=-level)
            )
        step = next((one for one in _STEPS if self._seconds / one <= max(2.0, room.width() / scaled(80))), 3600)
        for number in range(int(self._seconds / step) + 1):
            x, at = self.x_of(number * step), number * step
            painter.setPen(QPen(QColor(c.line), 1))
            painter.drawLine(QLineF(x, room.bottom(), x, room.bottom() + 4))
            painter.setPen(QColor(c.soft))
            place = QRectF(min(x, room.right() - scaled(22)) - scaled(40), room.bottom() + 3, scaled(80), scaled(16))
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, f"{at // 60}:{at % 60:02}")
