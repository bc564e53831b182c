"""Clipped once, and resampled since: tops that are not flat any more, but far broader than those of a wave that grew by itself.

Common practice, no published source; how often it is right on voices that the limits were not chosen with is measured by
``./run claims clipped``.
"""

from __future__ import annotations

import numpy as np
import soxr
from numpy.typing import NDArray

# Of the samples over a third of the peak, those over two thirds: sound that was never clipped has fewer.
_DENSE = 0.25
_FEWEST = 12  # tops
_BROAD = 0.65  # of what a half wave has over half its top, that is over four fifths of it; a sine has 0.61 to 0.64
_LONG = 12  # samples over half its top: a shorter half wave tells too coarsely
_FINE = 24_000  # Hz; below it half waves have too few samples, and are looked at between them


def broad_tops(signal: NDArray[np.float32], rate: int) -> int:
    """Samples in tops that clipping made broad; 0 where it was not clipped, or where that cannot be decided.

    Parameters
    ----------
    signal : [shape=(n,)] the loudest part of one channel, a second or more.
    rate : Hz.
    """
    sampled = np.abs(signal[::4])
    peak = float(sampled.max(initial=0.0))
    if peak <= 0 or np.count_nonzero(sampled > 0.7 * peak) < _DENSE * np.count_nonzero(sampled > 0.35 * peak):
        return 0
    finer = 1 if rate > _FINE else 4 if rate <= 16_000 else 2
    if finer > 1:
        signal = soxr.resample(signal, rate, finer * rate)
    size = np.abs(signal)
    starts = np.concatenate([[0], np.flatnonzero(np.diff(np.signbit(signal))) + 1])
    tops = np.maximum.reduceat(size, starts)
    lengths = np.diff(np.concatenate([starts, [len(size)]]))
    each = np.repeat(tops, lengths)
    high = np.add.reduceat((size > 0.8 * each).astype(np.int32), starts)
    half = np.add.reduceat((size > 0.5 * each).astype(np.int32), starts)
    # The highest tops, but for single ones that stand out: a click is no level that sound was cut at.
    reached = np.sort(tops)[-min(_FEWEST, len(tops))]
    some_tops = (tops >= 0.85 * reached) & (half >= _LONG)
    if np.count_nonzero(some_tops) < _FEWEST or np.median(high[some_tops] / half[some_tops]) < _BROAD:
        return 0
    return int(high[some_tops].sum()) // finer
