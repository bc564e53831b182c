"""A place in the window: the longest pause of each clip, found beside the window, in a table."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import soundfile
from PySide6.QtWidgets import QVBoxLayout

from kittiwake.commands import command
from kittiwake.ui.places.place import PlacePage, Stop, place
from kittiwake.ui.shell.context import Context
from kittiwake.ui.widgets.row_table import Column, RowTable
from kittiwake.ui.workers.worker import Outcome, Task, Worker

Row = tuple[str, float]


def longest_pause(path: Path) -> float:
    """Seconds."""
    sound, rate = soundfile.read(str(path), always_2d=True)
    loud = np.flatnonzero(np.abs(sound).max(axis=1) > 0.01)
    return float(np.diff(loud).max(initial=0)) / rate


@place("pauses", "Pauses", Stop.HEAR, share=0.6)
class PausesPage(PlacePage):
    def __init__(self, at: Context) -> None:
        super().__init__()
        self.at, self.worker = at, Worker(self, "Pauses could not be measured")
        columns: list[Column[Row]] = [
            Column("Clip", lambda row: row[0]),
            Column("Longest pause", lambda row: f"{row[1]:.2f} s", width=160, number=True, order=lambda row: row[1]),
        ]
        self.table: RowTable[Row] = RowTable("Longest pauses", columns, key=lambda row: row[0], sorted_by=1)
        QVBoxLayout(self).addWidget(self.table)

    def begin(self) -> None:
        clips = self.at.session.project.job.clips

        def work(task: Task) -> list[Row]:
            return [(clip.name, longest_pause(clip.source)) for clip in clips if not task.stopped()]

        self.worker.begin(len(clips), work, self._found, instead=True)

    def _found(self, outcome: Outcome[int, list[Row]]) -> None:
        self.table.show_rows(outcome.found or ())
        self.message.emit(outcome.wrong or f"{outcome.asked} clips measured.")

    def shut_down(self) -> None:
        self.worker.shut_down()


@command("pauses.show", "Pauses…", "The longest pause of each clip.", "Ctrl+Alt+P", menu="View")
def show_pauses(at: Context) -> None:
    at.bench.go_to("pauses")
