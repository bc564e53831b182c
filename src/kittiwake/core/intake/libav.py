"""Sources that libav reads: compressed sound that libsndfile does not know, and the sound of videos."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from typing import BinaryIO

import av
import numpy as np
from numpy.typing import NDArray

from ...words import joined, phrase
from ..errors import IntakeError
from ..model import Header, Note
from .block import BLOCK, FromTheStart
from .mpeg import DECODER_DELAY, Frames, count_frames
from .speakers import speakers_of

_CONTAINERS = {
    "mov,mp4,m4a,3gp,3g2,mj2": "mp4",
    "matroska,webm": "matroska",
    "aac": "adts",
    "mpegts": "mpeg-ts",
}
_ENCODINGS = {
    "pcm_s16le": "pcm_s16", "pcm_s16be": "pcm_s16", "pcm_s24le": "pcm_s24", "pcm_s24be": "pcm_s24",
    "pcm_f32le": "pcm_f32", "pcm_mulaw": "ulaw", "pcm_alaw": "alaw", "amrnb": "amr_nb", "amrwb": "amr_wb",
    "amr_nb": "amr_nb", "amr_wb": "amr_wb", "mp3float": "mp3", "gsm_ms": "gsm",
}  # fmt: skip
_BITS = {"pcm_s16": 16, "pcm_s24": 24, "pcm_f32": 32, "ulaw": 8, "alaw": 8}
# Demuxers that take any bytes at all, or pictures and text, for their own.
_SLACK_S = 0.2  # by which a stated length may be over what is there: encoders count their own delay in or not
_NOT_SOUND = ("tty", "image2", "png_pipe", "jpeg_pipe", "srt", "webvtt", "bin", "xbin", "idf", "rawvideo")


def open_file(path: Path, size: int, number: int = 0) -> AvReader:
    """Open with libav, and take the sound stream ``number``, counted from 0.

    Raises
    ------
    IntakeError : ``not_sound``, ``no_sound`` (a video without any), or ``no_stream``.
    """
    try:
        container = av.open(_address(path), "r", metadata_errors="replace")
    except (av.FFmpegError, OSError, ValueError) as error:
        raise IntakeError(
            phrase("No known kind of sound is in this file."),
            phrase("If it comes headerless from a phone system, state its format; otherwise ask what made it."),
            "not_sound",
        ) from error
    try:
        streams = container.streams.audio
        if streams and number >= len(streams):
            raise IntakeError(
                phrase(
                    "It holds {count} sound streams, and no stream {number}.", count=len(streams), number=number + 1
                ),
                phrase("Choose another."),
                "no_stream",
            )
        stream = streams[number] if streams else None
        if stream is None or container.format.name in _NOT_SOUND:
            raise IntakeError(
                phrase("There is no sound in this file."),
                phrase("Ask for the recording itself, or remove it."),
                "no_sound",
            )
        context = stream.codec_context  # none where libav has no decoder for it
        if not context or not context.sample_rate or not context.channels:
            raise IntakeError(
                phrase("The sound in this file cannot be told apart: its rate or channels are missing."),
                phrase("Ask for another copy."),
                "damaged",
            )
        frames = count_frames(path) if container.format.name == "mp3" else None
        return AvReader(size, container, stream, frames)
    except BaseException:
        container.close()
        raise


def _stream_in_words(number: int, stream: av.AudioStream) -> str:
    parts = [stream.metadata.get("title"), stream.metadata.get("language")]
    named = joined((part for part in parts if part and part != "und"), ", ")
    channels = stream.codec_context.channels if stream.codec_context else 0
    return f"{number}: {named or f'{channels} ch'}"


def streams_of(path: Path) -> list[str]:
    """The sound streams of a file in words, in order; none where it cannot be opened."""
    try:
        with av.open(_address(path), "r", metadata_errors="replace") as container:
            return [
                phrase(
                    "{stream_told}, {name}, {sample_rate:,} Hz",
                    stream_told=_stream_in_words(n, s),
                    name=s.codec_context.name,
                    sample_rate=s.codec_context.sample_rate,
                )
                for n, s in enumerate(container.streams.audio, 1)
            ]
    except (av.FFmpegError, OSError, ValueError):
        return []


def _address(path: Path) -> str | BinaryIO:
    """What libav opens: "file:" keeps a name with a colon from being read as a network address."""
    name = str(path)
    try:
        name.encode("utf-8")
    except UnicodeEncodeError:
        return path.open("rb")  # a name that is not valid UTF-8 cannot be handed over; the open file can
    return f"file:{name}"


class AvReader(FromTheStart):
    """Implements ``Reader``."""

    def __init__(
        self,
        size: int,
        container: av.container.InputContainer,
        stream: av.AudioStream,
        frames: Frames | None = None,
    ) -> None:
        # Without a table libav leaves the decoder's delay in.
        self._late = DECODER_DELAY if frames is not None and frames.promised is None else 0
        self._container = container
        self._stream = stream
        self._trouble: Note | None = None
        self._decoder = decoder_for(stream)
        self._promised = _promised_seconds(container, stream)
        name = stream.codec_context.name
        encoding = _ENCODINGS.get(name, name)
        notes = list(frames.notes) if frames else []
        pictures = [s for s in container.streams.video if s.disposition.name != "attached_pic"]
        if pictures:
            notes.append(Note("video", phrase("This is the sound of a video.")))
        if len(container.streams.audio) > 1:
            sentence = joined((_stream_in_words(n, s) for n, s in enumerate(container.streams.audio, 1)), "; ")
            used = container.streams.audio.index(stream) + 1
            notes.append(
                Note(
                    "streams",
                    phrase(
                        "It holds {count} sound streams ({detail}); stream {used} is used.",
                        count=len(container.streams.audio),
                        detail=sentence,
                        used=used,
                    ),
                    phrase("State which of them to use."),
                )
            )
        self.header = Header(
            container=_CONTAINERS.get(container.format.name, container.format.name.split(",")[0]),
            encoding=encoding,
            sample_rate=int(stream.codec_context.sample_rate),
            channels=int(stream.codec_context.channels),
            bits=_BITS.get(encoding),
            frames=None,
            bytes=size,
            notes=tuple(notes),
            speakers=speakers_of(stream),
        )

    @property
    def trouble(self) -> Note | None:
        return self._trouble

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        """As ``Reader.blocks``; decoder frames are gathered, since a step per 1024 samples costs more than decoding."""
        gathered: list[NDArray[np.float32]] = []
        count = whole = 0
        for block in take_from(self._frames(), self._late):
            gathered.append(block)
            count += len(block)
            whole += len(block)
            if count >= BLOCK:
                yield np.concatenate(gathered)
                gathered, count = [], 0
        if gathered:
            yield np.concatenate(gathered)
        held = whole / self.header.sample_rate
        if self._trouble is None and self._promised - held > _SLACK_S:
            self._trouble = Note(
                "truncated",
                phrase(
                    "The file breaks off: its header promises {promised:.2f} s, it holds {held:.2f} s.",
                    promised=self._promised,
                    held=held,
                ),
                phrase("Ask for a whole copy, or deliver what is there."),
            )

    def _frames(self) -> Iterator[NDArray[np.float32]]:
        resampler = av.AudioResampler(
            format="flt", layout=self._stream.codec_context.layout, rate=self.header.sample_rate
        )
        bad = 0
        try:
            for packet in self._container.demux(self._stream):
                try:
                    decoded = self._decoder.decode(packet) if packet.size or packet.dts is None else []
                except av.InvalidDataError:
                    bad += 1
                    continue
                for frame in decoded:
                    for plain in resampler.resample(frame):
                        yield _samples(plain, self.header.channels)
            for plain in resampler.resample(None):
                yield _samples(plain, self.header.channels)
        except (av.FFmpegError, OSError, ValueError) as error:
            self._note_damage(str(error))
        if bad:
            self._note_damage(
                phrase("{bad} packets could not be decoded", "{bad} packet could not be decoded", bad, bad=bad)
            )

    def _note_damage(self, why: str) -> None:
        self._trouble = Note(
            "damaged",
            phrase("The sound is damaged part of the way through ({why}).", why=why),
            phrase("Ask for a whole copy, or deliver what is there."),
        )

    def close(self) -> None:
        self._container.close()


def take_from(blocks: Iterator[NDArray[np.float32]], first: int) -> Iterator[NDArray[np.float32]]:
    """Blocks without the first so many frames."""
    for block in blocks:
        if first:
            cut = min(first, len(block))
            block, first = block[cut:], first - cut
        yield block


def decoder_for(stream: av.AudioStream) -> av.AudioCodecContext:
    """The decoder of a stream. For AMR narrow-band it is OpenCORE's: libav's own is off by several dB where the sound is a tone."""
    own = stream.codec_context
    if own.name not in ("amrnb", "amr_nb"):
        return own
    better = av.CodecContext.create("libopencore_amrnb", "r")
    assert isinstance(better, av.AudioCodecContext)
    better.sample_rate, better.layout = own.sample_rate, own.layout
    return better


def _promised_seconds(container: av.container.InputContainer, stream: av.AudioStream) -> float:
    """The length that a container states for a stream; 0 where it does not."""
    if container.format.name.startswith("matroska") and not container.streams.video:
        return (container.duration or 0) / av.time_base
    if not container.format.name.startswith("mov") or stream.duration is None or stream.time_base is None:
        return 0.0
    return float(stream.duration * stream.time_base)


def _samples(frame: av.AudioFrame, channels: int) -> NDArray[np.float32]:
    # Interleaved, in one piece: handing over a piece for each channel crashes on frames that lie about how many they have.
    return np.ascontiguousarray(frame.to_ndarray().reshape(-1, channels), dtype=np.float32)
