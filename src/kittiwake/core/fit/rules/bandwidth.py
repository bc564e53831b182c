"""Sound that is narrower than its file, or than the receiver expects."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.rule import Rule, register_rule
from ...model.units import format_bandwidth, format_hz
from ..planning_context import PlanningContext
from ..remedies import accept, acceptable, ask
from ..verdict import Problem

_NARROW = acceptable("narrow_band", phrase("deliver narrow sound"))


def _problems(asked: PlanningContext, expected: float) -> Iterator[Problem]:
    found, rate_in = asked.sound.bandwidth, asked.recipe.rate_in
    if not 0 < found < 0.75 * expected:
        return
    if found > 0.45 * rate_in:
        message = phrase(
            "Its rate of {rate} has room for sound up to {highest} only; {name} expects {expected}.",
            rate=format_hz(rate_in),
            highest=format_hz(rate_in / 2),
            name=asked.receiver.name,
            expected=format_hz(expected),
        )
    else:
        message = phrase(
            "It holds sound only up to {found}, though its rate of {rate} has room for {highest}: it has probably been over a telephone.",
            found=format_bandwidth(found),
            rate=format_hz(rate_in),
            highest=format_hz(rate_in / 2),
        )
    original = ask(phrase("Ask for the original, before it was made this narrow."))
    all_the_same = accept(_NARROW, phrase("Deliver it all the same"))
    yield Problem(_NARROW, "warning", message, (original, all_the_same))


register_rule(
    Rule(
        "bandwidth",
        180,
        value=lambda receiver: receiver.treatment.expected_bandwidth_hz,
        picture=True,
        problems=_problems,
    )
)
