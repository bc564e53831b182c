"""Values of foreign data, each with its kind and its range: a job may come from anybody, or from a disk that lost half of it.

What is read is a job file, unless ``reading`` says otherwise.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from contextvars import ContextVar
from typing import Any

from ...plain_data import dataclass
from ...words import joined, phrase
from ..errors import JobError

_MOST_FRAMES = 2**62
_MOST_TEXT = 100_000  # characters


@dataclass(frozen=True, slots=True)
class Document:
    """What values are read out of: ``says`` makes the sentence of field, value and what is wanted; ``advice`` is what to do about it."""

    says: Callable[[str, str, str], str]
    advice: str


def _in_a_job(field: str, shown: str, wanted: str) -> str:
    return phrase("In the job file {field} is {shown}; {wanted} is wanted.", field=field, shown=shown, wanted=wanted)


_JOB = Document(_in_a_job, phrase("Open an older copy of the job, or mend that entry."))
_read: ContextVar[Document] = ContextVar("document", default=_JOB)


@contextmanager
def reading(document: Document) -> Iterator[None]:
    """Values are of this document meanwhile."""
    token = _read.set(document)
    try:
        yield
    finally:
        _read.reset(token)


def wrong(field: str, value: object, wanted: str) -> JobError:
    """The error for a value that cannot be."""
    shown = repr(value)
    shown = shown if len(shown) <= 60 else shown[:57] + "…"
    document = _read.get()
    return JobError(document.says(field, shown, wanted), document.advice, "job_damaged")


def text(value: object, field: str) -> str:
    """A text that can be shown and saved; file names that are not UTF-8 hold escapes of single bytes."""
    if not isinstance(value, str) or len(value) > _MOST_TEXT:
        raise wrong(field, value, phrase("a text"))
    if not value.isascii() and any("\ud800" <= c <= "\udfff" and not "\udc80" <= c <= "\udcff" for c in value):
        raise wrong(field, value, phrase("a text of whole characters"))
    return value


def path(value: object, field: str) -> str:
    """A path that the system can be asked for."""
    found = text(value, field)
    if not found or "\0" in found:
        raise wrong(field, value, phrase("a path"))
    return found


def frames(value: object, field: str, least: int = 0) -> int:
    """A count or place of frames."""
    if type(value) is not int or not least <= value <= _MOST_FRAMES:
        raise wrong(field, value, phrase("a whole number of frames from {least} on", least=least))
    return value


def number(value: object, field: str, low: float, high: float) -> float:
    """A number within bounds."""
    if isinstance(value, bool) or not isinstance(value, int | float) or not low <= value <= high:
        raise wrong(field, value, phrase("a number from {low:g} to {high:g}", low=low, high=high))
    return value


def flag(value: object, field: str) -> bool:
    if not isinstance(value, bool):
        raise wrong(field, value, phrase("true or false"))
    return value


def one_of(value: object, field: str, allowed: tuple[str, ...]) -> str:
    if value not in allowed or not isinstance(value, str):
        raise wrong(field, value, joined(allowed, phrase(" or ")))
    return value


def table(value: object, field: str) -> Mapping[str, Any]:
    if not isinstance(value, dict):
        raise wrong(field, value, phrase("a table"))
    return value


def entries(value: object, field: str) -> list[Any]:
    if not isinstance(value, list):
        raise wrong(field, value, phrase("a list"))
    return value
