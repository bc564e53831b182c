"""Read a file back and check it against what a receiver demands."""

from __future__ import annotations

import math
import os
import zlib
from collections.abc import Callable, Iterator
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ..codec import FOR_VOICES, FORMATS
from ..codec.pcm import MOVES, Dither
from ..cut.forms import cues_of, marks_in_wav
from ..errors import Cancelled
from ..fit.plan import level_is_right
from ..fit.verdict import Recipe
from ..intake import BLOCK, open_sound
from ..measure import Loudness, look_at
from ..model import Facts, Header, Receiver, Stated
from ..model.units import db, format_db, format_hz, format_kind, format_limit, ratio


@dataclass(frozen=True, slots=True)
class Check:
    """One thing that was checked."""

    name: str
    expected: str
    found: str
    passed: bool

    def to_dict(self) -> dict[str, Any]:
        return {"name": self.name, "expected": self.expected, "found": self.found, "passed": self.passed}


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


@dataclass(frozen=True, slots=True)
class Promise:
    """What the maker of a file says is in it.

    Attributes
    ----------
    rms : of what was to be written, nominal 0 to 1; None where nothing was computed.
    digest : CRC-32 of the samples written, as ``codec.Writer.digest``.
    outside : whether somebody has decided that the level may lie outside of what the receiver takes.
    source_clipped : samples at full scale that the source already had.
    """

    recipe: Recipe
    digest: int | None = None
    source_clipped: int = 0
    rms: float | None = None
    outside: bool = False


