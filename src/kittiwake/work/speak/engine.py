"""What a voice engine is, and the registry of those there are."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from ...core.errors import KittiwakeError
from ...core.registry import Registry
from ...plain_data import dataclass
from ...words import joined, phrase

Speech = tuple[NDArray[np.float32], int]


class VoiceError(KittiwakeError):
    """A voice that is not there, or could not say something."""


@dataclass(frozen=True, slots=True)
class VoiceInfo:
    """One voice of an engine. ``key`` is ``engine/voice``; ``language`` as in BCP 47, small letters."""

    key: str
    name: str
    language: str


@dataclass(frozen=True, slots=True)
class Engine:
    """A voice engine.

    Attributes
    ----------
    voices : the voices that it has; empty where it is not on this machine.
    speak : sound of a text, float32 [shape=(n,)] and its rate (Hz), by one of its voices (the part of the key behind ``/``), so many times as
        fast as it speaks by itself. Raises ``VoiceError`` where it cannot. The same arguments give the same sound.
    version : part of what a spoken line is known again by.
    ahead : whether a line may be spoken before anybody asks for it; not where every text is sent away, or paid for.
    """

    key: str
    name: str
    voices: Callable[[], tuple[VoiceInfo, ...]]
    speak: Callable[[str, str, float], Speech]
    version: Callable[[], str]
    ahead: bool = True


ENGINES: Registry[str, Engine] = Registry("voice engine", "kittiwake.work.speak.voices", "voices")


def register_engine(engine: Engine) -> None:
    """Add an engine.

    Raises
    ------
    ValueError : there is one of that key.
    """
    ENGINES.add(engine.key, engine)


def engines() -> dict[str, Engine]:
    """Every engine, those of the application found first."""
    return ENGINES.found()


def all_voices() -> list[VoiceInfo]:
    """Every voice there is; those that send nothing away come first, whichever engine was found first."""
    ordered = sorted(engines().values(), key=lambda engine: (not engine.ahead, engine.key))
    return [voice for engine in ordered for voice in engine.voices()]


def voice_for(key: str, language: str) -> VoiceInfo:
    """The voice of a key; for an empty one the first that speaks the language, else the first of all.

    Raises
    ------
    VoiceError : there is none.
    """
    known = all_voices()
    if key:
        plain = key if "/" in key else f"{key}/"
        found = next((one for one in known if one.key == plain), None)
        found = found or next((one for one in known if one.key.startswith(plain) and _speaks(one, language)), None)
        if found is None:
            near = joined(dict.fromkeys(one.key for one in known if _speaks(one, language)), ", ") or "none"
            raise VoiceError(
                phrase("There is no voice “{key}”.", key=key),
                phrase("Those that speak {language}: {near}.", language=language, near=near),
                "no_voice",
            )
        return found
    own = [one for one in known if _speaks(one, language)]
    exact = next((one for one in own if one.language == language.casefold()), None)
    if not own:
        raise VoiceError(
            phrase("No voice here speaks {language}.", language=language),
            phrase("Choose another language."),
            "no_voice",
        )
    return exact or own[0]


def _speaks(voice: VoiceInfo, language: str) -> bool:
    return voice.language.split("-")[0] == language.casefold().split("-")[0]
