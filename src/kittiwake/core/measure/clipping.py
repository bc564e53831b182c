"""Clipped samples: runs at full scale."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

#: A single sample at full scale may be the true top of a wave; three in a row are a wave cut flat.
SHORTEST_RUN = 3


class ClipCounter:
    """Counts the samples of one channel that stand in runs at full scale, block by block.

    Parameters
    ----------
    full_scale : the largest magnitude that the encoding can hold, nominal 0 to 1.
    """

    def __init__(self, full_scale: float) -> None:
        self._limit = full_scale * (1 - 1e-6)
        self._open = 0
        self._value = 0.0
        self.samples = 0

    def add(self, signal: NDArray[np.float32], peak: float) -> None:
        """Take the next samples [shape=(n,)], whose largest magnitude is ``peak``."""
        if peak < self._limit:
            self._close()
            return
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

    def _close(self) -> None:
        if self._open >= SHORTEST_RUN:
            self.samples += self._open
        self._open = 0

    def finish(self) -> int:
        """The count, with a run that lasts to the end."""
        self._close()
        return self.samples
