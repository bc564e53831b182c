"""A take on disk: a whole WAV file at every moment, so that a lost device, a full disk or a crash costs at most a second."""

from __future__ import annotations

import errno
import os
from datetime import datetime
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ...core.codec.info import info_chunk
from ...core.riff import LARGEST, form_of, head_of
from ...words import phrase
from ..cut.onboard import file_name_of

RATE, BITS = 48_000, 24
_LARGEST = LARGEST - 4096  # bytes that the header can count, with room for what closes the file


class TakeWriter:
    """Writes one channel at 48 kHz in 24 bits, whatever receivers want later. The header is brought up to date every second.

    Layout: RIFF/WAVE with ``fmt `` and ``data``, and at the end ``LIST`` ``INFO`` with ICRD (date), ICMT (device) and ISFT, as in
    “Multimedia Programming Interface and Data Specifications 1.0” (1991).

    Raises
    ------
    OSError : the disk; what was written until then stays, and is whole.
    """

    def __init__(self, path: Path, device: str, rate: int = RATE) -> None:
        path.parent.mkdir(parents=True, exist_ok=True)
        self.path, self._device, self._rate = path, device, rate
        self._time = datetime.now().astimezone()
        self.file = path.open("xb", buffering=0)
        self.frames = 0
        self._since = 0
        try:
            self._head()
        except OSError:
            self.drop()  # an empty file is no take
            raise

    def _head(self, extra: int = 0) -> None:
        data = self.frames * 3
        head = head_of(form_of(1, 1, self._rate, BITS), data, behind=extra)
        self.file.seek(0)
        self._write(head)
        self.file.seek(0, os.SEEK_END)

    def _write(self, data: bytes) -> None:
        view = memoryview(data)
        while view:
            view = view[self.file.write(view) or 0 :]

    def write(self, block: NDArray[np.float32]) -> None:
        """The next frames, float32 [shape=(n,)]; what goes beyond full scale is held there.

        Raises
        ------
        OSError
        """
        if 36 + (self.frames + len(block)) * 3 > _LARGEST:
            raise OSError(
                errno.EFBIG,
                f"a WAV file holds no more than 4 GiB, which are {self.frames / self._rate / 3600:.1f} hours",
            )
        whole = np.clip(np.rint(block * np.float32(1 << 23)), -(1 << 23), (1 << 23) - 1).astype("<i4")
        self._write(whole.view(np.uint8).reshape(-1, 4)[:, :3].tobytes())
        self.frames += len(block)
        self._since += len(block)
        if self._since >= self._rate:
            self._since = 0
            self._head()

    def close(self) -> None:
        """Complete it, with when and with what it was taken.

        Raises
        ------
        OSError : what was written is whole all the same, but for the last second's count.
        """
        if self.file.closed:
            return
        try:
            more = info_chunk(
                (
                    ("ICRD", self._time.isoformat(timespec="seconds")),
                    ("ICMT", phrase("Recorded with {device}", device=self._device)),
                    ("ISFT", "Kittiwake"),
                )
            )
            if self.frames * 3 & 1:
                self._write(b"\0")
            self._write(more)
            self._head(len(more))
            os.fsync(self.file.fileno())
        finally:
            self.file.close()

    def drop(self) -> None:
        """Leave nothing: the take was called off before anything was said."""
        self.file.close()
        self.path.unlink(missing_ok=True)


def take_path(folder: Path, name: str) -> Path:
    """A free name for a take in a folder: ``name.wav``, or with a number behind."""
    safe = file_name_of(name)
    path, number = folder / f"{safe}.wav", 2
    while path.exists():
        path, number = folder / f"{safe} take {number}.wav", number + 1
    return path
