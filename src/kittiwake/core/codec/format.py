"""What a format is to the rest of the house: what it can hold, how large it gets, how to write it."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from typing import Literal, Protocol

import numpy as np
from numpy.typing import NDArray

SecondReader = Literal["libsndfile", "libav"]


class Writer(Protocol):
    """A file being written. ``digest`` and ``clipped`` are final once it is closed."""

    #: CRC-32 of the samples that a true reader must find: int32, left-justified, little endian, interleaved.
    digest: int
    #: Samples that did not fit and were held at full scale. Planning keeps this at 0.
    clipped: int

    def write(self, block: NDArray[np.float32]) -> None:
        """Append float32 [shape=(frames, channels)], nominal ±1.0."""
        ...

    def close(self) -> None:
        """Complete the file and force it to the disk."""
        ...


@dataclass(frozen=True, slots=True)
class Format:
    """One container with one encoding.

    Attributes
    ----------
    extension : with its dot.
    bits : bits a sample as a reader reports them.
    depth : bits that the samples are rounded to; None where rounding is not to equal steps (companding).
    rates : lowest and highest sample rate, Hz.
    safe_peak : the largest magnitude after which not even a rounded, dithered sample reaches full scale.
    size : exact file size from frames and channels; None where it depends on the sound.
    typical_share : size against 16-bit PCM, to estimate where ``size`` is None.
    second_reader : the library that proves files of this format, never the one that wrote them.
    """

    container: str
    encoding: str
    name: str
    extension: str
    bits: int
    depth: int | None
    rates: tuple[int, int]
    max_channels: int
    safe_peak: float
    size: Callable[[int, int], int] | None
    second_reader: SecondReader
    opener: Callable[[Path, int, int, bool], Writer]
    typical_share: float = 1.0
    max_bytes: int | None = None

    @property
    def key(self) -> tuple[str, str]:
        return self.container, self.encoding

    def open(self, path: Path, rate: int, channels: int, *, dither: bool) -> Writer:
        """Start a file at ``path``, which must not be there yet."""
        return self.opener(path, rate, channels, dither)

    def frames_within(self, limit: int, channels: int) -> int | None:
        """The most frames whose file is no larger than ``limit`` bytes; None where size depends on the sound."""
        if self.size is None:
            return None
        low, high = 0, max(1, limit * 8)
        while low < high:
            middle = (low + high + 1) // 2
            if self.size(middle, channels) <= limit:
                low = middle
            else:
                high = middle - 1
        return low
