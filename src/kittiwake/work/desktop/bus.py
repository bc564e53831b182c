"""The buses of a desktop: one call at a time, and nothing that waits for long."""

from __future__ import annotations

import os
from typing import Any

_WAIT = 2.0  # s for an answer; whoever takes longer does without us


class NoBusError(Exception):
    """There is no such bus, nobody on it offers what was asked, or it was refused."""


def open_line(bus: str, fds: bool = False) -> Any:
    """A line to a bus, to be closed by whoever asked for it; parameters as of ``call``.

    Raises
    ------
    NoBusError
    """
    if bus == "SESSION" and not os.environ.get("DBUS_SESSION_BUS_ADDRESS"):
        raise NoBusError("there is no session bus")
    # Loaded here: most starts need none of it.
    from jeepney.io.blocking import open_dbus_connection

    try:
        return open_dbus_connection(bus=bus, enable_fds=fds)
    except Exception as error:  # whatever a bus can be instead of one
        raise NoBusError(str(error)) from error


def call(
    bus: str, name: str, path: str, interface: str, method: str, signature: str = "", *body: Any, fds: bool = False
) -> tuple[Any, Any]:
    """Call a method; returns the line, which is to be closed, and what was answered.

    Parameters
    ----------
    bus : ``SESSION`` or ``SYSTEM``.
    fds : whether the answer holds open files; the line has to stay open as long as they are wanted.

    Raises
    ------
    NoBusError
    """
    from jeepney import DBusAddress, MessageType, new_method_call

    line = open_line(bus, fds)
    try:
        message = new_method_call(DBusAddress(path, name, interface), method, signature or None, body)
        reply = line.send_and_get_reply(message, timeout=_WAIT)
    except Exception as error:  # whatever a bus can be instead of one
        line.close()
        raise NoBusError(str(error)) from error
    if reply.header.message_type is MessageType.error:
        line.close()
        raise NoBusError(str(reply.body))
    return line, reply.body
