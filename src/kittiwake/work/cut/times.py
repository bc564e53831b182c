"""Times as people type them."""

from __future__ import annotations

import re

from ...core.errors import KittiwakeError
from ...words import phrase

_FRAMES = re.compile(r"^([0-9][0-9,. ]*?)\s*(?:samples?|frames?|fr|smp)$|^#([0-9]+)$", re.IGNORECASE)
#: A start, a stop and perhaps a name in one line.
_SPAN = re.compile(
    r"^\s*(\S+(?:\s+(?:samples?|frames?|fr|smp))?)\s*(?:–|-|to|bis|à|…|\s)\s*(\S+(?:\s+(?:samples?|frames?|fr|smp))?)(?:\s+(.*))?$",
    re.IGNORECASE,
)
_CLOCK = re.compile(r"^(?:(?:([0-9]+):)?([0-9]{1,3}):)?([0-9]+(?:[.,][0-9]+)?)\s*(?:s|sec)?$")


def frame_of(text: str, rate: int) -> int:
    """The frame that a time means: ``12.5``, ``1:02.5``, ``1:00:02.5`` (h:m:s), or ``44100 samples``.

    Raises
    ------
    KittiwakeError : it is none of these.
    """
    plain = text.strip()
    if found := _FRAMES.match(plain):
        return int(re.sub(r"[,. ]", "", found[1] or found[2]))
    if found := _CLOCK.match(plain):
        hours, minutes, seconds = int(found[1] or 0), int(found[2] or 0), float(found[3].replace(",", "."))
        return round((hours * 3600 + minutes * 60 + seconds) * rate)
    raise KittiwakeError(
        phrase("“{text}” is no time.", text=text), phrase("Write 12.5, 1:02.5 or 44100 samples."), "no_time"
    )


def span_of_text(text: str, rate: int) -> tuple[int, int, str]:
    """Start, stop (frames) and name of a span in one line: ``0:00 to 1:05 Welcome``.

    Raises
    ------
    KittiwakeError : there are no two times in it, or the second is not after the first.
    """
    found = _SPAN.match(text)
    if not found:
        raise KittiwakeError(
            phrase("A span is a start, an end and a name."), phrase("Write 0:00 to 1:05 Welcome."), "no_span"
        )
    start, stop = frame_of(found[1], rate), frame_of(found[2], rate)
    if stop <= start:
        raise KittiwakeError(
            phrase("It would end at {found}, before it begins.", found=found[2]),
            phrase("Write the start first."),
            "no_span",
        )
    return start, stop, (found[3] or "").strip()
