"""WAV files whose header says that they hold nothing, as recorders leave them that were cut off or wrote into a pipe."""

from __future__ import annotations

import io
import struct
from pathlib import Path
from typing import Any

from ..riff import LARGEST, chunks, in_file, is_wave


def mended(path: Path, size: int) -> Mended | None:
    """The file with the size of its sound set to what is there; None where there is nothing to mend.

    Raises
    ------
    OSError
    """
    with path.open("rb") as file:
        read = in_file(file.fileno())
        if not is_wave(read):
            return None
        for one in chunks(read):
            if one.name == b"data":
                if one.length or size <= one.place:
                    return None
                return Mended(path, size, one.place - 4, min(LARGEST, size - one.place))
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
