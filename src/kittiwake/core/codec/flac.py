"""FLAC files, RFC 9639, through libsndfile's libFLAC."""

from __future__ import annotations

import os
import zlib
from pathlib import Path

import numpy as np
import soundfile
from numpy.typing import NDArray

from .format import Format
from .pcm import Quantiser


class FlacWriter:
    """16-bit FLAC."""

    def __init__(self, path: Path, rate: int, channels: int, dither: bool) -> None:
        self.digest = 0
        self.clipped = 0
        self._path = path
        self._file = soundfile.SoundFile(
            os.fsencode(path), "x", samplerate=rate, channels=channels, format="FLAC", subtype="PCM_16"
        )
        self._quantise = Quantiser(16, dither)

    def write(self, block: NDArray[np.float32]) -> None:
        whole = self._quantise(block)
        self.clipped = self._quantise.clipped
        self._file.write(whole.astype(np.int16))
        self.digest = zlib.crc32((whole << 16).astype("<i4", copy=False).tobytes(), self.digest)

    def close(self) -> None:
        if self._file.closed:
            return
        self._file.close()
        with self._path.open("rb+") as file:
            os.fsync(file.fileno())


FLAC_16 = Format(
    container="flac",
    encoding="pcm_s16",
    name="FLAC, 16-bit",
    extension=".flac",
    bits=16,
    depth=16,
    rates=(1000, 655_350),
    max_channels=2,
    safe_peak=1 - 2.5 / 2**15,
    size=None,
    second_reader="libav",
    opener=FlacWriter,
    typical_share=0.55,
)
