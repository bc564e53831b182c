"""Texts about a WAV file inside of it: the ``LIST`` of ``INFO`` of Microsoft's and IBM's Multimedia Programming Interface and Data
Specifications 1.0 (1991), chapter 2.
"""

from __future__ import annotations

import struct
from collections.abc import Sequence
from pathlib import Path

from .cues import append_chunks, chunk

#: Key of four letters, text.
Tag = tuple[str, str]


def info_chunk(tags: Sequence[Tag]) -> bytes:
    entries = b"".join(
        chunk(key.encode("ascii"), text.replace("\0", "").encode("utf-8", "replace") + b"\0") for key, text in tags
    )
    return chunk(b"LIST", b"INFO" + entries)


def bytes_of_info(tags: Sequence[Tag]) -> int:
    """By how much a WAV file grows."""
    return len(info_chunk(tags)) if tags else 0


def add_info(path: Path, tags: Sequence[Tag]) -> None:
    """Append the texts to a RIFF/WAVE file that was just written.

    Raises
    ------
    OSError
    ValueError : it is no such file, or would grow beyond 4 GiB.
    """
    append_chunks(path, info_chunk(tags))


def read_info(path: Path) -> tuple[Tag, ...]:
    """The texts of a RIFF/WAVE file, in order; none where it is no such file."""
    found: list[Tag] = []
    with path.open("rb") as file:
        head = file.read(12)
        if head[:4] != b"RIFF" or head[8:12] != b"WAVE":
            return ()
        while len(head := file.read(8)) == 8:
            name, size = struct.unpack("<4sI", head)
            if name != b"LIST" or size > 1 << 20:
                file.seek(size + size % 2, 1)
                continue
            data = file.read(size + size % 2)[:size]
            at = 4
            while data[:4] == b"INFO" and at + 8 <= len(data):
                key, length = struct.unpack("<4sI", data[at : at + 8])
                text = data[at + 8 : at + 8 + length].split(b"\0")[0]
                found.append((key.decode("ascii", "replace"), text.decode("utf-8", "replace")))
                at += 8 + length + length % 2
    return tuple(found)
