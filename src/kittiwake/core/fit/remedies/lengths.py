"""How long a clip comes out, and what of it fits: what several remedies reckon with."""

from __future__ import annotations

from dataclasses import replace

from ...model.stages import length_after
from ...sound import played_length, resampled_length
from ..planning_context import PlanningContext
from ..verdict import Recipe, Remedy

EDGE_FADE_S = 0.005  # keeps an edge in the middle of room noise from clicking
#: Codes of problems of a clip that has too much sound for a receiver; ``Problem.frames`` says how much fits.
TOO_MUCH = ("too_large", "perhaps_too_large", "too_long", "memory_full")


def here(code: str, what: str, result: str, touch_up: dict[str, object], *, asks: bool = False) -> Remedy:
    """A remedy that holds at the one receiver."""
    return Remedy(code, what, result, touch_up=touch_up, here_only=True, asks=asks)


def length_of(frames_in: int, recipe: Recipe, speed: float) -> int:
    """Frames of the output that so many of the source become at a speed."""
    played = played_length(frames_in, recipe.rate_in, recipe.rate_out, speed)
    return length_after(recipe.more, played, recipe.rate_out) + recipe.lead - recipe.loop


def speed_for(frames_in: int, recipe: Recipe, keep: int, now: float) -> float:
    """The least speed, in steps of a thousandth, at which no more than ``keep`` frames come out."""
    whole = resampled_length(frames_in, recipe.rate_in, recipe.rate_out)
    speed = max(now, round(whole / max(1, keep - recipe.lead + recipe.loop), 3))
    while length_of(frames_in, recipe, speed) > keep and speed < 4:
        speed = round(speed + 0.001, 3)
    return speed


def frames_for(keep: int, recipe: Recipe, speed: float) -> int:
    """The most source frames from which no more than ``keep`` come out."""
    frames = min(
        recipe.frames_in, int((keep - recipe.lead + recipe.loop) * recipe.rate_in / recipe.rate_out * speed) + 2
    )
    while frames > 0 and length_of(frames, recipe, speed) > keep:
        frames -= 1
    return frames


def without_air(asked: PlanningContext) -> tuple[int, int]:
    """Source frames from a little before the first sound to a little after the last."""
    # What is left out inside does not move the ends.
    recipe = replace(asked.recipe, frames_in=asked.recipe.frames_in + asked.recipe.left_out)
    start = asked.span[0]
    stop = start + recipe.frames_in
    first, last = asked.sound.speech_span(start, stop)
    margin = round(asked.receiver.treatment.air_seconds * recipe.rate_in)
    begin, end = max(start, first - margin), min(stop, last + margin)
    return (begin, end) if begin < end else (start, stop)


def trim_to(asked: PlanningContext, begin: int, end: int) -> dict[str, object]:
    """The touch-up that leaves those frames of the source."""
    touch, start = asked.touch, asked.span[0]
    stop = start + asked.recipe.frames_in + asked.recipe.left_out
    return {
        "skip": touch.skip + begin - start,
        "keep": end - begin,
        "fade_in": EDGE_FADE_S if begin > start else touch.fade_in,
        "fade_out": EDGE_FADE_S if end < stop else touch.fade_out,
    }
