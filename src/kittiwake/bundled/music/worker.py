"""Makes hold music in the background."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject

from ...ui.workers.worker import Outcome, Worker
from ...words import tr
from .core.making import HoldMusicResult, write_hold
from .core.recipe import HoldRecipe


class HoldMusicWorker(Worker):
    """Writes the music of one recipe at a time."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent, tr("The music could not be made"))

    def make(
        self, recipe: HoldRecipe, folder: Path, then: Callable[[Outcome[HoldRecipe, HoldMusicResult]], object]
    ) -> None:
        """Write the music of a recipe, whose files have whole paths, in place of what is being made: nothing comes of that any more."""
        self.begin(recipe, lambda task: write_hold(recipe, folder, folder, task.stopped), then, instead=True)
