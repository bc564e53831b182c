"""Speed and pitch, each without the other; the rate at the end of it is part of how the pitch comes about."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import joined, phrase
from ...model import Receiver
from ...model.clip import bounds_of
from ...model.rule import Blank
from ...model.touch_field import TouchNumber
from ...model.units import format_hz
from ...sound import change_tempo, resample
from ...sound.length import exactly, played_length, resampled_length
from ..verdict import Recipe, Step
from .stage import Blocks, Described, Stage, Touch


def _tempo(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.pitch:
        what = phrase(
            "Make it {pitch:g} semitones {higher}",
            pitch=abs(recipe.pitch),
            higher=phrase("higher") if recipe.pitch > 0 else phrase("lower"),
        )
        yield Step(what, phrase("length unchanged; chosen by you"))
    if recipe.speed != 1:
        change = phrase("{speed:+.1f} % in speed", speed=(recipe.speed - 1) * 100).replace("-", "−")
        yield Step(
            phrase("Speak it {speed:.3f} times as fast", speed=recipe.speed),
            phrase("{change}, pitch unchanged; chosen by you", change=change),
        )


def _change_tempo(blocks: Blocks, recipe: Recipe) -> Blocks:
    return change_tempo(blocks, recipe.tempo, recipe.rate_in, recipe.channels, recipe.frames_in)


def _rate(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.rate_in != recipe.rate_out:
        frames = phrase(
            "{frames_in:,} → {frames_out:,} frames",
            frames_in=round(recipe.frames_in / recipe.speed),
            frames_out=recipe.frames_out,
        )
        yield Step(
            phrase(
                "Resample {rate_in} → {rate_out}",
                rate_in=format_hz(recipe.rate_in),
                rate_out=format_hz(recipe.rate_out),
            ),
            phrase(
                "{name} takes {rates}; {frames}", name=seen.receiver.name, rates=_rates(seen.receiver), frames=frames
            ),
        )


def _rates(receiver: Receiver) -> str:
    first = receiver.rules.accepts[0]
    if first.sample_rates:
        return joined((format_hz(rate) for rate in first.sample_rates), ", ")
    return phrase("at most {max_sample_rate}", max_sample_rate=format_hz(first.max_sample_rate))


def _resample(blocks: Blocks, recipe: Recipe) -> Blocks:
    frames = round(recipe.frames_in / recipe.tempo)
    resampled = resample(blocks, recipe.played_rate, recipe.rate_out, recipe.channels, frames)
    # Stretched and then taken at another rate, it is rounded twice.
    return exactly(resampled, _length(frames, recipe)) if recipe.pitch else resampled


def _length(frames: int, recipe: Recipe) -> int:
    if recipe.pitch:
        return played_length(recipe.frames_in, recipe.rate_in, recipe.rate_out, recipe.speed)
    return resampled_length(frames, recipe.played_rate, recipe.rate_out)


TEMPO = Stage(
    _tempo,
    lambda recipe: Touch.SOUND if recipe.speed != 1 or recipe.pitch else Touch.NOTHING,
    _change_tempo,
    lambda frames, recipe: round(frames / recipe.tempo),
    fields=(
        TouchNumber(
            name="speed",
            place=20,
            label=phrase("Faster by"),
            help=phrase("the pitch stays"),
            low=-50,
            high=100,
            step=1,
            digits=1,
            unit="%",
            factor=0.01,
            base=1.0,
        ),
        TouchNumber(
            name="pitch",
            place=30,
            label=phrase("Higher by"),
            help=phrase("the length stays"),
            low=bounds_of("pitch")[0],
            high=bounds_of("pitch")[1],
            step=0.5,
            unit=phrase("semitones"),
        ),
    ),
    blanks=(
        Blank(phrase("Remedies speed it up by at most"), ("treatment", "max_speed_up"), "(0.15: 15 %)", "number"),
        Blank(phrase("They leave air of"), ("treatment", "air_seconds"), phrase("s at both ends"), "number"),
    ),
    place=100,
)
RATE = Stage(
    _rate,
    lambda recipe: Touch.FRAME if recipe.rate_in != recipe.rate_out else Touch.NOTHING,
    _resample,
    _length,
)
