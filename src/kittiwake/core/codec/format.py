"""What a format is to the rest of the house: what it can hold, how large it gets, how to write it."""

from __future__ import annotations

import math
from collections.abc import Callable
from pathlib import Path
from typing import Any, Literal, Protocol

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ..registry import Registry
from .pcm import MOVES, Dither

SecondReader = Literal["libsndfile", "libav", "kittiwake"]

#: Exact file size from frames, channels, sample rate (Hz) and bit rate (bit/s; 0 where the format has none).
Size = Callable[[int, int, int, int], int]


class Writer(Protocol):
    """A file being written. ``digest`` and ``clipped`` are final once it is closed."""

    #: CRC-32 of the samples that a true reader must find: int32, left-justified, little endian, interleaved;
    #: None where the encoding does not fix them.
    digest: int | None
    #: Samples that did not fit and were held at full scale. Planning keeps this at 0.
    clipped: int

    def write(self, block: NDArray[np.float32]) -> None:
        """Append float32 [shape=(frames, channels)], nominal ±1.0."""
        ...

    def close(self) -> None:
        """Complete the file. Forcing it to the disk is the caller's, who may do that for many at a time."""
        ...


@dataclass(frozen=True, slots=True)
class Opening:
    """What a writer is opened with. ``dither`` matters only where samples are rounded to equal steps, ``variable`` only where a codec
    has a variable bit rate.
    """

    path: Path
    rate: int
    channels: int
    bit_rate: int
    dither: Dither
    variable: bool = False


