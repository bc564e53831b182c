"""Sources that libsndfile reads."""

from __future__ import annotations

import os
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
import soundfile
from numpy.typing import NDArray

from ...words import phrase
from ..model import Header, Note, Stated
from .block import BLOCK
from .chunks import find_sound
from .mpeg import count_frames, may_be_mpeg
from .pcm import WIDTHS
from .plain import PlainWav
from .speakers import speakers_in

if TYPE_CHECKING:
    from .header_repair import Mended
    from .headerless import G726Raw

_CONTAINERS = {
    "WAV": "wav", "WAVEX": "wav", "RF64": "rf64", "W64": "w64", "AIFF": "aiff", "AU": "au", "CAF": "caf",
    "FLAC": "flac", "OGG": "ogg", "MP3": "mp3", "NIST": "sphere", "MPEG": "mp3",
}  # fmt: skip

# libsndfile's name -> (ours, bits a sample, largest magnitude).
_ENCODINGS: dict[str, tuple[str, int | None, float]] = {
    "PCM_S8": ("pcm_s8", 8, 127 / 128),
    "PCM_U8": ("pcm_u8", 8, 127 / 128),
    "PCM_16": ("pcm_s16", 16, 32767 / 32768),
    "PCM_24": ("pcm_s24", 24, 1 - 2.0**-23),
    "PCM_32": ("pcm_s32", 32, 1 - 2.0**-24),
    "FLOAT": ("pcm_f32", 32, 1.0),
    "DOUBLE": ("pcm_f64", 64, 1.0),
    "ULAW": ("ulaw", 8, 32124 / 32768),
    "ALAW": ("alaw", 8, 32256 / 32768),
    "IMA_ADPCM": ("ima_adpcm", 4, 1.0),
    "MS_ADPCM": ("ms_adpcm", 4, 1.0),
    "GSM610": ("gsm", None, 1.0),
    "G721_32": ("g726_32", 4, 1.0),
    "G723_24": ("g726_24", 3, 1.0),
    "G723_40": ("g726_40", 5, 1.0),
    "VORBIS": ("vorbis", None, 1.0),
    "OPUS": ("opus", None, 1.0),
    "MPEG_LAYER_I": ("mp1", None, 1.0),
    "MPEG_LAYER_II": ("mp2", None, 1.0),
    "MPEG_LAYER_III": ("mp3", None, 1.0),
    "ALAC_16": ("alac", 16, 32767 / 32768),
    "ALAC_20": ("alac", 20, 1.0),
    "ALAC_24": ("alac", 24, 1.0),
    "ALAC_32": ("alac", 32, 1.0),
}


# Of these the library counts frames exactly, and finds each of them.
_EXACT = {"PCM_S8", "PCM_U8", "PCM_16", "PCM_24", "PCM_32", "FLOAT", "DOUBLE", "ULAW", "ALAW"}
_LONGEST_NAME = 1000  # bytes of a path that libsndfile takes, about


def try_open(path: Path, size: int, by_library: bool = False) -> SndfileReader | G726Raw | None:
    """A reader, or None where libsndfile does not know the file."""
    if len(os.fsencode(path)) > _LONGEST_NAME:
        return None  # libav has no such limit
    # Before the library opens it, which complains on stderr of tables that are wrong.
    frames = count_frames(path) if may_be_mpeg(path) else None
    if frames is not None and not frames.easy:
        return None  # libsndfile believes the table, or takes all for alike
    try:
        file = soundfile.SoundFile(os.fsencode(path))
    except (soundfile.LibsndfileError, RuntimeError, TypeError, ValueError, UnicodeError):
        return None
    form = file.format
    if form == "FLAC" and not 0 < file.frames < 2**62:
        # It states no length: libsndfile then loses the last frames.
        file.close()
        return None
    if form == "OGG":
        from .ogg import is_chained

        if is_chained(path):
            file.close()
            return None  # it reads only the first piece
    if file.frames == 0 and form in ("WAV", "WAVEX"):
        from .header_repair import mended

        whole = mended(path, size)
        if whole is not None:
            file.close()
            try:
                return SndfileReader(path, size, soundfile.SoundFile(whole), whole)
            except (soundfile.LibsndfileError, RuntimeError, TypeError):
                whole.close()
                return None
    reader = SndfileReader(path, size, file, by_library=by_library, notes=frames.notes if frames else ())
    if form == "AU" and reader.header.encoding.startswith("g726"):
        # The library leaves a rounding out that the recommendation has, and drifts away from what others coded.
        file.close()
        return _g726_in_au(path, size, reader.header)
    return reader


