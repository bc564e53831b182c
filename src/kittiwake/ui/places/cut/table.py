"""The spans as a table that is edited in place."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import NamedTuple

from PySide6.QtCore import Signal

from ....core.model.span import START, STOP, Span
from ....words import decimal, tr
from ....work.cut.times import frame_of
from ...widgets.row_table import Column, RowTable
from .viewport import clock

NUMBER, NAME, TEXT, FROM, TO, LENGTH, TAKE = range(7)


class SpanRow(NamedTuple):
    """Attributes
    ----------
    number : among those that are not set aside, from 1.
    more : what is said of takes, and of names suggested by ear.
    """

    span: Span
    number: int
    name: str
    more: str


class SpanTable(RowTable[SpanRow]):
    """What a person types is emitted, and changes nothing here."""

    renamed = Signal(str, str)
    worded = Signal(str, str)
    moved = Signal(str, str, int)  # id, edge, frame

    def __init__(self) -> None:
        self._rate = 1
        super().__init__(
            tr("Spans in order"),
            [
                Column("", lambda row: tr("aside") if row.span.aside else f"{row.number:02}", width=72),
                Column(
                    tr("Name"), lambda row: row.name, width=200,
                    take=lambda row, text: self.renamed.emit(row.span.id, text),
                ),
                Column(
                    tr("Text"), lambda row: row.span.text, take=lambda row, text: self.worded.emit(row.span.id, text)
                ),
                self._edge(tr("Start"), START),
                self._edge(tr("End"), STOP),
                Column(tr("Length"), lambda row: self._clock(row.span.stop - row.span.start), width=84, number=True),
                Column(tr("Take"), lambda row: row.more, width=150),
            ],
            key=lambda row: row.span.id,
            several=True,
            height=27,
        )  # fmt: skip

    def _edge(self, head: str, edge: str) -> Column[SpanRow]:
        def frame(row: SpanRow) -> int:
            return row.span.start if edge == START else row.span.stop

        def tip(row: SpanRow) -> str:
            return tr("Frame {frame:,}. Type seconds, m:ss, or 44100 samples.", frame=frame(row))

        def take(row: SpanRow, text: str) -> None:
            self.moved.emit(row.span.id, edge, frame_of(text, self._rate))

        return Column(head, lambda row: self._clock(frame(row)), width=104, number=True, tip=tip, take=take)

    def _clock(self, frame: int) -> str:
        return decimal(clock(frame / self._rate, 0.001))

    def show_spans(self, spans: Sequence[Span], names: Mapping[str, str], more: Mapping[str, str], rate: int) -> None:
        """Show these, with their names and what is said of them, by id."""
        rows, number = [], 0
        for span in spans:
            number += not span.aside
            rows.append(SpanRow(span, number, names.get(span.id, ""), more.get(span.id, "")))
        self._rate = rate
        self.show_rows(rows)

    def selected_ids(self) -> list[str]:
        """Ids of the selected spans, in order."""
        return [row.span.id for row in self.selected()]
