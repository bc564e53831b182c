"""Work in a thread that must not be felt in the window: Python lets one thread at a time through, and the window comes first."""

from __future__ import annotations

import time

_WORK, _REST = 0.001, 0.004  # s


class Throttle:
    """Called between small pieces of work: rests as soon as a millisecond of it was done, so that the window gets most of the time."""

    def __init__(self) -> None:
        self._since = time.perf_counter()

    def __call__(self) -> None:
        if time.perf_counter() - self._since > _WORK:
            time.sleep(_REST)
            self._since = time.perf_counter()
