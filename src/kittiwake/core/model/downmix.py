"""From many channels to two or one, after ITU-R BS.775-3."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import NDArray

_SIDE, _REAR = 0.7071, 0.5
#: What of a loudspeaker goes to the left and to the right of two, by its short name in libav: the centre to both 3 dB softer, what lies behind to
#: its own side 3 dB softer, a single one behind to both 6 dB softer (3/1), the low-frequency channels to neither. What stands between or above those
#: that the recommendation knows goes where the nearest of them goes.
_TO_TWO: dict[str, tuple[float, float]] = {
    "FL": (1.0, 0.0), "FR": (0.0, 1.0), "FC": (_SIDE, _SIDE), "LFE": (0.0, 0.0), "LFE2": (0.0, 0.0),
    "BL": (_SIDE, 0.0), "BR": (0.0, _SIDE), "SL": (_SIDE, 0.0), "SR": (0.0, _SIDE), "BC": (_REAR, _REAR),
    "FLC": (1.0, 0.0), "FRC": (0.0, 1.0), "WL": (1.0, 0.0), "WR": (0.0, 1.0), "DL": (1.0, 0.0), "DR": (0.0, 1.0),
    "TC": (_REAR, _REAR), "TFL": (1.0, 0.0), "TFC": (_SIDE, _SIDE), "TFR": (0.0, 1.0),
    "TBL": (_SIDE, 0.0), "TBC": (_REAR, _REAR), "TBR": (0.0, _SIDE), "TSL": (_SIDE, 0.0), "TSR": (0.0, _SIDE),
}  # fmt: skip
#: Where a file states no loudspeakers: the orders of WAV and FLAC files.
_USUAL: dict[int, tuple[str, ...]] = {
    1: ("FC",),
    2: ("FL", "FR"),
    3: ("FL", "FR", "FC"),
    4: ("FL", "FR", "BL", "BR"),
    5: ("FL", "FR", "FC", "BL", "BR"),
    6: ("FL", "FR", "FC", "LFE", "BL", "BR"),
    7: ("FL", "FR", "FC", "LFE", "BC", "SL", "SR"),
    8: ("FL", "FR", "FC", "LFE", "BL", "BR", "SL", "SR"),
}


def known_speakers(names: tuple[str, ...], channels: int) -> tuple[str, ...]:
    """The loudspeakers that a file states for its channels; empty where they are those that are meant without a word, or not all known."""
    if channels <= 2 or len(names) != channels or any(name not in _TO_TWO for name in names):
        return ()
    return () if names == _USUAL.get(channels) else names


@cache
def shares(
    channels: int, wanted: int, live: tuple[int, ...] = (), speakers: tuple[str, ...] = ()
) -> NDArray[np.float32]:
    """[shape=(wanted, channels)] share of each channel in each of ``wanted`` (1 or 2); those of the largest add up to 1, so that nothing exceeds the
    loudest channel. In the mix to one the centre counts fully, the front sides 3 dB and the surround sides 6 dB less. Of more channels than eight
    whose loudspeakers are not stated all count the same.

    Parameters
    ----------
    live : the channels that hold anything (indices from 0), empty for all: silent ones do not count, so that what there is comes out no softer.
    speakers : the loudspeaker of each channel, as libav names them (``FL``, ``FC``, ``LFE``, …); empty for the usual ones.
    """
    names = speakers or _USUAL.get(channels)
    if names is None:
        rows = np.array([[float(n % 2 == 0), float(n % 2)] for n in range(channels)]).T
        rows = np.ones((1, channels)) if wanted == 1 else rows
    else:
        rows = np.array([_TO_TWO[name] for name in names], np.float64).T
        rows = _SIDE * rows.sum(axis=0, keepdims=True) if wanted == 1 else rows
    if live:
        rows[:, [n for n in range(channels) if n not in live]] = 0.0
    most = rows.sum(axis=1).max()
    if most == 0:  # only what is no part of a mix, such as a low-frequency channel, holds anything
        rows[:, list(live) or slice(None)] = 1.0
        most = rows.sum(axis=1).max()
    share: NDArray[np.float32] = (rows / most).astype(np.float32)
    return share


def downmixed(
    columns: NDArray[np.float32], wanted: int, live: tuple[int, ...] = (), speakers: tuple[str, ...] = ()
) -> NDArray[np.float32]:
    """The mix [shape=(wanted, n)] of float32 [shape=(channels, n)], as ``shares`` has it; the same at every block size and on every machine."""
    rows = shares(len(columns), wanted, live, speakers)
    out = np.zeros((wanted, columns.shape[1]), np.float32)
    for n, column in enumerate(columns):
        for row in range(wanted):
            if rows[row, n]:
                out[row] += column * rows[row, n]
    return out


def mixed(columns: NDArray[np.float32], speakers: tuple[str, ...] = ()) -> NDArray[np.float32]:
    """The mono mix [shape=(n,)] of float32 [shape=(channels, n)]; the same at every block size and on every machine."""
    if len(columns) == 2:
        out: NDArray[np.float32] = columns[0] + columns[1]
        out *= np.float32(0.5)  # exact, so that this is the general case in half the time
        return out
    one: NDArray[np.float32] = downmixed(columns, 1, speakers=speakers)[0]
    return one
