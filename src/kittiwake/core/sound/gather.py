"""Small blocks put together: resampled down, a block is a sixth of what it was, and every call costs the same."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

import numpy as np
from numpy.typing import NDArray

from ..intake import BLOCK


class Gather:
    """Takes blocks, float32 [shape=(n, channels)], and gives them back together once there are ``BLOCK`` frames of them."""

    def __init__(self) -> None:
        self._held: list[NDArray[np.float32]] = []
        self._frames = 0

    def add(self, block: NDArray[np.float32]) -> NDArray[np.float32] | None:
        """All that was added so far where that is enough, else None."""
        if len(block):
            self._held.append(block)
            self._frames += len(block)
        return self.rest() if self._frames >= BLOCK else None

    def rest(self) -> NDArray[np.float32] | None:
        """What is left, if anything."""
        held, self._held, self._frames = self._held, [], 0
        return None if not held else held[0] if len(held) == 1 else np.concatenate(held)


def gathered(blocks: Iterable[NDArray[np.float32]]) -> Iterator[NDArray[np.float32]]:
    """Blocks of at least ``BLOCK`` frames, but for the last."""
    gather = Gather()
    for block in blocks:
        if (joined := gather.add(block)) is not None:
            yield joined
    if (last := gather.rest()) is not None:
        yield last
