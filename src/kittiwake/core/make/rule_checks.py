"""What of a file is checked against a receiver's rules and treatment, one small function a check.

Each yields what it found; a test shows each to fail on a file made to break just it.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator
from functools import cached_property
from typing import Any

from ...plain_data import dataclass
from ...words import joined, phrase
from ..codec import FORMATS, Format, is_for_voices
from ..codec.pcm import MOVES, Dither
from ..fit.plan import SHORTEST_FOR_DC
from ..fit.verdict import Recipe
from ..intake import open_sound
from ..measure import Loudness, TruePeak
from ..model import Facts, Header, Measures, Receiver, SignalLevel
from ..model.units import db, format_db, format_hz, format_kind, format_limit, ratio

_DC = 0.005  # of full scale; of soft sound a tenth of its RMS on top
_HAS_LEVEL_S = 0.5  # a few times what P.56 needs to settle; less has no level worth the name
_AT_CEILING_DB = 0.5


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
class Promise:
    """What the maker of a file says is in it.

    Attributes
    ----------
    rms : of what was to be written, nominal 0 to 1; None where nothing was computed.
    digest : CRC-32 of the samples written, as ``codec.Writer.digest``.
    source_clipped : samples at full scale that the source already had.
    limited_db : by how much a limiter holds the highest peak down.
    accepted : codes of problems that a person lives with.
    """

    recipe: Recipe
    digest: int | None = None
    source_clipped: int = 0
    rms: float | None = None
    limited_db: float = 0.0
    accepted: tuple[str, ...] = ()


@dataclass
class Subject:
    """A file that was read back, with what it is held against."""

    facts: Facts
    head: Header
    sound: Measures
    receiver: Receiver
    name: str
    promise: Promise | None

    def lives_with(self, code: str) -> bool:
        return self.promise is not None and code in self.promise.accepted

    @property
    def form(self) -> tuple[str, str]:
        return self.head.container, self.head.encoding

    @property
    def written(self) -> Format | None:
        return FORMATS.get(self.form)

    @property
    def lossy(self) -> bool:
        return self.written is None or self.written.lossy

    @property
    def seconds(self) -> float:
        return self.facts.seconds or 0.0

    @property
    def heard(self) -> SignalLevel:
        return self.sound.stereo_level if self.receiver.rules.channels != 1 else self.sound.level

    @property
    def has_level(self) -> bool:
        return self.seconds - self.receiver.treatment.lead_seconds >= _HAS_LEVEL_S

    @cached_property
    def again(self) -> tuple[float, float]:
        """Integrated loudness (LUFS) and true peak (nominal), each only where the treatment asks for it."""
        treatment = self.receiver.treatment
        rate, channels = self.head.sample_rate, self.head.channels
        loudness = Loudness(rate, channels) if treatment.level.measure == "loudness" else None
        true = TruePeak(rate, channels) if treatment.ceiling_dbtp is not None else None
        reader = open_sound(self.facts.path, self.facts.stated)
        try:
            for block in reader.blocks():
                if loudness:
                    loudness.add(block)
                if true:
                    true.add(block)
        finally:
            reader.close()
        return loudness.result() if loudness else 0.0, true.finish() if true else 0.0


def _whole(it: Subject) -> Iterator[Check]:
    broken = [note.message for note in it.facts.notes if note.code in ("truncated", "damaged")]
    yield Check(
        phrase("whole"),
        phrase("all that its header promises"),
        broken[0] if broken else phrase("all of it"),
        not broken,
    )


def _format(it: Subject) -> Iterator[Check]:
    forms = [(a.container, a.encoding) for a in it.receiver.rules.accepts]
    wanted = joined((format_kind(*form) for form in forms), phrase(" or "))
    yield Check(phrase("format"), wanted, format_kind(*it.form), it.form in forms)


def _rate(it: Subject) -> Iterator[Check]:
    accepts = it.receiver.rules.accepts
    fitting = [a for a in accepts if (a.container, a.encoding) == it.form] or list(accepts)
    rates = [
        joined(map(format_hz, a.sample_rates), ", ")
        if a.sample_rates
        else phrase("at most {max_sample_rate}", max_sample_rate=format_hz(a.max_sample_rate))
        for a in fitting
    ]
    right = any(a.takes_rate(it.head.sample_rate) for a in fitting)
    yield Check(
        phrase("sample rate"), joined(dict.fromkeys(rates), phrase(" or ")), format_hz(it.head.sample_rate), right
    )


def _channels(it: Subject) -> Iterator[Check]:
    rules = it.receiver.rules
    right = it.head.channels == rules.channels_for(it.head.channels)
    yield Check(
        phrase("channels"), str(rules.channels) if rules.channels else phrase("1 or 2"), str(it.head.channels), right
    )


def _size(it: Subject) -> Iterator[Check]:
    most = it.receiver.rules.limits.max_bytes
    if most is not None:
        yield Check(
            phrase("size"), format_limit(most), phrase("{bytes:,} B", bytes=it.head.bytes), it.head.bytes <= most
        )


def _length(it: Subject) -> Iterator[Check]:
    limits, seconds = it.receiver.rules.limits, it.seconds
    if limits.max_seconds is not None:
        most = limits.max_seconds
        yield Check(
            phrase("length"),
            phrase("at most {most:g} s", most=most),
            phrase("{seconds:.3f} s", seconds=seconds),
            seconds <= most,
        )
    if limits.min_seconds:
        least = limits.min_seconds
        yield Check(
            phrase("length"),
            phrase("at least {least:g} s", least=least),
            phrase("{seconds:.3f} s", seconds=seconds),
            seconds >= least,
        )


def _something_to_hear(it: Subject) -> Iterator[Check]:
    if not it.lives_with("silent"):
        peak = phrase("peak {db}", db=format_db(db(it.sound.peak)))
        found = phrase("silence, {peak}", peak=peak) if it.sound.silent else peak
        yield Check(phrase("something to hear"), "over −80 dBFS", found, not it.sound.silent)


def _dc(it: Subject) -> Iterator[Check]:
    recipe = it.promise.recipe if it.promise else None
    # The source's offset was measured over all of it; a part of it has a mean of its own.
    part = recipe is not None and not recipe.copy and (recipe.start > 0 or recipe.stop is not None)
    if not it.receiver.treatment.remove_dc or it.seconds < SHORTEST_FOR_DC or part:
        return
    most = _DC + 0.1 * it.sound.rms
    found = abs(it.sound.dc_offset)
    yield Check(
        phrase("DC offset"),
        phrase("at most {most:.2%} of full scale", most=most),
        phrase("{found:.2%}", found=found),
        found <= most,
    )


def _ceiling(it: Subject) -> Iterator[Check]:
    treatment, slack = it.receiver.treatment, 0.05 if it.lossy else 0.01
    peak = db(it.sound.peak)
    most = treatment.ceiling_dbfs
    yield Check(phrase("peak"), phrase("at most {most}", most=format_db(most)), format_db(peak), peak <= most + slack)
    if treatment.ceiling_dbtp is not None:
        most, true = treatment.ceiling_dbtp, db(it.again[1])
        yield Check(
            phrase("true peak"),
            phrase("at most {most}", most=format_db(most, "dBTP")),
            format_db(true, "dBTP"),
            true <= most + 0.05,
        )


def _level(it: Subject) -> Iterator[Check]:
    treatment = it.receiver.treatment
    wanted = treatment.level
    # Where one gain serves the whole set, a clip alone says nothing.
    if (
        wanted.measure == "leave"
        or wanted.together
        or not it.has_level
        or it.sound.silent
        or it.lives_with("level_inside")
    ):
        return
    peak = db(it.sound.peak)
    level = {"loudness": lambda: it.again[0], "peak": lambda: peak}.get(
        wanted.measure, lambda: it.heard.active_dbov
    )()
    target = wanted.target + (it.promise.recipe.gain_db if it.promise else 0.0)
    slack = _slack(it, target)
    off, tolerance = level - target, wanted.tolerance_db + slack
    right = abs(off) <= tolerance or (off < 0 and _nothing_nearer(it, peak))
    if not math.isfinite(off):
        right = False
    yield Check(
        phrase("level"),
        phrase(
            "{target} ± {tolerance:g} dB, or as near as peaks allow",
            target=format_db(target, wanted.unit),
            tolerance=tolerance,
        ),
        phrase("{level}, peak {peak}", level=format_db(level, wanted.unit), peak=format_db(peak)),
        right,
    )


def _nothing_nearer(it: Subject, peak: float) -> bool:
    """Whether a file that is too soft could not have been louder within the rules."""
    treatment = it.receiver.treatment
    if treatment.limiter_db:
        # Of a file of somebody else's nobody knows what a limiter has done already: then there is room.
        return it.promise is not None and it.promise.limited_db >= treatment.limiter_db - 0.1
    slack = 4.0 if it.lossy else _AT_CEILING_DB
    ceiling = it.written.ceiling(ratio(treatment.ceiling_dbfs), treatment.dither) if it.written else 1.0
    if treatment.ceiling_dbtp is not None and db(it.again[1]) >= treatment.ceiling_dbtp - slack:
        return True
    return peak >= db(ceiling) - slack


def _slack(it: Subject, target: float) -> float:
    """By how much an encoding may miss a level (dB) that is none of the maker's doing."""
    slack, measure = 0.0, it.receiver.treatment.level.measure
    if it.promise and not it.promise.recipe.copy and it.lossy:
        slack = 5.0 if is_for_voices(it.head.encoding) else 1.0
        if measure == "peak":
            slack *= 2.5  # such codecs keep power far better than single peaks
    if it.written and it.written.depth:
        slack += coarseness(measure, target, it.written.depth, it.receiver.treatment.dither)
    return slack


