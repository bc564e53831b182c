"""The bridge between a project, which knows nothing of Qt, and the window: its events as signals, and what works on it in the background."""

from __future__ import annotations

import time
from collections import deque
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from ...core.cache.drawing import PartialOverview
from ...core.model import Facts
from ...work.project import Project
from ...work.project.events import Event
from ..widgets.sentence import Sentence
from ..workers.output_checks import OutputChecker
from ..workers.sources import SourceWorker
from ..workers.span_levels import SpanLevels

_ADDING = 0.006  # s that putting found recordings on the board may take in one go


class Session(QObject):
    """A project in a window.

    Attributes
    ----------
    project : the work itself; its changes come as the signals below.
    looker, outputs, span_levels : look at sources and outputs in the background.
    partial : what can be drawn of sources that are still being looked at.
    """

    job_left = Signal()  # another job takes the place of this one: what is kept of this one is nothing to it
    job_changed = Signal()
    history_changed = Signal()
    facts_arrived = Signal(Path)
    partly_looked = Signal(Path)
    cell_changed = Signal(str, str)  # clip id, receiver slug
    column_changed = Signal(str)  # receiver slug
    message = Signal(Sentence)
    calm = Signal()  # what was found is on the board, and all of it is known

    def __init__(self, project: Project | None = None) -> None:
        super().__init__()
        self.project = project = project or Project()
        self._ties: list[tuple[Event, Callable[..., object]]] = []
        self._tie(project.job_changed, self.job_changed.emit)
        self._tie(project.history.changed, self.history_changed.emit)
        self._tie(project.facts_arrived, self.facts_arrived.emit)
        self._tie(project.cell_changed, self.cell_changed.emit)
        self._tie(project.column_changed, self.column_changed.emit)
        self._tie(project.message, self.message.emit)
        self._tie(project.wanted, lambda paths, anew: self.looker.want(paths, project.job.stated, anew=anew))
        self._tie(project.dropped, self._drop)
        self._tie(project.opened, lambda: self.outputs.look(now=True))
        self.outputs = OutputChecker(project, self)
        self.outputs.news.connect(project.outputs.take_news)
        self.span_levels = SpanLevels(self)
        self.looker = SourceWorker(self)
        project.plans.still_coming = lambda: bool(self.looker.waiting)
        self.looker.looked.connect(self._take_facts)
        self.looker.found.connect(self._take_found)
        self.partial: dict[Path, PartialOverview] = {}
        self.looker.partly_looked.connect(self._take_partial)
        self.looker.suspected.connect(project.take_suspicions)
        self._found: deque[str] = deque()  # by a search that still goes on
        self._lot = 50
        self._adding = QTimer(self)
        self._adding.setInterval(30)
        self._adding.timeout.connect(self._add_found)
        self._calm = QTimer(self)
        self._calm.setSingleShot(True)
        self._calm.setInterval(150)
        self._calm.timeout.connect(self._all_looked)

    def _tie(self, event: Event, callback: Callable[..., object]) -> None:
        event.connect(callback)
        self._ties.append((event, callback))

    def untie(self) -> None:
        """Listen to the project no more: another window has it now."""
        for event, callback in self._ties:
            event.disconnect(callback)
        self._ties = []

    def _drop(self) -> None:
        """Another job: nothing that was to come is wanted any more."""
        self.looker.drop_all()
        self._found.clear()
        self._adding.stop()
        self.looker.held_back = False
        self.partial.clear()
        self.job_left.emit()
        self.outputs.begin_job()  # last: whoever leaves the job may still have asked it something

    @property
    def adding(self) -> bool:
        """Whether what a search has found is being put on the board."""
        return self._adding.isActive()

    @property
    def busy(self) -> bool:
        """Whether sources are being looked for or looked at."""
        return bool(self._found) or self.looker.busy

    def _take_found(self, paths: list[str]) -> None:
        """What a search has found is put on the board a little at a time, and taken back as one change."""
        self._found += paths
        self._adding.start()
        self.looker.held_back = True

    def _add_found(self) -> None:
        began = time.thread_time()  # of the processor, whatever else it does meanwhile
        lot = [Path(self._found.popleft()) for _ in range(min(self._lot, len(self._found)))]
        self.project.add_sources(lot, more=True)
        took = max(time.thread_time() - began, 1e-6)
        self._lot = max(20, min(500, round(self._lot * max(0.5, min(1.5, _ADDING / took)))))
        if not self._found:
            self._adding.stop()
            self.looker.held_back = False
        if not self.busy:
            self.calm.emit()

    def _take_partial(self, partial: PartialOverview) -> None:
        if partial.path not in self.project.facts:
            self.partial[partial.path] = partial
            self.partly_looked.emit(partial.path)

    def _take_facts(self, facts: Facts) -> None:
        self.partial.pop(facts.path, None)
        self.project.take_facts(facts)
        self._calm.start()

    def _all_looked(self) -> None:
        """Once nothing more comes in, the sources of each folder are compared."""
        if self.busy:
            self._calm.start()
            return
        for known in self.project.to_compare():
            self.looker.compare(known)
