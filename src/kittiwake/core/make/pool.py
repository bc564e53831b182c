"""Work on many things at once in processes: bounded, cancellable, and alive when one of them is not.

Processes and not threads, since of a short clip more time goes to Python itself than to libraries that leave its lock, and since a
decoder that crashes takes its own process with it and nobody else's. They are forked from a small server that has the libraries
loaded, so that starting one costs milliseconds, and none shares threads or locks with a window.
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
import time
import traceback
import types
from collections import deque
from collections.abc import Callable, Iterable, Iterator
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from functools import partial
from multiprocessing import reduction
from multiprocessing.connection import Connection, wait
from multiprocessing.process import BaseProcess
from queue import SimpleQueue
from typing import Any

from ..log import log, log_path

_AHEAD = 2  # tasks a worker is given, so that it never waits for the next
_TICK = 0.05  # s between looks at whether to stop
_STARTING = threading.Lock()
_M_TRIM_THRESHOLD, _M_MMAP_THRESHOLD = -1, -3  # malloc.h of the GNU C library


@dataclass(frozen=True, slots=True)
class Died:
    """In place of a result: the worker died over the task."""

    reason: str

    def __str__(self) -> str:
        return f"Its decoder or encoder crashed ({self.reason}). Ask for another copy, or convert it elsewhere first."


@dataclass(frozen=True, slots=True)
class Failed(Died):
    """In place of a result: the work itself went wrong, in a way that nobody had thought of. ``trace`` is for those who mend it."""

    trace: str = ""

    @classmethod
    def by(cls, error: BaseException) -> Failed:
        return cls(f"{type(error).__name__}: {error}", "".join(traceback.format_exception(error)))

    def __str__(self) -> str:
        return f"It failed unexpectedly ({self.reason}). Make it again; if that does not help, report it with the log ({log_path()})."


@dataclass(frozen=True, slots=True)
class Told:
    """Not a result yet: something a worker says while it is at a task."""

    what: Any


class Later:
    """In place of a result, from ``work``: what is left of the task is ``finish``, and gives the result. It waits for a disk more than it
    computes, so it is done while the next task is begun.
    """

    __slots__ = ("finish",)

    def __init__(self, finish: Callable[[], Any]) -> None:
        self.finish = finish


class _Held:
    """An open file that a worker holds as long as it lives, however it or its parent ends: so the lock on it covers them all."""

    def __init__(self, handle: int) -> None:
        self._handle = handle

    def __reduce__(self) -> Any:
        return _detached, (reduction.DupFd(self._handle),)


def _detached(handle: Any) -> int:
    number: int = handle.detach()
    return number


class _Worker:
    """A worker process, the tasks it was given, and a thread that sends them: a large one waits for the worker to read, which may itself be
    waiting to be read.
    """

    def __init__(self, process: BaseProcess, pipe: Connection) -> None:
        self.process, self.pipe = process, pipe
        self.tasks: deque[Any] = deque()
        self._outbox: SimpleQueue[Any] | None = None

    def send(self, task: Any) -> None:
        if self._outbox is None:
            self._outbox = SimpleQueue()
            threading.Thread(target=self._post, args=(self._outbox,), name="post", daemon=True).start()
        self._outbox.put(task)

    def _post(self, outbox: SimpleQueue[Any]) -> None:
        while (task := outbox.get()) is not _NO_MORE:
            try:
                self.pipe.send(task)
            except (OSError, ValueError):  # it has died; that shows when its result is waited for
                return
            except Exception as error:  # a task that cannot be sent at all: the worker is told so, and tells it back
                with contextlib.suppress(OSError, ValueError):
                    self.pipe.send(_Unsent(Failed.by(error)))

    def close(self) -> None:
        """Nothing more is sent or read."""
        if self._outbox is not None:
            self._outbox.put(_NO_MORE)
        self.pipe.close()


_NO_MORE = object()


@dataclass(frozen=True, slots=True)
class _Unsent:
    """In place of a task."""

    why: Failed


def _serve(pipe: Connection, work: Callable[..., Any], telling: bool, held: tuple[int, ...], patience: int) -> None:
    """A worker's life: take a task, do it, send what came of it."""
    os.nice(patience)
    gc.freeze()  # what was loaded beforehand need not be gone through again and again
    # Ctrl+C is for the one that asked; a parent that is gone ends the pipe.
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    signal.signal(signal.SIGTERM, signal.SIG_DFL)
    threading.Thread(target=_end_with_parent, daemon=True).start()
    _keep_memory()
    behind = ThreadPoolExecutor(1)  # one, so that results come in the order of tasks
    later = False

    def send(result: Any) -> None:
        try:
            pipe.send(result)
        except (EOFError, OSError):  # nobody waits for it any more
            os._exit(0)
        except Exception as error:  # one that cannot be sent
            pipe.send(Failed.by(error))

    def finish(result: Later) -> None:
        try:
            done = result.finish()
        except Exception as error:
            done = Failed.by(error)
        send(done)

    def tell(what: Any) -> None:
        send(Told(what))

    while True:
        try:
            task = pipe.recv()
        except (EOFError, OSError):
            os._exit(0)
        try:
            result = task.why if isinstance(task, _Unsent) else work(task, tell) if telling else work(task)
        except Exception as error:  # nobody had thought of it: it is told as what it is, and the others go on
            result = Failed.by(error)
        if isinstance(result, Later) or later:
            # In the order of tasks, whatever they give.
            later = True
            behind.submit(finish, result if isinstance(result, Later) else Later(partial(_itself, result)))
        else:
            send(result)


