"""Series: one line that stands for many."""

from __future__ import annotations

import itertools
import re

from ...core.errors import KittiwakeError
from ...core.model.script import ScriptLine
from ...words import phrase

_FIELD = re.compile(r"\{([^{}]*)\}")
_RANGE = re.compile(r"^(-?[0-9]+)\.\.(-?[0-9]+)(?:\.\.([0-9]+))?(?::(digits|words|one by one))?$")
MOST = 100_000


def choices(inside: str, language: str = "en") -> list[tuple[str, str]]:
    """What a field stands for: how each is written in a name, and in the text.

    ``1..12``, ``1..12:words`` (one, two, …), ``10..12:one by one`` (1 0, 1 1, 1 2), ``0..100..10`` (in steps), ``Skerrow|Tarn Holm``.

    Raises
    ------
    KittiwakeError : it is none of these.
    """
    if found := _RANGE.match(inside.strip()):
        first, last, step = int(found[1]), int(found[2]), int(found[3] or 1)
        if abs(last - first) // max(1, step) >= MOST:
            raise KittiwakeError(
                phrase("“{{{inside}}}” stands for more than {most:,} lines.", inside=inside, most=MOST),
                phrase("Give a shorter range."),
                "series",
            )
        numbers = (
            range(first, last + 1, step) if first <= last else range(first, last - 1, -step) if step else range(0)
        )
        width = len(found[1]) if found[1].startswith("0") and len(found[1]) > 1 else 0
        return [(f"{n:0{width}}", _said(n, found[4] or "digits", language, width)) for n in numbers]
    if "|" in inside:
        return [(part.strip(), part.strip()) for part in inside.split("|") if part.strip()]
    raise KittiwakeError(
        phrase("“{{{inside}}}” is no series.", inside=inside),
        phrase("Write {1..12}, {1..12:words} or {one|other}."),
        "series",
    )


def _said(number: int, how: str, language: str, width: int) -> str:
    written = f"{number:0{width}}"
    if how == "one by one":
        return " ".join(written)
    if how == "words":
        from num2words import num2words

        try:
            return str(num2words(number, lang=language.split("-")[0]))
        except NotImplementedError:
            return written
    return written


def is_series(text: str) -> bool:
    return bool(_FIELD.search(text))


def expanded(line: ScriptLine, language: str = "en") -> list[ScriptLine]:
    """The lines that one stands for. Its name is a pattern: ``berth-{}`` takes the fields in order; without one they are put behind it.

    Raises
    ------
    KittiwakeError : a field that is no series, or too many lines.
    """
    fields = _FIELD.findall(line.text)
    if not fields:
        return [line]
    options = [choices(inside, line.language or language) for inside in fields]
    count = 1
    for values_of_option in options:
        count *= max(1, len(values_of_option))
    if count > MOST:
        raise KittiwakeError(
            phrase("That stands for {count:,} lines, more than {most:,}.", count=count, most=MOST),
            phrase("Give shorter ranges."),
            "series",
        )
    out = []
    for chosen in itertools.product(*options):
        written = iter(chosen)
        text = _FIELD.sub(lambda _: next(written)[1], line.text)  # noqa: B023 - used up at once
        spoken = iter(chosen)
        say_as = _FIELD.sub(lambda _: next(spoken, ("", ""))[1], line.say_as)  # noqa: B023
        out.append(ScriptLine(_named(line.name, [name for name, _ in chosen]), text, say_as, line.voice, line.language, line.speed,
                              line.kind, line.receivers, line.note))  # fmt: skip
    return out


def _named(pattern: str, parts: list[str]) -> str:
    if _FIELD.search(pattern):
        left = iter(parts)
        return _FIELD.sub(lambda _: next(left, ""), pattern)
    return "-".join([pattern, *parts]) if pattern else " ".join(parts)
