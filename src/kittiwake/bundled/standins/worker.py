"""Calls to the stand-in telephone system, in the background, one after the other."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject

from ...ui.workers.worker import Outcome, Worker
from ...words import tr
from ...work.standin.machine import ActionResult


class CallWorker(Worker):
    """Does with the telephone what it is asked, in order; ``done`` is called with what came of each."""

    def __init__(self, parent: QObject, done: Callable[[Outcome[None, ActionResult]], object]) -> None:
        super().__init__(parent, tr("The call failed"))
        self._done = done

    def do(self, work: Callable[[], ActionResult]) -> None:
        """Do something with the telephone."""
        self.queue(None, lambda _: work(), self._done)
