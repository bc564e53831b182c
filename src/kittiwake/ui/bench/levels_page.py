"""The bench for the levels of the whole set: one table, to see at a glance which clip is too soft or too loud."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace
from statistics import median
from typing import Any

from PySide6.QtCore import QAbstractTableModel, QModelIndex, QPersistentModelIndex, Qt, Signal
from PySide6.QtWidgets import QAbstractItemView, QHeaderView, QLabel, QTableView, QVBoxLayout, QWidget

from ...core.model import Clip, Facts, SignalLevel
from ...core.model.units import db, format_bandwidth, format_db, format_seconds
from ...words import in_words, phrase, tr
from ..shell.session import Session
from ..theme.scale import scaled
from ..widgets.fitted_columns import FittedColumns
from ..widgets.table_copying import TableCopying

Index = QModelIndex | QPersistentModelIndex
Row = tuple[Clip, Facts]
_FAR_DB = 6.0  # from the middle of the set: a caller notices

_COLUMNS: tuple[tuple[str, Callable[[Row], float]], ...] = (
    (phrase("Speech level"), lambda row: row[1].measures.level.active_dbov if row[1].measures else -math.inf),
    (phrase("From the middle"), lambda row: row[1].measures.level.active_dbov if row[1].measures else -math.inf),
    (phrase("Peak"), lambda row: db(row[1].measures.peak) if row[1].measures else -math.inf),
    ("RMS", lambda row: db(row[1].measures.rms) if row[1].measures else -math.inf),
    (phrase("Active"), lambda row: row[1].measures.level.activity if row[1].measures else 0.0),
    (
        phrase("Clipped"),
        lambda row: row[1].measures.clipped_samples + row[1].measures.flat_samples if row[1].measures else 0.0,
    ),
    (phrase("Sound up to"), lambda row: row[1].measures.bandwidth if row[1].measures else 0.0),
    (phrase("Length"), lambda row: row[1].seconds or 0.0),
)


_TOLD = {
    "Speech level": phrase("Active speech level, ITU-T P.56"),
    "From the middle": phrase("From the median speech level of the set"),
    "Active": phrase("Share of its length that is speech (activity factor, ITU-T P.56)"),
    "Sound up to": phrase("Highest frequency that really holds sound"),
}


class LevelsModel(QAbstractTableModel):
    """A line for every clip that can be read, sortable by every column."""

    def __init__(self) -> None:
        super().__init__()
        self.rows: list[Row] = []
        self.middle = 0.0
        self._sorted = (1, Qt.SortOrder.AscendingOrder)

    def show_rows(self, rows: list[Row]) -> None:
        self.beginResetModel()
        self.rows = list(rows)
        levels = [value for row in rows if math.isfinite(value := _COLUMNS[0][1](row))]
        self.middle = median(levels) if levels else 0.0
        self._arrange()
        self.endResetModel()

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.rows)

    def columnCount(self, parent: Index | None = None) -> int:
        return 1 + len(_COLUMNS)

    def sort(self, column: int, order: Qt.SortOrder = Qt.SortOrder.AscendingOrder) -> None:
        self._sorted = (column, order)
        self.layoutAboutToBeChanged.emit()
        self._arrange()
        self.layoutChanged.emit()

    def _arrange(self) -> None:
        column, order = self._sorted
        key: Callable[[Row], Any] = (lambda row: row[0].name.casefold()) if column == 0 else _COLUMNS[column - 1][1]
        self.rows.sort(key=key, reverse=order == Qt.SortOrder.DescendingOrder)

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if not 0 <= index.row() < len(self.rows):
            return None
        clip, facts = self.rows[index.row()]
        if role == Qt.ItemDataRole.DisplayRole:
            return clip.name if index.column() == 0 else in_words(self._in_words(index.column() - 1, (clip, facts)))
        if role == Qt.ItemDataRole.TextAlignmentRole and index.column():
            return int(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        if role == Qt.ItemDataRole.ToolTipRole:
            return str(clip.source)
        return None

    def _in_words(self, column: int, row: Row) -> str:
        name, value_of = _COLUMNS[column]
        value = value_of(row)
        if name in ("Speech level", "Peak", "RMS"):
            return format_db(value, "dBov" if name == "Speech level" else "dBFS")
        if name == "From the middle":
            if not math.isfinite(value):
                return "–"
            off = value - self.middle
            # A word beside the number: colour alone does not show state.
            word = tr(" much softer") if off < -_FAR_DB else tr(" much louder") if off > _FAR_DB else ""
            return tr("{off:+.1f} dB{word}", off=round(off, 1) or 0.0, word=word).replace("-", "−")
        if name == "Active":
            return tr("{value:.0%}", value=value)
        if name == "Clipped":
            return tr("{value:,.0f} samples", value=value) if value else tr("none")
        return format_bandwidth(value) if name == "Sound up to" else format_seconds(value)

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.DisplayRole:
            # Room for the mark of sorting behind the word.
            return tr("Clip") if section == 0 else f"{in_words(_COLUMNS[section - 1][0])}    "
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.TextAlignmentRole:
            side = Qt.AlignmentFlag.AlignRight if section else Qt.AlignmentFlag.AlignLeft
            return int(side | Qt.AlignmentFlag.AlignVCenter)
        if orientation == Qt.Orientation.Horizontal and role == Qt.ItemDataRole.ToolTipRole:
            return in_words(_TOLD.get(_COLUMNS[section - 1][0])) if section else None
        return None


class LevelsPage(QWidget):
    """The table. ``chosen`` names the clip of the current line, ``wanted`` one that was picked with Enter or two clicks."""

    chosen = Signal(str)
    wanted = Signal(str)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 10, 14, 10)
        self._head = QLabel()
        self._head.setProperty("head", True)
        column.addWidget(self._head)
        note = QLabel(
            tr(
                "A click on a heading sorts. Space plays the line; Enter goes to the clip. Levels are of the sources: active speech level (ITU-T P.56)."
            )
        )
        note.setProperty("soft", True)
        column.addWidget(note)
        self.model = LevelsModel()
        self.table = QTableView()
        self.table.setProperty("action_keys", True)
        self.table.setModel(self.model)
        self.table.setProperty("plain", True)
        self.table.setAccessibleName(tr("Levels of the set"))
        self.table.setSortingEnabled(True)
        self.table.setShowGrid(False)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.table.setTabKeyNavigation(False)
        self.table.verticalHeader().hide()
        self.table.verticalHeader().setDefaultSectionSize(scaled(26))
        heads = self.table.horizontalHeader()
        heads.setSectionResizeMode(QHeaderView.ResizeMode.Interactive)
        heads.setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        FittedColumns(self.table)
        TableCopying(self.table)
        for section in range(1, self.model.columnCount()):
            wide = scaled(205 if section == 2 else 126 if section in (1, 7) else 112)
            heads.resizeSection(section, max(wide, heads.sectionSizeHint(section)))
        heads.setMinimumSectionSize(scaled(64))
        heads.setHighlightSections(False)
        heads.setSortIndicator(2, Qt.SortOrder.AscendingOrder)
        self.table.activated.connect(lambda index: self.wanted.emit(self.model.rows[index.row()][0].id))
        self.table.selectionModel().currentRowChanged.connect(self._row)
        column.addWidget(self.table, 1)
        session.span_levels.arrived.connect(self._arrived)

    def _row(self, index: QModelIndex) -> None:
        if 0 <= index.row() < len(self.model.rows):
            self.chosen.emit(self.model.rows[index.row()][0].id)

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

    def show_set(self) -> None:
        """Fill the table from the session."""
        known = ((clip, self._session.project.facts.get(clip.source)) for clip in self._session.project.job.clips)
        rows = [(clip, self._of_clip(clip, facts)) for clip, facts in known if facts and facts.ok]
        self.model.show_rows(rows)
        levels = [row[1].measures.level.active_dbov for row in rows if row[1].measures]
        heard = [level for level in levels if math.isfinite(level)]
        if heard:
            spread = max(heard) - min(heard)
            middle = format_db(self.model.middle, "dBov")
            self._head.setText(
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
            self._head.setText(tr("No clip can be measured yet."))
