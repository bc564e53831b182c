"""Asks a service about made files in the background."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QObject

from ...core.ear.hearers import Hearers
from ...core.model.service import Service
from ...ui.workers.worker import Outcome, Task, Worker
from ...words import tr
from .core.ask import Answer, Store, ToAsk, hear

if TYPE_CHECKING:
    from .core.simulated import Simulated


class PartlyHeard(NamedTuple):
    """What was heard so far of a clip."""

    clip: str
    text: str


class ServiceWorker(Worker):
    """Asks one service at a time."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent, tr("Asking failed"))
        self.simulated: Simulated | None = None
        self._engines: Hearers | None = None
        self._url = ""

    def ask(
        self,
        items: Sequence[ToAsk],
        service: Service,
        store: Path,
        each: Callable[[Answer | PartlyHeard], object],
        then: Callable[[Outcome[Service, None]], object],
    ) -> bool:
        """Begin; whether that was done. ``each`` is called with every answer as it comes, and with what was heard by then of one that lasts.

        A service without an address is the simulated one, which is begun with the first question.
        """

        def work(task: Task) -> None:
            def partly(clip: str, text: str) -> None:
                task.report(PartlyHeard(clip, text))

            for answer in hear(items, service, self.url_of(service), Store(store), task.stopped, partly=partly):
                task.report(answer)

        return bool(items) and self.begin(service, work, then, each)

    def url_of(self, service: Service) -> str:
        """Where a service is asked; the simulated one is begun."""
        return service.url or self._simulated()

    def _simulated(self) -> str:
        if self.simulated is None:
            from .core.simulated import Simulated, own_engines  # a server: loaded with the first question

            self._engines = own_engines()
            self.simulated = Simulated(self._engines.hear)
            self._url = self.simulated.start()
        return self._url

    def shut_down(self, seconds: float = 10.0) -> None:
        super().shut_down(seconds)
        if self.simulated is not None:
            self.simulated.stop()
        if self._engines is not None:
            self._engines.close()
