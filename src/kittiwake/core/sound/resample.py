"""Sample-rate conversion by soxr at high quality, in blocks, exact in length and without shift in time."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from .length import Blocks, exactly, resampled_length


def resample(
    blocks: Blocks, rate_in: int, rate_out: int, channels: int, frames: int
) -> Iterator[NDArray[np.float32]]:
    """Blocks at ``rate_out``; of ``frames`` frames at ``rate_in`` (Hz) the result has ``resampled_length`` of them."""
    if rate_in == rate_out:
        yield from blocks
        return
    yield from exactly(_flow(blocks, rate_in, rate_out, channels), resampled_length(frames, rate_in, rate_out))


def _flow(blocks: Blocks, rate_in: int, rate_out: int, channels: int) -> Iterator[NDArray[np.float32]]:
    import soxr

    stream = soxr.ResampleStream(rate_in, rate_out, channels, dtype="float32", quality="HQ")
    for block in blocks:
        yield stream.resample_chunk(np.ascontiguousarray(block))
    yield stream.resample_chunk(np.zeros((0, channels), np.float32), last=True)
