"""What a speech engine is."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import NamedTuple, Protocol

import numpy as np
from numpy.typing import NDArray

from ....plain_data import dataclass
from ....words import joined, phrase
from ...errors import KittiwakeError
from ...registry import Registry


class Word(NamedTuple):
    """A word that was heard, from ``start`` to ``end`` (s)."""

    word: str
    start: float
    end: float


class Transcript(NamedTuple):
    """What was heard, how sure that is (0 to 1; None where the engine does not tell), and when each word was said, where it tells."""

    text: str
    confidence: float | None = None
    words: tuple[Word, ...] = ()


class Ear(Protocol):
    """One engine, ready for one language."""

    def hear(self, sound: NDArray[np.float32], rate: int, partly: Callable[[str], None] | None = None) -> Transcript:
        """What is said in a sound [shape=(n,)], one channel; ``partly`` is called with what was heard so far."""


@dataclass(frozen=True, slots=True)
class Engine:
    """An engine.

    Attributes
    ----------
    languages : codes that it hears (ISO 639-1), such as ``en``.
    open : makes it ready for a language, and for the lines that may be said; without lines it hears freely. It may raise KittiwakeError.
    """

    key: str
    name: str
    languages: tuple[str, ...]
    open: Callable[[str, Sequence[str]], Ear]


ENGINES: Registry[str, Engine] = Registry("speech engine")


def register(engine: Engine) -> Engine:
    """Add an engine; of two that hear a language the one that was added last does.

    Raises
    ------
    ValueError : there is one of that key.
    """
    return ENGINES.add(engine.key, engine)


def engines() -> dict[str, Engine]:
    """All, by key."""
    return dict(ENGINES)


def engine_for(language: str) -> Engine:
    """The engine that hears a language, by its first part: ``en`` of ``en-GB``. Nothing stated is English.

    Raises
    ------
    KittiwakeError : there is none.
    """
    code = language.replace("_", "-").split("-")[0].casefold() or "en"
    for engine in reversed(ENGINES.values()):
        if code in engine.languages:
            return engine
    heard = joined(sorted({one for engine in ENGINES.values() for one in engine.languages}), ", ")
    raise KittiwakeError(
        phrase("There is no engine for {code}.", code=code),
        phrase("Engines that run here hear {heard}; send it to a service that hears {code}.", heard=heard, code=code),
        "no_engine",
    )
