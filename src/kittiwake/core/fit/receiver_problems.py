"""What is wrong with the rules of a receiver themselves."""

from __future__ import annotations

from ...words import phrase
from ..codec import FORMATS, Format
from ..codec.registry import nearest_forms
from ..model import Receiver
from ..model.receiver import Accepts
from ..model.units import format_hz
from .problems import ask, not_there
from .verdict import Problem


def of_format(receiver: Receiver, accepted: Accepts, form: Format, rate: int) -> Problem | None:
    """A wish that no file of the format can fulfil, with the nearest one that can be."""
    name, wish, say = receiver.name, "", ""
    if not form.takes_rate(rate):
        wish = format_hz(rate)
        say = phrase(
            "Change the rules of {name} to {nearest_rate}, the nearest that it takes.",
            name=name,
            nearest_rate=format_hz(form.nearest_rate(rate)),
        )
    elif accepted.bit_rate and not form.bit_rates:
        wish, say = phrase("a bit rate"), phrase("Leave bit_rate out of the rules of {name}.", name=name)
    elif accepted.bit_rate and accepted.bit_rate not in form.legal_bit_rates(rate):
        best = min(form.legal_bit_rates(rate), key=lambda legal: abs(legal - accepted.bit_rate))
        wish = phrase("{bit_rate:g} kbit/s at {rate}", bit_rate=accepted.bit_rate / 1000, rate=format_hz(rate))
        say = phrase(
            "Change the rules of {name} to {best:g} kbit/s, the nearest that it takes.", name=name, best=best / 1000
        )
    elif receiver.rules.channels > form.max_channels:
        wish, say = (
            phrase("{channels} channels", channels=receiver.rules.channels),
            phrase("Change the rules of {name} to {max_channels}.", name=name, max_channels=form.max_channels),
        )
    elif accepted.variable and not form.variable:
        wish, say = phrase("a variable bit rate"), phrase("Leave variable out of the rules of {name}.", name=name)
    if not wish:
        return None
    return Problem(
        "illegal_wish", "cannot", phrase("{name} does not take {wish}.", name=form.name, wish=wish), (ask(say),)
    )


def check_receiver(receiver: Receiver) -> list[str]:
    """What keeps a receiver's rules from being met, as sentences; none where all is well."""
    faults = []
    for accepted in receiver.rules.accepts:
        form = FORMATS.get((accepted.container, accepted.encoding))
        if form is None:
            near = nearest_forms(accepted.container, accepted.encoding)
            faults.append(
                phrase(
                    "Nothing here writes {container} {encoding}. {near}",
                    container=accepted.container,
                    encoding=accepted.encoding,
                    near=near,
                )
            )
            continue
        most, rate = receiver.rules.limits.max_bytes, accepted.rate_for(8000)
        sane = not accepted.bit_rate or accepted.bit_rate in form.legal_bit_rates(rate)
        least = form.exact_size(1, 1, rate, accepted.bit_rate) if sane and form.takes_rate(rate) else None
        if most is not None and least is not None and most < least:
            faults.append(
                phrase(
                    "max_bytes = {most} is too little for any file: {name} with a single sample has {least} bytes.",
                    most=most,
                    name=form.name,
                    least=least,
                )
            )
        if not form.is_there() and accepted is receiver.rules.accepts[0]:
            faults.append(not_there(form).message)
        for rate in accepted.sample_rates or (form.nearest_rate(accepted.max_sample_rate or 8000),):
            found = of_format(receiver, accepted, form, rate)
            if found:
                faults.append(f"{found.message} {found.remedies[0].what}")
    if receiver.rules.cue_points and not any(accepted.container == "wav" for accepted in receiver.rules.accepts):
        faults.append(phrase("cue_points = true needs WAV: no other form here can hold them."))
    return faults
