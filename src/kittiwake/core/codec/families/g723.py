"""ITU-T G.723.1 without a header."""

from __future__ import annotations

from ....words import phrase
from ..files import by_libav
from ..format import Format, register

register(
    Format(
        "raw",
        "g723_1",
        phrase("headerless {codec} at {rate:g} kbit/s", codec="G.723.1", rate=6.3),
        ".g723",
        by_libav("g723_1", "g723_1"),
        rates=(8000,),
        bit_rates=(6300,),
        max_channels=1,
        size=lambda frames, channels, rate, bit_rate: 24 * -(-frames // 240),
        frame=240,
        delay=60,
        second_reader="libav",
        modelled=True,
        for_voices=True,
    ),
)
