"""What the header of a WAV or AIFF file promises, against what the file holds.

Readers mend a wrong data size without a word; a caller who lost the end of a sentence needs that word.
"""

from __future__ import annotations

import struct
from pathlib import Path

#: Sizes that a writer leaves when it cannot go back to fill them in (streams); they promise nothing.
_UNKNOWN = (0, 0xFFFFFFFF, 0x7FFFFFFF, 0x7FFFFF00)


def missing_share(path: Path, size: int) -> float:
    """Share of the promised sound data that is not in the file, 0 to 1; 0 also for other kinds of file.

    Chunk layout after RIFF/WAVE (Multimedia Programming Interface and Data Specifications 1.0, 1991) and
    AIFF (EA IFF 85).
    """
    try:
        with path.open("rb") as file:
            head = file.read(12)
            if len(head) < 12 or head[:4] not in (b"RIFF", b"FORM"):
                return 0.0
            order, wanted = ("<", b"data") if head[:4] == b"RIFF" else (">", b"SSND")
            at = 12
            # A real file has a handful of chunks; the bound keeps a hostile one from costing time.
            for _ in range(1000):
                file.seek(at)
                chunk = file.read(8)
                if len(chunk) < 8:
                    return 0.0
                length = int(struct.unpack(order + "I", chunk[4:])[0])
                if chunk[:4] == wanted:
                    present = size - at - 8
                    if length in _UNKNOWN or length <= present:
                        return 0.0
                    return 1.0 - present / length
                at += 8 + length + (length & 1)
    except OSError:
        pass
    return 0.0
