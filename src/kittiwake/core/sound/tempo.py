"""Faster or slower speech at the same pitch, by libav's overlap-add filter (atempo), in blocks and exact in length."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction

import numpy as np
from numpy.typing import NDArray

from .length import Blocks, exactly

SLOWEST, FASTEST = 0.5, 2.0


def change_tempo(
    blocks: Blocks, speed: float, rate: int, channels: int, frames: int
) -> Iterator[NDArray[np.float32]]:
    """Blocks spoken ``speed`` times as fast; of ``frames`` frames exactly ``round(frames / speed)`` come out.

    Raises
    ------
    ValueError : a speed beyond 0.5 to 2.
    """
    if speed == 1:
        yield from blocks
        return
    if not SLOWEST <= speed <= FASTEST:
        raise ValueError(f"a speed of {speed:g} is beyond {SLOWEST:g} to {FASTEST:g}")
    yield from exactly(_flow(blocks, speed, rate, channels), round(frames / speed))


def _flow(blocks: Blocks, speed: float, rate: int, channels: int) -> Iterator[NDArray[np.float32]]:
    import av
    from av.filter import Graph

    layout = "mono" if channels == 1 else "stereo"
    graph = Graph()
    source = graph.add_abuffer(sample_rate=rate, format="fltp", layout=layout, time_base=Fraction(1, rate))
    tempo = graph.add("atempo", f"{speed:.6f}")
    sink = graph.add("abuffersink")
    source.link_to(tempo)
    tempo.link_to(sink)
    graph.configure()
    at = 0

    def drain() -> Iterator[NDArray[np.float32]]:
        while True:
            try:
                frame = graph.pull()
            except (av.BlockingIOError, av.EOFError):
                return
            samples = frame.to_ndarray()
            yield np.ascontiguousarray(samples.T, dtype=np.float32)

    for block in blocks:
        frame = av.AudioFrame.from_ndarray(
            np.ascontiguousarray(block.T, dtype=np.float32), format="fltp", layout=layout
        )
        frame.sample_rate, frame.pts, frame.time_base = rate, at, Fraction(1, rate)
        at += len(block)
        graph.push(frame)
        yield from drain()
    graph.push(None)
    yield from drain()
