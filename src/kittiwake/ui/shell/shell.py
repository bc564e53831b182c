"""What the parts that a window is put together of may ask of it."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING, Protocol

if TYPE_CHECKING:
    from ...work.project.recent import RecentJobs
    from ..board.view import Board
    from ..ear.player import Player
    from ..settings.held import HeldSettings
    from ..workers.outputs import OutputWorker
    from ..workers.watched_folders import WatchWorker
    from .bench import Bench
    from .context import Context
    from .session import Session
    from .status_bar import StatusBar


class Shell(Protocol):
    """A window, as its parts know it; the window knows them, and nobody else needs to know both."""

    settings: HeldSettings
    session: Session
    maker: OutputWorker
    player: Player
    board: Board
    bench: Bench
    status: StatusBar
    watching: WatchWorker
    recent: RecentJobs
    context: Context

    def run(self, id_: str) -> None: ...

    def add_paths(self, paths: list[Path]) -> None: ...

    def use_colours(self, dark: bool) -> None: ...

    def dress_anew(self) -> None: ...

    def name_keys(self) -> None: ...

    # Of every widget.

    def isActiveWindow(self) -> bool: ...

    def isMinimized(self) -> bool: ...

    def activateWindow(self) -> None: ...

    def raise_(self) -> None: ...

    def show(self) -> None: ...

    def showNormal(self) -> None: ...

    def close(self) -> bool: ...
