"""What a command works on."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import TYPE_CHECKING

from ..core.errors import KittiwakeError

if TYPE_CHECKING:
    from .bench.bench import Bench
    from .board.view import Board
    from .ear.player import Player
    from .ear.stated import Hearing
    from .making import Maker
    from .session import Session
    from .status_bar import StatusBar
    from .window import Window


@dataclass(frozen=True, slots=True)
class Context:
    """The work at hand and the parts of the window.

    Attributes
    ----------
    session : the job, and what is known of it.
    maker : makes outputs.
    player, hearing : the ear.
    board, bench, status : what is shown; ``status.say`` tells the user something.
    window : asks, and is asked about.
    """

    session: Session
    maker: Maker
    player: Player
    hearing: Hearing
    board: Board
    bench: Bench
    status: StatusBar
    window: Window

    def attempt(self, work: Callable[[], object]) -> bool:
        """Do something that may fail for reasons the user should read; whether it was done."""
        try:
            work()
        except KittiwakeError as error:
            self.status.say(str(error))
            return False
        return True
