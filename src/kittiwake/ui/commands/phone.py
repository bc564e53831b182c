"""Commands of the telephone menu."""

from __future__ import annotations

from ...commands import command, key_of
from ..context import Context


@command(
    "phone.open",
    "Phone menu…",
    "Put made prompts to the keys of a telephone menu, and call it.",
    "Shift+F5",
    menu="Receiver",
)
def open_phone(at: Context) -> None:
    if not any(receiver.standin == "phone" for receiver in at.session.project.receivers):
        at.status.say(f"No receiver of the board is a phone with a menu: {key_of('receiver.choose')} chooses one.")
        return
    at.status.say("")
    at.bench.show_phone()
