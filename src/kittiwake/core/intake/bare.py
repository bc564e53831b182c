"""Whether the bytes of a file without header and ending may be sound: a quick look, since folders hold many other files."""

from __future__ import annotations

import io
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from .sniff import head_of, looks_like_text

_LOOKED_AT = 65_536  # bytes
_LEAST = 1600  # bytes, a fifth of a second of telephone sound
_ALIKE = 0.5  # how much of a sample the next one says, at least
_WAYS = (("ULAW", "FILE"), ("ALAW", "FILE"), ("PCM_16", "LITTLE"), ("PCM_16", "BIG"))
_SWING = 12.0  # dB between loud and soft, at least
_SMOOTHEST = 0.9995  # what goes on more evenly is a table or a picture


def like_sound(path: Path) -> bool:
    """Whether a file may be linear sound, µ-law or A-law, or says of itself to be GSM; codecs that leave no marks are not seen."""
    from .claims import marks_of

    data = head_of(path, _LOOKED_AT)
    if len(data) < _LEAST or looks_like_text(path):
        return False
    if marks_of(path, "gsm"):
        return True
    return any(_is_lively(_read(data, *way)) for way in _WAYS)


def _read(data: bytes, subtype: str, endian: str) -> NDArray[np.float32]:
    import soundfile

    sound: NDArray[np.float32] = soundfile.read(
        io.BytesIO(data), samplerate=8000, channels=1, format="RAW", subtype=subtype, endian=endian, dtype="float32"
    )[0]
    return sound


def _is_lively(sound: NDArray[np.float32]) -> bool:
    """Goes on from sample to sample, and is louder and softer, as speech is."""
    plain = sound - sound.mean()
    power = float(np.dot(plain, plain))
    if power <= 0:
        return False
    alike = float(np.dot(plain[1:], plain[:-1])) / power
    if not _ALIKE < alike < _SMOOTHEST:
        return False
    size = max(80, len(plain) // 200)
    levels = 10 * np.log10((plain[: len(plain) // size * size].reshape(-1, size) ** 2).mean(axis=1) + 1e-9)
    return float(np.percentile(levels, 95) - np.percentile(levels, 5)) >= _SWING
