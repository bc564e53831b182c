"""Clipped samples: tops of waves cut off flat, at full scale or at any other level that sound was scaled to afterwards."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ..model import Header
from .tops import broad_tops

#: A single sample at full scale may be the true top of a wave; three in a row are a wave cut flat.
SHORTEST_RUN = 3
_FLAT = 0.001  # of the highest sample, by which those of a flat top may differ, where the encoding is as fine as that
_STEP = 10  # times as much lies next to it: on the round top of a wave it is four times at most
_NEAR = 0.98  # of the highest sample so far: what is lower is no top
_LEAST = 0.05  # −26 dBFS: softer sound is not worth the time, and is coarse
_LEAST_RUNS = 3  # one flat top below full scale may be chance


def grain_of(header: Header) -> float:
    """The share of a loud sample by which two neighbouring values of its encoding differ."""
    if header.encoding in ("ulaw", "alaw"):
        return 1 / 32
    return 2.0 ** (2 - min(header.bits or 24, 24)) if header.encoding.startswith("pcm") else 2.0**-14


class ClipCounter:
    """Counts the samples of one channel that stand in flat tops, block by block.

    Parameters
    ----------
    full_scale : the largest magnitude that the encoding can hold, nominal 0 to 1.
    grain : as ``grain_of``.
    rate : Hz.
    """

    def __init__(self, full_scale: float, grain: float = 2.0**-14, rate: int = 48_000) -> None:
        self._rate = rate
        self._loudest: NDArray[np.float32] = np.zeros(0, np.float32)
        self._energy = 0.0
        self._limit = full_scale * (1 - 1e-6)
        self._flat = max(_FLAT, 1.5 * grain)
        self._open = 0
        self._value = 0.0
        self._full = 0
        self._highest = 0.0
        # How high each flat top below full scale is, and how many samples are in it.
        self._tops: list[tuple[NDArray[np.float32], NDArray[np.intp]]] = []

    def add(self, signal: NDArray[np.float32], peak: float, energy: float = 0.0) -> None:
        """Take the next samples [shape=(n,)], whose largest magnitude is ``peak``, and the sum of whose squares is ``energy``."""
        if energy > self._energy:
            self._loudest, self._energy = signal, energy
        if peak < self._limit:
            self._close()
            if peak >= max(_LEAST, _NEAR * self._highest):
                self._look_for_tops(signal, peak)
            return
        self._highest = max(self._highest, peak)
        # Float and lossy encodings can go over full scale and stay whole: only what is flat there was cut.
        tops = np.where(np.abs(signal) >= self._limit, signal, np.float32(0))
        edges = np.flatnonzero(np.diff(tops))
        starts = np.concatenate([[0], edges + 1])
        lengths = np.diff(np.concatenate([starts, [len(tops)]]))
        for start, length in zip(starts.tolist(), lengths.tolist(), strict=True):
            value = float(tops[start])
            if value != self._value:
                self._close()
                self._value = value
            if value:
                self._open += length

    def _look_for_tops(self, signal: NDArray[np.float32], peak: float) -> None:
        """Flat tops of one block, below full scale; one that reaches into the next block counts for what is in this one."""
        self._highest = max(self._highest, peak)
        # Every so manyth sample is enough to meet each run, which then lies around it.
        least, every = _NEAR * self._highest, SHORTEST_RUN
        met = np.flatnonzero(np.abs(signal[::every]) >= least) * every
        if not len(met):
            return
        close = np.zeros(len(signal), bool)
        for shift in range(1 - every, every):
            at = met + shift
            close[at[(at >= 0) & (at < len(signal))]] = True
        around = np.flatnonzero(close)
        high = around[np.abs(signal[around]) >= least]
        if len(high) < SHORTEST_RUN:
            return
        # Runs of neighbours of about the same value, sign included.
        near = np.abs(np.diff(signal[high])) <= self._flat * self._highest
        starts = np.concatenate([[0], np.flatnonzero((np.diff(high) != 1) | ~near) + 1])
        lengths = np.diff(np.concatenate([starts, [len(high)]]))
        values = np.abs(signal[high])
        spread = np.maximum.reduceat(values, starts) - np.minimum.reduceat(values, starts)
        flat = (lengths >= SHORTEST_RUN) & (spread <= self._flat * self._highest)
        firsts, lengths, tops = high[starts[flat]], lengths[flat], values[starts[flat]]
        # What lies next to a top, and is the top itself where the block ends.
        before, after = signal[np.maximum(firsts - 1, 0)], signal[np.minimum(firsts + lengths, len(signal) - 1)]
        cut = tops - np.minimum(np.abs(before), np.abs(after)) > _STEP * self._flat * tops
        self._tops.append((tops[cut], lengths[cut]))

    def _close(self) -> None:
        if self._open >= SHORTEST_RUN:
            self._full += self._open
        self._open = 0

    def finish(self) -> tuple[int, int]:
        """Samples in flat tops at full scale, those of a run that lasts to the end included; and those at the highest level below it."""
        self._close()
        counts = [n[values >= (1 - 2 * self._flat) * self._highest] for values, n in self._tops]
        if sum(len(n) for n in counts) >= _LEAST_RUNS:
            return self._full, int(sum(n.sum() for n in counts))
        if self._full or self._highest < _LEAST:
            return self._full, 0
        return 0, broad_tops(self._loudest, self._rate)
