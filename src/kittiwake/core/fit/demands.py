"""What a receiver demands, in sentences for somebody who is not at the machine."""

from __future__ import annotations

from ...words import joined, phrase
from ..codec import FORMATS
from ..model import Receiver
from ..model.receiver import Accepts
from ..model.units import format_db, format_hz, format_limit, format_seconds


def demands_of(receiver: Receiver) -> str:
    """Forms, rates, channels, limits, level and names."""
    rules, limits, level = receiver.rules, receiver.rules.limits, receiver.treatment.level
    channels = {0: phrase("one or two channels"), 1: phrase("one channel"), 2: phrase("two channels")}[rules.channels]
    told = [
        phrase(
            "It takes {list}, {channels}.",
            list=joined((_form(one) for one in rules.accepts), phrase(" or ")),
            channels=channels,
        )
    ]
    if limits.max_bytes is not None:
        told.append(phrase("A file has at most {max_bytes}.", max_bytes=format_limit(limits.max_bytes)))
    if limits.total_bytes is not None:
        told.append(
            phrase("All files together have at most {total_bytes}.", total_bytes=format_limit(limits.total_bytes))
        )
    if limits.max_seconds is not None:
        told.append(phrase("A file lasts at most {max_seconds}.", max_seconds=format_seconds(limits.max_seconds)))
    if limits.advised_seconds is not None:
        told.append(
            phrase("At most {advised_seconds} are advised.", advised_seconds=format_seconds(limits.advised_seconds))
        )
    if level.measure != "leave":
        what = {
            "active": phrase("active speech level (ITU-T P.56)"),
            "loudness": phrase("loudness (ITU-R BS.1770)"),
            "peak": "peak",
        }[level.measure]
        told.append(
            phrase(
                "The {measure} is {target}, within {tolerance_db:g} dB.",
                measure=what,
                target=format_db(level.target, level.unit),
                tolerance_db=level.tolerance_db,
            )
        )
    if rules.kinds:
        told.append(phrase("Messages are of the kinds {list}.", list=joined(rules.kinds, ", ")))
    if rules.names.allowed:
        told.append(phrase("Names are made of {allowed}.", allowed=rules.names.allowed))
    return joined(told)


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
