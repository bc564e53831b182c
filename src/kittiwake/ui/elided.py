"""A label that gives way: where there is no room for all of its text, an ellipsis says so and the tip holds the rest."""

from __future__ import annotations

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QLabel, QSizePolicy

from ..words import in_words


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
        text = self.fontMetrics().elidedText(in_words(self.text()), Qt.TextElideMode.ElideRight, box.width())
        painter.drawText(box, Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, in_words(text))
