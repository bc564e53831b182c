"""Whether an Ogg file is there to its end, and whether it is one piece (RFC 3533)."""

from __future__ import annotations

import mmap
import os
from pathlib import Path

_LAST = 2 * (27 + 255 + 255 * 255)  # bytes: in so many there is a whole page
_BEGIN, _END = 2, 4  # of a page's flags: nothing comes before it, or after it


def is_whole(path: Path, size: int) -> bool:
    """Whether the last page is all there and is marked as the last one.

    Raises
    ------
    OSError
    """
    handle = os.open(path, os.O_RDONLY)
    try:
        tail = os.pread(handle, _LAST, max(0, size - _LAST))
    finally:
        os.close(handle)
    at = tail.rfind(b"OggS")
    while at >= 0:
        if at + 27 <= len(tail) and tail[at + 4] == 0:
            sizes = tail[at + 27 : at + 27 + tail[at + 26]]
            # A page is taken for one only where it fits, or where the file ends within it.
            end = at + 27 + len(sizes) + sum(sizes)
            return len(sizes) == tail[at + 26] and end <= len(tail) and bool(tail[at + 5] & _END)
        at = tail.rfind(b"OggS", 0, at)
    return False


def is_chained(path: Path) -> bool:
    """Whether another piece of sound follows after the first: libsndfile reads only that.

    Raises
    ------
    OSError
    """
    with path.open("rb") as file, mmap.mmap(file.fileno(), 0, access=mmap.ACCESS_READ) as data:
        at, begun = 0, False
        while data[at : at + 4] == b"OggS" and at + 27 <= len(data):
            if data[at + 5] & _BEGIN:
                if begun:
                    return True
            else:
                begun = True
            count = data[at + 26]
            at += 27 + count + sum(data[at + 27 : at + 27 + count])
    return False
