"""Notifications through the desktop's own service (Desktop Notifications Specification 1.2)."""

from __future__ import annotations

import contextlib
import threading
from collections.abc import Callable, Mapping
from typing import Any

from .bus import open_line

_NAME, _PATH = "org.freedesktop.Notifications", "/org/freedesktop/Notifications"
_WAIT = 2.0  # s for the service to answer
_LISTEN = 600.0  # s that somebody has for pressing an action


class Notifier:
    """Tells something, and hears which action was pressed, in a thread of its own."""

    def __init__(self) -> None:
        self._stop = threading.Event()
        self._threads: list[threading.Thread] = []

    def tell(
        self,
        title: str,
        text: str,
        actions: Mapping[str, str] | None = None,
        chosen: Callable[[str], object] | None = None,
    ) -> None:
        """Show a notification; where there is no service nothing happens.

        Parameters
        ----------
        actions : key -> words of each button; ``default`` is a press on the notification itself.
        chosen : called in the thread with the key of what was pressed.
        """
        thread = threading.Thread(
            target=self._run, args=(title, text, dict(actions or {}), chosen), name="notification", daemon=True
        )
        self._threads = [one for one in self._threads if one.is_alive()] + [thread]
        thread.start()

    def _run(self, title: str, text: str, actions: dict[str, str], chosen: Callable[[str], object] | None) -> None:
        with contextlib.suppress(Exception):  # a desktop without notifications is none of the user's troubles
            _tell(title, text, actions, chosen, self._stop)

    def stop(self) -> None:
        """Nobody listens to actions any more."""
        self._stop.set()


def _tell(
    title: str, text: str, actions: dict[str, str], chosen: Callable[[str], object] | None, stop: threading.Event
) -> None:
    from jeepney import DBusAddress, MatchRule, message_bus, new_method_call
    from jeepney.io.blocking import Proxy
    from jeepney.wrappers import unwrap_msg

    with open_line("SESSION") as line:
        rule = MatchRule(type="signal", interface=_NAME, path=_PATH)
        Proxy(message_bus, line, timeout=_WAIT).AddMatch(rule)
        words = [word for pair in actions.items() for word in pair]
        hints = {"desktop-entry": ("s", "kittiwake"), "category": ("s", "transfer.complete")}
        message = new_method_call(
            DBusAddress(_PATH, _NAME, _NAME),
            "Notify",
            "susssasa{sv}i",
            ("Kittiwake", 0, "kittiwake", title, text, words, hints, -1),
        )
        with line.filter(rule) as news:
            number = unwrap_msg(line.send_and_get_reply(message, timeout=_WAIT))[0]
            if chosen is not None:
                _listen(line, news, number, chosen, stop)


def _listen(line: Any, news: Any, number: int, chosen: Callable[[str], object], stop: threading.Event) -> None:
    waited = 0.0
    while not stop.is_set() and waited < _LISTEN:
        try:
            signal = line.recv_until_filtered(news, timeout=0.5)
        except TimeoutError:
            waited += 0.5
            continue
        member = signal.header.fields.get(3)  # MEMBER
        if signal.body and signal.body[0] == number and member == "ActionInvoked":
            chosen(str(signal.body[1]))
            return
        if signal.body and signal.body[0] == number and member == "NotificationClosed":
            return
