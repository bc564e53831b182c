"""How plausible a voice is at a rate, from what is kept of a recording: its spectrum, its pitch, and where its band ends.

The long-term spectrum, pitches and usual ends of bands are those by which the rate of a headerless file is guessed (``measure.rate_guess``).
"""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from ..measure.rate_guess import band_edges, bands_score, end_score, pace_score, pitch_score

_LEAST_BANDS = 12
_NEAR, _DROP = 0.06, 8.0  # octaves and dB: the fall of a band that is cut off


def plausible(
    level: NDArray[np.float64],
    octaves: NDArray[np.float64],
    rate: int,
    true: int,
    pitch: float | None,
    pace: float | None,
    edge: float,
) -> float:
    """Natural logarithm of a likelihood, which only means something beside that of another rate.

    Parameters
    ----------
    level : [shape=(n,)] dB at ``octaves`` (base 2 logarithms of Hz) as it is stamped.
    rate, true : Hz, of the header and the one that is tried.
    pitch, pace, edge : Hz, as stamped; pace in syllables.
    """
    ratio = true / rate
    place = np.searchsorted(octaves + math.log2(ratio), np.log2(band_edges(true)))
    power = np.concatenate([[0.0], np.cumsum(10 ** (level / 10))])
    count = np.diff(place)
    if np.count_nonzero(count) < _LEAST_BANDS:
        return -math.inf
    mean = np.where(count > 0, np.diff(power[place]) / np.maximum(count, 1), np.nan)
    score = bands_score(10 * np.log10(mean + 1e-16))
    if pitch:
        score += pitch_score(pitch * ratio)
    if pace:
        score += pace_score(pace * ratio)
    return score + (end_score(edge * ratio) if edge < 0.93 * rate / 2 and _is_sharp(level, octaves, edge) else 0.0)


def _is_sharp(level: NDArray[np.float64], octaves: NDArray[np.float64], edge: float) -> bool:
    """Whether the band is cut off there, as by a resampler, and does not fade away."""
    below, above = np.interp(math.log2(edge) + np.array([-_NEAR, _NEAR]), octaves, level)
    return bool(below - above >= _DROP)
