"""A receiver from what somebody types: ``wav 44.1k 16 bit mono -20 lufs``, ``mp3 192k stereo fade 2 s``, ``ulaw 8k < 56 kB < 3 s``."""

from __future__ import annotations

import re
from dataclasses import field
from typing import Any

from ...plain_data import dataclass
from ...words import joined, phrase
from ..codec import FORMATS
from ..errors import RulesError
from ..model import Receiver
from ..model.units import format_hz, parse_size
from .one_off import HEADERLESS, LONGEST_NAME, form_called, receiver_of_form, with_settings

_NUMBER = r"[-−+]?[0-9]+(?:[.,][0-9]+)?"
#: Each kind of wish; what is matched first counts.
_KINDS = (
    ("fade_out", re.compile(rf"fade[- ]?out (?P<n>{_NUMBER}) ?s(?:ec)?\b")),
    ("fade_in", re.compile(rf"fade[- ]?in (?P<n>{_NUMBER}) ?s(?:ec)?\b")),
    ("fades", re.compile(rf"fades? (?P<n>{_NUMBER}) ?s(?:ec)?\b")),
    ("size", re.compile(rf"(?:<|under|max\.?|at most) ?(?P<n>{_NUMBER} ?[kmg]i?b)\b")),
    ("seconds", re.compile(rf"(?:<|under|max\.?|at most) ?(?P<n>{_NUMBER}) ?s(?:ec)?\b")),
    ("lufs", re.compile(rf"(?P<n>{_NUMBER}) ?(?:lufs|lkfs)\b")),
    ("dbov", re.compile(rf"(?P<n>{_NUMBER}) ?dbov\b")),
    ("dbtp", re.compile(rf"(?P<n>{_NUMBER}) ?dbtp\b")),
    ("dbfs", re.compile(rf"(?P<n>{_NUMBER}) ?dbfs\b")),
    ("bits", re.compile(r"(?P<n>8|16|24|32)[- ]?bits?\b")),
    ("bit_rate", re.compile(rf"(?P<n>{_NUMBER}) ?(?:kbit/s|kbps|kbit|kb/s)\b")),
    ("rate", re.compile(rf"(?P<n>{_NUMBER}) ?k?hz\b")),
    ("thousands", re.compile(rf"(?P<n>{_NUMBER}) ?k\b")),
    ("rate", re.compile(r"(?P<n>[0-9]{4,6})\b")),
    ("limiter", re.compile(rf"limiter (?P<n>{_NUMBER})(?: ?db)?\b")),
    ("channels", re.compile(r"(?P<n>mono|stereo)\b")),
    ("variable", re.compile(r"(?P<n>vbr|variable)\b")),
    ("telephone", re.compile(r"(?P<n>telephone band|phone band)\b")),
)
_DEPTHS = {8: "pcm_u8", 16: "pcm_s16", 24: "pcm_s24", 32: "pcm_s32"}


@dataclass(slots=True)
class _Wish:
    form: str = ""
    rate: int | None = None
    channels: int = 0
    bit_rate: int = 0
    variable: bool = False
    settings: list[str] = field(default_factory=list)
    words: list[str] = field(default_factory=list)
    thousands: list[str] = field(default_factory=list)


def receiver_of_wish(text: str) -> Receiver:
    """A receiver that takes what is wished for; its name says it.

    Raises
    ------
    RulesError : something in it is not understood, or cannot be had; the message names it.
    """
    wish, rest = _Wish(), " ".join(text.casefold().replace("−", "-").replace(",", " ").split())
    bits = 0
    while rest:
        kind, value, rest = _next(rest)
        if kind == "bits":
            bits = int(value)
        elif kind == "form":
            wish.form = _form(wish.form, value)
        else:
            _take(wish, kind, value)
    if not wish.form:
        if not (wish.settings or wish.rate or bits or wish.channels):
            raise RulesError(
                phrase("That says no form of sound."), phrase("Write wav 44.1k mono, mp3 192k, ulaw 8k …"), "no_form"
            )
        wish.form = "wav"
    form = form_called(wish.form)
    for value in wish.thousands:
        # 128k of an MP3 is its bit rate, 44.1k its sample rate; what has no bit rate has only the other.
        _take(wish, "bit_rate" if round(float(value) * 1000) in form.bit_rates else "rate", value)
    if bits:
        depths = _DEPTHS if form.container != "raw" else {16: "pcm_s16le"}
        key = (form.container, depths.get(bits, ""))
        if key not in FORMATS:
            raise RulesError(
                phrase("{name} has no {bits} bits.", name=form.name, bits=bits),
                phrase("Leave them out, or wish for WAV."),
                "no_form",
            )
        wish.form = "/".join(key)
    plain = receiver_of_form(
        wish.form, rate=wish.rate, channels=wish.channels, bit_rate=wish.bit_rate, variable=wish.variable
    )
    return _named(with_settings(plain, tuple(wish.settings)), wish)


