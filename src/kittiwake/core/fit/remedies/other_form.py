"""Another encoding that the receiver takes as well, and in which all of it fits."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

from ....words import phrase
from ...codec import FORMATS
from ...model.receiver import Accepts
from ...model.units import format_bytes, format_kind
from ...sound import resampled_length
from ..planning_context import PlanningContext
from ..verdict import Problem, Recipe, Remedy
from .lengths import TOO_MUCH, here
from .registry import remedy


@remedy("other_encoding", phrase("make another form that the receiver takes"), of=TOO_MUCH, place=40)
def other_form(asked: PlanningContext, problem: Problem) -> Iterator[Remedy]:
    limits = asked.receiver.rules.limits
    room = None if limits.total_bytes is None else max(0, limits.total_bytes - asked.before)
    if limits.max_bytes is None and room is None:
        return
    largest = min(n for n in (limits.max_bytes, room) if n is not None)
    for accepted in asked.receiver.rules.accepts:
        other = _made_so(asked, accepted)
        size = None if other is None else other.exact_size
        if other is None or size is None or size > largest:
            continue
        if limits.max_seconds is None or other.seconds <= limits.max_seconds:
            form = other.format
            name = format_kind(form.container, form.encoding)
            key = f"{form.container}/{form.encoding}"
            yield here("other_encoding", phrase("Make {name} of it", name=name), format_bytes(size), {"form": key})


def _made_so(asked: PlanningContext, accepted: Accepts) -> Recipe | None:
    """The recipe in another form; None where it is the same, or cannot be written."""
    recipe = asked.recipe
    form = FORMATS.get((accepted.container, accepted.encoding))
    rate = accepted.rate_for(recipe.rate_in)
    if form is None or form.key == recipe.format.key or not form.is_there() or not form.takes_rate(rate):
        return None
    frames = resampled_length(round(recipe.frames_in / recipe.speed), recipe.rate_in, rate)
    frames += round(asked.receiver.treatment.lead_seconds * rate)
    variable = accepted.variable and form.variable
    return replace(
        recipe, format=form, rate_out=rate, frames_out=frames, bit_rate=accepted.bit_rate, variable=variable, loop=0
    )
