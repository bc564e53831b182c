"""Segments of a tone in the words of a table, and back."""

from __future__ import annotations

import re

from ....words import joined, phrase
from .recipe import Segment, ToneError

_MINUS = "−"


def sounds_in_words(one: Segment) -> str:
    """What sounds: ``400 + 450 Hz``, ``425 × 25 Hz``, ``silence``, ``say: …``, ``play: …`` or ``tone: …``."""
    if one.kind == "other":
        return f"tone: {one.tone}"
    if one.kind in ("say", "play"):
        return f"{one.kind}: {one.say or one.play}"
    if one.kind == "silence":
        return "silence"
    swing = f" × {one.by:g}" if one.by else ""
    return f"{' + '.join(f'{hz:g}' for hz in one.hz)}{swing} Hz"


def with_sounds(one: Segment, text: str) -> Segment:
    """A segment with other sounds; what its level and length were, they stay as far as they can.

    Raises
    ------
    ToneError : words that say nothing of this.
    """
    plain = text.strip()
    what, colon, rest = plain.partition(":")
    kind = what.strip().casefold()
    empty = one.changed(hz=(), by=0.0, tone="", say="", play="")
    if colon and kind in ("say", "play", "tone") and rest.strip():
        level = one.level[:1] if kind == "play" or (kind == "say" and not one.hz) else ()
        return empty.changed(**{kind: rest.strip()}, level=level)
    if plain.casefold() in ("", "silence", "pause", "-", "–"):
        return empty.changed(level=(), seconds=one.seconds if one.seconds is not None else 1.0)
    found = re.fullmatch(r"([\d.,+\s]+)(?:[×x*]\s*([\d.]+))?\s*(?:hz)?", plain.replace("Hz", "hz"))
    try:
        hz = tuple(float(part) for part in re.split(r"[+,\s]+", found[1].strip()) if part) if found else ()
        by = float(found[2]) if found and found[2] else 0.0
    except ValueError:
        hz = ()
    if not hz:
        sentence = phrase("“{text}” says no sound.", text=text)
        raise ToneError(
            sentence,
            phrase("Write 400 + 450, 425 × 25, silence, say: words, play: a file, or tone: gb/ringing."),
            "tone",
        )
    level = one.level if len(one.level) in (1, len(hz)) else one.level[:1] or (-10.0,)
    return empty.changed(hz=hz, by=by, level=level, seconds=one.seconds if one.seconds is not None else 1.0)


def level_in_words(one: Segment) -> str:
    return joined((f"{level:g}" for level in one.level), ", ").replace("-", _MINUS)


def with_level(one: Segment, text: str) -> Segment:
    """A segment at another level.

    Raises
    ------
    ToneError : no number, or not as many as frequencies.
    """
    parts = [part for part in re.split(r"[;,\s]+", text.replace(_MINUS, "-").strip()) if part]
    try:
        level = tuple(float(part) for part in parts)
    except ValueError:
        level = ()
    few = one.hz and (not level or len(level) not in (1, len(one.hz)))
    if few or (parts and not level) or any(not -80 <= value <= 10 for value in level):
        raise ToneError(
            phrase("“{text}” is no level.", text=text),
            phrase("Write −10, or one for each frequency: −8, −6."),
            "tone",
        )
    return one.changed(level=level)


def seconds_in_words(one: Segment) -> str:
    return "" if one.seconds is None else f"{one.seconds:g}"


def with_seconds(one: Segment, text: str) -> Segment:
    """A segment of another length; none is that of what is spoken or played.

    Raises
    ------
    ToneError
    """
    plain = text.replace(",", ".").removesuffix("s").strip()
    if not plain and one.kind in ("say", "play", "other"):
        return one.changed(seconds=None)
    try:
        seconds = float(plain)
    except ValueError:
        seconds = -1.0
    if not 0 <= seconds <= 3600:
        raise ToneError(phrase("“{text}” is no length.", text=text), phrase("Write seconds, 0.375 for one."), "tone")
    return one.changed(seconds=seconds)
