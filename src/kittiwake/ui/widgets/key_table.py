"""A table with keys of its own, which do not reach the window while the table has the keyboard."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QEvent, Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QHeaderView, QTableWidget

from ...words import in_words
from ..theme.scale import scaled
from .fitted_columns import FittedColumns
from .table_copying import TableCopying


class KeyTable(QTableWidget):
    """Rows to choose from. ``keys``: what a plain key does."""

    def __init__(self, heads: tuple[str, ...], name: str) -> None:
        super().__init__(0, len(heads))
        self.keys: dict[Qt.Key, Callable[[], object]] = {}
        self.setAccessibleName(in_words(name))
        self.setHorizontalHeaderLabels([in_words(head) for head in heads])
        self.setProperty("action_keys", True)
        self.setEditTriggers(QTableWidget.EditTrigger.NoEditTriggers)
        self.setSelectionBehavior(QTableWidget.SelectionBehavior.SelectRows)
        self.setShowGrid(False)
        self.verticalHeader().hide()
        self.verticalHeader().setDefaultSectionSize(scaled(26))
        head = self.horizontalHeader()
        head.setHighlightSections(False)
        head.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        head.setSectionResizeMode(len(heads) - 1, QHeaderView.ResizeMode.Stretch)
        FittedColumns(self)
        TableCopying(self)

    def key_of(self, row: int) -> str:
        """What the first cell of a row stands for (``UserRole``); empty where there is none."""
        item = self.item(row, 0)
        return str(item.data(Qt.ItemDataRole.UserRole)) if item is not None else ""

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent) and self._own(event):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if (does := self._own(event)) is not None:
            does()
        else:
            super().keyPressEvent(event)

    def _own(self, event: QKeyEvent) -> Callable[[], object] | None:
        plain = event.modifiers() in (Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.KeypadModifier)
        return self.keys.get(Qt.Key(event.key())) if plain else None
