"""What a stand-in for a machine is, and which there are.

A receiver names the machine that its files are tried on (``standin = "beacon"`` in its TOML). One more is one file in ``machines`` of an
extension, and one for its panel, in ``panels``:

    @stand_in("beacon", "beacon")
    class Beacon: ...

A machine that holds many files has a ``shelf.Shelf`` called ``shelf``, which is kept between starts where that is wished.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Any, Protocol, TypeVar

import numpy as np
from numpy.typing import NDArray

from ...core.registry import Registry
from ...plain_data import dataclass


@dataclass(frozen=True, slots=True)
class StoredSound:
    """What a machine holds, and will let be heard.

    Attributes
    ----------
    sound : float32 [shape=(frames,)], nominal ±1.0.
    """

    name: str
    bytes: int
    rate: int
    sound: NDArray[np.float32]

    @property
    def seconds(self) -> float:
        return len(self.sound) / self.rate


@dataclass(frozen=True, slots=True)
class ActionResult:
    """What a machine does when something is done to it: words, and what is to be heard, if anything is."""

    sentence: str
    sound: StoredSound | None = None


@dataclass(frozen=True, slots=True)
class Action:
    """Something that can be done to a machine. ``word`` is what a script calls it, ``label`` what a button says; ``run(machine, argument)``.

    Attributes
    ----------
    takes : what the argument is; empty where there is none.
    """

    word: str
    label: str
    run: Callable[[Any, str], ActionResult]
    takes: str = ""


@dataclass(frozen=True, slots=True)
class Refusal:
    """Why a machine did not take a file; ``at`` is the byte where it stopped reading."""

    reason: str
    at: int


class Machine(Protocol):
    """One machine. What it is handed, it reads with a parser of its own that shares no code with the writers and readers of this program."""

    @property
    def held(self) -> StoredSound | None: ...

    @property
    def refusal(self) -> Refusal | None: ...

    def hand(self, name: str, data: bytes) -> bool:
        """Hand it a file; returns whether it was taken. ``refusal`` then says why not, and what it held before it holds still."""

    def press(self) -> StoredSound | None:
        """Set it off: what is to be heard, or None where it holds nothing."""


class WantsList(Machine, Protocol):
    """A machine of a kind with ``lists``."""

    def list_with(self, name: str, kind: str, size: int) -> bytes:
        """The list of what it holds and of one file more, for whoever hands over a single one: nothing that it holds is dropped.

        Parameters
        ----------
        kind : of the message that the file is; one that it does not know counts as the lowest.
        size : bytes of the file.
        """


@dataclass(frozen=True, slots=True)
class Kind:
    """A kind of machine. ``key`` is what receivers call it, ``name`` what people do.

    Attributes
    ----------
    actions : what can be done to it beside handing it files and setting it off.
    pace : bytes a second that get through to it; None where that takes no time.
    lists : whether it wants the list of what will come first (``manifest.jsonl``).
    """

    key: str
    name: str
    make: Callable[[], Machine]
    actions: tuple[Action, ...] = ()
    pace: float | None = None
    lists: bool = False


Made = TypeVar("Made", bound=Callable[[], Machine])
_KINDS: Registry[str, Kind] = Registry("stand-in", door="machines")


def stand_in(
    key: str, name: str, actions: tuple[Action, ...] = (), pace: float | None = None, lists: bool = False
) -> Callable[[Made], Made]:
    """Register what makes a machine."""

    def registered(make: Made) -> Made:
        _KINDS.add(key, Kind(key, name, make, actions, pace, lists))
        return make

    return registered


def kinds() -> dict[str, Kind]:
    """All kinds of machines by their keys."""
    return _KINDS.found()
