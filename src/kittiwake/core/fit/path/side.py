"""One channel is chosen, or several are mixed."""

from __future__ import annotations

from collections.abc import Iterator

from ...model.facts import Signal
from ...sound.sides import channel_of, select_channel
from ..verdict import Recipe, Step
from .stage import Blocks, Described, Stage, Touch

_ONE_LATER = "both sides hold the same, the {} softer, later or partly upside down; mixed, they would partly cancel"
_WHY: dict[tuple[str, Signal], str] = {
    ("identical", "left"): "both sides hold the same",
    ("left_only", "left"): "the right side is silent; mixing would lose 6 dB",
    ("right_only", "right"): "the left side is silent; mixing would lose 6 dB",
    ("inverted", "left"): "one side is the other turned upside down; mixed, they would cancel",
    ("left_leads", "left"): _ONE_LATER.format("right"),
    ("right_leads", "right"): _ONE_LATER.format("left"),
    ("different", "mix"): "the sides differ, and both count",
}


def _describe(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.take in ("mono", "both"):
        return
    channels = seen.header.channels
    what = "Mix both sides" if recipe.take == "mix" else f"Use the {recipe.take} side"
    if recipe.take.startswith("ch") or (channels > 2 and recipe.take != "mix"):
        what = f"Use channel {(channel_of(recipe.take) or 0) + 1} of {channels}"
    if recipe.take == "mix" and channels > 2:
        what = f"Mix {channels} channels down after ITU-R BS.775"
    yield Step(what, _reason(recipe, seen))


def _reason(recipe: Recipe, seen: Described) -> str:
    name = seen.receiver.name
    if seen.touch.side != "auto":
        return "chosen by you"
    if seen.receiver.treatment.side != "auto":
        return f"{name} asks for it"
    if seen.header.channels > 2:
        return f"{name} takes one channel, this has {seen.header.channels}"
    return _WHY.get((seen.sound.sides, recipe.take), f"{name} takes one channel")


def _apply(blocks: Blocks, recipe: Recipe) -> Blocks:
    return select_channel(blocks, recipe.take, recipe.channels)


SIDE = Stage(_describe, lambda recipe: Touch.FRAME if recipe.take == "mix" else Touch.NOTHING, _apply)
