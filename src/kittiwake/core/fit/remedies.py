"""The codes of remedies that can be taken in words, as in a terminal."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from ...words import phrase
from ..nearest import nearest

#: Code -> what it does. A test holds that no remedy is offered under another.
REMEDIES = {
    "trim_air": phrase("trim the air at the ends"),
    "speed_up": phrase("speak it faster, as far as the receiver's rules allow"),
    "trim_and_speed_up": "both",
    "cut_to_length": phrase("cut it to the length that fits, with a short fade"),
    "other_encoding": phrase("make another form that the receiver takes"),
    "level_inside": phrase("bring the level inside of what the receiver takes"),
    "use_left": phrase("use the left side"),
    "use_right": phrase("use the right side"),
    "use_mix": phrase("mix both sides"),
    "accept_sides_cancel": phrase("mix sides that cancel"),
    "side_auto": phrase("choose the side by what the sides hold"),
    "no_more_touch_ups": phrase("do without touch-ups that are not there"),
    "read_as_guessed": phrase("read a file without a header as its content suggests"),
    "accept_truncated": phrase("deliver what is there of a file that breaks off"),
    "accept_damaged": phrase("deliver what is whole of a damaged file"),
    "accept_silent": phrase("deliver silence"),
    "accept_very_quiet": phrase("live with the noise of a very quiet recording"),
    "allow_limiter": phrase("let a limiter hold down the peaks that keep the level short"),
    "accept_peaks_limit_level": phrase("leave it a little quieter"),
    "accept_narrow_band": phrase("deliver narrow sound"),
    "accept_level_outside": phrase("deliver it at its level"),
    "accept_longer_than_advised": phrase("let it be longer than advised"),
    "accept_false_rate": phrase("the rate in its header is right"),
}


#: Remedies from outside: codes of the problems that each is offered for, and what makes it.
OFFERS: list[tuple[tuple[str, ...], Callable[[Any, Any], Any]]] = []
Offer = Callable[[Any, Any], Any]


def remedy(code: str, what: str, *, of: tuple[str, ...]) -> Callable[[Offer], Offer]:
    """Register a function that offers a remedy for problems of these codes: given an ``Asked`` and the ``Problem``, a ``Remedy`` of that code, or
    None where it does not suffice.
    """

    def registered(offer: Offer) -> Offer:
        REMEDIES[code] = what
        OFFERS.append((of, offer))
        return offer

    return registered


def is_remedy(code: str) -> bool:
    """Whether there is such a remedy; ``kind_…`` and ``use_ch3`` go on as the receiver and the file have it."""
    return code in REMEDIES or code.startswith("kind_") or (code.startswith("use_ch") and code[6:].isdigit())


def nearest_remedy(code: str) -> str:
    """What was probably meant; empty where nothing is near."""
    return next(iter(nearest(code, REMEDIES, 1)), "")
