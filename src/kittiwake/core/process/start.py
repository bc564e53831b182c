"""How a worker process comes to be, and how it ends with the one that asked for it."""

from __future__ import annotations

import contextlib
import ctypes
import os
import signal
import sys
import threading
import time
import types
from collections.abc import Callable
from typing import Any, NoReturn, Protocol

#: What the server loads before workers are forked from it.
PRELOAD = ["kittiwake.core.batch.preload"]
_STARTING = threading.Lock()
_PR_SET_PDEATHSIG = 1  # prctl(2)


class Process(Protocol):
    """A process that was started here; ``exitcode`` is negative where a signal ended it, None while it runs."""

    @property
    def pid(self) -> int | None: ...

    @property
    def exitcode(self) -> int | None: ...

    def kill(self) -> None: ...

    def join(self, timeout: float | None = None) -> None: ...


def can_fork() -> bool:
    """Whether a copy of this process would be whole: it has one thread, and no window."""
    return threading.active_count() == 1 and "PySide6.QtCore" not in sys.modules


class Copy:
    """A ``Process``: a copy of this one. The standard library's takes 30 ms to be loaded, a tenth of a short command."""

    def __init__(self, pid: int) -> None:
        self.pid = pid
        self.exitcode: int | None = None

    def kill(self) -> None:
        if self.exitcode is None:
            with contextlib.suppress(ProcessLookupError):
                os.kill(self.pid, signal.SIGKILL)

    def join(self, timeout: float | None = None) -> None:
        until = None if timeout is None else time.monotonic() + timeout
        while self.exitcode is None:
            try:
                pid, status = os.waitpid(self.pid, 0 if until is None else os.WNOHANG)
            except ChildProcessError:  # somebody else has waited for it
                self.exitcode = -signal.SIGKILL
                return
            if pid:
                self.exitcode = os.waitstatus_to_exitcode(status)
            elif until is not None and time.monotonic() > until:
                return
            else:
                time.sleep(0.005)


def forked(life: Callable[..., NoReturn], arguments: tuple[Any, ...], ours: tuple[int, ...]) -> Copy:
    """Copy this process; the copy closes ``ours``, its ends of pipes, and lives its life. What is open here is open there too."""
    sys.stdout.flush()
    sys.stderr.flush()
    parent = os.getpid()
    pid = os.fork()
    if pid:
        return Copy(pid)
    try:
        # One whose parent was killed ends in the middle of what it does: nobody waits for it, and the next run must not meet it.
        ctypes.CDLL(None).prctl(_PR_SET_PDEATHSIG, signal.SIGKILL)
        if os.getppid() == parent:
            for handle in ours:
                os.close(handle)
            life(*arguments)
    finally:
        os._exit(1)


def served(
    life: Callable[..., NoReturn],
    first: tuple[Any, ...],
    pipes: tuple[int, ...],
    last: tuple[Any, ...],
    held: tuple[int, ...],
) -> Process:
    """Have a server fork a worker, which lives its life with ``first``, its ends of the pipes, and ``last``; it holds the open files ``held``
    as long as it lives, however it or its parent ends: so a lock on them covers it too.
    """
    import multiprocessing

    context = multiprocessing.get_context("forkserver")
    context.set_forkserver_preload(PRELOAD)
    files = tuple(map(_Handed, pipes)), tuple(map(_Handed, held))
    process = context.Process(target=_in_server, args=(life, first, *files, last), daemon=True)
    # It gets an empty main module: that of a script would do all it does once more on being imported.
    with _STARTING:
        main = sys.modules["__main__"]
        sys.modules["__main__"] = types.ModuleType("__main__")
        try:
            process.start()
        finally:
            sys.modules["__main__"] = main
    return process


class _Handed:
    """An open file on its way to another process."""

    def __init__(self, handle: int) -> None:
        self._handle = handle

    def __reduce__(self) -> Any:
        from multiprocessing import reduction

        return _detached, (reduction.DupFd(self._handle),)


def _detached(handle: Any) -> int:
    number: int = handle.detach()
    return number


def _in_server(
    life: Callable[..., NoReturn],
    first: tuple[Any, ...],
    pipes: tuple[int, ...],
    _held: tuple[int, ...],
    last: tuple[Any, ...],
) -> None:
    threading.Thread(target=_end_with_parent, daemon=True).start()
    life(*first, *pipes, *last)


def _end_with_parent() -> None:
    """As above; the parent of this process is the server."""
    import multiprocessing
    from multiprocessing.connection import wait

    parent = multiprocessing.parent_process()
    if parent is not None:
        wait([parent.sentinel])
        os._exit(1)
