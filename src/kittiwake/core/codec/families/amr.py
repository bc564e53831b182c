"""AMR narrow-band."""

from __future__ import annotations

from ....words import phrase
from ..files import by_libav
from ..format import Format, register

_AMR_MODES = {
    12_200: 32,
    10_200: 27,
    7950: 21,
    7400: 20,
    6700: 18,
    5900: 16,
    5150: 14,
    4750: 13,
}  # RFC 4867: bytes a frame

register(
    Format(
        "amr",
        "amr_nb",
        phrase("{codec} narrow-band", codec="AMR"),
        ".amr",
        by_libav("amr", "libopencore_amrnb"),
        rates=(8000,),
        max_channels=1,
        bit_rates=tuple(_AMR_MODES),
        frame=160,
        lookahead=51,
        delay=40,
        second_reader="libav",
        modelled=True,
        for_voices=True,
        softer_db=0.3,
        size=lambda frames, channels, rate, bit_rate: 6 + _AMR_MODES[bit_rate] * -(-(frames + 51) // 160),
    ),
)
