"""AAC in MP4."""

from __future__ import annotations

from ....words import phrase
from ..compressed import aac_bit_rates
from ..files import by_libav
from ..format import Format, register

register(
    Format(
        "mp4",
        "aac",
        phrase("{codec} in {container}", codec="AAC", container="MP4"),
        ".m4a",
        by_libav("mp4", "aac"),
        bit_rates_at=aac_bit_rates,
        rates=(8000, 11_025, 12_000, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000, 64_000, 88_200, 96_000),
        bit_rates=(64_000, 24_000, 32_000, 48_000, 96_000, 128_000, 192_000),
        frame=1024,
        head=1500,
        second_reader="libav",
    ),
)
