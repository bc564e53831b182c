"""What is to be measured of a file."""

from __future__ import annotations

from typing import NamedTuple

from ....core.model import Stated
from .row import Row


class ToMeasure(NamedTuple):
    """A clip by id: frames of a file from ``start`` and before ``stop`` (None: to the end)."""

    id: str
    path: str
    start: int = 0
    stop: int | None = None
    stated: Stated | None = None


def to_measure(row: Row) -> ToMeasure:
    start, stop = row.span
    return ToMeasure(row.id, str(row.path), start, stop, row.stated)
