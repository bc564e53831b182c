"""Speech levels of clips that are parts of a source, measured in the background once somebody wants to see them."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from ...core.model import Clip, Facts, SignalLevel
from ...core.process import WorkerProcess
from ...core.sound.span_levels import Spans, measure_spans
from .worker import Outcome, Worker

_KEPT = 50_000  # levels; beyond that they are measured anew


class SpanLevels(QObject):
    """``arrived`` when levels of a source's clips are known."""

    arrived = Signal(Path)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._known: dict[tuple[Path, str, int, int], SignalLevel | None] = {}
        self._wanted: dict[Path, tuple[Facts, set[tuple[int, int]]]] = {}
        self._worker = Worker(self)
        self._helper = WorkerProcess(measure_spans)
        self._stopped = False
        # What is asked for in one go, a board full of clips, is measured in one pass.
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(150)
        self._timer.timeout.connect(self._begin)

    def of(self, clip: Clip, facts: Facts) -> SignalLevel | None:
        """The level of a clip; None while it is not known, and then it is measured."""
        if facts.measures is None:
            return None
        if clip.whole_source:
            return facts.measures.level
        total = facts.measures.frames
        span = (clip.start, total if clip.stop is None else min(clip.stop, total))
        key = (facts.path, facts.stamp, *span)
        if key not in self._known and not self._stopped:
            self._wanted.setdefault(facts.path, (facts, set()))[1].add(span)
            if not self._timer.isActive():
                self._timer.start()
        return self._known.get(key)

    def _begin(self) -> None:
        wanted, self._wanted = self._wanted, {}
        if len(self._known) > _KEPT:
            self._known.clear()
        for facts, spans in wanted.values():
            for span in spans:
                self._known[facts.path, facts.stamp, *span] = None  # on its way: not asked for again
            self._measure(facts, tuple(sorted(spans)))

    def _measure(self, facts: Facts, spans: Spans) -> None:
        assert facts.measures
        asked = (facts.path, facts.stated, facts.measures.signal, spans)

        def take(outcome: Outcome[Facts, object]) -> None:
            found = outcome.found
            levels = found if isinstance(found, list) and found else [None] * len(spans)
            for span, level in zip(spans, levels, strict=True):
                # One that cannot be measured is as good as silent, and not asked for again.
                self._known[facts.path, facts.stamp, *span] = level or SignalLevel(0.0, 0.0, float("-inf"), 0.0)
            self.arrived.emit(facts.path)

        self._worker.queue(facts, lambda task: self._helper.ask(asked, task.stopped), take)

    def stop(self) -> None:
        self._stopped = True
        self._timer.stop()
        self._worker.shut_down()
        self._helper.close()
