"""Sound without the DC offset that its beginning has, for meters of what is heard: an offset is no voice, and two sides do not hold the same because
both are off centre.
"""

from __future__ import annotations

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

    def without(self, block: NDArray[np.float32]) -> NDArray[np.float32]:
        """The block without what is constant in the first one that is not silent; the very same where that is little beside the sound."""
        if not self._asked and block.shape[1] and block.any():  # silence in front tells nothing
            self._asked = True
            means = block.mean(axis=1, dtype=np.float64)
            rms = np.sqrt(np.einsum("ij,ij->i", block, block, dtype=np.float64) / block.shape[1])
            large = np.abs(means) > _LARGE * rms + _NONE
            if large.any():
                self._offset = np.where(large, means, 0.0).astype(np.float32)[:, None]
        return block if self._offset is None else block - self._offset
