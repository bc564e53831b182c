"""Whose music (or other sound) it is, and by what it may be used."""

from __future__ import annotations

import datetime
from typing import Annotated

from ...plain_data import dataclass
from ...words import joined, phrase
from ..schema import Document, Meets, Text
from .job_document import JOB_FILE


def _day_of(text: str) -> datetime.date | None:
    try:
        return datetime.date.fromisoformat(text) if text else None
    except ValueError:
        return None


def _is_a_day_or_none(text: str) -> bool:
    return not text or _day_of(text) is not None


@dataclass(frozen=True, slots=True)
class Rights:
    """Holder, licence, proof (an invoice, an address of a page), and the last day on which it may be used (ISO 8601; empty for no end)."""

    holder: Text = ""
    licence: Text = ""
    proof: Text = ""
    until: Annotated[Text, Meets(_is_a_day_or_none, phrase("a day such as 2027-03-31"))] = ""

    def to_dict(self) -> dict[str, str]:
        return {key: getattr(self, key) for key in self.__slots__ if getattr(self, key)}

    @classmethod
    def from_dict(cls, data: object, document: Document = JOB_FILE) -> Rights:
        """From a job file, or another document.

        Raises
        ------
        KittiwakeError : a field of the wrong kind, or a day that is none.
        """
        return document.read(cls, data, phrase("rights"))

    @property
    def last_day(self) -> datetime.date | None:
        return _day_of(self.until)

    @property
    def are_known(self) -> bool:
        return bool(self.holder.strip() and self.licence.strip())

    def are_past(self, today: datetime.date) -> bool:
        return self.last_day is not None and self.last_day < today

    @property
    def tags(self) -> tuple[tuple[str, str], ...]:
        """As the INFO list of a RIFF file has them: copyright and comment."""
        more = [
            self.licence,
            phrase("proof: {proof}", proof=self.proof) if self.proof else "",
            phrase("until {until}", until=self.until) if self.until else "",
        ]
        sentence = joined(filter(None, more), "; ")
        return tuple((key, text) for key, text in (("ICOP", self.holder), ("ICMT", sentence)) if text)
