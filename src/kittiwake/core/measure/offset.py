"""Sound without the DC offset that its beginning has, for meters of what is heard: an offset is no voice, and two sides do not hold the same because
both are off centre.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

_LARGE = (
    0.1  # mean beside root mean square, from which on it changes a level by more than a few hundredths of a decibel
)
_NONE = 1e-5  # nominal


class OffsetRemover:
    """Takes blocks one after the other, float32 [shape=(channels, frames)]."""

    def __init__(self) -> None:
        self._offset: NDArray[np.float32] | None = None  # [shape=(channels, 1)]
        self._asked = False

    def without(
        self,
        block: NDArray[np.float32],
        energies: Sequence[float] | None = None,
        sums: Sequence[float] | None = None,
    ) -> NDArray[np.float32]:
        """The block without what is constant in the first one that is not silent; the very same where that is little beside the sound.

        Parameters
        ----------
        energies, sums : of the squares of each channel and of its samples, where they are known.
        """
        if not self._asked:
            energies = [float(np.dot(side, side)) for side in block] if energies is None else energies
            self._look(block, energies, block.sum(axis=1).tolist() if sums is None else sums)
        return block if self._offset is None else block - self._offset

    def _look(self, block: NDArray[np.float32], energies: Sequence[float], sums: Sequence[float]) -> None:
        frames = block.shape[1]
        if not any(energies):
            return  # silence in front tells nothing
        self._asked = True
        means = np.array(sums) / frames
        large = np.abs(means) > _LARGE * np.sqrt(np.array(energies) / frames) + _NONE
        if large.any():
            self._offset = np.where(large, means, 0.0).astype(np.float32)[:, None]
