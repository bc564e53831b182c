"""What is wrong with data, and where."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from ...plain_data import dataclass
from ...words import joined, phrase
from ..nearest import nearest

_MOST_SHOWN = 60


@dataclass(frozen=True, slots=True)
class Fault:
    """One thing that is wrong.

    Attributes
    ----------
    place : names of fields and numbers of entries that lead to it.
    sentence : what is wrong, without the place.
    shown : the value, where that says something.
    """

    place: tuple[str | int, ...]
    sentence: str
    shown: str = ""

    def described(self, where: str = "") -> str:
        """With its place, which lies in ``where``."""
        field = ".".join(map(str, self.place))
        if where:
            field = phrase("{field} of {where}", field=field, where=where) if field else where
        before = joined((field, self.shown), " = ") if field and self.shown else field or self.shown
        return joined((before, self.sentence), ": ") if before else self.sentence


class SchemaError(ValueError):
    """Data that is not as it was declared; ``faults`` are all that were found."""

    def __init__(self, faults: Sequence[Fault]) -> None:
        super().__init__(faults)
        self.faults = tuple(faults)

    def __str__(self) -> str:
        return self.described()

    def described(self, where: str = "") -> str:
        """All faults in one sentence, without a full stop."""
        return joined((fault.described(where) for fault in self.faults), "; ")


def fault(value: object, wanted: str, *place: str | int, known: Iterable[str] = ()) -> SchemaError:
    """The error for a value that is not what is wanted; ``known`` are words of which one may have been meant."""
    shown = str(value).lower() if isinstance(value, bool) else repr(value)
    shown = shown if len(shown) <= _MOST_SHOWN else shown[: _MOST_SHOWN - 1] + "…"
    near = nearest(value, known) if isinstance(value, str) else []
    sentence = phrase("{wanted} is wanted", wanted=wanted)
    return SchemaError(
        [Fault(place, sentence + (phrase("; did you mean {near}?", near=near[0]) if near else ""), shown)]
    )


def within(key: str | int, error: SchemaError) -> SchemaError:
    return SchemaError([Fault((key, *one.place), one.sentence, one.shown) for one in error.faults])
