"""Keeps an eye on what was made: files that somebody altered or deleted, and what a folder's ledger knows from earlier."""

from __future__ import annotations

import time
from collections.abc import Mapping
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from ...core.disk.place import file_digest
from ...core.make.ledger import Entry, Ledger
from ...core.make.ledger_place import ledger_path
from ...core.make.output import as_made
from ...core.measure.analyze import same_stamp, source_stamp, stamp_of
from ...core.model import MadeRecord
from ...plain_data import dataclass
from ...work.project import Project
from ...work.project.cell import Key
from ...work.project.outputs import News
from .throttle import Throttle
from .worker import Outcome, Task, Worker

_EVERY = 3.0  # s
_SHARE = 20  # times as long as a look took is waited until the next


@dataclass(frozen=True, slots=True)
class _Known:
    """What the session has: records, stamps of outputs and of sources, what the ledgers say."""

    records: dict[Key, MadeRecord]
    outputs: dict[Key, str]
    sources: dict[Path, str]
    ledger: Mapping[tuple[str, str, str], Entry]


class OutputChecker(QObject):
    """Looks every few seconds, in a thread of its own; ``news`` tells what is other than the session has it."""

    news = Signal(News)
    unwanted_found = Signal(list)
    left_over = Signal(int)  # how many made files belong to nothing on the board any more

    def __init__(self, project: Project, parent: QObject) -> None:
        super().__init__(parent)
        self._project = project
        self._worker = Worker(self)
        self._looking = False
        self._ledgers: dict[Path, tuple[str, Ledger]] = {}
        self._folders: tuple[Path, ...] = ()
        self._timer = QTimer(self)
        self._timer.setInterval(round(_EVERY * 1000))
        self._timer.timeout.connect(self.look)
        self._timer.start()
        self._took = 0.0
        self._last = 0.0

    def begin_job(self) -> None:
        """Another job: what is being looked at for this one comes to nobody."""
        self._worker.drop()
        self._looking = False

    def look(self, now: bool = False) -> None:
        """Look, unless that goes on already; ``now`` even if the last time is not long ago."""
        if self._looking or (not now and time.monotonic() - self._last < _SHARE * self._took):
            return
        self._looking = True
        folders = self._project.folders()
        known = _Known(
            self._project.outputs.records,
            self._project.outputs.known_stamps,
            dict(self._project.source_stamps),
            self._project.outputs.ledger,
        )
        self._worker.queue(folders, lambda task: self._look(folders, known, task), self._looked)

    def _looked(self, outcome: Outcome[tuple[Path, ...], News]) -> None:
        self._looking = False
        if outcome.found is not None:
            self.news.emit(outcome.found)

    def _look(self, folders: tuple[Path, ...], known: _Known, task: Task) -> News | None:
        began = time.monotonic()
        news, throttle = News(), Throttle()
        try:
            changed = folders != self._folders or not known.ledger  # a job that was opened again knows nothing yet
            for folder in folders:
                stamp = stamp_of(ledger_path(folder))
                if stamp and (folder not in self._ledgers or self._ledgers[folder][0] != stamp):
                    self._ledgers[folder] = (stamp, Ledger(folder))
                    changed = True
            self._folders = folders
            for gone in [folder for folder in self._ledgers if folder not in folders]:
                del self._ledgers[gone]
            if changed:
                found: dict[tuple[str, str, str], Entry] = {}
                for folder in folders:
                    for entry in self._ledgers[folder][1] if folder in self._ledgers else ():
                        if entry.output_stamp and stamp_of(folder / entry.output) == entry.output_stamp:
                            found[entry.source, entry.clip, entry.receiver] = entry
                            if entry.id:
                                found["", entry.id, entry.receiver] = entry
                        throttle()
                news.ledger = None if found == known.ledger else found
            for key, record in known.records.items():
                if task.stopped():
                    return None
                throttle()
                self._compare(key, record, known.outputs.get(key), news, task)
            for path, stamp in known.sources.items():
                if stamp and not same_stamp(now := source_stamp(path), stamp):
                    (news.sources if now else news.lost).append(path)
                throttle()
        finally:
            self._took, self._last = time.monotonic() - began, time.monotonic()
        return news

    def _compare(self, key: Key, record: MadeRecord, known: str | None, news: News, task: Task) -> None:
        output = Path(record.output)
        stamp = stamp_of(output)
        if not stamp:
            news.gone[key] = record
            return
        if stamp == known:
            return
        kept = self._ledgers.get(output.parent)
        entry = kept[1].get(output.name) if kept else None
        same = entry is not None and entry.sha256 == record.sha256 and entry.output_stamp == stamp
        try:
            if same or file_digest(output, task.stopped) == record.sha256:
                news.stamps[key] = stamp
            else:
                news.altered[key] = record
        except OSError:
            news.gone[key] = record

    def unwanted(self) -> list[tuple[Path, Entry]]:
        """Outputs in the job's folders that were made here, are as they were made, and belong to no clip and receiver of the job."""
        job = self._project.job
        wanted = {(str(clip.source), clip.name) for clip in job.clips}
        ids = {clip.id for clip in job.clips}
        found = []
        slugs = {receiver.slug for receiver in self._project.receivers}
        for folder in self._project.folders():
            for entry in Ledger(folder):
                # What has an id is known by that alone, unless another job made it.
                belongs = entry.id in ids or (entry.source, entry.clip) in wanted
                if belongs and entry.receiver in slugs:
                    continue
                if as_made(path := folder / entry.output, entry):
                    found.append((path, entry))
        return list(dict(found).items())

    def count_left_over(self) -> None:
        """Tell how many made files belong to nothing on the board any more, where there are any."""

        def tell(outcome: Outcome[None, list[tuple[Path, Entry]]]) -> None:
            if outcome.found:
                self.left_over.emit(len(outcome.found))

        self._worker.queue(None, lambda _: self.unwanted(), tell)

    def find_unwanted(self) -> None:
        """Tell of them by ``unwanted_found``; none where folders cannot be read."""
        self._worker.queue(None, lambda _: self.unwanted(), lambda out: self.unwanted_found.emit(out.found or []))

    def stop(self) -> None:
        self._timer.stop()
        self._worker.shut_down()
