"""Stretches inside a clip that are left out, with what lies before and after blended into each other."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

import numpy as np
from numpy.typing import NDArray

from .length import Blocks

BLEND_S = 0.01  # of blending, centred on the seam


def tidy_stretches(
    stretches: Sequence[tuple[int, int]], start: int, stop: int, blend: int
) -> tuple[tuple[int, int], ...]:
    """Stretches (frames) within a span, in order, none nearer to another or to an end than a blend; too short ones are dropped."""
    out: list[tuple[int, int]] = []
    for a, b in sorted((max(start + blend, a), min(stop - blend, b)) for a, b in stretches):
        if out and a - out[-1][1] < 2 * blend:
            out[-1] = (out[-1][0], max(b, out[-1][1]))
        elif b - a >= blend:
            out.append((a, b))
    return tuple(out)


def leave_out(blocks: Blocks, stretches: Sequence[tuple[int, int]], blend: int) -> Iterator[NDArray[np.float32]]:
    """Blocks without ``stretches`` (frames from the first one, as ``tidy_stretches`` gives them).

    Around each seam ``blend`` frames go over from what was before to what comes after, by equal power; so many frames less come out as the
    stretches hold.
    """
    half = blend // 2
    angle = (np.arange(2 * half) + 0.5) / max(1, 2 * half) * np.pi / 2
    down, up = np.cos(angle).astype(np.float32)[:, None], np.sin(angle).astype(np.float32)[:, None]
    feed = _Feed(blocks)
    for a, b in stretches:
        yield from feed.until(a - half)
        before = feed.exactly(2 * half)
        feed.skip_to(b - half)
        after = feed.exactly(2 * half)
        if len(before) == len(after) == 2 * half:
            yield before * down + after * up
        else:
            yield after
    yield from feed.until(None)


class _Feed:
    """Blocks as a stream of frames."""

    def __init__(self, blocks: Blocks) -> None:
        self._blocks = iter(blocks)
        self._held: NDArray[np.float32] | None = None
        self.at = 0

    def _next(self) -> NDArray[np.float32] | None:
        if self._held is not None and len(self._held):
            return self._held
        self._held = next(self._blocks, None)
        return self._held

    def _take(self, count: int) -> NDArray[np.float32]:
        assert self._held is not None
        taken, self._held = self._held[:count], self._held[count:]
        self.at += len(taken)
        return taken

    def until(self, frame: int | None) -> Iterator[NDArray[np.float32]]:
        while (frame is None or self.at < frame) and (held := self._next()) is not None:
            yield self._take(len(held) if frame is None else frame - self.at)

    def exactly(self, count: int) -> NDArray[np.float32]:
        parts = list(self.until(self.at + count))
        return np.concatenate(parts) if parts else np.zeros((0, 1), np.float32)

    def skip_to(self, frame: int) -> None:
        for _ in self.until(frame):
            pass
