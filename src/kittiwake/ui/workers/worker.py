"""Work beside the window: done in threads, its answers given in the window's own.

    self._worker = Worker(self, tr("The tone could not be made"))
    self._worker.begin(recipe, lambda task: write_tone(recipe, folder), self._made)

    def _made(self, outcome: Outcome[ToneRecipe, Path]) -> None: ...

What is to be spared from Python's one thread at a time, or from crashes of libraries, a task gives to a ``WorkerProcess``.
"""

from __future__ import annotations

import contextlib
import time
from collections import deque
from collections.abc import Callable
from functools import partial
from threading import Event, Lock, Thread, current_thread
from typing import Any, Generic, NamedTuple, TypeVar

from PySide6.QtCore import QObject, Signal

from ...core.errors import KittiwakeError
from ...core.log import log
from ...words import Said, tr

Asked = TypeVar("Asked")
Found = TypeVar("Found")


class Outcome(NamedTuple, Generic[Asked, Found]):
    """Attributes
    ----------
    asked : what the work was begun for.
    found : what it gave; None where something went wrong.
    error : what went wrong.
    stopped : somebody stopped it; ``found`` is then what there was by then.
    """

    asked: Asked
    found: Found | None
    error: KittiwakeError | None
    stopped: bool

    @property
    def wrong(self) -> str:
        """What went wrong, in words; empty where nothing did."""
        return "" if self.error is None else str(self.error)


class Task:
    """A piece of work on its way: what the work itself is given, to look whether it is to end and to report what it has found."""

    def __init__(
        self,
        asked: Any,
        work: Callable[[Task], Any],
        then: Callable[[Outcome[Any, Any]], object] | None,
        each: Callable[[Any], object] | None,
        give: Callable[[Callable[[], object]], None],
    ) -> None:
        self.asked, self.work, self.then, self.each = asked, work, then, each
        self.dropped = False  # nobody waits for it any more
        self._give, self._stop = give, Event()

    def stopped(self) -> bool:
        """Whether it is to come to an end."""
        return self._stop.is_set()

    def stop(self) -> None:
        self._stop.set()

    def report(self, value: object) -> None:
        """Give something that is found already to whoever asked."""
        self._give(partial(self._tell, value))

    def _tell(self, value: object) -> None:
        if not self.dropped and self.each is not None:
            self.each(value)


class Worker(QObject):
    """Does one piece of work after the other, up to ``threads`` at once.

    Parameters
    ----------
    failing : how a sentence about a surprise begins.
    """

    _arrived = Signal(object)  # what is to be called in the window's thread

    def __init__(self, parent: QObject | None, failing: str = "", threads: int = 1) -> None:
        super().__init__(parent)
        self._failing, self._most = failing or tr("It failed"), threads
        self._lock = Lock()
        self._waiting: deque[Task] = deque()
        self._open: list[Task] = []  # whose outcome was not given yet
        self._threads: set[Thread] = set()
        self._closed = False
        self._arrived.connect(self._call)

    @property
    def busy(self) -> bool:
        """Whether an outcome is still to come."""
        return bool(self._open)

    def begin(
        self,
        asked: Asked,
        work: Callable[[Task], Found | None],
        then: Callable[[Outcome[Asked, Found]], object] | None = None,
        each: Callable[[Any], object] | None = None,
        *,
        instead: bool = False,
    ) -> bool:
        """Begin, unless something else is going on; whether that was done.

        Parameters
        ----------
        asked : what it is for; comes back with the outcome.
        work : called in another thread.
        then : called once in the window's thread, with what came of it; not at all if the work was dropped.
        each : called there with whatever the work reports.
        instead : what is going on is stopped, and nothing comes of it any more.
        """
        if instead:
            self.drop()
        if self.busy or self._closed:
            return False
        self.queue(asked, work, then, each)
        return True

    def queue(
        self,
        asked: Asked,
        work: Callable[[Task], Found | None],
        then: Callable[[Outcome[Asked, Found]], object] | None = None,
        each: Callable[[Any], object] | None = None,
    ) -> None:
        """Begin as soon as what was asked for before is done; see ``begin``."""
        if self._closed:
            return
        task = Task(asked, work, then, each, self._give)
        self._open.append(task)
        with self._lock:
            self._waiting.append(task)
            if len(self._threads) < self._most:
                thread = Thread(target=self._work_on, name=self._failing, daemon=True)
                self._threads.add(thread)
                thread.start()

    def _work_on(self) -> None:
        """In a thread: as long as there is anything to do."""
        while True:
            with self._lock:
                if not self._waiting:
                    self._threads.discard(current_thread())
                    return
                task = self._waiting.popleft()
            self._give(partial(self._over, task, self._outcome_of(task)))

    def _outcome_of(self, task: Task) -> Outcome[Any, Any]:
        found, error = None, None
        try:
            if not task.dropped:
                found = task.work(task)
        except KittiwakeError as wrong:
            error = wrong
        except Exception as wrong:  # the thread's last chance to tell anybody
            log.exception("%s", self._failing)
            error = KittiwakeError(
                Said.of("{failing}: {error}.", "", None, {"failing": self._failing, "error": wrong})
            )
        return Outcome(task.asked, found, error, task.stopped())

    def _give(self, call: Callable[[], object]) -> None:
        with contextlib.suppress(RuntimeError):  # whoever asked is gone with its window
            self._arrived.emit(call)

    def _over(self, task: Task, outcome: Outcome[Any, Any]) -> None:
        self._open = [one for one in self._open if one is not task]
        if not task.dropped and task.then is not None:
            task.then(outcome)

    def stop(self) -> None:
        """Stop what is going on; what was found by then is given."""
        for task in self._open:
            task.stop()

    def drop(self) -> None:
        """Stop what is going on; nothing comes of it any more."""
        self.stop()
        for task in self._open:
            task.dropped = True
        self._open = []

    def wait(self, seconds: float | None = 60.0) -> None:
        """Wait until all is done that was asked for, at most so long, or None for as long as it takes; outcomes are given later."""
        until = None if seconds is None else time.monotonic() + seconds
        for thread in list(self._threads):
            thread.join(None if until is None else max(0.0, until - time.monotonic()))

    def shut_down(self, seconds: float = 10.0) -> None:
        """Stop, take nothing on any more, give nothing, and wait for the end of what is going on."""
        self._closed = True
        self.drop()
        self.wait(seconds)

    def _call(self, do: Callable[[], object]) -> None:
        do()
