"""Writers on top of the libraries, and of plain files."""

from __future__ import annotations

import os
import zlib
from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from ...words import phrase
from ..errors import MakeError
from . import alaw, ulaw
from .format import Opening, Writer
from .oki import OkiEncoder
from .pcm import Quantiser

Codes = Callable[[NDArray[np.float32]], NDArray[np.uint8]]


class SndfileWriter:
    """Anything that libsndfile writes, from samples rounded or companded here.

    Companded encodings are handed the decoded values of our own nearest codes, which libsndfile's encoder maps back to just
    those codes. ``multiple_of`` fills the sound up with silence to a multiple of so many frames.
    """

    def __init__(
        self,
        opening: Opening,
        form: str,
        subtype: str,
        endian: str | None = None,
        exact: bool = True,
        multiple_of: int = 1,
    ) -> None:
        import soundfile

        self.digest: int | None = 0 if exact else None
        self.clipped = 0
        self._path = opening.path
        self._multiple, self._frames, self._channels = multiple_of, 0, opening.channels
        self._bits = {"PCM_S8": 8, "PCM_U8": 8, "PCM_24": 24, "PCM_32": 32}.get(subtype, 16)
        self._compand = {"ULAW": (ulaw.encode, ulaw.decode), "ALAW": (alaw.encode, alaw.decode)}.get(subtype)
        self._quantise = Quantiser(self._bits, opening.dither)
        self._file = soundfile.SoundFile(
            os.fsencode(opening.path),
            "x",
            samplerate=opening.rate,
            channels=opening.channels,
            format=form,
            subtype=subtype,
            endian=endian,
        )

    def write(self, block: NDArray[np.float32]) -> None:
        self._frames += len(block)
        if self._compand:
            encode, decode = self._compand
            whole = decode(encode(block)).astype(np.int32) << 16
        else:
            whole = self._quantise(block) << (32 - self._bits)
            self.clipped = self._quantise.clipped
        if self._bits <= 16:
            self._file.write((whole >> 16).astype(np.int16))
        else:
            self._file.write(whole)
        if self.digest is not None:
            self.digest = zlib.crc32(whole.astype("<i4", copy=False).tobytes(), self.digest)

    def close(self) -> None:
        if not self._file.closed:
            if missing := -self._frames % self._multiple:
                self._file.write(np.zeros((missing, self._channels), np.int16))
            self._file.close()


class RawWriter:
    """Codes one after the other, with no header."""

    def __init__(
        self, opening: Opening, encode: Codes, decode: Callable[[NDArray[np.uint8]], NDArray[np.int16]]
    ) -> None:
        self.digest: int | None = 0
        self.clipped = 0
        self._encode, self._decode = encode, decode
        self._file = opening.path.open("xb")

    def write(self, block: NDArray[np.float32]) -> None:
        codes = self._encode(block)
        self._file.write(codes.tobytes())
        whole = self._decode(codes).astype(np.int32) << 16
        self.digest = zlib.crc32(whole.astype("<i4", copy=False).tobytes(), self.digest or 0)

    def close(self) -> None:
        if not self._file.closed:
            self._file.flush()
            self._file.close()


class OkiWriter:
    """OKI ADPCM, headerless, two samples a byte."""

    def __init__(self, opening: Opening) -> None:
        self.digest: int | None = None
        self.clipped = 0
        self._encoder = OkiEncoder()
        self._rest = np.zeros(0, np.uint8)
        self._file = opening.path.open("xb")

    def write(self, block: NDArray[np.float32]) -> None:
        codes = np.concatenate([self._rest, self._encoder.encode(block[:, 0])])
        even = len(codes) // 2 * 2
        self._file.write((codes[:even:2] << 4 | codes[1:even:2]).astype(np.uint8).tobytes())
        self._rest = codes[even:]

    def close(self) -> None:
        if self._file.closed:
            return
        if len(self._rest):
            self._file.write(bytes([int(self._rest[0]) << 4]))
        self._file.flush()
        self._file.close()


class AvWriter:
    """Anything that libav writes. Sound goes in whole codec frames; the muxer gets its start and its end. ``gain`` makes up for what an
    encoder takes off by itself.
    """

    def __init__(
        self, opening: Opening, muxer: str, codec: str, options: dict[str, str] | None = None, gain: float = 1.0
    ) -> None:
        import av

        self._gain = np.float32(gain)

        self.digest: int | None = None
        self.clipped = 0
        self._av = av
        self._path = opening.path
        self._rate = opening.rate
        self._layout = "mono" if opening.channels == 1 else "stereo"
        opening.path.touch(exist_ok=False)
        # Bit-exact: some muxers would draw a random serial number or stamp the time.
        self._file = av.open(f"file:{opening.path}", "w", format=muxer, container_options={"fflags": "+bitexact"})
        try:
            stream = self._file.add_stream(codec, rate=opening.rate, layout=self._layout, options=options or {})
            assert isinstance(stream, av.AudioStream)
            self._stream = stream
            if opening.bit_rate:
                self._stream.bit_rate = opening.bit_rate
            self._stream.codec_context.flags |= 1 << 23  # AV_CODEC_FLAG_BITEXACT
            self._stream.codec_context.open()
        except (av.FFmpegError, ValueError) as error:
            self._file.close()
            raise MakeError(
                phrase("{codec} does not take this format ({error}).", codec=codec, error=error),
                phrase("Choose a legal rate."),
                "codec",
            ) from error
        frame = self._stream.codec_context.frame_size or 1024
        self._resampler = av.AudioResampler(
            format=self._stream.codec_context.format, layout=self._layout, rate=opening.rate, frame_size=frame
        )
        from fractions import Fraction

        self._at, self._tick = 0, Fraction(1, opening.rate)
        self._closed = False

    def write(self, block: NDArray[np.float32]) -> None:
        if self._gain != 1:
            block = block * self._gain
        frame = self._av.AudioFrame.from_ndarray(
            np.ascontiguousarray(block.T, dtype=np.float32), format="fltp", layout=self._layout
        )
        frame.sample_rate, frame.pts, frame.time_base = self._rate, self._at, self._tick
        self._at += len(block)
        for part in self._resampler.resample(frame):
            self._file.mux(self._stream.encode(part))

    def close(self) -> None:
        if self._closed:
            return
        self._closed = True
        try:
            if self._at:
                for part in self._resampler.resample(None):
                    self._file.mux(self._stream.encode(part))
            self._file.mux(self._stream.encode(None))
        finally:
            self._file.close()


def by_sndfile(
    form: str, subtype: str, *, endian: str | None = None, exact: bool = True, multiple_of: int = 1
) -> Callable[[Opening], Writer]:
    """An opener of ``SndfileWriter``."""
    return lambda opening: SndfileWriter(opening, form, subtype, endian, exact, multiple_of)


def by_libav(muxer: str, codec: str, **options: str) -> Callable[[Opening], Writer]:
    """An opener of ``AvWriter``."""
    return lambda opening: AvWriter(opening, muxer, codec, options)
