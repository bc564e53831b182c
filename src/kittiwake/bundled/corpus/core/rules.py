"""Rules that a clip has to keep: ``snr >= 20 dB``."""

from __future__ import annotations

import operator
import re
from collections.abc import Callable

from ....core.errors import KittiwakeError
from ....plain_data import dataclass
from ....words import phrase
from .quality import MEASURES, Quality

_SIGNS: dict[str, Callable[[float, float], bool]] = {
    ">=": operator.ge, "≥": operator.ge, "<=": operator.le, "≤": operator.le, ">": operator.gt, "<": operator.lt, "=": operator.eq,
}  # fmt: skip
_SHOWN = {">=": "≥", "<=": "≤"}
_TIMES = {"ms": ("s", 0.001), "khz": ("Hz", 1000.0), "min": ("s", 60.0)}
_RULE = re.compile(r"\s*([a-z_ ]+?)\s*(>=|<=|≥|≤|>|<|=)\s*([-+−]?\d+(?:[.,]\d+)?)\s*([^\d\s]*)\s*")
#: Measures without which a clip cannot be judged at all: where they are not known, it is silent.
_NEEDED = ("level", "snr", "noise", "bandwidth", "speech")


@dataclass(frozen=True, slots=True)
class Rule:
    """``measure sign limit``, in the unit of the measure."""

    measure: str
    sign: str
    limit: float

    @property
    def words(self) -> str:
        return (
            f"{self.measure} {_SHOWN.get(self.sign, self.sign)} {self.limit:g} {MEASURES[self.measure].unit}".strip()
        )

    def keeps(self, quality: Quality) -> bool:
        """Whether a clip keeps it. What is not known is not held against a clip, but where it is silent."""
        if quality.error:
            return False
        value = quality.get(self.measure)
        if value is None:
            return self.measure not in _NEEDED
        return _SIGNS[self.sign](value, self.limit)


def rule_of(text: str) -> Rule:
    """A rule as people write it.

    Raises
    ------
    KittiwakeError : it is none; the message tells what there is.
    """
    found = _RULE.fullmatch(text.lower())
    name = found[1].replace(" ", "_") if found else ""
    if found is None or name not in MEASURES:
        raise KittiwakeError(
            phrase("“{text}” is no rule.", text=text),
            phrase("Write for example snr >= 20 dB. There is {names}.", names=", ".join(MEASURES)),
            "rule",
        )
    limit, unit, own = float(found[3].replace("−", "-").replace(",", ".")), found[4], MEASURES[name].unit
    if unit and unit != own.lower():
        wide, factor = _TIMES.get(unit, ("", 1.0))
        if wide != own and not (unit == "db" and own == "dBov"):
            raise KittiwakeError(
                phrase("{name} is told in {unit}, not in {given}.", name=name, unit=own or "numbers", given=found[4]),
                phrase("Write {name} {sign} {number} {unit}.", name=name, sign=found[2], number=found[3], unit=own),
                "rule",
            )
        limit *= factor
    return Rule(name, found[2], limit)
