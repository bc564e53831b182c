"""Cells whose text has emphasis, drawn as long as there is room."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, Qt
from PySide6.QtGui import QColor, QPainter, QTextDocument
from PySide6.QtWidgets import QStyle, QStyledItemDelegate, QStyleOptionViewItem, QTableView

from ...words import in_words
from ..theme.colours import colours
from ..theme.scale import scaled
from .rich import in_our_weights

_MARGIN = 13  # pixels at the usual size of text, beside the words of a cell


class Emphasis(QStyledItemDelegate):
    """``html`` gives the text of a row."""

    def __init__(self, view: QTableView, html: Callable[[int], str]) -> None:
        super().__init__(view)
        self._view, self._html = view, html

    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        self.initStyleOption(option, index)
        view: Any = option
        view.text = ""
        self._view.style().drawControl(QStyle.ControlElement.CE_ItemViewItem, view, painter, self._view)
        words = QTextDocument()
        words.setDefaultFont(view.font)
        words.setDocumentMargin(0)
        words.setDefaultStyleSheet(f"body {{ color: {colours().text} }}")
        words.setHtml(f"<body>{in_our_weights(in_words(self._html(index.row())))}</body>")
        rect = view.rect.adjusted(scaled(_MARGIN), 0, -scaled(_MARGIN), 0)
        painter.save()
        if words.idealWidth() > rect.width():  # said as everywhere that there is more
            more = view.fontMetrics.horizontalAdvance(" …")
            painter.setPen(QColor(colours().soft))
            painter.setFont(view.font)
            painter.drawText(rect, int(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter), "…")
            rect.adjust(0, 0, -more, 0)
        painter.setClipRect(rect)
        painter.translate(rect.x(), rect.y() + (rect.height() - words.size().height()) / 2)
        words.drawContents(painter)
        painter.restore()