@dataclass(frozen=True, slots=True)
class Format:
    """One container with one encoding.

    Attributes
    ----------
    extension : with its dot; empty for files that are played by name without one.
    bits : bits a sample as a reader reports them; None where there is no such number.
    depth : bits that the samples are rounded to; None where rounding is not to equal steps.
    rates : the only legal sample rates, Hz; empty where every rate within ``rate_range`` is legal.
    bit_rates : the legal bit rates, bit/s; the first that is legal at a sample rate is used where none is asked for. Empty where
        there is no choice.
    bit_rates_at : which of them are legal at a sample rate (Hz); None where all are.
    safe_peak : the largest magnitude after which not even a rounded, dithered sample reaches full scale.
    levels : the magnitudes that samples can have, nominal, rising; where they are few and not evenly apart.
    size : exact file size; None where it depends on the sound.
    typical : bytes a frame and channel, to estimate where ``size`` is None; where that depends on the sample rate and the channels, ``typical_at``
        tells it.
    head : bytes before the sound, for the same.
    heaviest : how many times the bytes that are estimated behind the head speech and music take at most.
    largest : gives the most bytes of so many frames and channels, whatever the sound is; None where only ``heaviest`` is known.
    frame : samples that the encoding takes at a time; the last frame is filled up with silence. Where that depends on the
        sample rate, ``frame_at`` tells it.
    lookahead : samples that an encoder holds back, for which it may need one more frame.
    delay : samples by which decoded sound comes later than what was encoded.
    padding : samples that a reader may find more, since the marks that cut the filling off do not reach every length.
    variable : whether the codec has a variable bit rate besides the constant one.
    modelled : whether the encoding models the voice and not the wave: a difference of waves says little about it then.
    for_voices : whether it was made for voices, and does not keep the power of what is none, such as noise.
    softer_db : by how much a voice comes out softer than it went in; the median of real clips, from which the search for the level begins.
    needs : a library that this format takes, where that is not part of the installation.
    second_reader : what proves files of this format, never what wrote them where there are two that are right; where a recommendation fixes
        every sample and only this house has it right, the tests hold it against a third.
    """

    container: str
    encoding: str
    name: str
    extension: str
    opener: Callable[[Opening], Writer]
    bits: int | None = None
    depth: int | None = None
    rates: tuple[int, ...] = ()
    rate_range: tuple[int, int] = (1000, 768_000)
    bit_rates: tuple[int, ...] = ()
    bit_rates_at: Callable[[int], tuple[int, ...]] | None = None
    max_channels: int = 2
    safe_peak: float = 0.89
    levels: tuple[float, ...] = ()
    size: Size | None = None
    typical: float = 2.0
    typical_at: Callable[[int, int], float] | None = None
    head: int = 0
    heaviest: float = 1.4
    largest: Callable[[int, int], int] | None = None
    frame: int = 1
    frame_at: Callable[[int], int] | None = None
    lookahead: int = 0
    delay: int = 0
    padding: int = 0
    second_reader: SecondReader = "libsndfile"
    max_bytes: int | None = None
    variable: bool = False
    modelled: bool = False
    for_voices: bool = False
    softer_db: float = 0.0
    needs: str = ""
    is_there: Callable[[], bool] = lambda: True

    def __reduce__(self) -> tuple[Any, ...]:
        # Its writer is code; another process has the same one under the same name.
        return _registered, self.key

    @property
    def key(self) -> tuple[str, str]:
        return self.container, self.encoding

    def takes_rate(self, rate: int) -> bool:
        """Whether the encoding can hold sound at this rate (Hz)."""
        return rate in self.rates if self.rates else self.rate_range[0] <= rate <= self.rate_range[1]

    def nearest_rate(self, rate: int) -> int:
        """The legal rate nearest to this one."""
        if self.rates:
            return min(self.rates, key=lambda legal: (abs(legal - rate), -legal))
        return min(max(rate, self.rate_range[0]), self.rate_range[1])

    def exact_size(
        self, frames: int, channels: int, rate: int, bit_rate: int = 0, *, variable: bool = False
    ) -> int | None:
        """Bytes of a file; None where that depends on the sound."""
        if self.size is None or variable:
            return None
        return self.size(frames, channels, rate, bit_rate or self.default_bit_rate(rate))

    def estimate(self, frames: int, channels: int, rate: int, bit_rate: int = 0) -> int:
        """About how many bytes a file has, where the exact count depends on the sound."""
        return self.head + self._behind_head(frames, channels, rate, bit_rate)

    def _behind_head(self, frames: int, channels: int, rate: int, bit_rate: int) -> int:
        if bit_rate or self.bit_rates:
            return round(frames / rate * (bit_rate or self.default_bit_rate(rate)) / 8)
        return round(frames * channels * (self.typical_at(rate, channels) if self.typical_at else self.typical))

    def most_bytes(self, frames: int, channels: int, rate: int, bit_rate: int = 0, *, variable: bool = False) -> int:
        """Bytes that a file surely is no larger than, where speech or music is in it."""
        exact = self.exact_size(frames, channels, rate, bit_rate, variable=variable)
        if exact is not None:
            return exact
        if self.largest is not None:
            return self.largest(frames, channels)
        return self.head + math.ceil(self.heaviest * self._behind_head(frames, channels, rate, bit_rate))

    @property
    def lossy(self) -> bool:
        """Whether decoded samples are others than those that were encoded by more than a rounding."""
        return self.depth is None and self.encoding not in ("ulaw", "alaw", "pcm_f32")

    def ceiling(self, stated: float, dither: Dither) -> float:
        """The largest magnitude that a sample may have before it is rounded, so that it is not over ``stated`` (0 to 1) afterwards, and not at
        full scale. Lossy encodings give no such promise; what comes of them is measured.
        """
        if self.depth:
            step = 2.0 ** (1 - self.depth)
            return max(step, min(stated, 1 - step) - MOVES[dither] * step)
        if self.levels:
            taken = [level for level in self.levels if level <= stated]
            above = self.levels[len(taken)] if len(taken) < len(self.levels) else 2.0
            # Under halfway to the next code.
            return min(self.safe_peak, ((taken or (0.0,))[-1] + above) / 2 * (1 - 1e-6))
        # What such a code makes of peaks is measured once they are encoded; only codecs of voices are overdriven by what they are given.
        return min(stated, self.safe_peak if self.for_voices else 1 - 2.0**-15)

    def legal_bit_rates(self, rate: int) -> tuple[int, ...]:
        """The bit rates (bit/s) that can be had at a sample rate (Hz); empty where there is no choice."""
        if self.bit_rates_at is None:
            return self.bit_rates
        legal = self.bit_rates_at(rate)
        return tuple(b for b in self.bit_rates if b in legal)

    def default_bit_rate(self, rate: int) -> int:
        """The bit rate (bit/s) that is used where none is asked for; 0 where there is none to choose."""
        return next(iter(self.legal_bit_rates(rate)), 0)

    def decoded_frames(self, frames: int, rate: int) -> int:
        """Frames that come out again when ``frames`` went in: whole codec frames."""
        frame = self.frame_at(rate) if self.frame_at else self.frame
        return -(-(frames + self.lookahead) // frame) * frame

    def open(
        self, path: Path, rate: int, channels: int, *, dither: Dither, bit_rate: int = 0, variable: bool = False
    ) -> Writer:
        """Start a file at ``path``, which must not be there yet."""
        return self.opener(Opening(path, rate, channels, bit_rate or self.default_bit_rate(rate), dither, variable))

    def frames_within(
        self, limit: int, channels: int, rate: int, bit_rate: int = 0, *, variable: bool = False
    ) -> int:
        """The most frames whose file is surely no larger than ``limit`` bytes."""
        low, high = 0, max(1, limit * 16)
        while low < high:
            middle = (low + high + 1) // 2
            if self.most_bytes(middle, channels, rate, bit_rate, variable=variable) <= limit:
                low = middle
            else:
                high = middle - 1
        return low


#: Every format that can be written, by container and encoding. Families register their own; see ``registry``.
FORMATS: Registry[tuple[str, str], Format] = Registry("format")


def register(*formats: Format) -> None:
    """Add formats to those that can be written.

    Raises
    ------
    ValueError : there is one of that container and encoding already.
    """
    for one in formats:
        FORMATS.add(one.key, one)


def _registered(container: str, encoding: str) -> Format:
    return FORMATS[container, encoding]
