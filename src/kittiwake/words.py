"""What is said to people, in their language. English is written where it is said, and is the key to all other languages.

A sentence that is put together stays taken apart as well (``Said``), so that whoever shows it can say it in another language and with that
language's numbers, long after it was made and in another process. As a string it is English, with numbers as in files: so it stands in JSON, in
ledgers and in logs.
"""

from __future__ import annotations

import string
from collections.abc import Callable, Iterable
from typing import Any

from .plain_data import dataclass

#: Gives a text in another language: the English one (of a plural, the form for many), and how many; None where it is no plural.
Translate = Callable[[str, int | None], str]


@dataclass(frozen=True, slots=True)
class Numbers:
    """How numbers are written: the signs between units and tenths, and between thousands; bytes in a kilobyte."""

    decimal: str = "."
    group: str = ","
    kilo: int = 1000


class Bytes(int):
    """A size, written in kB or MB where it is large; below 10 kB the exact count."""

    def __format__(self, spec: str) -> str:
        return _size(self, 1000)


def _size(size: int, kilo: int) -> str:
    if size < 10_000:
        return f"{int(size):,} B"
    mark = "i" if kilo == 1024 else ""
    if size < kilo * kilo:
        return f"{int(size) / kilo:.1f} {'K' if mark else 'k'}{mark}B"
    return f"{int(size) / kilo**2:.2f} M{mark}B"


class Said(str):
    """English, and what it was put together from.

    Attributes
    ----------
    template : as for ``str.format``.
    one : the template where there is one of them; empty where it is no plural.
    how_many : None where it is no plural.
    values : by their names in the template; texts among them may be ``Said``.
    """

    template: str
    one: str
    how_many: int | None
    values: dict[str, Any]

    @classmethod
    def of(cls, template: str, one: str, how_many: int | None, values: dict[str, Any]) -> Said:
        words = one if how_many == 1 and one else template
        made = cls(words.format(**values) if values else words)
        made.template, made.one, made.how_many, made.values = template, one, how_many, values
        return made

    def written(self, translate: Translate, numbers: Numbers) -> str:
        """In another language."""
        words = translate(self.template, self.how_many)
        if words == self.template and self.one and self.how_many == 1:
            words = self.one  # no other language: English
        if not self.values:
            return words
        values = {
            name: value.written(translate, numbers) if isinstance(value, Said) else value
            for name, value in self.values.items()
        }
        return _Written(numbers).vformat(words, (), values)

    def __add__(self, other: str) -> str:
        return Said.of("{first}{then}", "", None, {"first": self, "then": other}) if other else self

    def __radd__(self, other: str) -> str:
        return Said.of("{first}{then}", "", None, {"first": other, "then": self}) if other else self

    def replace(self, old: str, new: str, count: Any = -1, /) -> str:
        return _Changed.made(self, "replace", (old, new, count))

    def rstrip(self, characters: str | None = None, /) -> str:
        return _Changed.made(self, "rstrip", (characters,))

    def strip(self, characters: str | None = None, /) -> str:
        return _Changed.made(self, "strip", (characters,))

    def removesuffix(self, suffix: str, /) -> str:
        return _Changed.made(self, "removesuffix", (suffix,))

    def __reduce__(self) -> Any:
        return Said.of, (self.template, self.one, self.how_many, self.values)


class _Joined(Said):
    """Texts, one after the other."""

    @classmethod
    def made(cls, parts: list[str], by: str) -> _Joined:
        new = cls(by.join(parts))
        new.template, new.one, new.how_many, new.values = "", "", None, {"parts": parts, "by": by}
        return new

    def written(self, translate: Translate, numbers: Numbers) -> str:
        by, *parts = (
            one.written(translate, numbers) if isinstance(one, Said) else str(one)
            for one in (self.values["by"], *self.values["parts"])
        )
        return by.join(parts)

    def __reduce__(self) -> Any:
        return _Joined.made, (self.values["parts"], self.values["by"])


