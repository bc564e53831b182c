"""Looks at sources in the background, and at folders for sources."""

from __future__ import annotations

import contextlib
import os
import threading
import time
from collections import deque
from collections.abc import Iterable, Mapping
from concurrent.futures import ThreadPoolExecutor
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from ...core.cache.drawing import PartialOverview, look_for_drawing
from ...core.model import Facts, Note, Stated
from ...core.process import WorkerCrash, WorkerProcess
from ...words import tr
from ..widgets.sentence import Sentence

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
    # What comes of the side thread, with the turn that it was asked in: what another job asked for is nothing to this one.
    _some_found = Signal(int, list)
    _search_over = Signal(int, int, Sentence)
    _compared = Signal(int, object, object)
    _look_over = Signal()
    _idle = Signal()

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._most = max(1, (os.cpu_count() or 2) - 1)
        self._pool = ThreadPoolExecutor(self._most, thread_name_prefix="look")
        self._going = 0
        self._side = ThreadPoolExecutor(1, thread_name_prefix="search")
        self._arrived: deque[tuple[Facts, int]] = deque()
        self._lock = threading.Lock()
        self._woken = False
        self._again = QTimer(self)
        self._again.setSingleShot(True)
        self._again.setInterval(0)
        self._again.timeout.connect(self._arrive)
        self._own = threading.local()
        self._helpers: list[WorkerProcess] = []
        self._seeker: WorkerProcess | None = None
        self._wanted: set[Path] = set()
        self._queue: deque[tuple[Path, Stated | None, bool, int]] = deque()
        self._stopped = False
        self._turn = 0
        self.searching = 0
        #: Whether to look at a few only, since the board is growing: both at once takes longer, and is felt.
        self.held_back = False
        self._some_found.connect(self._tell_found)
        self._search_over.connect(self._count_search)
        self._compared.connect(self._tell_suspected)
        self._look_over.connect(self._arrive)
        self._idle.connect(self._one_idle)

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
                self._queue.append((path, stated.get(path), anew, self._turn))
        while self._going < min(self._most, len(self._queue)) and not self._stopped:
            self._going += 1
            self._pool.submit(self._look_on)

    def hurry(self, path: Path) -> None:
        """Look at this one next, if it still waits: somebody wants to see it."""
        if path in self._wanted:
            for waiting in list(self._queue):
                if waiting[0] == path:
                    with contextlib.suppress(ValueError):  # taken this moment
                        self._queue.remove(waiting)
                        self._queue.appendleft(waiting)
                    return

    def _look_on(self) -> None:
        """In a thread: look as long as there is something to look at."""
        while not self._stopped:
            try:
                path, stated, anew, turn = self._queue.popleft()
            except IndexError:
                break
            if turn == self._turn:
                self._look(path, stated, anew, turn)
            if self.held_back and self._queue:
                time.sleep(_HELD)
        self._idle.emit()

    def _one_idle(self) -> None:
        self._going -= 1
        if self._queue:  # something came while the thread was ending
            self.want((), {})

    def _look(self, path: Path, stated: Stated | None, anew: bool, turn: int) -> None:
        try:
            found = self._helper().ask(
                (path, stated, anew),
                lambda: self._stopped or turn != self._turn,
                lambda partial: (
                    self.partly_looked.emit(partial) if turn == self._turn and not self._stopped else None
                ),
            )
            if found is None:
                return
            if isinstance(found, WorkerCrash):
                sentence = tr(
                    "The decoder of this file crashed ({reason}); nothing else was harmed.", reason=found.reason
                )
                note = Note("crashed", sentence, tr("Ask for another copy, or convert it elsewhere first."))
                found = Facts(path, error=note, stated=stated)
            # The very path that was asked for: dictionaries find that by looking, without comparing it part by part.
            facts = replace(found, path=path)
        except Exception as error:  # the thread's last chance to tell anybody
            facts = Facts(
                path,
                error=Note("internal", tr("Looking at it failed: {error}.", error=error), tr("Please report this.")),
                stated=stated,
            )
        if not self._stopped:
            with self._lock:  # of several threads just one wakes the window
                self._arrived.append((facts, turn))
                wake, self._woken = not self._woken, True
            if wake:
                self._look_over.emit()

    def _helper(self) -> WorkerProcess:
        """A process of this thread's own: a decoder that crashes must not take the window with it."""
        helper: WorkerProcess | None = getattr(self._own, "helper", None)
        if helper is None:
            helper = self._own.helper = WorkerProcess(look_for_drawing, reports=True, patience=_PATIENCE)
            self._helpers.append(helper)
        return helper

    def _arrive(self) -> None:
        """In the interface's own thread: only what has arrived there is no longer waited for. What comes in faster than it can be shown
        is shown a little at a time.
        """
        until = time.monotonic() + _SLICE
        while self._arrived and not self._stopped:
            facts, turn = self._arrived.popleft()
            if turn == self._turn:
                self._wanted.discard(facts.path)
                self.looked.emit(facts)
            if time.monotonic() > until:
                break
        with self._lock:
            self._woken = bool(self._arrived)
        if self._woken:
            self._again.start()

    def compare(self, facts: list[Facts]) -> None:
        """Look for false rates among the sources of one folder; what is found comes by ``suspected``."""
        if not self._stopped:
            self._side.submit(self._compare, facts, self._turn)

    def _compare(self, facts: list[Facts], turn: int) -> None:
        from ...core.fit.suspicion import Voiceprint, suspicions

        if len({one.header.sample_rate for one in facts if one.header}) < 2:
            self._compared.emit(turn, [one.path for one in facts], {})  # a false rate only shows beside a true one
            return
        prints = [voiceprint for one in facts if not self._stopped and (voiceprint := Voiceprint.of(one)) is not None]
        if not self._stopped:
            self._compared.emit(turn, [one.path for one in facts], suspicions(prints))

    def search(self, paths: list[Path]) -> None:
        """Find sound in folders; it comes in batches by ``found``, and at the end ``searched`` counts it."""
        self.searching += 1
        self._side.submit(self._search, [str(path) for path in paths], self._turn)

    def _search(self, paths: list[str], turn: int) -> None:
        """In a process of its own: Python lets one thread at a time through, and of each file something is asked."""
        from ...core.batch.search import tell_sources

        if self._stopped:
            return
        if self._seeker is None:
            self._seeker = WorkerProcess(tell_sources, reports=True, patience=_PATIENCE)
        answer = self._seeker.ask(
            paths,
            lambda: self._stopped or turn != self._turn,
            lambda found: self._some_found.emit(turn, found),
        )
        total, passed = answer if isinstance(answer, tuple) else (0, str(answer or ""))
        self._search_over.emit(turn, total, passed)

    def _tell_found(self, turn: int, found: list[str]) -> None:
        if turn == self._turn:
            self.found.emit(found)

    def _tell_suspected(self, turn: int, paths: object, found: object) -> None:
        if turn == self._turn:
            self.suspected.emit(paths, found)

    def _count_search(self, turn: int, total: int, passed: str) -> None:
        if turn == self._turn:
            self.searching -= 1
            self.searched.emit(total, passed)

    def drop_all(self) -> None:
        """Forget what is still to be looked at."""
        self._turn += 1
        self.searching = 0
        self._wanted.clear()
        self._queue.clear()

    def stop(self) -> None:
        """Stop for good; returns when no thread is at work any more."""
        self._stopped = True
        self._pool.shutdown(wait=True, cancel_futures=True)
        self._side.shutdown(wait=True, cancel_futures=True)
        for helper in (*self._helpers, self._seeker):
            if helper is not None:
                helper.close()
