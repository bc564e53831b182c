"""The outline of a sound for drawing: lowest and highest sample of each part, whatever its length."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

_MOST = 4096


class Overview:
    """Gathers an outline of at most 4096 parts, block by block; parts double in length as the sound goes on."""

    def __init__(self) -> None:
        self._part = 16
        self._parts: list[NDArray[np.float32]] = []
        self._count = 0
        self._rest = np.zeros((0, 2), np.float32)

    def add(self, low: NDArray[np.float32], high: NDArray[np.float32]) -> None:
        """Take the next samples: lowest and highest over the channels, each [shape=(n,)]."""
        pairs = np.stack([low, high], axis=1)
        if len(self._rest):
            pairs = np.concatenate([self._rest, pairs])
        whole = len(pairs) // self._part * self._part
        if whole:
            self._append(_merge(pairs[:whole], self._part))
        self._rest = pairs[whole:].copy()
        while self._count > _MOST:
            joined = np.concatenate(self._parts)
            even = len(joined) // 2 * 2
            # An odd part left over goes back to be completed by what follows.
            self._rest = np.concatenate([joined[even:], self._rest])
            self._parts, self._count = [], 0
            self._append(_merge(joined[:even], 2))
            self._part *= 2

    def _append(self, part: NDArray[np.float32]) -> None:
        self._parts.append(part)
        self._count += len(part)

    def result(self) -> NDArray[np.float32]:
        """[shape=(n, 2)] lowest and highest of each part, in order."""
        parts = list(self._parts)
        if len(self._rest):
            parts.append(_merge(self._rest, len(self._rest)))
        return np.concatenate(parts) if parts else np.zeros((0, 2), np.float32)


def _merge(pairs: NDArray[np.float32], by: int) -> NDArray[np.float32]:
    grouped = pairs.reshape(-1, by, 2)
    return np.stack([grouped[:, :, 0].min(axis=1), grouped[:, :, 1].max(axis=1)], axis=1)
