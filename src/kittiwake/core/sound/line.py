"""How a telephone line sounds: 300–3400 Hz at 8 kHz, through µ-law and back."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from ..codec import ulaw
from .length import Blocks
from .resample import resample

LOW, HIGH = 300.0, 3400.0  # Hz; ITU-T G.712 telephone band
_TAPS = 321  # odd, so that the delay is a whole number of samples and can be taken out


class Line:
    """Passes mono sound over a simulated line, block by block.

    The band is cut by a linear-phase filter (windowed sinc, Kaiser window): −6 dB at 300 and 3400 Hz, flat within 0.1 dB
    from 400 to 3300 Hz, below −60 dB under 200 and over 3500 Hz. Its delay is taken out, so that switching between a line and
    what goes into it keeps the instant.
    """

    RATE = 8000  # Hz

    def carry(self, blocks: Blocks, rate: int, frames: int) -> Iterator[NDArray[np.float32]]:
        """Mono blocks of ``frames`` frames at ``rate`` Hz, as they arrive at the other end, at 8 kHz."""
        filter_ = _band_pass()
        half = len(filter_) // 2
        skip = half
        history = np.zeros(len(filter_) - 1, np.float32)
        for block in _with_tail(resample(blocks, rate, self.RATE, 1, frames), half):
            joined = np.concatenate([history, block[:, 0]])
            history = joined[-(len(filter_) - 1) :]
            filtered = np.convolve(joined, filter_, mode="valid")
            if skip:
                cut = min(skip, len(filtered))
                filtered, skip = filtered[cut:], skip - cut
            if len(filtered):
                heard = ulaw.decode(ulaw.encode(filtered.astype(np.float32)))
                yield (heard.astype(np.float32) * np.float32(1 / 32768))[:, None]


def _with_tail(blocks: Blocks, silence: int) -> Iterator[NDArray[np.float32]]:
    for block in blocks:
        if len(block):
            yield block
    yield np.zeros((silence, 1), np.float32)


def _band_pass() -> NDArray[np.float64]:
    at = np.arange(_TAPS) - _TAPS // 2
    high, low = 2 * HIGH / Line.RATE, 2 * LOW / Line.RATE
    ideal: NDArray[np.float64] = high * np.sinc(high * at) - low * np.sinc(low * at)
    return ideal * np.kaiser(_TAPS, 6.0)
