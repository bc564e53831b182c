"""The language of the window: Qt's translation, for what is said here and for what Qt itself says."""

from __future__ import annotations

from datetime import datetime
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QDateTime, QLibraryInfo, QLocale, QTranslator

from ... import words
from ...core.extensions import data_behind
from ...languages import texts_in, translation_by
from ...words import Numbers, Translate, tr

CATALOGUES = Path(__file__).parents[2] / "languages"
_CONTEXT = "kittiwake"
_installed: list[QTranslator] = []
_spoken = QLocale("en")


def language_of(wanted: str) -> str:
    """``desktop``, or a code of two letters, as the code of a language that there is; English where there is no other."""
    code = QLocale.system().name()[:2] if wanted == "desktop" else wanted
    return code if (CATALOGUES / f"{code}.qm").is_file() else "en"


def use_language(wanted: str, decimal: str = "language", kilobyte: int = 1000) -> str:
    """Speak it from now on; returns its code. What is shown already stays as it is.

    Parameters
    ----------
    decimal : ``language``, ``point`` or ``comma``.
    """
    app = QCoreApplication.instance()
    assert app is not None
    code = language_of(wanted)
    for one in _installed:
        app.removeTranslator(one)
    _installed.clear()
    locale = QLocale.system() if wanted == "desktop" and code == QLocale.system().name()[:2] else QLocale(code)
    global _spoken
    _spoken = locale if code != "en" else QLocale("en")
    numbers = _numbers(_spoken, decimal, kilobyte)
    if code == "en":
        words.use(None, numbers)
        return code
    compiled = [QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath) + f"/qtbase_{code}.qm"]
    written: dict[str, tuple[str, ...]] = {}
    for folder in data_behind("languages"):
        if (folder / f"{code}.qm").is_file():
            compiled.append(str(folder / f"{code}.qm"))
        else:
            written |= texts_in(folder / f"{code}.ts")
    for path in (*compiled, str(CATALOGUES / f"{code}.qm")):
        one = QTranslator(app)
        if one.load(path):
            app.installTranslator(one)
            _installed.append(one)
    words.use(_translated_with(translation_by(code, written)) if written else _translated, numbers)
    return code


def day_and_time(when: datetime) -> str:
    """A moment by its day and time, its month named in the language that is spoken."""
    return _spoken.toString(QDateTime.fromSecsSinceEpoch(round(when.timestamp())), tr("d MMMM yyyy, HH:mm"))


def _translated(text: str, count: int | None) -> str:
    return QCoreApplication.translate(_CONTEXT, text, None, -1 if count is None else count)


def _translated_with(translate: Translate) -> Translate:
    """With what somebody's extension says in words that are not compiled."""

    def translated(text: str, count: int | None) -> str:
        found = _translated(text, count)
        return translate(text, count) if found == text else found

    return translated


def _numbers(locale: QLocale, decimal: str, kilobyte: int) -> Numbers:
    sign, group = locale.decimalPoint(), locale.groupSeparator()
    if decimal == "point":
        sign, group = ".", "\u202f" if group == "." else group
    elif decimal == "comma":
        sign, group = ",", "\u202f" if group == "," else group
    return Numbers(sign, group, kilobyte)
