"""What a command works on."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Protocol, TypeVar

from ...core.errors import KittiwakeError
from ...plain_data import dataclass

if TYPE_CHECKING:
    from PySide6.QtGui import QAction
    from PySide6.QtWidgets import QWidget

    from ...core.model import Clip, Receiver
    from ..board.filter_bar import FilterBar
    from ..board.view import Board
    from ..ear.player import Player
    from ..ear.stated import Hearing
    from ..settings.held import HeldSettings
    from ..workers.outputs import OutputWorker
    from ..workers.watched_folders import WatchWorker
    from .autosave import Autosave
    from .bench import Bench
    from .playback import PlaybackController
    from .session import Session
    from .splitter import BoardBenchSplitter
    from .state_counter import StateCounter
    from .status_bar import StatusBar


Shown = TypeVar("Shown", bound="QWidget")


class View(Protocol):
    """What a command may ask of the window."""

    filter: FilterBar
    halves: BoardBenchSplitter
    counter: StateCounter
    autosave: Autosave
    qactions: dict[str, QAction]

    def add_paths(self, paths: list[Path]) -> None: ...

    def open_job(self, path: Path) -> bool: ...

    def may_part(self) -> bool: ...

    def save_job(self, path: Path) -> bool: ...

    def show_choice(self, clip: Clip | None, receiver: Receiver | None) -> None: ...

    def load_ear(self, clip: Clip | None, receiver: Receiver | None) -> None: ...

    def count(self) -> None: ...

    def close(self) -> bool: ...


@dataclass(frozen=True, slots=True)
class Context:
    """The work at hand and the parts of the window.

    Attributes
    ----------
    session : the job, and what is known of it.
    maker : makes outputs.
    player, hearing : the ear.
    board, bench, status : what is shown; ``status.say`` tells the user something.
    view : the window, as what it shows and takes.
    window : the same as the parent of a dialog.
    settings : what the person has set.
    watching : folders that are watched while the window is open.
    playback : what is given to the ear.
    """

    session: Session
    maker: OutputWorker
    player: Player
    hearing: Hearing
    board: Board
    bench: Bench
    status: StatusBar
    view: View
    window: QWidget
    settings: HeldSettings
    watching: WatchWorker
    playback: PlaybackController

    def show_one(self, kind: type[Shown], make: Callable[[], Shown]) -> Shown:
        """A dialog that stays open beside the window: the one of its kind that is open comes to the front, or one is made."""
        for one in self.window.findChildren(kind):
            if one.isVisible():
                one.raise_()
                one.activateWindow()
                return one
        new = make()
        new.show()
        return new

    def attempt(self, work: Callable[[], object]) -> bool:
        """Do something that may fail for reasons the user should read; whether it was done."""
        try:
            work()
        except KittiwakeError as error:
            self.status.say(str(error))
            return False
        return True
