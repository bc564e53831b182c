"""A voice: one short tone for each word. It dies, fails and gives noise where it is told to, so that one sees what that costs."""

import os

import numpy as np

from kittiwake.work.speak.engine import Engine, Speech, VoiceInfo, register_engine


def _speak(text: str, _voice: str, speed: float) -> Speech:
    if "die" in text:
        os._exit(3)
    if "noise" in text:
        return np.full(10, np.nan, np.float32), 8000
    if "raise" in text:
        raise RuntimeError("no")
    word = np.zeros(round(2400 / speed), np.float32)
    word[: len(word) // 2] = 0.5 * np.sin(2 * np.pi * 500 / 8000 * np.arange(len(word) // 2))
    return np.tile(word, len(text.split()) or 1), 8000


register_engine(Engine("toot", "Toots", lambda: (VoiceInfo("toot/low", "Low", "en"),), _speak, lambda: "1"))
