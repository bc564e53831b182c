"""What a rule or a remedy is asked about."""

from __future__ import annotations

from ...plain_data import dataclass
from ..model import Clip, Facts, Header, Measures, Receiver, SignalLevel, TouchUp
from .verdict import Recipe


@dataclass(frozen=True, slots=True)
class PlanningContext:
    """A clip at a receiver, as far as it is planned.

    Attributes
    ----------
    touch, span : touch-up and span (frames of the source; None is its end) that hold there, as trimming left them.
    level : of the signal that is taken.
    gain : that is to be expected, dB; ``wanted`` is what the level alone asks for, whatever peaks allow.
    before : bytes that the clips before it need of the receiver's memory.
    """

    clip: Clip
    facts: Facts
    receiver: Receiver
    recipe: Recipe
    touch: TouchUp
    span: tuple[int, int | None]
    level: SignalLevel
    gain: float = 0.0
    wanted: float = 0.0
    before: int = 0

    @property
    def header(self) -> Header:
        assert self.facts.header is not None  # without one nothing is planned
        return self.facts.header

    @property
    def sound(self) -> Measures:
        assert self.facts.measures is not None
        return self.facts.measures
