"""Music of which nobody knows whose it is, and sound whose time is over; at every receiver."""

from __future__ import annotations

import datetime
from collections.abc import Iterator

from ....words import phrase
from ...model import Clip
from ...model.rule import Rule, register_rule
from ..remedies import ask
from ..verdict import Problem


def of_rights(clip: Clip) -> Iterator[Problem]:
    """The one thing about a fit that depends on the day."""
    rights = clip.rights
    if rights and rights.are_past(datetime.date.today()):
        message = phrase("The rights to it ended on {until}.", until=rights.until)
        yield Problem("rights_past", "warning", message, (ask(phrase("Ask for them again, or take other music.")),))
    elif clip.kind == "music" and not (rights and rights.are_known):
        message = phrase("Whose music it is, and by what licence it may be played to callers, is not said.")
        yield Problem("rights_missing", "warning", message, (ask(phrase("State holder and licence (Shift+F8).")),))


register_rule(Rule("rights", 170, value=lambda receiver: True, problems=lambda asked, _: of_rights(asked.clip)))
