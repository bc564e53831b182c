"""Sound that is more than a receiver has room for: several rules may say how much fits, and the least of that counts."""

from __future__ import annotations

from ....plain_data import dataclass
from ....words import phrase
from ...model.rule import Rule, answers, register_rule
from ..planning_context import PlanningContext
from ..remedies import REMEDIES, accept, ask
from ..verdict import Problem

_SHORTEST_CUT_S = 0.1


@dataclass(frozen=True, slots=True)
class Room:
    """What a rule leaves a clip that is over it.

    Attributes
    ----------
    frames : of the output that fit.
    code, why : of the problem, and its sentence.
    likely : whether it most likely fits all the same, and only may not.
    instead : the problem where fewer than ``worth`` seconds fit, in place of the usual one.
    """

    frames: int
    code: str
    why: str
    instead: Problem | None = None
    worth: float = 0.0
    likely: bool = False


def rooms_of(asked: PlanningContext) -> list[Room]:
    """Of each rule that the clip is over."""
    return [room for room in answers(asked.receiver, "fits", asked) if room is not None]


def _problems(asked: PlanningContext, _: bool) -> list[Problem]:
    rooms = rooms_of(asked)
    if not rooms:
        return []
    # What cannot be lived with comes first, since living with the other would not help.
    rooms.sort(key=lambda room: f"accept_{room.code}" in REMEDIES)
    first, rate = rooms[0], asked.recipe.rate_out
    frames = min(room.frames for room in rooms)
    if first.instead is not None and frames < first.worth * rate:
        return [first.instead]
    if frames < max(_SHORTEST_CUT_S, asked.receiver.rules.limits.min_seconds) * rate:
        why = phrase("{why} Nothing worth hearing fits.", why=first.why)
        return [Problem(first.code, "cannot", why, (ask(phrase("Give the rules more room.")),), of_receiver=True)]
    say = ask(phrase("Have it said in fewer words, or shorten the pauses."))
    see = (
        (accept(first.code, phrase("Make it and see: what is too large is not delivered")),)
        if f"accept_{first.code}" in REMEDIES
        else ()
    )
    remedies = (*see, say) if first.likely else (say, *see)
    return [Problem(first.code, "decide", first.why, remedies, frames, of_receiver=True)]


register_rule(Rule("room", 85, value=lambda receiver: True, problems=_problems))
