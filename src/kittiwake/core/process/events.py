"""What comes back from a worker besides the result of a task."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from ..log import log_path


@dataclass(frozen=True, slots=True)
class Progress:
    """Something a worker reports while it is at a task; not its result yet."""

    what: Any


@dataclass(frozen=True, slots=True)
class WorkerCrash:
    """In place of a result: the worker ended over the task."""

    reason: str

    def __str__(self) -> str:
        return phrase(
            "Its decoder or encoder crashed ({reason}). Ask for another copy, or convert it elsewhere first.",
            reason=self.reason,
        )


@dataclass(frozen=True, slots=True)
class Unexpected(WorkerCrash):
    """In place of a result: the work raised an exception. ``trace`` is its traceback, for the log."""

    trace: str = ""

    @classmethod
    def by(cls, error: BaseException) -> Unexpected:
        import traceback

        return cls(f"{type(error).__name__}: {error}", "".join(traceback.format_exception(error)))

    def __str__(self) -> str:
        return phrase(
            "It failed unexpectedly ({reason}). Make it again; if that does not help, report it with the log ({log_path}).",
            reason=self.reason,
            log_path=log_path(),
        )


class Deferred:
    """In place of a result, from a worker's function: ``finish`` does the rest of the task and gives the result.

    A worker calls it in a second thread while it begins the next task, which pays where the rest waits for a disk.
    """

    __slots__ = ("finish",)

    def __init__(self, finish: Callable[[], Any]) -> None:
        self.finish = finish
