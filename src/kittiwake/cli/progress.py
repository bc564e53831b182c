"""Progress on stderr: one line that is drawn over on a terminal, now and then a plain line where it is piped."""

from __future__ import annotations

import shutil
import sys
import time
from types import TracebackType
from typing import Self

from ..words import tr

_EVERY = 10.0  # s between plain lines
_DRAWN_EVERY = 0.1  # s
_WIDTH = 20

#: The bar that is on the screen, which has to go before anything else is printed.
_shown: Bar | None = None


def clear() -> None:
    """Take the bar off the line that is to be printed on."""
    if _shown is not None:
        _shown.wipe()


class Bar:
    """A bar for ``total`` pieces of work. Does nothing unless stderr is a terminal."""

    def __init__(self, what: str, total: int) -> None:
        self._what, self._total = what, total
        self._count = 0
        self._begun = time.monotonic()
        self._drawn = 0.0
        self._said = self._begun
        self._there = False
        self._on = sys.stderr.isatty() and total > 1

    def __enter__(self) -> Self:
        global _shown
        if self._on:
            _shown = self
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        global _shown
        self.wipe()
        _shown = None

    def wipe(self) -> None:
        """Nothing of it stays on the line."""
        if self._there:
            self._there = False
            sys.stderr.write("\r\x1b[K")
            sys.stderr.flush()

    def done(self, sentence: str = "") -> None:
        """A piece of work is done."""
        self._count += 1
        now = time.monotonic()
        if not self._on:
            if self._total > 1 and now - self._said > _EVERY:  # into a pipe or a log
                self._said = now
                sys.stderr.write(f"{self._what}: {self._so_far()}{', ' * bool(sentence)}{sentence}\n")
                sys.stderr.flush()
            return
        if now - self._drawn < _DRAWN_EVERY:
            return
        self._drawn, self._there = now, True
        full = _WIDTH * self._count // self._total
        line = f"{self._what} {'━' * full}{'╌' * (_WIDTH - full)} {self._so_far()}  {sentence}"
        sys.stderr.write("\r\x1b[K" + line[: shutil.get_terminal_size().columns - 1])
        sys.stderr.flush()

    def _so_far(self) -> str:
        return tr("{count:,} of {total:,}", count=self._count, total=self._total)

    def reach(self, count: int) -> None:
        """So many pieces of work are done."""
        self._count = max(0, count - 1)
        self.done()

    @property
    def seconds_left(self) -> float:
        gone = time.monotonic() - self._begun
        return gone / max(1, self._count) * (self._total - self._count)


class Making(Bar):
    """A bar that also tells hours of sound, how many times as fast as real time, and failures."""

    def __init__(self, what: str, total: int) -> None:
        super().__init__(what, total)
        self._failed = 0
        self._sound = 0.0

    def made(self, good: bool, seconds: float) -> None:
        """An output is made, or not, from so many seconds of sound."""
        self._failed += not good
        self._sound += seconds
        self.done(self._summary())

    def _summary(self) -> str:
        gone = max(1e-3, time.monotonic() - self._begun)
        failed = tr(", {failed:,} not made", failed=self._failed) if self._failed else ""
        left = tr(", about {seconds_left:,.0f} s left", seconds_left=self.seconds_left) if self._count else ""
        return tr(
            "{hours:.2f} h of sound, {times:,.0f} times real time{failed}{left}",
            hours=self._sound / 3600,
            times=self._sound / gone,
            failed=failed,
            left=left,
        )
