"""Whose music (or other sound) it is, and by what it may be used."""

from __future__ import annotations

import datetime
from collections.abc import Mapping
from typing import Any

from ...plain_data import dataclass
from ...words import joined, phrase
from . import checked


@dataclass(frozen=True, slots=True)
class Rights:
    """Holder, licence, proof (an invoice, an address of a page), and the last day on which it may be used (ISO 8601; empty for no end)."""

    holder: str = ""
    licence: str = ""
    proof: str = ""
    until: str = ""

    def to_dict(self) -> dict[str, str]:
        return {key: getattr(self, key) for key in self.__slots__ if getattr(self, key)}

    @classmethod
    def from_dict(cls, data: Mapping[str, Any], where: str = "rights") -> Rights:
        """From a job file, or a recipe.

        Raises
        ------
        JobError : a field of the wrong kind, or a day that is none.
        """
        found = cls(**{key: checked.text(data.get(key, ""), f"{where}.{key}") for key in cls.__slots__})
        if found.until and found.last_day is None:
            raise checked.wrong(f"{where}.until", found.until, phrase("a day such as 2027-03-31"))
        return found

    @property
    def last_day(self) -> datetime.date | None:
        try:
            return datetime.date.fromisoformat(self.until) if self.until else None
        except ValueError:
            return None

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
