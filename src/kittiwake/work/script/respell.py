"""Respellings: words as a voice has to read them to say them right, each mended once for all lines.

A respelling is written on a line of its own: ``word = as it is said``; ``==`` where case counts; ``@en`` behind it for one language. ``#`` in the
word stands for a number; behind the sign it is that number, ``#.`` its digits one by one: ``Berth # = Berth #.``, ``#:# = # hours #``.
"""

from __future__ import annotations

import hashlib
import json
import re
from collections.abc import Iterable

from ...core.model.script import Respelling, Script, ScriptLine


def respelled(text: str, respellings: Iterable[Respelling], language: str) -> tuple[str, tuple[Respelling, ...]]:
    """The text with whole words respelled, longest first, each place once; and which respellings acted."""
    tongue = language.casefold()
    usable = [
        one for one in respellings if one.word and (not one.language or tongue.startswith(one.language.casefold()))
    ]
    if not usable:
        return text, ()
    ordered = sorted(usable, key=lambda one: -len(one.word))
    pattern = re.compile("|".join(_places(one) for one in ordered), re.IGNORECASE)
    acted: dict[Respelling, None] = {}

    def put(found: re.Match[str]) -> str:
        for one in ordered:
            whole = re.fullmatch(_inside(one), found[0], 0 if one.case else re.IGNORECASE)
            if whole:
                acted[one] = None
                return _said(one, whole.groups())
        return found[0]

    return pattern.sub(put, text), tuple(acted)


def _inside(one: Respelling, number: str = r"(\d+)") -> str:
    return re.escape(one.word).replace(r"\#", number)


def _places(one: Respelling) -> str:
    inside = _inside(one, r"\d+")
    return rf"(?<!\w){inside}(?!\w)"


def _said(one: Respelling, numbers: tuple[str, ...]) -> str:
    """What is said, with the numbers that were found, in order; where there are more signs than numbers, the last again."""
    if not numbers:
        return one.say
    left = list(numbers)

    def put(sign: re.Match[str]) -> str:
        number = left.pop(0) if len(left) > 1 else left[0]
        return " ".join(number) if sign[0] == "#." else number

    return re.sub(r"#\.?", put, one.say)


def spoken_text(line: ScriptLine, respellings: Iterable[Respelling], language: str) -> str:
    """The text that a voice gets for a line."""
    return respelled(line.say_as or line.text or line.name, respellings, line.language or language)[0]


def words_mark(line: ScriptLine, script: Script) -> str:
    """A mark of everything in a script that shapes how a line sounds, its name excepted where it has a text: 12 hexadecimal digits."""
    shaped = [
        spoken_text(line, script.respellings, script.language),
        line.voice or script.voice,
        line.language or script.language,
        round(line.speed, 4),
    ]
    return hashlib.sha256(json.dumps(shaped).encode()).hexdigest()[:12]


def is_changed(line: ScriptLine, script: Script, text: str) -> bool:
    """Whether a line was changed since its clip's sound was spoken; ``text`` is what the clip says."""
    if line.taken:
        return False
    return line.spoken != words_mark(line, script) if line.spoken else line.text != text


def acting(lines: Iterable[ScriptLine], respellings: Iterable[Respelling], language: str) -> tuple[Respelling, ...]:
    """Those of the respellings that act on some line."""
    listed = tuple(respellings)
    found: dict[Respelling, None] = {}
    for line in lines:
        found.update(
            dict.fromkeys(respelled(line.say_as or line.text or line.name, listed, line.language or language)[1])
        )
    return tuple(one for one in listed if one in found)


def parsed(text: str) -> tuple[Respelling, ...]:
    """The respellings that are written in a text, a line each; lines that are none are left out."""
    return tuple(one for line in text.splitlines() if (one := _parsed_line(line)))


def _parsed_line(line: str) -> Respelling | None:
    word, equals, rest = line.partition("=")
    if not equals or not word.strip():
        return None
    case = rest.startswith("=")
    say, at, language = rest.lstrip("=").rpartition("@")
    if not at or " " in language.strip():
        say, language = rest.lstrip("="), ""
    return Respelling(word.strip(), say.strip(), language.strip().casefold(), case)


def as_text(respellings: Iterable[Respelling]) -> str:
    """As ``parsed`` reads them."""
    return "".join(
        f"{one.word} {'==' if one.case else '='} {one.say}{f' @{one.language}' if one.language else ''}\n"
        for one in respellings
    )
