"""Things of one kind by their keys: what formats, rules, remedies, touch-ups, voices, engines, machines, panels, settings and commands are kept in."""

from __future__ import annotations

from collections.abc import Callable
from importlib import import_module
from typing import Generic, TypeVar

from .extensions import import_all, import_door

Key = TypeVar("Key")
Thing = TypeVar("Thing")


class Registry(dict[Key, Thing], Generic[Key, Thing]):
    """A dictionary to which nothing is added twice.

    Parameters
    ----------
    kind : what one of them is, for the message to whoever adds it: ``touch-up``.
    room : package of which each module adds its own when it is imported; empty where they are imported otherwise.
    door : what extensions have of them lies under this name.
    place : where one stands among the others; without it they stay in the order in which they are added.
    """

    def __init__(
        self, kind: str, room: str = "", door: str = "", place: Callable[[Thing], float] | None = None
    ) -> None:
        super().__init__()
        self._kind, self._room, self._door, self._place = kind, room, door, place

    def add(self, key: Key, thing: Thing) -> Thing:
        """Gives ``thing`` back.

        Raises
        ------
        ValueError : there is one of that key.
        """
        if key in self:
            raise ValueError(f"there is a {self._kind} {key} already")
        self[key] = thing
        if self._place is not None:
            ordered = sorted(self.items(), key=lambda one: self._place(one[1]))  # type: ignore[misc]
            self.clear()
            self.update(ordered)
        return thing

    def found(self) -> Registry[Key, Thing]:
        """Itself, once every module of its room, and of what extensions have behind its door, has added what it has."""
        if self._room or self._door:
            # Modules that ask while they are imported get what is there so far.
            room, door, self._room, self._door = self._room, self._door, "", ""
            try:
                if room:
                    import_all(room, import_module(room).__path__)
                if door:
                    import_door(door)
            except BaseException:
                self._room, self._door = room, door
                raise
        return self
