"""Linear samples: PCM and floating point in WAV, RF64, AIFF, AU, CAF and SPHERE, and without a header."""

from __future__ import annotations

from ....words import phrase
from .. import wav
from ..files import SndfileWriter, by_sndfile
from ..format import Format, Opening, Writer, register
from ..sizes import even, plain

_LINEAR = {"little": phrase("16-bit linear, little endian"), "big": phrase("16-bit linear, big endian")}
_INT_SAFE = 1 - 2.5 / 2**15


def _pcm(container: str, form: str, extension: str, header: int | None, bits: int, name: str, *, pad: bool) -> Format:
    subtype = {8: "PCM_S8" if container in ("aiff", "au", "caf") else "PCM_U8"}.get(bits, f"PCM_{bits}")
    encoding = {"PCM_U8": "pcm_u8", "PCM_S8": "pcm_s8"}.get(subtype, f"pcm_s{bits}")
    size = plain(header, bits / 8) if header is not None else None
    return Format(
        container,
        encoding,
        phrase("{container}, {bits}-bit PCM", container=name, bits=bits),
        extension,
        by_sndfile(form, subtype),
        bits=bits,
        depth=min(bits, 24),
        safe_peak=1 - 2.5 / 2 ** (min(bits, 24) - 1),
        size=even(size) if size and pad else size,
        second_reader="libav",
        # libav takes the byte that fills up an odd AIFF chunk for sound.
        frame=2 if container == "aiff" and bits == 8 else 1,
        typical=bits / 8,
        max_bytes=None if container == "rf64" else 0xFFFFFFFF,
    )


def _aiff_unsigned(opening: Opening) -> Writer:
    # Zero is as loud as it gets where samples are unsigned: an odd count is filled up with silence, not with the chunk's zero byte.
    return SndfileWriter(opening, "AIFF", "PCM_U8", multiple_of=2 if opening.channels == 1 else 1)


def _linear(endian: str) -> Format:
    name = "little" if endian == "LITTLE" else "big"
    return Format(
        "raw", f"pcm_s16{name[0]}e", phrase("headerless {codec}", codec=_LINEAR[name]), ".raw", by_sndfile("RAW", "PCM_16", endian=endian),
        size=plain(0, 2), bits=16, depth=16, safe_peak=_INT_SAFE, second_reader="libav",
    )  # fmt: skip


register(
    wav.PCM_16,
    wav.PCM_24,
    _pcm("wav", "WAV", ".wav", 44, 8, "WAV", pad=True),
    _pcm("wav", "WAV", ".wav", 44, 32, "WAV", pad=True),
    wav.FLOAT,
    *(_pcm("rf64", "RF64", ".wav", 104, bits, "RF64", pad=True) for bits in (16, 24)),
    *(_pcm("aiff", "AIFF", ".aiff", 54, bits, "AIFF", pad=True) for bits in (8, 16, 24)),
    Format(
        "aiff",
        "pcm_u8",
        phrase("AIFF, unsigned 8-bit PCM"),
        ".aiff",
        _aiff_unsigned,
        bits=8,
        depth=8,
        safe_peak=1 - 2.5 / 128,
        size=even(plain(72, 1)),
        frame=2,
        second_reader="libav",
        typical=1.0,
    ),
    *(_pcm("au", "AU", ".au", 24, bits, "AU", pad=False) for bits in (8, 16, 24)),
    *(_pcm("caf", "CAF", ".caf", 4096, bits, "CAF", pad=True) for bits in (16, 24)),
    _pcm("sphere", "NIST", ".sph", 1024, 16, "NIST SPHERE", pad=False),
    _linear("LITTLE"),
    _linear("BIG"),
)
