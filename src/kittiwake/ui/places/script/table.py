"""The lines of the script as a table that is edited in place."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from PySide6.QtCore import QAbstractTableModel, QEvent, QModelIndex, QPersistentModelIndex, Qt, Signal
from PySide6.QtGui import QColor, QKeyEvent, QKeySequence
from PySide6.QtWidgets import QAbstractItemView, QApplication, QHeaderView, QTableView

from ....core.errors import KittiwakeError
from ....core.model.script import Script, ScriptLine
from ....core.script.edit import COLUMNS, value_of
from ....core.script.respell import spoken_text
from ....words import in_words, phrase, tr
from ...theme.colours import colours
from ...theme.scale import scaled
from ...widgets.sentence import Sentence
from ...widgets.table_copying import TableCopying

Index = QModelIndex | QPersistentModelIndex
_HEADS = (
    phrase("Name"),
    phrase("Text"),
    phrase("Say it as"),
    phrase("Voice"),
    phrase("Language"),
    phrase("Speed"),
    phrase("Kind"),
    phrase("For"),
    phrase("Note"),
    phrase("State"),
)
STATE = len(COLUMNS)
_WIDTHS = (134, 0, 0, 80, 84, 66, 60, 100, 60, 196)  # 0: as much as is left


class ScriptModel(QAbstractTableModel):
    """What a person types is emitted as a signal, and changes nothing here."""

    changed = Signal(object, Sentence)  # ScriptLine, what was changed
    message = Signal(Sentence)

    def __init__(self) -> None:
        super().__init__()
        self.lines: tuple[ScriptLine, ...] = ()
        self.known: Mapping[str, str] = {}  # names of receivers, by slug
        self._states: Mapping[str, str] = {}
        self._said: dict[str, str] = {}  # how lines are said that respellings change

    def show(self, script: Script, states: Mapping[str, str], known: Mapping[str, str]) -> None:
        """``states`` are words for what became of each line, ``known`` names of receivers by slug."""
        self.known = known
        same = [line.id for line in self.lines] == [line.id for line in script.lines]
        if not same:
            self.beginResetModel()
        self.lines, self._states = script.lines, states
        self._said = {}
        for line in script.lines if script.respellings else ():
            said = spoken_text(line, script.respellings, script.language)
            if said != (line.say_as or line.text or line.name):
                self._said[line.id] = said
        if not same:
            self.endResetModel()
        elif self.lines:
            self.dataChanged.emit(self.index(0, 0), self.index(len(self.lines) - 1, STATE))

    def line_at(self, row: int) -> ScriptLine | None:
        return self.lines[row] if 0 <= row < len(self.lines) else None

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.lines)

    def columnCount(self, parent: Index | None = None) -> int:
        return len(_HEADS)

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.DisplayRole:
            return in_words(_HEADS[section])
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.TextAlignmentRole:
            return int(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        return None

    def flags(self, index: Index) -> Qt.ItemFlag:
        plain = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        return plain if index.column() == STATE else plain | Qt.ItemFlag.ItemIsEditable

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        line = self.line_at(index.row())
        respelled = (
            line is not None and COLUMNS[index.column() : index.column() + 1] == ("say_as",) and line.id in self._said
        )
        if respelled and role == Qt.ItemDataRole.ForegroundRole:
            return QColor(colours().soft)
        if line is None or role not in (
            Qt.ItemDataRole.DisplayRole,
            Qt.ItemDataRole.EditRole,
            Qt.ItemDataRole.ToolTipRole,
        ):
            return None
        if index.column() == STATE:
            return self._states.get(line.id, "")
        if respelled and role != Qt.ItemDataRole.EditRole:
            # What is typed stays what was typed; what is seen is the text that the voice gets.
            more = "Respelled: " if role == Qt.ItemDataRole.ToolTipRole else ""
            return f"{more}{self._said[line.id]}"
        value = getattr(line, COLUMNS[index.column()])
        if isinstance(value, float):
            return f"{(value - 1) * 100:+.0f} %".replace("-", "−") if value != 1 else ""
        if isinstance(value, tuple):
            return ", ".join(self.known.get(slug, slug) for slug in value)
        return value

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        line, text = self.line_at(index.row()), " ".join(str(value).split())
        if line is None or role != Qt.ItemDataRole.EditRole or text == self.data(index, role):
            return False
        name = COLUMNS[index.column()]
        try:
            typed = value_of(name, text, self.known)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return False
        what = (
            tr("what it is for")
            if name == "receivers"
            else tr("the {heads}", heads=in_words(_HEADS[index.column()]).lower())
        )
        self.changed.emit(line.changed(**{name: typed}), what)
        return True


class ScriptTable(QTableView):
    """``pasted`` gives text of the clipboard; ``removed`` asks for the selected lines to go."""

    pasted = Signal(str)
    removed = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.script = ScriptModel()
        self.setModel(self.script)
        self.setAccessibleName(tr("Lines of the script"))
        TableCopying(self)
        self.setProperty("action_keys", True)
        self.setProperty("plain", True)
        self.setShowGrid(False)
        self.setWordWrap(False)
        self.setTabKeyNavigation(False)
        self.setCornerButtonEnabled(False)
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
        for column, width in enumerate(_WIDTHS):
            if width:
                self.setColumnWidth(column, scaled(width))
            else:
                heads.setSectionResizeMode(column, QHeaderView.ResizeMode.Stretch)

    def current_line(self) -> ScriptLine | None:
        return self.script.line_at(self.currentIndex().row())

    def selected_lines(self) -> list[ScriptLine]:
        rows = sorted({index.row() for index in self.selectedIndexes()})
        return [line for row in rows if (line := self.script.line_at(row))]

    def event(self, event: QEvent) -> bool:
        # Cells are pasted here, whatever else the keys do in the window.
        override = event.type() == QEvent.Type.ShortcutOverride
        if override and isinstance(event, QKeyEvent) and event.matches(QKeySequence.StandardKey.Paste):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.matches(QKeySequence.StandardKey.Paste):
            self.pasted.emit(QApplication.clipboard().text())
        elif (
            event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter)
            and self.state() != QAbstractItemView.State.EditingState
        ):
            self.edit(self.currentIndex())
        else:
            super().keyPressEvent(event)

    def keyboardSearch(self, search: str) -> None:
        """Letters are keys of actions here, never a search."""
