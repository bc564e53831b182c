"""WAV files whose header says that they hold nothing, as recorders leave them that were cut off or wrote into a pipe."""

from __future__ import annotations

import io
import struct
from pathlib import Path
from typing import Any

_LARGEST = 0xFFFFFFFF


def mended(path: Path, size: int) -> Mended | None:
    """The file with the size of its sound set to what is there; None where there is nothing to mend.

    Raises
    ------
    OSError
    """
    with path.open("rb") as file:
        if file.read(4) != b"RIFF" or file.seek(8) != 8 or file.read(4) != b"WAVE":
            return None
        at = 12
        # A real file has a handful of chunks; the bound keeps a hostile one from costing time.
        for _ in range(1000):
            file.seek(at)
            head = file.read(8)
            if len(head) < 8:
                return None
            length = struct.unpack("<I", head[4:])[0]
            if head[:4] == b"data":
                if length or size - at - 8 <= 0:
                    return None
                return Mended(path, size, at + 4, min(_LARGEST, size - at - 8))
            at += 8 + length + (length & 1)
    return None


class Mended(io.RawIOBase):
    """A file that reads as if four bytes of it were others."""

    def __init__(self, path: Path, size: int, place: int, value: int) -> None:
        self._file = path.open("rb")
        self._size, self._place = size, place
        self._four = struct.pack("<I", value)

    def readable(self) -> bool:
        return True

    def seekable(self) -> bool:
        return True

    def seek(self, offset: int, whence: int = io.SEEK_SET) -> int:
        return self._file.seek(offset, whence)

    def tell(self) -> int:
        return self._file.tell()

    def readinto(self, buffer: Any) -> int:
        at = self._file.tell()
        data = bytearray(self._file.read(len(buffer)))
        for n, byte in enumerate(self._four):
            if 0 <= self._place + n - at < len(data):
                data[self._place + n - at] = byte
        buffer[: len(data)] = data
        return len(data)

    def close(self) -> None:
        self._file.close()
        super().close()
