"""Makes hold music in the background."""

from __future__ import annotations

from pathlib import Path
from threading import Event, Thread

from PySide6.QtCore import QObject, Signal

from ..core.errors import KittiwakeError
from ..core.music.making import write_hold
from ..core.music.recipe import HoldRecipe


class Holder(QObject):
    """``made`` with the recipe, and what came of it (``Held``) or a sentence."""

    made = Signal(object, object)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._thread: Thread | None = None
        self._stop = Event()

    @property
    def busy(self) -> bool:
        return self._thread is not None and self._thread.is_alive()

    def make(self, recipe: HoldRecipe, folder: Path) -> bool:
        """Write the music of a recipe, whose files have whole paths; whether that began."""
        if self.busy:
            return False
        self._stop.clear()

        def work() -> None:
            came: object
            try:
                came = write_hold(recipe, folder, folder, self._stop.is_set)
            except KittiwakeError as error:
                came = str(error)
            except Exception as error:  # the thread's last chance to tell anybody
                came = f"The music could not be made: {error}."
            self.made.emit(recipe, came)

        self._thread = Thread(target=work, name="holder", daemon=True)
        self._thread.start()
        return True

    def stop(self) -> None:
        self._stop.set()

    def shut_down(self) -> None:
        self.stop()
        if self._thread is not None:
            self._thread.join(30)
