"""eSpeak NG, a formant engine with some hundred languages, from a package that ships its library (GPL-3.0-or-later)."""

from __future__ import annotations

import _ctypes
import ctypes
from functools import lru_cache
from importlib.metadata import version
from typing import Any

import numpy as np

from ....words import phrase
from ..engine import Engine, Speech, VoiceError, VoiceInfo, register_engine

_WORDS_A_MINUTE = 165
_SLOWEST, _FASTEST = 80, 450  # words a minute that the library takes
_RATE, _SYNCHRONOUS, _UTF8, _PHONEMES = 1, 2, 1, 0x100
_PREFIX = "eSpeak, "
_MOST = 20_000  # characters of one line


class _VoiceStruct(ctypes.Structure):
    _fields_ = (
        ("name", ctypes.c_char_p), ("languages", ctypes.c_char_p), ("identifier", ctypes.c_char_p), ("gender", ctypes.c_ubyte),
        ("age", ctypes.c_ubyte), ("variant", ctypes.c_ubyte), ("xx1", ctypes.c_ubyte), ("score", ctypes.c_int), ("spare", ctypes.c_void_p),
    )  # fmt: skip


class _Library:
    """Loaded anew for every line: its voices tremble by chance that goes on from line to line, and the same text is to give the same bytes. That
    takes some milliseconds.
    """

    def __init__(self) -> None:
        import espeakng_loader

        self.lib = ctypes.CDLL(espeakng_loader.get_library_path())
        self.rate = self.lib.espeak_Initialize(_SYNCHRONOUS, 0, str(espeakng_loader.get_data_path()).encode(), 0x8000)
        if self.rate <= 0:
            raise VoiceError(phrase("The voice engine could not be started."), phrase("Install it anew."), "no_voice")
        self._parts: list[bytes] = []
        kind = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.POINTER(ctypes.c_short), ctypes.c_int, ctypes.c_void_p)

        def take(samples: Any, count: int, events: int) -> int:
            if samples and count > 0:
                self._parts.append(ctypes.string_at(samples, count * 2))
            return 0

        self._callback = kind(take)
        self.lib.espeak_SetSynthCallback(self._callback)
        self.lib.espeak_ListVoices.restype = ctypes.POINTER(ctypes.POINTER(_VoiceStruct))

    def close(self) -> None:
        self.lib.espeak_Terminate()
        _ctypes.dlclose(self.lib._handle)

    def say(self, text: str, voice: str, words: int) -> np.ndarray:
        self._parts.clear()
        if self.lib.espeak_SetVoiceByName(voice.encode()) != 0:
            raise VoiceError(
                phrase("The engine has no voice “{voice}”.", voice=voice), phrase("Choose another."), "no_voice"
            )
        self.lib.espeak_SetParameter(_RATE, words, 0)
        raw = text.encode("utf-8", "replace") + b"\0"
        flags = _UTF8 | (_PHONEMES if "[[" in text else 0)
        self.lib.espeak_Synth(raw, ctypes.c_size_t(len(raw)), 0, 0, 0, flags, None, None)
        self.lib.espeak_Synchronize()
        return np.frombuffer(b"".join(self._parts), "<i2")


def _speak(text: str, voice: str, speed: float) -> Speech:
    plain = " ".join(text.split())[:_MOST]
    if not plain:
        raise VoiceError(phrase("There is nothing to say."), phrase("Write a text."), "no_text")
    words = max(_SLOWEST, min(_FASTEST, round(_WORDS_A_MINUTE * speed)))
    name = next((one.name.removeprefix(_PREFIX) for one in _voices() if one.key == f"espeak/{voice}"), voice)
    library = _Library()
    try:
        whole, rate = library.say(plain, name, words), library.rate
    finally:
        library.close()
    if not len(whole) or not whole.any():
        raise VoiceError(
            phrase("The voice has no sound for “{plain}”.", plain=plain[:40]),
            phrase("Respell it, or choose another voice."),
            "no_sound",
        )
    return whole.astype(np.float32) * np.float32(1 / 32768), rate


@lru_cache(maxsize=1)
def _voices() -> tuple[VoiceInfo, ...]:
    library = _Library()
    try:
        listed = library.lib.espeak_ListVoices(None)
        found: dict[str, VoiceInfo] = {}
        at = 0
        while listed[at]:
            one = listed[at].contents
            language = (one.languages or b"")[1:].split(b"\0")[0].decode("ascii", "replace").casefold()
            if language and language not in found:
                name = one.name.decode("utf-8", "replace")
                found[language] = VoiceInfo(f"espeak/{language}", f"{_PREFIX}{name}", language)
            at += 1
    finally:
        library.close()
    return tuple(sorted(found.values(), key=lambda voice: (not voice.language.startswith("en"), voice.language)))


@lru_cache(maxsize=1)
def _version() -> str:
    return version("espeakng-loader")


register_engine(Engine("espeak", phrase("eSpeak NG"), _voices, _speak, _version))
