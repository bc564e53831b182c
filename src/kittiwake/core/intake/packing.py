"""Codes of a few bits each in bytes: from the low end of each byte, or from the high one; and AU headers for them."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

#: AU's numbers for G.726 by kbit/s (NeXT/Sun).
AU_ENCODINGS = {24: 25, 32: 23, 40: 26}


def low_to_high(codes: NDArray[np.uint8], bits: int) -> NDArray[np.uint8]:
    """Codes that were packed from the low end of each byte, packed from the high end; as many bytes."""
    each = np.unpackbits(codes, bitorder="little")
    whole = len(each) // bits * bits
    flipped = each[:whole].reshape(-1, bits)[:, ::-1].reshape(-1)
    return np.packbits(np.concatenate([flipped, each[whole:]]), bitorder="big")


def high_to_low(codes: NDArray[np.uint8], bits: int) -> NDArray[np.uint8]:
    """The reverse of ``low_to_high``."""
    each = np.unpackbits(codes, bitorder="big")
    whole = len(each) // bits * bits
    flipped = each[:whole].reshape(-1, bits)[:, ::-1].reshape(-1)
    return np.packbits(np.concatenate([flipped, each[whole:]]), bitorder="little")


def au_header(kbits: int, size: int) -> bytes:
    """A header that makes ``size`` bytes of G.726 codes, low bits first, an AU file."""
    numbers = (28, size, AU_ENCODINGS[kbits], 8000, 1, 0)
    return b".snd" + b"".join(n.to_bytes(4, "big") for n in numbers)
