"""Chunks of WAV files and their relatives, read and written: each is four letters, a size, and as many bytes, filled up to an even number.

RIFF/WAVE: Multimedia Programming Interface and Data Specifications 1.0 (1991); RF64: EBU Tech 3306; AIFF, whose sizes are big-endian: EA IFF 85.
"""

from __future__ import annotations

import os
import struct
from collections.abc import Callable, Iterator
from functools import partial
from pathlib import Path
from typing import Literal, NamedTuple

LARGEST = 0xFFFFFFFF  # that a size can tell, bytes
_FIRST = 12  # where the first chunk begins, behind RIFF, the size of the rest, and WAVE
_MOST = 1000  # chunks that are looked at: a real file has a handful, and a hostile one costs no time
_HEAD = 4096  # bytes that are read at once; what comes before the sound seldom takes more

#: Bytes from a place on, as many as are asked for and there.
Read = Callable[[int, int], bytes]


class Chunk(NamedTuple):
    """Where the body of a chunk begins, and the bytes that it says it has, which may be more than are there."""

    name: bytes
    place: int
    length: int


def in_bytes(data: bytes) -> Read:
    """Of what is in memory."""
    return lambda place, count: data[place : place + count]


def in_file(file: int) -> Read:
    """Of a file by its descriptor; the first bytes are read once."""
    head = os.pread(file, _HEAD, 0)

    def read(place: int, count: int) -> bytes:
        if place + count <= len(head):
            return head[place : place + count]
        return os.pread(file, count, place)

    return read


def is_wave(read: Read) -> bool:
    """Whether it begins as a RIFF/WAVE file does."""
    head = read(0, _FIRST)
    return head[:4] == b"RIFF" and head[8:] == b"WAVE"


def chunks(read: Read, first: int = _FIRST, order: Literal["<", ">"] = "<") -> Iterator[Chunk]:
    """Each chunk from ``first`` on, to the end of what is there."""
    unpack, place = partial(struct.unpack, order + "4sI"), first
    for _ in range(_MOST):
        head = read(place, 8)
        if len(head) < 8:
            return
        name, length = unpack(head)
        yield Chunk(name, place + 8, length)
        place += 8 + length + (length & 1)


def chunk(name: bytes, body: bytes) -> bytes:
    """A chunk, filled up to an even length."""
    return name + struct.pack("<I", len(body)) + body + b"\0" * (len(body) & 1)


def form_of(tag: int, channels: int, rate: int, bits: int) -> bytes:
    """The body of ``fmt `` for samples that each have a place of their own; those that are not PCM (tag 1) state that nothing more is said of them."""
    width = channels * bits // 8
    return struct.pack("<HHIIHH", tag, channels, rate, rate * width, width, bits) + (b"" if tag == 1 else b"\0\0")


def head_of(form: bytes, data: int, frames: int | None = None, behind: int = 0, between: bytes = b"") -> bytes:
    """The head of a WAV file up to its first sample.

    Parameters
    ----------
    data : bytes of sound.
    frames : what ``fact`` tells, for encodings that have it.
    behind : bytes of chunks behind the sound.
    between : chunks that stand before it.
    """
    head = b"WAVE" + chunk(b"fmt ", form)
    if frames is not None:
        head += chunk(b"fact", struct.pack("<I", frames))
    head += between + b"data" + struct.pack("<I", data)
    return b"RIFF" + struct.pack("<I", len(head) + data + (data & 1) + behind) + head


def append_chunks(path: Path, more: bytes) -> None:
    """Append chunks to a RIFF/WAVE file, and correct its size.

    Raises
    ------
    OSError
    ValueError : it is no such file, or would grow beyond 4 GiB.
    """
    with path.open("rb+") as file:
        if not is_wave(in_bytes(file.read(_FIRST))):
            raise ValueError("not a RIFF/WAVE file")
        end = file.seek(0, os.SEEK_END)
        if end + len(more) - 8 > LARGEST:
            raise ValueError("too large for more chunks")
        file.write(b"\0" * (end & 1) + more)
        size = file.tell() - 8
        file.seek(4)
        file.write(struct.pack("<I", size))
