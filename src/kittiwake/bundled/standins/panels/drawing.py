"""Line drawings of machines, one style: thin lines of one width, filled where they hold something, moving while they are heard."""

from __future__ import annotations

import math
from collections.abc import Callable

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from ....ui.shell.access import picture
from ....ui.theme.colours import colours
from ....ui.theme.scale import scaled

#: Draws a machine into a box: painter, box, share that is full (0 to 1), turn (0 to 1, goes round while it is heard; −1 while it is not).
Draw = Callable[[QPainter, QRectF, float, float], None]
_TICK = 60  # ms
_ROUND = 24  # ticks


class Drawing(QWidget):
    """One machine."""

    def __init__(self, draw: Draw) -> None:
        super().__init__()
        picture(self)
        self._draw = draw
        self._share, self._turn, self._state = 0.0, -1.0, "empty"
        self._timer = QTimer(self)
        self._timer.setInterval(_TICK)
        self._timer.timeout.connect(self._tick)
        self.setFixedHeight(scaled(72))

    def sizeHint(self) -> QSize:
        return QSize(200, 84)

    def show_share(self, share: float, state: str) -> None:
        """``state`` is that of a cell; its colour is that of the lines."""
        self._share, self._state = min(1.0, share), state
        self.update()

    def set_sounding(self, sounding: bool) -> None:
        if sounding and not self._timer.isActive():
            self._turn = 0.0
            self._timer.start()
        elif not sounding and self._timer.isActive():
            self._timer.stop()
            self._turn = -1.0
        self.update()

    def _tick(self) -> None:
        self._turn = (self._turn + 1 / _ROUND) % 1.0
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        pen = QPen(colours().of(self._state) if self._state != "empty" else QColor(colours().soft), 1.6)
        pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
        pen.setCapStyle(Qt.PenCapStyle.RoundCap)
        painter.setPen(pen)
        middle, height = self.width() / 2, min(84.0, float(self.height()))
        self._draw(painter, QRectF(middle - 80, (self.height() - height) / 2, 160, height), self._share, self._turn)


def filled(painter: QPainter, box: QRectF, share: float) -> None:
    """A bar along the foot of a box, as far as it is full."""
    painter.fillRect(QRectF(box.left(), box.bottom() - 4, box.width() * share, 4), colours().of("convert"))


def waves(painter: QPainter, at: QPointF, turn: float, count: int = 3) -> None:
    """Sound that goes out to the right; nothing while nothing is heard."""
    if turn < 0:
        return
    before = painter.pen()
    painter.setPen(QPen(QColor(colours().accent), 2))
    for n in range(count):
        reach = 9 + 11 * ((n + turn) % count)
        painter.drawArc(QRectF(at.x() - reach, at.y() - reach, 2 * reach, 2 * reach), -32 * 16, 64 * 16)
    painter.setPen(before)


def radio(painter: QPainter, box: QRectF, share: float, turn: float) -> None:
    """A set with a knob, whose mark goes round, and a grille."""
    case = box.adjusted(26, 14, -40, -8)
    painter.drawRoundedRect(case, 7, 7)
    knob = QPointF(case.left() + 24, case.center().y())
    painter.drawEllipse(knob, 13, 13)
    angle = math.pi * (0.75 + 1.5 * (turn if turn >= 0 else share))
    painter.drawLine(knob, knob + QPointF(11 * math.cos(angle), 11 * math.sin(angle)))
    for n in range(4):
        y = case.top() + 14 + n * 9
        painter.drawLine(QPointF(case.left() + 48, y), QPointF(case.right() - 10, y))
    painter.drawLine(QPointF(case.right() - 12, case.top()), QPointF(case.right() + 4, box.top() + 2))
    filled(painter, case.adjusted(4, 0, -4, -3), share)
    waves(painter, QPointF(case.right() + 6, case.center().y()), turn)


