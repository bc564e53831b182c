"""What a headerless file says for itself: by marks in its bytes, or by its name. What is stated of a whole folder holds for files without such a
claim only.
"""

from __future__ import annotations

from pathlib import Path

import numpy as np

from ...words import phrase
from ..errors import IntakeError
from ..model import Stated
from ..model.units import format_kind
from .sniff import head_of, looks_like_sound

_AMR_FRAMES = {0: 13, 1: 14, 2: 16, 3: 18, 4: 20, 5: 21, 6: 27, 7: 32, 8: 6, 15: 1}
BY_ENDING = {
    ".ul": "ulaw", ".ulaw": "ulaw", ".mulaw": "ulaw", ".u": "ulaw", ".al": "alaw", ".alaw": "alaw", ".gsm": "gsm", ".g722": "g722",
    ".vox": "oki_adpcm", ".amr": "amr_nb", ".g726": "g726_32be", ".g723": "g723_1", ".g729": "g729", ".pcm": "pcm_s16le",
    ".sw": "pcm_s16le", ".s16": "pcm_s16le", ".lin": "pcm_s16le",
}  # fmt: skip
#: Endings that people and telephone systems give to sound without a header.
HEADERLESS_ENDINGS = frozenset((
    *BY_ENDING, ".raw", ".sln", ".sln16", ".s16le", ".s16be", ".sb", ".ub", ".s8", ".u8", ".uls", ".als", ".mu", ".mul", ".adpcm",
    ".g711", ".g711u", ".g711a",
))  # fmt: skip
_VAGUE = (".pcm", ".lin")  # endings that say headerless, and no more
_KNOWN_BY_NAME = (".g722", ".gsm", ".amr")  # libraries read them without anything stated
_MARKED = ("gsm", "amr_nb", "g723_1")


def stated_for(path: Path, stated: Stated | None, stream: int | None = None) -> Stated | None:
    """How to read one of many files of which ``stated`` was said, and of those with several streams ``stream`` (from 1).

    A file with a header is read by it. One whose bytes are marked as another encoding is read by that.

    Raises
    ------
    IntakeError : its name says another encoding, and nothing tells which is right; code ``contradiction``.
    """
    if stated is None and stream is None:
        return None
    if looks_like_sound(path):
        return Stated.of_stream(stream - 1) if stream else None
    if stated is None:
        return None
    for encoding in _MARKED:
        if encoding != stated.encoding and marks_of(path, encoding, stated.skip):
            return Stated(encoding, 8000, skip=stated.skip)
    ending = path.suffix.lower()
    named = BY_ENDING.get(ending)
    if named is None or ending in _VAGUE or named.split("_")[0] == stated.encoding.split("_")[0]:
        return stated
    if ending in _KNOWN_BY_NAME:
        return None
    raise IntakeError(
        phrase(
            "Its name ends in {ending}, which says {said}; {stated} was stated.",
            ending=ending,
            said=format_kind("raw", named),
            stated=format_kind("raw", stated.encoding),
        ),
        phrase(
            "Give it by itself with --headerless {named}@{rate}, or with an ending that says nothing.",
            named=named,
            rate=16000 if named == "g722" else 8000,
        ),
        "contradiction",
    )


def marks_of(path: Path, encoding: str, skip: int = 0) -> str | None:
    """What the bytes themselves say for an encoding, those behind ``skip``; empty where it leaves no marks, None where they speak against it.

    Codecs that model the voice make a voice of any bytes, so how it sounds says nothing for them.
    """
    if encoding not in ("gsm", "g723_1", "amr_nb", "g729"):
        return ""
    data = head_of(path, 33 * 2000, skip)
    if encoding == "g729":
        if _in_frames_of(data, 10):
            return phrase("its bits come back every 10 bytes, as frames of G.729 do")
        return "" if path.suffix.lower() == ".g729" else None
    if encoding == "gsm":
        # ETSI EN 300 961 in its usual file form: every 33-byte frame begins with the four bits 1101.
        marked = sum(byte >> 4 == 0xD for byte in data[::33])
        return (
            phrase("every frame of 33 bytes is marked as such ({marked})", marked=marked)
            if marked and marked == len(data[::33])
            else None
        )
    # Frames of G.723.1 and AMR (RFC 4867) tell their own length in the first byte.
    at = frames = 0
    while at < len(data):
        if encoding == "g723_1":
            length = {0: 24, 1: 20, 2: 4}.get(data[at] & 3)
        else:
            kind = data[at] >> 3 & 15
            length = _AMR_FRAMES.get(kind) if not data[at] & 0x83 else None
        if length is None:
            return None
        at += length
        frames += 1
    whole = path.stat().st_size - skip > len(data) or at == len(data)
    return (
        phrase("all {frames} frames follow each other without a gap", frames=frames) if whole and frames > 3 else None
    )


def _in_frames_of(data: bytes, length: int) -> bool:
    """Whether the bits at each place of frames of so many bytes are set more or less often, and far less so in frames that are a byte shorter or
    longer. Such frames carry no marks, but each of their bits has a meaning of its own.
    """

    def unevenness(size: int) -> float:
        count = len(data) // size
        bits = np.unpackbits(np.frombuffer(data[: count * size], np.uint8)).reshape(count, size * 8)
        return float(((bits.mean(axis=0) - 0.5) ** 2).mean() * 4 * count)

    if len(data) < 60 * length:
        return False
    here = unevenness(length)
    return here > 6 and here > 3 * max(unevenness(length - 1), unevenness(length + 1))
