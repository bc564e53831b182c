"""Progress on stderr: a bar on a terminal, nothing where nobody looks."""

from __future__ import annotations

import sys
from types import TracebackType
from typing import Any


class Bar:
    """A bar for ``total`` pieces of work. Does nothing unless stderr is a terminal."""

    def __init__(self, what: str, total: int) -> None:
        self._progress: Any = None
        self._shares: dict[int, float] = {}
        self._finished = 0
        if not sys.stderr.isatty() or total < 2:
            return
        from rich.console import Console
        from rich.progress import BarColumn, MofNCompleteColumn, Progress, TextColumn, TimeRemainingColumn

        self._progress = Progress(
            TextColumn("{task.description}"),
            BarColumn(),
            MofNCompleteColumn(),
            TimeRemainingColumn(),
            console=Console(stderr=True),
            transient=True,
        )
        self._task = self._progress.add_task(what, total=total)

    def __enter__(self) -> Bar:
        if self._progress:
            self._progress.start()
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        if self._progress:
            self._progress.stop()

    def share(self, item: object, share: float) -> None:
        """A piece of work is done by this share, 0 to 1."""
        if self._progress:
            self._shares[id(item)] = share
            self._show()

    def done(self, item: object = None) -> None:
        """A piece of work is done."""
        if self._progress:
            self._shares.pop(id(item), None)
            self._finished += 1
            self._show()

    def _show(self) -> None:
        self._progress.update(self._task, completed=self._finished + sum(list(self._shares.values())))
