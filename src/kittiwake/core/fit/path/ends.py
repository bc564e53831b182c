"""The ends: a loop, silence in front, fades."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.rule import Blank
from ...model.touch_field import TouchChoice, TouchNumber
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


def _blank(before: str, field: str) -> Blank:
    return Blank(before, ("treatment", field), "s", "number", empty=0.0)


def _fade(name: str, place: float, label: str, help_: str) -> TouchNumber:
    return TouchNumber(
        name=name, place=place, label=label, help=help_,
        low=0, high=10_000, step=5, digits=0, unit="ms", factor=0.001,
    )  # fmt: skip


_LOOPS = (
    (None, phrase("as the receiver asks")),
    (0.0, phrase("never: it does not repeat")),
    (0.25, phrase("over the last 0.25 s")),
    (0.5, phrase("over the last 0.5 s")),
    (1.0, phrase("over the last 1 s")),
    (2.0, phrase("over the last 2 s")),
    (5.0, phrase("over the last 5 s")),
)
_SHAPES = (("round", phrase("round: gentle at both ends")), ("even", phrase("even: a straight line")))
LOOP = Stage(
    _loop,
    lambda recipe: Touch.FRAME if recipe.loop else Touch.NOTHING,
    length=lambda frames, recipe: frames - recipe.loop,
    fields=(
        TouchChoice(
            name="loop",
            place=100,
            label=phrase("Blend the end into the start"),
            choices=_LOOPS,
            other=lambda loop: phrase("over the last {loop:g} s", loop=loop),
        ),
    ),
    blanks=(_blank(phrase("The end is blended into the start over"), "loop_seconds"),),
    place=70,
)
FADES = Stage(
    _fades,
    lambda recipe: Touch.FRAME if recipe.fade_in or recipe.fade_out else Touch.NOTHING,
    fields=(
        _fade("fade_in", 40, phrase("Fade in over"), phrase("at the start")),
        _fade("fade_out", 41, phrase("Fade out over"), phrase("at the end")),
        TouchChoice(name="fade_shape", place=80, label=phrase("Shape of the fades"), choices=_SHAPES),
    ),
    blanks=(
        _blank(phrase("It fades in over"), "fade_in_seconds"),
        _blank(phrase("and out over"), "fade_out_seconds"),
    ),
    place=80,
)
LEAD = Stage(
    _lead,
    lambda recipe: Touch.FRAME if recipe.lead else Touch.NOTHING,
    length=lambda frames, recipe: frames + recipe.lead,
    blanks=(_blank(phrase("Silence comes first for"), "lead_seconds"),),
    place=90,
)
