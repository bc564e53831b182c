"""One side or channel, in place of a mix in which they cancel."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy
from .registry import known, remedy

for _code, _what in (("use_right", phrase("use the right side")), ("use_mix", phrase("mix both sides"))):
    known(_code, _what)
_MOST_SHOWN = 3


@remedy("use_left", phrase("use the left side"), of=("sides_cancel",), place=70)
def use_side(asked: PlanningContext, problem: Problem) -> Iterator[Remedy]:
    channels = asked.header.channels
    names = names_of(channels)
    loudest = sorted(names, key=lambda name: -asked.sound.levels[name].rms)
    for name in names if channels == 2 else loudest[:_MOST_SHOWN]:
        what = (
            phrase("Use the {name} side", name=name)
            if channels == 2
            else phrase("Use channel {index}", index=names.index(name) + 1)
        )
        yield Remedy(f"use_{name}", what, touch_up={"side": name})


def names_of(channels: int) -> list[str]:
    """Names of the channels of a source, as ``TouchUp.side`` has them."""
    return ["left", "right", *(f"ch{n}" for n in range(3, channels + 1))]