def _g726_in_au(path: Path, size: int, header: Header) -> G726Raw:
    from .headerless import G726Raw

    with path.open("rb") as file:
        head = file.read(12)
    place, length = int.from_bytes(head[4:8], "big"), int.from_bytes(head[8:12], "big")
    known = length if length != 0xFFFFFFFF else None
    kbits = int(header.encoding[5:])
    header = replace(header, frames=min(size - place, size if known is None else known) * 64 // kbits)
    return G726Raw(path, size, Stated(f"g726_{kbits}le", 8000), header=header, place=place, length=known)


def _notes(path: Path, size: int, file: soundfile.SoundFile, no_length: bool, lost: float) -> Iterator[Note]:
    """What is wrong with a file that can be read. ``lost`` is the share of the promised sound that is not there."""
    held = file.frames / file.samplerate
    if no_length:
        what = phrase(
            "Its header says that it holds nothing; all {held:.2f} s up to the end of the file are taken.", held=held
        )
        yield Note("no_length", what, phrase("Listen to its end: what wrote it was probably cut off."))
    rest = phrase("Ask for a whole copy, or deliver what is there.")
    if file.format == "OGG":
        from .ogg import is_whole

        if not is_whole(path, size):
            what = phrase("The file breaks off: its last page is missing or cut; {held:.2f} s are there.", held=held)
            yield Note("truncated", what, rest)
    if lost > 0:
        promised = held / (1 - lost) if lost < 1 else held
        what = phrase(
            "The file breaks off: its header promises {promised:.2f} s, it holds {held:.2f} s.",
            promised=promised,
            held=held,
        )
        yield Note("truncated", what, rest)


class SndfileReader:
    """Implements ``Reader``."""

    def __init__(
        self,
        path: Path,
        size: int,
        file: soundfile.SoundFile,
        whole: Mended | None = None,
        by_library: bool = False,
        notes: tuple[Note, ...] = (),
    ) -> None:
        self._path = path
        self._file = file
        self._trouble: Note | None = None
        #: BLAKE3 of the file, where reading its sound was reading all of it anyway; empty until then.
        self.digest = ""
        form, subtype = file.format, file.subtype
        encoding, bits, full = _ENCODINGS.get(subtype, (subtype.lower(), None, 1.0))
        self._exact = subtype in _EXACT
        self._whole = whole
        self._by_library = by_library
        self._first = 0
        found = find_sound(path, size)
        self._offset = found.offset if found else None
        found_notes = [*notes, *_notes(path, size, file, whole is not None, found.missing if found else 0.0)]
        self.header = Header(
            container=_CONTAINERS.get(form, form.lower()),
            encoding=encoding,
            sample_rate=int(file.samplerate),
            channels=int(file.channels),
            bits=bits,
            # Some compressed files state no length, or 2**63 - 1.
            frames=int(file.frames) if 0 <= file.frames < 2**62 else None,
            bytes=size,
            full_scale=full,
            notes=tuple(found_notes),
            speakers=speakers_in(path, _CONTAINERS.get(form, form.lower()), int(file.channels)),
        )

    @property
    def trouble(self) -> Note | None:
        return self._trouble

    def skip_to(self, frame: int) -> int:
        """As ``Reader.skip_to``: exact where every frame has its own place in the file, and in FLAC."""
        if self._whole is not None or not self._exact or not self.header.frames or not self._file.seekable():
            return 0
        self._first = max(0, min(frame, self.header.frames))
        return self._first

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        head = self.header
        if (
            head.container in ("wav", "rf64")
            and head.encoding in WIDTHS
            and self._whole is None
            and head.frames
            and not self._by_library
        ):
            offset = self._offset
            if offset is not None:
                straight = PlainWav(self._path, head, offset)
                straight.skip_to(self._first)
                yield from straight.blocks()
                self.digest = straight.digest
                return
        done = self._first
        if done:
            self._file.seek(done)
        if head.container == "mp3":
            # It would seek after every block, for which the decoder begins anew without the bits it had saved, and complains to stderr.
            self._file.seekable = lambda: False
        # Of these the library gives no more than the header's count; of others it has to say that it is at the end.
        last = head.frames if self._exact else None
        while last is None or done < last:
            try:
                block = self._file.read(BLOCK, dtype="float32", always_2d=True)
            except (soundfile.LibsndfileError, RuntimeError):
                yield from self._last_whole(done)
                return
            if not len(block):
                return
            yield block
            done += len(block)

    def _last_whole(self, done: int) -> Iterator[NDArray[np.float32]]:
        """What is whole after ``done`` frames: a failed read loses its block, so this one is read in crumbs."""
        self._trouble = Note(
            "damaged",
            phrase("The sound is damaged part of the way through."),
            phrase("Ask for a whole copy, or deliver what is there."),
        )
        crumbs: list[NDArray[np.float32]] = []
        try:
            with soundfile.SoundFile(os.fsencode(self._path)) as file:
                file.seek(done)
                size = 256
                while size:
                    try:
                        crumb = file.read(size, dtype="float32", always_2d=True)
                    except (soundfile.LibsndfileError, RuntimeError):
                        # The damage is within this crumb: nearer to it in smaller ones.
                        size //= 4
                        file.seek(done + sum(len(one) for one in crumbs))
                        continue
                    if not len(crumb):
                        break
                    crumbs.append(crumb)
        except (soundfile.LibsndfileError, RuntimeError):
            pass  # that is where the damage is
        if crumbs:
            yield np.concatenate(crumbs)

    def close(self) -> None:
        self._file.close()
        if self._whole is not None:
            self._whole.close()
