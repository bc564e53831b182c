"""An image of IMA ADPCM sounds for a voice board, and a C header (C99) that says where each lies."""

from __future__ import annotations

import re
import struct

from ....core.errors import KittiwakeError
from ....core.riff import chunks, in_bytes, is_wave
from ....plain_data import dataclass
from ....words import phrase
from ..form import Files, Form, bytes_of, register_form
from ..plan import Plan

HEADER, IMAGE = "voice.h", "voice.bin"
_IMA = 17
_LONGEST_NAME = 63


@dataclass(frozen=True, slots=True)
class _Sound:
    name: str
    rate: int
    block: int
    samples: int
    data: bytes


def _pack(plan: Plan, manifests: dict[str, bytes]) -> Files:
    sounds = [_sound(place, bytes_of(plan, place)) for place in plan.places]
    if not sounds:
        raise KittiwakeError(
            phrase("There is nothing to put into an image."), phrase("Make some outputs first."), "image"
        )
    odd = next((one for one in sounds if (one.rate, one.block) != (sounds[0].rate, sounds[0].block)), None)
    if odd is not None:
        sentence = phrase(
            "{name} has another rate or other blocks than {other}.", name=odd.name, other=sounds[0].name
        )
        raise KittiwakeError(sentence, phrase("Let the receiver take one rate."), "image")
    image = b"".join(one.data for one in sounds)
    return {HEADER: _header(sounds), IMAGE: image, **manifests}


def _sound(place: str, data: bytes) -> _Sound:
    form, samples, read = b"", 0, in_bytes(data)
    for one in chunks(read) if is_wave(read) else ():
        body = read(one.place, one.length)
        if one.name == b"fmt ":
            form = body
        elif one.name == b"fact":
            samples = struct.unpack_from("<I", body)[0]
        elif one.name == b"data" and form and struct.unpack_from("<H", form)[0] == _IMA:
            rate, block = struct.unpack_from("<I", form, 4)[0], struct.unpack_from("<H", form, 12)[0]
            name = place.rsplit("/", 1)[-1].rsplit(".", 1)[0]
            return _Sound(name[:_LONGEST_NAME], rate, block, samples, body)
    raise KittiwakeError(
        phrase("{place} is no IMA ADPCM in WAV, which an image is made of.", place=place),
        phrase("Let the receiver take wav/ima_adpcm."),
        "image",
    )


def _header(sounds: list[_Sound]) -> bytes:
    offsets, at = [], 0
    for one in sounds:
        offsets.append(at)
        at += len(one.data)
    arrays = (
        ("unsigned long", "voice_offset", phrase("where a sound begins in the image, bytes"), offsets),
        ("unsigned long", "voice_bytes", phrase("how many bytes it has"), [len(one.data) for one in sounds]),
        (
            "unsigned long",
            "voice_samples",
            phrase("how many samples come of them"),
            [one.samples for one in sounds],
        ),
    )
    lines = [
        "/* Sounds of an image in IMA ADPCM, one channel. */",
        "#ifndef VOICE_H",
        "#define VOICE_H",
        "",
        f"#define VOICE_COUNT {len(sounds)}",
        f"#define VOICE_RATE {sounds[0].rate} /* Hz */",
        f"#define VOICE_BLOCK {sounds[0].block} /* bytes of a block */",
        f"#define VOICE_IMAGE_BYTES {at}",
        "",
    ]
    lines += [f"#define {name} {number}" for number, name in enumerate(_constants(sounds))]
    for kind, name, what, values in arrays:
        numbers = ",\n    ".join(f"{value}UL" for value in values)
        lines += [
            "",
            f"/* {what} */",
            f"static const {kind} {name}[VOICE_COUNT] = {{",
            f"    {numbers}",
            "};",
        ]
    names = ",\n    ".join(f'"{_plain(one.name)}"' for one in sounds)
    lines += [
        "",
        "static const char *const voice_name[VOICE_COUNT] = {",
        f"    {names}",
        "};",
        "",
        "#endif",
        "",
    ]
    # The numbers of defines are read before those of arrays: each stands on a line of its own, without a comment behind it.
    return re.sub(r"(#define \w+ \d+) /\*.*?\*/", r"\1", "\n".join(lines)).encode("ascii")


def _plain(name: str) -> str:
    """As a C text may hold it: letters, digits and a few signs of ASCII."""
    return "".join(c if c.isascii() and (c.isalnum() or c in " -_.+") else "_" for c in name)


def _constants(sounds: list[_Sound]) -> list[str]:
    """A macro for each sound's number, no two alike: what would be called as another, or as one of the header's own, has its number behind it, and as
    many lines below as it takes to be alone.
    """
    plain = ["".join(c.upper() if c.isascii() and c.isalnum() else "_" for c in one.name) for one in sounds]
    taken = {name for name in plain if plain.count(name) == 1} | set(_TAKEN)
    out = []
    for number, name in enumerate(plain):
        if plain.count(name) > 1 or name in _TAKEN:
            name = f"{name}_{number}"
            while name in taken:
                name += "_"
            taken.add(name)
        out.append(f"VOICE_{name}")
    return out


_TAKEN = ("COUNT", "RATE", "BLOCK", "IMAGE_BYTES", "H")

register_form(Form("image", phrase("an image with a C header"), _pack, hands=lambda plan: (HEADER, IMAGE)))