def _level_taken(it: Subject) -> Iterator[Check]:
    limits = it.receiver.rules.limits
    softest, loudest = limits.min_level_dbov, limits.max_level_dbov
    if (softest is None and loudest is None) or it.lives_with("level_outside") or not it.has_level or it.sound.silent:
        return
    slack = 0.3 if not it.promise or not it.lossy else 5.0 if is_for_voices(it.head.encoding) else 1.0
    low, high = -math.inf if softest is None else softest, 0.0 if loudest is None else loudest
    level = it.heard.active_dbov
    told = phrase("{low} to {high}", low=format_db(low, "dBov"), high=format_db(high, "dBov"))
    inside = math.isfinite(level) and low - slack <= level <= high + slack
    yield Check(phrase("speech level taken"), told, format_db(level, "dBov"), inside)


def _name(it: Subject) -> Iterator[Check]:
    rules = it.receiver.rules
    forms = [(a.container, a.encoding) for a in rules.accepts]
    extensions = [
        rules.names.extension_for(written.extension)
        for form in forms
        if (form == it.form or it.form not in forms) and (written := FORMATS.get(form))
    ]
    right = any(
        it.name.endswith(extension) and rules.names.is_legal(it.name[: len(it.name) - len(extension)])
        for extension in extensions
    )
    told = joined((extension or phrase("no extension") for extension in dict.fromkeys(extensions)), phrase(" or "))
    wanted = phrase(
        "{max_length} of [{allowed}], then {told}",
        max_length=rules.names.max_length,
        allowed=rules.names.allowed,
        told=told,
    )
    yield Check(phrase("name"), phrase("at most {wanted}", wanted=wanted), it.name, right)


#: In the order in which they are told.
CHECKS: tuple[Callable[[Subject], Iterator[Check]], ...] = (
    _whole, _format, _rate, _channels, _size, _length, _something_to_hear, _dc, _ceiling, _level, _level_taken, _name,
)  # fmt: skip


def coarseness(measure: str, target: float, depth: int, dither: Dither) -> float:
    """By how much rounding to ``depth`` bits can lift a level of ``target`` dB: nothing to speak of but for few bits and soft sound."""
    step = 2.0 ** (1 - depth)
    if measure == "peak":
        return db(1 + MOVES[dither] * step / ratio(target))
    # Power of the error in steps squared: rounding 1/12, with TPDF 3/12, fed back with (1 − z⁻¹)² six times that.
    noise = {"none": 1, "tpdf": 3, "shaped": 18}[dither] / 12 * step**2
    if measure == "loudness" and dither == "shaped":
        noise *= 2.5  # its weighting lifts the top of the band, where that noise lies, by 4 dB
    lift = 10 * math.log10(1 + noise / ratio(target) ** 2)
    # Noise within the margin of P.56 counts as activity: pauses too are then part of the level.
    return lift + (8.0 if measure == "active" and noise * 160 > ratio(target) ** 2 else 0.0)
