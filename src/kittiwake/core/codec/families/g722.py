"""ITU-T G.722, in WAV and without a header."""

from __future__ import annotations

from ....words import phrase
from ..files import AvWriter, by_libav
from ..format import Format, Opening, Writer, register
from ..heads import HeaderFixingWriter, with_byte_rate
from ..sizes import even


def _g722_in_wav(opening: Opening) -> Writer:
    # The muxer leaves open how many bytes a second are; the recommendation has 64 kbit/s.
    return HeaderFixingWriter(
        AvWriter(opening, "wav", "g722"), opening, lambda head, frames: with_byte_rate(head, 8000)
    )


register(
    Format(
        "raw",
        "g722",
        phrase("headerless {codec}", codec="G.722"),
        ".g722",
        by_libav("g722", "g722"),
        rates=(16_000,),
        max_channels=1,
        size=lambda frames, channels, rate, bit_rate: -(-frames // 2),
        frame=2,
        delay=22,
        second_reader="libav",
    ),
    Format(
        "wav",
        "g722",
        "WAV, G.722",
        ".wav",
        _g722_in_wav,
        rates=(16_000,),
        max_channels=1,
        size=even(lambda frames, channels, rate, bit_rate: 58 + -(-frames // 2)),
        frame=2,
        delay=22,
        second_reader="libav",
        padding=2,
    ),
)
