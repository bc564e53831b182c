"""MP3."""

from __future__ import annotations

from ..compressed import mp3_bit_rates, mp3_size
from ..files import AvWriter
from ..format import Format, Opening, Writer, register


def _mp3(opening: Opening) -> Writer:
    # LAME makes sound softer the lower the bit rate, without being asked: 5 % up to 160 kbit/s (measured, tests/core/codec/test_writers.py).
    softer = {192_000: 0.97, 224_000: 0.98}.get(opening.bit_rate, 0.95 if opening.bit_rate < 192_000 else 1.0)
    return AvWriter(opening, "mp3", "libmp3lame", {"abr": "1" if opening.variable else "0"}, gain=1 / softer)


register(
    Format(
        "mp3",
        "mp3",
        "MP3",
        ".mp3",
        _mp3,
        size=mp3_size,
        bit_rates_at=mp3_bit_rates,
        variable=True,
        padding=1152,
        rates=(8000, 11_025, 12_000, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000),
        bit_rates=(
            64_000,
            8000,
            16_000,
            24_000,
            32_000,
            40_000,
            48_000,
            56_000,
            80_000,
            96_000,
            112_000,
            128_000,
            160_000,
            192_000,
            256_000,
            320_000,
        ),
    ),
)
