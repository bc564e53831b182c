"""ITU-T G.726 at 24, 32 and 40 kbit/s by libsndfile, which writes it only into AU: the header is taken off here.

libav is not used for these: at 40 kbit/s it lets the predictor forget twice as fast as the recommendation has it (a leak of 2⁻⁸ instead of
2⁻⁹), so that other decoders get noise on top of the voice, and at 24 and 32 kbit/s its decoder drifts away from this encoder on some
material, with clicks.
"""

from __future__ import annotations

import shutil
import tempfile
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ..intake.packing import low_to_high
from .format import Opening

SUBTYPES = {24: "G723_24", 32: "G721_32", 40: "G723_40"}


class G726Writer:
    """Codes one after the other; ``high_first`` packs them from the high end of each byte."""

    def __init__(self, opening: Opening, kbits: int, high_first: bool) -> None:
        import soundfile

        self.digest: int | None = None
        self.clipped = 0
        self._path: Path = opening.path
        self._kbits, self._high_first = kbits, high_first
        self._frames = 0
        self._closed = False
        opening.path.touch(exist_ok=False)
        self._whole = tempfile.TemporaryFile(dir=opening.path.parent)  # noqa: SIM115 - closed in close
        self._file = soundfile.SoundFile(self._whole, "w", 8000, 1, format="AU", subtype=SUBTYPES[kbits])

    def write(self, block: NDArray[np.float32]) -> None:
        self._frames += len(block)
        self._file.write(np.clip(np.rint(block[:, 0] * 32768.0), -32768, 32767).astype(np.int16))

    def close(self) -> None:
        if self._closed:
            return
        self._closed = True
        try:
            self._file.close()
            self._whole.seek(4)
            start = int.from_bytes(self._whole.read(4), "big")
            self._whole.seek(start)
            size = -(-self._frames * (self._kbits // 8) // 8)
            with self._path.open("rb+") as out:
                if self._high_first:
                    left = size
                    while left:
                        lot = np.frombuffer(self._whole.read(min(left, 15 * 65536)), np.uint8)
                        out.write(low_to_high(lot, self._kbits // 8).tobytes())
                        left -= len(lot)
                        if not len(lot):
                            break
                else:
                    shutil.copyfileobj(self._whole, out)
                    out.truncate(size)
                out.flush()
        finally:
            self._whole.close()
