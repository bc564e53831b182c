"""What is read: the file, its true rate, the span of the clip."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ...model.units import format_bytes, format_hz, format_kind, format_seconds
from ..verdict import Recipe, Step
from .stage import Described, Stage, Touch


def _read(recipe: Recipe, seen: Described) -> Iterator[Step]:
    header = seen.header
    yield Step(
        f"Read {format_kind(header.container, header.encoding)}, {format_hz(header.sample_rate)}, {header.channels} ch",
        f"{format_seconds(seen.sound.frames / header.sample_rate)}, {format_bytes(header.bytes)}",
    )


def _true_rate(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.rate_in == seen.header.sample_rate:
        return
    share = seen.header.sample_rate / recipe.rate_in
    change = f"{(share - 1) * 100:+.2f} % in length, {-12 * math.log2(share):+.2f} semitones".replace("-", "−")
    yield Step(f"Take {format_hz(recipe.rate_in)} for the true rate", f"stated by you; {change}")


def _span(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if not recipe.start and recipe.stop is None:
        return
    begin = recipe.start / recipe.rate_in
    end = begin + (recipe.frames_in + recipe.left_out) / recipe.rate_in
    why = "its air is trimmed; nothing of the voice is cut" if recipe.trimmed else "the span of this clip"
    yield Step(f"Keep {format_seconds(begin)} to {format_seconds(end)}", why)


READ = Stage(_read)
TRUE_RATE = Stage(_true_rate)
SPAN = Stage(_span, lambda recipe: Touch.SOUND if recipe.trimmed else Touch.NOTHING)
