"""What a room adds to the end of a word: a tail that falls evenly, by so many dB a second, and is no part of what was said."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .room import STEP

_FALL = 20.0  # dB above the end of a sound, over which its fall is timed
_LONGEST = 1.0  # s that it may take
_LEAST_RUNS = 4
#: dB a second: nothing falls faster in a room of 0.43 s (RT60) or more, which is where tails get in the way.
_EVEN = 140.0
_OFF = 5.0  # dB under the line of the tail: something else
_KEPT = round(0.1 / STEP)  # of it: a soft end of a word lies under the tail of what was louder before
_LEAST_FALL = 8.0  # dB that a tail takes, at least


def decay_of(smooth: NDArray[np.float64], runs: list[tuple[int, int]]) -> float | None:
    """By how many dB a step sound falls in this room, after the runs of it; None where the room has no tail to speak of.

    Words end as fast as they like in a dry room. In one that sounds on, none ends faster than the room.
    """
    falls = []
    for a, b in runs:
        if (b - a) * STEP < 0.15:
            continue
        part = smooth[max(a, b - round(_LONGEST / STEP)) : b]
        high = np.flatnonzero(part >= part[-1] + _FALL)
        if len(high):
            falls.append(_FALL / (len(part) - 1 - int(high[-1])))
    if len(falls) < _LEAST_RUNS:
        return None
    fall = float(np.percentile(falls, 75))
    return fall if fall / STEP < _EVEN else None


def before_tail(smooth: NDArray[np.float64], a: int, b: int, stop: int, decay: float) -> int:
    """Where the tail begins that may follow a voice from a to b; it is looked for up to ``stop``, where the sound ends.

    Back from there the sound gets louder along a line; where it falls behind the line by ``_OFF`` dB, it is something else.
    """
    part = smooth[max(a, stop - round(_LONGEST / STEP)) : stop][::-1]
    high = np.flatnonzero(part >= part[0] + _FALL)
    if len(part) < 3 or not len(high):
        return b
    last = max(3, int(high[0]))
    steps = np.arange(len(part))
    slope = float(np.clip(np.polyfit(steps[:last], part[:last], 1)[0], 0.75 * decay, 1.3 * decay))
    line = float(np.mean(part[:last] - slope * steps[:last])) + slope * steps
    off = np.flatnonzero(part < line - _OFF)
    if not len(off):
        return b
    behind = max(0, int(off[0]) - round(_OFF / slope))
    return min(b, stop - behind + _KEPT) if slope * behind >= _LEAST_FALL else b
