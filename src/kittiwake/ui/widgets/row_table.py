"""Tables by declaration: columns over rows, with one model.

    table = RowTable(
        tr("Recordings"),
        [Column(tr("Name"), lambda one: one.name, width=160), Column(tr("Text"), lambda one: one.text, take=self._word)],
        key=lambda one: one.id,
    )
    table.show_rows(recordings)

A column says how a row reads there, and where it can be typed over what becomes of that; selecting, copying, sorting, widths, words in other
languages and what readers of screens are told follow.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass
from functools import partial
from typing import Any, Generic, TypeVar

from PySide6.QtCore import (
    QAbstractTableModel,
    QEvent,
    QItemSelection,
    QItemSelectionModel,
    QModelIndex,
    QPersistentModelIndex,
    Qt,
    Signal,
)
from PySide6.QtGui import QColor, QKeyEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHeaderView,
    QTableView,
)

from ...core.errors import KittiwakeError
from ...words import in_words
from ..theme.colours import colours
from ..theme.scale import scaled
from .emphasis import Emphasis
from .fitted_columns import FittedColumns
from .sentence import Sentence
from .table_copying import TableCopying

Row = TypeVar("Row")
Index = QModelIndex | QPersistentModelIndex
_HEIGHT = 26  # pixels at the usual size of text
_SORT_MARK = "    "  # room for it behind the head


@dataclass(frozen=True, slots=True)
class Column(Generic[Row]):
    """Attributes
    ----------
    head : above it; empty for none. A function where it changes.
    text : what stands in the cell of a row.
    width : pixels at the usual size of text; 0: as much as is left.
    number : right-aligned.
    order : what rows are sorted by; without it they are sorted by the text.
    tip : of a cell; without it the text, which may be cut off.
    head_tip : of the head.
    take : what is typed over a cell is given to it, with the row; it may raise ``KittiwakeError``. Without it nothing can be typed.
    edited : what is there to be typed over, where that is not the text.
    soft : whether the text of a row is only said by the way.
    html : the same text with emphasis, where that is drawn; ``text`` is what is copied, sorted and told to readers of screens.
    """

    head: str | Callable[[], str]
    text: Callable[[Row], object]
    width: int = 0
    number: bool = False
    order: Callable[[Row], Any] | None = None
    tip: Callable[[Row], object] | None = None
    head_tip: str = ""
    take: Callable[[Row, str], object] | None = None
    edited: Callable[[Row], str] | None = None
    soft: Callable[[Row], bool] | None = None
    html: Callable[[Row], str] | None = None

    @property
    def side(self) -> Qt.AlignmentFlag:
        right = Qt.AlignmentFlag.AlignRight if self.number else Qt.AlignmentFlag.AlignLeft
        return right | Qt.AlignmentFlag.AlignVCenter

    def to_edit(self, row: Row) -> str:
        """What is there to be typed over."""
        return str(self.text(row) if self.edited is None else self.edited(row))

    def sorted_by(self, row: Row) -> Any:
        return str(self.text(row)).casefold() if self.order is None else self.order(row)


class RowModel(QAbstractTableModel, Generic[Row]):
    """The rows in the order in which they are shown. Nothing that is typed changes them: their columns take it."""

    message = Signal(Sentence)

    def __init__(self, columns: Sequence[Column[Row]], key: Callable[[Row], object], sortable: bool) -> None:
        super().__init__()
        self.columns, self.rows = list(columns), list[Row]()
        self._key, self._sortable = key, sortable
        self._sorted: tuple[int, Qt.SortOrder] | None = None

    def show(self, rows: Iterable[Row]) -> None:
        """Show these. Where they are the same ones as before, in the same order, what is selected or typed stays."""
        new = self._arranged(list(rows))
        keys, before = [self._key(row) for row in new], [self._key(row) for row in self.rows]
        if before and len(keys) > len(before) and keys[: len(before)] == before:
            self.beginInsertRows(QModelIndex(), len(before), len(keys) - 1)
            self.rows = new
            self.endInsertRows()
            return
        same = keys == before
        if not same:
            self.beginResetModel()
        self.rows = new
        if not same:
            self.endResetModel()
        elif new:
            self.dataChanged.emit(self.index(0, 0), self.index(len(new) - 1, len(self.columns) - 1))

    def _arranged(self, rows: list[Row]) -> list[Row]:
        if self._sorted is not None:
            column, order = self._sorted
            rows.sort(key=self.columns[column].sorted_by, reverse=order == Qt.SortOrder.DescendingOrder)
        return rows

    def place_of(self, key: object) -> int:
        """Which row has a key; −1 where none has it."""
        return next((n for n, row in enumerate(self.rows) if self._key(row) == key), -1)

    def key_at(self, row: int) -> object:
        return self._key(self.rows[row]) if 0 <= row < len(self.rows) else None

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.rows)

    def columnCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.columns)

    def sort(self, column: int, order: Qt.SortOrder = Qt.SortOrder.AscendingOrder) -> None:
        self._sorted = (column, order) if column >= 0 else None
        self.layoutAboutToBeChanged.emit()
        keys = [self._key(row) for row in self.rows]
        before = [(index, keys[index.row()]) for index in self.persistentIndexList()]
        self.rows = self._arranged(self.rows)
        for index, key in before:  # what is selected stays selected
            self.changePersistentIndex(index, self.index(self.place_of(key), index.column()))
        self.layoutChanged.emit()

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if orientation != Qt.Orientation.Horizontal or not 0 <= section < len(self.columns):
            return None
        column = self.columns[section]
        if role == Qt.ItemDataRole.DisplayRole:
            head = column.head if isinstance(column.head, str) else column.head()
            return in_words(head) + (_SORT_MARK if self._sortable else "")
        if role == Qt.ItemDataRole.TextAlignmentRole:
            return int(column.side)
        if role == Qt.ItemDataRole.ToolTipRole:
            return in_words(column.head_tip) or None
        return None

    def flags(self, index: Index) -> Qt.ItemFlag:
        plain = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        typed = index.isValid() and self.columns[index.column()].take is not None
        return plain | Qt.ItemFlag.ItemIsEditable if typed else plain

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if not 0 <= index.row() < len(self.rows):
            return None
        row, column = self.rows[index.row()], self.columns[index.column()]
        if role == Qt.ItemDataRole.DisplayRole:
            return in_words(column.text(row))
        if role == Qt.ItemDataRole.EditRole:
            return column.to_edit(row)
        if role == Qt.ItemDataRole.ToolTipRole:
            return in_words(column.text(row) if column.tip is None else column.tip(row)) or None
        if role == Qt.ItemDataRole.TextAlignmentRole:
            return int(column.side)
        if role == Qt.ItemDataRole.ForegroundRole and column.soft is not None and column.soft(row):
            return QColor(colours().soft)
        return None

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        row, column = self.rows[index.row()], self.columns[index.column()]
        text = " ".join(str(value).split())
        if role != Qt.ItemDataRole.EditRole or column.take is None or text == column.to_edit(row):
            return False
        try:
            column.take(row, text)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return False
        return True


class RowTable(QTableView, Generic[Row]):
    """Shows rows, of which one is current and, with ``several``, several can be selected.

    ``chosen`` says that another row is current, ``picked`` that others are selected, ``wanted`` that Enter or two clicks asked for a row;
    ``message`` is a sentence about what was typed.

    Parameters
    ----------
    key : what a row is known by when it is shown again.
    sorted_by : the column that it is sorted by at first; with it, heads can be clicked.
    letters : whether letters search; else they are left to the window.
    keys : what plain keys do here, whatever they do in the window.
    """

    chosen = Signal()
    picked = Signal()
    wanted = Signal()
    message = Signal(Sentence)

    def __init__(
        self,
        name: str,
        columns: Sequence[Column[Row]],
        key: Callable[[Row], object],
        *,
        several: bool = False,
        cells: bool = False,
        sorted_by: int | None = None,
        letters: bool = False,
        height: int = _HEIGHT,
    ) -> None:
        super().__init__()
        self.keys: dict[Qt.Key, Callable[[], object]] = {}
        self.row_model: RowModel[Row] = RowModel(columns, key, sorted_by is not None)
        self._letters = letters
        self.setModel(self.row_model)
        self.setAccessibleName(in_words(name))
        self.setProperty("action_keys", True)
        self.setProperty("plain", True)
        self.setShowGrid(False)
        self.setWordWrap(False)
        self.setTabKeyNavigation(False)
        self.setCornerButtonEnabled(False)
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        if not cells:
            self.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        one, more = QAbstractItemView.SelectionMode.SingleSelection, QAbstractItemView.SelectionMode.ExtendedSelection
        self.setSelectionMode(more if several else one)
        typed = any(column.take is not None for column in columns)
        edits = QAbstractItemView.EditTrigger
        self.setEditTriggers(edits.DoubleClicked | edits.EditKeyPressed if typed else edits.NoEditTriggers)
        self.verticalHeader().hide()
        self.verticalHeader().setDefaultSectionSize(scaled(height))
        head = self.horizontalHeader()
        head.setHighlightSections(False)
        for n, column in enumerate(columns):
            fills = not column.width
            head.setSectionResizeMode(
                n, QHeaderView.ResizeMode.Stretch if fills else QHeaderView.ResizeMode.Interactive
            )
            if not fills:
                self.setColumnWidth(n, scaled(column.width))
            if column.html is not None:
                self.setItemDelegateForColumn(n, Emphasis(self, partial(self._html, column.html)))
        if sorted_by is not None:
            self.setSortingEnabled(True)
            self.sortByColumn(sorted_by, Qt.SortOrder.AscendingOrder)
        FittedColumns(self)
        TableCopying(self)
        self._quiet = False
        self.row_model.message.connect(self.message)
        self.selectionModel().currentRowChanged.connect(self._moved)
        self.selectionModel().selectionChanged.connect(lambda *_: None if self._quiet else self.picked.emit())
        self.activated.connect(lambda _: self.wanted.emit())

    # -- rows ------------------------------------------------------------------------------------------------------

    @property
    def rows(self) -> list[Row]:
        """In the order in which they are shown."""
        return self.row_model.rows

    def show_rows(self, rows: Iterable[Row]) -> None:
        """Show these; the current row stays current, if it is among them."""
        place, key = self.currentIndex(), self.row_model.key_at(self.currentIndex().row())
        column = max(0, place.column())
        self._quiet = True
        self.row_model.show(rows)
        if key is not None and self.currentIndex().row() != (row := self.row_model.place_of(key)) and row >= 0:
            self.setCurrentIndex(self.row_model.index(row, column))
        self._quiet = False

    def rowCount(self) -> int:
        return len(self.rows)

    def row_at(self, row: int) -> Row | None:
        return self.rows[row] if 0 <= row < len(self.rows) else None

    def currentRow(self) -> int:
        return self.currentIndex().row()

    @property
    def current(self) -> Row | None:
        return self.row_at(self.currentRow())

    def selected(self) -> list[Row]:
        """The selected rows, in order."""
        return [self.rows[row] for row in sorted({index.row() for index in self.selectedIndexes()})]

    def text(self, row: int, column: int) -> str:
        """What stands in a cell."""
        return str(self.row_model.index(row, column).data() or "")

    def set_current(self, row: int, column: int = 0) -> None:
        """Make a row current, and select it alone."""
        self.setCurrentIndex(self.row_model.index(row, column))

    def show_key(self, key: object) -> None:
        """Make the row of a key current, without saying so; a selection that it is a part of stays."""
        row = self.row_model.place_of(key)
        if row < 0 or (row == self.currentRow() and self.selectionModel().isRowSelected(row, QModelIndex())):
            return
        index = self.row_model.index(row, max(0, self.currentIndex().column()))
        flags = QItemSelectionModel.SelectionFlag.ClearAndSelect | QItemSelectionModel.SelectionFlag.Rows
        self._quiet = True
        self.selectionModel().setCurrentIndex(index, flags)
        self.scrollTo(index)
        self._quiet = False

    def select_keys(self, keys: Iterable[object]) -> None:
        """Select the rows of these keys, and no other."""
        selection, last = QItemSelection(), len(self.row_model.columns) - 1
        for row in map(self.row_model.place_of, keys):
            if row >= 0:
                selection.select(self.row_model.index(row, 0), self.row_model.index(row, last))
        self.selectionModel().select(selection, QItemSelectionModel.SelectionFlag.ClearAndSelect)

    def _html(self, html: Callable[[Row], str], row: int) -> str:
        return html(self.rows[row]) if 0 <= row < len(self.rows) else ""

    def _moved(self, *_: object) -> None:
        if not self._quiet and self.current is not None:
            self.chosen.emit()

    # -- keys ------------------------------------------------------------------------------------------------------

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent) and self._own(event):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        enter = event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter)
        index = self.currentIndex()
        if (does := self._own(event)) is not None:
            does()
        elif enter and index.flags() & Qt.ItemFlag.ItemIsEditable and self.state() != self.State.EditingState:
            self.edit(index)
        else:
            super().keyPressEvent(event)

    def _own(self, event: QKeyEvent) -> Callable[[], object] | None:
        if self.state() == self.State.EditingState:
            return None
        plain = event.modifiers() in (Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.KeypadModifier)
        return self.keys.get(Qt.Key(event.key())) if plain else None

    def keyboardSearch(self, search: str) -> None:
        if self._letters:
            super().keyboardSearch(search)
