"""The board's table: a view of a session."""

from __future__ import annotations

import time
from collections.abc import Generator, Iterable, Sequence
from pathlib import Path
from typing import Any

from PySide6.QtCore import QAbstractTableModel, QMimeData, QModelIndex, QPersistentModelIndex, Qt, QTimer, Signal

from ...core.log import log
from ...core.model import Clip, Receiver
from ...core.model.units import (
    format_bytes,
    format_db,
    format_hz,
    format_kind,
    format_limit,
    format_seconds,
    is_under,
)
from ...words import in_words, phrase, tr
from ...work.project import Cell, edits
from ..shell.session import Session
from ..theme.shapes import WORDS
from ..widgets.made_files import files_of, mime_of
from .order import Order, StateOf

Index = QModelIndex | QPersistentModelIndex

#: Columns before the receivers.
NAME, LENGTH, LEVEL = range(3)
HEADS = 3
_SLICE = 0.01  # s at a time for sorting
_AT_ONCE = 2000  # clips that are sorted without letting go
_PLAIN = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
_EDITABLE = _PLAIN | Qt.ItemFlag.ItemIsEditable


class BoardModel(QAbstractTableModel):
    """Rows are clips; columns are name, length, level, and one for each receiver."""

    reordered = Signal()

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.session = session
        self._row_of: dict[str, int] | None = None  # by clip id, once somebody asks
        self._clips: tuple[Clip, ...] = ()  # as shown
        self._all: tuple[Clip, ...] = ()  # all clips of the job
        self._columns: list[str] = []
        self.order = Order()  # that is wanted
        self._shown = self.order
        self._edited: frozenset[str] = frozenset()  # slugs of receivers whose rules were typed over and not taken
        self._sorting: Generator[None, None, list[Clip]] | None = None
        self._sort_timer = QTimer(self)
        self._sort_timer.setInterval(0)
        self._sort_timer.timeout.connect(lambda: self._sort(time.monotonic() + _SLICE))
        self.state_of: StateOf = self._state_of
        session.job_changed.connect(self._reset)
        session.facts_arrived.connect(self._facts)
        session.span_levels.arrived.connect(self._facts)
        session.cell_changed.connect(self._cell)
        session.column_changed.connect(self._column)
        self._reset()

    # -- keeping up ------------------------------------------------------------------------------------------------

    def _reset(self) -> None:
        old, new = self._clips, self.session.project.job.clips
        columns = [receiver.slug for receiver in self.session.project.receivers]
        before, self._all = self._all, new
        same = len(new) == len(before) and all(
            one is other or one.id == other.id for one, other in zip(new, before, strict=True)
        )
        if same and columns == self._columns:
            # Same rows: selection and scroll position stay, and so does the order, whatever has changed in them.
            self.headerDataChanged.emit(Qt.Orientation.Horizontal, 0, self.columnCount() - 1)
            if self._shown.plain:
                self._clips = new
            else:
                now = {clip.id: clip for clip in new}
                self._clips = tuple(now[clip.id] for clip in old)
            if self._clips:
                self.dataChanged.emit(self.index(0, 0), self.index(len(self._clips) - 1, self.columnCount() - 1))
            return
        if (
            before
            and self._shown.plain
            and self.order.plain
            and columns == self._columns
            and new[: len(before)] == before
        ):
            self.beginInsertRows(QModelIndex(), len(before), len(new) - 1)
            self._clips = new
            if self._row_of is not None:
                self._row_of.update((new[row].id, row) for row in range(len(before), len(new)))
            self.endInsertRows()
            return
        self.beginResetModel()
        self._columns = columns
        self._sorting = None
        self._index(new if self.order.plain else tuple(self.order.shown(self.session, self.state_of)))
        self.endResetModel()

    def begin_job(self) -> None:
        """Another job: nothing of this one is shown any more, and what comes stands in its own order."""
        self.order, self._sorting = Order(), None
        self._sort_timer.stop()
        self.beginResetModel()
        self._index(())
        self.endResetModel()
        self.headerDataChanged.emit(Qt.Orientation.Horizontal, 0, self.columnCount() - 1)

    def set_order(self, order: Order) -> None:
        """Show the clips that pass, sorted: at once, or with many of them a moment later; ``reordered`` tells that it is done."""
        self.order = order
        self._sorting = order.steps(self.session, self.state_of)
        if len(self.session.project.job.clips) <= _AT_ONCE:
            self._sort(float("inf"))
        else:
            self._sort_timer.start()

    def _sort(self, until: float) -> None:
        """Go on with the sorting, at most until then."""
        while self._sorting is not None:
            try:
                next(self._sorting)
            except StopIteration as done:
                self._sorting = None
                self.beginResetModel()
                now = {clip.id: clip for clip in self.session.project.job.clips}  # which may have changed meanwhile
                self._index(tuple(now[clip.id] for clip in done.value))
                self.endResetModel()
                self.headerDataChanged.emit(Qt.Orientation.Horizontal, 0, self.columnCount() - 1)
                self.reordered.emit()
            if time.monotonic() > until:
                break
        if self._sorting is None:
            self._sort_timer.stop()

    def _state_of(self, clip_id: str, slug: str) -> str | None:
        clip, receiver = self.session.project.clip(clip_id), self.session.project.receiver(slug)
        return self.session.project.cell(clip, receiver).state if clip and receiver else None

    def _index(self, clips: tuple[Clip, ...]) -> None:
        self._shown = self.order
        self._clips = clips
        self._row_of = None

    def _facts(self, path: Path) -> None:
        for clip_id in self.session.project.clips_of(path):
            if (row := self.row_of(clip_id)) is not None:
                self.dataChanged.emit(self.index(row, 0), self.index(row, self.columnCount() - 1))

    def _column(self, slug: str) -> None:
        column = self.column_of(slug)
        if column is not None and self._clips:
            self.dataChanged.emit(self.index(0, column), self.index(len(self._clips) - 1, column))

    def _cell(self, clip_id: str, slug: str) -> None:
        row = self.row_of(clip_id)
        column = self.column_of(slug)
        if row is not None and column is not None:
            index = self.index(row, column)
            self.dataChanged.emit(index, index)

    # -- where things are ------------------------------------------------------------------------------------------

    def clip_at(self, row: int) -> Clip | None:
        return self._clips[row] if 0 <= row < len(self._clips) else None

    def receiver_at(self, column: int) -> Receiver | None:
        at = column - HEADS
        return self.session.project.receivers[at] if 0 <= at < len(self.session.project.receivers) else None

    def row_of(self, clip_id: str) -> int | None:
        if self._row_of is None:
            self._row_of = {clip.id: row for row, clip in enumerate(self._clips)}
        return self._row_of.get(clip_id)

    def column_of(self, slug: str) -> int | None:
        for at, receiver in enumerate(self.session.project.receivers):
            if receiver.slug == slug:
                return HEADS + at
        return None

    def cell_at(self, index: Index) -> Cell | None:
        clip, receiver = self.clip_at(index.row()), self.receiver_at(index.column())
        return self.session.project.cell(clip, receiver) if clip and receiver else None

    def head_of(self, index: Index) -> tuple[str, bool, int]:
        """What shows in a column before the receivers: text, whether it is the name, and how many warnings the clip has."""
        clip, column = self.clip_at(index.row()), index.column()
        if clip is None:
            return "", False, 0
        return self._text(clip, column), column == NAME, len(self.warnings_of(clip)) if column == NAME else 0

    def _text(self, clip: Clip, column: int) -> str:
        if column == NAME:
            return clip.name
        facts = self.session.project.facts.get(clip.source)
        if facts is None:
            return "…"
        if not facts.ok or facts.measures is None:
            return "–"
        if column == LENGTH:
            frames = clip.frames_of(facts.measures.frames)
            return format_seconds(frames / clip.rate_of(facts.header.sample_rate) if facts.header else None)
        level = self.session.span_levels.of(clip, facts)
        return format_db(level.active_dbov, "dBov") if level else "…"

    # -- Qt's questions --------------------------------------------------------------------------------------------

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self._clips)

    def columnCount(self, parent: Index | None = None) -> int:
        return HEADS + len(self.session.project.receivers)

    def mimeData(self, indexes: Sequence[QModelIndex]) -> QMimeData:
        """Made files of cells, as a file manager takes them."""
        cells = (self.cell_at(index) for index in indexes)
        return mime_of(files_of(cell for cell in cells if cell))

    def flags(self, index: Index) -> Qt.ItemFlag:
        if index.column() == NAME:
            return _EDITABLE
        cell = self.cell_at(index) if index.column() >= HEADS else None
        # A made file can be dragged out into another program.
        return _PLAIN | Qt.ItemFlag.ItemIsDragEnabled if cell is not None and cell.state == "made" else _PLAIN

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        try:
            return in_words(self._data(index, role))
        except Exception:  # as in the delegate
            log.exception("while telling of a cell")
            return None

    def _data(self, index: Index, role: int) -> Any:
        clip = self.clip_at(index.row())
        if clip is None:
            return None
        receiver = self.receiver_at(index.column())
        if receiver is not None:
            return self._cell_data(self.session.project.cell(clip, receiver), role)
        if role == Qt.ItemDataRole.EditRole:
            return clip.name
        if role == Qt.ItemDataRole.DisplayRole:
            return self._text(clip, index.column())
        if role == Qt.ItemDataRole.TextAlignmentRole and index.column() != NAME:
            return int(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        if role == Qt.ItemDataRole.ToolTipRole:
            warnings = "\n".join(map(in_words, self.warnings_of(clip)))
            return f"{clip.source}\n{warnings}".strip()
        if role == Qt.ItemDataRole.AccessibleTextRole:
            text = str(self.data(index))
            sentences = self.warnings_of(clip) if index.column() == NAME else ()
            return (
                tr(
                    "{text}, {count} warnings: {list}",
                    "{text}, {count} warning: {list}",
                    len(sentences),
                    text=text,
                    count=len(sentences),
                    list=" ".join(map(in_words, sentences)),
                )
                if sentences
                else text
            )
        return None

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        clip = self.clip_at(index.row())
        name = str(value).strip()
        if role != Qt.ItemDataRole.EditRole or clip is None or index.column() != NAME or not name:
            return False
        edits.replace_clip(self.session.project, phrase("naming “{name}”", name=name), clip.changed(name=name))
        return True

    def warnings_of(self, clip: Clip) -> tuple[str, ...]:
        """What is worth knowing of a clip, each once, over all its receivers."""
        facts = self.session.project.facts.get(clip.source)
        if facts is None:
            return ()
        if facts.error:
            return (str(facts.error),)
        problems = self.session.project.plans.problems_of(clip)
        return tuple(dict.fromkeys(p.message for p in problems if p.severity != "note"))

    def _cell_data(self, cell: Cell, role: int) -> Any:
        if role == Qt.ItemDataRole.DisplayRole:
            return WORDS[cell.shown]
        if role in (Qt.ItemDataRole.ToolTipRole, Qt.ItemDataRole.AccessibleTextRole):
            return self._in_words(cell)
        return None

    def _in_words(self, cell: Cell) -> str:
        text = tr(
            "{clip} for {receiver}: {state}",
            clip=cell.clip.name,
            receiver=cell.receiver.name,
            state=WORDS[cell.shown],
        )
        if cell.fit is None:
            return text
        if cell.state == "failed" and cell.made:
            return f"{text}. {in_words(cell.made.error)}"
        problems = " ".join(in_words(p.message) for p in cell.fit.problems)
        size = format_bytes(cell.record.bytes if cell.record else cell.fit.predicted_bytes)
        seconds = format_seconds(cell.fit.predicted_seconds)
        if not cell.fit.recipe:
            return f"{text}. {problems}"
        share, limit = cell.share_of_limit, cell.receiver.rules.limits.max_bytes
        bar = (
            tr(
                " The line below it: {used:.0%} of the {limit} that it may have.",
                used=share,
                limit=format_bytes(limit),
            )
            if share is not None and limit is not None
            else ""
        )
        return f"{text}. {problems} {in_words(size)}, {in_words(seconds)}.{in_words(bar)}"

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if orientation == Qt.Orientation.Vertical:
            return None
        receiver = self.receiver_at(section)
        if role == Qt.ItemDataRole.DisplayRole:
            if receiver is None:  # or a column that is about to go
                return (
                    (tr("Clip"), tr("Length"), tr("Level"))[section] + self._arrow(section)
                    if section < HEADS
                    else None
                )
            if receiver.slug in self._edited:
                return tr("{name}{arrow}\nedited, not taken", name=receiver.name, arrow=self._arrow(section))
            return f"{in_words(receiver.name)}{self._arrow(section)}\n{demand(receiver)}"
        if role == Qt.ItemDataRole.TextAlignmentRole:
            right = section in (LENGTH, LEVEL)
            side = Qt.AlignmentFlag.AlignRight if right else Qt.AlignmentFlag.AlignLeft
            return int(side | Qt.AlignmentFlag.AlignVCenter)
        if role == Qt.ItemDataRole.ToolTipRole:
            if section == LEVEL:
                return tr("Active speech level, ITU-T P.56. Click to sort.")
            return (
                tr("{purpose}\nClick to see its rules, S sorts by it.", purpose=receiver.purpose)
                if receiver
                else tr("Click to sort.")
            )
        return None

    def set_edited(self, slugs: Iterable[str]) -> None:
        """Rules of these receivers were typed over and not taken."""
        self._edited = frozenset(slugs)
        self.headerDataChanged.emit(Qt.Orientation.Horizontal, 0, self.columnCount() - 1)

    def sorting_of(self, column: int) -> str:
        """What a column is sorted by, as ``Order.by``."""
        receiver = self.receiver_at(column)
        return receiver.slug if receiver else ("name", "length", "level")[column]

    def _arrow(self, column: int) -> str:
        if self.order.by != self.sorting_of(column):
            return ""
        return "  ↓" if self.order.falling else "  ↑"


def demand(receiver: Receiver) -> str:
    """A receiver's demand in a few characters: ``WAV, µ-law, 8 kHz``."""
    first = receiver.rules.accepts[0]
    rates = sorted(first.sample_rates)
    if len(rates) > 1:
        rate = tr(
            "{lowest} to {highest}", lowest=format_hz(rates[0]).removesuffix(" kHz"), highest=format_hz(rates[-1])
        )
    else:
        rate = format_hz(rates[0]) if rates else f"≤ {in_words(format_hz(first.max_sample_rate))}"
    kind = format_kind(first.container, first.encoding).replace(" PCM", "")
    parts = [kind, rate]
    if receiver.rules.limits.max_bytes:
        most = receiver.rules.limits.max_bytes
        parts.append(f"< {in_words(format_limit(most + 1))}" if is_under(most) else in_words(format_limit(most)))
    return ", ".join(map(in_words, parts))
