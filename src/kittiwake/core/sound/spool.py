"""A place for a clip between its two passes: in memory while short, in an unnamed file beyond that."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from types import TracebackType
from typing import IO

import numpy as np
from numpy.typing import NDArray

from ..intake import BLOCK

_IN_MEMORY = 32 * 1024 * 1024  # bytes: 17 minutes at 8 kHz


class Spool:
    """Holds float32 blocks until they are read again. What is appended belongs to it, and must not be changed afterwards.

    Parameters
    ----------
    folder : where the file goes if one is needed. It has no name there, so nothing is left behind even by a kill.
    """

    def __init__(self, channels: int, folder: Path) -> None:
        self._channels, self._folder = channels, folder
        self._held: list[NDArray[np.float32]] = []
        self._file: IO[bytes] | None = None
        self.frames = 0

    def __enter__(self) -> Spool:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        self.close()

    def close(self) -> None:
        self._held = []
        if self._file is not None:
            self._file.close()

    @property
    def is_on_disk(self) -> bool:
        """Whether it has become too large for memory."""
        return self._file is not None

    def append(self, block: NDArray[np.float32]) -> None:
        """Take a block, float32 [shape=(n, channels)]."""
        block = np.ascontiguousarray(block, np.float32)
        self.frames += len(block)
        if self._file is None:
            self._held.append(block if block.base is None else block.copy())
            if self.frames * 4 * self._channels > _IN_MEMORY:
                import tempfile

                self._file = tempfile.TemporaryFile(dir=str(self._folder))  # noqa: SIM115 - closed in ``close``
                for one in self._held:
                    self._file.write(one.data)
                self._held = []
        else:
            self._file.write(block.data)

    def last(self, frames: int) -> NDArray[np.float32]:
        """The last ``frames`` that were appended [shape=(frames, channels)]."""
        if self._file is None:
            return np.concatenate(self._held)[self.frames - frames :]
        width = 4 * self._channels
        self._file.seek((self.frames - frames) * width)
        return np.frombuffer(self._file.read(frames * width), np.float32).reshape(-1, self._channels)

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        """All that was appended, from the start."""
        if self._file is None:
            yield from self._held
            return
        self._file.seek(0)
        while data := self._file.read(BLOCK * 4 * self._channels):
            yield np.frombuffer(data, np.float32).reshape(-1, self._channels)
