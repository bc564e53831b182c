"""A level meter: the level now, the highest held for a while, and a mark that stays where it clipped."""

from __future__ import annotations

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from ....core.model.units import format_db
from ....words import in_words, tr
from ....work.record import Meter
from ...shell.access import picture
from ...theme.colours import colours
from ...theme.scale import scaled
from ...theme.sheet import small_type

_LOW = -60.0
_BESIDE_THE_BAR = 124  # pixels for what is said beside the bar, at the usual text size
_GOOD = (-24.0, -6.0)  # dBFS: where peaks of speech should lie


class MeterView(QWidget):
    """Draws a ``Meter``."""

    def __init__(self) -> None:
        super().__init__()
        picture(self)
        self._meter: Meter | None = None
        self._room: float | None = None
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("Level of the microphone"))

    def sizeHint(self) -> QSize:
        return QSize(400, 30 + scaled(16))

    def show_meter(self, meter: Meter | None, room: float | None) -> None:
        self._meter, self._room = meter, room
        if meter is not None:
            clipped = tr(", clipped") if meter.clipped else ""
            self.setAccessibleDescription(tr("peak {peak}{clipped}", peak=format_db(meter.peak), clipped=clipped))
        self.update()

    def _x(self, decibels: float) -> float:
        return 4 + (max(_LOW, min(0.0, decibels)) - _LOW) / -_LOW * (self.width() - scaled(_BESIDE_THE_BAR) - 8)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        c = colours()
        small_type(painter)
        bar = QRectF(4, 6, self.width() - scaled(_BESIDE_THE_BAR) - 8, 16)
        painter.fillRect(bar, QColor(c.sheet))
        good = QColor(c.made)
        good.setAlpha(45)
        painter.fillRect(QRectF(self._x(_GOOD[0]), 6, self._x(_GOOD[1]) - self._x(_GOOD[0]), 16), good)
        meter = self._meter
        if meter is not None:
            painter.fillRect(QRectF(4, 9, max(0.0, self._x(meter.level) - 4), 10), QColor(c.wave_output))
            painter.setPen(QPen(QColor(c.text), 2))
            painter.drawLine(int(self._x(meter.peak)), 6, int(self._x(meter.peak)), 22)
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawRect(bar)
        painter.setPen(QColor(c.soft))
        for mark in (-60, -48, -36, -24, -12, -6, 0):
            x = self._x(mark)
            painter.drawLine(int(x), 22, int(x), 26)
            painter.drawText(
                QRectF(max(0.0, x - scaled(20)), 27, scaled(40), scaled(14)),
                Qt.AlignmentFlag.AlignCenter,
                f"{in_words(mark)}".replace("-", "−"),
            )
        if self._room is not None:
            painter.setPen(QPen(QColor(c.stale), 2, Qt.PenStyle.DotLine))
            painter.drawLine(int(self._x(self._room)), 4, int(self._x(self._room)), 24)
        text_box = QRectF(self.width() - scaled(_BESIDE_THE_BAR), 2, scaled(_BESIDE_THE_BAR) - 2, 24)
        if meter is not None and meter.clipped:
            painter.setPen(QColor(c.cannot))
            painter.drawText(text_box, Qt.AlignmentFlag.AlignVCenter, tr("▲ clipped"))
        elif meter is not None:
            painter.setPen(QColor(c.text))
            painter.drawText(text_box, Qt.AlignmentFlag.AlignVCenter, tr("peak {peak}", peak=format_db(meter.peak)))
