"""Draws the board's cells: a shape, a word, a size, and how near it is to its limit."""

from __future__ import annotations

from typing import Any

from PySide6.QtCore import QModelIndex, QObject, QPersistentModelIndex, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPixmap
from PySide6.QtWidgets import QStyle, QStyledItemDelegate, QStyleOptionViewItem, QWidget

from ...core.log import log
from ...core.model.units import format_bytes, format_seconds
from ...plain_data import dataclass
from ...words import in_words, tr
from ...work.project import Cell
from ..theme.colours import colours
from ..theme.scale import scaled
from ..theme.shapes import WORDS, draw_mark, draw_shape
from ..widgets.field import Field
from .model import BoardModel

HEIGHT = 30  # pixels at the usual text size
_PAD = 10
_KEPT = 400  # pictures


class BoardDelegate(QStyledItemDelegate):
    """Paints one cell at a time; sizes are the same for all, so that a long board scrolls without measuring, and cells that look the same
    are drawn once.
    """

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._pictures: dict[Any, QPixmap] = {}

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        return QSize(scaled(120), scaled(HEIGHT))

    def createEditor(
        self, parent: QWidget, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> QWidget:
        editor = Field(parent)
        editor.setAccessibleName(tr("Name of the clip"))
        editor.setFrame(False)
        return editor

    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        try:
            self._paint(painter, option, index)
        except Exception:  # an exception on the way back into Qt would end the program, and the work with it
            log.exception("while drawing a cell")
            painter.fillRect(option.rect, QColor(colours().sheet))
            painter.setPen(QColor(colours().text))
            painter.drawText(QRectF(option.rect).adjusted(_PAD, 0, -_PAD, 0), _LEFT, tr("? see the log"))

    def _paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        c = colours()
        chosen = bool(option.state & QStyle.StateFlag.State_Selected)
        # Asked directly: on the way through Qt each question waits for its turn among Python's threads.
        model = index.model()
        assert isinstance(model, BoardModel)
        cell = model.cell_at(index)
        look = _cell_look(cell) if cell else _HeadLook(*model.head_of(index))
        ratio = painter.device().devicePixelRatio()
        key = (look, option.rect.width(), option.rect.height(), chosen, c.dark, ratio, option.font.key())
        picture = self._pictures.pop(key, None) or self._drawn(look, option, chosen, ratio)
        self._pictures[key] = picture  # at the end: what was not used for longest is at the beginning
        if len(self._pictures) > _KEPT:
            del self._pictures[next(iter(self._pictures))]
        painter.drawPixmap(option.rect.topLeft(), picture)
        if option.state & QStyle.StateFlag.State_HasFocus:
            # A frame of its own, so that the place of the keyboard shows even inside a selection.
            painter.save()
            painter.setPen(QPen(QColor(c.accent if c.dark else c.text), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(QRectF(option.rect).adjusted(1, 1, -2, -2))
            painter.restore()

    @staticmethod
    def _drawn(look: _HeadLook | _CellLook, option: QStyleOptionViewItem, chosen: bool, ratio: float) -> QPixmap:
        c = colours()
        box = QRectF(0, 0, option.rect.width(), option.rect.height())
        picture = QPixmap((box.size() * ratio).toSize())
        picture.setDevicePixelRatio(ratio)
        picture.fill(QColor(c.chosen if chosen else c.sheet))
        painter = QPainter(picture)
        try:
            painter.setFont(option.font)
            painter.fillRect(QRectF(0, box.height() - 1, box.width(), 1), QColor(c.line))
            look.draw(painter, box)
        finally:
            painter.end()
        return picture


@dataclass(frozen=True, slots=True)
class _HeadLook:
    """What shows of a clip before its receivers: its name, with as many warnings, or a figure."""

    text: str
    name: bool
    warnings: int

    def draw(self, painter: QPainter, box: QRectF) -> None:
        c = colours()
        inner = box.adjusted(_PAD, 0, -_PAD, 0)
        if not self.name:
            painter.setPen(QColor(c.soft))
            painter.drawText(inner, _RIGHT, in_words(self.text))
            return
        if self.warnings:
            room = scaled(30 if self.warnings > 1 else 16)
            mark = QRectF(inner.right() - room + 2, inner.center().y() - scaled(13) / 2, scaled(13), scaled(13))
            draw_mark(painter, mark, self.warnings)
            inner.setRight(inner.right() - room - 4)
        painter.setPen(QColor(c.text))
        painter.drawText(inner, _LEFT, in_words(_fitted(painter, self.text, inner.width())))


@dataclass(frozen=True, slots=True)
class _CellLook:
    """What shows of a cell.

    Attributes
    ----------
    share : along the foot of the cell: how far making has come, or how much of the limit is used; 0 to 1.
    bar : the bar's colour, as the state of that colour.
    """

    state: str
    word: str
    warned: bool
    numbers: str
    share: float
    bar: str

    def draw(self, painter: QPainter, box: QRectF) -> None:
        side = scaled(14)
        shape = QRectF(box.left() + _PAD, box.center().y() - side / 2, side, side)
        draw_shape(painter, self.state, shape)
        inner = QRectF(shape.right() + 8, box.top(), box.right() - _PAD - shape.right() - 8, box.height())
        if self.warned:
            width = painter.fontMetrics().horizontalAdvance(in_words(self.word))
            draw_mark(
                painter,
                QRectF(inner.left() + width + 7, box.center().y() - scaled(11) / 2, scaled(11), scaled(11)),
                1,
            )
        painter.setPen(colours().of(self.state))
        painter.drawText(inner, _LEFT, in_words(self.word))
        metrics = painter.fontMetrics()
        room = inner.width() - metrics.horizontalAdvance(in_words(self.word)) - (scaled(24) if self.warned else 8)
        if (
            metrics.horizontalAdvance(in_words(self.numbers)) <= room
        ):  # else only the word: half a figure would be a wrong one
            painter.setPen(QColor(colours().soft))
            painter.drawText(inner, _RIGHT, in_words(self.numbers))
        if self.share:
            foot = QRectF(box.left() + 1, box.bottom() - 2.5, (box.width() - 2) * self.share, 2.5)
            painter.fillRect(foot, colours().of(self.bar))


def _cell_look(cell: Cell) -> _CellLook:
    state, fit = cell.state, cell.fit
    if state == "making":
        share = round(cell.share, 2)
        word = tr("making {share:.0%}", share=share) if share else tr("waiting")
        return _CellLook(state, word, False, _numbers(cell), share, "making")
    warned = fit is not None and bool(fit.warnings) and state in ("as_is", "convert", "made", "stale")
    used = cell.share_of_limit or 0.0
    bar = "cannot" if used > 1 else "convert"
    return _CellLook(cell.shown, WORDS[cell.shown], warned, _numbers(cell), round(min(1.0, used), 3), bar)


_LEFT = Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter
_RIGHT = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter


def _fitted(painter: QPainter, text: str, width: float) -> str:
    return painter.fontMetrics().elidedText(in_words(text), Qt.TextElideMode.ElideMiddle, int(width))


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
            return tr(
                "{predicted_seconds} of {within:.2f}",
                predicted_seconds=format_seconds(fit.predicted_seconds),
                within=within / fit.recipe.rate_out,
            )
    about = "" if fit.predicted_exact else "≈ "
    return f"{about}{in_words(format_bytes(fit.predicted_bytes))}"
