"""The sound of a clip as the power in bands, frame by frame: all that its qualities and its likeness to others are read from."""

from __future__ import annotations

import math
from functools import lru_cache
from typing import NamedTuple

import numpy as np
from numpy.lib.stride_tricks import as_strided
from numpy.typing import NDArray

from ....core.measure.bandwidth import Spectrum

FRAME = 0.016  # s, about
#: Hz, from where to where likeness is looked at: what a telephone lets through.
LOW, HIGH, ALIKE, FIRST = 300.0, 3000.0, 17, 2
RAISED = 1.03  # times as fast and as high: of such copies a clip keeps what they would be known by
_LONG = 128  # frames, 2 s
_FEW = 32  # frames at a time, so that they stay in the cache of the processor
_OUTSIDE = 1.25  # ratio of the edges of bands above


class Grid(NamedTuple):
    """``size``: samples a frame. ``starts``: first bin of each band; ``parts``: the share of it that belongs to the band before.

    ``raised_starts``, ``raised_parts``: the same of the bands of likeness, ``RAISED`` times as low: so they hear a sound that is as much higher.
    """

    size: int
    starts: NDArray[np.intp]
    parts: NDArray[np.float32]
    window: NDArray[np.float32]
    raised_starts: NDArray[np.intp]
    raised_parts: NDArray[np.float32]


_CONSTANT = (
    2  # bins that hold nothing but a constant part, as a Hann window spreads it: it is neither speech nor noise
)


@lru_cache(maxsize=8)
def grid_of(rate: int) -> Grid:
    """The bands at a sample rate (Hz)."""
    from scipy.fft import next_fast_len  # a good part of a second to import: only where it is asked for

    size = next_fast_len(max(32, 2 * round(FRAME * rate)), real=True)
    size += size % 2
    hertz = [0.0, 120.0]
    hertz += _mel(LOW, HIGH, ALIKE).tolist()
    while hertz[-1] * _OUTSIDE < rate / 2:
        hertz.append(hertz[-1] * _OUTSIDE)
    # Edges lie between bins, so that bands are the same at every rate: the bin at an edge is shared out.
    edges = np.array(hertz) * size / rate
    starts = np.minimum(np.floor(edges).astype(np.intp), size // 2)
    window = np.hanning(size + 1)[:-1].astype(np.float32)
    lower = edges[: FIRST + ALIKE + 1] / RAISED
    lower_starts = np.minimum(np.floor(lower).astype(np.intp), size // 2)
    parts, lower_parts = (edges - starts).astype(np.float32), (lower - lower_starts).astype(np.float32)
    return Grid(size, starts, parts, window, lower_starts, lower_parts)


def _mel(low: float, high: float, count: int) -> NDArray[np.float64]:
    first, last = (2595 * math.log10(1 + hertz / 700) for hertz in (low, high))
    found: NDArray[np.float64] = 700 * (10 ** (np.linspace(first, last, count + 1) / 2595) - 1)
    return found


class Bands:
    """Takes a clip block by block, mono.

    ``powers()``: [shape=(frames, bands)], mean square in each band, nominal 0 to 1.
    """

    def __init__(self, rate: int) -> None:
        self.rate, self.grid = rate, grid_of(rate)
        self.spectrum = Spectrum(rate, self.grid.size)
        self._rest = np.zeros(0, np.float32)
        self._frames = 0
        self._parts: list[NDArray[np.float32]] = []
        self._raised: list[NDArray[np.float32]] = []

    @property
    def seconds(self) -> float:
        """Of a frame."""
        return self.grid.size // 2 / self.rate

    @property
    def widths(self) -> NDArray[np.float64]:
        """Bins of each band."""
        edges = self.grid.starts + self.grid.parts
        found: NDArray[np.float64] = np.diff(np.append(edges, self.grid.size // 2 + 1.0))
        return found

    def add(self, sound: NDArray[np.float32]) -> None:
        """The next samples [shape=(n,)]."""
        from scipy.fft import rfft

        size = self.grid.size
        if len(self._rest):
            sound = np.concatenate([self._rest, sound])
        hop = size // 2
        whole = max(0, (len(sound) - size) // hop + 1)
        self._rest = sound[whole * hop :].copy()
        sound = np.ascontiguousarray(sound)
        rows = as_strided(sound, (whole, size), (hop * sound.itemsize, sound.itemsize), writeable=False)
        powers = []
        for a in range(0, whole, _FEW):
            turned = rfft(rows[a : a + _FEW] * self.grid.window, axis=1)
            power = turned.real**2 + turned.imag**2
            power[:, :_CONSTANT] = 0
            # Frames overlap by half: every second is enough for a spectrum, and of a longer sound every fourth.
            powers.append(power[:: 2 if self._frames + a < _LONG else 4])
            self._parts.append(_in_bands(power, self.grid.starts, self.grid.parts))
            self._raised.append(_in_bands(power, self.grid.raised_starts, self.grid.raised_parts))
        self._frames += whole
        if powers:
            self.spectrum.take_powers(np.concatenate(powers))

    def powers(self) -> NDArray[np.float32]:
        return self._scaled(self._parts, len(self.grid.starts))

    def raised_powers(self) -> NDArray[np.float32]:
        """The same of the first bands, ``RAISED`` times as low, up to those of likeness and one above."""
        return self._scaled(self._raised, len(self.grid.raised_starts))

    def _scaled(self, parts: list[NDArray[np.float32]], bands: int) -> NDArray[np.float32]:
        found = np.concatenate(parts) if parts else np.zeros((0, bands), np.float32)
        scale = 2 / (self.grid.size * float((self.grid.window**2).sum()))
        return (found * np.float32(scale)).astype(np.float32)


def _in_bands(
    power: NDArray[np.float32], starts: NDArray[np.intp], parts: NDArray[np.float32]
) -> NDArray[np.float32]:
    """Sums of the bins of each band, those at an edge shared out."""
    bands: NDArray[np.float32] = np.add.reduceat(power, starts, axis=1)
    shared = power[:, starts[1:]] * parts[1:]
    bands[:, :-1] += shared
    bands[:, 1:] -= shared
    return bands
