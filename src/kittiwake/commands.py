"""Every command there is, once: menus, keys, the command palette, help and the terminal all read this registry.

A command of the window is a function near what it works on, registered where it is written:

    @command("view.levels", "Levels of the set", "One table of all levels, to be sorted.", "L", menu="View")
    def show_levels(at: Context) -> None: ...

Those of the application are in ``ui/commands``, one file a room, and in ``commands`` of bundled extensions. A verb of the terminal is registered by ``cli.common.verb``.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace
from typing import Any, TypeVar

from .core.registry import Registry
from .plain_data import dataclass
from .words import phrase

#: The menus, in their order.
MENUS = (
    phrase("Job"), phrase("Edit"), phrase("Record"), phrase("Cut"), phrase("Make"), phrase("Listen"), phrase("Receiver"), phrase("View"),
    phrase("Help"),
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class Command:
    """One thing that can be done.

    Attributes
    ----------
    id : ``room.verb``; of the terminal ``cli.verb``.
    text : as in a menu, without the key.
    help : one sentence.
    run : called with a ``ui.context.Context``; None where it is a verb of the terminal, which has words of its own.
    keys : as Qt writes them (``Ctrl+O``); the first is shown.
    menu : the menu it is in; empty where it is not in the window.
    """

    id: str
    text: str
    help: str
    run: Callable[[Any], object] | None = None
    keys: tuple[str, ...] = ()
    menu: str = ""

    @property
    def shown_keys(self) -> tuple[str, ...]:
        """Its keys as they are now; the person may have given it others."""
        return _REBOUND.get(self.id, self.keys)


Run = TypeVar("Run", bound=Callable[[Any], object])
_REGISTRY: Registry[str, Command] = Registry("command")
_REBOUND: dict[str, tuple[str, ...]] = {}


def register(new: Command) -> None:
    """Add a command to the registry.

    Raises
    ------
    ValueError : its id or one of its keys is taken, or there is no such menu.
    """
    if new.menu and new.menu not in MENUS:
        raise ValueError(f"{new.id}: there is no menu {new.menu}; the menus are {', '.join(MENUS)}")
    for key in new.keys:
        if other := next((one for one in _REGISTRY.values() if key in one.keys), None):
            raise ValueError(f"{new.id}: the key {key} is that of {other.id}")
    menu = next((menu for menu in MENUS if menu == new.menu), "")
    _REGISTRY.add(new.id, replace(new, menu=menu))


def command(id: str, text: str, help: str, *keys: str, menu: str) -> Callable[[Run], Run]:
    """Register a function of one argument, the context, as a command of the window; see ``Command`` and ``register``."""

    def registered(run: Run) -> Run:
        register(Command(id, phrase(text), phrase(help), run, keys, menu))
        return run

    return registered


def forget(id: str) -> None:
    """Take a command out again."""
    _REGISTRY.pop(id, None)


def rebind(keys: Mapping[str, tuple[str, ...]]) -> None:
    """Give commands other keys than those they come with, by their ids; all others have their own again."""
    _REBOUND.clear()
    _REBOUND.update({id: tuple(own_keys) for id, own_keys in keys.items() if id in _REGISTRY})


def conflicts() -> dict[str, list[Command]]:
    """Keys that more than one command of the window has, with those commands: pressed, they do nothing."""
    having: dict[str, list[Command]] = {}
    for one in window_commands():
        for key in one.shown_keys:
            having.setdefault(key, []).append(one)
    return {key: commands for key, commands in having.items() if len(commands) > 1}


def key_of(id: str) -> str:
    """The key that is shown for a command, as it is written (``Ctrl+O``); empty where it has none."""
    keys = _REGISTRY[id].shown_keys
    return keys[0].replace("Escape", "Esc").replace("Delete", "Del").replace("Return", "Enter") if keys else ""


def window_commands() -> list[Command]:
    """Those that are in a menu, menu by menu, each in the order of registration."""
    return [one for menu in MENUS for one in _REGISTRY.values() if one.menu == menu]


def verbs() -> dict[str, Command]:
    """Verbs of the terminal by their names."""
    return {one.text: one for one in _REGISTRY.values() if one.id.startswith("cli.")}
