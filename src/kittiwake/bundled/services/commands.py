"""Commands of services that listen."""

from __future__ import annotations

from ...commands import command, key_of
from ...ui.shell.context import Context
from ...words import tr


@command(
    "service.hear",
    "Have it heard…",
    "Send what is made to the service of the receiver, and see what it heard beside what was meant.",
    "Shift+F11",
    menu="Listen",
)
def have_it_heard(at: Context) -> None:
    current = at.board.current_receiver()
    services = [one for one in ([current] if current else at.session.project.receivers) if one.service is not None]
    if not services:
        at.status.say(
            tr(
                "No receiver of the board is a service that listens: {key} chooses one.",
                key=key_of("receiver.choose"),
            )
        )
        return
    at.status.say("")
    at.bench.go_to("heard", services[0])
