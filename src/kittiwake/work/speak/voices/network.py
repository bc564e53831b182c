"""Voices behind HTTP: each is a TOML file in the folder ``voices`` of the person's configuration; a stand-in on the loopback interface ships.

    name = "Harbour voice"
    languages = ["en-gb", "de"]
    url = "http://192.0.2.7:8080/speak"
    body = '{"text": "{text}", "voice": "{voice}", "speed": {speed}}'
    sound = "/audio/data"

``{text}``, ``{voice}``, ``{language}`` and ``{speed}`` are filled in, in a body of JSON as JSON has it. ``sound`` says where the sound is in an answer
that is JSON (a JSON Pointer, RFC 6901, to Base64); without it the answer is the sound itself. ``headers`` are sent along.
"""

from __future__ import annotations

import base64
import binascii
import hashlib
import io
import json
from dataclasses import field
from functools import lru_cache
from pathlib import Path
from typing import Annotated, Any

import numpy as np
import soundfile
from platformdirs import user_config_path

from ....core.disk.text import parse_toml, text_of
from ....core.errors import KittiwakeError, reason_of
from ....core.net import NetError, ask, filled_in, in_address, in_header, in_json, is_here
from ....core.schema import Document, Limited, Meets, Text
from ....plain_data import dataclass
from ....words import phrase
from ..engine import Engine, Speech, VoiceError, VoiceInfo, register_engine

_MOST_BYTES = 64 << 20
_MOST_TEXT = 1 << 20
_WAIT_S = 20.0
STAND_IN = "stand-in"


@dataclass(frozen=True, slots=True)
class Service:
    """One file. ``timeout`` in seconds; ``sound`` is a JSON Pointer, or empty."""

    key: str
    name: str
    languages: tuple[str, ...]
    url: str
    body: str = ""
    sound: str = ""
    voice: str = ""
    headers: tuple[tuple[str, str], ...] = ()
    timeout: float = _WAIT_S


def _is_address(text: str) -> bool:
    return text.startswith(("http://", "https://"))


@dataclass(frozen=True, slots=True)
class _VoiceFile:
    url: Annotated[Text, Meets(_is_address, phrase("an address that begins with http:// or https://"))]
    name: Text = ""
    languages: Annotated[tuple[Text, ...], Limited(min_length=1)] = ("en",)
    body: Text = ""
    sound: Text = ""
    voice: Text = ""
    headers: dict[str, Text] = field(default_factory=dict)
    timeout: Annotated[float, Limited(gt=0, le=600)] = _WAIT_S


def voices_folder() -> Path:
    return user_config_path("kittiwake") / "voices"


def service_of(path: Path) -> Service:
    """A service from its file.

    Raises
    ------
    VoiceError : it cannot be read; the message names the field.
    """
    try:
        data = parse_toml(text_of(path, _MOST_TEXT, "voice"))
    except (OSError, UnicodeDecodeError, ValueError, KittiwakeError) as error:
        text = reason_of(error) if isinstance(error, OSError) else str(error)
        raise VoiceError(
            phrase("{name} cannot be read: {detail}.", name=path.name, detail=text), phrase("Mend it."), "voice_file"
        ) from error
    document = Document(VoiceError, path.name, phrase("Mend it."), "voice_file")
    found = document.read(_VoiceFile, data)
    return Service(
        path.stem, found.name or path.stem, found.languages, found.url, found.body, found.sound, found.voice, tuple(found.headers.items()),
        float(found.timeout),
    )  # fmt: skip


def services() -> dict[str, Service]:
    """Those of the person, and the stand-in. A file that is wrong is left out; ``kittiwake speak --voices`` says why."""
    found: dict[str, Service] = {}
    for path in sorted(voices_folder().glob("*.toml")):
        try:
            found[path.stem] = service_of(path)
        except VoiceError:
            continue
    return {
        STAND_IN: Service(STAND_IN, phrase("Stand-in service"), ("en-gb",), "", sound="/audio", body=_BODY),
        **found,
    }


