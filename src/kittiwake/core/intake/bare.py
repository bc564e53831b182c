"""Whether the bytes of a file without header and ending may be sound: a quick look, since folders hold many other files."""

from __future__ import annotations

import io
from functools import cache
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from .sniff import head_of, looks_like_text

_LOOKED_AT = 65_536  # bytes
_LEAST = 1600  # bytes, a fifth of a second of telephone sound
_ALIKE = 0.5  # how much of a sample the next one says, at least
_WAYS = (
    ("ULAW", "FILE"),
    ("ALAW", "FILE"),
    ("PCM_16", "LITTLE"),
    ("PCM_16", "BIG"),
    ("PCM_U8", "FILE"),
    ("PCM_S8", "FILE"),
    ("PCM_24", "LITTLE"),
    ("FLOAT", "LITTLE"),
)
_LOUDEST = 8.0  # of floating samples: over it they are no sound
_SWING = 12.0  # dB between loud and soft, at least
_MARKED = ("gsm", "g723_1", "amr_nb", "g729")
_SMOOTHEST = 0.9995  # what goes on more evenly is a table or a picture


#: How files begin that say what they are: programs and their parts, archives, pictures, type, tables. None that sound is likely to begin with.
_OTHERS = (
    b"\x7fELF", b"!<arch>", b"\xfe\xed\xfa", b"\xcf\xfa\xed\xfe", b"\xca\xfe\xba\xbe", b"\xde\x12\x04\x95", b"\x95\x04\x12\xde", b"PK\x03\x04",
    b"\x1f\x8b\x08", b"BZh", b"\xfd7zXZ", b"7z\xbc\xaf", b"\x28\xb5\x2f\xfd", b"Rar!", b"\x89PNG", b"GIF8", b"II*\0", b"MM\0*",
    b"%PDF", b"%!PS", b"OTTO", b"ttcf", b"wOF", b"SQLite format 3", b"\x93NUMPY", b"\x89HDF", b"\xd0\xcf\x11\xe0", b"SR\0", b"Xcur",
    b"\0asm", b"Kittiwake",
)  # fmt: skip


@cache
def may_be_bare(ending: str) -> bool:
    """Whether a file whose name ends so (``.vox``, in small letters; empty for none) may be sound without a header, as far as its name goes."""
    import mimetypes  # few folders hold such files

    kind = mimetypes.MimeTypes(filenames=()).guess_type(f"x{ending}")[0]
    return kind in (None, "application/octet-stream") and ending not in (
        ".pyc",
        ".pyo",
        ".so",
        ".a",
        ".o",
        ".mo",
        ".dll",
        ".exe",
    )


def like_sound(path: Path) -> bool:
    """Whether a file may be linear sound, µ-law or A-law, or bears the marks of GSM, G.723.1, AMR or G.729; ADPCM leaves none, and is not seen."""
    from .claims import marks_of

    data = head_of(path, _LOOKED_AT)
    if len(data) < _LEAST or data.startswith(_OTHERS) or looks_like_text(path):
        return False
    if any(marks_of(path, encoding) for encoding in _MARKED):
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
    if not np.isfinite(sound).all() or np.abs(sound).max(initial=0.0) > _LOUDEST:
        return False
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
