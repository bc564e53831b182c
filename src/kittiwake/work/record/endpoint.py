"""Hears when somebody has begun to speak, and when they have ended."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

USUAL_SILENCE = 2.5  # s
_STEP = 0.01  # s
_BEGUN = 0.08  # s of sound that is no click
_OVER_ROOM = 12.0  # dB


class Endpoint:
    """Fed with blocks, tells whether speech has begun and ended.

    Parameters
    ----------
    rate : Hz.
    room_dbfs : the noise of the room, as measured before.
    silence : s that have to be quiet for it to be the end; 0 where it never ends by itself. Who reads several sentences breathes and turns a page.
    """

    def __init__(self, rate: int, room_dbfs: float, silence: float = USUAL_SILENCE) -> None:
        self._size = max(1, round(rate * _STEP))
        self._least = 10 ** ((max(room_dbfs, -75.0) + _OVER_ROOM) / 20)
        self._need, self._rest = round(_BEGUN / _STEP), round(silence / _STEP)
        self._held = np.zeros(0, np.float32)
        self._loud = self._quiet = 0
        self.begun = self.ended = False

    def add(self, block: NDArray[np.float32]) -> None:
        """The next frames, float32 [shape=(n,)]."""
        held = np.concatenate([self._held, block])
        whole = len(held) // self._size * self._size
        self._held = held[whole:]
        for part in held[:whole].reshape(-1, self._size):
            if float(np.sqrt(np.mean(np.square(part)))) >= self._least:
                self._loud, self._quiet = self._loud + 1, 0
                self.begun = self.begun or self._loud >= self._need
            else:
                self._quiet += 1
                if self._quiet > 5:
                    self._loud = 0
                self.ended = self.ended or (self.begun and 0 < self._rest <= self._quiet)


def room_level(sound: NDArray[np.float32], rate: int) -> float:
    """The noise of a room, dBFS: the median of parts of 20 ms, so that a chair does not count; −120 for silence."""
    size = max(1, round(0.02 * rate))
    whole = len(sound) // size * size
    if not whole:
        return -120.0
    powers = np.square(sound[:whole]).reshape(-1, size).mean(axis=1)
    return float(10 * np.log10(np.median(powers) + 1e-12))
