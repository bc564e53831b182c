"""The forms of file that a receiver takes, and what no file of a form can fulfil."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import joined, phrase
from ...codec import FORMATS, Format
from ...codec.registry import nearest_forms
from ...model import Header, Receiver
from ...model.receiver import Accepts
from ...model.rule import Blank, Rule, register_rule
from ...model.units import format_hz, format_kind
from ..remedies import ask
from ..verdict import Problem
from .subject import Check, Subject


def forms() -> tuple[tuple[tuple[str, str], str], ...]:
    """Every form that can be written, with its name."""
    return tuple((key, form.name) for key, form in FORMATS.items())


def not_there(form: Format) -> Problem:
    """For a format that needs a library which this machine has not."""
    sentence = phrase("{name} is written by {needs}, which is not on this machine.", name=form.name, needs=form.needs)
    return Problem(
        "no_codec",
        "cannot",
        sentence,
        (ask(phrase("Install that library, or choose another format in the rules.")),),
        of_receiver=True,
    )


def illegal_wish(receiver: Receiver, accepted: Accepts, form: Format, rate: int) -> Problem | None:
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
        "illegal_wish",
        "cannot",
        phrase("{name} does not take {wish}.", name=form.name, wish=wish),
        (ask(say),),
        of_receiver=True,
    )


def _checks(it: Subject, accepts: tuple[Accepts, ...]) -> Iterator[Check]:
    taken = [(one.container, one.encoding) for one in accepts]
    wanted = joined((format_kind(*form) for form in taken), phrase(" or "))
    yield Check(phrase("format"), wanted, format_kind(*it.form), it.form in taken)
    stated = [one for one in accepts if (one.container, one.encoding) == it.form]
    rates = [one.bit_rate for one in stated if one.bit_rate and not one.variable]
    # Of what is coded here the encoder is asked for it; of short sound heads and fillings are most of the file.
    if (
        rates
        and len(rates) == len(stated)
        and it.seconds >= SHORTEST_FOR_RATE_S
        and (it.promise is None or it.promise.recipe.copy)
    ):
        found = bit_rate_of(it.head, it.seconds)
        wanted = joined((phrase("{bit_rate:g} kbit/s", bit_rate=rate / 1000) for rate in rates), phrase(" or "))
        right = any(has_bit_rate(it.head, it.seconds, rate) for rate in rates)
        yield Check(phrase("bit rate"), wanted, phrase("{bit_rate:.0f} kbit/s", bit_rate=found / 1000), right)


SHORTEST_FOR_RATE_S = 1.0
_LESS, _MORE = (
    0.04,
    0.10,
)  # that the bytes of a file may come to less and more than its bit rate: a last frame, heads and tags


def bit_rate_of(head: Header, seconds: float) -> float:
    """Bits of a file for each second of its sound, heads and tags among them."""
    return 8 * head.bytes / seconds if seconds > 0 else 0.0


def has_bit_rate(head: Header, seconds: float, wanted: int) -> bool:
    """Whether a file can be of this bit rate (bit/s), as far as its size tells."""
    return (1 - _LESS) * wanted <= bit_rate_of(head, seconds) <= (1 + _MORE) * wanted


def _faults(receiver: Receiver, accepts: tuple[Accepts, ...]) -> Iterator[str]:
    for accepted in accepts:
        form = FORMATS.get((accepted.container, accepted.encoding))
        if form is None:
            near = nearest_forms(accepted.container, accepted.encoding)
            yield phrase(
                "Nothing here writes {container} {encoding}. {near}",
                container=accepted.container,
                encoding=accepted.encoding,
                near=near,
            )
            continue
        if not form.is_there() and accepted is accepts[0]:
            yield not_there(form).message
        for rate in accepted.sample_rates or (form.nearest_rate(accepted.max_sample_rate or 8000),):
            found = illegal_wish(receiver, accepted, form, rate)
            if found:
                yield joined((found.message, found.remedies[0].what))


def _demand(receiver: Receiver, accepts: tuple[Accepts, ...]) -> str:
    channels = {0: phrase("one or two channels"), 1: phrase("one channel"), 2: phrase("two channels")}
    return phrase(
        "It takes {list}, {channels}.",
        list=joined(map(_form, accepts), phrase(" or ")),
        channels=channels[receiver.rules.channels],
    )


def _form(accepts: Accepts) -> str:
    form = FORMATS.get((accepts.container, accepts.encoding))
    name = form.name if form else f"{accepts.container}/{accepts.encoding}"
    if accepts.sample_rates:
        return phrase("{name} at {list}", name=name, list=", ".join(format_hz(rate) for rate in accepts.sample_rates))
    return (
        phrase("{name} at {max_sample_rate} and less", name=name, max_sample_rate=format_hz(accepts.max_sample_rate))
        if accepts.max_sample_rate
        else name
    )


register_rule(
    Rule(
        "form",
        30,
        (Blank(phrase("It takes"), ("rules", "accepts", 0, "form"), choices=forms),),
        value=lambda receiver: receiver.rules.accepts,
        checks=_checks,
        demand=_demand,
        faults=_faults,
    )
)
