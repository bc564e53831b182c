"""µ-law companding, ITU-T G.711 (11/1988), encoding to the nearest code."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import NDArray


def _decode_table() -> NDArray[np.int16]:
    """All 256 codes on a 16-bit scale: G.711 table 2a, 14-bit values times 4."""
    code = ~np.arange(256, dtype=np.uint8)
    exponent = ((code >> 4) & 7).astype(np.int32)
    mantissa = (code & 15).astype(np.int32)
    magnitude = (((2 * mantissa + 33) << exponent) - 33) * 4
    return np.where(code & 0x80, -magnitude, magnitude).astype(np.int16)


DECODE = _decode_table()


def _positive_table() -> NDArray[np.uint8]:
    """Code of each magnitude 0 … 32768 (without sign), the nearest one; halfway goes up.

    The points halfway between neighbours are whole numbers on this scale, so a magnitude cut off to a whole number
    finds the nearest code of the exact value too.
    """
    positive = np.arange(0xFF, 0x7F, -1)
    values = DECODE[positive].astype(np.int32)
    halfway = (values[1:] + values[:-1]) // 2
    return positive[np.searchsorted(halfway, np.arange(32769), side="right")].astype(np.uint8)


@cache
def _encode_table() -> NDArray[np.uint8]:
    """Code of each value −32768 … 32768. What rounds to zero becomes positive zero."""
    positive = _positive_table()
    negative = positive[:0:-1]
    return np.concatenate([np.where(negative == 0xFF, negative, negative & 0x7F), positive])


def encode(signal: NDArray[np.float32]) -> NDArray[np.uint8]:
    """Nearest µ-law code of each sample, any shape, nominal ±1.0; beyond full scale the outermost code.

    What rounds to zero becomes positive zero (0xFF): the all-zero code 0x7F never arises.
    """
    scaled = np.multiply(signal, np.float32(32768), dtype=np.float32)
    np.maximum(scaled, np.float32(-32768), out=scaled)
    np.minimum(scaled, np.float32(32768), out=scaled)
    place = scaled.astype(np.intp)  # cut off towards zero, on both sides of it
    place += 32768
    return _encode_table().take(place, mode="clip")


def decode(codes: NDArray[np.uint8]) -> NDArray[np.int16]:
    """16-bit values of µ-law codes, any shape."""
    return DECODE.take(codes)
