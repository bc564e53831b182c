"""Draws the board's cells: a shape, a word, a size, and how near it is to its limit."""

from __future__ import annotations

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPen
from PySide6.QtWidgets import QStyle, QStyledItemDelegate, QStyleOptionViewItem, QWidget

from ...core.model.units import format_bytes, format_seconds
from ..field import Field
from ..session import Cell
from ..theme.colours import colours
from ..theme.shapes import WORDS, draw_mark, draw_shape
from .model import CELL_ROLE, NAME, WARNINGS_ROLE

HEIGHT = 30
_PAD = 10


class BoardDelegate(QStyledItemDelegate):
    """Paints one cell at a time; sizes are the same for all, so that a long board scrolls without measuring."""

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        return QSize(120, HEIGHT)

    def createEditor(
        self, parent: QWidget, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> QWidget:
        editor = Field(parent)
        editor.setAccessibleName("Name of the clip")
        editor.setFrame(False)
        return editor

    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        c = colours()
        box = QRectF(option.rect)
        state = option.state
        painter.save()
        if state & QStyle.StateFlag.State_Selected:
            painter.fillRect(box, QColor(c.chosen))
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawLine(box.bottomLeft(), box.bottomRight())
        cell = index.data(CELL_ROLE)
        if isinstance(cell, Cell):
            self._cell(painter, box, cell)
        else:
            self._head(painter, box, index)
        if state & QStyle.StateFlag.State_HasFocus:
            # A frame of its own, so that the place of the keyboard shows even inside a selection.
            pen = QPen(QColor(c.accent if c.dark else c.text), 2)
            painter.setPen(pen)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(box.adjusted(1, 1, -2, -2))
        painter.restore()

    def _head(self, painter: QPainter, box: QRectF, index: QModelIndex | QPersistentModelIndex) -> None:
        c = colours()
        text = str(index.data() or "")
        inner = box.adjusted(_PAD, 0, -_PAD, 0)
        if index.column() == NAME:
            warnings = index.data(WARNINGS_ROLE)
            if warnings:
                room = 30 if len(warnings) > 1 else 16
                mark = QRectF(inner.right() - room + 2, inner.center().y() - 6.5, 13, 13)
                draw_mark(painter, mark, len(warnings))
                inner.setRight(inner.right() - room - 4)
            painter.setPen(QColor(c.text))
            painter.drawText(inner, _LEFT, _fitted(painter, text, inner.width()))
        else:
            painter.setPen(QColor(c.soft))
            painter.drawText(inner, _RIGHT, text)

    def _cell(self, painter: QPainter, box: QRectF, cell: Cell) -> None:
        c = colours()
        shape = QRectF(box.left() + _PAD, box.center().y() - 7, 14, 14)
        draw_shape(painter, cell.state, shape)
        inner = QRectF(shape.right() + 8, box.top(), box.right() - _PAD - shape.right() - 8, box.height())
        word = WORDS[cell.state]
        if cell.state == "making":
            word = f"making {cell.share:.0%}"
        if cell.fit and cell.fit.warnings and cell.state in ("as_is", "convert", "made", "stale"):
            width = painter.fontMetrics().horizontalAdvance(word)
            draw_mark(painter, QRectF(inner.left() + width + 7, box.center().y() - 5.5, 11, 11), 1)
        painter.setPen(c.of(cell.state))
        painter.drawText(inner, _LEFT, word)
        painter.setPen(QColor(c.soft))
        painter.drawText(inner, _RIGHT, _numbers(cell))
        self._bar(painter, box, cell)

    def _bar(self, painter: QPainter, box: QRectF, cell: Cell) -> None:
        """Along the foot of the cell: how far making has come, or how much of the limit is used."""
        c = colours()
        foot = QRectF(box.left() + 1, box.bottom() - 2.5, box.width() - 2, 2.5)
        if cell.state == "making":
            painter.fillRect(QRectF(foot.left(), foot.top(), foot.width() * cell.share, 2.5), QColor(c.accent))
            return
        limit = cell.receiver.rules.limits.max_bytes
        size = cell.record.bytes if cell.record and cell.state == "made" else cell.fit and cell.fit.predicted_bytes
        if not limit or not size:
            return
        used = min(1.0, size / limit)
        over = size > limit
        painter.fillRect(
            QRectF(foot.left(), foot.top(), foot.width() * used, 2.5), c.of("cannot" if over else "convert")
        )


_LEFT = Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter
_RIGHT = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter


def _fitted(painter: QPainter, text: str, width: float) -> str:
    return painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideMiddle, int(width))


def _numbers(cell: Cell) -> str:
    """What the cell is judged by: size where the receiver limits it, else size or seconds."""
    fit = cell.fit
    if cell.state == "made" and cell.record:
        return format_bytes(cell.record.bytes)
    if fit is None or fit.recipe is None:
        return ""
    limit = cell.receiver.rules.limits.max_bytes
    if limit and fit.predicted_bytes and fit.predicted_bytes > limit:
        within = fit.recipe.frames_within(limit)
        if within:
            return f"{format_seconds(fit.predicted_seconds)} of {within / fit.recipe.rate_out:.2f}"
    about = "" if fit.predicted_exact else "≈ "
    return f"{about}{format_bytes(fit.predicted_bytes)}"
