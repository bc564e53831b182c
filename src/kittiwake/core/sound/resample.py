"""Sample-rate conversion by soxr at high quality, in blocks, exact in length and without shift in time."""

from __future__ import annotations

import atexit
from collections.abc import Iterator
from typing import Any, ClassVar

import numpy as np
from numpy.typing import NDArray

from .length import Blocks, exactly, resampled_length

_FEW = 4  # conversions that are kept


def resample(
    blocks: Blocks, rate_in: int, rate_out: int, channels: int, frames: int
) -> Iterator[NDArray[np.float32]]:
    """Blocks at ``rate_out``; of ``frames`` frames at ``rate_in`` (Hz) the result has ``resampled_length`` of them."""
    if rate_in == rate_out:
        yield from blocks
        return
    yield from exactly(_flow(blocks, rate_in, rate_out, channels), resampled_length(frames, rate_in, rate_out))


def _flow(blocks: Blocks, rate_in: int, rate_out: int, channels: int) -> Iterator[NDArray[np.float32]]:
    stream = Stream(rate_in, rate_out, channels)
    try:
        for block in blocks:
            yield stream.chunk(block)
        yield stream.rest()
    finally:
        stream.close()


class Stream:
    """A conversion in progress. Those that are over are kept and begun anew for others, since designing the filters takes a tenth of what
    converting a short clip does.
    """

    _kept: ClassVar[dict[tuple[int, int, int], Any]] = {}
    _let_go_at_exit: ClassVar[bool] = False

    def __init__(self, rate_in: int, rate_out: int, channels: int) -> None:
        self._key = (rate_in, rate_out, channels)
        self._channels = channels
        kept = self._kept.pop(self._key, None)
        if kept is None:
            import soxr

            kept = soxr.ResampleStream(rate_in, rate_out, channels, dtype="float32", quality="HQ")
        else:
            kept.clear()
        self._stream = kept

    def chunk(self, block: NDArray[np.float32]) -> NDArray[np.float32]:
        """What comes out for the next block, both [shape=(n, channels)]."""
        out: NDArray[np.float32] = self._stream.resample_chunk(np.ascontiguousarray(block))
        return out

    def rest(self) -> NDArray[np.float32]:
        """What is still to come after the last block."""
        out: NDArray[np.float32] = self._stream.resample_chunk(np.zeros((0, self._channels), np.float32), last=True)
        return out

    def close(self) -> None:
        """It is not needed any more. Call once."""
        if not Stream._let_go_at_exit:
            Stream._let_go_at_exit = True
            atexit.register(self._kept.clear)  # before the library is unloaded, which counts what is left
        if len(self._kept) >= _FEW:
            self._kept.clear()
        self._kept[self._key] = self._stream
