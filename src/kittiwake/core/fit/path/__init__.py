"""The path of a clip as stages of sound: each says what it does, whether the samples change, and how many frames come out of it."""

from __future__ import annotations

from ..verdict import Recipe, Step
from .added import ADDED
from .ends import FADES, LEAD, LOOP
from .filters import BAND, PRESENCE
from .leave_out import LEAVE_OUT
from .level import LEVEL, LIMITER
from .offset import OFFSET
from .side import SIDE
from .source import READ, SPAN, TRUE_RATE
from .stage import Blocks, Described, Stage, Touch
from .tempo import RATE, TEMPO
from .write import CUES, ENCODE, FILE, NAME

__all__ = ["PATH", "Blocks", "Described", "Stage", "Touch", "applied", "length_out", "steps_of", "touches"]

#: In the order in which they are walked.
PATH: tuple[Stage, ...] = (
    READ, TRUE_RATE, SPAN, OFFSET, SIDE, LEAVE_OUT, TEMPO, RATE, PRESENCE, BAND, ADDED,
    LEVEL, LIMITER, LOOP, FADES, LEAD, ENCODE, CUES, FILE, NAME,
)  # fmt: skip


def steps_of(recipe: Recipe, seen: Described) -> tuple[Step, ...]:
    """The path in words and numbers."""
    return tuple(step for stage in PATH for step in stage.describe(recipe, seen))


def touches(recipe: Recipe) -> Touch:
    """The most that any stage does to the samples. ``NOTHING``: but for a gain they go over as they are, so that with a gain of nothing,
    and peaks that are not over the ceiling, a file of the right form is *as is*.
    """
    return max(stage.touches(recipe) for stage in PATH)


def applied(blocks: Blocks, recipe: Recipe) -> Blocks:
    """Blocks of the source's span, float32 [shape=(frames, channels)], through all stages before the gain."""
    for stage in PATH:
        if stage.apply is not None:
            blocks = stage.apply(blocks, recipe)
    return blocks


def length_out(recipe: Recipe) -> int:
    """Frames of the output, one stage after the other; the same as ``Recipe.frames_out``."""
    frames = recipe.frames_in + recipe.left_out
    for stage in PATH:
        frames = stage.length(frames, recipe)
    return frames
