"""Looks at sources in the background, and at folders for sources."""

from __future__ import annotations

import contextlib
import os
import time
from collections import deque
from collections.abc import Callable, Iterable, Mapping
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from ...core.cache.drawing import PartialOverview, look_for_drawing
from ...core.model import Facts, Note, Stated
from ...core.process import WorkerCrash, WorkerProcess
from ...words import tr
from ..widgets.sentence import Sentence
from .worker import Outcome, Task, Worker

_HELD = 0.05  # s
_PATIENCE = 5  # drawing comes first
_SLICE = 0.003  # s at a time for what has come in


class SourceWorker(QObject):
    """Looks at sources with a few threads; every result comes as a signal in the interface's own thread."""

    looked = Signal(Facts)
    partly_looked = Signal(PartialOverview)
    found = Signal(list)  # paths, as strings
    searched = Signal(int, Sentence)  # how many, and what was passed over in words
    suspected = Signal(object, object)  # paths that were compared, and what is suspected of some of them

    def __init__(
        self, parent: QObject | None = None, begin_process: Callable[[], WorkerProcess] | None = None
    ) -> None:
        super().__init__(parent)
        self._most = max(1, (os.cpu_count() or 2) - 1)
        # What another job asked for is dropped, and is nothing to this one.
        self._worker = Worker(self, tr("Looking failed"), threads=self._most)
        self._side = Worker(self, tr("Searching failed"))
        self._going = 0
        self._arrived: deque[Facts] = deque()
        self._again = QTimer(self)
        self._again.setSingleShot(True)
        self._again.setInterval(0)
        self._again.timeout.connect(self._arrive)
        self._begin_process = begin_process or (
            lambda: WorkerProcess(look_for_drawing, reports=True, patience=_PATIENCE)
        )
        self._helpers: list[WorkerProcess] = []
        self._free: deque[WorkerProcess] = deque()
        self._seeker: WorkerProcess | None = None
        self._wanted: set[Path] = set()
        self._queue: deque[tuple[Path, Stated | None, bool]] = deque()
        self.searching = 0
        #: Whether to look at a few only, since the board is growing: both at once takes longer, and is felt.
        self.held_back = False

    @property
    def waiting(self) -> int:
        """How many sources are still to be looked at."""
        return len(self._wanted)

    @property
    def busy(self) -> bool:
        """Whether sources are being looked for or looked at."""
        return bool(self._wanted or self.searching)

    def want(self, paths: Iterable[Path], stated: Mapping[Path, Stated], *, anew: bool = False) -> None:
        """Look at these, unless that is already under way; ``stated`` gives the formats of headerless ones, ``anew`` is for those who do not
        believe what is kept of them.
        """
        for path in paths:
            if path not in self._wanted:
                self._wanted.add(path)
                self._queue.append((path, stated.get(path), anew))
        while self._going < min(self._most, len(self._queue)):
            self._going += 1
            self._worker.queue(None, self._look_on, self._one_idle, self._take_news)

    def hurry(self, path: Path) -> None:
        """Look at this one next, if it still waits: somebody wants to see it."""
        if path in self._wanted:
            for waiting in list(self._queue):
                if waiting[0] == path:
                    with contextlib.suppress(ValueError):  # taken this moment
                        self._queue.remove(waiting)
                        self._queue.appendleft(waiting)
                    return

    def _look_on(self, task: Task) -> None:
        """In a thread: look as long as there is something to look at."""
        while not task.stopped():
            try:
                path, stated, anew = self._queue.popleft()
            except IndexError:
                break
            if task.stopped():  # and what was taken may be what another job asked for since
                self._queue.appendleft((path, stated, anew))
                break
            if (facts := self._look(path, stated, anew, task)) is not None:
                task.report(facts)
            if self.held_back and self._queue:
                time.sleep(_HELD)

    def _one_idle(self, outcome: Outcome[None, None]) -> None:
        self._going -= 1
        if self._queue:  # something came while the thread was ending
            self.want((), {})

    def _look(self, path: Path, stated: Stated | None, anew: bool, task: Task) -> Facts | None:
        """In a process of its own: a decoder that crashes must not take the window with it."""
        try:
            helper = self._free.popleft()
        except IndexError:
            helper = self._begin_process()
            self._helpers.append(helper)
        try:
            found = helper.ask((path, stated, anew), task.stopped, task.report)
            if found is None:
                return None
            if isinstance(found, WorkerCrash):
                sentence = tr(
                    "The decoder of this file crashed ({reason}); nothing else was harmed.", reason=found.reason
                )
                note = Note("crashed", sentence, tr("Ask for another copy, or convert it elsewhere first."))
                return Facts(path, error=note, stated=stated)
            # The very path that was asked for: dictionaries find that by looking, without comparing it part by part.
            return replace(found, path=path)
        except Exception as error:  # the thread's last chance to tell anybody
            sentence = tr("Looking at it failed: {error}.", error=error)
            return Facts(path, error=Note("internal", sentence, tr("Please report this.")), stated=stated)
        finally:
            self._free.append(helper)

    def _take_news(self, news: Facts | PartialOverview) -> None:
        if isinstance(news, PartialOverview):
            self.partly_looked.emit(news)
            return
        self._arrived.append(news)
        if not self._again.isActive():
            self._again.start()

    def _arrive(self) -> None:
        """Only what has arrived in the window is no longer waited for. What comes in faster than it can be shown is shown a little at a time."""
        until = time.monotonic() + _SLICE
        while self._arrived:
            facts = self._arrived.popleft()
            self._wanted.discard(facts.path)
            self.looked.emit(facts)
            if time.monotonic() > until:
                break
        if self._arrived:
            self._again.start()

    def compare(self, facts: list[Facts]) -> None:
        """Look for false rates among the sources of one folder; what is found comes by ``suspected``."""

        def work(task: Task) -> object:
            from ...core.fit.suspicion import Voiceprint, suspicions

            if len({one.header.sample_rate for one in facts if one.header}) < 2:
                return {}  # a false rate only shows beside a true one
            prints = [
                voiceprint for one in facts if not task.stopped() and (voiceprint := Voiceprint.of(one)) is not None
            ]
            return suspicions(prints)

        paths = [one.path for one in facts]
        self._side.queue(paths, work, lambda outcome: self.suspected.emit(outcome.asked, outcome.found or {}))

    def search(self, paths: list[Path]) -> None:
        """Find sound in folders; it comes in batches by ``found``, and at the end ``searched`` counts it.

        In a process of its own: Python lets one thread at a time through, and of each file something is asked.
        """

        def work(task: Task) -> object:
            from ...core.batch.search import tell_sources

            if self._seeker is None:
                self._seeker = WorkerProcess(tell_sources, reports=True, patience=_PATIENCE)
            return self._seeker.ask([str(path) for path in paths], task.stopped, task.report)

        self.searching += 1
        self._side.queue(paths, work, self._searched, self.found.emit)

    def _searched(self, outcome: Outcome[list[Path], object]) -> None:
        answer = outcome.found
        total, passed = answer if isinstance(answer, tuple) else (0, outcome.wrong or str(answer or ""))
        self.searching -= 1
        self.searched.emit(total, passed)

    def drop_all(self) -> None:
        """Forget what is still to be looked at."""
        self._worker.drop()
        self._side.drop()
        self._going = self.searching = 0
        self._wanted.clear()
        self._queue.clear()
        self._arrived.clear()

    def stop(self) -> None:
        """Stop for good; returns when no thread is at work any more."""
        self._again.stop()
        self._queue.clear()
        self._worker.shut_down()
        self._side.shut_down()
        for helper in (*self._helpers, self._seeker):
            if helper is not None:
                helper.close()
