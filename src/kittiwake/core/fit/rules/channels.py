"""One channel or two, and what is lost where several are mixed."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ....words import phrase
from ...model import Measures
from ...model.downmix import shares
from ...model.facts import NotMeasuredError
from ...model.rule import Blank, Rule, register_rule
from ...model.units import db
from ..planning_context import PlanningContext
from ..remedies import accept, acceptable, known
from ..remedies.sides import names_of
from ..verdict import Problem
from .subject import Check, Subject

_SIDES_LOSE_DB = 3.0
_CANCEL = acceptable("sides_cancel", phrase("mix sides that cancel"))
known("side_auto", phrase("choose the side by what the sides hold"))


def _problems(asked: PlanningContext, _: int) -> Iterator[Problem]:
    """Where channels are mixed and cancel: to be decided, unless it was a person who chose to mix them."""
    if asked.recipe.take != "mix":
        return
    channels = asked.header.channels
    lost = mixing_costs(asked.sound, channels, asked.header.speakers)
    if lost > _SIDES_LOSE_DB:
        message = phrase(
            "Mixing the {channels} costs {lost:.1f} dB where they cancel most.",
            channels=phrase("two sides") if channels == 2 else f"{channels} channels",
            lost=min(lost, 60.0),
        )
        all_the_same = accept(_CANCEL, phrase("Mix them all the same"))
        yield Problem(_CANCEL, "warning" if asked.touch.side == "mix" else "decide", message, (all_the_same,))


def mixing_costs(sound: Measures, channels: int, speakers: tuple[str, ...] = ()) -> float:
    """dB by which a mix is lower than that of channels that have nothing in common: as a whole, or in the second or band that loses most."""
    names = names_of(channels)
    if channels < 2 or any(name not in sound.levels for name in names):
        return 0.0
    if "mix" not in sound.levels:
        raise NotMeasuredError("mix")
    weights = shares(channels, 1, speakers=speakers)[0]
    apart = math.sqrt(sum((float(w) * sound.levels[name].rms) ** 2 for w, name in zip(weights, names, strict=True)))
    whole = db(apart) - db(max(1e-6, sound.levels["mix"].rms)) if apart > 1e-6 else 0.0
    return max(whole, sound.side_loss_db if sound.sides == "different" else 0.0)


def _checks(it: Subject, wanted: int) -> Iterator[Check]:
    right = it.head.channels == it.receiver.rules.channels_for(it.head.channels)
    yield Check(phrase("channels"), str(wanted) if wanted else phrase("1 or 2"), str(it.head.channels), right)


_CHOICES = ((1, phrase("one channel")), (2, phrase("two channels")), (0, phrase("one or two channels")))
register_rule(
    Rule(
        "channels",
        50,
        (Blank(phrase("With"), ("rules", "channels"), choices=_CHOICES),),
        value=lambda receiver: receiver.rules.channels,
        problems=_problems,
        checks=_checks,
    )
)
