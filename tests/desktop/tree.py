"""The accessibility tree as a reader of screens gets it: AT-SPI over D-Bus, asked directly."""

from __future__ import annotations

import contextlib
from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any

from jeepney import DBusAddress, Properties, new_method_call
from jeepney.io.blocking import DBusConnection, open_dbus_connection
from jeepney.wrappers import DBusErrorResponse, unwrap_msg

_PREFIX = "org.a11y.atspi."
#: AtspiStateType, by their numbers.
STATES = {"enabled": 8, "focusable": 11, "focused": 12, "sensitive": 24, "showing": 25, "visible": 30, "checked": 4}


@dataclass(frozen=True)
class Node:
    """One thing that is told of."""

    tree: Tree
    bus: str
    path: str

    def _ask(self, interface: str, method: str, signature: str | None = None, *body: Any) -> Any:
        where = DBusAddress(self.path, self.bus, _PREFIX + interface)
        return unwrap_msg(
            self.tree.line.send_and_get_reply(new_method_call(where, method, signature, body), timeout=10)
        )

    def _property(self, interface: str, name: str) -> Any:
        where = DBusAddress(self.path, self.bus, _PREFIX + interface)
        return unwrap_msg(self.tree.line.send_and_get_reply(Properties(where).get(name), timeout=10))[0][1]

    @property
    def name(self) -> str:
        return str(self._property("Accessible", "Name"))

    @property
    def description(self) -> str:
        return str(self._property("Accessible", "Description"))

    @property
    def role(self) -> str:
        return str(self._ask("Accessible", "GetRoleName")[0])

    @property
    def value(self) -> str:
        """What stands in it: text, or a number; empty where it has neither."""
        with contextlib.suppress(DBusErrorResponse):
            return str(self._ask("Text", "GetText", "ii", 0, -1)[0])
        with contextlib.suppress(DBusErrorResponse):
            return str(self._property("Value", "CurrentValue"))
        return ""

    def has(self, state: str) -> bool:
        low, high = self._ask("Accessible", "GetState")[0]
        number = STATES[state]
        return bool((low | high << 32) >> number & 1)

    def children(self) -> list[Node]:
        return [Node(self.tree, bus, path) for bus, path in self._ask("Accessible", "GetChildren")[0]]

    def walk(self, most: int = 4000) -> Iterator[Node]:
        """This and everything in it."""
        left, reported = [self], 0
        while left and reported < most:
            one = left.pop()
            reported += 1
            yield one
            with contextlib.suppress(DBusErrorResponse):
                left += reversed(one.children())

    def press(self) -> None:
        """Do what it is there for."""
        self._ask("Action", "DoAction", "i", 0)


class Tree:
    """``applications`` are those that are open."""

    def __init__(self, session_bus: str) -> None:
        with open_dbus_connection(session_bus) as session:
            where = DBusAddress("/org/a11y/bus", "org.a11y.Bus", "org.a11y.Bus")
            (address,) = unwrap_msg(session.send_and_get_reply(new_method_call(where, "GetAddress"), timeout=10))
        self.line: DBusConnection = open_dbus_connection(address)

    def applications(self) -> list[Node]:
        root = Node(self, "org.a11y.atspi.Registry", "/org/a11y/atspi/accessible/root")
        return root.children()

    def find(self, name: str, role: str = "") -> Node | None:
        """The first thing that shows with this in its name."""
        for application in self.applications():
            with contextlib.suppress(DBusErrorResponse):
                for node in application.walk():
                    if name in node.name and (not role or node.role == role) and node.has("showing"):
                        return node
        return None

    def close(self) -> None:
        self.line.close()
