"""Texts about a WAV file inside of it: the ``LIST`` of ``INFO`` of Microsoft's and IBM's Multimedia Programming Interface and Data
Specifications 1.0 (1991), chapter 2.
"""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from ..riff import append_chunks, chunk, chunks, in_bytes, in_file, is_wave

_LONGEST = 1 << 20  # bytes of texts that are read

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
        read = in_file(file.fileno())
        if not is_wave(read):
            return ()
        for one in chunks(read):
            if one.name != b"LIST" or one.length > _LONGEST:
                continue
            data = read(one.place, one.length)
            if data[:4] == b"INFO":
                for key, place, length in chunks(in_bytes(data), 4):
                    text = data[place : place + length].split(b"\0")[0]
                    found.append((key.decode("ascii", "replace"), text.decode("utf-8", "replace")))
    return tuple(found)
