"""OKI (Dialogic) ADPCM without a header."""

from __future__ import annotations

from ....words import phrase
from ..files import OkiWriter
from ..format import Format, register

register(
    Format(
        "raw",
        "oki_adpcm",
        phrase("headerless {codec}", codec="OKI ADPCM"),
        ".vox",
        OkiWriter,
        rate_range=(6000, 11_025),
        bits=4,
        max_channels=1,
        size=lambda frames, channels, rate, bit_rate: -(-frames // 2),
        frame=2,
        second_reader="libav",
    ),
)
