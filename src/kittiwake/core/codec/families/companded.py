"""µ-law and A-law (ITU-T G.711) in WAV, AU and SPHERE, and without a header."""

from __future__ import annotations

import dataclasses
from types import ModuleType

from ....words import phrase
from .. import alaw, ulaw, wav
from ..files import RawWriter, SndfileWriter, by_sndfile
from ..format import Format, Opening, Writer, register
from ..heads import HeaderFixingWriter, with_whole_numbers
from ..sizes import even, plain

_LEVELS = {"ulaw": wav.ULAW.levels, "alaw": wav.ALAW.levels}


def _sphere_ulaw(opening: Opening) -> Writer:
    return HeaderFixingWriter(
        SndfileWriter(opening, "NIST", "ULAW"), opening, lambda head, frames: with_whole_numbers(head)
    )


def _law(container: str, form: str, extension: str, law: str, name: str, header: int | None, *, pad: bool) -> Format:
    size = plain(header, 1) if header is not None else None
    return Format(
        container, law, name, extension, by_sndfile(form, law.upper()), bits=8,
        safe_peak=wav.ULAW_SAFE if law == "ulaw" else wav.ALAW_SAFE, size=even(size) if size and pad else size,
        levels=_LEVELS[law],
        second_reader="libav", typical=1.0,
    )  # fmt: skip


def _raw(law: str, name: str, codes: ModuleType, safe: float) -> Format:
    return Format(
        "raw", law, phrase("headerless {codec}", codec=name), f".{law}", lambda opening: RawWriter(opening, codes.encode, codes.decode), bits=8,
        safe_peak=safe, size=plain(0, 1), levels=_LEVELS[law],
    )  # fmt: skip


register(
    wav.ULAW,
    wav.ALAW,
    _law("au", "AU", ".au", "ulaw", "AU, µ-law", 24, pad=False),
    _law("au", "AU", ".au", "alaw", "AU, A-law", 24, pad=False),
    dataclasses.replace(
        _law("sphere", "NIST", ".sph", "ulaw", "NIST SPHERE, µ-law", 1024, pad=False), opener=_sphere_ulaw
    ),
    _raw("ulaw", "µ-law", ulaw, wav.ULAW_SAFE),
    _raw("alaw", "A-law", alaw, wav.ALAW_SAFE),
)
