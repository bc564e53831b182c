"""Sample rates, and bit rates where the codec has a choice of them."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import joined, phrase
from ...model.receiver import Accepts
from ...model.rule import Blank, Rule, register_rule
from ...model.units import format_hz
from .subject import Check, Subject


def bit_rates() -> tuple[tuple[int, str], ...]:
    """Bit rates that the trade uses, to be chosen from or typed over: kbit/s."""
    return tuple((1000 * kilo, str(kilo)) for kilo in (64, 96, 128, 160, 192, 256, 320))


def _checks(it: Subject, accepts: tuple[Accepts, ...]) -> Iterator[Check]:
    fitting = [a for a in accepts if (a.container, a.encoding) == it.form] or list(accepts)
    rates = [
        joined(map(format_hz, a.sample_rates), ", ")
        if a.sample_rates
        else phrase("at most {max_sample_rate}", max_sample_rate=format_hz(a.max_sample_rate))
        for a in fitting
    ]
    right = any(a.takes_rate(it.head.sample_rate) for a in fitting)
    wanted = joined(dict.fromkeys(rates), phrase(" or "))
    yield Check(phrase("sample rate"), wanted, format_hz(it.head.sample_rate), right)


_FIRST = ("rules", "accepts", 0)
register_rule(
    Rule(
        "rate",
        40,
        (Blank(phrase("At a rate of"), (*_FIRST, "rates"), "kHz", "rates"),),
        value=lambda receiver: receiver.rules.accepts,
        checks=_checks,
    )
)
register_rule(
    Rule(
        "bit_rate",
        60,
        (
            Blank(
                phrase("The bit rate is"),
                (*_FIRST, "variable"),
                choices=((False, phrase("constant")), (True, phrase("variable"))),
            ),
            Blank(phrase("of"), (*_FIRST, "bit_rate"), "kbit/s", "bit_rate", bit_rates, empty=0),
        ),
    )
)
