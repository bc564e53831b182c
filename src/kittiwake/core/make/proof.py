"""Read a file back and check it against what a receiver demands."""

from __future__ import annotations

import os
import zlib
from collections.abc import Callable, Iterator
from dataclasses import field
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ...words import joined, phrase
from ..codec.cues import read_cues
from ..codec.info import read_info
from ..errors import Cancelled
from ..fit.rules import Check, Subject, WriteReport, checked
from ..fit.rules.subject import HAS_LEVEL_S
from ..fit.verdict import Recipe
from ..intake import BLOCK, open_sound
from ..measure import Loudness, TruePeak, analyze
from ..model import Facts, Header, Receiver, Stated
from ..model.facts import NotMeasuredError
from ..model.units import db, format_db

__all__ = ["Check", "Proof", "WriteReport", "prove"]


@dataclass(frozen=True, slots=True)
class Proof:
    """The reading-back of a file."""

    checks: tuple[Check, ...]
    facts: Facts | None = field(default=None, repr=False, compare=False)

    @property
    def passed(self) -> bool:
        return bool(self.checks) and all(check.passed for check in self.checks)

    @property
    def failures(self) -> tuple[Check, ...]:
        return tuple(check for check in self.checks if not check.passed)

    def to_dict(self) -> dict[str, Any]:
        return {"passed": self.passed, "checks": [check.to_dict() for check in self.checks]}


