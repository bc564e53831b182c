"""How long a room sounds on, read off the ends of syllables: none falls faster than the room."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .noise import SpeechAndNoise

_SHORTEST, _DROP = 0.1, 12.0  # s and dB, of a fall that counts
_CLEAR = 6.0  # dB above the noise
_FEWEST = 3
_MOST = 3.0  # s


def decay_time(powers: NDArray[np.float32], seconds: float, voice: SpeechAndNoise) -> float | None:
    """Reverberation time (RT60, s), estimated; None where too little falls to tell by.

    An estimate that ranks clips: in dry sound it tells how fast the voice itself falls, 0.2 to 0.3 s.
    """
    if len(powers) < 10:
        return None
    # Three wide bands, where voices are: in each the noise lies elsewhere.
    third = np.array_split(np.arange(2, min(powers.shape[1], 22)), 3)
    times: list[float] = []
    for bands in third:
        levels = 10 * np.log10(powers[:, bands].sum(axis=1, dtype=np.float64) + 1e-14)
        levels = np.convolve(levels, np.ones(3) / 3, mode="same")
        floor = float(np.partition(levels, len(levels) // 16)[len(levels) // 16]) + _CLEAR
        times += _falls(levels, floor, seconds)
    if len(times) < _FEWEST:
        return None
    # What falls slowest by the room: the upper quarter of free falls.
    return float(min(_MOST, np.percentile(times, CALIBRATED)))


CALIBRATED = 50


def _falls(levels: NDArray[np.float64], floor: float, seconds: float) -> list[float]:
    down = np.diff(levels) < 0
    turns = np.flatnonzero(np.diff(np.concatenate([[0], down.astype(np.int8), [0]])))
    out = []
    starts, stops = turns[::2], turns[1::2]
    far = ((stops - starts + 1) * seconds >= _SHORTEST) & (levels[starts] - np.maximum(levels[stops], floor) >= _DROP)
    for a, b in zip(starts[far].tolist(), stops[far].tolist(), strict=True):
        part = levels[a : b + 1]
        part = part[part > floor]
        # The first of it is the voice that stops.
        part = part[part <= part[0] - 3] if len(part) else part
        if len(part) * seconds < _SHORTEST or part[0] - part[-1] < _DROP:
            continue
        at = np.arange(len(part)) - (len(part) - 1) / 2
        out.append(-60.0 * seconds * float(at @ at) / float(at @ part))
    return out
