"""What the header of a WAV or AIFF file promises, against what the file holds.

Readers mend a wrong data size without a word; a caller who lost the end of a sentence needs that word.
"""

from __future__ import annotations

import os
import struct
from pathlib import Path

from ...plain_data import dataclass

#: Sizes that a writer leaves when it cannot go back to fill them in (streams); they promise nothing.
_UNKNOWN = (0, 0xFFFFFFFF, 0x7FFFFFFF, 0x7FFFFF00)
_HEAD = 4096  # bytes that are read at once; what comes before the sound seldom takes more


@dataclass(frozen=True, slots=True)
class Sound:
    """Where the sound of a WAV or AIFF file lies.

    Attributes
    ----------
    offset : of its first byte.
    missing : share of the promised bytes that is not in the file, 0 to 1.
    """

    offset: int
    missing: float


def find_sound(path: Path, size: int) -> Sound | None:
    """Where the sound of a file of ``size`` bytes lies; None in other kinds of file, and where that is not found soon.

    Chunk layout after RIFF/WAVE (Multimedia Programming Interface and Data Specifications 1.0, 1991), its successor RF64 (EBU Tech 3306)
    and AIFF (EA IFF 85).
    """
    try:
        file = os.open(path, os.O_RDONLY)
    except OSError:
        return None
    try:
        return _find(file, size)
    except OSError:
        return None
    finally:
        os.close(file)


def _find(file: int, size: int) -> Sound | None:
    head = os.pread(file, _HEAD, 0)
    kind = head[:4]
    if kind not in (b"RIFF", b"RF64", b"FORM") or len(head) < 12:
        return None
    order, wanted = (">", b"SSND") if kind == b"FORM" else ("<", b"data")
    at = 12
    # A real file has a handful of chunks; the bound keeps a hostile one from costing time.
    for _ in range(1000):
        chunk = head[at : at + 8] if at + 8 <= len(head) else os.pread(file, 8, at)
        if len(chunk) < 8:
            return None
        length = int(struct.unpack(order + "I", chunk[4:])[0])
        if chunk[:4] == wanted:
            present = size - at - 8
            promised = length not in _UNKNOWN and length > present
            return Sound(at + 8, 1.0 - present / length if promised and kind != b"RF64" else 0.0)
        at += 8 + length + (length & 1)
    return None
