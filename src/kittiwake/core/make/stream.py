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
from ..fit.verdict import Recipe
from ..intake import Reader, open_sound
from ..measure import TruePeak
from ..model import Facts
from ..model.units import db, format_db, ratio
from ..sound import Spool, span_of
from ..sound.gather import gathered
from .levelling import Meter, Settled, settle, shaped
from .speculative import SpeculativePass

_BELOW_FULL_SCALE = 1 - 2.0**-15  # a decoded sample at full scale counts as clipped

_LOSSY_TRIES = 4


@dataclass(frozen=True, slots=True)
class Written:
    """What was written, and what was found on the way that the plan could only estimate.

    Attributes
    ----------
    rms : of what was encoded, the lead included, of the louder channel; nominal 0 to 1.
    short_db : by how much the level stays under what was wanted, since peaks allow no more.
    limited_db : by how much the limiter holds the highest peak down.
    """

    digest: int | None
    rms: float
    gain_db: float
    messages: tuple[str, ...]
    short_db: float = 0.0
    limited_db: float = 0.0


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
    settled = settle(spool, meter, recipe)
    digest, heard = _encode(spool, recipe, settled, part, progress, cancelled)
    lower = recipe
    for _ in range(_LOSSY_TRIES if recipe.format.lossy or recipe.ceiling_true is not None else 0):
        over = _over_ceiling(part, recipe)
        if over <= 0:
            break
        # What is decoded goes over: once more, under a ceiling lower by just that, and a little, since a codec does not follow to the last digit.
        reached = min(settled.limit, settled.peak * ratio(settled.gain_db)) * ratio(-over - 0.02)
        true = None if lower.ceiling_true is None else lower.ceiling_true * ratio(-over - 0.02)
        lower = replace(lower, ceiling=reached, ceiling_stated=reached, ceiling_true=true)
        settled = settle(spool, meter, lower)
        part.unlink()
        digest, heard = _encode(spool, recipe, settled, part, progress, cancelled)
    # Over all of the output, the silence in front included.
    rms = heard * math.sqrt((recipe.frames_out - recipe.lead) / recipe.frames_out)
    return Written(digest, rms, settled.gain_db, _messages(settled, recipe), settled.short_db, settled.limited_db)


def _over_ceiling(part: Path, recipe: Recipe) -> float:
    """By how much (dB) the decoded samples, and the wave between them where that counts, are over the ceiling; not positive where they are not."""
    reader = open_sound(part, recipe.stated)
    try:
        true = (
            TruePeak(reader.header.sample_rate, reader.header.channels) if recipe.ceiling_true is not None else None
        )
        peak = 0.0
        for block in reader.blocks():
            peak = max(peak, float(np.abs(block).max(initial=0.0)))
            if true:
                true.add(block)
    finally:
        reader.close()
    over = db(peak) - db(min(recipe.ceiling_stated, _BELOW_FULL_SCALE))
    return max(over, db(true.finish()) - db(recipe.ceiling_true)) if true and recipe.ceiling_true else over


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


def _messages(settled: Settled, recipe: Recipe) -> tuple[str, ...]:
    messages = []
    over = db(settled.peak) - db(recipe.ceiling_stated)
    # brought down for its level, not for peaks
    ranged = recipe.level_low is not None or recipe.level_high is not None
    if recipe.level == "leave" and recipe.gain_db == 0 and settled.gain_db < -0.005 and not ranged:
        came = format_db(db(settled.peak))
        messages.append(
            phrase(
                "Peaks came out at {came}; all of it was brought down by {loss:.2f} dB.",
                came=came,
                loss=-settled.gain_db,
            )
            if over > 0
            else phrase(
                "Decoded, its peaks would be over the ceiling; all of it was brought down by {loss:.2f} dB.",
                loss=-settled.gain_db,
            )
        )
    elif settled.short_db > 0.05:
        messages.append(
            phrase("Its peaks keep it {short_db:.1f} dB below the wanted level.", short_db=settled.short_db)
        )
    if settled.limited_db > 0.05:
        messages.append(
            phrase("The limiter holds its highest peak down by {limited_db:.1f} dB.", limited_db=settled.limited_db)
        )
    return tuple(messages)
