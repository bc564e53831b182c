"""Where tasks are done: in this process, in local processes (``pool``) or on a cluster (``batch.cluster``)."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Sequence
from pathlib import Path
from typing import Any, Protocol

from .events import Deferred, Progress, Unexpected

Cancelled = Callable[[], bool]


class Executor(Protocol):
    """Does tasks and yields each with its result, in any order."""

    @property
    def count(self) -> int:
        """How many tasks are done at once."""

    @property
    def remote(self) -> bool:
        """Whether tasks are done on other machines, which must not write to the same small files at once."""

    def check(self, folders: Sequence[Path], sources: Iterable[Path]) -> None:
        """See that work can be done here: sources read, folders written to.

        Raises
        ------
        MakeError : it cannot.
        """

    def run(
        self,
        work: Callable[..., Any],
        tasks: Iterable[Any],
        cancelled: Cancelled | None = None,
        *,
        reports: bool = False,
        holding: Sequence[int] = (),
    ) -> Iterator[tuple[Any, Any]]:
        """Yield ``(task, result)``.

        Parameters
        ----------
        work : function at the top of a module, called with a task; task and result can be pickled.
        tasks : drawn only when there is room for one. A None among them comes back at once as ``(None, None)``.
        cancelled : once true, work in hand is dropped and the run ends.
        reports : whether ``work`` takes a second argument, a function; what it is called with comes as ``(task, Progress)``.
        holding : numbers of open files that are to stay open as long as a worker lives.

        A result is ``WorkerCrash`` where a task ended its worker, ``Unexpected`` where it raised an exception.
        """


class InProcess:
    """Does tasks one after the other in this process; a decoder that crashes takes it along."""

    count = 1
    remote = False

    def check(self, folders: Sequence[Path], sources: Iterable[Path]) -> None:
        """Nothing to see to."""

    def run(
        self,
        work: Callable[..., Any],
        tasks: Iterable[Any],
        cancelled: Cancelled | None = None,
        *,
        reports: bool = False,
        holding: Sequence[int] = (),
    ) -> Iterator[tuple[Any, Any]]:
        reported: list[Any] = []
        for task in tasks:
            if cancelled and cancelled():
                return
            if task is None:
                yield None, None
                continue
            try:
                result = work(task, reported.append) if reports else work(task)
                if isinstance(result, Deferred):
                    result = result.finish()
            except Exception as error:  # as in a worker: the others go on
                result = Unexpected.by(error)
            for what in reported:
                yield task, Progress(what)
            reported.clear()
            yield task, result
