"""Rules that cannot be met together, brought to the nearest that can."""

from __future__ import annotations

from ...words import joined, phrase
from ..codec import FORMATS, Format
from ..model import Receiver
from ..model.receiver import Accepts
from ..model.units import format_hz
from .rules import check_receiver


def repaired(receiver: Receiver) -> tuple[Receiver, str] | None:
    """The receiver with rates and bit rates that go together, and what was changed in words; None where that does not help."""
    changes: list[str] = []
    accepts = tuple(_repaired(accepted, changes) for accepted in receiver.rules.accepts)
    channels = receiver.rules.channels
    forms = [FORMATS.get((one.container, one.encoding)) for one in accepts]
    most = min((form.max_channels for form in forms if form), default=2)
    if channels > most:
        channels = most
        changes.append(phrase("one channel"))
    if not changes:
        return None
    rules = receiver.rules.changed(accepts=accepts, channels=channels)
    better = receiver.changed(rules=rules)
    return None if check_receiver(better) else (better, joined(dict.fromkeys(changes), ", "))


def _repaired(accepted: Accepts, changes: list[str]) -> Accepts:
    form = FORMATS.get((accepted.container, accepted.encoding))
    if form is None:
        return accepted
    asked = accepted.sample_rates or ((accepted.max_sample_rate,) if accepted.max_sample_rate else ())
    can = [rate for rate in asked if form.takes_rate(rate) and _has(form, rate, accepted.bit_rate)]
    bit_rate = accepted.bit_rate
    if not can:
        # The rates that were asked for count for more than the bit rate.
        can = sorted({form.nearest_rate(rate) for rate in asked})
        legal = [set(form.legal_bit_rates(rate)) for rate in can]
        both = set.intersection(*legal) if legal else set()
        if bit_rate and not all(bit_rate in bit_rates for bit_rates in legal):
            can = can if both else can[:1]
            bit_rates = both or (legal[0] if legal else set())
            bit_rate = min(bit_rates, key=lambda one: (abs(one - accepted.bit_rate), -one)) if bit_rates else 0
            changes.append(
                phrase("{bit_rate:g} kbit/s", bit_rate=bit_rate / 1000) if bit_rate else phrase("no bit rate")
            )
    if not accepted.sample_rates:
        if can and can[0] == accepted.max_sample_rate and bit_rate == accepted.bit_rate:
            return accepted
        highest = can[0] if can and not form.rates else None
        rates = () if highest else tuple(one for one in form.rates if _has(form, one, bit_rate)) or tuple(can)
        changes.append(
            phrase("at most {highest}", highest=format_hz(highest))
            if highest
            else joined(map(format_hz, rates), phrase(" or "))
        )
        return accepted.changed(max_sample_rate=highest, sample_rates=rates, bit_rate=bit_rate)
    if list(accepted.sample_rates) == can and bit_rate == accepted.bit_rate:
        return accepted
    if list(accepted.sample_rates) != can:
        changes.append(joined(map(format_hz, can), phrase(" or ")))
    return accepted.changed(sample_rates=tuple(can), bit_rate=bit_rate)


def _has(form: Format, rate: int, bit_rate: int) -> bool:
    return not bit_rate or not form.bit_rates or bit_rate in form.legal_bit_rates(rate)
