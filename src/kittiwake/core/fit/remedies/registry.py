"""Remedies: their codes, by which they can be taken in words, and what offers them."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import replace
from typing import Any

from ....words import phrase
from ...model import TouchUp
from ...nearest import nearest
from ...registry import Registry
from ..planning_context import PlanningContext
from ..verdict import Problem, Remedy

#: Code -> what it does. A test holds that no remedy is offered under another.
REMEDIES: Registry[str, str] = Registry("remedy")
Offer = Callable[[Any, Any], Remedy | Iterable[Remedy] | None]
#: Where each stands among the others, the codes of the problems that it is offered for, and what makes it.
OFFERS: list[tuple[float, tuple[str, ...], Offer]] = []


def remedy(code: str, what: str, *, of: tuple[str, ...], place: float = 1000) -> Callable[[Offer], Offer]:
    """Register a function that offers a remedy for problems of these codes: given an ``PlanningContext`` and the ``Problem``, a ``Remedy`` of that code, or
    None where it does not suffice. The gentlest has the first place.
    """

    def registered(offer: Offer) -> Offer:
        known(code, what)
        OFFERS.append((place, of, offer))
        OFFERS.sort(key=lambda one: one[0])
        return offer

    return registered


def known(code: str, what: str) -> str:
    """Let ``code`` be taken in words; for remedies that a rule offers by itself."""
    REMEDIES.add(code, what)
    return code


def acceptable(code: str, what: str) -> str:
    """Let people live with the problem ``code``; gives it back."""
    known(f"accept_{code}", what)
    return code


def unaccepted(problems: Iterable[Problem], touch: TouchUp) -> list[Problem]:
    """Without those that a person lives with; of what stands in the way only what somebody can live with, whatever a job says."""
    return [
        one
        for one in problems
        if one.code not in touch.accepted
        or (one.severity in ("decide", "cannot") and f"accept_{one.code}" not in REMEDIES)
    ]


def ask(what: str) -> Remedy:
    """A remedy that only a person can carry out."""
    return Remedy("ask", what)


def accept(code: str, what: str, result: str = "") -> Remedy:
    return Remedy(f"accept_{code}", what, result, accepts=code)


# Of what is seen before there is a plan, or beside it.
acceptable("false_rate", phrase("the rate in its header is right"))
known("no_more_touch_ups", phrase("do without touch-ups that are not there"))
known("read_as_guessed", phrase("read a file without a header as its content suggests"))


def with_offers(asked: PlanningContext, problem: Problem) -> Problem:
    """The problem with all remedies that are offered for it: what loses words is never first, and before it comes what is gentle, or else what
    only a person can do.
    """
    found: list[Remedy] = []
    for _, codes, offer in OFFERS:
        if problem.code in codes:
            one = offer(asked, problem)
            found += [] if one is None else [one] if isinstance(one, Remedy) else one
    if not found:
        return problem
    gentle = [one for one in found if not one.asks]
    losing = [one for one in found if one.asks]
    own = problem.remedies
    return replace(problem, remedies=(*gentle, *losing, *own) if gentle else (*own, *losing))


def is_remedy(code: str) -> bool:
    """Whether there is such a remedy; ``kind_…`` and ``use_ch3`` go on as the receiver and the file have it."""
    return code in REMEDIES or code.startswith("kind_") or (code.startswith("use_ch") and code[6:].isdigit())


def nearest_remedy(code: str) -> str:
    """What was probably meant; empty where nothing is near."""
    return next(iter(nearest(code, REMEDIES, 1)), "")
