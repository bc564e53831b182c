"""Rounding to whole steps, with dither."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray


class Quantiser:
    """Turns float32 into signed whole numbers of ``bits``.

    Dither is triangular, two steps wide from edge to edge (TPDF), which makes the error's mean and variance independent
    of the sound: Lipshitz, Wannamaker and Vanderkooy, "Quantization and Dither", J. AES 40(5), 1992. Its random numbers start from
    the same seed in every file, so that the same input gives the same bytes.
    """

    def __init__(self, bits: int, dither: bool) -> None:
        self._scale = 2.0 ** (bits - 1)
        self._dice = [np.random.Generator(np.random.PCG64(seed)) for seed in (0x4B, 0x57)] if dither else []
        self.clipped = 0

    def __call__(self, block: NDArray[np.float32]) -> NDArray[np.int32]:
        """float32 of any shape, nominal ±1.0, to int32 in ±2**(bits−1); what does not fit is held and counted."""
        steps = block.astype(np.float64) * self._scale
        if self._dice:
            # Two streams, so that the sequence does not depend on how the sound is cut into blocks.
            first, second = (dice.random(block.shape) for dice in self._dice)
            steps += first - second
        whole = np.rint(steps)
        top = self._scale - 1
        over = int(np.count_nonzero((whole > top) | (whole < -self._scale)))
        if over:
            self.clipped += over
            whole = np.clip(whole, -self._scale, top)
        return whole.astype(np.int32)
