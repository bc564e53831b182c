"""A level meter with peak hold and a mark for clipping."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

_HOLD = 1.5  # s
_FALL = 20.0  # dB a second
_LOWEST = -90.0


class Meter:
    """Fed with blocks; ``level`` and ``peak`` are in dBFS, ``clipped`` stays until ``reset``."""

    def __init__(self, rate: int) -> None:
        self._rate = rate
        self.reset()

    def reset(self) -> None:
        self.level = self.peak = _LOWEST
        self.clipped = False
        self._age = 0.0

    def add(self, block: NDArray[np.float32]) -> None:
        """The next frames, float32 [shape=(n,)]."""
        if not len(block):
            return
        seconds = len(block) / self._rate
        top = float(np.abs(block).max())
        now = max(_LOWEST, 20 * float(np.log10(max(top, 1e-9))))
        self.level = max(now, self.level - _FALL * seconds)
        self._age += seconds
        if now >= self.peak:
            self.peak, self._age = now, 0.0
        elif self._age > _HOLD:
            self.peak = max(now, self.peak - _FALL * seconds)
        # Two samples at full scale in a row: one may be chance.
        full = np.abs(block) >= 0.9999
        self.clipped = self.clipped or bool((full[1:] & full[:-1]).any())
