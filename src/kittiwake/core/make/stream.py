"""The sound itself: from a source through the stages of a recipe into a file, in blocks, in two passes.

The first pass decodes, picks the side and resamples into a spool while measuring the result; the second applies the
one gain that the measurement asks for and encodes. Decoding and resampling, the costly parts, are done once.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ..codec.pcm import Dither
from ..errors import Cancelled, MakeError
from ..fit.verdict import Recipe
from ..intake import Reader, open_sound
from ..measure import ActiveLevel, Loudness
from ..model import Facts
from ..model.units import db, format_db, ratio
from ..sound import (
    Gain,
    Spool,
    band_taps,
    change_tempo,
    choose_gain,
    fade_in,
    fade_out,
    filtered,
    limited,
    looped,
    presence_taps,
    resample,
    span_of,
    take_side,
)
from ..sound.gather import gathered
from ..sound.leave_out import BLEND_S, leave_out
from .ahead import Ahead


@dataclass(frozen=True, slots=True)
class Written:
    """What was written, and what was found on the way that the plan could only estimate."""

    digest: int | None
    rms: float
    gain_db: float
    said: tuple[str, ...]


def write_stream(
    facts: Facts,
    recipe: Recipe,
    part: Path,
    *,
    ahead: Ahead | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Written:
    """Write the file ``part`` from the source of ``facts``.

    Parameters
    ----------
    ahead : what was done of it already while the source was looked at.

    Raises
    ------
    KittiwakeError : the source cannot be read or has changed, or the user asked to stop.
    OSError : the disk.
    """
    if ahead is not None and ahead.spool is not None and ahead.matches(recipe):
        return _finish(ahead.spool, ahead.meters, None, recipe, part, progress, cancelled)
    reader = open_sound(facts.path, facts.stated)
    try:
        _check_unchanged(reader, facts)
        with Spool(recipe.channels, part.parent) as spool:
            meters = [ActiveLevel(recipe.rate_out) for _ in range(recipe.channels)]
            loudness = Loudness(recipe.rate_out, recipe.channels) if recipe.level == "loudness" else None
            for block in gathered(_converted(reader, recipe, progress, cancelled)):
                spool.append(block)
                if loudness:
                    loudness.add(block)
                for channel, meter in enumerate(meters):
                    meter.add(np.ascontiguousarray(block[:, channel]))
            return _finish(spool, meters, loudness, recipe, part, progress, cancelled)
    finally:
        reader.close()


def _finish(
    spool: Spool,
    meters: list[ActiveLevel],
    loudness: Loudness | None,
    recipe: Recipe,
    part: Path,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> Written:
    """The second pass: the one gain that the measured first pass asks for, and encoding."""
    if spool.frames != recipe.frames_out - recipe.lead + recipe.loop:
        raise MakeError(
            "The source no longer holds what it held when it was looked at.",
            "Look at it again.",
            "changed",
        )
    peak = max(meter.peak for meter in meters)
    active = level = max(meter.result()[0] for meter in meters)
    if loudness:
        level = loudness.result()
    elif recipe.level == "peak":
        level = db(peak)
    gain = _gain(level, active, peak, recipe)
    digest, heard = _encode(spool, recipe, gain, part, progress, cancelled)
    # Over all of the output, the silence in front included.
    share = math.sqrt((recipe.frames_out - recipe.lead) / recipe.frames_out)
    rms = max(meter.rms for meter in meters) * ratio(gain.db) * share
    if recipe.limiter_db or recipe.loop:
        rms = heard * share
    return Written(digest, rms, gain.db, _said(gain, peak, recipe))


def _check_unchanged(reader: Reader, facts: Facts) -> None:
    now, then = reader.header, facts.header
    assert then is not None
    if (now.bytes, now.sample_rate, now.channels) != (then.bytes, then.sample_rate, then.channels):
        raise MakeError("The source has changed since it was looked at.", "Look at it again.", "changed")


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

    centred: Iterator[NDArray[np.float32]] = watched()
    if recipe.dc_offsets:
        offsets = np.array(recipe.dc_offsets, np.float32)
        centred = (block - offsets for block in centred)
    sides = take_side(centred, recipe.take, recipe.channels)
    if recipe.without:
        inside = [(a - recipe.start, b - recipe.start) for a, b in recipe.without]
        sides = leave_out(sides, inside, 2 * round(BLEND_S * recipe.rate_in / 2))
    faster = change_tempo(sides, recipe.tempo, recipe.rate_in, recipe.channels, recipe.frames_in)
    frames = round(recipe.frames_in / recipe.tempo)
    sound = resample(faster, recipe.played_rate, recipe.rate_out, recipe.channels, frames)
    if recipe.presence_db:
        sound = filtered(sound, presence_taps(recipe.rate_out, recipe.presence_db), recipe.channels)
    if recipe.low_cut or recipe.high_cut:
        width = min(90.0, recipe.low_cut or 90.0)
        sound = filtered(sound, band_taps(recipe.rate_out, recipe.low_cut, recipe.high_cut, width), recipe.channels)
    return sound


def _gain(level: float, active: float, peak: float, recipe: Recipe) -> Gain:
    wanted = recipe.gain_db
    ranged = recipe.level_low is not None or recipe.level_high is not None
    if recipe.level != "leave":
        if not math.isfinite(level):
            return Gain(0.0)
        # On a grid of a thousandth of a dB, so that a last bit of the measurement makes no other bytes.
        wanted += recipe.target_db - round(level, 3)
    elif wanted == 0 and not ranged and recipe.keeps_samples and recipe.dither != "always" and recipe.format.depth:
        # Nothing was computed: the samples go over as they are, even those that the source has at full scale.
        return Gain(0.0)
    wanted += recipe.into_range(active + wanted)
    return choose_gain(wanted, peak, recipe.ceiling * ratio(recipe.limiter_db))


def _encode(
    spool: Spool,
    recipe: Recipe,
    gain: Gain,
    part: Path,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> tuple[int | None, float]:
    """CRC-32 of what was written, and the root mean square of the louder channel without its lead."""
    worked = recipe.dither == "always" or (recipe.dither == "if_scaled" and gain.db != 0)
    dither: Dither = recipe.dither_kind if worked else "none"
    factor = np.float32(ratio(gain.db))
    writer = recipe.format.open(
        part, recipe.rate_out, recipe.channels, dither=dither, bit_rate=recipe.bit_rate, variable=recipe.variable
    )
    done = 0
    energy = np.zeros(recipe.channels)
    try:
        blocks: Iterator[NDArray[np.float32]] = spool.blocks()
        if recipe.loop:
            blocks = looped(blocks, spool.last(recipe.loop).copy(), spool.frames)
        if gain.db:
            blocks = (block * factor for block in blocks)
        if recipe.limiter_db:
            blocks = limited(blocks, recipe.ceiling, recipe.rate_out, recipe.channels)
        if recipe.fade_in:
            blocks = fade_in(blocks, recipe.fade_in, recipe.fade_even)
        if recipe.fade_out:
            blocks = fade_out(blocks, recipe.frames_out - recipe.lead, recipe.fade_out, recipe.fade_even)
        if recipe.lead:
            writer.write(np.zeros((recipe.lead, recipe.channels), np.float32))
        for block in blocks:
            if cancelled and cancelled():
                raise Cancelled
            writer.write(block)
            energy += [float(np.dot(column, column)) for column in np.ascontiguousarray(block.T)]
            done += len(block)
            if progress:
                progress(0.8 + 0.2 * done / recipe.frames_out)
    finally:
        writer.close()
    if writer.clipped:
        # Planning makes this impossible; should it ever happen, it must not pass in silence.
        raise MakeError(f"{writer.clipped} samples would have been clipped.", "Please report this.", "clipped")
    return writer.digest, float(np.sqrt(energy.max() / max(1, done)))


def _said(gain: Gain, peak: float, recipe: Recipe) -> tuple[str, ...]:
    said = []
    if gain.held_back_db > 0.005:
        over = db(peak) - db(recipe.ceiling)
        if recipe.level == "leave" and over > 0:
            said.append(f"Peaks came out at {format_db(db(peak))}; all of it was brought down by {-gain.db:.2f} dB.")
        else:
            said.append(f"Its peaks keep it {gain.held_back_db:.1f} dB below the wanted level.")
    return tuple(said)