def _itself(result: Any) -> Any:
    return result


def _keep_memory() -> None:
    """Let the allocator keep what is freed, up to 64 MB: blocks of sound are a few hundred kilobytes, and giving each back to the system costs
    hundreds of page faults a clip.
    """
    with contextlib.suppress(OSError, AttributeError):  # other C libraries do as they do
        libc = ctypes.CDLL(None)
        for parameter in (_M_TRIM_THRESHOLD, _M_MMAP_THRESHOLD):
            libc.mallopt(parameter, 64 * 1024 * 1024)


def _end_with_parent() -> None:
    """A worker whose parent was killed ends in the middle of what it does: nobody waits for it, and the next run must not meet it."""
    parent = multiprocessing.parent_process()
    if parent is not None:
        wait([parent.sentinel])
        os._exit(1)


class Pool:
    """Processes that all do ``work``, a function at the top of a module that takes a task and gives a result, both picklable.

    Parameters
    ----------
    workers : how many; default: one for each core. Where ``work`` gives ``Later``, it is to do so always; the task that a worker dies over may
        then be the one after that for which ``Died`` comes, which is given to another worker.
    telling : whether ``work`` takes a function besides, by which it tells things before it is done: these come as ``Told``.
    holding : open files (numbers) that the workers hold too.
    pause : while it is set the workers stand still, in the middle of what they do.
    """

    def __init__(
        self,
        work: Callable[..., Any],
        workers: int | None = None,
        *,
        telling: bool = False,
        holding: Iterable[int] = (),
        pause: threading.Event | None = None,
    ) -> None:
        self._work, self._telling = work, telling
        self._held = tuple(_Held(handle) for handle in holding)
        self.count = workers or os.cpu_count() or 1
        self.pause = pause or threading.Event()
        self._context = _context()

    def run(self, tasks: Iterable[Any], cancelled: Callable[[], bool] | None = None) -> Iterator[tuple[Any, Any]]:
        """Tasks with what came of them, in any order; ``Died`` where a worker did not survive one. Tasks are drawn only when there is
        room for them. Once ``cancelled`` is true workers are killed, what they had done by then still comes, and the run ends. None among the tasks comes back at once: whoever gives
        them out has its turn.
        """
        todo = iter(tasks)
        again: deque[Any] = deque()
        over = False
        workers: list[_Worker] = []
        standing = False
        try:
            while True:
                if cancelled and cancelled():
                    yield from self._last_words(workers)
                    return
                if self.pause.is_set() != standing:
                    standing = not standing
                    for worker in workers:
                        _signal(worker, signal.SIGSTOP if standing else signal.SIGCONT)
                while not over and not self.pause.is_set():
                    room = next((w for w in workers if len(w.tasks) < _AHEAD), None)
                    if room is None and len(workers) >= self.count:
                        break
                    if again:
                        task = again.popleft()
                    else:
                        try:
                            task = next(todo)
                        except StopIteration:
                            over = True
                            break
                        if task is None:
                            yield None, None
                            continue
                    if (room is None or room.tasks) and len(workers) < self.count:
                        room = self._start()
                        workers.append(room)
                    assert room is not None
                    self._give(room, task)
                if over and not any(w.tasks for w in workers) and not again:
                    return
                if not workers:
                    time.sleep(_TICK)
                    continue
                for pipe in wait([w.pipe for w in workers], timeout=_TICK):
                    worker = next(w for w in workers if w.pipe is pipe)
                    try:
                        result = worker.pipe.recv()
                    except (EOFError, OSError):
                        workers.remove(worker)
                        reason = _buried(worker)
                        if worker.tasks:
                            task = worker.tasks.popleft()
                            again.extend(worker.tasks)
                            over = over and not again
                            yield task, Died(reason)
                        continue
                    if isinstance(result, Failed):
                        log.error("in a worker: %s\n%s", result.reason, result.trace)
                    yield (worker.tasks[0] if isinstance(result, Told) else worker.tasks.popleft()), result
        finally:
            _kill(workers)
            for worker in workers:
                worker.close()

    @staticmethod
    def _last_words(workers: list[_Worker]) -> Iterator[tuple[Any, Any]]:
        """Kill the workers and give what they had sent before."""
        _kill(workers)
        for worker in workers:
            with contextlib.suppress(EOFError, OSError):  # the last may be half a result
                while worker.tasks:
                    result = worker.pipe.recv()
                    if not isinstance(result, Told):
                        yield worker.tasks.popleft(), result

    def _start(self) -> _Worker:
        return _started(self._context, self._work, self._telling, self._held)

    @staticmethod
    def _give(worker: _Worker, task: Any) -> None:
        worker.tasks.append(task)
        worker.send(task)


