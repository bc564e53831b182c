"""Long-term spectrum, and the highest frequency that really holds sound."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import NDArray

#: Hz a bin, about, at every rate, so that spectra of a source and its output can be laid over each other.
STEP = 23.4375
_FLOOR_DB = -160.0
_ENOUGH = 64  # windows, after which every second one is left out, and so on
_CLASSES, _CLASS_DB = 24, 5.0  # of how loud windows are, from the top
_FEW_BINS = 64  # fewer, at 3 kHz and below, are no spectrum to read an edge from
_FEWEST = 24  # windows, about a second
_PAUSES = 0.1  # of the windows are taken for pauses: the softest
_APART_DB, _OUT_DB = 20.0, 6.0  # between pauses and voice; and of a band that holds some of the voice


@cache
def _window(size: int) -> NDArray[np.float32]:
    window: NDArray[np.float32] = np.hanning(size + 1)[:-1].astype(np.float32)
    return window


class Spectrum:
    """Mean power spectrum of all channels, block by block. Hann windows, side by side.

    Parameters
    ----------
    size : samples of a window; by default as many as make ``STEP``.

    Levels are per bin of ``step`` Hz, scaled so that a full-scale sine on a bin reads about −3 dB.
    """

    def __init__(self, rate: int, size: int = 0) -> None:
        self._size = size or max(16, 2 * round(rate / STEP / 2))
        self.step = rate / self._size
        self._window = _window(self._size)
        # By how loud windows are: pauses hold the noise of the recording, the others the voice on top of it.
        self._powers = np.zeros((_CLASSES, self._size // 2 + 1))
        self._counts = np.zeros(_CLASSES)
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
        self.take_powers(turned.real**2 + turned.imag**2, weight)

    def take_powers(self, powers: NDArray[np.floating], weight: int = 1) -> None:
        """Windows that were transformed already [shape=(n, bins)]: Hann, of ``size`` samples, squared and not scaled."""
        loud = 10 * np.log10(powers.sum(axis=1, dtype=np.float64) + 1e-20) - 20 * np.log10(self._size)
        which = np.clip((loud / _CLASS_DB).astype(int) + _CLASSES - 1, 0, _CLASSES - 1)
        order = np.argsort(which, kind="stable")
        classes, starts, counts = np.unique(which[order], return_index=True, return_counts=True)
        self._powers[classes] += weight * np.add.reduceat(powers[order], starts, axis=0, dtype=np.float64)
        self._counts[classes] += weight * counts

    def result(self) -> NDArray[np.float32]:
        """[shape=(bins,)] dB."""
        if not self._counts.any() and self._rest is not None and self._rest.shape[1]:
            # Shorter than one window: what there is, followed by silence.
            short = np.zeros((self._rest.shape[0], self._size), np.float32)
            short[:, : self._rest.shape[1]] = self._rest
            self._take(short)
        return self._decibels(self._powers.sum(axis=0) / max(1, self._counts.sum()))

    def _decibels(self, mean: NDArray[np.float64]) -> NDArray[np.float32]:
        mean = mean * 2 / float(self._window.sum()) ** 2
        decibels: NDArray[np.float32] = np.maximum(10 * np.log10(np.maximum(mean, 1e-30)), _FLOOR_DB).astype(
            np.float32
        )
        return decibels

    def bandwidth(self) -> float:
        """Highest frequency (Hz) that holds sound; 0 for silence. Noise that goes on in the pauses too is none, where there are pauses."""
        whole = edge_of(self.result(), self.step)
        voice = self._voice_edge()
        return whole if voice is None else min(whole, voice)

    def _voice_edge(self) -> float | None:
        """Up to where the voice stands out of the noise of its own pauses, Hz; None where there are no pauses to tell by."""
        total = self._counts.sum()
        if total < _FEWEST:
            return None
        low = int(np.searchsorted(self._counts.cumsum(), _PAUSES * total))
        high = _CLASSES - 1 - int(np.searchsorted(self._counts[::-1].cumsum(), 0.02 * total))
        if (high - low) * _CLASS_DB < _APART_DB:
            return None
        quiet = self._powers[: low + 1].sum(axis=0) / self._counts[: low + 1].sum()
        classes = [n for n in range(low + 1, _CLASSES) if self._counts[n] >= 2]
        if not classes:
            return None  # it falls so fast that no loudness comes twice, as a bell's: there is nothing to tell by
        # Not their mean: what hisses is softer than what sings, and is all that reaches up there.
        voice = np.max([self._powers[n] / self._counts[n] for n in classes], axis=0)
        smooth = [np.convolve(one, np.ones(9) / 9, mode="same") + 1e-30 for one in (quiet, voice)]
        out = np.flatnonzero(10 * np.log10(smooth[1] / smooth[0]) >= _OUT_DB)
        if len(out) and out[-1] >= len(quiet) - 4:
            return float((len(quiet) - 1) * self.step)
        # The smoothing carries the edge outwards by four bins.
        return float(max(0, int(out[-1]) - 4) * self.step) if len(out) else 0.0


def edge_of(spectrum: NDArray[np.float32], step: float) -> float:
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
    if len(spectrum) < _FEW_BINS:  # a rate at which nobody records sound: there is no edge to look for
        return float(nyquist)
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
