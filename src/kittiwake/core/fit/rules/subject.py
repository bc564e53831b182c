"""What proof holds against the rules: a file that was read back, and each thing that was checked."""

from __future__ import annotations

from collections.abc import Callable
from functools import cached_property
from typing import Any

from ....plain_data import dataclass
from ...codec import FORMATS, Format
from ...model import Facts, Header, Measures, Receiver, SignalLevel
from ..verdict import Recipe

HAS_LEVEL_S = 0.5  # a few times what P.56 needs to settle; less has no level worth the name


@dataclass(frozen=True, slots=True)
class Check:
    """One thing that was checked."""

    name: str
    expected: str
    found: str
    passed: bool

    def to_dict(self) -> dict[str, Any]:
        return {"name": self.name, "expected": self.expected, "found": self.found, "passed": self.passed}


@dataclass(frozen=True, slots=True)
class WriteReport:
    """What the maker of a file says is in it.

    Attributes
    ----------
    rms : of what was to be written, nominal 0 to 1; None where nothing was computed.
    digest : CRC-32 of the samples written, as ``codec.Writer.digest``.
    source_clipped : samples at full scale that the source already had.
    limited_db : by how much a limiter holds the highest peak down.
    short_db : by how much the level stays under what was wanted, since peaks allow no more.
    peak : of what was encoded, nominal; 0 where that was not measured.
    leap_db : by how much it came out below the level that was wanted (negative: above it) behind a codec where that leaps over it: one gain makes it too
        soft, and one hardly higher too loud. 0 where it does not.
    accepted : codes of problems that a person lives with.
    """

    recipe: Recipe
    digest: int | None = None
    source_clipped: int = 0
    rms: float | None = None
    limited_db: float = 0.0
    accepted: tuple[str, ...] = ()
    short_db: float = 0.0
    peak: float = 0.0
    leap_db: float = 0.0


@dataclass
class Subject:
    """A file that was read back, with what it is held against. ``measure`` gives its integrated loudness (LUFS) and true peak (nominal), each
    only where the treatment asks for it, for which the file is read once more.
    """

    facts: Facts
    head: Header
    sound: Measures
    receiver: Receiver
    name: str
    promise: WriteReport | None
    measure: Callable[[], tuple[float, float]]

    def lives_with(self, code: str) -> bool:
        return self.promise is not None and code in self.promise.accepted

    @property
    def form(self) -> tuple[str, str]:
        return self.head.container, self.head.encoding

    @property
    def written(self) -> Format | None:
        return FORMATS.get(self.form)

    @property
    def lossy(self) -> bool:
        return self.written is None or self.written.lossy

    @property
    def seconds(self) -> float:
        return self.facts.seconds or 0.0

    @property
    def heard(self) -> SignalLevel:
        return self.sound.stereo_level if self.receiver.rules.channels != 1 else self.sound.level

    @property
    def has_level(self) -> bool:
        return self.seconds - self.receiver.treatment.lead_seconds >= HAS_LEVEL_S

    @cached_property
    def loudness_and_true_peak(self) -> tuple[float, float]:
        """What ``measure`` gives."""
        return self.measure()
