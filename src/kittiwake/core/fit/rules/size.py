"""Bytes that a file may have, and all files together."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ....words import phrase
from ...codec import FORMATS
from ...model import Receiver
from ...model.rule import Blank, Rule, register_rule
from ...model.units import format_bytes, format_limit
from ..planning_context import PlanningContext
from ..remedies import acceptable, ask
from ..verdict import Problem
from .room import Room
from .subject import Check, Subject

_PERHAPS = acceptable("perhaps_too_large", phrase("make it and see whether it is too large"))
_WORTH_S = 0.5  # of what is left of a memory; less is called full


def _fits(asked: PlanningContext, most: int) -> Room | None:
    recipe, size = asked.recipe, asked.recipe.exact_size
    largest = min(most or math.inf, recipe.format.max_bytes or math.inf)
    if largest == math.inf or (recipe.most_bytes if size is None else size) <= largest:
        return None
    within = recipe.frames_within(int(largest))
    if size is None:
        why = phrase(
            "It comes out at about {size}, and may be over the limit ({largest}): that depends on the sound. {within:.2f} s surely fit, it has {seconds:.2f} s.",
            size=format_bytes(recipe.size),
            largest=format_limit(int(largest)),
            within=within / recipe.rate_out,
            seconds=recipe.seconds,
        )
        return Room(within, _PERHAPS, why, likely=recipe.size <= largest)
    why = phrase(
        "{size} is over the limit ({largest}); exactly {within:.3f} s fit, it has {seconds:.3f} s.",
        size=format_bytes(size),
        largest=format_limit(int(largest)),
        within=within / recipe.rate_out,
        seconds=recipe.seconds,
    )
    return Room(within, "too_large", why)


def _checks(it: Subject, most: int) -> Iterator[Check]:
    if most:
        has = phrase("{bytes:,} B", bytes=it.head.bytes)
        yield Check(phrase("size"), format_limit(most), has, it.head.bytes <= most)


def _faults(receiver: Receiver, most: int) -> Iterator[str]:
    for accepted in receiver.rules.accepts:
        form, rate = FORMATS.get((accepted.container, accepted.encoding)), accepted.rate_for(8000)
        if not most or form is None or not form.takes_rate(rate):
            continue
        if accepted.bit_rate and accepted.bit_rate not in form.legal_bit_rates(rate):
            continue
        least = form.exact_size(1, 1, rate, accepted.bit_rate)
        if least is not None and most < least:
            yield phrase(
                "max_bytes = {most} is too little for any file: {name} with a single sample has {least} bytes.",
                most=most,
                name=form.name,
                least=least,
            )


def _room(asked: PlanningContext, total: int) -> Room | None:
    """What is left of the memory behind the clips that come before."""
    recipe, left = asked.recipe, max(0, total - asked.before)
    if recipe.size <= total - asked.before:
        return None
    full = phrase(
        "The memory of {name} ({total}) is full: the clips before it need {before}, this one needs {size}.",
        name=asked.receiver.name,
        total=format_bytes(total),
        before=format_bytes(asked.before),
        size=format_bytes(recipe.size),
    )
    instead = Problem(
        "memory_full",
        "cannot",
        full,
        (ask(phrase("Remove or shorten clips that come before it.")),),
        of_receiver=True,
    )
    if recipe.exact_size is None:
        return Room(0, "memory_full", full, instead, math.inf)
    within = recipe.frames_within(left)
    why = phrase(
        "The memory of {name} has {room} left for it, of {total_bytes}; it needs {size}. Exactly {within:.3f} s fit.",
        name=asked.receiver.name,
        room=format_bytes(left),
        total_bytes=format_bytes(total),
        size=format_bytes(recipe.size),
        within=within / recipe.rate_out,
    )
    return Room(within, "memory_full", why, instead, _WORTH_S)


register_rule(
    Rule(
        "max_bytes",
        70,
        (Blank(phrase("A file has at most"), ("rules", "limits", "max_bytes"), "", "size"),),
        # Formats have a largest size too, which holds without a rule.
        value=lambda receiver: receiver.rules.limits.max_bytes or 0,
        fits=_fits,
        checks=_checks,
        demand=lambda receiver, most: (
            phrase("A file has at most {max_bytes}.", max_bytes=format_limit(most)) if most else ""
        ),
        faults=_faults,
    )
)
register_rule(
    Rule(
        "total_bytes",
        80,
        (Blank(phrase("All files together have at most"), ("rules", "limits", "total_bytes"), "", "size"),),
        value=lambda receiver: receiver.rules.limits.total_bytes,
        fits=_room,
        demand=lambda receiver, most: phrase(
            "All files together have at most {total_bytes}.", total_bytes=format_limit(most)
        ),
    )
)
