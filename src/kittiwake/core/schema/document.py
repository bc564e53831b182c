"""Kinds of files, and what is said where one is wrong."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from ..errors import KittiwakeError
from .fault import SchemaError
from .reading import Found, read


@dataclass(frozen=True, slots=True)
class Document:
    """A kind of file that people or programs write, and what is said where one is wrong.

    Attributes
    ----------
    error : its class.
    inside : “In the job file”, which goes before what is wrong.
    advice : what to do about it.
    strict : whether fields that there are not are a fault.
    """

    error: type[KittiwakeError]
    inside: str
    advice: str
    code: str
    strict: bool = True

    def read(self, kind: type[Found], data: object, where: str | Callable[[], str] = "", **values: Any) -> Found:
        """As ``schema.read``; ``where`` is which part of the document that is, in words.

        Raises
        ------
        KittiwakeError : of the class ``error``.
        """
        try:
            return read(kind, data, strict=self.strict, **values)
        except SchemaError as error:
            raise self.wrong(error, where) from error

    def wrong(self, error: SchemaError, where: str | Callable[[], str] = "") -> KittiwakeError:
        """The error that says what is wrong."""
        faults = error.described(where() if callable(where) else where)
        return self.error(
            phrase("{inside}, {faults}.", inside=self.inside, faults=faults).replace("?.", "?"),
            self.advice,
            self.code,
        )
