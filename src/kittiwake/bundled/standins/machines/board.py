"""A stand-in voice board: plays sounds of an image in its flash by number, and knows of them what a C header says.

The header is C99: ``VOICE_COUNT``, ``VOICE_RATE``, ``VOICE_BLOCK`` (bytes of a block of IMA ADPCM), and arrays of numbers ``voice_offset``,
``voice_bytes``, ``voice_samples``, and of texts ``voice_name``. The board is given the header first, then the image.
"""

from __future__ import annotations

import re

from ....plain_data import dataclass
from ....words import joined, phrase
from ....work.standin.machine import Action, ActionResult, Refusal, StoredSound, stand_in
from ..core.decode import of_ima

FLASH = 2 << 20  # bytes
SOUNDS = 256
RATES = (8000, 11_025, 16_000, 22_050)
_ARRAYS = ("voice_offset", "voice_bytes", "voice_samples")


@dataclass(frozen=True, slots=True)
class _Header:
    rate: int
    block: int
    offsets: tuple[int, ...]
    sizes: tuple[int, ...]
    samples: tuple[int, ...]
    names: tuple[str, ...]


class Board:
    """One board."""

    def __init__(self) -> None:
        self.refusal: Refusal | None = None
        self.header: _Header | None = None
        self.image = b""
        self.number = 0

    @property
    def sounds(self) -> tuple[str, ...]:
        return self.header.names if self.header and self.image else ()

    @property
    def held(self) -> StoredSound | None:
        return self._sound(self.number) if self.sounds else None

    def hand(self, name: str, data: bytes) -> bool:
        found = self._take(name.lower(), data)
        self.refusal = found
        return found is None

    def press(self) -> StoredSound | None:
        return self.held

    def play(self, argument: str = "") -> ActionResult:
        """Play a sound by its number (from 0) or its name; the next where none is named."""
        if not self.sounds:
            return ActionResult(phrase("Its flash is empty."))
        wanted = argument.strip()
        if not wanted:
            self.number = (self.number + 1) % len(self.sounds)
        elif wanted in self.sounds:
            self.number = self.sounds.index(wanted)
        elif wanted.isdigit() and int(wanted) < len(self.sounds):
            self.number = int(wanted)
        else:
            return ActionResult(
                phrase("It has no sound “{wanted}”: 0 to {count}.", wanted=wanted, count=len(self.sounds) - 1)
            )
        return ActionResult(f"Sound {self.number}: {self.sounds[self.number]}", self._sound(self.number))

    def _take(self, name: str, data: bytes) -> Refusal | None:
        if name.endswith(".h"):
            found = _header(data)
            if isinstance(found, Refusal):
                return found
            self.header, self.image = found, b""
            return None
        if not name.endswith(".bin"):
            return Refusal(phrase("It takes a header (.h) and an image (.bin), nothing else."), 0)
        if self.header is None:
            return Refusal(phrase("It has no header yet: hand it that first."), 0)
        if len(data) > FLASH:
            return Refusal(
                phrase("{count:,} bytes are too many: its flash holds {flash:,}.", count=len(data), flash=FLASH),
                FLASH,
            )
        header = self.header
        for n, (offset, size, samples) in enumerate(zip(header.offsets, header.sizes, header.samples, strict=True)):
            if offset + size > len(data):
                return Refusal(phrase("Sound {number} would end behind the image.", number=n), len(data))
            if size % header.block or samples > size // header.block * ((header.block - 4) * 2 + 1):
                return Refusal(
                    phrase("Sound {number} is no whole number of blocks, or not as long as it says.", number=n),
                    offset,
                )
            if data[offset + 2] > 88 or data[offset + 3]:
                return Refusal(phrase("No block begins where sound {number} should.", number=n), offset)
        self.image, self.number = data, 0
        return None

    def _sound(self, n: int) -> StoredSound:
        header = self.header
        assert header is not None
        offset, size = header.offsets[n], header.sizes[n]
        sound = of_ima(self.image[offset : offset + size], header.block, header.samples[n])
        return StoredSound(header.names[n], size, header.rate, sound)


def _header(data: bytes) -> _Header | Refusal:
    try:
        text = data.decode("ascii")
    except UnicodeDecodeError as error:
        return Refusal(phrase("The header is not plain text."), error.start)
    text = re.sub(r"/\*.*?\*/", " ", text, flags=re.DOTALL)
    numbers = {name: _define(text, name) for name in ("VOICE_COUNT", "VOICE_RATE", "VOICE_BLOCK")}
    for name, value in numbers.items():
        if value is None:
            return Refusal(phrase("The header does not define {name}.", name=name), 0)
    count, rate, block = (value or 0 for value in numbers.values())
    if not 1 <= count <= SOUNDS:
        return Refusal(phrase("{count} sounds are not from 1 to {sounds}.", count=count, sounds=SOUNDS), 0)
    if rate not in RATES:
        return Refusal(
            phrase(
                "{rate:,} Hz is not a rate it plays: {list} Hz are.",
                rate=rate,
                list=joined((f"{one:,}" for one in RATES), ", "),
            ),
            0,
        )
    if block < 8 or block % 4:
        return Refusal(phrase("Blocks of {block} bytes are none.", block=block), 0)
    arrays = {name: _numbers(text, name) for name in _ARRAYS}
    names = _texts(text)
    for name, values in {**arrays, "voice_name": names}.items():
        if values is None or len(values) != count:
            return Refusal(
                phrase("{name} does not have {count} entries.", name=name, count=count),
                text.find(name) if name in text else 0,
            )
    offsets, sizes, samples = (tuple(arrays[name] or ()) for name in _ARRAYS)
    return _Header(rate, block, offsets, sizes, samples, tuple(names or ()))


def _define(text: str, name: str) -> int | None:
    found = re.search(rf"^\s*#define\s+{name}\s+(\d+)[uUlL]*\s*$", text, re.MULTILINE)
    return int(found[1]) if found else None


def _numbers(text: str, name: str) -> list[int] | None:
    found = re.search(rf"\b{name}\s*\[[^\]]*\]\s*=\s*\{{([^}}]*)\}}", text)
    return [int(one) for one in re.findall(r"\d+", found[1])] if found else None


def _texts(text: str) -> list[str] | None:
    found = re.search(r"\bvoice_name\s*\[[^\]]*\]\s*=\s*\{([^}]*)\}", text)
    return re.findall(r'"([^"]*)"', found[1]) if found else None


stand_in(
    "board",
    phrase("voice board"),
    (Action("play", phrase("Play a sound"), Board.play, phrase("a number or name; empty: the next")),),
)(Board)