def box(painter: QPainter, box: QRectF, share: float, turn: float) -> None:
    """A letter box, with as much in it as it holds; its flag is up while something is heard."""
    case = box.adjusted(38, 22, -46, -14)
    painter.drawRoundedRect(case, 12, 12)
    painter.drawLine(case.bottomLeft() + QPointF(20, 0), case.bottomLeft() + QPointF(20, 12))
    painter.drawLine(case.bottomLeft() + QPointF(30, 0), case.bottomLeft() + QPointF(30, 12))
    painter.drawLine(case.topLeft() + QPointF(14, 14), case.topRight() + QPointF(-14, 14))
    foot = case.topRight() + QPointF(-8, 10)
    tip = foot + (QPointF(0, -22) if turn >= 0 else QPointF(18, 0))
    painter.drawLine(foot, tip)
    painter.drawPolygon(QPolygonF([tip, tip + QPointF(9, 3), tip + QPointF(0, 8)]))
    filled(painter, case.adjusted(10, 0, -10, -5), share)
    waves(painter, QPointF(case.right() + 12, case.center().y()), turn)


def horns(painter: QPainter, box: QRectF, share: float, turn: float) -> None:
    """A mast with two horns, and a case at its foot."""
    x = box.center().x() - 14
    painter.drawLine(QPointF(x, box.top() + 8), QPointF(x, box.bottom() - 24))
    case = QRectF(x - 24, box.bottom() - 26, 48, 20)
    painter.drawRoundedRect(case, 4, 4)
    for y in (box.top() + 16, box.top() + 38):
        painter.drawPolygon(
            QPolygonF(
                [QPointF(x + 4, y - 4), QPointF(x + 28, y - 11), QPointF(x + 28, y + 11), QPointF(x + 4, y + 4)]
            )
        )
        waves(painter, QPointF(x + 26, y), turn, 2)
    filled(painter, case.adjusted(4, 0, -4, -3), share)


def board(painter: QPainter, box: QRectF, share: float, turn: float) -> None:
    """A small board with a chip, its feet, and a loudspeaker."""
    plate = box.adjusted(24, 12, -34, -8)
    painter.drawRoundedRect(plate, 4, 4)
    chip = QRectF(plate.left() + 14, plate.center().y() - 13, 34, 26)
    painter.drawRect(chip)
    for n in range(4):
        x = chip.left() + 6 + n * 7.5
        painter.drawLine(QPointF(x, chip.top()), QPointF(x, chip.top() - 5))
        painter.drawLine(QPointF(x, chip.bottom()), QPointF(x, chip.bottom() + 5))
    filled(painter, chip.adjusted(3, 0, -3, -3), share)
    speaker = QPointF(plate.right() - 22, plate.center().y())
    painter.drawEllipse(speaker, 15, 15)
    painter.drawEllipse(speaker, 5 + (3 * turn if turn >= 0 else 0), 5 + (3 * turn if turn >= 0 else 0))
    waves(painter, speaker + QPointF(16, 0), turn, 2)


def handset(painter: QPainter, box: QRectF, share: float, turn: float) -> None:
    """A block of keys, of which those that were pressed light up, and a line that leads away."""
    row = (box.height() - 14) / 4  # the bar of what is held lies below
    for n in range(12):
        key = QRectF(box.left() + 44 + n % 3 * 20, box.top() + 2 + n // 3 * row, 15, row - 4)
        if turn >= 0 and int(turn * 12) == n:
            painter.fillRect(key, QColor(colours().accent))
        painter.drawRoundedRect(key, 3, 3)
    waves(painter, QPointF(box.left() + 112, box.center().y()), turn)
    filled(painter, QRectF(box.left() + 44, box.bottom() - 8, 55, 6), share)


def lamp(painter: QPainter, box: QRectF, share: float, turn: float) -> None:
    """A post with a lamp, which is lit while it speaks; the post fills as its memory does."""
    middle, foot = box.center().x(), box.bottom() - 6
    painter.drawLine(QPointF(middle - 60, foot), QPointF(middle + 60, foot))
    post = QRectF(middle - 9, box.top() + 34, 18, foot - box.top() - 34)
    painter.drawRect(post)
    full = (post.height() - 4) * share
    painter.fillRect(
        QRectF(post.left() + 2, post.bottom() - 2 - full, post.width() - 4, full), colours().of("convert")
    )
    head = QRectF(middle - 14, box.top() + 6, 28, 26)
    if turn >= 0:
        painter.setBrush(QColor(colours().accent))
    painter.drawRoundedRect(head, 8, 8)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    waves(painter, QPointF(head.right(), head.center().y()), turn)
