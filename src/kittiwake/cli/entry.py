"""Where ``kittiwake`` begins, before anything that takes its time is loaded."""

from __future__ import annotations

import contextlib
import gc
import os
import signal
import sys
from typing import Any

#: Before they are looked through for garbage: a verb loads thousands with its modules, of which none is.
_NEW_OBJECTS = 4_000


def command() -> None:
    """Entry point of ``kittiwake``: ``main``, and then the process ends without taking apart what it has loaded."""
    code: Any = 0
    try:
        main()
    except SystemExit as left:
        code = left.code
    for stream in (sys.stdout, sys.stderr):
        with contextlib.suppress(OSError, ValueError):
            stream.flush()
    os._exit(code if isinstance(code, int) else 0 if code is None else 1)


def main() -> None:
    """``kittiwake``; with no words at all it opens the window."""
    # Linear algebra is of small things here: threads of its own would only take time to start, and a process with threads cannot be copied.
    os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
    for name in ("XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_STATE_HOME", "XDG_CACHE_HOME", "XDG_RUNTIME_DIR"):
        if not os.environ.get(name, "/").startswith("/"):
            del os.environ[name]  # a relative path is to be taken as invalid (XDG Base Directory Specification)
    # Until the rest is there Ctrl+C simply ends it, without a page of Python.
    signal.signal(signal.SIGINT, _leave)
    for number in (0, 1, 2):
        try:
            os.fstat(number)
        except OSError:
            # Closed by whoever started this: the next file opened would take its place, and be written into by every library that complains.
            os.open(os.devnull, os.O_RDWR)
    sys.stdout = sys.stdout or open(1, "w", closefd=False)  # noqa: SIM115
    sys.stderr = sys.stderr or open(2, "w", closefd=False)  # noqa: SIM115
    # What is loaded stays: nothing of it is looked through for garbage, neither meanwhile nor later.
    gc.disable()
    from .main import run

    gc.freeze()
    gc.set_threshold(_NEW_OBJECTS)
    gc.enable()
    run()


def _leave(*_: Any) -> None:
    os._exit(130)
