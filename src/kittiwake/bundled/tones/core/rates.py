"""The rate at which a tone is made, so that it need not be resampled."""

from __future__ import annotations

from collections.abc import Iterable

from ....core.model import Receiver
from .recipe import RATES, ToneRecipe


def rate_for(receivers: Iterable[Receiver], otherwise: int = 8000) -> int:
    """The rate (Hz) that these receivers take, ``otherwise`` where they take that; where they differ, the highest of theirs."""
    wanted = {receiver.rules.accepts[0].rate_for(otherwise) for receiver in receivers}
    return max((rate for rate in wanted if rate in RATES), default=otherwise)


def at_rate(recipe: ToneRecipe, rate: int) -> ToneRecipe:
    """The recipe at another rate, where its frequencies fit into that."""
    top = max((hz + one.by for one in recipe.segments for hz in one.hz), default=0.0)
    return recipe.changed(rate=rate) if top < rate / 2 else recipe
