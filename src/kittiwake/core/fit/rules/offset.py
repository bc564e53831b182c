"""A DC offset that is to be taken away has to be gone."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.rule import Rule, register_rule
from .subject import Check, Subject

#: Seconds below which a mean is not yet a DC offset: taking it away would leave steps at the ends.
SHORTEST_FOR_DC = 0.2
_DC = 0.005  # of full scale; of soft sound a tenth of its RMS on top


def most_offset(rms: float) -> float:
    """What is no offset yet beside sound of that root mean square; both nominal."""
    return _DC + 0.1 * rms


def _checks(it: Subject, _: bool) -> Iterator[Check]:
    recipe = it.promise.recipe if it.promise else None
    # The source's offset was measured over all of it; a part of it has a mean of its own.
    part = recipe is not None and not recipe.copy and (recipe.start > 0 or recipe.stop is not None)
    if it.seconds < SHORTEST_FOR_DC or part:
        return
    most = most_offset(it.sound.rms)
    found = abs(it.sound.dc_offset)
    wanted = phrase("at most {most:.2%} of full scale", most=most)
    yield Check(phrase("DC offset"), wanted, phrase("{found:.2%}", found=found), found <= most)


register_rule(Rule("remove_dc", 100, value=lambda receiver: receiver.treatment.remove_dc or None, checks=_checks))
