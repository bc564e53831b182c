"""The outline of a long sound at every scale, kept in a file: what a window draws hours from, and a tenth of a second."""

from __future__ import annotations

from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ..disk.private import private_folder

#: Frames in a part of the finest scale that is kept; nearer than that the sound itself is read.
PART = 256
_UP = 64  # parts of one scale in a part of the next


class PeaksWriter:
    """Writes lowest and highest sample of every 256 frames, over all channels, as pairs of 16-bit integers (little-endian).

    The file gets its name when all is in it; until then, and if that never comes, there is only a temporary one.
    """

    def __init__(self, scratch: Path) -> None:
        private_folder(scratch.parent)
        self._scratch = scratch
        self._file = scratch.open("wb")
        self._rest: NDArray[np.float32] | None = None
        self._coarse: list[NDArray[np.int16]] = []
        self._loose: NDArray[np.int16] = np.zeros((0, 2), np.int16)
        self.frames = 0

    def add(self, columns: NDArray[np.float32]) -> None:
        """The next samples, float32 [shape=(channels, n)].

        Raises
        ------
        OSError
        """
        self.frames += columns.shape[1]
        if self._rest is not None:
            columns = np.concatenate([self._rest, columns], axis=1)
        whole = columns.shape[1] // PART * PART
        self._rest = columns[:, whole:].copy()
        if whole:
            grouped = columns[:, :whole].reshape(len(columns), -1, PART)
            self._put(np.stack([grouped.min(axis=(0, 2)), grouped.max(axis=(0, 2))], axis=1))

    def _put(self, pairs: NDArray[np.float32]) -> None:
        whole = (np.clip(pairs, -1, 1) * np.float32(32767)).astype("<i2")
        self._file.write(whole.tobytes())
        self._loose = np.concatenate([self._loose, whole])
        even = len(self._loose) // _UP * _UP
        if even:
            self._coarse.append(_up(self._loose[:even]))
            self._loose = self._loose[even:]

    def so_far(self, most: int = 2000) -> NDArray[np.float32]:
        """The outline of what has come so far, float32 [shape=(n, 2)], ``n`` at most about ``most``."""
        pairs = np.concatenate([*self._coarse, self._loose[: len(self._loose) if not self._coarse else 0]])
        return _fewer(pairs.astype(np.float32) / np.float32(32767), most)

    def finish(self, final: Path) -> None:
        """Complete the file and give it its name.

        Raises
        ------
        OSError
        """
        if self._rest is not None and self._rest.shape[1]:
            self._put(np.array([[self._rest.min(), self._rest.max()]], np.float32))
        self._file.close()
        self._scratch.replace(final)

    def drop(self) -> None:
        """Leave nothing."""
        self._file.close()
        self._scratch.unlink(missing_ok=True)


class Peaks:
    """Reads such a file at any scale.

    Raises
    ------
    OSError, ValueError : it is not there, or not whole.
    """

    def __init__(self, path: Path, frames: int) -> None:
        self.frames = frames
        if path.stat().st_size != -(-frames // PART) * 4:
            raise ValueError("not the outline of this sound")
        finest = np.memmap(path, "<i2", "r").reshape(-1, 2)
        self._scales: list[NDArray[np.int16]] = [finest]
        while len(self._scales[-1]) > 4096:
            self._scales.append(_up(self._scales[-1]))

    def view(self, start: float, stop: float, columns: int) -> NDArray[np.float32]:
        """Lowest and highest sample between two frames in each of ``columns`` equal parts, float32 [shape=(columns, 2)]. Parts shorter
        than 256 frames show what is kept around them.
        """
        per_column = (stop - start) / max(1, columns)
        scale = 0
        while scale + 1 < len(self._scales) and per_column >= 4 * PART * _UP ** (scale + 1):
            scale += 1
        pairs, part = self._scales[scale], PART * _UP**scale
        edges = start + np.arange(columns + 1) * per_column
        first = np.clip(np.floor(edges[:-1] / part).astype(int), 0, len(pairs) - 1)
        last = np.clip(np.ceil(edges[1:] / part).astype(int), 1, len(pairs))
        near = pairs[first[0] : last[-1]].astype(np.float32) / np.float32(32767)
        lows = np.minimum.reduceat(near[:, 0], first - first[0])
        highs = np.maximum.reduceat(near[:, 1], first - first[0])
        # A part that lies across the edge of two columns belongs to both.
        across = near[last - 1 - first[0]]
        lows, highs = np.minimum(lows, across[:, 0]), np.maximum(highs, across[:, 1])
        return np.stack([lows, highs], axis=1)


def _up(pairs: NDArray[np.int16]) -> NDArray[np.int16]:
    even = len(pairs) // _UP * _UP
    grouped = np.asarray(pairs[:even]).reshape(-1, _UP, 2)
    whole = np.stack([grouped[:, :, 0].min(axis=1), grouped[:, :, 1].max(axis=1)], axis=1)
    if even < len(pairs):
        rest = np.asarray(pairs[even:])
        whole = np.concatenate([whole, [[rest[:, 0].min(), rest[:, 1].max()]]]).astype(np.int16)
    return whole


def _fewer(pairs: NDArray[np.float32], most: int) -> NDArray[np.float32]:
    if len(pairs) <= most:
        return pairs
    by = -(-len(pairs) // most)
    starts = np.arange(0, len(pairs), by)
    return np.stack([np.minimum.reduceat(pairs[:, 0], starts), np.maximum.reduceat(pairs[:, 1], starts)], axis=1)
