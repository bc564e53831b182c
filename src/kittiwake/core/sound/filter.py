"""Linear-phase filters in blocks: what goes in at an instant comes out at that instant."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator

import numpy as np
from numpy.typing import NDArray

from .length import Blocks

_STOP_DB = 60.0


def band_taps(rate: int, low: float | None, high: float | None, width: float) -> NDArray[np.float64]:
    """A windowed-sinc band-pass (Kaiser window, 60 dB), −6 dB at its edges.

    Parameters
    ----------
    low, high : edges, Hz; None leaves that side open.
    width : Hz from the pass band to the stop band.
    """
    # Kaiser's formulas; J. F. Kaiser, "Nonrecursive digital filter design using the I0-sinh window function", 1974.
    beta = 0.1102 * (_STOP_DB - 8.7)
    count = math.ceil((_STOP_DB - 8) / (2.285 * 2 * math.pi * width / rate)) | 1
    at = np.arange(count) - count // 2
    window = np.kaiser(count, beta)
    ideal = np.zeros(count)
    if high is not None:
        ideal += 2 * high / rate * np.sinc(2 * high / rate * at)
    else:
        ideal[count // 2] = 1.0
    if low is not None:
        ideal -= 2 * low / rate * np.sinc(2 * low / rate * at)
    taps: NDArray[np.float64] = ideal * window
    return taps


PRESENCE_HZ = 2500.0


def presence_taps(rate: int, lift_db: float) -> NDArray[np.float64]:
    """A bell that lifts ``lift_db`` at 2.5 kHz, half of it an octave away, and leaves the rest: linear phase, 10 ms long.

    Below a rate of 5 kHz there is nothing to lift; the filter then is none.
    """
    half = max(8, round(rate / 200))
    count = 2 * half + 1
    points = np.fft.rfftfreq(8 * count, 1 / rate)
    octaves = np.log2(np.maximum(points, 1.0) / PRESENCE_HZ)
    lift = lift_db * 0.5 ** (octaves**2) if rate >= 2 * PRESENCE_HZ else np.zeros_like(points)
    response = np.fft.irfft(10 ** (lift / 20))
    taps: NDArray[np.float64] = np.concatenate([response[-half:], response[: half + 1]]) * np.hanning(count + 2)[1:-1]
    return taps


def filtered(blocks: Blocks, taps: NDArray[np.float64], channels: int) -> Iterator[NDArray[np.float32]]:
    """Blocks through a symmetric filter of odd length; as many frames come out as go in, without delay."""
    half = len(taps) // 2
    history = np.zeros((len(taps) - 1, channels), np.float32)
    skip = half
    convolve = _convolver(len(taps))
    for block in _with_tail(blocks, half, channels):
        joined = np.concatenate([history, block])
        history = joined[-(len(taps) - 1) :]
        out = np.stack([convolve(joined[:, c], taps) for c in range(channels)], axis=1)
        if skip:
            cut = min(skip, len(out))
            out, skip = out[cut:], skip - cut
        if len(out):
            yield out.astype(np.float32)


def _convolver(taps: int) -> Callable[[NDArray[np.float32], NDArray[np.float64]], NDArray[np.float64]]:
    if taps < 400:
        return lambda x, h: np.convolve(x, h, mode="valid")
    from scipy.signal import oaconvolve  # a second to import: only for long filters

    return lambda x, h: oaconvolve(x, h, mode="valid")


def _with_tail(blocks: Blocks, silence: int, channels: int) -> Iterator[NDArray[np.float32]]:
    for block in blocks:
        if len(block):
            yield block
    yield np.zeros((silence, channels), np.float32)
