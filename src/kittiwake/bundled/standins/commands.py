"""Commands of the telephone menu."""

from __future__ import annotations

from ...commands import command, key_of
from ...ui.shell.context import Context
from ...words import tr


@command(
    "phone.open",
    "Phone menu…",
    "Put made prompts to the keys of a telephone menu, and call it.",
    "Shift+F5",
    menu="Receiver",
)
def open_phone(at: Context) -> None:
    if not any(receiver.standin == "phone" for receiver in at.session.project.receivers):
        at.status.say(
            tr("No receiver of the board is a phone with a menu: {key} chooses one.", key=key_of("receiver.choose"))
        )
        return
    at.status.say("")
    at.bench.go_to("phone")
