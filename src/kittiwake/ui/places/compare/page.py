"""The bench for comparing codecs: what a clip would cost and how it would sound in each."""

from __future__ import annotations

import tempfile
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtWidgets import (
    QVBoxLayout,
)

from ....core.errors import KittiwakeError
from ....core.make.compare import Comparison, candidates, tell_comparisons
from ....core.model import Clip, Facts
from ....core.model.units import format_bytes
from ....core.process import WorkerProcess
from ....words import in_words, tr
from ...commands.ear import hear_coded
from ...widgets.elided import ElidedLabel
from ...widgets.row_table import Column, RowTable
from ...widgets.worded import Label
from ...workers.worker import Outcome, Task, Worker
from ..place import PlacePage, Stop, place

if TYPE_CHECKING:
    from ...shell.context import Context


def _columns() -> list[Column[Comparison]]:
    def number(head: str, text: Callable[[Comparison], str]) -> Column[Comparison]:
        return Column(head, text, width=126, number=True)

    def decibels(value: float | None) -> str:
        return "–" if value is None else tr("{value:.1f} dB", value=value)

    return [
        Column(tr("Codec"), lambda one: one.candidate.name),
        number(tr("Size"), lambda one: format_bytes(one.bytes)),
        number(tr("Rate"), lambda one: tr("{kbit_s:.1f} kbit/s", kbit_s=one.kbit_s)),
        number(tr("Against 16-bit PCM"), lambda one: tr("{ratio:.1f} : 1", ratio=one.ratio)),
        number(tr("Signal to distortion"), lambda one: decibels(one.signal_to_distortion_db)),
        number(tr("Segmental"), lambda one: decibels(one.segmental_db)),
        number(
            tr("Intelligibility (STOI)"), lambda one: "–" if one.stoi is None else tr("{stoi:.3f}", stoi=one.stoi)
        ),
    ]


class ComparePage(PlacePage):
    """A table that fills as codecs are tried in the background. ``chosen`` is the one to be heard."""

    chosen = Signal(Comparison)

    def __init__(self) -> None:
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 10, 14, 10)
        self._head = Label()
        self._head.setProperty("head", True)
        column.addWidget(self._head)
        self._note = ElidedLabel()
        self._note.setProperty("soft", True)
        column.addWidget(self._note)
        self.table: RowTable[Comparison] = RowTable(
            tr("Codecs compared"), _columns(), key=lambda one: one.candidate.name
        )
        self.table.chosen.connect(lambda: self.chosen.emit(self.table.current))
        self.table.message.connect(self.message)
        column.addWidget(self.table, 1)
        self.worker = Worker(self)
        self._folder: tempfile.TemporaryDirectory[str] | None = None

    def begin(self, clip: Clip, facts: Facts) -> None:
        """Compare a clip; a comparison that still goes is dropped."""
        self.worker.drop()
        self.worker.wait(10)
        self._drop_files()
        self.table.show_rows(())
        self._head.setText(tr("{name} in every codec", name=clip.name))
        self._note.setText(tr("Coding and measuring …"))
        folder = self._folder = tempfile.TemporaryDirectory(prefix="kittiwake-compare-")

        def work(task: Task) -> None:
            helper = WorkerProcess(tell_comparisons, reports=True)
            try:
                wrong = helper.ask((clip, facts, Path(folder.name)), task.stopped, task.report)
            finally:
                helper.close()
            if wrong:
                raise KittiwakeError(str(wrong))

        self.worker.begin(clip, work, self._finish, self._take)
        self.table.setFocus()

    def _take(self, found: Comparison) -> None:
        rows = [*self.table.rows, found]
        self.table.show_rows(rows)
        self._note.setText(tr("Coding and measuring: {done} of {all} …", done=len(rows), all=len(candidates())))

    def _finish(self, outcome: Outcome[Clip, None]) -> None:
        self._note.setText(
            in_words(outcome.wrong)
            or tr(
                "Select a line and press Space; 1 is the source, 2 the codec, 3 the codec over a line. Signal to distortion says nothing of codecs that model the voice and not the wave."
            )
        )

    def shut_down(self) -> None:
        """Drop what goes on, and the coded files."""
        self.worker.shut_down()
        self._drop_files()

    def _drop_files(self) -> None:
        if self._folder:
            self._folder.cleanup()
        self._folder = None


@place("compare", "Codecs compared", Stop.HEAR, share=0.56)
def compare_page(at: Context) -> ComparePage:
    page = ComparePage()
    page.chosen.connect(lambda found: hear_coded(at, found))
    return page
