"""Messages about a file of no known kind that is, or may be, sound without a header."""

from __future__ import annotations

from pathlib import Path

from ...words import phrase
from ..intake.claims import HEADERLESS_ENDINGS
from ..intake.folder import SOUND_EXTENSIONS
from ..intake.sniff import head_of, looks_like_sound, looks_like_text
from ..model import Facts, Note
from ..model.units import format_headerless, format_hz

_LEAST = 400  # bytes: a twentieth of a second of telephone sound


def without_header(path: Path) -> Facts | None:
    """Facts with the likeliest way to read it; None where neither its name nor its content says sound."""
    from .guess import guess

    ending = path.suffix.lower()
    named = ending in HEADERLESS_ENDINGS
    marked = looks_like_sound(path) and head_of(path, 1) != b"\xff"  # which quiet µ-law begins with, too
    if (ending in SOUND_EXTENSIONS and not named) or marked or looks_like_text(path):
        return None
    try:
        found = guess(path) if path.stat().st_size >= _LEAST else []
    except OSError:
        return None
    if not found or not (named or found[0].is_sound):
        return None
    best = found[0]
    kind = format_headerless(best.stated.encoding)
    how = phrase("surely") if best.sure >= 0.95 else phrase("probably") if best.sure >= 0.6 else phrase("perhaps")
    rate = "" if len(best.rates) == 1 else phrase("; of the rate it is {rates:.0%} sure", rates=best.rates[0][1])
    if not best.is_sound:
        kind, how = phrase("nothing that sounds like speech"), phrase("by its content")
        sentence = phrase("It has no header that says what it is, and read in any known way it is {kind}.", kind=kind)
        return Facts(path, error=Note("headerless", sentence, phrase("State how to read it, or remove it.")))
    sentence = phrase(
        "It has no header that says what it is. By its content it is {how} {kind} at {rate}, {seconds:.2f} s long{others}{behind}.",
        how=how,
        kind=kind,
        rate=format_hz(best.stated.rate),
        seconds=best.seconds,
        others=rate,
        behind=phrase(
            "; it stands behind {skip:,} bytes of text, which is no sound and is passed over", skip=best.stated.skip
        )
        if best.stated.skip
        else "",
    )
    advice = phrase("Hear it so and state how to read it: H in the window, --headerless in the terminal.")
    return Facts(path, error=Note("headerless", sentence, advice), suggested=best.stated)
