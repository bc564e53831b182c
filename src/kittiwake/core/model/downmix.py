"""From many channels to two or one, after ITU-R BS.775-3."""

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


#: What of each channel goes to the left of two: the centre to both, 3 dB softer, as is what lies behind; the low-frequency channel to neither.
_LEFT: dict[int, list[float]] = {
    3: [1.0, 0.0, _SIDE],
    4: [1.0, 0.0, _SIDE, 0.0],
    5: [1.0, 0.0, _SIDE, _SIDE, 0.0],
    6: [1.0, 0.0, _SIDE, 0.0, _SIDE, 0.0],
    7: [1.0, 0.0, _SIDE, 0.0, _REAR, _SIDE, 0.0],
    8: [1.0, 0.0, _SIDE, 0.0, _SIDE, 0.0, _SIDE, 0.0],
}
#: The channel that mirrors each, in those layouts.
_MIRROR = {
    3: (1, 0, 2),
    4: (1, 0, 3, 2),
    5: (1, 0, 2, 4, 3),
    6: (1, 0, 2, 3, 5, 4),
    7: (1, 0, 2, 3, 4, 6, 5),
    8: (1, 0, 2, 3, 5, 4, 7, 6),
}


@cache
def shares(channels: int, wanted: int, live: tuple[int, ...] = ()) -> NDArray[np.float32]:
    """[shape=(wanted, channels)] share of each channel in each of ``wanted`` (1 or 2); those of the largest add up to 1, so that nothing exceeds the
    loudest channel.

    Parameters
    ----------
    live : the channels that hold anything (indices from 0), empty for all: silent ones do not count, so that what there is comes out no softer.
    """
    if wanted == 1:
        rows = np.array([_WEIGHTS.get(channels, [1.0] * channels)], np.float64)
    else:
        left = _LEFT.get(channels, [float(n % 2 == 0) for n in range(channels)])
        mirror = _MIRROR.get(channels, tuple(n ^ 1 if (n ^ 1) < channels else n for n in range(channels)))
        rows = np.array([left, [left[n] for n in mirror]], np.float64)
    if live:
        rows[:, [n for n in range(channels) if n not in live]] = 0.0
    most = rows.sum(axis=1).max()
    if most == 0:  # only what is no part of a mix, such as a low-frequency channel, holds anything
        rows[:, list(live)] = 1.0
        most = rows.sum(axis=1).max()
    share: NDArray[np.float32] = (rows / most).astype(np.float32)
    return share


def downmixed(columns: NDArray[np.float32], wanted: int, live: tuple[int, ...] = ()) -> NDArray[np.float32]:
    """The mix [shape=(wanted, n)] of float32 [shape=(channels, n)]; the same at every block size and on every machine."""
    rows = shares(len(columns), wanted, live)
    out = np.zeros((wanted, columns.shape[1]), np.float32)
    for n, column in enumerate(columns):
        for row in range(wanted):
            if rows[row, n]:
                out[row] += column * rows[row, n]
    return out


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
