"""Asks a service about made files in the background."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from ...core.ear.hearers import Hearers
from ...core.model.service import Service
from ...core.service.ask import Store, ToAsk, hear
from ...words import tr
from ..widgets.sentence import Sentence
from .background import Background

if TYPE_CHECKING:
    from ...core.service.simulated import Simulated


class ServiceWorker(QObject):
    """``answered`` with each answer as it comes; ``finished`` with what went wrong, in words."""

    started = Signal(int)
    answered = Signal(object)  # Answer
    partly = Signal(str, str)  # name of a clip, and what was heard of it so far
    finished = Signal(Sentence)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._work = Background("asker", tr("Asking failed"))
        self.simulated: Simulated | None = None
        self._engines: Hearers | None = None
        self._url = ""

    @property
    def busy(self) -> bool:
        return self._work.busy

    def ask(self, items: Sequence[ToAsk], service: Service, store: Path) -> bool:
        """Begin; whether that was done. A service without an address is the simulated one, which is begun with the first question."""
        if self.busy or not items:
            return False

        def work(stopped: Callable[[], bool]) -> None:
            for answer in hear(items, service, self.url_of(service), Store(store), stopped, partly=self.partly.emit):
                self.answered.emit(answer)

        self.started.emit(len(items))
        return self._work.begin(work, self.finished.emit)

    def url_of(self, service: Service) -> str:
        """Where a service is asked; the simulated one is begun."""
        return service.url or self._simulated()

    def _simulated(self) -> str:
        if self.simulated is None:
            from ...core.service.simulated import Simulated, own_engines  # a server: loaded with the first question

            self._engines = own_engines()
            self.simulated = Simulated(self._engines.hear)
            self._url = self.simulated.start()
        return self._url

    def stop(self) -> None:
        self._work.stop()

    def shut_down(self) -> None:
        self._work.shut_down()
        if self.simulated is not None:
            self.simulated.stop()
        if self._engines is not None:
            self._engines.close()
