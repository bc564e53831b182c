"""Something happened: whoever wants to know is called."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any


class Event:
    """Callbacks that are called in the order in which they came, in the thread that emits."""

    def __init__(self) -> None:
        self._callbacks: list[Callable[..., object]] = []

    def connect(self, callback: Callable[..., object]) -> None:
        """Call this from now on, with whatever is emitted."""
        self._callbacks.append(callback)

    def disconnect(self, callback: Callable[..., object]) -> None:
        """Call it no more.

        Raises
        ------
        ValueError : it is not called.
        """
        self._callbacks.remove(callback)

    def emit(self, *news: Any) -> None:
        for callback in list(self._callbacks):
            callback(*news)
