"""The outline of a sound for drawing: lowest and highest sample of each part, whatever its length."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

_MOST = 4096
#: Samples in a part of a short sound; a power of two.
FIRST = 64


class Overview:
    """Gathers an outline of at most 4096 parts, block by block; parts double in length as the sound goes on."""

    def __init__(self) -> None:
        self._part = FIRST
        self._parts: list[NDArray[np.float32]] = []
        self._count = 0
        # A part that is not complete yet: its outline so far, and how many samples it has.
        self._open = np.zeros((1, 2), np.float32)
        self._held = 0

    def add(self, columns: NDArray[np.float32]) -> list[tuple[float, float]]:
        """Take the next samples [shape=(channels, n)]; gives the lowest and highest of each channel in them."""
        count = columns.shape[1]
        if not count:
            return [(0.0, 0.0)] * len(columns)
        first = min(count, self._part - self._held) if self._held else 0
        starts = np.arange(first, count, self._part)
        if first:
            starts = np.concatenate([[0], starts])
        lows = [np.minimum.reduceat(column, starts) for column in columns]
        highs = [np.maximum.reduceat(column, starts) for column in columns]
        pairs = np.stack([np.min(lows, axis=0), np.max(highs, axis=0)], axis=1)
        self._take(pairs, first, (count - first) % self._part)
        return [(float(low.min()), float(high.max())) for low, high in zip(lows, highs, strict=True)]

    def _take(self, pairs: NDArray[np.float32], first: int, last: int) -> None:
        """Outlines of which the first belongs to the open part where ``first`` samples do, and the last has only ``last``."""
        if first:
            pairs[:1] = _joined(self._open, pairs[:1])
            self._held += first
            if self._held < self._part:
                self._open = pairs[:1].copy()
                return
        self._held = last
        if last:
            self._open = pairs[-1:].copy()
            pairs = pairs[:-1]
        self._parts.append(pairs)
        self._count += len(pairs)
        while self._count > _MOST:
            whole = np.concatenate(self._parts)
            even = len(whole) // 2 * 2
            if even < len(whole):
                self._open = _joined(whole[-1:], self._open) if self._held else whole[-1:].copy()
                self._held += self._part
            self._parts, self._part = [_merge(whole[:even], 2)], self._part * 2
            self._count = len(self._parts[0])

    def result(self) -> NDArray[np.float32]:
        """[shape=(n, 2)] lowest and highest of each part, in order."""
        parts = list(self._parts)
        if self._held:
            parts.append(self._open)
        return np.concatenate(parts) if parts else np.zeros((0, 2), np.float32)


def _joined(one: NDArray[np.float32], other: NDArray[np.float32]) -> NDArray[np.float32]:
    return np.stack([np.minimum(one[:, 0], other[:, 0]), np.maximum(one[:, 1], other[:, 1])], axis=1)


def _merge(pairs: NDArray[np.float32], by: int) -> NDArray[np.float32]:
    grouped = pairs.reshape(-1, by, 2)
    return np.stack([grouped[:, :, 0].min(axis=1), grouped[:, :, 1].max(axis=1)], axis=1)
