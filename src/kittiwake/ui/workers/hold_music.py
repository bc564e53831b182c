"""Makes hold music in the background."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from ...core.music.making import write_hold
from ...core.music.recipe import HoldRecipe
from ...words import tr
from .background import Background


class HoldMusicWorker(QObject):
    """``made`` with the recipe, and what came of it (``HoldMusicResult``) or a sentence."""

    made = Signal(object, object)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._work = Background("holder", tr("The music could not be made"))

    @property
    def busy(self) -> bool:
        return self._work.busy

    def make(self, recipe: HoldRecipe, folder: Path) -> None:
        """Write the music of a recipe, whose files have whole paths, in place of what is being made: nothing comes of that any more."""

        def work(stopped: Callable[[], bool]) -> None:
            found = write_hold(recipe, folder, folder, stopped)
            if not stopped():
                self.made.emit(recipe, found)

        self._work.begin_instead(work, lambda wrong: self.made.emit(recipe, wrong) if wrong else None)

    def wait(self, seconds: float) -> None:
        """Wait for the end of what is going on."""
        self._work.wait(seconds)

    def stop(self) -> None:
        self._work.stop()

    def shut_down(self) -> None:
        self._work.shut_down(30)