_BODY = '{"text": "{text}", "voice": "{voice}", "speed": {speed}}'


def _voices() -> tuple[VoiceInfo, ...]:
    return tuple(
        VoiceInfo(
            f"network/{one.key}" if number == 0 else f"network/{one.key}:{language}",
            phrase("{name}, over the network", name=one.name),
            language,
        )
        for one in services().values()
        for number, language in enumerate(one.languages)
    )


@lru_cache(maxsize=1)
def _stand_in_url() -> str:
    from ..stand_in import serve

    return serve()


def _speak(text: str, voice: str, speed: float) -> Speech:
    key, _, language = voice.partition(":")
    service = services().get(key)
    if service is None:
        raise VoiceError(
            phrase("There is no voice service “{key}”.", key=key),
            phrase("Put its file into {voices_folder}.", voices_folder=voices_folder()),
            "no_voice",
        )
    url = service.url or _stand_in_url()
    values = {
        "text": text,
        "voice": service.voice,
        "language": language or service.languages[0],
        "speed": f"{speed:g}",
    }
    data, kind = _asked(service, url, values)
    return _sound_of(service, data, kind)


def _asked(service: Service, url: str, values: dict[str, str]) -> tuple[bytes, str]:
    """What the service answers, and the kind that it says it is."""
    is_json = service.body.lstrip().startswith(("{", "["))
    body = filled_in(service.body, values, in_json if is_json else str)
    headers = {
        "Content-Type": "application/json" if is_json else "text/plain; charset=utf-8",
        **{name: in_header(filled_in(value, values, str)) for name, value in service.headers},
    }
    try:
        answer = ask(
            filled_in(url, values, in_address),
            "POST" if body else "GET",
            headers,
            body.encode("utf-8", "replace") or None,
            seconds=service.timeout,
            most=_MOST_BYTES,
            # What is on this machine is asked straight, whatever proxy there is for the rest.
            direct=is_here(url),
        )
    except NetError as error:
        raise VoiceError(
            phrase("{name} {error}.", name=service.name, error=error.message),
            phrase("See whether it runs, and its address."),
            "voice_service",
        ) from None
    if not answer.good:
        raise VoiceError(
            phrase("{name} answered {code} ({reason}).", name=service.name, code=answer.status, reason=answer.reason),
            phrase("Ask whoever runs it."),
            "voice_service",
        )
    return answer.body, answer.kind


def _sound_of(service: Service, data: bytes, kind: str) -> Speech:
    if service.sound:
        try:
            data = base64.b64decode(_pointed(json.loads(data), service.sound), validate=True)
        except (ValueError, KeyError, IndexError, TypeError, RecursionError, binascii.Error) as error:
            raise VoiceError(
                phrase("{name} answered no sound at {sound}.", name=service.name, sound=service.sound),
                phrase("Look at what it answers."),
                "voice_service",
            ) from error
    try:
        with soundfile.SoundFile(io.BytesIO(data)) as file:
            sound = file.read(dtype="float32", always_2d=True)
            return np.ascontiguousarray(sound.mean(axis=1)), file.samplerate
    except (soundfile.LibsndfileError, RuntimeError, ValueError) as error:
        raise VoiceError(
            phrase("{name} answered no sound that can be read ({kind}).", name=service.name, kind=kind),
            phrase("Have it answer WAV, FLAC, Ogg or MP3."),
            "voice_service",
        ) from error


def _pointed(data: Any, pointer: str) -> str:
    """What a JSON Pointer (RFC 6901) names."""
    for part in pointer.split("/")[1:]:
        part = part.replace("~1", "/").replace("~0", "~")
        data = data[int(part)] if isinstance(data, list) else data[part]
    if not isinstance(data, str):
        raise TypeError("no text")
    return data


def _version() -> str:
    return hashlib.sha256(repr(sorted(services().values(), key=lambda one: one.key)).encode()).hexdigest()[:8]


register_engine(Engine("network", "Network", _voices, _speak, _version, ahead=False))
