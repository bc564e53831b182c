"""The board's table view."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QItemSelectionModel, QModelIndex, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QAbstractItemView, QHeaderView, QTableView

from ...core.model import Clip, Receiver
from ..session import Cell, Session
from ..theme.colours import colours
from .delegate import HEIGHT, BoardDelegate
from .model import HEADS, LENGTH, LEVEL, NAME, BoardModel


class Board(QTableView):
    """Clips against receivers. Selecting is the only navigation: ``chosen`` says what the bench is to show."""

    #: Clip or None, Receiver or None: a cell has both, a row head the first, a column head the second.
    chosen = Signal(object, object)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.setAccessibleName("Board: clips against receivers")
        self.board_model = BoardModel(session)
        self.setModel(self.board_model)
        self.setItemDelegate(BoardDelegate(self))
        self.setShowGrid(False)
        self.setWordWrap(False)
        self.setCornerButtonEnabled(False)
        self.setTabKeyNavigation(False)
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setEditTriggers(QAbstractItemView.EditTrigger.DoubleClicked)
        self.setMouseTracking(True)
        rows = self.verticalHeader()
        rows.hide()
        rows.setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        rows.setDefaultSectionSize(HEIGHT)
        rows.setMinimumSectionSize(HEIGHT)
        heads = self.horizontalHeader()
        heads.setHighlightSections(False)
        heads.setSectionsClickable(True)
        heads.setMinimumSectionSize(70)
        heads.sectionClicked.connect(self._head_clicked)
        self.selectionModel().currentChanged.connect(self._current)
        self.board_model.modelReset.connect(self._spread)
        self.board_model.rowsInserted.connect(self._first_row)
        self._spread()

    def _spread(self) -> None:
        heads = self.horizontalHeader()
        for column in range(self.board_model.columnCount()):
            heads.setSectionResizeMode(column, QHeaderView.ResizeMode.Stretch)
        for column, width in ((LENGTH, 84), (LEVEL, 104)):
            heads.setSectionResizeMode(column, QHeaderView.ResizeMode.Fixed)
            self.setColumnWidth(column, width)
        self._first_row()

    def _first_row(self) -> None:
        if self.board_model.rowCount() and not self.currentIndex().isValid():
            self.setCurrentIndex(self.board_model.index(0, NAME))

    # -- what is selected ------------------------------------------------------------------------------------------

    def _head_clicked(self, column: int) -> None:
        receiver = self.board_model.receiver_at(column)
        if receiver:
            self.chosen.emit(None, receiver)

    def _current(self, index: QModelIndex, before: QModelIndex) -> None:
        self.chosen.emit(self.board_model.clip_at(index.row()), self.board_model.receiver_at(index.column()))

    def current_clip(self) -> Clip | None:
        return self.board_model.clip_at(self.currentIndex().row())

    def current_receiver(self) -> Receiver | None:
        return self.board_model.receiver_at(self.currentIndex().column())

    def selected_clips(self) -> list[Clip]:
        rows = sorted({index.row() for index in self.selectedIndexes()})
        return [clip for row in rows if (clip := self.board_model.clip_at(row))]

    def selected_cells(self) -> list[Cell]:
        """The selected cells; a selected row head stands for all cells of its row."""
        places: dict[tuple[int, int], None] = {}
        for index in sorted(self.selectedIndexes(), key=lambda i: (i.row(), i.column())):
            columns = [index.column()] if index.column() >= HEADS else range(HEADS, self.board_model.columnCount())
            for column in columns:
                places[index.row(), column] = None
        cells = (self.board_model.cell_at(self.board_model.index(*place)) for place in places)
        return [cell for cell in cells if cell]

    def select(self, clip_id: str, slug: str | None = None) -> None:
        """Select a clip, or its cell at a receiver."""
        row = self.board_model.row_of(clip_id)
        column = self.board_model.column_of(slug) if slug else NAME
        if row is not None and column is not None:
            index = self.board_model.index(row, column)
            self.selectionModel().setCurrentIndex(index, QItemSelectionModel.SelectionFlag.ClearAndSelect)
            self.scrollTo(index)

    def rename_current(self) -> None:
        index = self.board_model.index(self.currentIndex().row(), NAME)
        if index.isValid():
            self.setCurrentIndex(index)
            self.edit(index)

    # -- Qt's events -----------------------------------------------------------------------------------------------

    def keyboardSearch(self, search: str) -> None:
        """Letters are keys of actions here, never a search."""

    def viewportEvent(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.PaletteChange:
            self.viewport().update()
        return super().viewportEvent(event)

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        if self.board_model.rowCount():
            return
        painter = QPainter(self.viewport())
        c = colours()
        box = self.viewport().rect()
        font = painter.font()
        font.setPixelSize(20)
        painter.setFont(font)
        painter.setPen(QColor(c.text))
        painter.drawText(
            box.adjusted(0, -34, 0, -34), Qt.AlignmentFlag.AlignCenter, "Drop recordings or folders here"
        )
        font.setPixelSize(14)
        painter.setFont(font)
        painter.setPen(QColor(c.soft))
        painter.drawText(
            box.adjusted(0, 10, 0, 10),
            Qt.AlignmentFlag.AlignCenter,
            "or Ctrl+O for files, Ctrl+Shift+O for a folder.\n"
            "Any sound or video will do. Nothing you drop is ever changed.",
        )
