"""Vorbis in Ogg, by libsndfile, which draws a random serial number for each file: it is taken out again, so that the same sound gives the
same bytes.
"""

from __future__ import annotations

import os
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from ..format import Format, Opening, Writer, register

_SERIAL = 1
_POLYNOMIAL = 0x04C11DB7  # RFC 3533
_STEP = 4096  # frames; the library takes more memory from its stack the more it is handed at once


class _VorbisWriter:
    def __init__(self, opening: Opening) -> None:
        import soundfile

        self.digest: int | None = None
        self.clipped = 0
        self._path = opening.path
        self._file = soundfile.SoundFile(
            os.fsencode(opening.path), "x", samplerate=opening.rate, channels=opening.channels, format="OGG",
            subtype="VORBIS",
        )  # fmt: skip

    def write(self, block: NDArray[np.float32]) -> None:
        for at in range(0, len(block), _STEP):
            self._file.write(block[at : at + _STEP])

    def close(self) -> None:
        if not self._file.closed:
            self._file.close()
            _number(self._path)


def _number(path: os.PathLike[str]) -> None:
    """Give every page of a file the same serial number, and the checksum that goes with it."""
    with open(path, "r+b") as file:  # noqa: PTH123
        while len(head := file.read(27)) == 27 and head[:4] == b"OggS":
            lengths = file.read(head[26])
            size = 27 + len(lengths) + sum(lengths)
            start = file.tell() - 27 - len(lengths)
            change = int.from_bytes(head[14:18], "little") ^ _SERIAL
            # A checksum of this kind changes by that of the change alone.
            check = int.from_bytes(head[22:26], "little") ^ _checksum(change.to_bytes(4, "little"), size - 18)
            file.seek(start + 14)
            file.write(_SERIAL.to_bytes(4, "little") + head[18:22] + check.to_bytes(4, "little"))
            file.seek(start + size)


def _checksum(data: bytes, zeros: int) -> int:
    """CRC-32 (RFC 3533) of ``data`` with so many zero bytes behind it."""
    value = 0
    for byte in data:
        value ^= byte << 24
        for _ in range(8):
            value = (value << 1 ^ _POLYNOMIAL if value >> 31 else value << 1) & 0xFFFFFFFF
    power = 0
    while zeros >> power:
        if zeros >> power & 1:
            value = _times(_zero_bytes(power), value)
        power += 1
    return value


def _times(matrix: tuple[int, ...], value: int) -> int:
    """A matrix over GF(2), by columns, times a vector of 32 bits."""
    out = 0
    for bit, column in enumerate(matrix):
        if value >> bit & 1:
            out ^= column
    return out


@lru_cache(maxsize=32)
def _zero_bytes(power: int) -> tuple[int, ...]:
    """What 2^``power`` zero bytes do to a checksum."""
    if power == 0:
        return tuple(_shifted(1 << bit) for bit in range(32))
    half = _zero_bytes(power - 1)
    return tuple(_times(half, column) for column in half)


def _shifted(value: int) -> int:
    for _ in range(8):
        value = (value << 1 ^ _POLYNOMIAL if value >> 31 else value << 1) & 0xFFFFFFFF
    return value


def _vorbis(opening: Opening) -> Writer:
    return _VorbisWriter(opening)


register(
    Format(
        "ogg",
        "vorbis",
        "Ogg Vorbis",
        ".ogg",
        _vorbis,
        rate_range=(8000, 96_000),
        # Measured on speech of 0.5 to 3 s; the head holds the code books.
        typical_at=lambda rate, channels: 0.311 * (rate / 8000) ** -0.3 * (1.0 if channels == 1 else 0.69),
        head=4200,
        second_reader="libav",
    ),
)
