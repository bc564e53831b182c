"""Headers as libraries leave them, put right once a file is complete."""

from __future__ import annotations

import itertools
import struct
from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from ..riff import chunks, in_bytes
from .files import SndfileWriter
from .format import Opening, Writer

_HEAD = 4096  # bytes in which everything before the sound lies

#: A header and the frames of sound that were meant -> the header as it should be, just as long.
Mend = Callable[[bytes, int], bytes]


class HeaderFixingWriter:
    """A writer whose header is mended when it is closed."""

    def __init__(self, writer: Writer, opening: Opening, mend: Mend) -> None:
        self._writer, self._opening, self._mend = writer, opening, mend
        self._frames = 0
        self._closed = False
        self.digest, self.clipped = writer.digest, 0

    def write(self, block: NDArray[np.float32]) -> None:
        self._frames += len(block)
        self._writer.write(block)

    def close(self) -> None:
        self._writer.close()
        self.digest, self.clipped = self._writer.digest, self._writer.clipped
        if self._closed:
            return
        self._closed = True
        with self._opening.path.open("rb+") as file:
            head = file.read(_HEAD)
            right = self._mend(head, self._frames)
            if right != head:
                file.seek(0)
                file.write(right)


def _chunk(head: bytes, name: bytes) -> int:
    """Where the body of a RIFF chunk begins; 0 where it is not among those before the sound."""
    before = itertools.takewhile(lambda one: one.name != b"data", chunks(in_bytes(head)))
    return next((one.place for one in before if one.name == name), 0)


def with_frames(head: bytes, frames: int) -> bytes:
    """A WAV header whose ``fact`` chunk tells so many frames: what fills up the last block is none of the sound."""
    at = _chunk(head, b"fact")
    return head[:at] + struct.pack("<I", frames) + head[at + 4 :] if at else head


def with_byte_rate(head: bytes, rate: int) -> bytes:
    """A WAV header that tells so many bytes a second (``nAvgBytesPerSec``)."""
    at = _chunk(head, b"fmt ")
    return head[: at + 8] + struct.pack("<I", rate) + head[at + 12 :] if at else head


def with_whole_numbers(head: bytes) -> bytes:
    """A NIST SPHERE header in which the bytes of a sample are a number, not text; its 1024 bytes are filled up as before."""
    body, end, rest = head[:1024].partition(b"end_head\n")
    right = body.replace(b"sample_n_bytes -s1 1\n", b"sample_n_bytes -i 1\n")
    return right + end + b"\n" * (len(body) - len(right)) + rest + head[1024:]


def adpcm_in_wav(subtype: str, multiple_of: int = 1) -> Callable[[Opening], Writer]:
    """An opener of libsndfile's WAV with whole blocks, of which it counts what fills up the last into the length."""
    return lambda opening: HeaderFixingWriter(
        SndfileWriter(opening, "WAV", subtype, exact=False, multiple_of=multiple_of), opening, with_frames
    )
