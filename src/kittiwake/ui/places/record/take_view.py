"""A take as it grows: its level over time, the noise of the room, and where it was trimmed once it has ended."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from ....words import tr
from ...shell.access import picture
from ...theme.colours import colours
from ...theme.scale import scaled
from ...theme.sheet import small_type

_FOOT, _TOP = -70.0, 0.0  # dBFS
_LEAST_S = 6.0  # that the view is wide


class TakeView(QWidget):
    """``levels`` are in dBFS, one for each ``step`` seconds."""

    def __init__(self) -> None:
        super().__init__()
        picture(self)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(scaled(90))
        self.setAccessibleName(tr("The take as it grows"))
        self.levels: list[float] = []
        self._step = 0.02
        self._room: float | None = None
        self.kept: tuple[float, float] | None = None

    def sizeHint(self) -> QSize:
        return QSize(400, 130)

    def begin(self, step: float, room: float | None) -> None:
        """A take begins: nothing of it is there yet."""
        self.levels, self._step, self._room, self.kept = [], step, room, None
        self.update()

    def show_levels(self, levels: list[float]) -> None:
        self.levels = levels
        self.setAccessibleDescription(tr("{seconds:.1f} s", seconds=len(levels) * self._step))
        self.update()

    def show_trimmed(self, start: float, stop: float) -> None:
        """It has ended: what is kept of it lies between these (s)."""
        self.kept = (start, stop)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        c = colours()
        small_type(painter)
        box = QRectF(self.rect()).adjusted(0.5, 0.5, -1, -1)
        painter.fillRect(box, QColor(c.sheet))
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawRect(box)
        seconds = max(_LEAST_S, len(self.levels) * self._step * 1.05)
        plot = box.adjusted(1, 6, -1, -scaled(18))
        if self.levels:
            self._draw_levels(painter, plot, seconds)
        else:
            painter.setPen(QColor(c.soft))
            painter.drawText(plot, Qt.AlignmentFlag.AlignCenter, tr("The sound grows here while you speak."))
        if self._room is not None:
            y = self._y(plot, self._room)
            painter.setPen(QPen(QColor(c.soft), 1, Qt.PenStyle.DotLine))
            painter.drawLine(QPointF(plot.left(), y), QPointF(plot.right(), y))
        for second in range(0, int(seconds) + 1, 1 if seconds < 16 else 5 if seconds < 80 else 30):
            x = plot.left() + second / seconds * plot.width()
            painter.setPen(QColor(c.soft))
            place = QRectF(
                min(max(2.0, x - scaled(20)), plot.right() - scaled(40)), plot.bottom() + 2, scaled(40), scaled(14)
            )
            side = Qt.AlignmentFlag.AlignLeft if second == 0 else Qt.AlignmentFlag.AlignHCenter
            painter.drawText(place, side, f"{second} s")

    def _y(self, plot: QRectF, level: float) -> float:
        return plot.bottom() - (max(_FOOT, min(_TOP, level)) - _FOOT) / (_TOP - _FOOT) * plot.height()

    def _draw_levels(self, painter: QPainter, plot: QRectF, seconds: float) -> None:
        c = colours()
        columns = max(2, int(plot.width() * len(self.levels) * self._step / seconds))
        levels = np.array(self.levels)
        at = np.minimum(np.arange(columns) * len(levels) // columns, len(levels) - 1)
        highest = np.maximum.reduceat(levels, at) if columns <= len(levels) else levels[at]
        kept = self.kept
        for inside, colour in ((False, c.wave_source), (True, c.convert)):
            lines = []
            for n, level in enumerate(highest.tolist()):
                second = n / plot.width() * seconds
                if (kept is None or kept[0] <= second <= kept[1]) == inside:
                    lines.append(
                        QLineF(plot.left() + n + 0.5, self._y(plot, level), plot.left() + n + 0.5, plot.bottom())
                    )
            painter.setPen(QPen(QColor(colour), 1))
            painter.drawLines(lines)
        if kept is not None:
            painter.setPen(QPen(QColor(c.text), 1.5))
            for at_s in kept:
                x = plot.left() + at_s / seconds * plot.width()
                painter.drawLine(QPointF(x, plot.top()), QPointF(x, plot.bottom()))
            place = QRectF(plot.left() + kept[0] / seconds * plot.width() + 4, plot.top(), scaled(200), scaled(14))
            painter.setPen(QColor(c.text))
            painter.drawText(place, Qt.AlignmentFlag.AlignLeft, tr("kept: {kept:.2f} s", kept=kept[1] - kept[0]))
