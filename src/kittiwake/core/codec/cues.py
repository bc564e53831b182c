"""Cue points in WAV files: where spans begin, how long they are, and their names.

The ``cue `` chunk and the ``LIST`` of ``adtl`` with ``labl`` and ``ltxt`` are laid out as in Microsoft's and IBM's Multimedia Programming
Interface and Data Specifications 1.0 (1991), chapter 3.
"""

from __future__ import annotations

import struct
from collections.abc import Sequence
from pathlib import Path
from typing import NamedTuple

from ..riff import append_chunks, chunk


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
