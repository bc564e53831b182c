"""WAV files of the plainest kind, understood without a library: to open one by it is a tenth of a millisecond, which counts where clips are short.

Whatever is odd about a file, be it one size that does not agree with another, is left to the library; a test holds what is taken here
against it.
"""

from __future__ import annotations

import os
import struct
from collections.abc import Iterator
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ..model import Header, Note
from ..riff import chunks, in_bytes
from .pcm import pcm_blocks

_HEAD = 4096  # bytes in which the sound has to begin
_PCM = 1
_FILLING = (b"JUNK", b"PAD ", b"FLLR")  # chunks that hold nothing; what is in others may matter
_ENCODINGS = {16: ("pcm_s16", 1 - 2.0**-15), 24: ("pcm_s24", 1 - 2.0**-23), 32: ("pcm_s32", 1 - 2.0**-24)}


class PlainWav:
    """Implements ``Reader`` for PCM that begins at ``offset``, whoever has understood the header."""

    trouble: Note | None = None

    def __init__(self, path: Path, header: Header, offset: int) -> None:
        self.header = header
        self._path, self._offset, self._first = path, offset, 0
        #: BLAKE3 of the file, once all of it was read; empty until then.
        self.digest = ""

    def skip_to(self, frame: int) -> int:
        """As ``Reader.skip_to``."""
        self._first = max(0, min(frame, self.header.frames or 0))
        return self._first

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        """As ``Reader.blocks``."""
        from blake3 import blake3

        head, frames, first = self.header, self.header.frames or 0, self._first
        whole = None if first else blake3()
        offset = self._offset + first * head.channels * (head.bits or 0) // 8
        yield from pcm_blocks(self._path, offset, head.encoding, head.channels, frames - first, whole)
        if whole is not None:
            self.digest = whole.hexdigest()

    def close(self) -> None:
        """Nothing is open between blocks."""


def try_plain(path: Path, size: int) -> PlainWav | None:
    """A reader for a file of ``size`` bytes that is RIFF/WAVE with 16, 24 or 32 bits of PCM, all sizes in agreement; None for any other.

    Layout: Multimedia Programming Interface and Data Specifications 1.0 (1991).
    """
    try:
        file = os.open(path, os.O_RDONLY)
        try:
            head = os.pread(file, _HEAD, 0)
        finally:
            os.close(file)
    except OSError:
        return None
    if head[:4] != b"RIFF" or head[8:16] != b"WAVEfmt " or len(head) < 44:
        return None
    whole, length, tag, channels, rate, byte_rate, width, bits = struct.unpack_from("<4xI8xIHHIIHH", head)
    if (length, tag, whole + 8) != (16, _PCM, size) or bits not in _ENCODINGS or not channels or not rate:
        return None
    if width != channels * bits // 8 or byte_rate != rate * width:
        return None
    for name, place, length in chunks(in_bytes(head), 36):
        if name == b"data":
            if not length or length % width or place + length > size:
                return None
            encoding, full = _ENCODINGS[bits]
            return PlainWav(path, Header("wav", encoding, rate, channels, bits, length // width, size, full), place)
        if name not in _FILLING:
            return None
    return None
