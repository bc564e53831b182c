"""A-law companding, ITU-T G.711 (11/1988), encoding to the nearest code."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import NDArray


def _decode_table() -> NDArray[np.int16]:
    """All 256 codes on a 16-bit scale: G.711 table 1a, 13-bit values times 8; even bits inverted on the line."""
    code = np.arange(256, dtype=np.int32) ^ 0x55
    exponent, mantissa = (code >> 4) & 7, code & 15
    magnitude = np.where(exponent == 0, 2 * mantissa + 1, (2 * mantissa + 33) << np.maximum(exponent - 1, 0)) * 8
    return np.where(code & 0x80, magnitude, -magnitude).astype(np.int16)


DECODE = _decode_table()


@cache
def _encode_table() -> NDArray[np.uint8]:
    """Positive code of each magnitude 0 … 32768, the nearest one; halfway goes up. As for µ-law, halves are whole."""
    positive = (np.arange(128) | 0x80) ^ 0x55
    values = DECODE[positive].astype(np.int32)
    halfway = (values[1:] + values[:-1]) // 2
    return positive[np.searchsorted(halfway, np.arange(32769), side="right")].astype(np.uint8)


def encode(signal: NDArray[np.float32]) -> NDArray[np.uint8]:
    """Nearest A-law code of each sample, any shape, nominal ±1.0; beyond full scale the outermost code."""
    magnitude = np.minimum(np.abs(signal) * np.float32(32768), np.float32(32768)).astype(np.int32)
    return _encode_table()[magnitude] ^ np.where(signal < 0, np.uint8(0x80), np.uint8(0))


def decode(codes: NDArray[np.uint8]) -> NDArray[np.int16]:
    """16-bit values of A-law codes, any shape."""
    return DECODE[codes]
