"""ITU-T G.726 at 16, 24, 32 and 40 kbit/s, headerless: codes packed from the high end of each byte, or from the low one."""

from __future__ import annotations

import zlib

import numpy as np
from numpy.typing import NDArray

from ..intake.packing import packed
from .format import Opening


class G726Writer:
    """``digest`` is of the samples that a conforming decoder makes of the codes: the recommendation fixes each of them."""

    def __init__(self, opening: Opening, kbits: int, high_first: bool) -> None:
        self.digest: int | None = 0
        self.clipped = 0
        self._bits, self._high_first = kbits // 8, high_first
        from ..intake.g726 import Adpcm  # builds tables, which takes longer than all else that is loaded here

        self._encoder = Adpcm(kbits)
        self._rest = np.zeros(0, np.uint8)
        self._file = opening.path.open("xb")

    def write(self, block: NDArray[np.float32]) -> None:
        samples = np.clip(np.rint(block[:, 0] * 8192.0), -8192, 8191).astype(int)
        codes, heard = self._encoder.encode(samples.tolist())
        whole = np.array(heard, np.int32) << 18
        self.digest = zlib.crc32(whole.astype("<i4", copy=False).tobytes(), self.digest or 0)
        waiting = np.concatenate([self._rest, np.array(codes, np.uint8)])
        even = len(waiting) // 8 * 8  # eight codes are whole bytes
        self._file.write(packed(waiting[:even], self._bits, self._high_first))
        self._rest = waiting[even:]

    def close(self) -> None:
        if self._file.closed:
            return
        self._file.write(packed(self._rest, self._bits, self._high_first))
        self._file.flush()
        self._file.close()
