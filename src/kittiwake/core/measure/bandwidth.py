"""Long-term spectrum, and the highest frequency that really holds sound."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import NDArray

#: Hz a bin, about, at every rate, so that spectra of a source and its output can be laid over each other.
STEP = 23.4375
_FLOOR_DB = -160.0
_ENOUGH = 64  # windows, after which every second one is left out, and so on


@cache
def _window(size: int) -> NDArray[np.float32]:
    window: NDArray[np.float32] = np.hanning(size + 1)[:-1].astype(np.float32)
    return window


class Spectrum:
    """Mean power spectrum of all channels, block by block. Hann windows, side by side.

    Levels are per bin of ``step`` Hz, scaled so that a full-scale sine on a bin reads about −3 dB.
    """

    def __init__(self, rate: int) -> None:
        self._size = max(16, 2 * round(rate / STEP / 2))
        self.step = rate / self._size
        self._window = _window(self._size)
        self._power = np.zeros(self._size // 2 + 1)
        self._count = 0
        self._every = 1
        self._taken = 0
        self._rest: NDArray[np.float32] | None = None

    def add(self, columns: NDArray[np.float32]) -> None:
        """Take the next samples [shape=(channels, n)]. Each window is of one channel, in turn; of a long sound fewer and fewer windows
        are looked at, each for as many.
        """
        if self._rest is not None and self._rest.shape[1]:
            if self._every == 1:
                columns = np.concatenate([self._rest, columns], axis=1)
            self._rest = None
        whole = columns.shape[1] // self._size
        if whole:
            windows = columns[:, : whole * self._size].reshape(len(columns), whole, self._size)
            places = np.arange(0, whole, self._every)
            turns = (np.arange(len(places)) + self._taken) % len(columns)
            self._take(windows[turns, places], min(self._every, whole))
            self._taken += len(places)
            if self._taken >= _ENOUGH * self._every:
                self._every *= 2
        if self._every == 1:
            self._rest = columns[:, whole * self._size :].copy()

    def _take(self, windows: NDArray[np.float32], weight: int = 1) -> None:
        turned = np.fft.rfft(windows * self._window, axis=1)
        self._power += weight * (turned.real**2 + turned.imag**2).sum(axis=0, dtype=np.float64)
        self._count += weight * len(windows)

    def result(self) -> NDArray[np.float32]:
        """[shape=(bins,)] dB."""
        if not self._count and self._rest is not None and self._rest.shape[1]:
            # Shorter than one window: what there is, followed by silence.
            short = np.zeros((self._rest.shape[0], self._size), np.float32)
            short[:, : self._rest.shape[1]] = self._rest
            self._take(short)
        mean = self._power / max(1, self._count) * 2 / float(self._window.sum()) ** 2
        decibels: NDArray[np.float32] = np.maximum(10 * np.log10(np.maximum(mean, 1e-30)), _FLOOR_DB).astype(
            np.float32
        )
        return decibels


def bandwidth(spectrum: NDArray[np.float32], step: float) -> float:
    """Highest frequency (Hz) that holds sound; 0 for silence.

    Seen from the top, sound begins where the spectrum rises for good above what lies at the very top. A file whose
    top is itself within reach of its loudest band (sound or room noise all the way) is as wide as its rate allows.

    Parameters
    ----------
    spectrum : [shape=(bins,)] mean power in dB a bin, from ``Spectrum``.
    step : Hz a bin.
    """
    nyquist = (len(spectrum) - 1) * step
    loudest = float(spectrum[1:].max(initial=_FLOOR_DB))
    if loudest <= _FLOOR_DB + 1:
        return 0.0
    power = 10 ** (spectrum.astype(np.float64) / 10)
    # Five bins, about 117 Hz, calm single bins without blurring an edge by more than that.
    smooth = 10 * np.log10(np.convolve(power, np.ones(5) / 5, mode="same") + 1e-30)
    top = float(np.median(smooth[int(len(smooth) * 0.95) : -3]))
    if top > loudest - 60 and top > -125:
        # Steady up to the very end: no cliff, so the rate itself is the limit. The cliff test guards against noise
        # shelves that codecs leave above their cut.
        body = float(np.median(smooth[int(len(smooth) * 0.5) : int(len(smooth) * 0.9)]))
        if body - top < 20:
            return float(nyquist)
    # A resampler rolls off just below the top: the flat noise of 16 bits under it is a floor, not sound.
    shelf = smooth[int(len(smooth) * 0.7) : int(len(smooth) * 0.88)]
    low, middle, high = np.percentile(shelf, (10, 50, 90)) if len(shelf) else (top, top, top)
    floor = max(top, float(middle)) if high - low < 6 and middle < loudest - 50 else top
    threshold = max(floor + 10, loudest - 85)
    above = np.flatnonzero(smooth >= threshold)
    if not len(above):
        return float(nyquist)
    edge = int(above[-1])
    # The smoothing carries the edge outwards by up to two bins.
    return float(min(nyquist, max(0, edge - 1) * step))