def _kill(workers: list[_Worker]) -> None:
    for worker in workers:
        worker.process.kill()
    for worker in workers:
        worker.process.join()


def _signal(worker: _Worker, number: signal.Signals) -> None:
    with contextlib.suppress(OSError, TypeError):  # it may have died this moment
        os.kill(worker.process.pid or 0, number)


def _started(
    context: Any, work: Callable[..., Any], telling: bool = False, held: tuple[_Held, ...] = (), patience: int = 0
) -> _Worker:
    """A new worker. It gets an empty main module: it needs nothing of the program that asks, which may be a script that would do all it
    does once more on being imported.
    """
    ours, theirs = context.Pipe()
    process = context.Process(target=_serve, args=(theirs, work, telling, held, patience), daemon=True)
    with _STARTING:
        main = sys.modules["__main__"]
        sys.modules["__main__"] = types.ModuleType("__main__")
        try:
            process.start()
        finally:
            sys.modules["__main__"] = main
    theirs.close()
    return _Worker(process, ours)


def _buried(worker: _Worker) -> str:
    worker.process.join(1)
    code = worker.process.exitcode
    worker.close()
    if code is not None and code < 0:
        return f"its process was ended by {signal.Signals(-code).name}"
    return f"its process ended with code {code}"


def _context() -> Any:
    context = multiprocessing.get_context("forkserver")
    context.set_forkserver_preload(["kittiwake.core.make.warm"])
    return context


def end_servers() -> None:
    """End the processes that workers are forked from, with the last of which this process has done: nothing of its group is left behind."""
    from multiprocessing import forkserver, resource_tracker

    servers: tuple[Any, ...] = (forkserver._forkserver, resource_tracker._resource_tracker)
    for server in servers:
        with contextlib.suppress(OSError, ChildProcessError, AttributeError):
            server._stop()


class Helper:
    """One worker that is asked one thing at a time and waited for: for work that must not take this process with it.

    Not for several threads at once; each has its own. ``patience`` is its nice value (0 to 19): how much it lets others go first.
    """

    def __init__(self, work: Callable[..., Any], telling: bool = False, patience: int = 0) -> None:
        self._work, self._telling, self._patience = work, telling, patience
        self._context = _context()
        self._worker: _Worker | None = None

    def ask(
        self,
        task: Any,
        cancelled: Callable[[], bool] | None = None,
        told: Callable[[Any], None] | None = None,
    ) -> Any:
        """What comes of a task; ``Died`` where the worker did not survive it, None where it was called off. ``told`` is called with what
        is told before.
        """
        if self._worker is None:
            self._worker = _started(self._context, self._work, self._telling, patience=self._patience)
        worker = self._worker
        worker.send(task)
        poll = select.poll()
        poll.register(worker.pipe.fileno(), select.POLLIN)
        while True:
            if cancelled and cancelled():
                self.close()
                return None
            if poll.poll(_TICK * 1000):
                try:
                    result = worker.pipe.recv()
                except (EOFError, OSError):
                    self._worker = None
                    return Died(_buried(worker))
                if isinstance(result, Failed):
                    log.error("in a helper: %s\n%s", result.reason, result.trace)
                if not isinstance(result, Told):
                    return result
                if told:
                    told(result.what)

    def close(self) -> None:
        """End the worker."""
        worker, self._worker = self._worker, None
        if worker is not None:
            _kill([worker])
            worker.close()
