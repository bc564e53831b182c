"""Cue points in WAV files: where spans begin, how long they are, and their names.

The ``cue `` chunk and the ``LIST`` of ``adtl`` with ``labl`` and ``ltxt`` are laid out as in Microsoft's and IBM's Multimedia Programming
Interface and Data Specifications 1.0 (1991), chapter 3.
"""

from __future__ import annotations

import struct
from collections.abc import Sequence
from pathlib import Path
from typing import NamedTuple

from ..riff import append_chunks, chunk, chunks, in_bytes, in_file


class Cue(NamedTuple):
    """A span of a sound: frames, ``stop`` excluded, and a name."""

    start: int
    stop: int
    name: str

    @classmethod
    def named(cls, start: int, stop: int, name: str) -> Cue:
        """With the name as a file can hold it: no zero byte, which ends it, and nothing that UTF-8 has no form for."""
        return cls(start, stop, name.replace("\0", "").encode("utf-8", "replace").decode("utf-8"))


def cue_chunks(cues: Sequence[Cue]) -> bytes:
    """A ``cue `` chunk with a point for the start of each, and a ``LIST`` of ``adtl`` with its name and length."""
    points = b"".join(
        struct.pack("<II4sIII", n, cue.start, b"data", 0, 0, cue.start) for n, cue in enumerate(cues, 1)
    )
    labels = b""
    for n, cue in enumerate(cues, 1):
        labels += chunk(b"labl", struct.pack("<I", n) + cue.name.encode("utf-8") + b"\0")
        labels += chunk(b"ltxt", struct.pack("<II4sHHHH", n, cue.stop - cue.start, b"rgn ", 0, 0, 0, 0))
    return chunk(b"cue ", struct.pack("<I", len(cues)) + points) + chunk(b"LIST", b"adtl" + labels)


def bytes_of_cues(cues: Sequence[Cue]) -> int:
    """By how much a WAV file grows."""
    return len(cue_chunks(cues)) if cues else 0


def add_cues(path: Path, cues: Sequence[Cue]) -> None:
    """Append cue points to a RIFF/WAVE file that was just written. Raises as ``riff.append_chunks``."""
    append_chunks(path, cue_chunks(cues))


def read_cues(path: Path) -> tuple[list[Cue], int]:
    """The cue points of a WAV file in the order of their starts, and its sample rate (Hz); one without a length reaches to the next, or the end.

    Raises
    ------
    OSError
    """
    rate, frames, step = 0, 0, 1
    starts: dict[int, int] = {}
    names: dict[int, str] = {}
    lengths: dict[int, int] = {}
    with path.open("rb") as file:
        end = path.stat().st_size
        read = in_file(file.fileno())
        for name, place, size in chunks(read):
            if name == b"fmt " and size >= 16:
                _, _, rate, _, step, _ = struct.unpack("<HHIIHH", read(place, 16).ljust(16, b"\0"))
            elif name == b"data":
                frames = min(size, end - place) // max(1, step)
            elif name == b"cue " and 4 <= size <= 1 << 24:
                data = read(place, size).ljust(4, b"\0")
                for n in range(min(struct.unpack_from("<I", data)[0], (len(data) - 4) // 24)):
                    number, _, _, _, _, offset = struct.unpack_from("<II4sIII", data, 4 + 24 * n)
                    starts[number] = offset
            elif name == b"LIST" and 4 <= size <= 1 << 26:
                _names_in(read(place, size), names, lengths)
    if not rate:
        return [], 0
    order = sorted(starts.items(), key=lambda pair: pair[1])
    cues = []
    for n, (number, start) in enumerate(order):
        following = order[n + 1][1] if n + 1 < len(order) else frames
        stop = start + lengths[number] if lengths.get(number) else following
        cues.append(Cue(start, stop, names.get(number, "")))
    return cues, rate


def _names_in(data: bytes, names: dict[int, str], lengths: dict[int, int]) -> None:
    if data[:4] != b"adtl":
        return
    for name, place, size in chunks(in_bytes(data), 4):
        if size < 4 or place + 4 > len(data):
            continue
        number = struct.unpack_from("<I", data, place)[0]
        if name == b"labl":
            names[number] = data[place + 4 : place + size].split(b"\0")[0].decode("utf-8", "replace")
        elif name == b"ltxt" and size >= 8 and place + 8 <= len(data):
            lengths[number] = struct.unpack_from("<I", data, place + 4)[0]
