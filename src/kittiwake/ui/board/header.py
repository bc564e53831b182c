"""The head of the board: a receiver's name over what it demands, each with an ellipsis where there is no room for all of it."""

from __future__ import annotations

from PySide6.QtCore import QRect, Qt
from PySide6.QtGui import QColor, QPainter
from PySide6.QtWidgets import QHeaderView, QWidget

from ...words import in_words
from ..theme.colours import colours

_PAD = 10


class BoardHeader(QHeaderView):
    """Drawn here, since Qt's own cuts lines off without saying so, and dresses the current column in another typeface."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(Qt.Orientation.Horizontal, parent)

    def paintSection(self, painter: QPainter, rect: QRect, logicalIndex: int) -> None:
        c = colours()
        painter.save()
        painter.fillRect(rect, QColor(c.sheet))
        painter.setPen(QColor(c.line))
        painter.drawLine(rect.bottomLeft(), rect.bottomRight())
        model = self.model()
        text = str(model.headerData(logicalIndex, self.orientation(), Qt.ItemDataRole.DisplayRole) or "")
        side = model.headerData(logicalIndex, self.orientation(), Qt.ItemDataRole.TextAlignmentRole)
        right = side is not None and bool(int(side) & int(Qt.AlignmentFlag.AlignRight))
        box = rect.adjusted(_PAD, 5, -_PAD, -5)
        painter.setFont(self.font())
        metrics = painter.fontMetrics()
        lines = text.split("\n")
        top = box.top() + max(0, (box.height() - len(lines) * metrics.height()) // 2)
        for n, line in enumerate(lines):
            painter.setPen(QColor(c.text if n == 0 else c.soft))
            place = QRect(box.left(), top + n * metrics.height(), box.width(), metrics.height())
            shown = metrics.elidedText(in_words(line), Qt.TextElideMode.ElideRight, place.width())
            painter.drawText(
                place, Qt.AlignmentFlag.AlignRight if right else Qt.AlignmentFlag.AlignLeft, in_words(shown)
            )
        painter.restore()
