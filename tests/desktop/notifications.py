"""Stand-ins of what a desktop offers on its bus: ``python -m tests.desktop.notifications LOG [ACTION]``.

Each call is written to LOG as a line of JSON. ACTION is pressed on every notification as soon as it is shown.
"""

from __future__ import annotations

import json
import os
import sys
from typing import Any

from jeepney import DBusAddress, MatchRule, MessageType, new_error, new_method_return, new_signal
from jeepney.bus_messages import message_bus
from jeepney.io.blocking import open_dbus_connection

NOTIFICATIONS, SAVER = "org.freedesktop.Notifications", "org.freedesktop.ScreenSaver"


def main(log: str, action: str = "") -> None:
    line = open_dbus_connection(bus="SESSION")
    for name in (NOTIFICATIONS, SAVER):
        line.send_and_get_reply(message_bus.RequestName(name))

    line.send_and_get_reply(message_bus.AddMatch(MatchRule(type="signal", member="Update")))

    def note(expected: dict[str, Any]) -> None:
        with open(log, "a") as file:  # noqa: PTH123
            file.write(json.dumps(expected) + "\n")

    note({"ready": os.getpid()})
    number = 0
    while True:
        message = line.receive()
        fields = message.header.fields
        if message.header.message_type is MessageType.signal and fields.get(3) == "Update":
            _, expected = message.body
            note({"progress": round(100 * expected["progress"][1]) if expected["progress-visible"][1] else None})
        if message.header.message_type is not MessageType.method_call:
            continue
        member = fields.get(3)
        if member == "Notify":
            number += 1
            _, _, icon, title, text, actions, hints, _ = message.body
            note({"title": title, "text": text, "actions": actions, "icon": icon, "entry": hints["desktop-entry"][1]})
            line.send(new_method_return(message, "u", (number,)))
            if action in actions:
                where = DBusAddress("/org/freedesktop/Notifications", interface=NOTIFICATIONS)
                line.send(new_signal(where, "ActionInvoked", "us", (number, action)))
        elif member == "Inhibit":
            note({"inhibit": message.body[1]})
            line.send(new_method_return(message, "u", (7,)))
        else:
            line.send(new_error(message, "org.freedesktop.DBus.Error.UnknownMethod"))


if __name__ == "__main__":
    main(*sys.argv[1:])