class _Changed(Said):
    """A text, changed as a string is: a sign replaced, an end taken off. The same is done in every language."""

    @classmethod
    def made(cls, text: Said, how: str, with_what: tuple[Any, ...]) -> _Changed:
        new = cls(getattr(str, how)(str.__str__(text), *with_what))
        new.template, new.one, new.how_many = "", "", None
        new.values = {"text": text, "how": how, "with": with_what}
        return new

    def written(self, translate: Translate, numbers: Numbers) -> str:
        return str(
            getattr(str, self.values["how"])(self.values["text"].written(translate, numbers), *self.values["with"])
        )

    def __reduce__(self) -> Any:
        return _Changed.made, (self.values["text"], self.values["how"], self.values["with"])


class _Written(string.Formatter):
    """``str.format`` with the signs of a language in numbers."""

    def __init__(self, numbers: Numbers) -> None:
        self._signs = {ord("."): numbers.decimal, ord(","): numbers.group}
        self._kilo = numbers.kilo
        self._plain = numbers.decimal == "." and numbers.group == ","

    def format_field(self, value: Any, format_spec: str) -> str:
        sentence = _size(value, self._kilo) if isinstance(value, Bytes) else format(value, format_spec)
        if self._plain or isinstance(value, str) or not isinstance(value, int | float):
            return sentence
        return sentence.translate(self._signs)


_translate: Translate = lambda text, count: text  # noqa: E731
_numbers = Numbers()


def use(translate: Translate | None, numbers: Numbers | None = None) -> None:
    """What is shown from now on is shown in this language; None: in English."""
    global _translate, _numbers
    _translate = translate or (lambda text, count: text)
    _numbers = numbers or Numbers()


def numbers() -> Numbers:
    """How numbers are written now."""
    return _numbers


def phrase(template: str, one: str = "", count: int | None = None, /, **values: Any) -> str:
    """A sentence for people, to be shown later: ``phrase("{n} clips", "{n} clip", n, n=n)``."""
    return Said.of(template, one, count, values)


def joined(parts: Iterable[str], by: str = " ") -> str:
    """Texts one after the other, as ``by.join(parts)``."""
    texts = list(parts)
    if len(texts) == 1:
        return texts[0]
    return _Joined.made(texts, by)


def in_words(text: Any) -> Any:
    """A text in the language of whoever reads it; what was not put together by ``phrase`` stays as it is: a name is no word of ours."""
    return text.written(_translate, _numbers) if isinstance(text, Said) else text


def searchable(*texts: str) -> str:
    """Texts as somebody looks for them, in small letters: in the language that is shown, and in English."""
    return " ".join(f"{in_words(text)} {text}" for text in texts).casefold()


def tr(template: str, one: str = "", count: int | None = None, /, **values: Any) -> str:
    """A sentence that is shown at once, in the language of whoever reads it."""
    return Said.of(template, one, count, values).written(_translate, _numbers)


def decimal(figures: str) -> str:
    """Figures that were written with a point, with the sign of the language that is spoken."""
    return figures.replace(".", _numbers.decimal)


def folded(text: Any) -> Any:
    """A text as JSON holds it, so that it can be said in another language later: what a cache keeps is read under another locale too."""
    if isinstance(text, Said):
        kind, values = text.__reduce__()
        return {"said": _KINDS.index(kind), "values": folded(values)}
    if isinstance(text, dict):
        return {"dict": {name: folded(value) for name, value in text.items()}}
    if isinstance(text, list | tuple):
        return [folded(value) for value in text]
    if isinstance(text, Bytes):
        return {"bytes": int(text)}
    return text if text is None or isinstance(text, str | int | float) else str(text)


def unfolded(plain: Any) -> Any:
    """``folded`` again; tuples have become lists.

    Raises
    ------
    IndexError, KeyError, TypeError : it is none.
    """
    if isinstance(plain, list):
        return [unfolded(value) for value in plain]
    if not isinstance(plain, dict):
        return plain
    if "said" in plain:
        return _KINDS[plain["said"]](*unfolded(plain["values"]))
    if "dict" in plain:
        return {name: unfolded(value) for name, value in plain["dict"].items()}
    return Bytes(plain["bytes"])


_KINDS: tuple[Callable[..., Said], ...] = (Said.of, _Joined.made, _Changed.made)
