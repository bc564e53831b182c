"""A state's shape as a widget."""

from __future__ import annotations

from PySide6.QtCore import QRectF
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QWidget

from ...words import in_words
from ..shell.access import picture
from ..theme.shapes import WORDS, draw_shape


class ShapeLabel(QWidget):
    """Shows one state, ``size`` pixels square."""

    def __init__(self, size: int) -> None:
        super().__init__()
        picture(self)
        self._state = "empty"
        self.setFixedSize(size, size)

    def show_state(self, state: str) -> None:
        self._state = state
        self.setAccessibleName(in_words(WORDS.get(state, state)))
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        draw_shape(painter, self._state, QRectF(self.rect()).adjusted(1, 1, -1, -1))
