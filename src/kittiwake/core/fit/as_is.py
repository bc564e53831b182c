"""Files that are right as they are: whether one is, and what becomes of it."""

from __future__ import annotations

import dataclasses

from ...words import phrase
from ..model import Clip, Facts, Header, Measures, Receiver, SignalLevel, TouchUp
from ..model.clip import UNTOUCHED
from ..model.units import format_bytes, format_hz
from .path import Touch, touches
from .rules.form import has_bit_rate
from .verdict import Fit, Problem, Recipe, Step

#: dB of gain that are nothing: no ear and no meter of the trade tells them.
_NO_GAIN_DB = 0.1


def fits_as_is(
    clip: Clip,
    touch: TouchUp,
    facts: Facts,
    header: Header,
    receiver: Receiver,
    recipe: Recipe,
    level: SignalLevel,
    gain: float,
) -> bool:
    """Whether making would change nothing."""
    if clip.start or clip.stop is not None or (touch.changed(accepted=()) if touch.accepted else touch) != UNTOUCHED:
        return False
    if any(note.code in ("truncated", "damaged", "not_numbers", "video", "streams") for note in facts.notes):
        return False
    same = (header.container, header.encoding) == recipe.format.key and header.sample_rate == recipe.rate_out
    if not same or header.channels != recipe.channels:
        return False
    stated = [one for one in receiver.rules.accepts if (one.container, one.encoding) == recipe.format.key]
    wanted = stated[0].bit_rate if stated and not stated[0].variable else 0
    if wanted and facts.seconds and not has_bit_rate(header, facts.seconds, wanted):
        return False
    largest = receiver.rules.limits.max_bytes
    if largest is not None and header.bytes > largest:
        return False
    if (
        recipe.cues
        or recipe.info
        or touches(recipe) is not Touch.NOTHING
        or recipe.level == "loudness"
        or recipe.ceiling_true is not None
    ):
        return False  # only known, or only done, on the way
    return abs(gain) <= _NO_GAIN_DB and level.peak <= recipe.ceiling_stated * (1 + 1e-6)


def as_is(header: Header, sound: Measures, receiver: Receiver, recipe: Recipe, found: list[Problem]) -> Fit:
    step = Step(
        phrase(
            "Copy it bit for bit: {name}, {sample_rate}, {bytes}",
            name=recipe.format.name,
            sample_rate=format_hz(header.sample_rate),
            bytes=format_bytes(header.bytes),
        ),
        phrase("it is already what {name} takes", name=receiver.name),
    )
    return Fit(
        "as_is",
        (step,),
        tuple(found),
        header.bytes,
        sound.frames / header.sample_rate,
        True,
        _as_copy(recipe, sound.frames),
    )


def _as_copy(recipe: Recipe, frames: int) -> Recipe:
    return dataclasses.replace(
        recipe, copy=True, level="leave", gain_db=0.0, dither="never", lead=0, frames_out=frames
    )