def _form(before: str, word: str) -> str:
    """The form that words say so far: “raw ulaw” and “ulaw raw” are one, and otherwise the first counts."""
    if not before:
        return word
    for one, other in ((before, word), (word, before)):
        if one in ("raw", "headerless") and other in HEADERLESS:
            return f"raw/{HEADERLESS[other]}"
    return before


def _next(rest: str) -> tuple[str, str, str]:
    """The next thing that is wished for, its value, and what is left."""
    for kind, pattern in _KINDS:
        if found := pattern.match(rest):
            return kind, found["n"].replace(",", "."), rest[found.end() :].lstrip(" ;")
    word, _, left = rest.partition(" ")
    form_called(word)
    return "form", word, left


def _take(wish: _Wish, kind: str, value: str) -> None:
    if kind == "channels":
        wish.channels = 1 if value == "mono" else 2
        wish.words.append(value)
    elif kind == "thousands":
        wish.thousands.append(value)
    elif kind == "variable":
        wish.variable = True
        wish.words.append("VBR")
    elif kind == "rate":
        number = float(value)
        wish.rate = round(number * 1000 if number < 1000 else number)
        wish.words.append(format_hz(wish.rate))
    elif kind == "bit_rate":
        wish.bit_rate = round(float(value) * 1000)
        wish.words.append(f"{value} kbit/s")
    else:
        _set(wish, kind, value)


def _set(wish: _Wish, kind: str, value: str) -> None:
    """What is a field of the receiver besides its form."""
    measures = {
        "lufs": ("loudness", "target_lufs", "LUFS"),
        "dbov": ("active", "target_dbov", "dBov"),
        "dbfs": ("peak", "target_dbfs", "dBFS"),
    }
    if kind in measures:
        measure, target, unit = measures[kind]
        wish.settings += [f"level.measure={measure}", f"level.{target}={float(value)}"]
        wish.words.append(f"{value} {unit}".replace("-", "−"))
        if kind == "lufs":
            wish.settings.append("limiter_db=6.0")  # without one, peaks stop most voices short of it
        if kind == "dbfs":
            wish.settings.insert(0, f"ceiling_dbfs={max(float(value), -0.1)}")
    elif kind == "dbtp":
        wish.settings.append(f"ceiling_dbtp={float(value)}")
        wish.words.append(f"{value} dBTP".replace("-", "−"))
    elif kind == "size":
        size = parse_size(
            f"under {value.replace('kb', 'kB').replace('mb', 'MB').replace('gb', 'GB').replace('ib', 'iB')}"
        )
        wish.settings.append(f"max_bytes={size}")
        wish.words.append(f"< {value.replace('kb', ' kB').replace('mb', ' MB').replace('  ', ' ')}")
    elif kind == "seconds":
        wish.settings.append(f"max_seconds={float(value)}")
        wish.words.append(f"< {value} s")
    elif kind == "limiter":
        wish.settings.append(f"limiter_db={float(value)}")
    elif kind == "telephone":
        wish.settings.append("treatment.band=telephone")
        wish.words.append(phrase("telephone band"))
    else:
        edges = ("fade_in_seconds", "fade_out_seconds") if kind == "fades" else (f"{kind}_seconds",)
        wish.settings += [f"{edge}={float(value)}" for edge in edges]
        wish.words.append(f"{kind.replace('_', ' ')} {value} s")


def _named(receiver: Receiver, wish: _Wish) -> Receiver:
    """Its name says what was wished for, and its slug tells it from others."""
    form = form_called(wish.form)
    plain = form.name.replace(" PCM", "").replace("WAV, ", "WAV ").replace("FLAC, ", "FLAC ")
    name = plain[:LONGEST_NAME]
    for word in wish.words:
        name = f"{name}, {word}" if len(name) + len(word) <= 38 else name
    slug = (
        re.sub(r"[^a-z0-9]+", "-", joined([wish.form, *wish.words], ", ").casefold().replace("µ", "u"))
        .strip("-")[:40]
        .strip("-")
    )
    delivery: Any = receiver.delivery.changed(folder=slug)
    return receiver.changed(name=name, slug=slug, delivery=delivery, purpose=phrase("As you typed it."))
