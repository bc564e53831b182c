"""WAV files: RIFF/WAVE as in Microsoft's Multimedia Programming Interface and Data Specifications 1.0 (1991)."""

from __future__ import annotations

import zlib
from collections.abc import Callable
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ...words import phrase
from ..riff import LARGEST, form_of, head_of
from . import alaw, ulaw
from .format import Format, Size
from .pcm import Dither, Quantiser

_PCM, _FLOAT, _ALAW, _MULAW = 1, 3, 6, 7

Codes = Callable[[NDArray[np.float32]], NDArray[np.uint8]]
Decode = Callable[[NDArray[np.uint8]], NDArray[np.int16]]


class _WavWriter:
    """Header first with sizes left open, then sound, then the sizes."""

    def __init__(self, path: Path, rate: int, channels: int, tag: int, bits: int) -> None:
        self.digest: int | None = 0
        self.clipped = 0
        self._file = path.open("xb")
        self._width = channels * bits // 8
        self._bytes = 0
        self._form = form_of(tag, channels, rate, bits)
        self._counts_frames = tag != _PCM
        self._file.write(self._head())

    def _head(self) -> bytes:
        return head_of(self._form, self._bytes, self._bytes // self._width if self._counts_frames else None)

    def _append(self, data: bytes, samples: NDArray[np.int32]) -> None:
        self._file.write(data)
        self._bytes += len(data)
        if self.digest is not None:
            self.digest = zlib.crc32(np.ascontiguousarray(samples, "<i4").data, self.digest)

    def close(self) -> None:
        file = self._file
        if file.closed:
            return
        try:
            file.write(b"\0" * (self._bytes & 1))  # chunks are padded to an even length
            end = file.tell()
            if end - 8 <= LARGEST:
                file.seek(0)
                file.write(self._head())
            file.flush()
        finally:
            file.close()


class PcmWavWriter(_WavWriter):
    """16- or 24-bit PCM."""

    def __init__(self, path: Path, rate: int, channels: int, bits: int, dither: Dither) -> None:
        super().__init__(path, rate, channels, _PCM, bits)
        self._bits = bits
        self._quantise = Quantiser(bits, dither)

    def write(self, block: NDArray[np.float32]) -> None:
        whole = self._quantise(block)
        self.clipped = self._quantise.clipped
        raw = np.ascontiguousarray(whole.astype("<i4")).view(np.uint8).reshape(-1, 4)
        self._append(raw[:, : self._bits // 8].tobytes(), whole << (32 - self._bits))


class FloatWavWriter(_WavWriter):
    """32-bit float. Written here and not by a library, since theirs stamp the time of day into the file."""

    def __init__(self, path: Path, rate: int, channels: int) -> None:
        super().__init__(path, rate, channels, _FLOAT, 32)
        self.digest = None

    def write(self, block: NDArray[np.float32]) -> None:
        self._append(block.astype("<f4", copy=False).tobytes(), np.zeros(0, np.int32))


class CompandedWavWriter(_WavWriter):
    """µ-law or A-law, 8 bits."""

    def __init__(self, path: Path, rate: int, channels: int, tag: int, encode: Codes, decode: Decode) -> None:
        super().__init__(path, rate, channels, tag, 8)
        self._encode, self._decode = encode, decode

    def write(self, block: NDArray[np.float32]) -> None:
        codes = self._encode(block)
        if len(block) and (block.max() > 1 or block.min() < -1):
            self.clipped += int(np.count_nonzero(np.abs(block) > 1))
        self._append(codes.tobytes(), np.left_shift(self._decode(codes), 16, dtype=np.int32))


def _size(header: int, width: int) -> Size:
    def exact(frames: int, channels: int, rate: int, bit_rate: int) -> int:
        data = frames * channels * width
        return header + data + (data & 1)

    return exact


def _pcm(bits: int) -> Format:
    return Format(
        container="wav",
        encoding=f"pcm_s{bits}",
        name=phrase("{container}, {bits}-bit PCM", container="WAV", bits=bits),
        extension=".wav",
        bits=bits,
        depth=bits,
        safe_peak=1 - 2.5 / 2 ** (bits - 1),
        size=_size(44, bits // 8),
        opener=lambda o: PcmWavWriter(o.path, o.rate, o.channels, bits, o.dither),
        max_bytes=LARGEST + 8,
    )


def levels_of(decode: Decode) -> tuple[float, ...]:
    """The magnitudes of all 256 codes, nominal, rising."""
    # Not by np.unique, which would load the masked arrays, and they take longer than this room.
    levels = {abs(value) / 32768 for value in decode(np.arange(256, dtype=np.uint8)).tolist()}
    return tuple(sorted(levels))


def _companded(encoding: str, name: str, tag: int, encode: Codes, decode: Decode, safe_peak: float) -> Format:
    return Format(
        levels=levels_of(decode),
        container="wav",
        encoding=encoding,
        name=f"WAV, {name}",
        extension=".wav",
        bits=8,
        safe_peak=safe_peak,
        size=_size(58, 1),
        opener=lambda o: CompandedWavWriter(o.path, o.rate, o.channels, tag, encode, decode),
        max_bytes=LARGEST + 8,
    )


PCM_16 = _pcm(16)
PCM_24 = _pcm(24)
# Just under halfway between the two outermost codes, so that the outermost is never needed.
ULAW_SAFE = 31611 / 32768
ALAW_SAFE = 31743 / 32768
ULAW = _companded("ulaw", "µ-law", _MULAW, ulaw.encode, ulaw.decode, ULAW_SAFE)
ALAW = _companded("alaw", "A-law", _ALAW, alaw.encode, alaw.decode, ALAW_SAFE)
FLOAT = Format(
    container="wav",
    encoding="pcm_f32",
    name=phrase("WAV, 32-bit float"),
    extension=".wav",
    bits=32,
    safe_peak=1.0,
    size=_size(58, 4),
    opener=lambda o: FloatWavWriter(o.path, o.rate, o.channels),
    max_bytes=LARGEST + 8,
)
