"""Progress in the task bar, where a desktop shows it: the signal that several of them listen to."""

from __future__ import annotations

import contextlib
from typing import Any

from .bus import NoBusError, open_line

_INTERFACE = "com.canonical.Unity.LauncherEntry"
_PATH = "/com/canonical/unity/launcherentry/1"


class TaskBar:
    """``show`` a share while something is made, ``clear`` at the end."""

    def __init__(self) -> None:
        self._line: Any = None
        self._shown = -1

    def show(self, share: float) -> None:
        """How far it is, 0 to 1; sent in whole per cent only."""
        percent = round(100 * share)
        if percent != self._shown:
            self._shown = percent
            self._tell({"progress": ("d", percent / 100), "progress-visible": ("b", True)})

    def clear(self) -> None:
        if self._shown >= 0:
            self._shown = -1
            self._tell({"progress-visible": ("b", False)})

    def _tell(self, values: dict[str, tuple[str, Any]]) -> None:
        with contextlib.suppress(NoBusError, OSError):  # whoever listens to nothing loses nothing
            if self._line is None:
                self._line = open_line("SESSION")
            from jeepney import DBusAddress, new_signal

            where = DBusAddress(_PATH, interface=_INTERFACE)
            self._line.send(new_signal(where, "Update", "sa{sv}", ("application://kittiwake.desktop", values)))

    def close(self) -> None:
        if self._line is not None:
            with contextlib.suppress(OSError):
                self._line.close()
            self._line = None
