"""The board's table view."""

from __future__ import annotations

from dataclasses import replace

from PySide6.QtCore import QEvent, QItemSelectionModel, QModelIndex, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QContextMenuEvent, QPainter, QPaintEvent, QResizeEvent
from PySide6.QtWidgets import QAbstractItemDelegate, QAbstractItemView, QHeaderView, QTableView, QWidget

from ...core.model import Clip, Receiver
from ...words import tr
from ...work.project import Cell
from ..shell.session import Session
from ..theme.colours import colours
from ..theme.scale import scaled
from ..widgets.table_copying import TableCopying
from .delegate import HEIGHT, BoardDelegate
from .header import BoardHeader
from .model import HEADS, LENGTH, LEVEL, NAME, BoardModel, Index
from .order import Order
from .start_page import StartPage

#: Pixels: the least that a receiver's column needs for its words, and the name's where it gets tight.
_LEAST, _NAME = 216, 190


class _Names(QTableView):
    """The names of the clips, standing still over a board that scrolls sideways."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._board = board
        self.setModel(board.board_model)
        self.setSelectionModel(board.selectionModel())
        self.setItemDelegate(BoardDelegate(self))
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setProperty("action_keys", True)
        self.setShowGrid(False)
        self.setStyleSheet("QTableView { border: none; border-radius: 0; }")
        self.setEditTriggers(board.editTriggers())
        self.setSelectionMode(board.selectionMode())
        self.setVerticalScrollMode(board.verticalScrollMode())
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        rows = self.verticalHeader()
        rows.hide()
        rows.setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        rows.setDefaultSectionSize(scaled(HEIGHT))
        self.setHorizontalHeader(BoardHeader(self))
        self.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        board.verticalScrollBar().valueChanged.connect(self.verticalScrollBar().setValue)
        self.verticalScrollBar().valueChanged.connect(board.verticalScrollBar().setValue)
        self.hide()

    def place(self, *, shown: bool) -> None:
        """Stand over the first column, or go away."""
        self.setVisible(shown)
        if not shown:
            return
        board, frame = self._board, self._board.frameWidth()
        for column in range(self.model().columnCount()):
            self.setColumnHidden(column, column != NAME)
        self.setColumnWidth(NAME, board.columnWidth(NAME))
        head = board.horizontalHeader().height()
        self.horizontalHeader().setFixedHeight(head)
        self.setGeometry(frame, frame, board.columnWidth(NAME), board.viewport().height() + head)
        self.verticalScrollBar().setValue(board.verticalScrollBar().value())

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        self._board.menu_wanted.emit(
            self.indexAt(event.pos()), self._board.viewport().mapFromGlobal(event.globalPos())
        )


class Board(QTableView):
    """Clips against receivers. Selecting is the only navigation: ``chosen`` says what the bench is to show."""

    #: Clip or None, Receiver or None: a cell has both, a row head the first, a column head the second.
    chosen = Signal(object, object)
    ordered = Signal()
    menu_wanted = Signal(object, object)  # QModelIndex and QPoint in the viewport, where a menu was asked for

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.setAccessibleName(tr("Board: clips against receivers"))
        TableCopying(self)
        self.setProperty("action_keys", True)
        self.name_editor: _Names | None = None  # comes last, since it shares everything else
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
        self.setDragEnabled(True)
        rows = self.verticalHeader()
        rows.hide()
        rows.setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        rows.setDefaultSectionSize(scaled(HEIGHT))
        rows.setMinimumSectionSize(scaled(HEIGHT))
        self.setHorizontalHeader(BoardHeader(self))
        heads = self.horizontalHeader()
        heads.setHighlightSections(False)
        heads.setSectionsClickable(True)
        heads.setMinimumSectionSize(scaled(70))
        heads.sectionClicked.connect(self._head_clicked)
        self.selectionModel().currentChanged.connect(self._current)
        self.name_editor = _Names(self)
        self._stood: tuple[Clip | None, int] = None, NAME
        self.board_model.modelAboutToBeReset.connect(self._about_to_reset)
        self.board_model.modelReset.connect(self._model_reset)
        self.board_model.reordered.connect(self._reordered)
        self.board_model.rowsInserted.connect(self._first_row)
        self.start_page = StartPage(self.viewport(), session)
        self.spread()
        self._first_row()

    def _model_reset(self) -> None:
        # The header learns of new columns only after this signal.
        QTimer.singleShot(0, self, self.spread)
        self._first_row()

    def spread(self) -> None:
        """Columns share the width, as long as each has room for its words; beyond that the board scrolls sideways."""
        for view in filter(None, (self, self.name_editor)):
            view.verticalHeader().setMinimumSectionSize(scaled(HEIGHT))
            view.verticalHeader().setDefaultSectionSize(scaled(HEIGHT))
        heads = self.horizontalHeader()
        receivers = self.board_model.columnCount() - HEADS
        fixed = {LENGTH: scaled(84), LEVEL: scaled(104)}
        room = self.viewport().width() - sum(fixed.values())
        tight = receivers * scaled(_LEAST) + scaled(_NAME) > room
        for column in range(self.board_model.columnCount()):
            if column in fixed or tight:
                heads.setSectionResizeMode(column, QHeaderView.ResizeMode.Fixed)
                self.setColumnWidth(column, fixed.get(column, scaled(_NAME if column == NAME else _LEAST)))
            else:
                heads.setSectionResizeMode(column, QHeaderView.ResizeMode.Stretch)
        if self.name_editor:
            self.name_editor.place(shown=tight and self.board_model.rowCount() > 0)

    def scrollTo(
        self,
        index: Index,
        hint: QAbstractItemView.ScrollHint = QAbstractItemView.ScrollHint.EnsureVisible,
    ) -> None:
        super().scrollTo(index, hint)
        if self.name_editor and self.name_editor.isVisible() and index.column() > NAME:
            # Not below the names that stand still.
            hidden = self.name_editor.width() - self.visualRect(index).left()
            if hidden > 0:
                bar = self.horizontalScrollBar()
                bar.setValue(bar.value() - hidden)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.spread()
        self.start_page.setGeometry(self.viewport().rect())

    def scrollContentsBy(self, dx: int, dy: int) -> None:
        super().scrollContentsBy(dx, dy)
        self.start_page.setGeometry(self.viewport().rect())  # what lies on a viewport is rolled along with it

    def _first_row(self) -> None:
        if self.board_model.rowCount() and not self.currentIndex().isValid():
            self.setCurrentIndex(self.board_model.index(0, NAME))
            QTimer.singleShot(0, self, self.spread)  # the names that stand still are there from the first row on

    # -- what is selected ------------------------------------------------------------------------------------------

    def _head_clicked(self, column: int) -> None:
        receiver = self.board_model.receiver_at(column)
        if receiver:
            self.chosen.emit(None, receiver)
        else:
            self.sort_by(column)

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        by_key = event.reason() == QContextMenuEvent.Reason.Keyboard
        index = self.currentIndex() if by_key else self.indexAt(event.pos())
        self.menu_wanted.emit(index, self.visualRect(index).center() if by_key else event.pos())

    def begin_job(self) -> None:
        """Another job: its clips stand in their own order, none is left out, and none of its rules is typed over."""
        self.board_model.set_edited(frozenset())
        self.board_model.begin_job()
        self._stood = None, NAME

    # -- order -----------------------------------------------------------------------------------------------------

    def sort_by(self, column: int) -> None:
        """Sort by a column: rising, falling, then as in the job again."""
        order = self.board_model.order
        by = self.board_model.sorting_of(column)
        if order.by != by:
            order = replace(order, by=by, falling=False)
        else:
            order = replace(order, by="", falling=False) if order.falling else replace(order, falling=True)
        self._put_order(order)

    def show_only(self, words: tuple[str, ...], show: str) -> None:
        """Show only clips with these words in their name or folder, and in such a state (a key of ``order.STATES``)."""
        order = replace(self.board_model.order, words=words, show=show)
        if order != self.board_model.order:
            self._put_order(order)

    def _put_order(self, order: Order) -> None:
        self.board_model.set_order(order)

    def commitData(self, editor: QWidget) -> None:
        if self.indexWidget(self.currentIndex()) is editor or self.state() == QAbstractItemView.State.EditingState:
            super().commitData(editor)

    def closeEditor(self, editor: QWidget, hint: QAbstractItemDelegate.EndEditHint) -> None:
        if self.state() == QAbstractItemView.State.EditingState:
            super().closeEditor(editor, hint)

    def _about_to_reset(self) -> None:
        self._stood = self.current_clip(), self.currentIndex().column()

    def _reordered(self) -> None:
        clip, column = self._stood
        row = self.board_model.row_of(clip.id) if clip else None
        if self.board_model.rowCount():
            self.setCurrentIndex(self.board_model.index(row or 0, max(0, column)))
        self.ordered.emit()

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
        view = self.name_editor if self.name_editor and self.name_editor.isVisible() else self
        if (
            index.isValid()
            and not view.isPersistentEditorOpen(index)
            and view.state() != QAbstractItemView.State.EditingState
        ):
            self.setCurrentIndex(index)
            view.edit(index)

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
        if self.session.project.job.clips:
            painter.setPen(QColor(c.soft))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, tr("No clip is like that. Esc shows all again."))
