"""GSM full rate (ETSI 06.10), in WAV and without a header."""

from __future__ import annotations

from ....words import phrase
from ..files import by_sndfile
from ..format import Format, register
from ..heads import adpcm_in_wav

register(
    Format(
        "raw",
        "gsm",
        phrase("headerless {codec}", codec="GSM full rate"),
        ".gsm",
        by_sndfile("RAW", "GSM610", exact=False),
        rates=(8000,),
        max_channels=1,
        size=lambda frames, channels, rate, bit_rate: 33 * -(-frames // 160),
        frame=160,
        second_reader="libav",
        for_voices=True,
        softer_db=0.43,
    ),
    Format(
        "wav",
        "gsm",
        "WAV, GSM full rate",
        ".wav",
        adpcm_in_wav("GSM610", multiple_of=640),
        rates=(8000,),
        # Two blocks of 65 bytes at a time: after an odd block readers take the byte that fills up the chunk for one more.
        max_channels=1,
        size=lambda frames, channels, rate, bit_rate: 60 + 130 * -(-frames // 640),
        frame=640,
        second_reader="libav",
        for_voices=True,
        softer_db=0.43,
    ),
)
