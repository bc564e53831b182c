"""What a receiver demands, in sentences for somebody who is not at the machine."""

from __future__ import annotations

from ..codec import FORMATS
from ..model import Receiver
from ..model.receiver import Accepts
from ..model.units import format_db, format_hz, format_limit, format_seconds


def demands_of(receiver: Receiver) -> str:
    """Forms, rates, channels, limits, level and names."""
    rules, limits, level = receiver.rules, receiver.rules.limits, receiver.treatment.level
    channels = {0: "one or two channels", 1: "one channel", 2: "two channels"}[rules.channels]
    told = [f"It takes {' or '.join(_form(one) for one in rules.accepts)}, {channels}."]
    if limits.max_bytes is not None:
        told.append(f"A file has at most {format_limit(limits.max_bytes)}.")
    if limits.total_bytes is not None:
        told.append(f"All files together have at most {format_limit(limits.total_bytes)}.")
    if limits.max_seconds is not None:
        told.append(f"A file lasts at most {format_seconds(limits.max_seconds)}.")
    if limits.advised_seconds is not None:
        told.append(f"At most {format_seconds(limits.advised_seconds)} are advised.")
    if level.measure != "leave":
        what = {"active": "active speech level (ITU-T P.56)", "loudness": "loudness (ITU-R BS.1770)", "peak": "peak"}[
            level.measure
        ]
        told.append(f"The {what} is {format_db(level.target, level.unit)}, within {level.tolerance_db:g} dB.")
    if rules.kinds:
        told.append(f"Messages are of the kinds {', '.join(rules.kinds)}.")
    if rules.names.allowed:
        told.append(f"Names are made of {rules.names.allowed}.")
    return " ".join(told)


def _form(accepts: Accepts) -> str:
    form = FORMATS.get((accepts.container, accepts.encoding))
    name = form.name if form else f"{accepts.container}/{accepts.encoding}"
    if accepts.sample_rates:
        return f"{name} at {', '.join(format_hz(rate) for rate in accepts.sample_rates)}"
    return f"{name} at {format_hz(accepts.max_sample_rate)} and less" if accepts.max_sample_rate else name
