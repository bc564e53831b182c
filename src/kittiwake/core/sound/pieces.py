"""Spans of a source in one pass over it: not every source can be read from its middle, and spans are many."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

import numpy as np
from numpy.typing import NDArray

from ..intake import Reader
from .sides import ChannelSelection, select_channel


def pieces(
    reader: Reader, take: ChannelSelection, spans: Sequence[tuple[int, int]]
) -> Iterator[tuple[int, NDArray[np.float32], bool]]:
    """What each span holds, piece by piece: its place in ``spans``, the next samples of it [shape=(n,)], and whether these are its last.

    Parameters
    ----------
    spans : frames, the end excluded, in any order; they may overlap. One that lies beyond the end of the source yields nothing, one that
        reaches beyond it ends there.
    """
    waiting = sorted(range(len(spans)), key=lambda n: spans[n][0], reverse=True)
    begun: list[int] = []
    at = reader.skip_to(spans[waiting[-1]][0]) if waiting else 0
    for block in select_channel(reader.blocks(), take, 1):
        end = at + len(block)
        while waiting and spans[waiting[-1]][0] < end:
            begun.append(waiting.pop())
        for n in begun:
            start, stop = spans[n]
            yield n, np.ascontiguousarray(block[max(0, start - at) : stop - at, 0]), stop <= end
        begun = [n for n in begun if spans[n][1] > end]
        if not waiting and not begun:
            return
        at = end
    yield from ((n, np.zeros(0, np.float32), True) for n in begun)
