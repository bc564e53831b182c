"""ITU-T G.726 without a header, at four rates and with either order of bits."""

from __future__ import annotations

import math

from ....words import phrase
from ..format import Format, register
from ..g726 import G726Writer


def _g726(kbits: int, order: str) -> Format:
    bits = kbits // 8
    return Format(
        "raw", f"g726_{kbits}{order}", phrase("headerless {codec} at {rate:g} kbit/s, high bits first", codec="G.726", rate=kbits) if order == "be"
        else phrase("headerless {codec} at {rate:g} kbit/s, low bits first", codec="G.726", rate=kbits),
        ".g726", lambda opening: G726Writer(opening, kbits, order == "be"), rates=(8000,), bit_rates=(kbits * 1000,), max_channels=1, bits=bits,
        size=lambda frames, channels, rate, bit_rate: -(-frames * bits // 8),
        second_reader="kittiwake", frame=8 // math.gcd(8, bits),
    )  # fmt: skip


register(*(_g726(kbits, order) for kbits in (32, 16, 24, 40) for order in ("be", "le")))
