"""The room around the speech: how loud it is when nobody speaks, at each moment."""

from __future__ import annotations

from typing import Any

import numpy as np
from numpy.typing import NDArray

STEP = 0.005  # s, between two levels
LEAST = -90.0  # dBFS; below that, silence is silence
_SOFTEST = -110.0  # dBFS; the same of soft recordings, whose words end lower
_WORDS_END = 72.0  # dB under the loudest of a recording, with room to spare
_BLOCK = 0.5  # s
_SHORT_BLOCK = 0.25  # s, which fits into a short pause
_FAR_BELOW = 12.0  # dB under those who speak: somebody else, behind them
_REACH = 12.0  # s, over which the noise of a room is taken to be the same


def floor_of(levels: NDArray[np.float32]) -> NDArray[np.float64]:
    """The noise of the room at each level, dBFS."""
    # Of each half second, that which a fifth goes below.
    quiet, at = _of_blocks(levels, _BLOCK, 20)
    reach = max(1, min(len(quiet), round(2 * _REACH / _BLOCK) | 1))
    # Of those, that which a tenth of the neighbourhood goes below.
    room = np.maximum(mean_of(_tenth(quiet, reach), min(len(quiet), 9) | 1), _silence_of(levels))
    wide: NDArray[np.float64] = np.interp(np.arange(len(levels)), at, room)
    return wide


def _silence_of(levels: NDArray[np.float32]) -> float:
    """dBFS, below which silence is silence here: what is soft as a whole is no more silent for it."""
    heard = levels[levels > _SOFTEST]
    if not len(heard):
        return LEAST
    at = len(heard) - 1 - len(heard) // 100
    return float(np.clip(np.partition(heard, at)[at] - _WORDS_END, _SOFTEST, LEAST))


def background_of(
    smooth: NDArray[np.float64], voice: NDArray[np.bool_], floor: NDArray[np.float64]
) -> NDArray[np.float64]:
    """The loudest, nearly, of what goes on behind the speech (music, other voices) at each level, dBFS.

    Of each quarter second in which nobody speaks, or only far below those who speak beside it, that which a tenth exceeds; of those in the
    neighbourhood that which 65 of 100 go below, so that coughs and doors do not count. The floor where somebody speaks all the time.
    """
    size = round(_SHORT_BLOCK / STEP)
    loud, at = _of_blocks(smooth, _SHORT_BLOCK, 90)
    spoken = np.logical_or.reduceat(voice, np.arange(0, len(voice), size))
    reach = max(1, min(len(loud), round(2 * _REACH / _SHORT_BLOCK) | 1))
    speech = _percentile(np.where(spoken, loud, np.nan), reach, 0.75)
    apart = ~spoken | (loud < speech - _FAR_BELOW)
    behind = _percentile(np.where(apart, loud, np.nan), reach, 0.65)
    known = np.isfinite(behind)
    if not known.any():
        return floor
    wide: NDArray[np.float64] = np.interp(np.arange(len(smooth)), at[known], behind[known])
    return wide


def _percentile(values: NDArray[np.float64], size: int, share: float) -> NDArray[np.float64]:
    """Of the neighbours that have a value; none where fewer than three do."""
    rows = np.sort(_around(values, size, np.nan), axis=1)  # those without a value come last
    known = np.isfinite(rows).sum(axis=1)
    at = np.clip((known * share).astype(np.int64), 0, rows.shape[1] - 1)
    return np.where(known >= 3, rows[np.arange(len(rows)), at], np.nan)


def _of_blocks(levels: NDArray[Any], seconds: float, share: float) -> tuple[NDArray[Any], NDArray[Any]]:
    """A percentile of each block of so many seconds, and the middle of each."""
    size = round(seconds / STEP)
    count = -(-len(levels) // size)
    padded = np.concatenate([levels, np.full(count * size - len(levels), levels[-1], levels.dtype)])
    middles: NDArray[Any] = (np.arange(count) + 0.5) * size
    return np.percentile(padded.reshape(count, size), share, axis=1), middles


def runs_of(flags: NDArray[np.bool_]) -> list[tuple[int, int]]:
    """Start and stop of each stretch that is true."""
    edges = np.flatnonzero(np.diff(np.concatenate([[False], flags, [False]]).astype(np.int8)))
    return [(int(a), int(b)) for a, b in zip(edges[::2], edges[1::2], strict=True)]


def mean_of(values: NDArray[Any], size: int) -> NDArray[Any]:
    """Of an odd number of neighbours; the first and the last value go on beyond the ends."""
    mean: NDArray[Any] = _around(values, size).mean(axis=1)
    return mean


def _tenth(values: NDArray[Any], size: int) -> NDArray[Any]:
    """That which a tenth of an odd number of neighbours goes below."""
    at = size // 10
    lower: NDArray[Any] = np.partition(_around(values, size), at, axis=1)[:, at]
    return lower


def _around(values: NDArray[Any], size: int, beyond: float | None = None) -> NDArray[Any]:
    size |= 1  # as many before as after, so that each value has its own
    half = size // 2
    wide = np.pad(values, half, mode="edge") if beyond is None else np.pad(values, half, constant_values=beyond)
    return np.lib.stride_tricks.sliding_window_view(wide, size)
