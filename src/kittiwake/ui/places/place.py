"""What a place is, and which there are.

Each is a folder here or in ``places`` of an extension, and its ``page.py`` adds it; one from outside may add it in a file of its own:

    @place("tone", "Tones", Stop.SOUND, share=0.68, alone=True, stays=True)
    def tone_page(at: Context) -> TonePage:
        page = TonePage(at.session)
        page.heard.connect(at.playback.hear_file)
        return page

Nothing here is loaded before somebody wants to go there: asking whether a page is built builds none.
"""

from __future__ import annotations

from collections.abc import Callable
from enum import Enum
from pkgutil import iter_modules
from typing import TYPE_CHECKING, TypeVar

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QApplication, QWidget

from ...core.extensions import behind, import_of
from ...core.registry import Registry
from ...plain_data import dataclass
from ...words import phrase
from ..widgets.sentence import Sentence

if TYPE_CHECKING:
    from ..shell.context import Context


class Stop(Enum):
    """The stops of the way through the work, in their order."""

    SOUND = phrase("Sound")
    RECEIVERS = phrase("Receivers")
    MAKE = phrase("Make")
    HEAR = phrase("Hear")
    HAND_OVER = phrase("Hand over")
    TRY = phrase("Try")


class PlacePage(QWidget):
    """What the bench asks of a page; ``begin`` is its own, with whatever it is opened for.

    ``message`` is for the status line.
    """

    message = Signal(Sentence)

    def set_playing(self, seconds: float | None) -> None:
        """What is heard is at this second of what the page shows; None: nothing is."""

    def delete_chosen(self) -> bool:
        """Take away what is chosen in the page, if Del means that here; whether it does."""
        return False

    @property
    def stays_in_sight(self) -> bool:
        """Whether what goes on here is to be seen until it is over, wherever else one looks."""
        return False

    def shut_down(self) -> None:
        """End what goes on in the background; nothing of it arrives afterwards."""


def keyboard_is_in(page: QWidget) -> bool:
    """Whether a page is shown and has the keyboard."""
    focus = QApplication.focusWidget()
    return page.isVisible() and focus is not None and page.isAncestorOf(focus)


Build = Callable[["Context"], PlacePage]
Builder = TypeVar("Builder", bound=Callable[..., PlacePage])


@dataclass(frozen=True, slots=True)
class Place:
    """Attributes
    ----------
    key : name of its folder.
    title : what it is called.
    stop : where on the way it is.
    build : makes its page, and connects it.
    share : of the height of board and bench, which its page gets until somebody parts them otherwise.
    alone : the board is a line meanwhile.
    stays : somebody works there, which new rows of the board must not end.
    """

    key: str
    title: str
    stop: Stop
    build: Build
    share: float
    alone: bool
    stays: bool


_PLACES: Registry[str, Place] = Registry("place")


def place(
    key: str, title: str, stop: Stop, *, share: float = 0.5, alone: bool = False, stays: bool = False
) -> Callable[[Builder], Builder]:
    """Add a place; what is decorated makes its page of a ``Context``. See ``Place``.

    Raises
    ------
    ValueError : there is one of that key.
    """

    def added(build: Builder) -> Builder:
        _PLACES.add(key, Place(key, phrase(title), stop, build, share, alone, stays))
        return build

    return added


def place_of(key: str) -> Place:
    """The place of that key; its module is loaded, and no other.

    Raises
    ------
    KeyError : there is none.
    """
    if key not in _PLACES and key in (rooms := _rooms()):
        import_of(f"{rooms[key]}.{key}.page")
    return _PLACES[key]


def places() -> list[Place]:
    """All there are, along the way; every one is loaded."""
    for key in _rooms():
        place_of(key)
    stops = list(Stop)
    return sorted(_PLACES.values(), key=lambda one: stops.index(one.stop))


def _rooms() -> dict[str, str]:
    """The package that each place lies in, by its key: the folders here, and those of extensions."""
    return {
        found.name: room
        for room in (str(__package__), *behind("places"))
        for found in iter_modules(import_of(room).__path__)
        if found.ispkg
    }
