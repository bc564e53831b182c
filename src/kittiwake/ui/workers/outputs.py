"""Makes outputs in the background, with progress and cancel."""

from __future__ import annotations

import time
from collections.abc import Sequence
from pathlib import Path
from threading import Event

from PySide6.QtCore import QObject, Signal

from ...core.batch import BatchRequest, PlannedClip, Share, run_batch
from ...core.fit import Fit
from ...core.make import Result
from ...core.model import Receiver
from ...core.process import Processes
from ...work.project import Cell
from ..shell.session import Session
from .worker import Outcome, Task, Worker


class OutputWorker(QObject):
    """Makes cells of a session. One run at a time."""

    started = Signal(int)
    progressed = Signal()
    finished = Signal()

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self._session = session
        self._worker = Worker(self)
        self._pause = Event()
        self._paused_at = 0.0
        self._sound = 0.0
        self._reported: dict[tuple[str, str], float] = {}
        self._cells: dict[tuple[str, str], Cell] = {}
        self.total = self.done = self.failed = 0
        self._begun = 0.0
        self.trouble = ""
        self.was_cancelled = False
        #: Whether all is to be made as soon as everything has been looked at.
        self.wanted = False
        #: How many at once; None: one for each core.
        self.at_once: int | None = None

    def begin_job(self) -> None:
        """Another job: what is being made of this one is stopped, and nothing of it is told."""
        busy = self.busy
        self.stop()
        self._worker.drop()
        self.was_cancelled = True
        if busy:  # over for all who wait for the end of a run, and for nobody who would be told of it
            self.finished.emit()
        self.wanted = self.was_cancelled = False
        self.total = self.done = self.failed = 0
        self.trouble = ""
        self._cells = {}
        self._reported.clear()
        self._sound = self._begun = self._paused_at = 0.0
        self._pause.clear()

    @property
    def busy(self) -> bool:
        return self._worker.busy

    @property
    def finished_items(self) -> float:
        """How many items are done, those in hand by their share."""
        # A copy first: the workers go on adding to it.
        return self.done + sum(list(self._reported.values()))

    @property
    def paused(self) -> bool:
        return self.busy and self._pause.is_set()

    @property
    def elapsed(self) -> float:
        """Seconds at work, pauses not counted."""
        now = self._paused_at if self._pause.is_set() else time.monotonic()
        return now - self._begun

    @property
    def hours(self) -> float:
        """Hours of sound of what is done."""
        return self._sound / 3600

    @property
    def times_real(self) -> float | None:
        """How many times as fast as it sounds; None while it is too early to tell."""
        elapsed = self.elapsed
        return self._sound / elapsed if elapsed > 0.5 and self._sound else None

    @property
    def seconds_left(self) -> float | None:
        """Estimate from what is done so far; None while it is too early to tell."""
        finished = self.finished_items
        if not self.busy or finished < 0.5:
            return None
        return self.elapsed / finished * (self.total - finished)

    def make(self, cells: Sequence[Cell]) -> int:
        """Begin with all of these that are ready and not made already; returns how many that are."""
        if self.busy:
            return 0
        chosen = [c for c in cells if c.fit and c.facts and c.fit.ready and c.state not in ("made", "making")]
        if not chosen:
            return 0
        self.total, self.done, self.failed = len(chosen), 0, 0
        self.trouble, self.was_cancelled = "", False
        self._begun = time.monotonic()
        self._sound = 0.0
        self._reported.clear()
        self._pause.clear()
        for cell in chosen:
            self._session.project.outputs.set_share(cell.key, 0.0)
        self._cells = {(cell.clip.id, cell.receiver.slug): cell for cell in chosen}
        receivers = {cell.receiver.slug: cell.receiver for cell in chosen}
        places = {clip.id: n for n, clip in enumerate(self._session.project.job.clips, 1)}
        parts = self._in_folders(chosen, list(receivers.values()))
        self._worker.begin(None, lambda task: self._run(parts, places, task), self._finish, self._news)
        self.started.emit(self.total)
        return self.total

    def _in_folders(self, cells: list[Cell], receivers: list[Receiver]) -> list[tuple[BatchRequest, list[Cell]]]:
        """Cells by the folders that their outputs go to, which is one for each receiver unless the job says otherwise."""
        parts: dict[tuple[Path, ...], list[Cell]] = {}
        folders: dict[Path, tuple[Path, ...]] = {}
        for cell in cells:
            place = cell.clip.source.parent
            if place not in folders:
                folders[place] = tuple(self._session.project.folder_of(one, cell.clip.source) for one in receivers)
            parts.setdefault(folders[place], []).append(cell)
        return [(BatchRequest(tuple(receivers), where), clips) for where, clips in parts.items()]

    def _run(self, parts: list[tuple[BatchRequest, list[Cell]]], places: dict[str, int], task: Task) -> None:
        def watch(news: Share) -> None:
            key = (news.clip, news.receiver)
            if news.done - self._reported.get(key, 0.0) >= 0.04:
                self._reported[key] = news.done
                task.report(news)

        executor = Processes(self.at_once, pause=self._pause)
        for request, cells in parts:
            clips = _planned(cells, places)
            for result in run_batch(clips, request, executor, cancelled=task.stopped, progress=watch, others=places):
                task.report(result)

    def _news(self, news: Share | Result) -> None:
        if isinstance(news, Share):
            self._share(news.clip, news.receiver, news.done)
        else:
            self._take(news)

    def _share(self, clip_id: str, slug: str, share: float) -> None:
        self._session.project.outputs.set_share((clip_id, slug), share)
        self.progressed.emit()

    def _take(self, result: Result) -> None:
        key = (result.clip, result.receiver)
        self._reported.pop(key, None)
        cell = self._cells.pop(key)
        self.done += 1
        self._sound += result.source_seconds
        if result.status == "failed":
            self.failed += 1
        self._session.project.outputs.take_result(cell, result)
        self.progressed.emit()

    def _finish(self, outcome: Outcome[None, None]) -> None:
        self.trouble = outcome.wrong
        self._cells = {}
        self._session.project.outputs.making_is_over()
        self.finished.emit()

    def pause(self, paused: bool) -> None:
        """Stand still where it is, or go on."""
        if not self.busy or paused == self._pause.is_set():
            return
        if paused:
            self._paused_at = time.monotonic()
            self._pause.set()
        else:
            self._begun += time.monotonic() - self._paused_at
            self._pause.clear()
        self.progressed.emit()

    def cancel(self) -> None:
        """Stop at once; what is half-made leaves no trace."""
        if self.busy:
            self.was_cancelled = True
            self._worker.stop()
            self._pause.clear()

    def stop(self) -> None:
        """Cancel and wait; for closing the window."""
        self.cancel()
        self._worker.wait(None)


def _planned(cells: Sequence[Cell], places: dict[str, int]) -> list[PlannedClip]:
    """The clips of cells, each with the fits that are to be made."""
    fits: dict[str, dict[str, Fit]] = {}
    clips = []
    for cell in cells:
        assert cell.fit is not None and cell.facts is not None
        if cell.clip.id not in fits:
            fits[cell.clip.id] = {}
            clips.append(PlannedClip(cell.clip, cell.facts, fits[cell.clip.id], places[cell.clip.id]))
        fits[cell.clip.id][cell.receiver.slug] = cell.fit
    return clips
