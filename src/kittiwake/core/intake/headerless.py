"""Headerless files, whose format somebody stated."""

from __future__ import annotations

import io
import os
from collections.abc import Callable, Iterator
from dataclasses import replace
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ...words import phrase
from ..errors import IntakeError
from ..model import Header, Note
from ..model.stated import HEADERLESS, Stated
from ..registry import Registry
from .block import BLOCK, FromTheStart
from .packing import unpacked
from .sniff import text_before

# Our name -> libsndfile's subtype, its byte order, bits, largest magnitude.
_BY_SNDFILE: dict[str, tuple[str, str | None, int | None, float]] = {
    "pcm_s16le": ("PCM_16", "LITTLE", 16, 32767 / 32768),
    "pcm_s16be": ("PCM_16", "BIG", 16, 32767 / 32768),
    "pcm_u8": ("PCM_U8", None, 8, 127 / 128),
    "pcm_s8": ("PCM_S8", None, 8, 127 / 128),
    "pcm_s24le": ("PCM_24", "LITTLE", 24, 1 - 2.0**-23),
    "pcm_f32le": ("FLOAT", "LITTLE", 32, 1.0),
    "ulaw": ("ULAW", None, 8, 32124 / 32768),
    "alaw": ("ALAW", None, 8, 32256 / 32768),
    "gsm": ("GSM610", None, None, 1.0),
}
# Our name -> libav's demuxer and its options.
_BY_DEMUXER: dict[str, tuple[str, dict[str, str]]] = {
    "g722": ("g722", {}),
    "g723_1": ("g723_1", {}),
    "g729": ("g729", {}),
    "amr_nb": ("amr", {}),
}


#: Readers of encodings that were added from outside.
_OTHERS: Registry[str, Callable[[Path, int, Stated], Any]] = Registry("reader of headerless files for")


def register_reader(encoding: str, reader: Callable[[Path, int, Stated], Any], rate: int = 0) -> None:
    """Let headerless files be stated to have this encoding. ``reader`` makes a ``Reader`` of path, size in bytes and what is stated; ``rate`` is
    its only sample rate (Hz), where it has only one.
    """
    _OTHERS.add(encoding, reader)
    HEADERLESS[encoding] = rate


def _with_note_of_text(reader: Any, path: Path, stated: Stated) -> Any:
    """A reader whose header tells of text that stands before the sound and is read as sound, as stated."""
    if not stated.skip and (text := text_before(path)):
        note = Note(
            "text_before",
            phrase("Its first {text:,} bytes are text, which is read as sound: a click.", text=text),
            phrase("State {stated}+{text}, which passes over them.", stated=stated, text=text),
        )
        reader.header = replace(reader.header, notes=(*reader.header.notes, note))
    return reader


def open_headerless(path: Path, size: int, stated: Stated) -> Any:
    """A reader for a file of ``size`` bytes in the stated format.

    Raises
    ------
    IntakeError : it cannot be read so.
    """
    if stated.skip >= size:
        raise IntakeError(
            phrase("Nothing lies behind its first {skip:,} bytes.", skip=stated.skip),
            phrase("State fewer bytes to pass over."),
            "not_sound",
        )
    if stated.encoding in _OTHERS:
        if stated.skip:
            raise IntakeError(
                phrase("Bytes before the sound cannot be passed over in {encoding}.", encoding=stated.encoding),
                phrase("Cut them off first."),
                "not_sound",
            )
        return _OTHERS[stated.encoding](path, size, stated)
    size -= stated.skip
    if stated.encoding in _BY_SNDFILE:
        return _with_note_of_text(SndfileRaw(path, size, stated), path, stated)
    if stated.encoding.startswith("g726"):
        return _with_note_of_text(G726Raw(path, size, stated), path, stated)
    if stated.encoding in _BY_DEMUXER:
        return _with_note_of_text(AvRaw(path, size, stated), path, stated)
    return _with_note_of_text(OkiRaw(path, size, stated), path, stated)


def _header(size: int, stated: Stated, bits: int | None, frames: int | None, full: float, *notes: Note) -> Header:
    return Header("raw", stated.encoding, stated.rate, stated.channels, bits, frames, size, full, notes)


class _Behind(io.FileIO):
    """A file as if it began behind its first ``skip`` bytes."""

    def __init__(self, path: Path, skip: int) -> None:
        super().__init__(path, "rb")
        self._skip = skip
        super().seek(skip)

    def seek(self, offset: int, whence: int = os.SEEK_SET) -> int:
        return super().seek(offset + (self._skip if whence == os.SEEK_SET else 0), whence) - self._skip

    def tell(self) -> int:
        return super().tell() - self._skip


