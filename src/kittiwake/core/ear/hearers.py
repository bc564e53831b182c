"""Speech engines in helper processes, as many as there are cores; threads ask, and wait their turn."""

from __future__ import annotations

import os
from collections.abc import Callable
from queue import LifoQueue
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ...words import phrase
from ..errors import KittiwakeError
from ..process import WorkerProcess
from ..process.events import WorkerCrash
from .engines import Ear, Transcript, engine_for

_ready: dict[tuple[str, tuple[str, ...]], Ear] = {}
_MOST_READY = 4  # engines of a helper, each some 100 MB


def hear_in_worker(
    task: tuple[str, tuple[str, ...], NDArray[np.float32], int, bool], report: Callable[[str], None]
) -> Any:
    """In a helper: what is heard, or why nothing can be, in words."""
    language, lines, sound, rate, partly = task
    try:
        if (language, lines) not in _ready:
            while len(_ready) >= _MOST_READY:
                del _ready[next(iter(_ready))]
            _ready[language, lines] = engine_for(language).open(language, lines)
        return _ready[language, lines].hear(sound, rate, report if partly else None)
    except KittiwakeError as error:
        return (error.message, error.remedy, error.code)


class Hearers:
    """``hear`` may be called by several threads at once."""

    def __init__(self, count: int = 0) -> None:
        self._free: LifoQueue[WorkerProcess] = LifoQueue()
        self._all = [WorkerProcess(hear_in_worker, reports=True) for _ in range(count or os.cpu_count() or 1)]
        for one in self._all:
            self._free.put(one)

    def hear(
        self,
        sound: NDArray[np.float32],
        rate: int,
        language: str = "en",
        lines: tuple[str, ...] = (),
        partly: Callable[[str], None] | None = None,
    ) -> Transcript:
        """What is said in a sound [shape=(n,)], by the engine for a language.

        Raises
        ------
        KittiwakeError : there is no engine for it, or it crashed.
        """
        engine_for(language)
        helper = self._free.get()
        try:
            result = helper.ask((language, lines, sound, rate, partly is not None), None, partly)
        finally:
            self._free.put(helper)
        if isinstance(result, Transcript):
            return result
        if isinstance(result, WorkerCrash):
            raise KittiwakeError(
                phrase("The speech engine ended: {result}", result=result), phrase("Try again."), "engine_crash"
            )
        if isinstance(result, tuple):
            raise KittiwakeError(*result)
        raise KittiwakeError(phrase("The speech engine gave nothing."), phrase("Try again."), "engine_crash")

    def close(self) -> None:
        for one in self._all:
            one.close()
