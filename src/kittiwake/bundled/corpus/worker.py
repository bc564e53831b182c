"""Measures the clips of a corpus and writes it, in the background."""

from __future__ import annotations

import itertools
import json
from collections.abc import Callable, Mapping
from pathlib import Path

from PySide6.QtCore import QObject

from ...core.measure.analyze import source_stamp
from ...core.process import Processes
from ...ui.workers.worker import Outcome, Task, Worker
from .core.build import Built, Step, build
from .core.doubles import doubles
from .core.likeness import Likeness
from .core.measured import measured_each
from .core.quality import Quality
from .core.request import CorpusRequest
from .core.row import Findings, Row
from .core.to_measure import ToMeasure, to_measure

_TASK = 4  # clips


class CorpusWorker(Worker):
    """Does one of both at a time."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._kept: dict[tuple[ToMeasure, str], tuple[Quality, Likeness | None]] = {}

    def measure(
        self,
        rows: Mapping[str, Row],
        each: Callable[[tuple[str, Quality]], object],
        then: Callable[[Outcome[Mapping[str, Row], dict[str, str]]], object],
    ) -> bool:
        """Measure these, by id of clip. Whether that began.

        Parameters
        ----------
        each : called with the id and the quality of each clip as it comes; what was measured before comes at once.
        then : called at the end with doubles: by id of a clip, the id of the one that it repeats.
        """

        def work(task: Task) -> dict[str, str]:
            found: dict[str, Likeness | None] = {}
            todo: dict[str, tuple[str, ToMeasure, str]] = {}
            for clip_id, row in rows.items():
                one = to_measure(row)
                stamp = source_stamp(one.path)
                known = self._kept.get((one, stamp))
                if known is None:
                    todo[one.id] = (clip_id, one, stamp)
                else:
                    found[clip_id] = known[1]
                    task.report((clip_id, known[0]))
            clips_to_measure = [one for _, one, _ in todo.values()]
            tasks = [tuple(clips_to_measure[n : n + _TASK]) for n in range(0, len(clips_to_measure), _TASK)]
            executor = Processes(min(len(tasks), Processes().count) or 1)
            for result in itertools.chain.from_iterable(measured_each(tasks, executor, task.stopped)):
                clip_id, one, stamp = todo[result.id]
                quality = Quality.from_dict(json.loads(result.quality))
                likeness = Likeness.unpacked(result.likeness) if result.likeness else None
                self._kept[one, stamp] = (quality, likeness)
                found[clip_id] = likeness
                task.report((clip_id, quality))
            ids = [clip_id for clip_id in rows if clip_id in found]
            pairs = doubles([found[clip_id] for clip_id in ids])
            return {ids[pair.other]: ids[pair.one] for pair in reversed(pairs)}

        return self.begin(rows, work, then, each)

    def write(
        self,
        rows: list[Row],
        request: CorpusRequest,
        into: Path,
        how: str,
        each: Callable[[Step], object],
        then: Callable[[Outcome[Path, Built]], object],
    ) -> bool:
        """Write a corpus of these; ``how`` it is made stands in its datasheet. Whether that began; ``each`` step is told."""

        def work(task: Task) -> Built | None:
            built = None
            for step in build(rows, Findings(), request, into, how, Processes(), task.stopped):
                if isinstance(step, Step):
                    task.report(step)
                elif isinstance(step, Built):
                    built = step
            return built

        return self.begin(into, work, then, each)
