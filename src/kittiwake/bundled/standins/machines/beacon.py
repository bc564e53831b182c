"""A stand-in alert device: holds one short message and plays it when its button is pressed.

It reads the bytes it is handed with a parser of its own, as narrow as such devices have, and shares no code with
the writers or readers of this program: what it takes, a strict device takes too.
"""

from __future__ import annotations

import struct

import numpy as np

from ....words import phrase
from ....work.standin.machine import Refusal, StoredSound, stand_in

MEMORY = 200_000  # bytes; a message must be smaller
HIGHEST_RATE = 8000  # Hz


@stand_in("beacon", phrase("beacon"))
class Beacon:
    """One device. A refused file leaves the message it held before."""

    def __init__(self) -> None:
        self.held: StoredSound | None = None
        self.refusal: Refusal | None = None

    def hand(self, name: str, data: bytes) -> bool:
        """Hand it a file; returns whether it was taken. ``refusal`` then says why not."""
        found = _parse(name, data)
        if isinstance(found, Refusal):
            self.refusal = found
            return False
        self.held, self.refusal = found, None
        return True

    def press(self) -> StoredSound | None:
        """Press its button: the message to be played, or None where it holds nothing."""
        return self.held


def _parse(name: str, data: bytes) -> StoredSound | Refusal:
    if not name.lower().endswith(".wav"):
        return Refusal(phrase("Only files ending in .wav are taken."), 0)
    if len(data) >= MEMORY:
        return Refusal(
            phrase(
                "{count:,} bytes are too many: a message must be under {memory:,}.", count=len(data), memory=MEMORY
            ),
            MEMORY,
        )
    if len(data) < 44:
        return Refusal(phrase("{count} bytes are too few for a WAV file.", count=len(data)), len(data))
    if data[0:4] != b"RIFF" or data[8:12] != b"WAVE":
        return Refusal(phrase("It does not begin as a WAV file."), 0)
    if struct.unpack_from("<I", data, 4)[0] != len(data) - 8:
        return Refusal(phrase("The size in its header is not its size."), 4)
    if data[12:16] != b"fmt " or struct.unpack_from("<I", data, 16)[0] != 16:
        return Refusal(phrase("A plain 16-byte format chunk must come first."), 12)
    tag, channels, rate, per_second, width, bits = struct.unpack_from("<HHIIHH", data, 20)
    if tag != 1:
        return Refusal(phrase("Its encoding (tag {tag}) is not PCM.", tag=tag), 20)
    if channels != 1:
        return Refusal(phrase("It has {channels} channels; only one is taken.", channels=channels), 22)
    if not 1000 <= rate <= HIGHEST_RATE:
        return Refusal(
            phrase(
                "{rate:,} Hz is not a rate it plays: at most {highest_rate:,} Hz.",
                rate=rate,
                highest_rate=HIGHEST_RATE,
            ),
            24,
        )
    if bits != 16 or width != 2 or per_second != rate * 2:
        return Refusal(phrase("Samples of {bits} bits are not taken: they must have 16.", bits=bits), 34)
    if data[36:40] != b"data":
        return Refusal(phrase("Sound must follow the format at once; something else does."), 36)
    length = struct.unpack_from("<I", data, 40)[0]
    if length != len(data) - 44 or length % 2 or not length:
        return Refusal(phrase("Its sound is not as long as it says."), 40)
    sound = np.frombuffer(data, "<i2", offset=44).astype(np.float32) / np.float32(32768)
    return StoredSound(name, len(data), rate, sound)