def prove(
    path: Path,
    receiver: Receiver,
    promise: Promise | None = None,
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
    facts = look_at(
        path, stated, picture=False, by_library=True, tee=crc.add if crc and once else None, cancelled=cancelled
    )
    if facts.error or facts.header is None or facts.measures is None:
        message = facts.error.message if facts.error else "it holds nothing"
        return Proof((Check("readable", "a sound file", message, False),))
    checks = [Check("readable", "a sound file", "read to its end", True)]
    checks += _against_rules(facts, receiver, name or path.name, promise)
    if promise:
        checks += _against_promise(path, facts, promise, crc.value if crc and once else None, cancelled)
    return Proof(tuple(checks), facts)


def _against_rules(facts: Facts, receiver: Receiver, name: str, promise: Promise | None) -> Iterator[Check]:
    head, sound = facts.header, facts.measures
    assert head is not None and sound is not None
    rules = receiver.rules
    whole = [n.message for n in facts.notes if n.code in ("truncated", "damaged")]
    yield Check("whole", "all that its header promises", whole[0] if whole else "all of it", not whole)
    forms = [(a.container, a.encoding) for a in rules.accepts]
    form = (head.container, head.encoding)
    wanted_forms = " or ".join(format_kind(*f) for f in forms)
    yield Check("format", wanted_forms, format_kind(*form), form in forms)
    fitting = [a for a in rules.accepts if (a.container, a.encoding) == form] or list(rules.accepts)
    rates = [
        ", ".join(map(format_hz, a.sample_rates)) if a.sample_rates else f"at most {format_hz(a.max_sample_rate)}"
        for a in fitting
    ]
    right_rate = any(a.takes_rate(head.sample_rate) for a in fitting)
    yield Check("sample rate", " or ".join(dict.fromkeys(rates)), format_hz(head.sample_rate), right_rate)
    right_channels = head.channels == rules.channels_for(head.channels)
    yield Check("channels", str(rules.channels or "1 or 2"), str(head.channels), right_channels)
    most = rules.limits.max_bytes
    if most is not None:
        yield Check("size", format_limit(most), f"{head.bytes:,} B", head.bytes <= most)
    seconds = facts.seconds or 0.0
    if rules.limits.max_seconds is not None:
        limit = rules.limits.max_seconds
        yield Check("length", f"at most {limit:g} s", f"{seconds:.3f} s", seconds <= limit)
    if rules.limits.min_seconds is not None:
        limit = rules.limits.min_seconds
        yield Check("length", f"at least {limit:g} s", f"{seconds:.3f} s", seconds >= limit)
    wanted = receiver.treatment.level
    # Half a second is a few times what P.56 needs to settle; less has no level worth the name.
    if wanted.measure != "leave" and seconds - receiver.treatment.lead_seconds >= 0.5:
        extra_db = promise.recipe.gain_db if promise else 0.0
        slack = 0.0
        if promise and not promise.recipe.copy and promise.digest is None:
            slack = 5.0 if head.encoding in FOR_VOICES else 1.0
            if wanted.measure == "peak":
                slack *= 2.5  # such codecs keep power far better than single peaks
        if (written := FORMATS.get(form)) and written.depth:
            slack += coarseness(wanted.measure, wanted.target + extra_db, written.depth, receiver.treatment.dither)
        heard = sound.stereo_level if rules.channels != 1 else sound.level
        level, peak = heard.active_dbov, db(sound.peak)
        if wanted.measure == "loudness":
            level = _loudness(facts)
        elif wanted.measure == "peak":
            level = peak
        ceiling = ratio(receiver.treatment.ceiling_dbfs)
        if written := FORMATS.get(form):
            ceiling = min(ceiling, written.safe_peak)
        yield Check(
            "level",
            f"{format_db(wanted.target + extra_db, wanted.unit)} ± {wanted.tolerance_db + slack:g} dB, or as near as peaks allow",
            f"{format_db(level, wanted.unit)}, peak {format_db(peak)}",
            level_is_right(receiver, level, peak, ceiling, extra_db, slack),
        )
    softest, loudest = rules.limits.min_level_dbov, rules.limits.max_level_dbov
    lives_with = promise is not None and promise.outside
    if (
        (softest is not None or loudest is not None)
        and not lives_with
        and seconds - receiver.treatment.lead_seconds >= 0.5
    ):
        heard = sound.stereo_level if rules.channels != 1 else sound.level
        slack = 0.3 if not promise or promise.digest is not None else 5.0 if head.encoding in FOR_VOICES else 1.0
        low, high = -math.inf if softest is None else softest, 0.0 if loudest is None else loudest
        inside = not math.isfinite(heard.active_dbov) or low - slack <= heard.active_dbov <= high + slack
        told = f"{format_db(low, 'dBov')} to {format_db(high, 'dBov')}"
        yield Check("speech level taken", told, format_db(heard.active_dbov, "dBov"), inside)
    stem, dot, extension = name.rpartition(".")
    extensions = []
    for accepted in rules.accepts:
        key = (accepted.container, accepted.encoding)
        if (key == form or form not in forms) and (written := FORMATS.get(key)):
            extensions.append(written.extension)
    right = rules.names.is_legal(stem) and dot + extension in extensions
    wanted_name = (
        f"{rules.names.max_length} of [{rules.names.allowed}], then {' or '.join(dict.fromkeys(extensions))}"
    )
    yield Check("name", f"at most {wanted_name}", name, right)


def _against_promise(
    path: Path, facts: Facts, promise: Promise, crc: int | None, cancelled: Callable[[], bool] | None
) -> Iterator[Check]:
    head, sound = facts.header, facts.measures
    assert head is not None and sound is not None
    recipe = promise.recipe
    frames = recipe.decoded_frames
    # Readers differ on whether the filling of the last lot belongs to the sound.
    right = recipe.copy or recipe.frames_out <= sound.frames <= frames + recipe.format.ragged
    yield Check("exact length", f"{frames:,} frames", f"{sound.frames:,} frames", right)
    planned = recipe.exact_size
    if planned is not None and not recipe.copy:
        yield Check("exact size", f"{planned:,} B", f"{head.bytes:,} B", head.bytes == planned)
    yield Check(
        "no clipping added",
        f"at most {promise.source_clipped:,} samples at full scale",
        f"{sound.clipped_samples:,}",
        sound.clipped_samples <= promise.source_clipped,
    )
    if recipe.cues:
        there = cues_of(marks_in_wav(path), recipe.rate_out)
        told, read = (
            "; ".join(f"{c.name} {c.start:,} to {c.stop:,}" for c in some[:4]) for some in (recipe.cues, there)
        )
        yield Check("spans as cue points", told, read or "none", tuple(there) == recipe.cues)
    heard_at_all = (
        promise.rms is not None and promise.rms > 0.001 and recipe.frames_out - recipe.lead > 0.1 * recipe.rate_out
    )
    if promise.digest is None and promise.rms is not None and heard_at_all:
        # An encoding that is not exact still has to sound as loud as was meant.
        heard = db(max((sound.levels[s].rms for s in sound.levels if s != "mix"), default=0.0))
        meant = db(promise.rms)
        within = 6.0 if recipe.format.encoding in FOR_VOICES else 3.0
        told = f"{format_db(meant)} ± {within:g} dB"
        yield Check("sounds as meant", told, format_db(heard), abs(heard - meant) <= within)
    if promise.digest is not None:
        found = _digest(path, recipe, cancelled) if crc is None else crc
        yield Check(
            f"samples, by {recipe.format.second_reader}",
            f"{promise.digest:08x}",
            "unreadable" if found is None else f"{found:08x}",
            found == promise.digest,
        )


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


def coarseness(measure: str, target: float, depth: int, dither: Dither) -> float:
    """By how much rounding to ``depth`` bits can lift a level of ``target`` dB: nothing to speak of but for few bits and soft sound."""
    step = 2.0 ** (1 - depth)
    if measure == "peak":
        return db(1 + MOVES[dither] * step / ratio(target))
    # Power of the error in steps squared: rounding 1/12, with TPDF 3/12, fed back with (1 − z⁻¹)² six times that.
    noise = {"none": 1, "tpdf": 3, "shaped": 18}[dither] / 12 * step**2
    return 10 * math.log10(1 + noise / ratio(target) ** 2)


def _loudness(facts: Facts) -> float:
    """Integrated loudness of a file, LUFS."""
    reader = open_sound(facts.path, facts.stated)
    try:
        meter = Loudness(reader.header.sample_rate, reader.header.channels)
        for block in reader.blocks():
            meter.add(block)
    finally:
        reader.close()
    return meter.result()


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
        for frame in container.decode(audio=0):
            samples = frame.to_ndarray()
            # Interleaved frames come as one row.
            samples = samples.T if frame.format.is_planar else samples.reshape(-1, frame.layout.nb_channels)
            whole = np.ascontiguousarray(samples).astype(np.int32)
            if samples.dtype == np.uint8:
                whole -= 128
            yield whole << (32 - 8 * samples.dtype.itemsize)


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
