"""From many channels to one, after ITU-R BS.775-3."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import NDArray

_SIDE, _REAR = 0.7071, 0.5
# Channel orders as WAV and FLAC files have them: left, right, centre, low frequency, left and right surround, then more.
_WEIGHTS: dict[int, list[float]] = {
    1: [1.0],
    2: [1.0, 1.0],
    3: [_SIDE, _SIDE, 1.0],
    4: [_SIDE, _SIDE, _REAR, _REAR],
    5: [_SIDE, _SIDE, 1.0, _REAR, _REAR],
    6: [_SIDE, _SIDE, 1.0, 0.0, _REAR, _REAR],
    7: [_SIDE, _SIDE, 1.0, 0.0, _REAR, _REAR, _REAR],
    8: [_SIDE, _SIDE, 1.0, 0.0, _REAR, _REAR, _REAR, _REAR],
}


@cache
def mono_weights(channels: int) -> NDArray[np.float32]:
    """[shape=(channels,)] share of each channel in the mix; they add up to 1, so that the mix cannot exceed the loudest.

    The centre, where speech is, counts fully, the front sides 3 dB and the surround sides 6 dB less, the low-frequency channel not at
    all. More channels than eight count the same.
    """
    weights = np.array(_WEIGHTS.get(channels, [1.0] * channels), np.float32)
    share: NDArray[np.float32] = weights / weights.sum(dtype=np.float32)
    return share


def mixed(columns: NDArray[np.float32]) -> NDArray[np.float32]:
    """The mono mix [shape=(n,)] of float32 [shape=(channels, n)]; the same at every block size and on every machine."""
    if len(columns) == 2:
        out: NDArray[np.float32] = columns[0] + columns[1]
        out *= np.float32(0.5)  # exact, so that this is the general case in half the time
        return out
    out = np.zeros(columns.shape[1], np.float32)
    for column, share in zip(columns, mono_weights(len(columns)), strict=True):
        out += column * share
    return out