def prove(
    path: Path,
    receiver: Receiver,
    promise: WriteReport | None = None,
    *,
    name: str | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Proof:
    """Check a file, ours or not, against a receiver's rules, and if it is ours against what was meant to be in it.

    Files of ours are read by a library that did not write them.

    Parameters
    ----------
    name : the file name it will have, where ``path`` is still a temporary one.

    Raises
    ------
    Cancelled
    """
    stated = promise.recipe.stated if promise else _stated_by(receiver, path)
    crc = _Crc(promise.recipe.frames_out) if promise and promise.digest is not None else None
    once = crc is not None and promise is not None and promise.recipe.format.second_reader != "libav"
    facts = analyze(
        path,
        stated,
        picture=False,
        every=receiver.rules.channels != 1,
        by_library=True,
        tee=crc.add if crc and once else None,
        cancelled=cancelled,
    )
    if facts.error or facts.header is None or facts.measures is None:
        message = facts.error.message if facts.error else phrase("it holds nothing")
        return Proof((Check(phrase("readable"), phrase("a sound file"), message, False),))
    checks = [Check(phrase("readable"), phrase("a sound file"), phrase("read to its end"), True)]
    try:
        checks += checked(_subject(facts, receiver, name or path.name, promise))
    except NotMeasuredError:
        # A rule goes by outline or spectrum: a check that passes without looking would be none.
        seen = analyze(path, stated, by_library=True, cancelled=cancelled)
        checks += checked(_subject(seen, receiver, name or path.name, promise))
    if promise:
        checks += _against_promise(path, facts, promise, crc.value if crc and once else None, cancelled)
    return Proof(tuple(checks), facts)


def _subject(facts: Facts, receiver: Receiver, name: str, promise: WriteReport | None) -> Subject:
    assert facts.header is not None and facts.measures is not None
    return Subject(
        facts, facts.header, facts.measures, receiver, name, promise, lambda: _measured_again(facts, receiver)
    )


def _measured_again(facts: Facts, receiver: Receiver) -> tuple[float, float]:
    """Integrated loudness (LUFS) and true peak (nominal), each only where the treatment asks for it."""
    head = facts.header
    assert head is not None
    treatment = receiver.treatment
    loudness = Loudness(head.sample_rate, head.channels) if treatment.level.measure == "loudness" else None
    true = TruePeak(head.sample_rate, head.channels) if treatment.ceiling_dbtp is not None else None
    reader = open_sound(facts.path, facts.stated)
    try:
        for block in reader.blocks():
            if loudness:
                loudness.add(block)
            if true:
                true.add(block)
    finally:
        reader.close()
    return loudness.result() if loudness else 0.0, true.finish() if true else 0.0


def _against_promise(
    path: Path, facts: Facts, promise: WriteReport, crc: int | None, cancelled: Callable[[], bool] | None
) -> Iterator[Check]:
    head, sound = facts.header, facts.measures
    assert head is not None and sound is not None
    recipe = promise.recipe
    frames = recipe.decoded_frames
    # Readers differ on whether the filling of the last frame belongs to the sound.
    right = recipe.copy or recipe.frames_out <= sound.frames <= frames + recipe.format.padding
    yield Check(
        phrase("exact length"),
        phrase("{frames:,} frames", frames=frames),
        phrase("{frames:,} frames", frames=sound.frames),
        right,
    )
    planned = recipe.exact_size
    if planned is not None and not recipe.copy:
        yield Check(
            phrase("exact size"),
            phrase("{planned:,} B", planned=planned),
            phrase("{bytes:,} B", bytes=head.bytes),
            head.bytes == planned,
        )
    yield Check(
        phrase("no clipping added"),
        phrase("at most {source_clipped:,} samples at full scale", source_clipped=promise.source_clipped),
        phrase("{n:,}", n=sound.clipped_samples),
        sound.clipped_samples <= promise.source_clipped,
    )
    if recipe.cues:
        yield _cue_points(path, recipe)
    if recipe.info:
        wanted, read = (joined((text for _, text in entries), "; ") for entries in (recipe.info, read_info(path)))
        yield Check(phrase("rights in the file"), wanted, read or phrase("none"), read_info(path) == recipe.info)
    # A code of voices finds its feet in the first half second, and leaves what is as soft as the noise of a room as it likes.
    least_s, least = (HAS_LEVEL_S, 0.005) if recipe.format.for_voices else (0.1, 0.001)
    heard_at_all = (
        promise.rms is not None
        and promise.rms > least
        and recipe.frames_out - recipe.lead > least_s * recipe.rate_out
    )
    if promise.digest is None and promise.rms is not None and heard_at_all and recipe.level == "leave":
        # An encoding that is not exact still has to sound as loud as was meant; where a level is wanted, that is held to it.
        heard = db(max((sound.levels[s].rms for s in sound.levels if s != "mix"), default=0.0))
        meant = db(promise.rms)
        # Codes of voices change what is none by more than 6 dB; from 3 dB on the output says so. What is read wrongly is off by far more.
        within = 10.0 if recipe.format.for_voices else 3.0
        wanted = phrase("{meant} ± {within:g} dB", meant=format_db(meant), within=within)
        yield Check(phrase("sounds as meant"), wanted, format_db(heard), abs(heard - meant) <= within)
    if promise.digest is not None:
        found = _digest(path, recipe, cancelled) if crc is None else crc
        yield Check(
            phrase("samples, by {second_reader}", second_reader=recipe.format.second_reader),
            f"{promise.digest:08x}",
            "unreadable" if found is None else f"{found:08x}",
            found == promise.digest,
        )


def _cue_points(path: Path, recipe: Recipe) -> Check:
    there, _ = read_cues(path)
    wanted, read = (
        joined(
            (phrase("{name} {start:,} to {stop:,}", name=c.name, start=c.start, stop=c.stop) for c in cues[:4]),
            "; ",
        )
        for cues in (recipe.cues, there)
    )
    return Check(phrase("spans as cue points"), wanted, read or phrase("none"), tuple(there) == recipe.cues)


class _Crc:
    """CRC-32 of samples as int32, left-justified, from the float32 that a library gives of them: no more than 24 bits, so exact."""

    def __init__(self, frames: int) -> None:
        self.value = 0
        self._left = frames

    def add(self, header: Header, columns: NDArray[np.float32], *_: object) -> None:
        part = columns[:, : self._left].T
        self._left -= len(part)
        whole = np.multiply(part, np.float32(2.0**31), order="C").astype("<i4")
        self.value = zlib.crc32(whole.data, self.value)


def _digest(path: Path, recipe: Recipe, cancelled: Callable[[], bool] | None) -> int | None:
    """CRC-32 of the decoded samples as int32, left-justified, read by the library that did not write the file."""
    read = _int32_by_libav if recipe.format.second_reader == "libav" else _int32_by_sndfile
    stated = recipe.stated
    value = 0
    left = recipe.frames_out
    try:
        for block in read(path, stated):
            if cancelled and cancelled():
                raise Cancelled
            block = block[:left]
            left -= len(block)
            value = zlib.crc32(block.astype("<i4", copy=False).tobytes(), value)
    except Cancelled:
        raise
    except Exception:  # whatever a library says of it, the file has then not been proved
        return None
    return value


def _int32_by_sndfile(path: Path, stated: Stated | None) -> Iterator[NDArray[np.int32]]:
    import soundfile

    raw = {}
    if stated:
        subtype = {"ulaw": "ULAW", "alaw": "ALAW"}[stated.encoding]
        raw = {"samplerate": stated.rate, "channels": stated.channels, "format": "RAW", "subtype": subtype}
    with soundfile.SoundFile(os.fsencode(path), **raw) as file:
        while len(block := file.read(BLOCK, dtype="int32", always_2d=True)):
            yield block


def _int32_by_libav(path: Path, stated: Stated | None) -> Iterator[NDArray[np.int32]]:
    import av

    form, options = None, {}
    if stated:
        form = {"pcm_s16le": "s16le", "pcm_s16be": "s16be"}[stated.encoding]
        layout = "mono" if stated.channels == 1 else "stereo"
        options = {"sample_rate": str(stated.rate), "ch_layout": layout}
    with av.open(f"file:{path}", "r", format=form, options=options) as container:
        for frame in _frames(container):
            samples = frame.to_ndarray()
            # Interleaved frames come as one row.
            samples = samples.T if frame.format.is_planar else samples.reshape(-1, frame.layout.nb_channels)
            whole = np.ascontiguousarray(samples).astype(np.int32)
            if samples.dtype == np.uint8:
                whole -= 128
            yield whole << (32 - 8 * samples.dtype.itemsize)


def _frames(container: Any) -> Iterator[Any]:
    """Decoded frames. Once in some hundred hours of FLAC libav takes sound for the beginning of a frame, and hands its decoder a piece that is none: it is
    passed over, since whatever is missing shows in the checksum.
    """
    import av

    for packet in container.demux(audio=0):
        try:
            yield from packet.decode()
        except av.error.InvalidDataError:
            continue


def _stated_by(receiver: Receiver, path: Path) -> Stated | None:
    """How to read a file that has no header, if that is what the receiver takes: by the first headerless form it names."""
    from ..intake.sniff import looks_like_sound

    if looks_like_sound(path):
        return None
    for accepted in receiver.rules.accepts:
        if accepted.container == "raw":
            rate = accepted.sample_rates[0] if accepted.sample_rates else accepted.max_sample_rate or 8000
            return Stated(accepted.encoding, rate, max(1, receiver.rules.channels))
    return None
