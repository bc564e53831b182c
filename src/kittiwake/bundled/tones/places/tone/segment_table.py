"""The segments of a tone as a table that is edited in place."""

from __future__ import annotations

from PySide6.QtCore import Signal

from .....core.errors import KittiwakeError
from .....ui.widgets.row_table import Column, RowTable
from .....words import tr
from ...core.recipe import Segment
from ...core.words import (
    level_in_words,
    seconds_in_words,
    sounds_in_words,
    with_level,
    with_seconds,
    with_sounds,
)

#: A segment by its place.
Placed = tuple[int, Segment]


class SegmentTable(RowTable[Placed]):
    """``changed`` gives the segments as somebody edited them, and leaves those that are shown as they are."""

    changed = Signal(tuple)

    def __init__(self) -> None:
        self._unit = "dBm0"
        super().__init__(
            tr("Segments of the tone, in order"),
            [
                Column(
                    tr("Sounds"),
                    lambda row: tr("silence") if row[1].kind == "silence" else sounds_in_words(row[1]),
                    take=self._take_sounds,
                    edited=lambda row: sounds_in_words(row[1]),
                ),
                Column(
                    lambda: tr("Level, {unit}", unit=self._unit),
                    lambda row: level_in_words(row[1]),
                    width=120,
                    number=True,
                    take=lambda row, text: self._put(row, with_level(row[1], text)),
                ),
                Column(
                    tr("Seconds"),
                    lambda row: seconds_in_words(row[1]) or tr("its own"),
                    width=90,
                    number=True,
                    take=lambda row, text: self._put(row, with_seconds(row[1], text)),
                    edited=lambda row: seconds_in_words(row[1]),
                ),
                Column(tr("Times"), lambda row: str(row[1].times), width=64, number=True, take=self._take_times),
            ],
            key=lambda row: row[0],
            several=True,
            cells=True,
            height=27,
        )
        self.setEditTriggers(self.editTriggers() | self.EditTrigger.AnyKeyPressed)

    def show_segments(self, segments: tuple[Segment, ...], unit: str) -> None:
        """Show these, their levels in a unit."""
        self._unit = unit
        self.show_rows(enumerate(segments))

    def _take_sounds(self, row: Placed, text: str) -> None:
        self._put(row, with_sounds(row[1], text))

    def _take_times(self, row: Placed, text: str) -> None:
        if not text.isdigit() or not 1 <= int(text) <= 10_000:
            raise KittiwakeError(tr("“{text}” is no count.", text=text), tr("Write 1, 2, 3 …"), "tone")
        self._put(row, row[1].changed(times=int(text)))

    def _put(self, row: Placed, new: Segment) -> None:
        self.changed.emit(tuple(new if place == row[0] else one for place, one in self.rows))
