"""What the header of a WAV or AIFF file promises, against what the file holds.

Readers mend a wrong data size without a word; a caller who lost the end of a sentence needs that word.
"""

from __future__ import annotations

import os
from pathlib import Path

from ...plain_data import dataclass
from ..riff import chunks, in_file

#: Sizes that a writer leaves when it cannot go back to fill them in (streams); they promise nothing.
_UNKNOWN = (0, 0xFFFFFFFF, 0x7FFFFFFF, 0x7FFFFF00)


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
    """Where the sound of a file of ``size`` bytes lies; None in other kinds of file, and where that is not found soon."""
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
    read = in_file(file)
    kind = read(0, 12)[:4]
    if kind not in (b"RIFF", b"RF64", b"FORM"):
        return None
    for one in chunks(read, order=">" if kind == b"FORM" else "<"):
        if one.name in (b"data", b"SSND"):
            present = size - one.place
            promised = one.length not in _UNKNOWN and one.length > present
            return Sound(one.place, 1.0 - present / one.length if promised and kind != b"RF64" else 0.0)
    return None
