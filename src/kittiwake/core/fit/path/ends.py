"""The ends: a loop, silence in front, fades."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ..verdict import Recipe, Step
from .stage import Described, Stage, Touch


def _loop(recipe: Recipe, seen: Described) -> Iterator[Step]:
    own = seen.touch.loop
    wanted = seen.receiver.treatment.loop_seconds if own is None else own
    if recipe.loop:
        what = phrase("Blend the last {loop:.2f} s into the start", loop=recipe.loop / recipe.rate_out)
        why = phrase("{name} asks for it", name=seen.receiver.name) if own is None else phrase("chosen by you")
        yield Step(what, phrase("{why}: it repeats without a gap or a click", why=why))
    elif wanted:
        yield Step(
            phrase("Leave the ends as they are"),
            phrase("it is too short for {wanted:g} s of its end to go into its start", wanted=wanted),
        )


def _lead(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.lead:
        what = phrase("Put {lead:.2f} s of silence first", lead=recipe.lead / recipe.rate_out)
        yield Step(what, phrase("{name} needs a moment to listen", name=seen.receiver.name))


def _fades(recipe: Recipe, seen: Described) -> Iterator[Step]:
    treatment, name = seen.receiver.treatment, seen.receiver.name
    for frames, what, asked, edge in (
        (recipe.fade_in, "in", treatment.fade_in_seconds, "start"),
        (recipe.fade_out, "out", treatment.fade_out_seconds, "end"),
    ):
        if frames:
            seconds = frames / recipe.rate_out
            length = (
                phrase("{seconds:.2f} s", seconds=seconds)
                if seconds >= 1
                else phrase("{milliseconds:.0f} ms", milliseconds=1000 * seconds)
            )
            yield Step(
                phrase("Fade {where} over {length}", where=what, length=length),
                phrase("{name} asks for it", name=name)
                if asked >= seconds
                else phrase("the {edge} is a cut", edge=edge),
            )


LOOP = Stage(
    _loop,
    lambda recipe: Touch.FRAME if recipe.loop else Touch.NOTHING,
    length=lambda frames, recipe: frames - recipe.loop,
)
FADES = Stage(_fades, lambda recipe: Touch.FRAME if recipe.fade_in or recipe.fade_out else Touch.NOTHING)
LEAD = Stage(
    _lead,
    lambda recipe: Touch.FRAME if recipe.lead else Touch.NOTHING,
    length=lambda frames, recipe: frames + recipe.lead,
)
