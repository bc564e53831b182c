"""Several clips in one WAV file: one after the other with a pause between, and a cue point with its name for each. No sample is encoded anew."""

from __future__ import annotations

import struct

from ....core.codec.cues import Cue, cue_chunks
from ....core.errors import KittiwakeError
from ....core.riff import LARGEST, chunks, head_of, in_bytes, is_wave
from ....words import phrase
from ..form import Files, Form, bytes_of, register_form
from ..plan import Plan

#: Encodings in which silence is a byte, or none: number in the format chunk -> silence.
_SILENCE = {1: 0x00, 6: 0xD5, 7: 0xFF}
_BEFORE_SOUND = 256  # bytes, at most


def _pack(plan: Plan, manifests: dict[str, bytes]) -> Files:
    form, sounds = b"", []
    for place in plan.places:
        head, sound = _parts(place, bytes_of(plan, place))
        if form and head != form:
            raise KittiwakeError(
                phrase("{place} has another rate or encoding than those before it.", place=place),
                phrase("Let the receiver take one, or hand over a folder."),
                "joined",
            )
        form = head
        sounds.append((place, sound))
    if not sounds:
        raise KittiwakeError(phrase("There is nothing to join."), phrase("Make some outputs first."), "joined")
    tag, _, rate, _, block, bits = struct.unpack_from("<HHIIHH", form)
    pause = bytes([0x80 if tag == 1 and bits == 8 else _SILENCE[tag]]) * (
        block * round(plan.receiver.delivery.pause_seconds * rate)
    )
    data, cues = bytearray(), []
    for place, sound in sounds:
        data += pause if data else b""
        start = len(data) // block
        data += sound
        cues.append(Cue.named(start, len(data) // block, place.rsplit("/", 1)[-1].rsplit(".", 1)[0]))
    behind = cue_chunks(cues)
    if len(data) + len(behind) > LARGEST - _BEFORE_SOUND:
        raise KittiwakeError(
            phrase("Together they are over 4 GiB, which no WAV file holds."), phrase("Hand over a folder."), "joined"
        )
    head = head_of(form, len(data), None if tag == 1 else len(data) // block, len(behind))
    whole = b"".join((head, data, b"\0" * (len(data) & 1), behind))
    return {f"{plan.receiver.slug}.wav": whole, **manifests}


def _parts(place: str, data: bytes) -> tuple[bytes, bytes]:
    """The format chunk and the sound of a WAV file of ours."""
    form, read = b"", in_bytes(data)
    for one in chunks(read) if is_wave(read) else ():
        if one.name == b"fmt ":
            form = read(one.place, one.length)
        if one.name == b"data" and len(form) >= 16 and struct.unpack_from("<H", form)[0] in _SILENCE:
            return form, read(one.place, one.length)
    raise KittiwakeError(
        phrase("{place} cannot be joined with others as it is.", place=place),
        phrase("WAV files in PCM, µ-law or A-law can; or hand over a folder."),
        "joined",
    )


register_form(Form("joined", phrase("one file with cue points"), _pack))
