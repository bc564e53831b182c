"""The fields of the form in which clips are touched up, named where the stage of sound is that they set."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from ...plain_data import dataclass


@dataclass(frozen=True, slots=True, kw_only=True)
class TouchField:
    """A field of ``TouchUp`` as people see it.

    Attributes
    ----------
    name : of the field of ``TouchUp``.
    place : among the others in the form.
    label, help : the words before and behind it.
    """

    name: str
    place: float
    label: str
    help: str = ""


@dataclass(frozen=True, slots=True, kw_only=True)
class TouchNumber(TouchField):
    """A number: the touch-up's own is ``base`` + what is shown × ``factor``; ``low``, ``high``, ``step`` and ``digits`` are of what is shown."""

    low: float
    high: float
    step: float
    unit: str = ""
    digits: int = 2
    factor: float = 1.0
    base: float = 0.0


@dataclass(frozen=True, slots=True, kw_only=True)
class TouchChoice(TouchField):
    """One of several, value to words, the usual one first. ``other`` says in words what is none of them; None where that cannot be."""

    choices: tuple[tuple[Any, str], ...]
    other: Callable[[Any], str] | None = None


@dataclass(frozen=True, slots=True, kw_only=True)
class TouchFlag(TouchField):
    """Yes or no."""
