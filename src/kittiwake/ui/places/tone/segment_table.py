"""The segments of a tone as a table that is edited in place."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QAbstractTableModel, QModelIndex, QPersistentModelIndex, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QAbstractItemView, QHeaderView, QTableView

from ....core.errors import KittiwakeError
from ....core.tone.recipe import Segment
from ....core.tone.words import (
    level_in_words,
    seconds_in_words,
    sounds_in_words,
    with_level,
    with_seconds,
    with_sounds,
)
from ....words import in_words, phrase, tr
from ...theme.scale import scaled
from ...widgets.sentence import Sentence
from ...widgets.table_copying import TableCopying

Index = QModelIndex | QPersistentModelIndex
SOUNDS, LEVEL, SECONDS, TIMES = range(4)
_HEADS = (phrase("Sounds"), "Level, {unit}", phrase("Seconds"), phrase("Times"))
_WORDS: tuple[Callable[[Segment], str], ...] = (
    sounds_in_words, level_in_words, seconds_in_words, lambda one: str(one.times)
)  # fmt: skip


class SegmentModel(QAbstractTableModel):
    """``changed`` gives the segments as somebody edited them."""

    changed = Signal(tuple)
    message = Signal(Sentence)

    def __init__(self) -> None:
        super().__init__()
        self.segments: tuple[Segment, ...] = ()
        self.unit = "dBm0"

    def show(self, segments: tuple[Segment, ...], unit: str) -> None:
        self.beginResetModel()
        self.segments, self.unit = segments, unit
        self.endResetModel()

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.segments)

    def columnCount(self, parent: Index | None = None) -> int:
        return len(_HEADS)

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.DisplayRole:
            return tr("Level, {unit}", unit=self.unit) if section == 1 else in_words(_HEADS[section])
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.TextAlignmentRole:
            return int(_side(section))
        return None

    def flags(self, index: Index) -> Qt.ItemFlag:
        return Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable | Qt.ItemFlag.ItemIsEditable

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if role == Qt.ItemDataRole.TextAlignmentRole:
            return int(_side(index.column()))
        if role not in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.EditRole):
            return None
        one = self.segments[index.row()]
        text = _WORDS[index.column()](one)
        if role == Qt.ItemDataRole.DisplayRole and index.column() == SECONDS and not text:
            return tr("its own")
        return text

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        text = str(value).strip()
        if role != Qt.ItemDataRole.EditRole or text == self.data(index, Qt.ItemDataRole.EditRole):
            return False
        one = self.segments[index.row()]
        try:
            if index.column() == TIMES:
                if not text.isdigit() or not 1 <= int(text) <= 10_000:
                    raise KittiwakeError(tr("“{text}” is no count.", text=text), "Write 1, 2, 3 …", "tone")
                new = one.changed(times=int(text))
            else:
                new = (with_sounds, with_level, with_seconds)[index.column()](one, text)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return False
        row = index.row()
        self.changed.emit((*self.segments[:row], new, *self.segments[row + 1 :]))
        return True


def _side(column: int) -> Qt.AlignmentFlag:
    right = column != SOUNDS
    return (Qt.AlignmentFlag.AlignRight if right else Qt.AlignmentFlag.AlignLeft) | Qt.AlignmentFlag.AlignVCenter


class SegmentTable(QTableView):
    """``heard`` asks to hear the whole."""

    def __init__(self) -> None:
        super().__init__()
        self.rows = SegmentModel()
        self.setModel(self.rows)
        self.setAccessibleName(tr("Segments of the tone, in order"))
        TableCopying(self)
        self.setProperty("plain", True)
        self.setShowGrid(False)
        self.setTabKeyNavigation(False)
        self.setCornerButtonEnabled(False)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setEditTriggers(
            QAbstractItemView.EditTrigger.DoubleClicked
            | QAbstractItemView.EditTrigger.EditKeyPressed
            | QAbstractItemView.EditTrigger.AnyKeyPressed
        )
        rows, heads = self.verticalHeader(), self.horizontalHeader()
        rows.hide()
        rows.setDefaultSectionSize(scaled(27))
        heads.setHighlightSections(False)
        heads.setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        heads.setSectionResizeMode(SOUNDS, QHeaderView.ResizeMode.Stretch)
        for column, width in ((LEVEL, 120), (SECONDS, 90), (TIMES, 64)):
            self.setColumnWidth(column, scaled(width))

    def selected_rows(self) -> list[int]:
        return sorted({index.row() for index in self.selectedIndexes()})

    def keyPressEvent(self, event: QKeyEvent) -> None:
        enter = event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter)
        if enter and self.state() != QAbstractItemView.State.EditingState:
            self.edit(self.currentIndex())
        else:
            super().keyPressEvent(event)
