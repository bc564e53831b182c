"""A stand-in from outside: an imaginary paging horn. It takes files of its own encoding, up to ten seconds at 8 kHz."""

from __future__ import annotations

import numpy as np

from kittiwake.work.standin.machine import Refusal, StoredSound, stand_in


@stand_in("horn", "paging horn")
class Horn:
    def __init__(self) -> None:
        self.held: StoredSound | None = None
        self.refusal: Refusal | None = None

    def hand(self, name: str, data: bytes) -> bool:
        if len(data) > 80_000:
            self.refusal = Refusal(f"{len(data):,} bytes are more than ten seconds.", 80_000)
            return False
        sound = [(-1 if code & 1 else 1) * (code >> 1) / 128 for code in data]
        self.held, self.refusal = StoredSound(name, len(data), 8000, np.array(sound, np.float32)), None
        return True

    def press(self) -> StoredSound | None:
        return self.held