class SndfileRaw(FromTheStart):
    """Implements ``Reader``."""

    trouble: Note | None = None

    def __init__(self, path: Path, size: int, stated: Stated) -> None:
        import soundfile

        subtype, endian, bits, full = _BY_SNDFILE[stated.encoding]
        try:
            self._behind = _Behind(path, stated.skip) if stated.skip else None
            self._file = soundfile.SoundFile(
                self._behind or os.fsencode(path),
                samplerate=stated.rate,
                channels=stated.channels,
                format="RAW",
                subtype=subtype,
                endian=endian,
            )
        except (soundfile.LibsndfileError, RuntimeError) as error:
            # Without what the library puts in front, which is the path as Python writes it.
            why = getattr(error, "error_string", str(error))
            raise IntakeError(
                phrase("It cannot be read as {stated} ({error}).", stated=stated, error=why),
                phrase("State another format."),
                "not_sound",
            ) from error
        notes = []
        width = stated.channels * (bits or 0) // 8
        if width and size % width:
            notes.append(
                Note(
                    "odd_size",
                    phrase(
                        "{size:,} bytes are not a whole number of {width}-byte frames: perhaps it is not {stated}.",
                        size=size,
                        width=width,
                        stated=stated,
                    ),
                    phrase("Listen to it, and state another format if it is noise."),
                )
            )
        self.header = _header(size, stated, bits, int(self._file.frames), full, *notes)

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        while len(block := self._file.read(BLOCK, dtype="float32", always_2d=True)):
            yield block

    def close(self) -> None:
        self._file.close()
        if self._behind is not None:
            self._behind.close()


class AvRaw(FromTheStart):
    """Implements ``Reader``."""

    def __init__(self, path: Path, size: int, stated: Stated) -> None:
        import av

        demuxer, options = _BY_DEMUXER[stated.encoding]
        self.trouble: Note | None = None
        source: Any = io.BufferedReader(_Behind(path, stated.skip)) if stated.skip else path.open("rb")
        if stated.encoding == "amr_nb" and not source.peek(6).startswith(b"#!AMR\n"):
            source = io.BytesIO(b"#!AMR\n" + source.read())
        self._source = source
        try:
            self._container = av.open(source, "r", format=demuxer, options=options)
            self._stream = self._container.streams.audio[0]
        except (av.FFmpegError, ValueError, IndexError) as error:
            source.close()
            raise IntakeError(
                phrase("It cannot be read as {stated} ({error}).", stated=stated, error=error),
                phrase("State another format."),
                "not_sound",
            ) from error
        self.header = _header(size, stated, None, None, 1.0)

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        import av

        from .libav import decoder_for

        resampler = av.AudioResampler(format="flt", layout="mono", rate=self.header.sample_rate)
        decoder = decoder_for(self._stream)
        try:
            for packet in self._container.demux(self._stream):
                for frame in decoder.decode(packet):
                    for plain in resampler.resample(frame):
                        yield np.ascontiguousarray(plain.to_ndarray().reshape(-1, 1), np.float32)
        except (av.FFmpegError, ValueError) as error:
            self.trouble = Note(
                "damaged",
                phrase("The sound is damaged part of the way through ({error}).", error=error),
                phrase("State another format, or deliver what is there."),
            )

    def close(self) -> None:
        self._container.close()
        self._source.close()


class G726Raw(FromTheStart):
    """Implements ``Reader``. The codes may lie in a file of another kind too: ``header`` is that file's then, and ``place`` where they begin."""

    trouble: Note | None = None

    def __init__(
        self,
        path: Path,
        size: int,
        stated: Stated,
        *,
        header: Header | None = None,
        place: int | None = None,
        length: int | None = None,
    ) -> None:
        self._kbits, self._high_first = int(stated.encoding[5:7]), stated.encoding.endswith("be")
        if place is None:
            place = stated.skip
            size += place
        self._left = size - place if length is None else min(length, size - place)
        frames = self._left * 64 // self._kbits
        self._file = path.open("rb")
        self._file.seek(place)
        self.header = header or _header(size, stated, self._kbits // 8, frames, 1.0)

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        from .g726 import Adpcm  # builds tables when it is loaded

        decoder = Adpcm(self._kbits)
        size = (
            self._kbits // 8 * 4096
        )  # whole bytes of whole codes; few, since this is slow and a stop should not wait for it
        while data := self._file.read(min(size, self._left)):
            self._left -= len(data)
            codes = unpacked(data, self._kbits // 8, self._high_first)
            whole = np.array(decoder.decode(codes.tolist()), np.float32)
            yield (whole * np.float32(1 / 8192))[:, None]

    def close(self) -> None:
        self._file.close()


class OkiRaw(FromTheStart):
    """Implements ``Reader``; libav decodes, this hands it the bytes."""

    trouble: Note | None = None

    def __init__(self, path: Path, size: int, stated: Stated) -> None:
        import av

        self._file = path.open("rb")
        self._file.seek(stated.skip)
        self._decoder = av.CodecContext.create("adpcm_ima_oki", "r")
        self._decoder.sample_rate = stated.rate  # type: ignore[attr-defined]
        self._decoder.layout = "mono"  # type: ignore[attr-defined]
        self.header = _header(size, stated, 4, size * 2, 1.0)

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        import av

        while data := self._file.read(BLOCK // 2):
            for frame in self._decoder.decode(av.Packet(data)):  # type: ignore[attr-defined]
                yield (frame.to_ndarray().reshape(-1, 1).astype(np.float32)) * np.float32(1 / 32768)

    def close(self) -> None:
        self._file.close()
