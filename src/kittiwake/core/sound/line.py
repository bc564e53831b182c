"""How a telephone line sounds: 300–3400 Hz at 8 kHz, through µ-law and back."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from ..codec import ulaw
from .length import Blocks
from .resample import resample

LOW, HIGH = 300.0, 3400.0  # Hz; ITU-T G.712 telephone band


class Line:
    """Passes mono sound over a simulated line, block by block.

    Band edges are 6th-order Butterworth high- and low-passes: −3 dB at 300 and 3400 Hz.
    """

    RATE = 8000  # Hz

    def __init__(self) -> None:
        from scipy import signal  # a second to import: only when somebody listens

        self._filter = signal.sosfilt
        self._sections = np.concatenate(
            [
                signal.butter(6, LOW, "highpass", fs=self.RATE, output="sos"),
                signal.butter(6, HIGH, "lowpass", fs=self.RATE, output="sos"),
            ]
        )
        self._state = np.zeros((len(self._sections), 2))

    def carry(self, blocks: Blocks, rate: int, frames: int) -> Iterator[NDArray[np.float32]]:
        """Mono blocks of ``frames`` frames at ``rate`` Hz, as they arrive at the other end, at 8 kHz."""
        for block in resample(blocks, rate, self.RATE, 1, frames):
            filtered, self._state = self._filter(self._sections, block[:, 0], zi=self._state)
            heard = ulaw.decode(ulaw.encode(filtered.astype(np.float32)))
            yield (heard.astype(np.float32) * np.float32(1 / 32768))[:, None]
