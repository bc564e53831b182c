"""A label that gives way: where there is no room for all of its text, an ellipsis says so and the tip holds the rest."""

from __future__ import annotations

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QResizeEvent
from PySide6.QtWidgets import QLabel, QSizePolicy

from ...words import in_words
from .button import Button


class ElidedLabel(QLabel):
    """``text`` is always all of it, for readers of screens too."""

    def __init__(self) -> None:
        super().__init__()
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Preferred)

    def minimumSizeHint(self) -> QSize:
        return QSize(24, super().minimumSizeHint().height())

    def setText(self, text: str) -> None:
        super().setText(in_words(text))
        self.setToolTip(in_words(text))

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setPen(self.palette().color(self.foregroundRole()))
        box = self.contentsRect()
        text = self.fontMetrics().elidedText(self.text(), Qt.TextElideMode.ElideRight, box.width())
        painter.drawText(box, Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, in_words(text))


class ElidedButton(Button):
    """A button that gives way as well; ``accessibleName`` is all of it."""

    def __init__(self, text: str) -> None:
        super().__init__(text)
        self._whole = self.text()
        self.setAccessibleName(self._whole)
        self.setSizePolicy(QSizePolicy.Policy.Maximum, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        room = super().sizeHint().width() - self.fontMetrics().horizontalAdvance(self.text())
        return QSize(self.fontMetrics().horizontalAdvance(self._whole) + room, super().sizeHint().height())

    def minimumSizeHint(self) -> QSize:
        return QSize(40, super().minimumSizeHint().height())

    def resizeEvent(self, event: QResizeEvent) -> None:
        room = self.sizeHint().width() - self.fontMetrics().horizontalAdvance(self._whole)
        shown = self.fontMetrics().elidedText(self._whole, Qt.TextElideMode.ElideRight, self.width() - room)
        super().setText(shown)
        self.setToolTip(self._whole if shown != self._whole else "")
        super().resizeEvent(event)
