"""Looks for sources that have moved, beside the window."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject

from ...core.cache.facts_cache import FactsCache
from ...words import tr
from ...work.project.moved import Known, Moved, find_moved, missing_sources
from ..shell.session import Session
from .worker import Outcome, Worker


class MovedSources(Worker):
    """One search for the sources of the job that is open when it begins; of another job nothing is told."""

    def __init__(self, session: Session, parent: QObject) -> None:
        super().__init__(parent, tr("They could not be looked for"))
        job = session.project.job
        self.missing = missing_sources(job)
        # Of what was made of a source its bytes are known at least.
        sizes = {record.clip: record.stamp.partition(":")[0] for record in job.made}
        self._bytes = {clip.source: int(sizes[clip.id]) for clip in job.clips if sizes.get(clip.id, "").isdigit()}
        session.job_left.connect(self._leave)

    def look(self, folder: Path, then: Callable[[Outcome[Path, Moved]], object]) -> None:
        """Look below a folder."""
        cache, sizes = FactsCache(), self._bytes

        def known(source: Path) -> Known:
            seen = cache.last_seen(source)
            return Known(*seen) if seen else Known(sizes.get(source))

        def over(outcome: Outcome[Path, Moved]) -> None:
            self.deleteLater()
            then(outcome)

        self.begin(folder, lambda task: find_moved(self.missing, folder, known, task.stopped), over)

    def _leave(self) -> None:
        self.drop()
        self.deleteLater()
