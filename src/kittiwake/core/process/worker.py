"""One worker process: how it is started, what it does, how it is asked.

Two ways of starting. A program with one thread, as a command in a terminal, forks itself: what it has loaded is there at once. One with
several, as a window, may not: a lock that another thread holds would never be released in the copy. There a small server, which loads the
libraries once, is forked instead.
"""

from __future__ import annotations

import contextlib
import ctypes
import gc
import os
import select
import signal
import sys
from collections import deque
from collections.abc import Callable
from typing import Any, NoReturn

from ..log import log
from .channel import Channel, read_message, write_message
from .events import Deferred, Progress, Unexpected, WorkerCrash
from .start import Process, can_fork, forked, served

TICK = 0.05  # s between looks at whether to stop
_M_TRIM_THRESHOLD, _M_MMAP_THRESHOLD = -1, -3  # malloc.h of the GNU C library
_KEPT = 64 * 1024 * 1024  # bytes of freed memory that a worker keeps


class Worker:
    """A running worker process and the tasks it was given."""

    def __init__(self, process: Process, channel: Channel) -> None:
        self.process, self.channel = process, channel
        self.tasks: deque[Any] = deque()

    def give(self, task: Any) -> None:
        self.tasks.append(task)
        try:
            self.channel.send(task)
        except Exception as error:  # one that cannot be pickled: the worker says so in its turn
            self.channel.send(_Unsendable(Unexpected.by(error)))

    def signal(self, number: signal.Signals) -> None:
        with contextlib.suppress(OSError, TypeError):  # it may have ended this moment
            os.kill(self.process.pid or 0, number)

    def reason(self) -> str:
        """Wait for one that has closed its pipe to end, and say why it did."""
        self.process.join(1)
        code = self.process.exitcode
        self.channel.close()
        if code is not None and code < 0:
            return f"its process was ended by {signal.Signals(-code).name}"
        return f"its process ended with code {code}"


class _Unsendable:
    """In place of a task that could not be pickled."""

    def __init__(self, why: Unexpected) -> None:
        self.why = why


def start(
    work: Callable[..., Any], *, reports: bool = False, held: tuple[int, ...] = (), patience: int = 0
) -> Worker:
    """Start a worker.

    Parameters
    ----------
    held : numbers of open files that it holds too.
    patience : its nice value, 0 to 19.
    """
    tasks_in, tasks_out = os.pipe()
    results_in, results_out = os.pipe()
    try:
        if can_fork():
            life = (work, reports, tasks_in, results_out, patience)
            running: Process = forked(_serve, life, (tasks_out, results_in))
        else:
            running = served(_serve, (work, reports), (tasks_in, results_out), (patience,), held)
    finally:
        os.close(tasks_in)
        os.close(results_out)
    return Worker(running, Channel(results_in, tasks_out))


def _serve(work: Callable[..., Any], reports: bool, tasks: int, results: int, patience: int) -> NoReturn:
    """The worker's life: take a task, do it, send the result."""
    os.nice(patience)
    gc.freeze()  # what was loaded beforehand need not be gone through again and again
    # Ctrl+C is for the one that asked.
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    signal.signal(signal.SIGTERM, signal.SIG_DFL)
    _keep_memory()
    behind: _Behind | None = None

    def send(result: Any) -> None:
        try:
            write_message(results, result)
        except OSError:  # nobody waits for it any more
            os._exit(0)
        except Exception as error:  # one that cannot be pickled
            write_message(results, Unexpected.by(error))

    def report(what: Any) -> None:
        send(Progress(what))

    while True:
        try:
            task = read_message(tasks)
        except (EOFError, OSError):
            os._exit(0)
        try:
            result = task.why if isinstance(task, _Unsendable) else work(task, report) if reports else work(task)
        except Exception as error:  # nobody had thought of it: the others go on
            result = Unexpected.by(error)
        if isinstance(result, Deferred) and behind is None:
            behind = _Behind(send)
        if behind is None:
            send(result)
        else:  # results come in the order of tasks, deferred or not
            behind.add(result)


class _Behind:
    """A second thread of a worker, that finishes tasks in their order."""

    def __init__(self, send: Callable[[Any], None]) -> None:
        from concurrent.futures import ThreadPoolExecutor

        self._send = send
        self._thread = ThreadPoolExecutor(1)

    def add(self, result: Any) -> None:
        self._thread.submit(self._finish, result)

    def _finish(self, result: Any) -> None:
        if isinstance(result, Deferred):
            try:
                result = result.finish()
            except Exception as error:
                result = Unexpected.by(error)
        self._send(result)


def _keep_memory() -> None:
    """Let the allocator keep what is freed: blocks of sound are a few hundred kilobytes, and giving each back to the system costs hundreds of
    page faults a clip.
    """
    with contextlib.suppress(OSError, AttributeError):  # other C libraries do as they do
        libc = ctypes.CDLL(None)
        for parameter in (_M_TRIM_THRESHOLD, _M_MMAP_THRESHOLD):
            libc.mallopt(parameter, _KEPT)


def kill(workers: list[Worker]) -> None:
    for worker in workers:
        worker.process.kill()
    for worker in workers:
        worker.process.join()


def end_servers() -> None:
    """End the processes that workers are forked from, with the last of which this process has done: nothing of its group is left behind."""
    if "multiprocessing.forkserver" not in sys.modules:
        return
    from multiprocessing import forkserver, resource_tracker

    servers: tuple[Any, ...] = (forkserver._forkserver, resource_tracker._resource_tracker)
    for server in servers:
        with contextlib.suppress(OSError, ChildProcessError, AttributeError):
            server._stop()


class WorkerProcess:
    """One worker that is asked one thing at a time and waited for: for work that must not take this process with it.

    Not for several threads at once; each has its own.

    Parameters
    ----------
    reports : whether ``work`` takes a function besides the task, to report progress with.
    patience : nice value, 0 to 19: how much it lets others go first.
    """

    def __init__(self, work: Callable[..., Any], reports: bool = False, patience: int = 0) -> None:
        self._work, self._reports, self._patience = work, reports, patience
        self._worker: Worker | None = None

    def ask(
        self,
        task: Any,
        cancelled: Callable[[], bool] | None = None,
        progress: Callable[[Any], None] | None = None,
    ) -> Any:
        """The result of a task; ``WorkerCrash`` where the worker did not survive it, None where it was cancelled. ``progress`` is called with
        what is reported before.
        """
        if self._worker is None:
            self._worker = start(self._work, reports=self._reports, patience=self._patience)
        worker = self._worker
        worker.give(task)
        while True:
            if cancelled and cancelled():
                self.close()
                return None
            poll = select.poll()
            poll.register(worker.channel.reader, select.POLLIN)
            if worker.channel.waiting:
                poll.register(worker.channel.writer, select.POLLOUT)
            if not poll.poll(TICK * 1000):
                continue
            worker.channel.flush()
            try:
                found = worker.channel.receive()
            except EOFError:
                self._worker = None
                return WorkerCrash(worker.reason())
            for result in found:
                if isinstance(result, Unexpected):
                    log.error("in a worker: %s\n%s", result.reason, result.trace)
                if not isinstance(result, Progress):
                    worker.tasks.clear()
                    return result
                if progress:
                    progress(result.what)

    def close(self) -> None:
        """End the worker."""
        worker, self._worker = self._worker, None
        if worker is not None:
            kill([worker])
            worker.channel.close()
