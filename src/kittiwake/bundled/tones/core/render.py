"""The sound of a tone recipe, exact to the sample."""

from __future__ import annotations

import math
from collections.abc import Callable
from fractions import Fraction

import numpy as np
import soxr
from numpy.typing import NDArray

from ....words import phrase
from .recipe import MOST_SECONDS, Segment, ToneError, ToneRecipe

Sound = NDArray[np.float64]
#: Gives the sound of a segment that is speech or a sound file, mono, and its rate (Hz).
Fetch = Callable[[Segment], tuple[NDArray[np.float32], int]]
#: Gives the recipe of a key.
Lookup = Callable[[str], ToneRecipe]
_DEEPEST = 4


def _no_sound(segment: Segment) -> tuple[NDArray[np.float32], int]:
    raise ToneError(
        phrase("“{say}” is not here.", say=segment.say or segment.play), phrase("Give it as a file."), "tone"
    )


def _no_recipe(key: str) -> ToneRecipe:
    raise ToneError(
        phrase("There is no tone “{key}”.", key=key), phrase("Give one of those that are listed."), "tone"
    )


def render(recipe: ToneRecipe, fetch: Fetch = _no_sound, lookup: Lookup = _no_recipe, depth: int = 0) -> Sound:
    """The sound, float64 [shape=(n,)], nominal ±1.0, at the recipe's rate.

    Every edge lies on the sample nearest to where the sum of the lengths before it puts it. A tone starts at phase 0 and is ramped at both
    edges by half a cosine, within its length. An endless one has no ramps where it meets itself, and is as long as whole periods need.

    Raises
    ------
    ToneError : something in it is not there, or it is too long.
    """
    if depth > _DEEPEST:
        raise ToneError(
            phrase("“{name}” stands for itself.", name=recipe.name), phrase("Take the tone out of itself."), "tone"
        )
    if recipe.endless and len(recipe.segments) == 1 and recipe.segments[0].kind == "tone":
        return _endless(recipe)
    once = _once(recipe, fetch, lookup, depth)
    if not len(once):
        return once
    times = recipe.repeats
    if recipe.seconds is not None:
        times = max(1, round(recipe.seconds * recipe.rate / len(once)))
    if len(once) * times > MOST_SECONDS * recipe.rate:
        raise ToneError(phrase("It would be longer than an hour."), phrase("Repeat it less often."), "tone")
    return np.tile(once, times)


def _once(recipe: ToneRecipe, fetch: Fetch, lookup: Lookup, depth: int) -> Sound:
    parts: list[Sound] = []
    at, due = 0, Fraction(0)  # frames so far, and what they would be without rounding
    for segment in recipe.segments:
        for _ in range(segment.times):
            if segment.seconds is None:
                part = _sound_of(recipe, segment, None, fetch, lookup, depth)
                due += len(part)
            else:
                due += Fraction(str(segment.seconds)) * recipe.rate
                part = _sound_of(recipe, segment, max(0, round(due) - at), fetch, lookup, depth)
            at += len(part)
            parts.append(part)
            if at > MOST_SECONDS * recipe.rate:
                raise ToneError(phrase("It would be longer than an hour."), phrase("Make its parts shorter."), "tone")
    return np.concatenate(parts) if parts else np.zeros(0)


def _sound_of(
    recipe: ToneRecipe, segment: Segment, frames: int | None, fetch: Fetch, lookup: Lookup, depth: int
) -> Sound:
    if segment.kind == "silence":
        return np.zeros(frames or 0)
    if segment.kind == "tone":
        return _ramped(tone(recipe, segment, frames or 0), round(recipe.ramp * recipe.rate))
    if segment.kind == "other":
        other = lookup(segment.tone).changed(rate=recipe.rate, seconds=None)
        sound = render(other, fetch, lookup, depth + 1)
    else:
        taken, rate = fetch(segment)
        sound = taken.astype(np.float64)
        if rate != recipe.rate and len(sound):
            sound = soxr.resample(sound, rate, recipe.rate, quality="VHQ")
    if segment.level and len(sound) and segment.kind != "other":
        sound = sound * _gain_to(recipe, segment, sound)
    if frames is None:
        return sound
    if not len(sound):
        return np.zeros(frames)
    whole = np.tile(sound, -(-frames // len(sound)))[:frames]
    cut = frames % len(sound) != 0
    return _ramped(whole, round(recipe.ramp * recipe.rate), start=False) if cut else whole


def _gain_to(recipe: ToneRecipe, segment: Segment, sound: Sound) -> float:
    """Brings the power of a sound to that of a sine at the segment's level, as far as its peak allows."""
    power = float(np.sqrt(np.mean(sound**2)))
    if power <= 0:
        return 1.0
    wanted = 10 ** (recipe.dbfs(segment.level[0]) / 20) / math.sqrt(2)
    return min(wanted / power, 0.999 / float(np.abs(sound).max()))


def tone(recipe: ToneRecipe, segment: Segment, frames: int) -> Sound:
    """A segment of frequencies, without ramps."""
    time = np.arange(frames) / recipe.rate
    whole = np.zeros(frames)
    for number, hz in enumerate(segment.hz):
        whole += 10 ** (recipe.dbfs(segment.level_of(number)) / 20) * np.sin(2 * np.pi * hz * time)
    if segment.by:
        # The power stays that of the level: the carrier and its two sidebands share it.
        swing = 1 + segment.depth * np.cos(2 * np.pi * segment.by * time)
        whole *= swing / math.sqrt(1 + segment.depth**2 / 2)
    return whole


def _ramped(sound: Sound, frames: int, start: bool = True, stop: bool = True) -> Sound:
    frames = min(frames, len(sound) // 2)
    if frames <= 0:
        return sound
    out = sound.copy()
    ramp = 0.5 - 0.5 * np.cos(np.pi * (np.arange(frames) + 0.5) / frames)
    if start:
        out[:frames] *= ramp
    if stop:
        out[len(out) - frames :] *= ramp[::-1]
    return out


def period_of(recipe: ToneRecipe, segment: Segment) -> int:
    """Frames after which every frequency of a tone, and what modulates it, is where it began."""
    length = 1
    for hz in (*segment.hz, *((segment.by,) if segment.by else ())):
        share = Fraction(str(hz)) / recipe.rate  # periods a frame
        length = math.lcm(length, share.denominator)
    return length


def _endless(recipe: ToneRecipe) -> Sound:
    segment = recipe.segments[0]
    wanted = recipe.seconds if recipe.seconds is not None else (segment.seconds or 1.0) * recipe.repeats
    period = period_of(recipe, segment)
    frames = max(1, round(wanted * recipe.rate / period)) * period
    if frames > MOST_SECONDS * recipe.rate:
        raise ToneError(
            phrase("Its periods close only after {period:,.0f} s.", period=period / recipe.rate),
            phrase("Take whole frequencies."),
            "tone",
        )
    return tone(recipe, segment, frames)
