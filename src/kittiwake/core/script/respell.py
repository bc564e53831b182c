"""Respellings: words as a voice is to be told to say them, each mended once for all lines."""

from __future__ import annotations

import re
from collections.abc import Iterable

from ..model.script import Respelling, ScriptLine


def respelled(text: str, respellings: Iterable[Respelling], language: str) -> tuple[str, tuple[Respelling, ...]]:
    """The text with whole words respelled, longest first, each place once; and which respellings acted."""
    tongue = language.casefold()
    usable = [
        one for one in respellings if one.word and (not one.language or tongue.startswith(one.language.casefold()))
    ]
    if not usable:
        return text, ()
    ordered = sorted(usable, key=lambda one: -len(one.word))
    pattern = re.compile("|".join(f"(?<!\\w){re.escape(one.word)}(?!\\w)" for one in ordered), re.IGNORECASE)
    acted: dict[Respelling, None] = {}

    def put(found: re.Match[str]) -> str:
        for one in ordered:
            if found[0] == one.word or (not one.case and found[0].casefold() == one.word.casefold()):
                acted[one] = None
                return one.say
        return found[0]

    return pattern.sub(put, text), tuple(acted)


def spoken_text(line: ScriptLine, respellings: Iterable[Respelling], language: str) -> str:
    """What a voice is told to say for a line."""
    return respelled(line.say_as or line.text or line.name, respellings, line.language or language)[0]
