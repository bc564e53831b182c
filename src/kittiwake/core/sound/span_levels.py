"""Levels of spans of a source, each by itself."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import Any

from ..errors import KittiwakeError
from ..intake import open_sound
from ..measure import ActiveLevel
from ..model import SignalLevel, Stated
from .pieces import pieces
from .sides import ChannelSelection

Spans = tuple[tuple[int, int], ...]


def levels_of_spans(
    path: Path, stated: Stated | None, take: ChannelSelection, spans: Sequence[tuple[int, int]]
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
    meters: dict[int, ActiveLevel] = {}
    reader = open_sound(path, stated)
    try:
        rate = min(max(reader.header.sample_rate, 1000), 768_000)
        for n, samples, last in pieces(reader, take, spans):
            meter = meters.setdefault(n, ActiveLevel(rate))
            meter.add(samples)
            if last:
                del meters[n]
                out[n] = SignalLevel(meter.peak, meter.rms, *meter.result())
    finally:
        reader.close()
    return out


def measure_spans(asked: tuple[Path, Stated | None, Any, Spans]) -> list[SignalLevel | None]:
    """``levels_of_spans`` as a function of one thing that a process can be asked."""
    try:
        return levels_of_spans(*asked)
    except KittiwakeError:
        return []
