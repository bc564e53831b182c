"""The two halves of the window: the board, and the bench, which gets as much as its page needs; how they were parted last is remembered."""

from __future__ import annotations

import contextlib
import json
from pathlib import Path

from platformdirs import user_state_path
from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtWidgets import QFrame, QScrollArea, QSplitter, QVBoxLayout, QWidget

from ...commands import key_of
from ...core.disk.place import write_text_whole
from ...words import tr
from ..board.filter_bar import FilterBar
from ..board.view import Board
from ..places.place import place_of
from ..widgets.button import Button

_USUAL = 0.45  # share of the height where nothing is shown


class BoardBenchSplitter(QWidget):
    """``page`` is what the bench shows; ``folded`` tells that the board is a line, or is back."""

    folded = Signal(bool)

    def __init__(self, board: Board, filter_: FilterBar, bench: QWidget, path: Path | None = None) -> None:
        super().__init__()
        self._board, self._page = board, ""
        self.path = path or user_state_path("kittiwake") / "window.json"
        self._shares: dict[str, float] = {}  # of the height, by place: where somebody parted them otherwise
        self._whole_board = False
        with contextlib.suppress(OSError, ValueError, TypeError, AttributeError, RecursionError):
            kept = json.loads(self.path.read_text("utf-8"))
            self._shares = {str(page): float(share) for page, share in kept.items() if 0.05 < float(share) < 0.95}
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        self.line = Button()
        self.line.setProperty("plain", True)
        self.line.clicked.connect(self.show_board)
        self.line.hide()
        holder = QWidget()
        inside = QVBoxLayout(holder)
        inside.setContentsMargins(14, 0, 14, 0)
        inside.addWidget(self.line)
        column.addWidget(holder)
        self._holder = holder
        holder.hide()
        self.splitter = QSplitter(Qt.Orientation.Vertical)
        self.splitter.setChildrenCollapsible(False)
        self._upper = QWidget()
        upper = QVBoxLayout(self._upper)
        upper.setContentsMargins(14, 0, 14, 0)
        upper.addWidget(filter_)
        upper.addWidget(board)
        self.splitter.addWidget(self._upper)
        # Where there is no room for a page it scrolls, and nothing of it lies over anything else.
        self.area = QScrollArea()
        self.area.setWidgetResizable(True)
        self.area.setFrameShape(QFrame.Shape.NoFrame)
        self.area.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.area.setWidget(bench)
        self.splitter.addWidget(self.area)
        column.addWidget(self.splitter, 1)
        self.splitter.splitterMoved.connect(self.moved)
        self._saving = QTimer(self)
        self._saving.setSingleShot(True)
        self._saving.setInterval(800)
        self._saving.timeout.connect(self.save)

    def share_of(self, page: str) -> float:
        """Of the height that a page gets: as somebody parted it, or as it is by itself."""
        return self._shares.get(page) or place_of(page).share

    @property
    def _at_place(self) -> bool:
        return self._page not in ("", "empty")

    @property
    def _is_alone(self) -> bool:
        return self._at_place and place_of(self._page).alone

    @property
    def is_folded(self) -> bool:
        return self._upper.isHidden()

    def show_page(self, page: str) -> None:
        """The bench shows another page."""
        if page == self._page:
            return
        self._page = page
        self._whole_board = False
        self.area.setVisible(page != "empty")
        self._fold(self._is_alone)
        self._part()

    def show_board(self) -> None:
        """Unfold the board beside the page, and put the keyboard there."""
        if self._is_alone and self.is_folded:
            self._fold(False)
            self._part()
        self._board.setFocus(Qt.FocusReason.ShortcutFocusReason)

    def fold_again(self) -> None:
        """Back to a page that stands alone."""
        self._fold(self._is_alone and not self._whole_board)

    def toggle_whole_board(self) -> bool:
        """All of the window for the board, or both halves again; returns whether the board has all of it."""
        self._whole_board = not self._whole_board
        self._fold(not self._whole_board and self._is_alone)
        self.area.setVisible(not self._whole_board and self._page != "empty")
        self._part()
        self._board.setFocus(Qt.FocusReason.ShortcutFocusReason)
        return self._whole_board

    def _fold(self, folded: bool) -> None:
        if folded == self.is_folded:
            return
        self._upper.setHidden(folded)
        self._holder.setVisible(folded)
        self.line.setText(tr("← Back to the board   {key}", key=key_of("view.back")))
        self.line.setVisible(folded)
        self.folded.emit(folded)

    def _part(self) -> None:
        height = max(200, self.splitter.height())
        share = self.share_of(self._page) if self._at_place else _USUAL
        self.splitter.setSizes([round((1 - share) * height), round(share * height)])

    def moved(self) -> None:
        upper, lower = self.splitter.sizes()
        if self._page and upper + lower and not self.is_folded and not self._whole_board:
            self._shares[self._page] = round(lower / (upper + lower), 3)
            self._saving.start()

    def save(self) -> None:
        with contextlib.suppress(OSError):
            write_text_whole(self.path, json.dumps(self._shares))
