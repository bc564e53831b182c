"""PocketSphinx with its American English model, which come along with the extra ``kittiwake[engine]``."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np
from numpy.typing import NDArray

from ..free import FreeListener
from ..listener import Listener
from .engine import Engine, Transcript, Word, register


class _Free:
    def __init__(self) -> None:
        self._listener = FreeListener()

    def hear(self, sound: NDArray[np.float32], rate: int, partly: Callable[[str], None] | None = None) -> Transcript:
        text, sure, words = self._listener.hear(sound, rate, partly)
        return Transcript(text, sure, tuple(Word(*one) for one in words))


class _Expecting:
    def __init__(self, lines: Sequence[str]) -> None:
        self._lines, self._listener = list(lines), Listener(lines)

    def hear(self, sound: NDArray[np.float32], rate: int, partly: Callable[[str], None] | None = None) -> Transcript:
        place = self._listener.which(sound, rate)
        return Transcript("" if place is None else self._lines[place])


register(Engine("sphinx", "PocketSphinx", ("en",), lambda language, lines: _Expecting(lines) if lines else _Free()))
