"""Which lines of a list are said in spans, found out by a speech engine in the background."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import NamedTuple

from PySide6.QtCore import QObject

from ...core.ear.listener import tell_lines
from ...core.errors import KittiwakeError
from ...core.model import Facts, Line, Span
from ...core.process import WorkerCrash, WorkerProcess
from ...words import tr
from ..workers.worker import Outcome, Task, Worker


class HeardSpan(NamedTuple):
    """Attributes
    ----------
    source, span_id : what was listened to.
    place : of the line that is heard, None where it is none.
    share : of all spans that is done, 0 to 1.
    """

    source: Path
    span_id: str
    place: int | None
    share: float


class Names(Worker):
    """Listens to the spans of one source at a time."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent, tr("Listening failed"))
        self._helper = WorkerProcess(tell_lines, reports=True)

    def listen(
        self,
        facts: Facts,
        spans: tuple[Span, ...],
        lines: tuple[Line, ...],
        each: Callable[[HeardSpan], object],
        then: Callable[[Outcome[Path, None]], object],
    ) -> None:
        """Begin to listen; what was under way is called off."""
        assert facts.measures
        asked = (facts.path, facts.stated, facts.measures.signal, spans, lines)

        def work(task: Task) -> None:
            wrong = self._helper.ask(asked, task.stopped, lambda news: task.report(HeardSpan(facts.path, *news)))
            if isinstance(wrong, WorkerCrash):
                raise KittiwakeError(tr("The speech engine crashed ({reason}).", reason=wrong.reason))
            if wrong:
                raise KittiwakeError(wrong)

        self.begin(facts.path, work, then, each, instead=True)

    def shut_down(self, seconds: float = 10.0) -> None:
        super().shut_down(seconds)
        self._helper.close()
