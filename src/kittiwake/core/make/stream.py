"""The sound itself: from a source through the stages of a recipe into a file, in blocks, in two passes.

The first pass decodes, picks the side and resamples into a spool while measuring the result; the second applies the
one gain that the measurement asks for and encodes. Decoding and resampling, the costly parts, are done once.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator
from dataclasses import replace
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ...words import phrase
from ..codec.pcm import Dither
from ..errors import Cancelled, MakeError
from ..fit.path import applied
from ..fit.rules.offset import most_offset
from ..fit.verdict import Recipe
from ..intake import Reader, open_sound
from ..model import Facts
from ..model.units import db, ratio
from ..sound import Spool, span_of
from ..sound.gather import gathered
from .decoded import Decoded
from .levelling import Meter, Settled, settle, shaped
from .messages import messages_of, of_no_voice
from .speculative import SpeculativePass

#: Encodings of what is decoded otherwise than it was meant, until it is right or nothing more can be done.
_LOSSY_TRIES = 7
_BY_LEVEL = 3  # of them that go by the level
#: Where codecs that are made for voices begin to hear, Hz: below a low voice's pitch. Much that is lower costs level, and comes out as something else.
VOICES_FROM_HZ = 80.0
_MOST_OFFSET = 0.8  # of what proof lets pass, that may be decoded where none was encoded
_LEAPS_WITHIN_DB = 0.3  # of gain, within which a level goes from too soft to too loud
_MISSED_DB = 0.9  # that a level may be off without a reason
_CHANGED_DB = 3.0  # by which a codec makes something else of what is no voice
_HEARD = 1e-4  # root mean square, nominal; what is softer has no level worth comparing
_NEAR_DB = 0.3  # that a level behind a codec may be off
_LEAST_OVER_DB, _LEAST_OVER_OF_WAVES_DB = 0.5, 0.1  # by which a decoder at full scale is taken to be over it at first


@dataclass(frozen=True, slots=True)
class Written:
    """What was written, and what was found on the way that the plan could only estimate.

    Attributes
    ----------
    rms : of what was encoded, the lead included, of the louder channel; nominal 0 to 1.
    short_db : by how much the level stays under what was wanted, since peaks allow no more.
    limited_db : by how much the limiter holds the highest peak down.
    peak : of what was encoded, nominal; 0 where nothing was measured of it.
    off_db : by how much what is decoded is below the level that was meant; negative above it.
    leaps : whether it is off since no gain brings it nearer: the level leaps over the one that was meant.
    changed_db : by how much what is decoded is louder than what was encoded; negative where it is softer.
    swallows : whether a codec made for voices makes something else of what it was given, so that neither level nor offset are as meant.
    """

    digest: int | None
    rms: float
    gain_db: float
    messages: tuple[str, ...]
    short_db: float = 0.0
    limited_db: float = 0.0
    peak: float = 0.0
    off_db: float = 0.0
    leaps: bool = False
    swallows: bool = False
    changed_db: float = 0.0

    @property
    def wrong_db(self) -> float:
        """By how much what is decoded is not as it was meant."""
        return max(abs(self.off_db), abs(self.changed_db))

    @property
    def unexplained_db(self) -> float:
        """The same of what peaks do not account for."""
        return max(abs(self.off_db - self.short_db), abs(self.changed_db))


def write_stream(
    facts: Facts,
    recipe: Recipe,
    part: Path,
    *,
    speculative: SpeculativePass | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Written:
    """Write the file ``part`` from the source of ``facts``.

    Parameters
    ----------
    speculative : what was done of it already while the source was looked at.

    Raises
    ------
    KittiwakeError : the source cannot be read or has changed, or the user asked to stop.
    OSError : the disk.
    """
    written = _write_once(facts, recipe, part, speculative, progress, cancelled)
    if written.swallows and not recipe.low_cut:
        part.unlink()
        without = replace(recipe, low_cut=VOICES_FROM_HZ)
        whole, written = written, _write_once(facts, without, part, None, progress, cancelled)
        misses = written.unexplained_db > _MISSED_DB >= whole.unexplained_db
        if written.swallows and (written.wrong_db >= whole.wrong_db or misses):
            part.unlink()  # it was not what lies low that the codec made something else of
            return _write_once(facts, recipe, part, None, progress, cancelled)
        why = phrase(
            "What lies below {hertz:.0f} Hz is taken away: {codec} is made for voices, and makes something else of it.",
            hertz=VOICES_FROM_HZ,
            codec=recipe.format.name,
        )
        written = replace(written, messages=(why, *written.messages))
    return written


def _write_once(
    facts: Facts,
    recipe: Recipe,
    part: Path,
    speculative: SpeculativePass | None,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> Written:
    if speculative is not None and speculative.spool is not None and speculative.matches(recipe):
        return _finish(
            speculative.spool,
            Meter(recipe, speculative.meters).finish(speculative.spool),
            recipe,
            part,
            progress,
            cancelled,
        )
    reader = open_sound(facts.path, facts.stated)
    try:
        _check_unchanged(reader, facts)
        with Spool(recipe.channels, part.parent) as spool:
            meter = Meter(recipe)
            for block in gathered(_converted(reader, recipe, progress, cancelled)):
                spool.append(block)
                meter.add(block)
            return _finish(spool, meter.finish(), recipe, part, progress, cancelled)
    finally:
        reader.close()


def _finish(
    spool: Spool,
    meter: Meter,
    recipe: Recipe,
    part: Path,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> Written:
    """The second pass: the one gain that the measured first pass asks for, and encoding."""
    if spool.frames != recipe.frames_out - recipe.lead + recipe.loop:
        raise MakeError(
            phrase("The source no longer holds what it held when it was looked at."),
            phrase("Look at it again."),
            "changed",
        )
    # Begun where most clips end, so that few are encoded twice.
    levelled = recipe.level not in ("leave", "peak") and recipe.level_low is None and recipe.level_high is None
    softer = recipe.format.softer_db if levelled else 0.0
    aim = replace(recipe, target_db=recipe.target_db + softer) if softer else recipe
    settled = settle(spool, meter, aim)
    digest, heard = _encode(spool, recipe, settled, part, progress, cancelled)
    behind, leaps = None, False
    if recipe.format.lossy or recipe.ceiling_true is not None:
        settled, behind, again, leaps = _settled_behind(spool, meter, recipe, aim, settled, part, progress, cancelled)
        digest, heard = again or (digest, heard)
    # Over all of the output, the silence in front included.
    rms = heard * math.sqrt((recipe.frames_out - recipe.lead) / recipe.frames_out)
    messages = messages_of(settled, recipe, behind)
    # Where a level is wanted, that is what it is held to.
    changed = _changed_by(behind, rms) if recipe.level == "leave" else 0.0
    if recipe.format.for_voices and abs(changed) > _CHANGED_DB:
        messages = (*messages, of_no_voice(changed))
    swallows = (
        behind is not None
        and recipe.format.for_voices
        and (
            abs(behind.off_db) > 0.5
            or behind.offset > _MOST_OFFSET * most_offset(behind.rms)
            or abs(changed) > _CHANGED_DB
        )
    )
    return Written(
        digest, rms, settled.gain_db, messages, settled.short_db, settled.limited_db,
        min(settled.limit, settled.peak * ratio(settled.gain_db)), behind.off_db if behind is not None else 0.0, leaps, swallows, changed,
    )  # fmt: skip


@dataclass(slots=True)
class _Bracket:
    """Aims (dB) of which one came out too soft and one too loud: between them lies the right one, if there is one."""

    soft: float = -math.inf
    loud: float = math.inf

    @property
    def leaps(self) -> bool:
        """Whether there is none: so near to each other, one is too soft and one too loud."""
        return self.loud - self.soft < _LEAPS_WITHIN_DB

    def next_after(self, target: float, off: float) -> float:
        """The aim to try next, after ``target`` came out ``off`` below what is wanted (negative: above it)."""
        if off > 0:
            self.soft = max(self.soft, target)
        else:
            self.loud = min(self.loud, target)
        wanted = target + off
        return wanted if self.soft < wanted < self.loud or self.soft >= self.loud else (self.soft + self.loud) / 2


def _settled_behind(
    spool: Spool,
    meter: Meter,
    recipe: Recipe,
    aim: Recipe,
    settled: Settled,
    part: Path,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> tuple[Settled, Decoded, tuple[int | None, float] | None, bool]:
    """What counts is what is heard of a file, not what went into its encoder: it is decoded, and encoded once more with another gain or under another
    ceiling, until what is decoded is at the level and under the ceiling, or as near as that comes. Returns how it was settled, what is decoded,
    what ``_encode`` gave the last time, if it was encoded again, and whether the level leaps over the wanted one.
    """
    again = None
    best: tuple[float, Recipe] | None = None
    bracket = _Bracket()
    for turn in range(_LOSSY_TRIES + 1):
        found = Decoded.of(part, recipe)
        over, off = found.over_db, found.off_db
        # What is over the ceiling is never right; else it is the better the nearer.
        worth = 1000 + over if over > 0 else abs(off)
        if best is None or worth < best[0]:
            best = (worth, aim)
        last = turn == _LOSSY_TRIES
        if over <= 0 and (abs(off) <= _NEAR_DB or (off > 0 and settled.short_db > 0 and over > -_NEAR_DB)):
            break
        if last and aim is best[1]:
            break
        if found.full and over > 0:
            # A decoder at full scale does not tell how far over it is; what follows sample by sample is little over.
            over = max(over, (_LEAST_OVER_DB if recipe.format.bits is None else _LEAST_OVER_OF_WAVES_DB) * 2**turn)
        tried, aim = aim, best[1] if last else _nearer(aim, recipe, settled, found, over, turn, bracket)
        now = settle(spool, meter, aim)
        if not last and now == settled:
            # Nothing else can be tried; what was nearest stays.
            if tried is best[1]:
                break
            last, now = True, settle(spool, meter, best[1])
        settled = now
        part.unlink()
        again = _encode(spool, recipe, settled, part, progress, cancelled)
        if last:
            found = Decoded.of(part, recipe)
            break
    # Short is what peaks keep it from, before the codec or behind it; what is too soft for another reason is not.
    by_peaks = recipe.level != "leave" and (settled.short_db > 0 or found.over_db > -_NEAR_DB)
    return replace(settled, short_db=max(0.0, found.off_db) if by_peaks else 0.0), found, again, bracket.leaps


def _nearer(
    aim: Recipe, recipe: Recipe, settled: Settled, found: Decoded, over: float, turn: int, bracket: _Bracket
) -> Recipe:
    """Another aim, after what was ``found`` decoded was ``over`` the ceiling (dB) or off the level."""
    off = found.off_db
    if over > 0:
        # Under a ceiling lower by just that, and a little, since a codec does not follow to the last digit; and by more the longer it takes.
        more = over + 0.02 + 0.08 * turn
        reached = min(settled.limit, settled.peak * ratio(settled.gain_db)) * ratio(-more)
        true = None if aim.ceiling_true is None else aim.ceiling_true * ratio(-more)
        return replace(aim, ceiling=reached, ceiling_stated=reached, ceiling_true=true)
    if off > 0 and settled.short_db > 0:
        # Peaks hold it down, and come out lower than they went in: so much they may rise.
        more = min(off, -over - _NEAR_DB / 2)
        ceiling = min(recipe.ceiling, aim.ceiling * ratio(more))
        return replace(
            aim, ceiling=ceiling, ceiling_stated=min(recipe.ceiling_stated, aim.ceiling_stated * ratio(more))
        )
    if aim.level != "leave":
        target = bracket.next_after(aim.target_db, off)
        if turn < _BY_LEVEL:
            return replace(aim, target_db=target)
    # The level does not go with the gain: the gain itself is sought, by what is heard. Of it the bracket is not told, which holds aims.
    return replace(aim, level="leave", gain_db=settled.gain_db + found.gain_to(recipe.target_db + recipe.gain_db))


def _check_unchanged(reader: Reader, facts: Facts) -> None:
    now, then = reader.header, facts.header
    assert then is not None
    if (now.bytes, now.sample_rate, now.channels) != (then.bytes, then.sample_rate, then.channels):
        raise MakeError(
            phrase("The source has changed since it was looked at."), phrase("Look at it again."), "changed"
        )


def _converted(
    reader: Reader,
    recipe: Recipe,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> Iterator[NDArray[np.float32]]:
    def watched() -> Iterator[NDArray[np.float32]]:
        done = 0
        for block in span_of(reader, recipe.start, recipe.stop):
            if cancelled and cancelled():
                raise Cancelled
            yield block
            done += len(block)
            if progress:
                progress(min(0.8, 0.8 * done / (recipe.frames_in + recipe.left_out)))

    return iter(applied(watched(), recipe))


def _encode(
    spool: Spool,
    recipe: Recipe,
    settled: Settled,
    part: Path,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> tuple[int | None, float]:
    """CRC-32 of what was written, and the root mean square of the louder channel without its lead."""
    worked = recipe.dither == "always" or (
        recipe.dither == "if_scaled" and (settled.gain_db != 0 or settled.limited_db != 0)
    )
    dither: Dither = recipe.dither_kind if worked else "none"
    writer = recipe.format.open(
        part, recipe.rate_out, recipe.channels, dither=dither, bit_rate=recipe.bit_rate, variable=recipe.variable
    )
    done = 0
    energy = np.zeros(recipe.channels)
    try:
        if recipe.lead:
            writer.write(np.zeros((recipe.lead, recipe.channels), np.float32))
        for block in shaped(spool, recipe, settled):
            if cancelled and cancelled():
                raise Cancelled
            writer.write(block)
            # What a codec delays beyond the end of the file is not heard.
            audible = block[: max(0, recipe.frames_out - recipe.lead - recipe.format.delay - done)]
            energy += [float(np.dot(column, column)) for column in np.ascontiguousarray(audible.T)]
            done += len(block)
            if progress:
                progress(0.8 + 0.2 * done / recipe.frames_out)
    finally:
        writer.close()
    if writer.clipped:
        # Planning makes this impossible; should it ever happen, it must not pass in silence.
        raise MakeError(
            phrase(
                "{clipped} samples would have been clipped.",
                "{clipped} sample would have been clipped.",
                writer.clipped,
                clipped=writer.clipped,
            ),
            phrase("Please report this."),
            "clipped",
        )
    return writer.digest, float(np.sqrt(energy.max() / max(1, done)))


def _changed_by(behind: Decoded | None, rms: float) -> float:
    """dB by which what is decoded is louder than what was encoded; 0 where nothing is heard of either."""
    return db(max(behind.rms, _HEARD / 100)) - db(rms) if behind is not None and rms > _HEARD else 0.0
