"""Progress on stderr: a live bar on a terminal, now and then a plain line where it is piped."""

from __future__ import annotations

import sys
import time
from types import TracebackType
from typing import Any, Self

_EVERY = 10.0  # s between plain lines


class Bar:
    """A bar for ``total`` pieces of work. Does nothing unless stderr is a terminal."""

    def __init__(self, what: str, total: int) -> None:
        self._progress: Any = None
        if not sys.stderr.isatty() or total < 2:
            return
        from rich.console import Console
        from rich.progress import BarColumn, MofNCompleteColumn, TextColumn, TimeRemainingColumn
        from rich.progress import Progress as RichProgress

        self._progress = RichProgress(
            TextColumn("{task.description}"),
            BarColumn(),
            MofNCompleteColumn(),
            TimeRemainingColumn(),
            TextColumn("{task.fields[told]}"),
            console=Console(stderr=True),
            transient=True,
        )
        self._task = self._progress.add_task(what, total=total, told="")

    def __enter__(self) -> Self:
        if self._progress:
            self._progress.start()
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        if self._progress:
            self._progress.stop()

    def done(self, told: str = "") -> None:
        """A piece of work is done."""
        if self._progress:
            self._progress.update(self._task, advance=1, told=told)


class Making(Bar):
    """A bar that also tells hours of sound, how many times as fast as real time, and failures."""

    def __init__(self, what: str, total: int) -> None:
        super().__init__(what, total)
        self._what, self._total = what, total
        self._count = self._failed = 0
        self._sound = 0.0
        self._begun = self._said = time.monotonic()

    def made(self, good: bool, seconds: float) -> None:
        """An output is made, or not, from so many seconds of sound."""
        self._count += 1
        self._failed += not good
        self._sound += seconds
        self.done(self._told())
        if self._progress is None and self._total > 1 and time.monotonic() - self._said > _EVERY:
            self._said = time.monotonic()
            gone = self._said - self._begun
            left = gone / self._count * (self._total - self._count)
            sys.stderr.write(
                f"{self._what}: {self._count:,} of {self._total:,}, {self._told()}, about {left:,.0f} s left\n"
            )
            sys.stderr.flush()

    def _told(self) -> str:
        gone = max(1e-3, time.monotonic() - self._begun)
        failed = f", {self._failed:,} not made" if self._failed else ""
        return f"{self._sound / 3600:.2f} h of sound, {self._sound / gone:,.0f} times real time{failed}"
