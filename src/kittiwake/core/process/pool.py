"""Many tasks at once in local processes: bounded, cancellable, and going on when one of them crashes.

Processes and not threads, since of a short clip more time goes to Python itself than to libraries that leave its lock, and since a
decoder that crashes takes its own process with it and nobody else's.
"""

from __future__ import annotations

import contextlib
import os
import select
import signal
import threading
import time
from collections import deque
from collections.abc import Callable, Iterable, Iterator, Sequence
from pathlib import Path
from typing import Any

from ..log import log
from .events import Progress, Unexpected, WorkerCrash
from .worker import TICK, Worker, kill, start

_AHEAD = 2  # tasks a worker is given, so that it never waits for the next


class Processes:
    """An ``Executor`` of worker processes on this machine.

    Parameters
    ----------
    workers : how many; default: one for each core. Where work gives ``Deferred``, it is to do so always; the task that a worker dies over may
        then be the one after that for which ``WorkerCrash`` comes, which is given to another worker.
    pause : while it is set the workers stand still, in the middle of what they do.
    """

    remote = False

    def __init__(self, workers: int | None = None, *, pause: threading.Event | None = None) -> None:
        self.count = workers or os.cpu_count() or 1
        self._pause = pause

    def check(self, folders: Sequence[Path], sources: Iterable[Path]) -> None:
        """Nothing to see to."""

    def run(
        self,
        work: Callable[..., Any],
        tasks: Iterable[Any],
        cancelled: Callable[[], bool] | None = None,
        *,
        reports: bool = False,
        holding: Sequence[int] = (),
    ) -> Iterator[tuple[Any, Any]]:
        """See ``Executor.run``."""
        run = _Run(self.count, tasks, lambda: start(work, reports=reports, held=tuple(holding)))
        try:
            while True:
                if cancelled and cancelled():
                    yield from run.last_results()
                    return
                run.pause(self._pause is not None and self._pause.is_set())
                yield from run.share_out()
                if run.done:
                    return
                yield from run.collect()
        finally:
            run.end()


class _Run:
    """One run of a pool: its workers and what is left to do."""

    def __init__(self, count: int, tasks: Iterable[Any], start: Callable[[], Worker]) -> None:
        self._count, self._start = count, start
        self._todo = iter(tasks)
        self._again: deque[Any] = deque()  # of workers that died over another task
        self._over = False
        self._workers: list[Worker] = []
        self._standing = False

    @property
    def done(self) -> bool:
        return self._over and not self._again and not any(worker.tasks for worker in self._workers)

    def pause(self, wanted: bool) -> None:
        if wanted != self._standing:
            self._standing = wanted
            for worker in self._workers:
                worker.signal(signal.SIGSTOP if wanted else signal.SIGCONT)

    def share_out(self) -> Iterator[tuple[None, None]]:
        """Give tasks to workers that have room for one, and start workers while there are too few."""
        while not self._standing and (self._again or not self._over):
            free = next((worker for worker in self._workers if len(worker.tasks) < _AHEAD), None)
            if free is None and len(self._workers) >= self._count:
                return
            if self._again:
                task = self._again.popleft()
            else:
                try:
                    task = next(self._todo)
                except StopIteration:
                    self._over = True
                    return
                if task is None:
                    yield None, None
                    continue
            if (free is None or free.tasks) and len(self._workers) < self._count:
                free = self._start()
                self._workers.append(free)
            assert free is not None
            free.give(task)

    def collect(self) -> Iterator[tuple[Any, Any]]:
        """Wait for a moment, and give what has come."""
        if not self._workers:
            time.sleep(TICK)
            return
        poll = select.poll()
        readers = {}
        for worker in self._workers:
            poll.register(worker.channel.reader, select.POLLIN)
            readers[worker.channel.reader] = worker
            if worker.channel.waiting:
                poll.register(worker.channel.writer, select.POLLOUT)
        for handle, _ in poll.poll(TICK * 1000):
            one = readers.get(handle)
            if one is not None:
                yield from self._received(one)
        for worker in self._workers:
            if worker.channel.waiting:
                worker.channel.flush()

    def _received(self, worker: Worker) -> Iterator[tuple[Any, Any]]:
        try:
            found = worker.channel.receive()
        except EOFError:
            self._workers.remove(worker)
            reason = worker.reason()
            if worker.tasks:
                task = worker.tasks.popleft()
                self._again.extend(worker.tasks)
                yield task, WorkerCrash(reason)
            return
        for result in found:
            if isinstance(result, Unexpected):
                log.error("in a worker: %s\n%s", result.reason, result.trace)
            yield (worker.tasks[0] if isinstance(result, Progress) else worker.tasks.popleft()), result

    def last_results(self) -> Iterator[tuple[Any, Any]]:
        """Kill the workers and give the results that they had sent whole before."""
        kill(self._workers)
        for worker in self._workers:
            with contextlib.suppress(EOFError):
                while worker.tasks:
                    for result in worker.channel.receive():
                        if not isinstance(result, Progress):
                            yield worker.tasks.popleft(), result

    def end(self) -> None:
        kill(self._workers)
        for worker in self._workers:
            worker.channel.close()
