"""Sizes of files that are a header and samples."""

from __future__ import annotations

from .format import Size


def plain(header: int, width: float) -> Size:
    """A header and nothing but samples of ``width`` bytes."""
    return lambda frames, channels, rate, bit_rate: header + int(frames * channels * width + 0.999)


def even(size: Size) -> Size:
    """Filled up to an even number of bytes."""
    return lambda frames, channels, rate, bit_rate: (n := size(frames, channels, rate, bit_rate)) + (n & 1)
