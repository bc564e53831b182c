"""Numbers as people read them, always with their unit; and sizes as people write them."""

from __future__ import annotations

import math
import re

from ...words import Bytes, joined, phrase

#: Hz, lowest and highest of a sound.
RATES = (1000, 768_000)
_SIZE = r"^\s*(under\s+)?([0-9]+(?:\.[0-9]+)?)\s*(B|kB|KB|KiB|MB|MiB)\s*$"
_LIMIT_UNITS = ((1_000_000, "MB"), (1000, "kB"), (1024, "KiB"))
_FACTOR = {"B": 1, "kB": 1000, "KB": 1000, "KiB": 1024, "MB": 1_000_000, "MiB": 1_048_576}


def db(amplitude: float) -> float:
    """Amplitude ratio to decibels; 0 gives minus infinity."""
    return 20.0 * math.log10(amplitude) if amplitude > 0 else -math.inf


def ratio(decibels: float) -> float:
    """Decibels to amplitude ratio."""
    return float(10.0 ** (decibels / 20.0))


def format_db(value: float | None, unit: str = "dBFS") -> str:
    """``-26.04 -> '−26.0 dBFS'``, with a true minus sign; silence is ``'−∞ dBFS'``."""
    if value is None:
        return "–"
    if math.isinf(value):
        return f"−∞ {unit}"
    shown = round(value, 1) or 0.0  # no minus before nothing
    if shown < 0:
        return phrase("−{value:.1f} {unit}", value=-shown, unit=unit)
    return phrase("{value:.1f} {unit}", value=shown, unit=unit)


_CONTAINERS = {
    "wav": "WAV", "rf64": "RF64", "w64": "W64", "aiff": "AIFF", "au": "AU", "caf": "CAF", "flac": "FLAC", "ogg": "Ogg",
    "mp3": "MP3", "mp4": "MP4", "matroska": "Matroska", "adts": phrase('AAC stream'), "sphere": phrase('NIST SPHERE'), "raw": phrase("headerless"), "amr": "AMR",
}  # fmt: skip
_ENCODINGS = {
    "pcm_u8": phrase('8-bit PCM'), "pcm_s8": phrase('8-bit PCM'), "pcm_s16": phrase('16-bit PCM'), "pcm_s24": phrase('24-bit PCM'),
    "pcm_s32": phrase('32-bit PCM'), "pcm_f32": phrase('32-bit float'), "pcm_f64": phrase('64-bit float'), "ulaw": "µ-law", "alaw": "A-law",
    "gsm": phrase('GSM full rate'), "ima_adpcm": phrase('IMA ADPCM'), "ms_adpcm": phrase('Microsoft ADPCM'), "vorbis": "Vorbis",
    "opus": "Opus", "aac": "AAC", "amr_nb": phrase('AMR narrow-band'), "amr_wb": phrase('AMR wide-band'), "alac": "ALAC", "mp3": "MP3",
    "pcm_s16le": phrase('16-bit linear'), "pcm_s16be": phrase('16-bit linear, big endian'), "pcm_s24le": phrase('24-bit linear'),
    "pcm_f32le": phrase('32-bit float'), "oki_adpcm": phrase('OKI ADPCM'), "g722": "G.722", "g723_1": "G.723.1", "g729": "G.729",
    **{f"g726_{k}{o}": phrase('G.726 at {k} kbit/s', k=k) + (phrase(', low bits first') if o == "le" else "")
       for k in (16, 24, 32, 40) for o in ("be", "le")},
}  # fmt: skip


def format_kind(container: str, encoding: str) -> str:
    """``('wav', 'pcm_s16') -> 'WAV, 16-bit PCM'``; names that are not known stay as they are."""
    first, second = _CONTAINERS.get(container, container), _ENCODINGS.get(encoding, encoding)
    return second if first in second else joined((first, second), ", ")


def format_headerless(encoding: str) -> str:
    """The name of a headerless encoding, where it need not be said that it is headerless."""
    return format_kind("raw", encoding).removeprefix("headerless, ").removeprefix("headerless ")


def format_hz(value: float | None) -> str:
    """``8000 -> '8 kHz'``, ``11025 -> '11.025 kHz'``, ``300 -> '300 Hz'``: a rate is never rounded."""
    if value is None:
        return "–"
    if value < 1000:
        return phrase("{value:.0f} Hz", value=value)
    return phrase("{value:.10g} kHz", value=value / 1000)


def format_bandwidth(value: float) -> str:
    """A measured upper frequency, to a tenth of a kHz: ``3914 -> '3.9 kHz'``."""
    return format_hz(round(value, -2) if value >= 1000 else value)


def format_bytes(value: int | None) -> str:
    """``24058 -> '24.1 kB'``; kB is 1000 bytes, where whoever reads it has not set 1024. Below 10 kB the exact count is given."""
    return "–" if value is None else phrase("{size}", size=Bytes(value))


def format_limit(value: int) -> str:
    """A size limit as its rule was written: 199,999 is ``'under 200 kB'``, 200,000 is ``'200 kB'``."""
    for size, unit in _LIMIT_UNITS:
        if value % size == 0:
            return f"{value // size} {unit}"
        if (value + 1) % size == 0:
            return phrase("under {size} {unit}", size=(value + 1) // size, unit=unit)
    return phrase("{value:,} B", value=value)


def is_under(value: int) -> bool:
    """Whether a size limit was written as *under* a round one."""
    return all(value % size for size, _ in _LIMIT_UNITS) and any((value + 1) % size == 0 for size, _ in _LIMIT_UNITS)


def format_seconds(value: float | None) -> str:
    """``3.497 -> '3.50 s'``, ``75 -> '1:15.0'``, ``3723 -> '1:02:03'``."""
    if value is None:
        return "–"
    if value < 59.995:
        return phrase("{value:.2f} s", value=value)
    if value < 3599.95:
        tenths = round(value * 10)
        return phrase("{minutes}:{seconds:04.1f}", minutes=tenths // 600, seconds=tenths % 600 / 10)
    whole = round(value)
    return f"{whole // 3600}:{whole % 3600 // 60:02d}:{whole % 60:02d}"


def parse_size(text: str | int) -> int:
    """A size limit as the largest count of bytes allowed.

    ``"200 kB"`` is 200,000 and ``"under 200 kB"`` is 199,999. kB and KB are read as 1000 bytes, the safe
    reading; write KiB where the receiver really counts in 1024.

    Raises
    ------
    ValueError : the text is not a size.
    """
    if type(text) is int:
        return text
    if not isinstance(text, str):
        shown = str(text).lower() if isinstance(text, bool) else str(text)[:40]
        raise ValueError(f"{shown} is not a whole number of bytes; write for example 200000 or “200 kB”")
    found = re.match(_SIZE, text) if len(text) < 100 else None
    if not found:
        raise ValueError(f"“{text[:40]}” is not a size; write for example “200 kB”, “under 200 kB” or “56 KiB”")
    exact = float(found[2]) * _FACTOR[found[3]]
    return math.ceil(exact) - 1 if found[1] else math.floor(exact)
