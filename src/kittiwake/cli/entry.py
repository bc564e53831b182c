"""Where ``kittiwake`` begins, before anything that takes its time is loaded."""

from __future__ import annotations

import os
import signal
import sys
from typing import Any


def main() -> None:
    """Entry point of ``kittiwake``; with no words at all it opens the window."""
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
    from .main import run

    run()


def _leave(*_: Any) -> None:
    os._exit(130)
