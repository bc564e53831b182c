"""Detects pressed keys in sound (ITU-T Q.23 frequencies; limits after Q.24, from memory): Goertzel filters over 12.5 ms."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

_ROWS, _COLUMNS = (697, 770, 852, 941), (1209, 1336, 1477, 1633)
_PAD = ("123A", "456B", "789C", "*0#D")
_BLOCK, _HOP = 204, 102  # samples at 8 kHz
_LEAST = 10 ** (-36 / 20)  # of full scale, a tone
_TWIST_DB = (-8.0, 6.0)  # the high group over the low one
_SHARE = 0.6  # of the power that the two tones have at least
_BLOCKS, _GAP = 3, 2  # that a key lasts, and that lie between two


def detected(sound: NDArray[np.float32], rate: int = 8000) -> str:
    """The keys that are heard, in order.

    Parameters
    ----------
    sound : [shape=(n,)], nominal ±1.0.
    """
    time = np.arange(_BLOCK) / rate
    turns = np.exp(-2j * np.pi * np.outer(np.array(_ROWS + _COLUMNS), time))
    window = np.hamming(_BLOCK)
    out, now, run, quiet = "", "", 0, _GAP
    for at in range(0, len(sound) - _BLOCK + 1, _HOP):
        block = sound[at : at + _BLOCK].astype(np.float64)
        key = _key_in(block, window, turns)
        if key and key == now:
            run += 1
            if run == _BLOCKS and quiet >= _GAP:
                out, quiet = out + key, 0
        elif key:
            now, run = key, 1
            quiet = max(quiet, _GAP) if quiet else 0
        else:
            now, run, quiet = "", 0, quiet + 1
    return out


def _key_in(block: NDArray[np.float64], window: NDArray[np.float64], turns: NDArray[np.complex128]) -> str:
    size = np.abs(turns @ (block * window)) * 2 / window.sum()  # amplitude of each
    row, column = int(np.argmax(size[:4])), int(np.argmax(size[4:]))
    low, high = float(size[row]), float(size[4 + column])
    if min(low, high) < _LEAST:
        return ""
    twist = 20 * np.log10(high / low)
    if not _TWIST_DB[0] <= twist <= _TWIST_DB[1]:
        return ""
    others = max(np.delete(size[:4], row).max() / low, np.delete(size[4:], column).max() / high)
    power = (low**2 + high**2) / 2
    if others > 0.5 or power < _SHARE * float((block**2).mean()):
        return ""
    return _PAD[row][column]
