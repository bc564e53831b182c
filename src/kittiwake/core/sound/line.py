"""How a telephone line sounds: 300–3400 Hz at 8 kHz, through µ-law and back."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from ..codec import ulaw
from .filter import band_taps, filtered
from .length import Blocks
from .resample import resample

LOW, HIGH = 300.0, 3400.0  # Hz; ITU-T G.712 telephone band
_WIDTH = 90.0  # Hz


class Line:
    """Passes mono sound over a simulated line, block by block.

    The band is −6 dB at 300 and 3400 Hz, flat within 0.2 dB from 400 to 3300 Hz, below −38 dB under 180 and over 3600 Hz. The
    filter has no delay, so that switching between a line and what goes into it keeps the instant.
    """

    RATE = 8000  # Hz

    def band(self, blocks: Blocks, rate: int, frames: int) -> Iterator[NDArray[np.float32]]:
        """The band of the line alone, at 8 kHz, before anything is coded."""
        yield from filtered(resample(blocks, rate, self.RATE, 1, frames), band_taps(self.RATE, LOW, HIGH, _WIDTH), 1)

    def carry(self, blocks: Blocks, rate: int, frames: int) -> Iterator[NDArray[np.float32]]:
        """Mono blocks of ``frames`` frames at ``rate`` Hz, as they arrive at the other end, at 8 kHz."""
        for block in self.band(blocks, rate, frames):
            heard = ulaw.decode(ulaw.encode(block))
            yield heard.astype(np.float32) * np.float32(1 / 32768)
