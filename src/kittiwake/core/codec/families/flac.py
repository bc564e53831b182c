"""FLAC."""

from __future__ import annotations

from collections.abc import Callable

from ....words import phrase
from ..files import by_sndfile
from ..format import Format, register


def _largest(bits: int) -> Callable[[int, int], int]:
    """What does not get smaller is left as it is, in frames of 4096 with a few bytes each."""
    return lambda frames, channels: 200 + frames * channels * bits // 8 + frames * channels // 100


register(
    *(
        Format(
            "flac",
            f"pcm_s{bits}",
            phrase("{container}, {bits}-bit", container="FLAC", bits=bits),
            ".flac",
            by_sndfile("FLAC", f"PCM_{bits}"),
            bits=bits,
            depth=bits,
            safe_peak=1 - 2.5 / 2 ** (bits - 1),
            second_reader="libav",
            typical=0.55 * bits / 8,
            head=100,
            largest=_largest(bits),
            rate_range=(1000, 655_350),
        )
        for bits in (16, 24)
    ),
)
