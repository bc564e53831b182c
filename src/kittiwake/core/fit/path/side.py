"""One channel is chosen, or several are mixed."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.facts import Signal
from ...model.rule import Blank
from ...model.touch_field import TouchChoice
from ...sound.sides import channel_of, select_channel
from ..verdict import Recipe, Step
from .stage import Blocks, Described, Stage, Touch

_WHY: dict[tuple[str, Signal], str] = {
    ("identical", "left"): phrase("both sides hold the same"),
    ("left_only", "left"): phrase("the right side is silent, or holds only noise; mixing would lose 6 dB"),
    ("right_only", "right"): phrase("the left side is silent, or holds only noise; mixing would lose 6 dB"),
    ("inverted", "left"): phrase("one side is the other turned upside down; mixed, they would cancel"),
    ("left_leads", "left"): phrase(
        "both sides hold the same, the right softer, later or partly upside down; mixed, they would partly cancel"
    ),
    ("right_leads", "right"): phrase(
        "both sides hold the same, the left softer, later or partly upside down; mixed, they would partly cancel"
    ),
    ("different", "mix"): phrase("the sides differ, and both count"),
}


def _describe(recipe: Recipe, seen: Described) -> Iterator[Step]:
    channels = seen.header.channels
    if recipe.take == "mono" or (recipe.take == "both" and channels <= 2):
        return
    if recipe.take == "both":
        yield Step(
            phrase("Mix {channels} channels down to two after ITU-R BS.775", channels=channels),
            phrase(
                "{name} takes two; the centre, where speech is, goes to both{silent}",
                name=seen.receiver.name,
                silent=_silent(recipe, channels),
            ),
        )
        return
    what = phrase("Mix both sides") if recipe.take == "mix" else phrase("Use the {take} side", take=recipe.take)
    if recipe.take.startswith("ch") or (channels > 2 and recipe.take != "mix"):
        what = phrase(
            "Use channel {channel_of} of {channels}", channel_of=(channel_of(recipe.take) or 0) + 1, channels=channels
        )
    if recipe.take == "mix" and channels > 2:
        what = phrase("Mix {channels} channels down after ITU-R BS.775", channels=channels)
    yield Step(what, _reason(recipe, seen))


def _silent(recipe: Recipe, channels: int) -> str:
    """That channels which hold nothing do not count, where there are any."""
    count = channels - len(recipe.live) if recipe.live else 0
    return (
        phrase(", {n} silent ones do not count", ", {n} silent one does not count", count, n=count) if count else ""
    )


def _reason(recipe: Recipe, seen: Described) -> str:
    name = seen.receiver.name
    if seen.touch.side != "auto":
        return phrase("chosen by you")
    if seen.receiver.treatment.side != "auto":
        return phrase("{name} asks for it", name=name)
    if seen.header.channels > 2:
        only = recipe.take != "mix"
        return phrase(
            "{name} takes one channel, this has {channels}{silent}",
            name=name,
            channels=seen.header.channels,
            silent=phrase(", of which only this one holds anything")
            if only
            else _silent(recipe, seen.header.channels),
        )
    return _WHY.get((seen.sound.sides, recipe.take), phrase("{name} takes one channel", name=name))


def _apply(blocks: Blocks, recipe: Recipe) -> Blocks:
    return select_channel(blocks, recipe.take, recipe.channels, recipe.live, recipe.speakers)


_OF_RECEIVER = (
    ("auto", phrase("by what the sides hold")),
    ("left", phrase("from the left")),
    ("right", phrase("from the right")),
    ("mix", phrase("by mixing")),
)
_OF_CLIP = (
    ("auto", phrase("as the sides suggest")),
    ("left", phrase("left")),
    ("right", phrase("right")),
    ("mix", phrase("both mixed")),
)
SIDE = Stage(
    _describe,
    lambda recipe: Touch.FRAME if recipe.take == "mix" or recipe.live else Touch.NOTHING,
    _apply,
    fields=(TouchChoice(name="side", place=90, label=phrase("Side to use"), choices=_OF_CLIP),),
    blanks=(Blank(phrase("One channel is taken"), ("treatment", "side"), choices=_OF_RECEIVER),),
    place=20,
)
