"""The range of levels that a receiver takes."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ....words import phrase
from ...codec import is_for_voices
from ...model import Receiver
from ...model.rule import Blank, Rule, register_rule
from ...model.units import format_db
from ..planning_context import PlanningContext
from ..remedies import accept, acceptable, ask
from ..remedies.level_inside import edge_of, peaks_allow
from ..verdict import Problem
from .subject import Check, Subject

_OUTSIDE = acceptable("level_outside", phrase("deliver it at its level"))
Range = tuple[float, float]


def _range(receiver: Receiver) -> Range | None:
    """dBov, from and to; None where there is none."""
    least, most = receiver.rules.limits.min_level_dbov, receiver.rules.limits.max_level_dbov
    if least is None and most is None:
        return None
    return -math.inf if least is None else least, 0.0 if most is None else most


def _problems(asked: PlanningContext, _: Range) -> Iterator[Problem]:
    """A level that will lie outside of what the receiver takes."""
    after = asked.level.active_dbov + asked.gain
    change = edge_of(asked)[1]
    if not math.isfinite(after) or not change or "level_inside" in asked.touch.accepted:
        return
    name, level = asked.receiver.name, format_db(after, "dBov")
    message = (
        phrase(
            "At {after} it will be {short:.1f} dB under the least that {name} takes.",
            after=level,
            short=change,
            name=name,
        )
        if change > 0
        else phrase(
            "At {after} it will be {over:.1f} dB over the most that {name} takes.",
            after=level,
            over=-change,
            name=name,
        )
    )
    again = ask(phrase("Its peaks do not allow more: let a limiter hold them down, or record it again."))
    so = accept(_OUTSIDE, phrase("Deliver it so"))
    yield Problem(_OUTSIDE, "decide", message, (so,) if peaks_allow(asked, change) else (again, so), of_receiver=True)


def _checks(it: Subject, taken: Range) -> Iterator[Check]:
    if it.lives_with(_OUTSIDE) or not it.has_level or it.sound.silent:
        return
    slack = 0.3 if not it.promise or not it.lossy else 5.0 if is_for_voices(it.head.encoding) else 1.0
    (low, high), level = taken, it.heard.active_dbov
    sentence = phrase("{low} to {high}", low=format_db(low, "dBov"), high=format_db(high, "dBov"))
    inside = math.isfinite(level) and low - slack <= level <= high + slack
    yield Check(phrase("speech level taken"), sentence, format_db(level, "dBov"), inside)


_LIMITS = ("rules", "limits")
register_rule(
    Rule(
        "level_taken",
        130,
        (
            Blank(phrase("Speech is at"), (*_LIMITS, "min_level_dbov"), "", "number"),
            Blank(phrase("to"), (*_LIMITS, "max_level_dbov"), "dBov", "number"),
        ),
        value=_range,
        problems=_problems,
        checks=_checks,
    )
)
