"""Speech and the noise behind it, separated by the power of each band when it is lowest."""

from __future__ import annotations

import math
from functools import lru_cache
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

_QUIET = 0.06  # of the frames are taken for pauses, in each band
_SMOOTH = 3  # frames
_TELLING = 1.0  # values that tell something of their own in a bin of a frame; chosen on one half of the voices
_MARGIN = 15.9  # dB, ITU-T P.56
_HANGOVER = 0.2  # s
_NOTHING = 1e-11  # mean square of a frame that is digital silence: −110 dBov


class SpeechAndNoise(NamedTuple):
    """``speech_dbov``: active level without the noise; ``noise_dbov``; ``share``: of the time that is speech, 0 to 1; ``active``: by frame."""

    speech_dbov: float
    noise_dbov: float
    share: float
    active: NDArray[np.bool_]


@lru_cache(maxsize=64)
def _bias(freedom: float) -> float:
    """Mean of those of a gamma distribution that lie under its quantile ``_QUIET``, as a share of its mean."""
    from scipy.special import gammainc, gammaincinv  # a good part of a second to import: only where it is asked for

    quantile = float(gammaincinv(freedom, _QUIET))
    return float(gammainc(freedom + 1, quantile)) / _QUIET


def speech_and_noise(powers: NDArray[np.float32], widths: NDArray[np.float64], seconds: float) -> SpeechAndNoise:
    """Levels of a clip.

    Parameters
    ----------
    powers : of ``Bands``. widths : bins of each band. seconds : of a frame.
    """
    total = powers.sum(axis=1, dtype=np.float64)
    sounding = total > _NOTHING
    if not sounding.any():
        return SpeechAndNoise(-math.inf, -math.inf, 0.0, sounding)
    bands = powers[sounding].astype(np.float64)
    count = len(bands)
    if count > 2 * _SMOOTH:
        sums = np.cumsum(np.vstack([np.zeros(bands.shape[1]), bands]), axis=0)
        smooth = (sums[_SMOOTH:] - sums[:-_SMOOTH]) / _SMOOTH
    else:
        smooth = bands
    few = max(1, round(_QUIET * len(smooth)))
    lowest = np.partition(smooth, few - 1, axis=0)[:few].mean(axis=0)

    bias = np.array([_bias(max(1.0, _TELLING * w) * _SMOOTH) for w in widths])
    noise = float((lowest / bias).sum())
    voice = np.maximum(total - noise, 0.0)
    level, active = _active(voice, seconds)
    return SpeechAndNoise(level, 10 * math.log10(noise + 1e-12), float(active.mean()), active)


def _active(voice: NDArray[np.float64], seconds: float) -> tuple[float, NDArray[np.bool_]]:
    """Active level (dBov) of frames of speech, by the method of ITU-T P.56, on frames."""
    energy = float(voice.sum())
    if energy <= 0:
        return -math.inf, np.zeros(len(voice), bool)
    levels = 10 * np.log10(voice + 1e-14)
    hold = min(len(levels), max(1, round(_HANGOVER / seconds)))  # a clip may be shorter than the hangover
    held = levels
    have = 1
    while have < hold:
        step = min(have, hold - have)
        held = np.maximum(held, np.concatenate([np.full(step, -200.0), held[:-step]]))
        have += step
    steps = np.arange(float(levels.max()), float(levels.max()) - 60, -1.0)
    counts = len(held) - np.searchsorted(np.sort(held), steps)
    found = 10 * np.log10(energy / np.maximum(counts, 1))
    inside = np.flatnonzero(found - steps >= _MARGIN)
    at = int(inside[0]) if len(inside) else len(steps) - 1
    return float(found[at]), held >= steps[at]
