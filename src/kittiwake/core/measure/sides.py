"""How the two sides of a stereo source relate."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from ..model.facts import Sides

_SILENT_DB = -40.0  # a side this far below the other is silent: crosstalk and hiss, not a second voice
_EQUAL_DB = -50.0  # a difference this far below the sum is coding noise, not another signal
_INVERTED = -0.9  # correlation below which mixing would lose more than 10 dB


class SidesMeter:
    """Compares left and right, block by block."""

    def __init__(self) -> None:
        self._ll = self._rr = self._lr = 0.0

    def add(
        self, left: NDArray[np.float32], right: NDArray[np.float32], left_energy: float, right_energy: float
    ) -> None:
        """Take the next samples of both sides, each with its sum of squares."""
        self._ll += left_energy
        self._rr += right_energy
        self._lr += float(np.dot(left, right))

    def result(self) -> Sides:
        ll, rr, lr = self._ll, self._rr, self._lr
        if ll == rr == 0:
            return "identical"
        silent = 10 ** (_SILENT_DB / 10)
        if rr <= ll * silent:
            return "left_only"
        if ll <= rr * silent:
            return "right_only"
        if ll + rr - 2 * lr <= (ll + rr) * 10 ** (_EQUAL_DB / 10):
            return "identical"
        if lr / math.sqrt(ll * rr) <= _INVERTED:
            return "inverted"
        return "different"
