"""Spans, lengths and ends."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

import numpy as np
from numpy.typing import NDArray

from ..intake import Reader

Blocks = Iterable[NDArray[np.float32]]


def resampled_length(frames: int, rate_in: int, rate_out: int) -> int:
    """Frames after resampling, rounded half up: 44,100 at 44.1 kHz are 8,000 at 8 kHz."""
    return (2 * frames * rate_out + rate_in) // (2 * rate_in)


def played_length(frames: int, rate_in: int, rate_out: int, speed: float = 1.0) -> int:
    """Frames of the output's rate from so many of the source, spoken ``speed`` times as fast; its pitch changes no length."""
    return resampled_length(round(frames / speed), rate_in, rate_out)


def take_span(blocks: Blocks, start: int, stop: int | None) -> Iterator[NDArray[np.float32]]:
    """Only the frames from ``start`` up to, and without, ``stop``."""
    at = 0
    for block in blocks:
        low = max(0, start - at)
        high = len(block) if stop is None else min(len(block), stop - at)
        at += len(block)
        if low < high:
            yield block[low:high]
        if stop is not None and at >= stop:
            return


def span_of(reader: Reader, start: int, stop: int | None) -> Iterator[NDArray[np.float32]]:
    """The frames of a source from ``start`` up to, and without, ``stop``; what lies before is not even read, where that can be done."""
    first = reader.skip_to(start) if start else 0
    return take_span(reader.blocks(), start - first, None if stop is None else stop - first)


def exactly(blocks: Blocks, frames: int) -> Iterator[NDArray[np.float32]]:
    """Just ``frames`` frames: cut, or filled up with silence."""
    left = frames
    channels = 1
    for block in blocks:
        channels = block.shape[1]
        if len(block) and left:
            part = block[:left]
            left -= len(part)
            yield part
    if left:
        yield np.zeros((left, channels), np.float32)


def fade_in(blocks: Blocks, length: int, even: bool = False) -> Iterator[NDArray[np.float32]]:
    """A fade over the first ``length`` frames: a raised cosine, or a straight line."""
    at = 0
    for block in blocks:
        if at < length:
            place = np.minimum(at + np.arange(len(block)), length)
            curve = place / length if even else 0.5 - 0.5 * np.cos(np.pi * place / length)
            at += len(block)
            yield block * curve.astype(np.float32)[:, None]
        else:
            yield block


def fade_out(blocks: Blocks, total: int, length: int, even: bool = False) -> Iterator[NDArray[np.float32]]:
    """A fade over the last ``length`` of ``total`` frames: a raised cosine, or a straight line."""
    at = 0
    for block in blocks:
        begin = total - length - at
        if length and begin < len(block):
            place = np.arange(len(block)) - begin
            share = np.clip((place + 1) / length, 0, 1)
            curve = np.where(place < 0, 1.0, 1 - share if even else 0.5 + 0.5 * np.cos(np.pi * share))
            block = block * curve.astype(np.float32)[:, None]
        at += len(block)
        yield block


def looped(blocks: Blocks, tail: NDArray[np.float32], total: int) -> Iterator[NDArray[np.float32]]:
    """All of ``total`` frames but the last ``len(tail)``, which are ``tail`` and are blended into the first: after the last frame
    the first one follows as it did in the recording.

    A raised cosine whose two halves add up to one, so that nothing gets louder than it was.
    """
    length = len(tail)
    at = 0
    for block in exactly(blocks, total - length):
        if at < length:
            part = tail[at : at + len(block)]
            rise = (0.5 - 0.5 * np.cos(np.pi * (at + np.arange(len(part)) + 0.5) / length))[:, None].astype(
                np.float32
            )
            block = np.concatenate([block[: len(part)] * rise + part * (1 - rise), block[len(part) :]])
        at += len(block)
        yield block
