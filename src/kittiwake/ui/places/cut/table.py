"""The spans as a table that is edited in place."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

from PySide6.QtCore import (
    QAbstractTableModel,
    QItemSelection,
    QItemSelectionModel,
    QModelIndex,
    QPersistentModelIndex,
    Qt,
    Signal,
)
from PySide6.QtWidgets import QAbstractItemView, QHeaderView, QTableView

from ....core.cut.times import frame_of
from ....core.errors import KittiwakeError
from ....core.model.span import START, STOP, Span
from ....words import decimal, in_words, phrase, tr
from ...theme.scale import scaled
from ...widgets.sentence import Sentence
from ...widgets.table_copying import TableCopying
from .viewport import clock

Index = QModelIndex | QPersistentModelIndex
NUMBER, NAME, TEXT, FROM, TO, LENGTH, TAKE = range(7)
_HEADS = (
    "",
    phrase("Name"),
    phrase("Text"),
    phrase("Start"),
    phrase("End"),
    phrase("Length"),
    phrase("Take"),
)
_WIDTHS = {NUMBER: 72, NAME: 200, FROM: 104, TO: 104, LENGTH: 84, TAKE: 150}


class SpanModel(QAbstractTableModel):
    """What a person types is emitted as a signal, and changes nothing here."""

    renamed = Signal(str, str)
    worded = Signal(str, str)
    moved = Signal(str, str, int)  # id, edge, frame
    message = Signal(Sentence)

    def __init__(self) -> None:
        super().__init__()
        self.rate = 1
        self._spans: tuple[Span, ...] = ()
        self._names: dict[str, str] = {}
        self._more: dict[str, str] = {}
        self._numbers: list[int] = []

    def show(self, spans: Sequence[Span], names: dict[str, str], more: dict[str, str], rate: int) -> None:
        """``more`` is what is told of takes, and of names suggested by ear."""
        same = [span.id for span in spans] == [span.id for span in self._spans]
        if not same:
            self.beginResetModel()
        self._spans, self._names, self._more, self.rate = tuple(spans), names, more, rate
        number, self._numbers = 0, []
        for span in spans:
            number += not span.aside
            self._numbers.append(number)
        if not same:
            self.endResetModel()
        elif spans:
            self.dataChanged.emit(self.index(0, 0), self.index(len(spans) - 1, TAKE))

    def row_of(self, span_id: str) -> int:
        return next((row for row, span in enumerate(self._spans) if span.id == span_id), -1)

    def span_at(self, row: int) -> Span | None:
        return self._spans[row] if 0 <= row < len(self._spans) else None

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self._spans)

    def columnCount(self, parent: Index | None = None) -> int:
        return len(_HEADS)

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.DisplayRole:
            return in_words(_HEADS[section])
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.TextAlignmentRole:
            return int(_side(section))
        return None

    def flags(self, index: Index) -> Qt.ItemFlag:
        plain = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        return plain | Qt.ItemFlag.ItemIsEditable if index.column() in (NAME, TEXT, FROM, TO) else plain

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        span = self.span_at(index.row())
        if span is None:
            return None
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.EditRole):
            return self._text(span, index.row(), index.column())
        if role == Qt.ItemDataRole.TextAlignmentRole:
            return int(_side(index.column()))
        if role == Qt.ItemDataRole.ToolTipRole and index.column() in (FROM, TO):
            frame = span.start if index.column() == FROM else span.stop
            return tr("Frame {frame:,}. Type seconds, m:ss, or 44100 samples.", frame=frame)
        return None

    def _text(self, span: Span, row: int, column: int) -> str:
        if column == NUMBER:
            return tr("aside") if span.aside else f"{self._numbers[row]:02}"
        if column in (FROM, TO, LENGTH):
            frame = {FROM: span.start, TO: span.stop, LENGTH: span.stop - span.start}[column]
            return decimal(clock(frame / self.rate, 0.001))
        return {NAME: self._names.get(span.id, ""), TEXT: span.text, TAKE: self._more.get(span.id, "")}[column]

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        span, text = self.span_at(index.row()), str(value).strip()
        if span is None or role != Qt.ItemDataRole.EditRole or text == self._text(span, index.row(), index.column()):
            return False
        if index.column() == NAME:
            self.renamed.emit(span.id, text)
        elif index.column() == TEXT:
            self.worded.emit(span.id, text)
        else:
            try:
                frame = frame_of(text, self.rate)
            except KittiwakeError as error:
                self.message.emit(str(error))
                return False
            self.moved.emit(span.id, START if index.column() == FROM else STOP, frame)
        return True


def _side(column: int) -> Qt.AlignmentFlag:
    right = column in (FROM, TO, LENGTH)
    return (Qt.AlignmentFlag.AlignRight if right else Qt.AlignmentFlag.AlignLeft) | Qt.AlignmentFlag.AlignVCenter


class SpanTable(QTableView):
    """``chosen`` says which span is worked on; several rows may be selected."""

    chosen = Signal(str)
    picked = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.spans = SpanModel()
        self.setModel(self.spans)
        self.setAccessibleName(tr("Spans in order"))
        TableCopying(self)
        self.setProperty("action_keys", True)
        self.setProperty("plain", True)
        self.setShowGrid(False)
        self.setWordWrap(False)
        self.setTabKeyNavigation(False)
        self.setCornerButtonEnabled(False)
        self.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setEditTriggers(
            QAbstractItemView.EditTrigger.DoubleClicked | QAbstractItemView.EditTrigger.EditKeyPressed
        )
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        rows, heads = self.verticalHeader(), self.horizontalHeader()
        rows.hide()
        rows.setDefaultSectionSize(scaled(27))
        heads.setHighlightSections(False)
        heads.setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        heads.setSectionResizeMode(TEXT, QHeaderView.ResizeMode.Stretch)
        for column, width in _WIDTHS.items():
            self.setColumnWidth(column, scaled(width))
        self._quiet = False
        self.selectionModel().currentRowChanged.connect(self._current)
        self.selectionModel().selectionChanged.connect(lambda *_: None if self._quiet else self.picked.emit())

    def show_chosen(self, span_id: str) -> None:
        """Make the row of a span current; a selection that it is a part of stays."""
        row = self.spans.row_of(span_id)
        if row < 0 or (row == self.currentIndex().row() and self.selectionModel().isRowSelected(row, QModelIndex())):
            return
        self._quiet = True
        index = self.spans.index(row, max(NAME, self.currentIndex().column()))
        flags = QItemSelectionModel.SelectionFlag.ClearAndSelect | QItemSelectionModel.SelectionFlag.Rows
        self.selectionModel().setCurrentIndex(index, flags)
        self.scrollTo(index)
        self._quiet = False

    def selected(self) -> list[str]:
        """Ids of the selected spans, in order."""
        rows = sorted(index.row() for index in self.selectionModel().selectedRows())
        return [span.id for row in rows if (span := self.spans.span_at(row))]

    def select(self, ids: Sequence[str]) -> None:
        """Select these spans, and no other."""
        selection = QItemSelection()
        for span_id in ids:
            row = self.spans.row_of(span_id)
            if row >= 0:
                selection.select(self.spans.index(row, 0), self.spans.index(row, TAKE))
        self.selectionModel().select(selection, QItemSelectionModel.SelectionFlag.ClearAndSelect)

    def _current(self, index: QModelIndex, _: QModelIndex) -> None:
        span = self.spans.span_at(index.row())
        if span is not None and not self._quiet:
            self.chosen.emit(span.id)

    def keyboardSearch(self, search: str) -> None:
        """Letters are keys of actions here, never a search."""
