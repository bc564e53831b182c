"""How plausible a voice is at a rate, from what is kept of a recording: its spectrum, its pitch, and where its band ends.

The long-term spectrum, pitches and usual ends of bands are those by which the rate of a headerless file is guessed (``measure.rate_guess``).
"""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from ..measure.rate_guess import end_score, pitch_score, usual_spectrum

_WEIGHT = 12.0
_LEAST_BANDS = 12
_NEAR, _DROP = 0.06, 8.0  # octaves and dB: the fall of a band that is cut off


def plausible(
    level: NDArray[np.float64], octaves: NDArray[np.float64], rate: int, true: int, pitch: float | None, edge: float
) -> float:
    """Natural logarithm of a likelihood, which only means something beside that of another rate.

    Parameters
    ----------
    level : [shape=(n,)] dB at ``octaves`` (base 2 logarithms of Hz) as it is stamped.
    rate, true : Hz, of the header and the one that is tried.
    pitch, edge : Hz, as stamped.
    """
    ratio = true / rate
    mean, spread, edges = usual_spectrum(true)
    at = octaves + math.log2(ratio)
    place = np.searchsorted(at, np.log2(edges))
    power = np.concatenate([[0.0], np.cumsum(10 ** (level / 10))])
    count = np.diff(place)
    known = count > 0
    if known.sum() < _LEAST_BANDS:
        return -math.inf
    band = 10 * np.log10(np.diff(power[place])[known] / count[known] + 1e-16)
    usual = mean[known]
    off = (band - band[_middle(known)].mean()) - (usual - usual[_middle(known)].mean())
    score = float(-0.5 * _WEIGHT * np.mean((off / spread[known]) ** 2 + 2 * np.log(spread[known])))
    if pitch:
        score += pitch_score(pitch * ratio)
    return score + (end_score(edge * ratio) if edge < 0.93 * rate / 2 and _is_sharp(level, octaves, edge) else 0.0)


def _is_sharp(level: NDArray[np.float64], octaves: NDArray[np.float64], edge: float) -> bool:
    """Whether the band is cut off there, as by a resampler, and does not fade away."""
    below, above = np.interp(math.log2(edge) + np.array([-_NEAR, _NEAR]), octaves, level)
    return bool(below - above >= _DROP)


def _middle(known: NDArray[np.bool_]) -> NDArray[np.bool_]:
    """Which of the known bands are those that the others are told about."""
    inside = np.zeros(len(known), bool)
    inside[6:18] = True
    kept: NDArray[np.bool_] = inside[known]
    return kept
