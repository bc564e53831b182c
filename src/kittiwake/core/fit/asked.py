"""What a rule or a remedy from outside is asked about."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from ...plain_data import dataclass
from ..model import Clip, Facts, Receiver
from ..model.more_rules import RULES
from .remedies import OFFERS
from .verdict import Problem, Recipe


@dataclass(frozen=True, slots=True)
class Asked:
    """A clip at a receiver, as far as it is planned. ``value`` is that of the rule."""

    clip: Clip
    facts: Facts
    receiver: Receiver
    recipe: Recipe
    value: Any = None


def of_more_rules(asked: Asked) -> list[Problem]:
    """Problems of a clip with rules that were added from outside."""
    out = []
    for key, value in asked.receiver.rules.more.items():
        found = RULES[key].problem(Asked(asked.clip, asked.facts, asked.receiver, asked.recipe, value))
        if found is not None:
            out.append(found)
    return out


def with_offers(asked: Asked, problems: list[Problem]) -> list[Problem]:
    """Problems with the remedies that were added from outside, before the last, which is what only a person can do."""
    if not OFFERS:
        return problems
    out = []
    for problem in problems:
        more = [r for codes, offer in OFFERS if problem.code in codes and (r := offer(asked, problem)) is not None]
        own = problem.remedies
        last = own[-1:] if own and not own[-1].applies else ()
        out.append(replace(problem, remedies=(*own[: len(own) - len(last)], *more, *last)) if more else problem)
    return out
