"""Levels of spans of a source, each by itself."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

import numpy as np

from ..intake import open_sound
from ..measure import ActiveLevel
from ..model import SignalLevel, Stated
from .sides import Take, take_side


def levels_of_spans(
    path: Path, stated: Stated | None, take: Take, spans: Sequence[tuple[int, int]]
) -> list[SignalLevel | None]:
    """The level of each span (frames, the end excluded), in one pass over the source; None of one that lies beyond its end.

    Parameters
    ----------
    take : the signal that is measured.

    Raises
    ------
    KittiwakeError : the source cannot be read.
    """
    out: list[SignalLevel | None] = [None] * len(spans)
    waiting = sorted(range(len(spans)), key=lambda n: spans[n][0])
    begun: list[tuple[int, ActiveLevel]] = []
    reader = open_sound(path, stated)
    try:
        rate = min(max(reader.header.sample_rate, 1000), 768_000)
        at = reader.skip_to(spans[waiting[0]][0]) if waiting else 0
        for block in take_side(reader.blocks(), take, 1):
            end = at + len(block)
            while waiting and spans[waiting[0]][0] < end:
                begun.append((waiting.pop(0), ActiveLevel(rate)))
            for n, meter in begun:
                start, stop = spans[n]
                meter.add(np.ascontiguousarray(block[max(0, start - at) : stop - at, 0]))
                out[n] = SignalLevel(meter.peak, meter.rms, *meter.result()) if stop <= end else None
            begun = [(n, meter) for n, meter in begun if spans[n][1] > end]
            if not waiting and not begun:
                break
            at = end
    finally:
        reader.close()
    for n, meter in begun:
        out[n] = SignalLevel(meter.peak, meter.rms, *meter.result())
    return out
