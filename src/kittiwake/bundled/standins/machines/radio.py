"""A stand-in deck radio: its knob goes from channel to channel, each of which is announced by a message of at most 56,000 bytes."""

from __future__ import annotations

from ....words import phrase
from ....work.standin.machine import Action, ActionResult, Refusal, StoredSound, stand_in
from ..core.decode import sound_of
from ..core.plain_wav import PCM, Wants, read_wav
from ..core.shelf import Shelf

CHANNELS = 160
MESSAGE, MEMORY = 56_000, 7_200_000  # bytes of one, and of all
_WANTS = Wants((PCM,), (8000,), (16,), MESSAGE)


class Radio:
    """One radio. A refused file leaves the channel as it was."""

    def __init__(self) -> None:
        self.shelf = Shelf(MEMORY, CHANNELS)
        self.refusal: Refusal | None = None
        self.channel = 0

    @property
    def held(self) -> StoredSound | None:
        """The message of the channel that the knob stands at."""
        files = list(self.shelf.files.values())
        return files[self.channel % len(files)].held if files else None

    def hand(self, name: str, data: bytes) -> bool:
        found = read_wav(name, data, _WANTS)
        if not isinstance(found, Refusal):
            held = StoredSound(name, len(data), found.rate, sound_of(found))
            found = self.shelf.put(held, data) or found
        self.refusal = found if isinstance(found, Refusal) else None
        if self.refusal is None:
            self.channel = list(self.shelf.files).index(name)
        return self.refusal is None

    def press(self) -> StoredSound | None:
        return self.held

    def turn(self, argument: str = "") -> ActionResult:
        """Turn the knob by one channel, or to the one that is named, or has that number."""
        files = list(self.shelf.files)
        if not files:
            return ActionResult(phrase("It has no channels yet."))
        if argument.strip():
            found = self.shelf.find(argument)
            if found is None:
                return ActionResult(phrase("It has no channel “{argument}”.", argument=argument))
            self.channel = files.index(found.name)
        else:
            self.channel = (self.channel + 1) % len(files)
        held = self.held
        assert held is not None
        self.shelf.heard(held.name)
        return ActionResult(
            phrase(
                "Channel {channel} of {count}: {name}", channel=self.channel + 1, count=len(files), name=held.name
            ),
            held,
        )


stand_in(
    "radio",
    phrase("deck radio"),
    (Action("turn", phrase("Turn the knob"), Radio.turn, phrase("a channel; empty: the next")),),
)(Radio)
