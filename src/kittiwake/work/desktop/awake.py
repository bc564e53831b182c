"""Keeps the machine from sleeping while something is made."""

from __future__ import annotations

import contextlib
import os
from typing import Any

from .bus import NoBusError, call

#: Who may be asked, in turn: of systemd, of the desktop, of the older ways of desktops.
_LOGIN = ("SYSTEM", "org.freedesktop.login1", "/org/freedesktop/login1", "org.freedesktop.login1.Manager")
_SAVER = ("SESSION", "org.freedesktop.ScreenSaver", "/org/freedesktop/ScreenSaver", "org.freedesktop.ScreenSaver")
_POWER = (
    "SESSION",
    "org.freedesktop.PowerManagement",
    "/org/freedesktop/PowerManagement/Inhibit",
    "org.freedesktop.PowerManagement.Inhibit",
)


class Awake:
    """Holds sleep off from ``hold`` to ``let_go``; where nobody can be asked it does nothing.

    Attributes
    ----------
    by : who was asked; empty while nothing is held.
    """

    def __init__(self) -> None:
        self.by = ""
        self._handle: int | None = None
        self._line: Any = None

    def hold(self, why: str) -> bool:
        """Ask; whether somebody does it."""
        self.let_go()
        with contextlib.suppress(NoBusError):
            # The lock holds as long as this file is open, so it ends with the process whatever happens.
            self._line, (file,) = call(*_LOGIN, "Inhibit", "ssss", "sleep:idle", "Kittiwake", why, "block", fds=True)
            self._handle, self.by = file.to_raw_fd(), _LOGIN[1]
            return True
        for way in (_SAVER, _POWER):
            with contextlib.suppress(NoBusError):
                # These hold as long as the line is open.
                self._line, _ = call(*way, "Inhibit", "ss", "Kittiwake", why)
                self.by = way[1]
                return True
        return False

    def let_go(self) -> None:
        if self._handle is not None:
            os.close(self._handle)
        if self._line is not None:
            with contextlib.suppress(OSError):
                self._line.close()
        self._handle, self._line, self.by = None, None, ""
