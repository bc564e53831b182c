"""What a right click on the board offers: commands for what is under it, by their names and keys in the menus."""

from __future__ import annotations

from collections.abc import Mapping

from PySide6.QtCore import QModelIndex, QPoint, Qt
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QMenu

from .model import HEADS
from .view import Board

_BETWEEN = ""  # a line between groups
_OF_A_CLIP = (
    "edit.rename", "edit.touch", "cut.open", "ear.compare", _BETWEEN, "edit.headerless", "edit.rate", "edit.look", _BETWEEN, "edit.remove",
)  # fmt: skip
_OF_A_CELL = (
    "make.selection", "edit.remedy", _BETWEEN, "ear.output", "ear.line", "ear.blind", _BETWEEN, "deliver.open", "standin.hand", _BETWEEN,
    "edit.touch", "edit.leave_out", "view.receiver",
)  # fmt: skip
_OF_A_RECEIVER = (
    "view.receiver", "deliver.open", "deliver.report", "standin.press", "service.hear", _BETWEEN, "receiver.choose", "view.sort",
)  # fmt: skip
_OF_AN_EMPTY_BOARD = (
    "job.add_files",
    "job.add_folder",
    "job.paste",
    _BETWEEN,
    "record.open",
    "script.open",
    _BETWEEN,
    "receiver.choose",
)


class BoardMenu(QMenu):
    """It shows where somebody asked for it, with what can be done with what is there."""

    def __init__(self, board: Board, actions: Mapping[str, QAction]) -> None:
        super().__init__(board)
        self._board, self._commands = board, actions
        board.menu_wanted.connect(self._ask_for_cell)
        head = board.horizontalHeader()
        head.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
        head.customContextMenuRequested.connect(self._ask_for_column)

    def fill(self, row: int, column: int) -> None:
        """With what can be done with a cell of the board; a row or column of −1 is none."""
        self.clear()
        wanted: tuple[str, ...]
        if row < 0:
            wanted = _OF_A_RECEIVER if column >= HEADS else _OF_AN_EMPTY_BOARD
        else:
            wanted = _OF_A_CELL if column >= HEADS else _OF_A_CLIP
        for name in wanted:
            if name == _BETWEEN:
                self.addSeparator()
            elif name in self._commands:  # those of an extension that is left out are not there
                self.addAction(self._commands[name])

    def _ask_for_cell(self, index: QModelIndex, place: QPoint) -> None:
        if index.isValid() and not self._board.selectionModel().isSelected(index):
            self._board.setCurrentIndex(index)
        self.fill(index.row(), index.column())
        self.popup(self._board.viewport().mapToGlobal(place))

    def _ask_for_column(self, place: QPoint) -> None:
        head = self._board.horizontalHeader()
        column = head.logicalIndexAt(place)
        if column >= HEADS:
            head.sectionClicked.emit(column)
        self.fill(-1, column)
        self.popup(head.mapToGlobal(place))
