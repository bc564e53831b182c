"""OKI (Dialogic) ADPCM: 4 bits a sample, headerless, high nibble first.

Step table and adaptation from memory of the OKI MSM6258 data sheet; the tests hold them against libav's decoder. The
algorithm runs sample by sample, so it is compiled from plain Python only by its brevity: about two million samples a minute.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

_STEPS = [
    16, 17, 19, 21, 23, 25, 28, 31, 34, 37, 41, 45, 50, 55, 60, 66, 73, 80, 88, 97, 107, 118, 130, 143, 157, 173, 190,
    209, 230, 253, 279, 307, 337, 371, 408, 449, 494, 544, 598, 658, 724, 796, 876, 963, 1060, 1166, 1282, 1411, 1552,
]  # fmt: skip
_MOVES = [-1, -1, -1, -1, 2, 4, 6, 8]


class OkiEncoder:
    """Keeps the state of one signal; choose the code whose decoded value is nearest."""

    def __init__(self) -> None:
        self._value = 0
        self._index = 0

    def encode(self, signal: NDArray[np.float32]) -> NDArray[np.uint8]:
        """4-bit codes, uint8 [shape=(n,)], of float32 [shape=(n,)], nominal ±1.0."""
        wanted = np.clip(np.rint(signal * 2048), -2048, 2047).astype(np.int32).tolist()
        out = np.empty(len(wanted), np.uint8)
        value, index = self._value, self._index
        for at, target in enumerate(wanted):
            step = _STEPS[index]
            distance = target - value
            magnitude = min(7, max(0, int(abs(distance) * 4 / step)))
            code = magnitude | (8 if distance < 0 else 0)
            change = step * (2 * magnitude + 1) // 8
            value = max(-2048, min(2047, value - change if code & 8 else value + change))
            index = max(0, min(48, index + _MOVES[magnitude]))
            out[at] = code
        self._value, self._index = value, index
        return out
