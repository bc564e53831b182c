"""Ctrl+C in a table puts what is selected on the clipboard, as a spreadsheet takes it: a line for each row, tabs between cells."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QModelIndex, QObject, Qt
from PySide6.QtGui import QGuiApplication, QKeyEvent, QKeySequence
from PySide6.QtWidgets import QAbstractItemView, QTableView, QTreeView


class TableCopying(QObject):
    """Looks after one view, for as long as that lives; by itself a view copies one cell only."""

    def __init__(self, view: QTableView | QTreeView) -> None:
        super().__init__(view)
        self._view = view
        view.installEventFilter(self)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if (
            event.type() == QEvent.Type.KeyPress
            and isinstance(event, QKeyEvent)
            and event.matches(QKeySequence.StandardKey.Copy)
            and self._view.state() != QAbstractItemView.State.EditingState
            and (text := self.text())
        ):
            QGuiApplication.clipboard().setText(text)
            return True
        return super().eventFilter(watched, event)

    def text(self) -> str:
        """What is selected, in the order in which it is shown; columns that are hidden are left out."""
        view = self._view
        head = view.horizontalHeader() if isinstance(view, QTableView) else view.header()
        chosen = [one for one in view.selectedIndexes() if not head.isSectionHidden(one.column())]
        if not chosen and view.currentIndex().isValid():
            chosen = [view.currentIndex()]
        rows: dict[tuple[int, ...], dict[int, str]] = {}
        for one in chosen:
            rows.setdefault(_place(one), {})[head.visualIndex(one.column())] = _shown(one)
        columns = sorted({column for cells in rows.values() for column in cells})
        return "\n".join("\t".join(cells.get(column, "") for column in columns) for _, cells in sorted(rows.items()))


def _place(index: QModelIndex) -> tuple[int, ...]:
    """Rows from the top of the tree down to this one."""
    found: list[int] = []
    while index.isValid():
        found.append(index.row())
        index = index.parent()
    return tuple(reversed(found))


def _shown(index: QModelIndex) -> str:
    """The text of a cell in one line; of what is drawn, what readers of screens are told."""
    text = index.data(Qt.ItemDataRole.DisplayRole)
    text = index.data(Qt.ItemDataRole.AccessibleTextRole) if text is None else text
    return " ".join(str("" if text is None else text).split())
