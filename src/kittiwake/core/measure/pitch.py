"""The pitch of a voice, to compare recordings of one folder with each other."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

LOWEST, HIGHEST = 40.0, 700.0  # Hz: voices, and voices played at half or double speed
_EVERY = 0.025  # s between the places that are looked at
_MOST = 400  # places: a long recording needs no more to tell its pitch
_SURE = 0.6  # of the energy that has to come back a period later


class Pitch:
    """Median pitch of one signal, block by block, by autocorrelation of stretches of 50 ms.

    A stretch counts where the normalised autocorrelation reaches 0.6 and it is within 15 dB of the loudest so far.
    """

    def __init__(self, rate: int) -> None:
        # 4 kHz are enough for a pitch and make it cheap; the mean of neighbours is filter enough for that.
        self._thin = max(1, rate // 4000)
        self._rate = rate / self._thin
        self._size = max(8, round(0.05 * self._rate))
        self._hop = max(1, round(_EVERY * self._rate))
        self._rest = np.zeros(0, np.float32)
        self._raw = np.zeros(0, np.float32)
        self._found: list[tuple[float, float]] = []

    def add(self, signal: NDArray[np.float32]) -> None:
        """Take the next samples, float32 [shape=(n,)]."""
        if len(self._found) >= _MOST:
            return
        raw = np.concatenate([self._raw, signal])
        whole = len(raw) // self._thin * self._thin
        thin = raw[:whole].reshape(-1, self._thin).mean(axis=1)
        self._raw = raw[whole:]
        joined = np.concatenate([self._rest, thin])
        count = (len(joined) - self._size) // self._hop + 1
        if count <= 0:
            self._rest = joined
            return
        frames = np.lib.stride_tricks.sliding_window_view(joined, self._size)[:: self._hop][:count]
        self._look(frames.astype(np.float64))
        self._rest = joined[count * self._hop :]

    def _look(self, frames: NDArray[np.float64]) -> None:
        size = self._size
        frames = frames - frames.mean(axis=1, keepdims=True)
        energy = (frames**2).sum(axis=1)
        turned = np.fft.rfft(frames, 2 * size, axis=1)
        back = np.fft.irfft(turned.real**2 + turned.imag**2, axis=1)[:, :size]
        # Fewer samples overlap at a longer lag: without this short periods would always win.
        back *= size / np.maximum(size - np.arange(size), 1)
        low = max(2, math.floor(self._rate / HIGHEST))
        high = min(size * 2 // 3, math.ceil(self._rate / LOWEST))
        for row, power in zip(back[:, : high + 2], energy, strict=True):
            if power <= 0 or high <= low:
                continue
            part = row[low - 1 : high + 2]
            tops = np.flatnonzero((part[1:-1] >= part[:-2]) & (part[1:-1] > part[2:]))
            values = part[tops + 1]
            if not len(tops) or values.max() < _SURE * power:
                continue
            # The first peak that is nearly as high: multiples of the period come back as well.
            at = int(tops[values >= 0.9 * values.max()][0])
            a, b, c = row[low + at - 1], row[low + at], row[low + at + 1]
            shift = 0.5 * (a - c) / (a - 2 * b + c) if a - 2 * b + c else 0.0
            self._found.append((power, self._rate / (low + at + shift)))

    def result(self) -> float | None:
        """Hz; None where fewer than five stretches had a pitch."""
        if not self._found:
            return None
        loudest = max(power for power, _ in self._found)
        pitches = [hertz for power, hertz in self._found if power >= loudest / 32]
        return float(np.median(pitches)) if len(pitches) >= 5 else None
