"""One worker process: how it is started, what it does, how it is asked.

Two ways of starting. A program with one thread, as a command in a terminal, forks itself: what it has loaded is there at once. One with
several, as a window, may not: a lock that another thread holds would never be released in the copy. There a small server, which loads the
libraries once, is forked instead.
"""

from __future__ import annotations

import contextlib
import ctypes
import gc
import multiprocessing
import os
import select
import signal
import sys
import threading
import types
from collections import deque
from collections.abc import Callable
from multiprocessing import reduction
from multiprocessing.connection import wait
from multiprocessing.process import BaseProcess
from typing import Any

from ..log import log
from .channel import Channel, read_message, write_message
from .events import Deferred, Progress, Unexpected, WorkerCrash

TICK = 0.05  # s between looks at whether to stop
#: Modules that the server loads before workers are forked from it; each room that gives them work names its own.
PRELOAD = ["kittiwake.core.batch.preload"]
_STARTING = threading.Lock()
_M_TRIM_THRESHOLD, _M_MMAP_THRESHOLD = -1, -3  # malloc.h of the GNU C library
_KEPT = 64 * 1024 * 1024  # bytes of freed memory that a worker keeps


class HeldFile:
    """An open file that a worker holds as long as it lives, however it or its parent ends: so a lock on it covers them all."""

    def __init__(self, handle: int) -> None:
        self._handle = handle

    def __reduce__(self) -> Any:
        return _detached, (reduction.DupFd(self._handle),)


class _Pipe(HeldFile):
    """An end of a pipe for a worker that is not forked from this process."""


def _detached(handle: Any) -> int:
    number: int = handle.detach()
    return number


class Worker:
    """A running worker process and the tasks it was given."""

    def __init__(self, process: BaseProcess, channel: Channel) -> None:
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
        if _can_fork():
            running = _forked(work, reports, (tasks_in, results_out), (tasks_out, results_in), patience)
        else:
            running = _served(work, reports, (tasks_in, results_out), held, patience)
    finally:
        os.close(tasks_in)
        os.close(results_out)
    return Worker(running, Channel(results_in, tasks_out))


def _can_fork() -> bool:
    """Whether a copy of this process would be whole: it has one thread, and no window."""
    return threading.active_count() == 1 and "PySide6.QtCore" not in sys.modules


def _forked(
    work: Callable[..., Any], reports: bool, pipes: tuple[int, int], ours: tuple[int, int], patience: int
) -> BaseProcess:
    process = multiprocessing.get_context("fork").Process(
        target=_serve_copy, args=(ours, work, reports, *pipes, patience), daemon=True
    )
    process.start()  # files that are open here are open there too, those that are held among them
    return process


def _serve_copy(theirs: tuple[int, int], *args: Any) -> None:
    """``_serve`` in a copy of the process that asks, whose ends of the pipes are closed here."""
    for handle in theirs:
        os.close(handle)
    _serve(*args)


def _served(
    work: Callable[..., Any], reports: bool, pipes: tuple[int, int], held: tuple[int, ...], patience: int
) -> BaseProcess:
    context = multiprocessing.get_context("forkserver")
    context.set_forkserver_preload(PRELOAD)
    files = tuple(HeldFile(handle) for handle in held)
    process = context.Process(
        target=_serve, args=(work, reports, _Pipe(pipes[0]), _Pipe(pipes[1]), patience, files), daemon=True
    )
    # It gets an empty main module: that of a script would do all it does once more on being imported.
    with _STARTING:
        main = sys.modules["__main__"]
        sys.modules["__main__"] = types.ModuleType("__main__")
        try:
            process.start()
        finally:
            sys.modules["__main__"] = main
    return process


def _serve(
    work: Callable[..., Any], reports: bool, tasks: int, results: int, patience: int, _held: tuple[int, ...] = ()
) -> None:
    """The worker's life: take a task, do it, send the result."""
    os.nice(patience)
    gc.freeze()  # what was loaded beforehand need not be gone through again and again
    # Ctrl+C is for the one that asked.
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    signal.signal(signal.SIGTERM, signal.SIG_DFL)
    threading.Thread(target=_end_with_parent, daemon=True).start()
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


def _end_with_parent() -> None:
    """A worker whose parent was killed ends in the middle of what it does: nobody waits for it, and the next run must not meet it."""
    parent = multiprocessing.parent_process()
    if parent is not None:
        wait([parent.sentinel])
        os._exit(1)


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
