"""Spans that are written into the file."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model import Receiver
from ...model.rule import Blank, Rule, register_rule


def _faults(receiver: Receiver, _: bool) -> Iterator[str]:
    if not any(accepted.container == "wav" for accepted in receiver.rules.accepts):
        yield phrase("cue_points = true needs WAV: no other form here can hold them.")


_CHOICES = ((False, phrase("not written into it")), (True, phrase("written into WAV as cue points")))
register_rule(
    Rule(
        "cue_points",
        140,
        (Blank(phrase("Spans are"), ("rules", "cue_points"), choices=_CHOICES),),
        value=lambda receiver: receiver.rules.cue_points or None,
        faults=_faults,
    )
)
