"""What is read: the file, its true rate, the span of the clip."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ....words import joined, phrase
from ...model.rule import Blank
from ...model.units import format_bytes, format_hz, format_kind, format_seconds
from ..verdict import Recipe, Step
from .stage import Described, Stage, Touch


def _read(recipe: Recipe, seen: Described) -> Iterator[Step]:
    header = seen.header
    yield Step(
        phrase(
            "Read {format_kind}, {sample_rate}, {channels} ch",
            format_kind=format_kind(header.container, header.encoding),
            sample_rate=format_hz(header.sample_rate),
            channels=header.channels,
        ),
        joined((format_seconds(seen.sound.frames / header.sample_rate), format_bytes(header.bytes)), ", "),
    )


def _true_rate(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.rate_in == seen.header.sample_rate:
        return
    share = seen.header.sample_rate / recipe.rate_in
    change = phrase(
        "{share:+.2f} % in length, {pitch:+.2f} semitones", share=(share - 1) * 100, pitch=-12 * math.log2(share)
    ).replace("-", "−")
    yield Step(
        phrase("Take {rate_in} for the true rate", rate_in=format_hz(recipe.rate_in)),
        phrase("stated by you; {change}", change=change),
    )


def _span(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if not recipe.start and recipe.stop is None:
        return
    begin = recipe.start / recipe.rate_in
    end = begin + (recipe.frames_in + recipe.left_out) / recipe.rate_in
    why = (
        phrase("its air is trimmed; nothing of the voice is cut")
        if recipe.trimmed
        else phrase("the span of this clip")
    )
    yield Step(phrase("Keep {begin} to {end}", begin=format_seconds(begin), end=format_seconds(end)), why)


READ = Stage(_read)
TRUE_RATE = Stage(_true_rate)
SPAN = Stage(
    _span,
    lambda recipe: Touch.SOUND if recipe.trimmed else Touch.NOTHING,
    blanks=(
        Blank(phrase("Air is trimmed to"), ("treatment", "trim_lead_seconds"), "s", "number"),
        Blank(phrase("before and"), ("treatment", "trim_tail_seconds"), phrase("s after"), "number"),
    ),
    place=60,
)
