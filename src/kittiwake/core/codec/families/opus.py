"""Opus in Ogg."""

from __future__ import annotations

from ..compressed import opus_size
from ..files import AvWriter
from ..format import Format, Opening, Writer, register


def _opus(opening: Opening) -> Writer:
    return AvWriter(opening, "ogg", "libopus", {"vbr": "on" if opening.variable else "off"})


register(
    Format(
        "ogg",
        "opus",
        "Ogg Opus",
        ".opus",
        _opus,
        size=opus_size,
        variable=True,
        modelled=True,
        for_voices=True,
        padding=960,
        rates=(8000, 12_000, 16_000, 24_000, 48_000),
        bit_rates=(24_000, 6000, 8000, 12_000, 16_000, 32_000, 48_000, 64_000, 96_000, 128_000),
    ),
)
