"""How alike two places of a piece of music are: its spectrum over time, in few numbers."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

_BANDS = 28
_LOWEST, _HIGHEST = 60.0, 7000.0  # Hz
_FLOOR_DB = 70.0  # below the loudest there is nothing


def bands_over_time(sound: NDArray[np.float32], rate: int, hop: int, window: int) -> NDArray[np.float32]:
    """Levels (dB, from 0 for the loudest) in bands that are equally wide for the ear.

    Parameters
    ----------
    sound : mono, [shape=(n,)].
    hop, window : frames.

    Returns
    -------
    float32 [shape=(1 + (n - window) // hop, bands)]
    """
    # A good part of a second to import: only where it is asked for. Many short ones at once take a fifth of NumPy's time.
    from scipy.fft import rfft

    count = max(0, 1 + (len(sound) - window) // hop)
    if not count:
        return np.zeros((0, _BANDS), np.float32)
    shape = np.hanning(window).astype(np.float32)
    weights = _bands(rate, window)
    out = np.empty((count, _BANDS), np.float32)
    few = max(1, (1 << 21) // window)
    frames = np.lib.stride_tricks.sliding_window_view(sound, window)[::hop]
    for at in range(0, count, few):
        power = np.abs(rfft(frames[at : at + few] * shape, axis=1)) ** 2
        out[at : at + few] = power @ weights
    top = max(float(out.max()), 1e-12)
    decibels: NDArray[np.float32] = 10 * np.log10(np.maximum(out / top, 10 ** (-_FLOOR_DB / 10)))
    return decibels


def _bands(rate: int, window: int) -> NDArray[np.float32]:
    """Triangles over a mel scale, [shape=(bins, bands)]."""
    top = min(_HIGHEST, 0.45 * rate)
    edges = _hz(np.linspace(_mel(_LOWEST), _mel(top), _BANDS + 2))
    bins = np.fft.rfftfreq(window, 1 / rate)
    rising = (bins[:, None] - edges[None, :-2]) / (edges[1:-1] - edges[:-2])
    falling = (edges[None, 2:] - bins[:, None]) / (edges[2:] - edges[1:-1])
    return np.maximum(0, np.minimum(rising, falling)).astype(np.float32)


def _mel(hz: float) -> float:
    return float(2595 * np.log10(1 + hz / 700))


def _hz(mel: NDArray[np.float64]) -> NDArray[np.float64]:
    return 700 * (10 ** (mel / 2595) - 1)
