"""Catalogues of other languages (TS, Qt Linguist), and what the terminal reads of them: it does without Qt.

``./run words`` keeps them in step with the source; the window reads what is compiled of them (``.qm``).
"""

from __future__ import annotations

import os
from collections.abc import Mapping
from functools import cache
from pathlib import Path

from ..words import Numbers, Said, Translate

_FOLDER = Path(__file__).parent
#: Signs of numbers, where there is nobody else to ask (CLDR: decimal and group of each language).
_NUMBERS = {"de": Numbers(",", "."), "fr": Numbers(",", "\u202f")}


def language_of_terminal() -> str:
    """The language that a terminal asks for (POSIX: LC_ALL, LC_MESSAGES, LANG; GNU: LANGUAGE before them); ``en`` where there is no other."""
    locale = next((found for name in ("LC_ALL", "LC_MESSAGES", "LANG") if (found := os.environ.get(name))), "C")
    wanted = [locale]
    if locale.partition(".")[0] not in ("C", "POSIX"):
        wanted = [*os.environ.get("LANGUAGE", "").split(":"), locale]
    for one in wanted:
        code = one.lower()[:2]
        if code == "en" or code in _NUMBERS:
            return code
    return "en"


def translation(code: str) -> tuple[Translate | None, Numbers]:
    """How to say things in a language, and how it writes numbers; None for English."""
    if code not in _NUMBERS:
        return None, Numbers()
    return translation_by(code, _read(code)), _NUMBERS[code]


def translation_by(code: str, found: Mapping[str, tuple[str, ...]]) -> Translate:
    """How to say in a language what these texts hold."""
    # Both languages have two forms; French says "one" of nothing, too.
    least = 0 if code == "fr" else 1

    def translate(text: str, count: int | None) -> str:
        forms = found.get(text)
        if forms is None:
            return text
        return forms[0] if count is None or least <= abs(count) <= 1 else forms[-1]

    return translate


def in_all_languages(text: str) -> dict[str, str]:
    """A text by the code of each language that has it otherwise than English; nothing of a name."""
    if not isinstance(text, Said):
        return {}
    translations = {code: text.written(*_fully(code)) for code in _NUMBERS}
    return {code: other for code, other in translations.items() if other != text}


def _fully(code: str) -> tuple[Translate, Numbers]:
    translate, numbers = translation(code)
    assert translate is not None
    return translate, numbers


@cache
def _read(code: str) -> dict[str, tuple[str, ...]]:
    from ..core.extensions import data_behind

    found: dict[str, tuple[str, ...]] = {}
    for folder in (*data_behind("languages"), _FOLDER):
        found |= texts_in(folder / f"{code}.ts")
    return found


def texts_in(catalogue: Path) -> dict[str, tuple[str, ...]]:
    """Translations by the English text, of one catalogue: one, or of a plural those for one and for many; none where it is not there."""
    import xml.etree.ElementTree as ET

    found: dict[str, tuple[str, ...]] = {}
    if not catalogue.is_file():
        return found
    for message in ET.parse(catalogue).getroot().iter("message"):
        translation = message.find("translation")
        if translation is not None and translation.get("type") is None:
            forms = tuple(form.text or "" for form in translation.findall("numerusform"))
            found[message.findtext("source") or ""] = forms or (translation.text or "",)
    return found
