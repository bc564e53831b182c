"""ITU-T G.729 annex A without a header."""

from __future__ import annotations

from ....words import phrase
from ..format import Format, register
from ..g729 import FRAME, G729Writer, library

register(
    Format(
        "raw",
        "g729",
        phrase("headerless {codec} at {rate:g} kbit/s", codec="G.729", rate=8),
        ".g729",
        G729Writer,
        rates=(8000,),
        max_channels=1,
        frame=FRAME,
        size=lambda frames, channels, rate, bit_rate: 10 * -(-frames // FRAME),
        delay=40,
        second_reader="libav",
        modelled=True,
        for_voices=True,
        needs="libbcg729",
        is_there=lambda: library() is not None,
    ),
)
