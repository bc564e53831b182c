"""A stand-in voicemail box: a greeting, a beep, and messages that are dropped into it, new ones apart from old ones."""

from __future__ import annotations

from pathlib import Path

import numpy as np

from ....words import phrase
from ....work.standin.machine import Action, ActionResult, Refusal, StoredSound, stand_in
from ..core.decode import sound_of
from ..core.plain_wav import MU_LAW, Wants, read_wav
from ..core.shelf import Shelf

LONGEST = 60.0  # s of a greeting or a message
MEMORY, MESSAGES = 4_000_000, 100
RATE = 8000
_WANTS = Wants((MU_LAW,), (RATE,), (8,), None, LONGEST)
_BEEP_HZ, _BEEP_S, _GAP_S = 1000.0, 0.5, 0.2


class Voicemail:
    """One box. What is called greeting (its name begins so) is its greeting; all else is a message."""

    def __init__(self) -> None:
        self.shelf = Shelf(MEMORY, MESSAGES)
        self.refusal: Refusal | None = None

    @property
    def greeting(self) -> StoredSound | None:
        return next((one.held for name, one in self.shelf.files.items() if _greets(name)), None)

    @property
    def messages(self) -> list[str]:
        return [name for name in self.shelf.files if not _greets(name)]

    @property
    def held(self) -> StoredSound | None:
        """What was handed over last."""
        files = list(self.shelf.files.values())
        return files[-1].held if files else None

    def hand(self, name: str, data: bytes) -> bool:
        found = read_wav(name, data, _WANTS)
        if not isinstance(found, Refusal):
            held = StoredSound(name, len(data), found.rate, sound_of(found))
            found = self.shelf.put(held, data) or found
        self.refusal = found if isinstance(found, Refusal) else None
        return self.refusal is None

    def press(self) -> StoredSound | None:
        """Call it: the greeting, then the beep; with no greeting the first new message, as its owner hears it."""
        if self.greeting is not None:
            return self.call().sound
        return self.listen().sound or self.held

    def call(self, _: str = "") -> ActionResult:
        """What a caller hears, and when the beep comes."""
        greeting = self.greeting
        before = greeting.sound if greeting else np.zeros(0, np.float32)
        time = np.arange(round(_BEEP_S * RATE)) / RATE
        beep = (0.25 * np.sin(2 * np.pi * _BEEP_HZ * time)).astype(np.float32)
        sound = np.concatenate([before, np.zeros(round(_GAP_S * RATE), np.float32), beep])
        at = len(before) / RATE + _GAP_S
        name = greeting.name if greeting else phrase("no greeting")
        return ActionResult(
            phrase("{name}; the beep comes after {at:.2f} s", name=name, at=at),
            StoredSound(f"{name}, beep", len(sound), RATE, sound),
        )

    def listen(self, argument: str = "") -> ActionResult:
        """Play a message to its owner: the one that is named, or the first new one, or the first."""
        new = [name for name in self.messages if self.shelf.files[name].new]
        wanted = argument.strip() or next(iter(new or self.messages), "")
        held = self.shelf.find(wanted) if wanted else None
        if held is None:
            return ActionResult(
                phrase("There is no message “{argument}”.", argument=argument)
                if argument
                else phrase("There are no messages.")
            )
        was = "new" if self.shelf.files[held.name].new else "old"
        self.shelf.heard(held.name)
        left = sum(self.shelf.files[name].new for name in self.messages)
        return ActionResult(phrase("{name}, {was}; {left} new left", name=held.name, was=was, left=left), held)


def _greets(name: str) -> bool:
    return Path(name).stem.casefold().startswith("greeting")


stand_in(
    "voicemail",
    "voicemail box",
    (
        Action("call", phrase("Call it"), Voicemail.call),
        Action(
            "listen", phrase("Listen to messages"), Voicemail.listen, phrase("a message; empty: the first new one")
        ),
    ),
)(Voicemail)
