"""A tone in time and frequency: each frequency a bar, as thick as it is loud; silence is left empty, and named by its length."""

from __future__ import annotations

import math

from PySide6.QtCore import QLineF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from .....ui.shell.access import picture
from .....ui.theme.colours import colours
from .....ui.theme.scale import scaled
from .....ui.theme.sheet import small_type
from .....words import in_words, tr
from ...core.plan import tone_for
from ...core.recipe import Segment, ToneError, ToneRecipe

_LEFT, _FOOT, _HEAD = 58.0, 20.0, 8.0
_MARKS = (200, 300, 500, 1000, 2000, 4000)
_GUESSED = 1.2  # s that is drawn for words and sounds whose length is not known before they are made
_STEPS = (0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 30, 60)


class TonePicture(QWidget):
    def __init__(self) -> None:
        super().__init__()
        picture(self)
        self._recipe: ToneRecipe | None = None
        self._wrong = ""
        self.setAccessibleName(tr("The tone in time and frequency"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def minimumSizeHint(self) -> QSize:
        return QSize(200, 120)

    def show_recipe(self, recipe: ToneRecipe | None, wrong: str = "") -> None:
        self._recipe, self._wrong = recipe, wrong
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        c = colours()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        small_type(painter)
        room = QRectF(
            scaled(_LEFT),
            scaled(_HEAD),
            self.width() - scaled(_LEFT) - 12,
            self.height() - scaled(_HEAD) - scaled(_FOOT),
        )
        painter.fillRect(room, QColor(c.sheet))
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawRect(room)
        if self._wrong or self._recipe is None:
            painter.setPen(QColor(c.cannot if self._wrong else c.soft))
            painter.drawText(room, Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap, in_words(self._wrong))
            return
        parts = _flat(self._recipe)
        total = sum(seconds for _, seconds in parts) or 1.0
        tones = [hz + one.by for one, _ in parts for hz in one.hz]
        low, high = min([300.0, *tones]) * 0.7, max([1000.0, *tones]) * 1.4
        self._scales(painter, room, low, high, total)
        x = room.left()
        for one, seconds in parts:
            width = seconds / total * room.width()
            self._part(painter, QRectF(x, room.top(), width, room.height()), one, seconds, low, high)
            x += width

    def _scales(self, painter: QPainter, room: QRectF, low: float, high: float, total: float) -> None:
        c = colours()
        for hz in _MARKS:
            if low < hz < high:
                y = _height(hz, room, low, high)
                painter.setPen(QPen(QColor(c.line), 1))
                painter.drawLine(QLineF(room.left(), y, room.right(), y))
                painter.setPen(QColor(c.soft))
                place = QRectF(0, y - scaled(8), scaled(_LEFT) - 8, scaled(16))
                painter.drawText(
                    place, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, tr("{hz:,} Hz", hz=hz)
                )
        step = next((one for one in _STEPS if total / one <= max(2.0, room.width() / scaled(70))), 300.0)
        for number in range(int(total / step + 1e-9) + 1):
            x = room.left() + number * step / total * room.width()
            painter.setPen(QPen(QColor(c.line), 1))
            painter.drawLine(QLineF(x, room.bottom(), x, room.bottom() + 4))
            painter.setPen(QColor(c.soft))
            place = QRectF(min(x, room.right() - scaled(20)) - scaled(40), room.bottom() + 3, scaled(80), scaled(16))
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, tr("{at:g} s", at=number * step))

    def _part(self, painter: QPainter, place: QRectF, one: Segment, seconds: float, low: float, high: float) -> None:
        c = colours()
        if one.kind == "silence":
            if place.width() > 40:
                painter.setPen(QColor(c.soft))
                painter.drawText(place, Qt.AlignmentFlag.AlignCenter, tr("{at:g} s", at=seconds))
            return
        if one.kind != "tone":
            box = place.adjusted(1, place.height() * 0.3, -1, -place.height() * 0.3)
            painter.setPen(QPen(QColor(c.text), 1, Qt.PenStyle.DashLine))
            painter.setBrush(QColor(c.chosen))
            painter.drawRoundedRect(box, 4, 4)
            painter.setPen(QColor(c.text))
            words = painter.fontMetrics().elidedText(
                f"“{in_words(one.say)}”" if one.say else in_words(one.play) or in_words(one.tone),
                Qt.TextElideMode.ElideRight,
                int(box.width() - 8),
            )
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, in_words(words))
            return
        for number, hz in enumerate(one.hz):
            thick = max(2.0, min(14.0, 14 + one.level_of(number) / 3))
            y = _height(hz, place, low, high)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(c.convert))
            painter.drawRoundedRect(QRectF(place.left(), y - thick / 2, max(1.5, place.width()), thick), 2, 2)
            if one.by:
                # A swing is drawn as the notches that it makes.
                painter.setPen(QPen(QColor(c.sheet), 1.5))
                steps = max(3, min(int(place.width() / 6), int(one.by * seconds)))
                for step in range(1, steps):
                    x = place.left() + step / steps * place.width()
                    painter.drawLine(QLineF(x, y - thick / 2, x, y + thick / 2))
            words = tr("{hz:g} Hz", hz=hz) + (tr(" × {by:g}", by=one.by) if one.by else "")
            if painter.fontMetrics().horizontalAdvance(in_words(words)) + 6 < place.width():
                painter.setPen(QColor(c.text))
                # Two close together are named above and below.
                below = len(one.hz) > 1 and hz == min(one.hz)
                where = QRectF(
                    place.left(),
                    y + thick / 2 + 1 if below else y - thick / 2 - scaled(15) - 1,
                    place.width(),
                    scaled(15),
                )
                painter.drawText(where, Qt.AlignmentFlag.AlignCenter, in_words(words))


def _height(hz: float, room: QRectF, low: float, high: float) -> float:
    return room.bottom() - math.log(hz / low) / math.log(high / low) * room.height()


def _flat(recipe: ToneRecipe, depth: int = 0) -> list[tuple[Segment, float]]:
    """What sounds once, one after the other, with seconds."""
    out: list[tuple[Segment, float]] = []
    for one in recipe.segments:
        for _ in range(min(one.times, 50)):
            if one.kind == "other" and one.seconds is None and depth < 3:
                try:
                    out += _flat(tone_for(one.tone), depth + 1)
                except ToneError:
                    out.append((one, _GUESSED))
                continue
            out.append((one, one.seconds if one.seconds is not None else _GUESSED))
    return out[:400]
