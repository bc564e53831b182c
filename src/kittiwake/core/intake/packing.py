"""Codes of a few bits each in bytes: from the low end of each byte, or from the high one."""

from __future__ import annotations

from typing import Literal

import numpy as np
from numpy.typing import NDArray


def _order(high_first: bool) -> Literal["big", "little"]:
    return "big" if high_first else "little"


def packed(codes: NDArray[np.uint8], bits: int, high_first: bool) -> bytes:
    """Codes [shape=(n,)] of ``bits`` bits in bytes; zeros fill up the last one."""
    order = _order(high_first)
    each = np.unpackbits(codes[:, None], axis=1, bitorder=order)
    return np.packbits(each[:, -bits:] if high_first else each[:, :bits], bitorder=order).tobytes()


def unpacked(data: bytes, bits: int, high_first: bool) -> NDArray[np.uint8]:
    """The reverse: as many whole codes as there are."""
    order = _order(high_first)
    each = np.unpackbits(np.frombuffer(data, np.uint8), bitorder=order)
    codes = each[: len(each) // bits * bits].reshape(-1, bits)
    whole = np.zeros((len(codes), 8), np.uint8)
    whole[:, -bits:] = codes if high_first else codes[:, ::-1]
    return np.packbits(whole, axis=1).reshape(-1)
