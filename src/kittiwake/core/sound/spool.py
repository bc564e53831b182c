"""A place for a clip between its two passes: in memory while short, in an unnamed file beyond that."""

from __future__ import annotations

import tempfile
from collections.abc import Iterator
from pathlib import Path
from types import TracebackType

import numpy as np
from numpy.typing import NDArray

from ..intake import BLOCK

_IN_MEMORY = 16 * 1024 * 1024


class Spool:
    """Holds float32 blocks until they are read again.

    Parameters
    ----------
    folder : where the file goes if one is needed. It has no name there, so nothing is left behind even by a kill.
    """

    def __init__(self, channels: int, folder: Path) -> None:
        self._channels = channels
        self._file = tempfile.SpooledTemporaryFile(_IN_MEMORY, dir=str(folder))  # noqa: SIM115 - closed in __exit__
        self.frames = 0

    def __enter__(self) -> Spool:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        self._file.close()

    def close(self) -> None:
        self._file.close()

    def append(self, block: NDArray[np.float32]) -> None:
        self._file.write(np.ascontiguousarray(block, np.float32).tobytes())
        self.frames += len(block)

    def last(self, frames: int) -> NDArray[np.float32]:
        """The last ``frames`` that were appended [shape=(frames, channels)]."""
        width = 4 * self._channels
        self._file.seek((self.frames - frames) * width)
        return np.frombuffer(self._file.read(frames * width), np.float32).reshape(-1, self._channels)

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        """All that was appended, from the start."""
        self._file.seek(0)
        while data := self._file.read(BLOCK * 4 * self._channels):
            yield np.frombuffer(data, np.float32).reshape(-1, self._channels)
