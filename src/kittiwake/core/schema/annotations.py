"""What a field may hold, said in its annotation."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import field
from types import UnionType
from typing import Annotated, Any, Union, get_args, get_origin

from ...plain_data import dataclass
from ...words import phrase

MOST_TEXT = 100_000  # characters


@dataclass(frozen=True, slots=True)
class Limited:
    """Bounds of a number, length of a text or list, and the pattern (``re.search``) of a text."""

    ge: float | None = None
    gt: float | None = None
    le: float | None = None
    min_length: int = 0
    max_length: int | None = None
    pattern: str = ""


@dataclass(frozen=True, slots=True)
class Meets:
    """A test that a value of the right type has to pass, and what is wanted, in words."""

    test: Callable[[Any], bool]
    wanted: str


@dataclass(frozen=True, slots=True)
class Written:
    """How a value may be written besides: ``make`` gets what stands there; it raises ``ValueError`` with what is wrong."""

    make: Callable[[Any], Any]


def _is_whole(text: str) -> bool:
    """Whether it can be shown and saved; file names that are not UTF-8 hold escapes of single bytes."""
    return text.isascii() or not any("\ud800" <= c <= "\udfff" and not "\udc80" <= c <= "\udcff" for c in text)


def as_float(value: Any) -> Any:
    """A whole number as one with a fraction."""
    return float(value) if type(value) is int else value


def needed(make: Callable[[], Any]) -> Any:
    """A field that data has to have, though ``make`` gives it to objects that are made in code."""
    return field(default_factory=make, metadata={"needed": True})


def written(name: str, default: Any) -> Any:
    """A field that has another name in data."""
    return field(default=default, metadata={"written": name})


Text = Annotated[str, Limited(max_length=MOST_TEXT), Meets(_is_whole, phrase("a text of whole characters"))]
FilledText = Annotated[Text, Limited(min_length=1, max_length=MOST_TEXT)]
PathText = Annotated[Text, Meets(lambda text: text != "" and "\0" not in text, phrase("a path"))]
Frames = Annotated[int, Limited(ge=0, le=2**62)]
Table = dict[str, Any]


def unwrapped(hint: Any) -> tuple[Any, tuple[Any, ...]]:
    if get_origin(hint) is Annotated:
        inner, *extras = get_args(hint)
        return inner, tuple(extras)
    return hint, ()


def extras_of(hint: Any) -> Iterator[Any]:
    inner, extras = unwrapped(hint)
    yield from extras
    if get_origin(inner) in (Union, UnionType):
        for one in get_args(inner):
            yield from extras_of(one)
