"""Measures the clips of a corpus and writes it, in the background."""

from __future__ import annotations

import itertools
import json
from collections.abc import Callable, Mapping
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from ...core.corpus.build import Built, Step, build
from ...core.corpus.doubles import doubles
from ...core.corpus.likeness import Likeness
from ...core.corpus.measured import measured_each
from ...core.corpus.quality import Quality
from ...core.corpus.request import CorpusRequest
from ...core.corpus.row import Findings, Row
from ...core.corpus.to_measure import ToMeasure, to_measure
from ...core.measure.analyze import source_stamp
from ...core.process import Processes
from ...words import tr
from ..widgets.sentence import Sentence
from .background import Background

_TASK = 4  # clips


class CorpusWorker(QObject):
    """``judged`` with the quality of each clip as it comes, ``compared`` with doubles at the end, ``finished`` with what went wrong, in words.

    ``stepped`` and ``written`` tell how far a corpus is, and what came of it (``Built``), or a sentence.
    """

    judged = Signal(str, object)  # clip id, Quality
    compared = Signal(dict)  # clip id: id of the clip that it repeats
    finished = Signal(Sentence)
    stepped = Signal(object)
    written = Signal(object)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._work = Background("judger", tr("It failed"))
        self._kept: dict[tuple[ToMeasure, str], tuple[Quality, Likeness | None]] = {}

    @property
    def busy(self) -> bool:
        return self._work.busy

    def judge(self, rows: Mapping[str, Row]) -> bool:
        """Measure these, by id of clip; what was measured before is emitted at once. Whether that began."""

        def work(stopped: Callable[[], bool]) -> None:
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
                    self.judged.emit(clip_id, known[0])
            clips_to_measure = [one for _, one, _ in todo.values()]
            tasks = [tuple(clips_to_measure[n : n + _TASK]) for n in range(0, len(clips_to_measure), _TASK)]
            executor = Processes(min(len(tasks), Processes().count) or 1)
            for result in itertools.chain.from_iterable(measured_each(tasks, executor, stopped)):
                clip_id, one, stamp = todo[result.id]
                quality = Quality.from_dict(json.loads(result.quality))
                likeness = Likeness.unpacked(result.likeness) if result.likeness else None
                self._kept[one, stamp] = (quality, likeness)
                found[clip_id] = likeness
                self.judged.emit(clip_id, quality)
            ids = [clip_id for clip_id in rows if clip_id in found]
            pairs = doubles([found[clip_id] for clip_id in ids])
            self.compared.emit({ids[pair.other]: ids[pair.one] for pair in reversed(pairs)})

        return self._work.begin(work, self.finished.emit)

    def write(self, rows: list[Row], wish: CorpusRequest, into: Path, how: str) -> bool:
        """Write a corpus of these; ``how`` it is made stands in its datasheet. Whether that began."""

        def work(stopped: Callable[[], bool]) -> None:
            result: object = tr("It was stopped; it goes on from here the next time.")
            for step in build(rows, Findings(), wish, into, how, Processes(), stopped):
                if isinstance(step, Step):
                    self.stepped.emit(step)
                elif isinstance(step, Built):
                    result = step
            self.written.emit(result)

        return self._work.begin(work, lambda wrong: self.written.emit(wrong) if wrong else None)

    def stop(self) -> None:
        self._work.stop()

    def shut_down(self) -> None:
        self._work.shut_down()
