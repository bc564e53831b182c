"""The ends: a loop, silence in front, fades."""

from __future__ import annotations

from collections.abc import Iterator

from ..verdict import Recipe, Step
from .stage import Described, Stage, Touch


def _loop(recipe: Recipe, seen: Described) -> Iterator[Step]:
    own = seen.touch.loop
    wanted = seen.receiver.treatment.loop_seconds if own is None else own
    if recipe.loop:
        what = f"Blend the last {recipe.loop / recipe.rate_out:.2f} s into the start"
        why = f"{seen.receiver.name} asks for it" if own is None else "chosen by you"
        yield Step(what, f"{why}: it repeats without a gap or a click")
    elif wanted:
        yield Step("Leave the ends as they are", f"it is too short for {wanted:g} s of its end to go into its start")


def _lead(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.lead:
        what = f"Put {recipe.lead / recipe.rate_out:.2f} s of silence first"
        yield Step(what, f"{seen.receiver.name} needs a moment to listen")


def _fades(recipe: Recipe, seen: Described) -> Iterator[Step]:
    treatment, name = seen.receiver.treatment, seen.receiver.name
    for frames, what, asked, edge in (
        (recipe.fade_in, "in", treatment.fade_in_seconds, "start"),
        (recipe.fade_out, "out", treatment.fade_out_seconds, "end"),
    ):
        if frames:
            seconds = frames / recipe.rate_out
            length = f"{seconds:.2f} s" if seconds >= 1 else f"{1000 * seconds:.0f} ms"
            yield Step(
                f"Fade {what} over {length}", f"{name} asks for it" if asked >= seconds else f"the {edge} is a cut"
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
