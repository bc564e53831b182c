"""The bench for the levels of the whole set: one table, to see at a glance which clip is too soft or too loud."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace
from statistics import median
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QVBoxLayout

from ....core.model import Clip, Facts, SignalLevel
from ....core.model.units import db, format_bandwidth, format_db, format_seconds
from ....words import tr
from ...commands.ear import hear_level
from ...commands.view import go_to_clip
from ...shell.session import Session
from ...widgets.row_table import Column, RowTable
from ...widgets.worded import Label
from ..place import PlacePage, Stop, place

if TYPE_CHECKING:
    from ...shell.context import Context

Row = tuple[Clip, Facts]
_FAR_DB = 6.0  # from the middle of the set: a caller notices


def _source(row: Row) -> str:
    return str(row[0].source)


def _dbov(row: Row) -> float:
    return row[1].measures.level.active_dbov if row[1].measures else -math.inf


def _peak(row: Row) -> float:
    return db(row[1].measures.peak) if row[1].measures else -math.inf


def _rms(row: Row) -> float:
    return db(row[1].measures.rms) if row[1].measures else -math.inf


def _active(row: Row) -> float:
    return row[1].measures.level.activity if row[1].measures else 0.0


def _clipped(row: Row) -> int:
    return row[1].measures.clipped_samples + row[1].measures.flat_samples if row[1].measures else 0


def _bandwidth(row: Row) -> float:
    return row[1].measures.bandwidth if row[1].measures else 0.0


def _seconds(row: Row) -> float:
    return row[1].seconds or 0.0


def _clipped_in_words(row: Row) -> str:
    count = _clipped(row)
    return tr("{value:,.0f} samples", value=count) if count else tr("none")


class LevelsPage(PlacePage):
    """The table. ``chosen`` names the clip of the current line, ``wanted`` one that was picked with Enter or two clicks."""

    chosen = Signal(str)
    wanted = Signal(str)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 10, 14, 10)
        self.head = Label()
        self.head.setProperty("head", True)
        column.addWidget(self.head)
        note = Label(
            tr(
                "A click on a heading sorts. Space plays the line; Enter goes to the clip. Levels are of the sources: active speech level (ITU-T P.56)."
            )
        )
        note.setProperty("soft", True)
        column.addWidget(note)
        self.middle = 0.0  # median speech level, dBov
        self.table: RowTable[Row] = RowTable(
            tr("Levels of the set"), self._columns(), key=lambda row: row[0].id, sorted_by=1
        )
        self.table.wanted.connect(lambda: self._emit(self.wanted))
        self.table.chosen.connect(lambda: self._emit(self.chosen))
        self.table.message.connect(self.message)
        column.addWidget(self.table, 1)
        session.span_levels.arrived.connect(self._arrived)

    def _columns(self) -> list[Column[Row]]:
        def number(
            head: str, value: Callable[[Row], float], text: Callable[[Row], str], width: int = 112, tip: str = ""
        ) -> Column[Row]:
            return Column(head, text, width=width, number=True, order=value, head_tip=tip, tip=_source)

        return [
            Column(tr("Clip"), lambda row: row[0].name, order=lambda row: row[0].name.casefold(), tip=_source),
            number(tr("Speech level"), _dbov, lambda row: format_db(_dbov(row), "dBov"), 126, tr("Active speech level, ITU-T P.56")),
            number(tr("From the middle"), _dbov, self._off, 205, tr("From the median speech level of the set")),
            number(tr("Peak"), _peak, lambda row: format_db(_peak(row), "dBFS")),
            number("RMS", _rms, lambda row: format_db(_rms(row), "dBFS")),
            number(
                tr("Active"), _active, lambda row: tr("{value:.0%}", value=_active(row)),
                tip=tr("Share of its length that is speech (activity factor, ITU-T P.56)"),
            ),
            number(tr("Clipped"), _clipped, _clipped_in_words),
            number(
                tr("Sound up to"), _bandwidth, lambda row: format_bandwidth(_bandwidth(row)), 126,
                tr("Highest frequency that really holds sound"),
            ),
            number(tr("Length"), _seconds, lambda row: format_seconds(_seconds(row))),
        ]  # fmt: skip

    def _off(self, row: Row) -> str:
        """How far from the middle of the set; with a word: colour alone does not show state."""
        off = _dbov(row) - self.middle
        if not math.isfinite(off):
            return "–"
        word = tr(" much softer") if off < -_FAR_DB else tr(" much louder") if off > _FAR_DB else ""
        return tr("{off:+.1f} dB{word}", off=round(off, 1) or 0.0, word=word).replace("-", "−")

    def _emit(self, signal: Any) -> None:
        if (row := self.table.current) is not None:
            signal.emit(row[0].id)

    def _of_clip(self, clip: Clip, facts: Facts) -> Facts:
        """Facts with the levels and the length of a clip that is part of its source; without levels until they are measured."""
        sound = facts.measures
        if clip.whole_source or sound is None:
            return facts
        level = self._session.span_levels.of(clip, facts) or SignalLevel(0.0, 0.0, -math.inf, 0.0)
        own = replace(
            sound,
            frames=clip.frames_of(sound.frames),
            peak=level.peak,
            rms=level.rms,
            levels={**sound.levels, sound.signal: level},
        )
        return replace(facts, measures=own)

    def _arrived(self, *_: object) -> None:
        if self.isVisible():
            self.show_set()

    def begin(self) -> None:
        """Show the levels of the whole set."""
        self.show_set()
        self.table.setFocus()

    def show_set(self) -> None:
        """Fill the table from the session."""
        known = ((clip, self._session.project.facts.get(clip.source)) for clip in self._session.project.job.clips)
        rows = [(clip, self._of_clip(clip, facts)) for clip, facts in known if facts and facts.ok]
        heard = [level for level in map(_dbov, rows) if math.isfinite(level)]
        self.middle = median(heard) if heard else 0.0
        self.table.show_rows(rows)
        if heard:
            spread = max(heard) - min(heard)
            middle = format_db(self.middle, "dBov")
            self.head.setText(
                tr(
                    "Levels of {count} clips: the middle is {middle}, they lie {spread:.1f} dB apart",
                    "Level of {count} clip: {middle}, spread {spread:.1f} dB",
                    len(rows),
                    count=len(rows),
                    middle=middle,
                    spread=spread,
                )
            )
        else:
            self.head.setText(tr("No clip can be measured yet."))


@place("levels", "Levels of the set", Stop.HEAR, share=0.5)
def levels_page(at: Context) -> LevelsPage:
    page = LevelsPage(at.session)
    page.chosen.connect(lambda id_: hear_level(at, id_))
    page.wanted.connect(lambda id_: go_to_clip(at, id_))
    return page
