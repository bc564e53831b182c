"""The bench for comparing codecs: what a clip would cost and how it would sound in each."""

from __future__ import annotations

import tempfile
from pathlib import Path
from threading import Event, Thread

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHeaderView,
    QLabel,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ...core.make.compare import Comparison, candidates, tell_comparisons
from ...core.model import Clip, Facts
from ...core.model.units import format_bytes
from ...core.process import WorkerProcess
from ...words import in_words, phrase, tr
from ..theme.scale import scaled
from ..widgets.elided import ElidedLabel
from ..widgets.sentence import Sentence
from ..widgets.table_copying import TableCopying

_HEADS = (
    phrase("Codec"),
    phrase("Size"),
    phrase("Rate"),
    phrase("Against 16-bit PCM"),
    phrase("Signal to distortion"),
    phrase("Segmental"),
    phrase("Intelligibility (STOI)"),
)


class ComparePage(QWidget):
    """A table that fills as codecs are tried in the background. ``chosen`` is the one to be heard."""

    chosen = Signal(Comparison)
    said = Signal(Sentence)
    _found = Signal(int, Comparison)
    _over = Signal(int, Sentence)

    def __init__(self) -> None:
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 10, 14, 10)
        self._head = QLabel()
        self._head.setProperty("head", True)
        column.addWidget(self._head)
        self._note = ElidedLabel()
        self._note.setProperty("soft", True)
        column.addWidget(self._note)
        self.table = QTableWidget(0, len(_HEADS))
        TableCopying(self.table)
        self.table.setProperty("action_keys", True)
        self.table.setAccessibleName(tr("Codecs compared"))
        self.table.setHorizontalHeaderLabels([in_words(head) for head in _HEADS])
        self.table.setShowGrid(False)
        self.table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.table.setTabKeyNavigation(False)
        self.table.verticalHeader().hide()
        self.table.verticalHeader().setDefaultSectionSize(scaled(26))
        heads = self.table.horizontalHeader()
        heads.setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        heads.setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        heads.setHighlightSections(False)
        heads.setDefaultAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        first = self.table.horizontalHeaderItem(0)
        if first:
            first.setTextAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        self.table.currentCellChanged.connect(self._row_chosen)
        column.addWidget(self.table, 1)
        self._rows: list[Comparison] = []
        self._turn = 0
        self._stop = Event()
        self._thread: Thread | None = None
        self._folder: tempfile.TemporaryDirectory[str] | None = None
        self._found.connect(self._take)
        self._over.connect(self._finish)

    @property
    def busy(self) -> bool:
        return self._thread is not None

    def start(self, clip: Clip, facts: Facts) -> None:
        """Compare a clip; a comparison that still goes is dropped."""
        self.shut_down()
        self._turn += 1
        self._stop = Event()
        self._rows.clear()
        self.table.setRowCount(0)
        self._folder = tempfile.TemporaryDirectory(prefix="kittiwake-compare-")
        self._head.setText(tr("{name} in every codec", name=clip.name))
        self._note.setText(tr("Coding and measuring …"))
        arguments = (self._turn, clip, facts, Path(self._folder.name), self._stop)
        self._thread = Thread(target=self._run, args=arguments, name="compare", daemon=True)
        self._thread.start()

    def _run(self, turn: int, clip: Clip, facts: Facts, folder: Path, stop: Event) -> None:
        helper = WorkerProcess(tell_comparisons, reports=True)
        try:
            trouble = helper.ask((clip, facts, folder), stop.is_set, lambda found: self._found.emit(turn, found))
        finally:
            helper.close()
        if trouble is not None:
            self._over.emit(turn, str(trouble))

    def _take(self, turn: int, found: Comparison) -> None:
        if turn != self._turn:
            return
        row = self.table.rowCount()
        self._rows.append(found)
        self.table.insertRow(row)
        whole, each = (
            "–" if value is None else tr("{value:.1f} dB", value=value)
            for value in (found.signal_to_distortion_db, found.segmental_db)
        )
        stoi = "–" if found.stoi is None else tr("{stoi:.3f}", stoi=found.stoi)
        cells = (
            found.candidate.name, format_bytes(found.bytes), tr('{kbit_s:.1f} kbit/s', kbit_s=found.kbit_s), tr('{ratio:.1f} : 1', ratio=found.ratio), whole, each, stoi,
        )  # fmt: skip
        for at, text in enumerate(cells):
            item = QTableWidgetItem(in_words(text))
            if at:
                item.setTextAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
            self.table.setItem(row, at, item)
        self._note.setText(tr("Coding and measuring: {done} of {all} …", done=len(self._rows), all=len(candidates())))

    def _finish(self, turn: int, trouble: str) -> None:
        if turn != self._turn:
            return
        if self._thread:
            self._thread.join()
        self._thread = None
        self._note.setText(
            in_words(trouble)
            or tr(
                "Select a line and press Space; 1 is the source, 2 the codec, 3 the codec over a line. Signal to distortion says nothing of codecs that model the voice and not the wave."
            )
        )

    def _row_chosen(self, row: int, *_: int) -> None:
        if 0 <= row < len(self._rows):
            self.chosen.emit(self._rows[row])

    def shut_down(self) -> None:
        """Drop what goes on, and the coded files."""
        self._stop.set()
        self._turn += 1
        if self._thread:
            self._thread.join()
        self._thread = None
        if self._folder:
            self._folder.cleanup()
        self._folder = None
