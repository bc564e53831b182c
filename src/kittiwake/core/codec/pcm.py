"""Rounding to whole steps, with dither."""

from __future__ import annotations

from typing import Literal

import numpy as np
from numpy.typing import NDArray

Dither = Literal["none", "tpdf", "shaped"]

#: Steps by which a sample can move in rounding, dither and shaping included.
MOVES: dict[Dither, float] = {"none": 0.5, "tpdf": 1.5, "shaped": 6.0}


_GRID = 2.0**18  # parts of a step: 15 bits, twice summed over 512, and 18 below the point are 51 bits


class Quantiser:
    """Turns float32 into signed whole numbers of ``bits``.

    Dither is triangular, two steps wide from edge to edge (TPDF), which makes the error's mean and variance independent
    of the sound: Lipshitz, Wannamaker and Vanderkooy, "Quantization and Dither", J. AES 40(5), 1992. ``shaped`` moreover
    feeds the error back twice, with (1 − z⁻¹)², so that the noise lies at the top of the band, where the ear is dullest, and is lower
    where speech is. Random numbers start from the same seed in every file, so that the same input gives the same bytes.
    """

    def __init__(self, bits: int, dither: Dither) -> None:
        self._scale = 2.0 ** (bits - 1)
        self._dice = [np.random.Generator(np.random.PCG64(seed)) for seed in (0x4B, 0x57)] if dither != "none" else []
        self._shaped = dither == "shaped"
        self._errors: NDArray[np.float64] | None = None
        self.clipped = 0

    def __call__(self, block: NDArray[np.float32]) -> NDArray[np.int32]:
        """float32 [shape=(frames, channels)], nominal ±1.0, to int32 in ±2**(bits−1); what does not fit is held and counted."""
        steps = block.astype(np.float64) * self._scale
        noise: NDArray[np.float64] | None = None
        if self._dice:
            # Two streams, so that the sequence does not depend on how the sound is cut into blocks.
            first, second = (dice.random(block.shape) for dice in self._dice)
            noise = first - second
        if self._shaped and noise is not None:
            whole = self._shape(steps, noise)
        else:
            whole = np.rint(steps if noise is None else steps + noise)
        top = self._scale - 1
        over = int(np.count_nonzero((whole > top) | (whole < -self._scale)))
        if over:
            self.clipped += over
            whole = np.clip(whole, -self._scale, top)
        return whole.astype(np.int32)

    def _shape(self, steps: NDArray[np.float64], noise: NDArray[np.float64]) -> NDArray[np.float64]:
        """Feedback without a step in Python per sample.

        With y the output, x the input and e the error of rounding, y = x + e − 2e₋₁ + e₋₂ means that e is what rounding does to
        the twice summed input: y is the twice taken difference of round(ΣΣx). Worked in blocks so short, and on a grid so fine, that the
        sums are exact: it makes no difference how the sound is cut into blocks.
        """
        steps, noise = (np.rint(x * _GRID) / _GRID for x in (steps, noise))
        if self._errors is None:
            self._errors = np.zeros((2, steps.shape[1]))
        out = []
        for at in range(0, len(steps), 512):
            x, dice = steps[at : at + 512], noise[at : at + 512]
            before, last = self._errors  # e₋₂, e₋₁
            # Whatever whole numbers the sums held before this block make no difference to rounding; the errors do.
            once = np.cumsum(x, axis=0) - (last - before)
            twice = np.cumsum(once, axis=0) - last
            whole = np.rint(twice + dice)
            error = whole - twice
            padded = np.concatenate([np.zeros((2, whole.shape[1])), whole])
            y = padded[2:] - 2 * padded[1:-1] + padded[:-2]
            out.append(y)
            errors = np.concatenate([self._errors, error])
            self._errors = errors[-2:]
        return np.concatenate(out) if out else steps
