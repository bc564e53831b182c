"""A codec family from outside: samples of eight bits whose sign bit is the lowest, without a header, as an imaginary paging horn wants them."""

from __future__ import annotations

import zlib
from collections.abc import Iterator
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from kittiwake.core.codec import Format, register
from kittiwake.core.codec.format import Opening
from kittiwake.core.intake.headerless import register_reader
from kittiwake.core.model import Header
from kittiwake.core.model.stated import Stated


class HornWriter:
    def __init__(self, opening: Opening) -> None:
        self._file = opening.path.open("xb")
        self.digest: int | None = 0
        self.clipped = 0

    def write(self, block: NDArray[np.float32]) -> None:
        whole = np.clip(np.rint(block[:, 0] * 127), -127, 127).astype(np.int32)
        self.digest = zlib.crc32((whole << 24).astype("<i4").tobytes(), self.digest or 0)
        self._file.write(((np.abs(whole) << 1) | (whole < 0)).astype(np.uint8).tobytes())

    def close(self) -> None:
        self._file.close()


class HornReader:
    trouble = None

    def __init__(self, path: Path, size: int, stated: Stated) -> None:
        self._path = path
        self.header = Header("raw", "horn8", stated.rate, 1, 8, size, size, 127 / 128)

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        codes = np.frombuffer(self._path.read_bytes(), np.uint8).astype(np.int32)
        yield (np.where(codes & 1, -(codes >> 1), codes >> 1) / np.float32(128)).astype(np.float32)[:, None]

    def skip_to(self, frame: int) -> int:
        return 0

    def close(self) -> None: ...


register_reader("horn8", HornReader)
register(Format(
    "raw", "horn8", "headerless, for paging horns", ".horn", HornWriter, bits=8, depth=8, safe_peak=126 / 128, max_channels=1,
    size=lambda frames, channels, rate, bit_rate: frames, second_reader="kittiwake",
))  # fmt: skip
