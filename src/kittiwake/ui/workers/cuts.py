"""What cutting needs of a source in the background: where somebody speaks, and samples to draw from."""

from __future__ import annotations

from collections import OrderedDict
from itertools import takewhile
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, Signal

from ...core.cache.facts_cache import FactsCache
from ...core.cache.peaks import Peaks
from ...core.errors import KittiwakeError
from ...core.intake import open_sound
from ...core.model import Facts
from ...core.sound import select_channel
from ...words import tr
from ...work.cut.activity import Activity
from ...work.cut.listening import Listeners
from .worker import Outcome, Task, Worker

_SHORT = 300.0  # s; of shorter sources all samples are held
_KEPT = 4  # sources


class Picture:
    """A source at any scale: from its samples where they are few or near, from its outline where it is long."""

    def __init__(self, facts: Facts, samples: NDArray[np.float32] | None, peaks: Peaks | None) -> None:
        assert facts.header and facts.measures
        self.facts = facts
        self.rate, self.frames = facts.header.sample_rate, facts.measures.frames
        self._take: Any = facts.measures.signal
        self._overview = facts.measures.overview
        self._samples, self._peaks = samples, peaks
        self._near: tuple[int, NDArray[np.float32]] | None = None

    @property
    def has_samples(self) -> bool:
        """Whether all of it is in memory."""
        return self._samples is not None

    def view(self, start: float, stop: float, columns: int) -> NDArray[np.float32]:
        """Lowest and highest sample in each of ``columns`` parts between two frames, float32 [shape=(columns, 2)]."""
        per = (stop - start) / max(1, columns)
        if self._samples is None and self._peaks is not None and per >= 64:
            return self._peaks.view(start, stop, columns)
        if self._samples is not None or per < 64:
            samples = self.samples(int(start), int(np.ceil(stop)))
            if samples is not None and len(samples):
                at = np.clip(start + np.arange(columns) * per - int(start), 0, len(samples) - 1).astype(int)
                return np.stack([np.minimum.reduceat(samples, at), np.maximum.reduceat(samples, at)], axis=1)
        if self._peaks is not None:
            return self._peaks.view(start, stop, columns)
        part = self.frames / max(1, len(self._overview))
        at = np.clip((start + np.arange(columns) * per) / part, 0, len(self._overview) - 1).astype(int)
        lows = np.minimum.reduceat(self._overview[:, 0], at)
        highs = np.maximum.reduceat(self._overview[:, 1], at)
        if len(at) and columns > 1:
            lows[-1], highs[-1] = self._overview[at[-1]]  # not all that follows
        return np.stack([lows, highs], axis=1)

    def near(self, length: float) -> bool:
        """Whether so many frames of samples can be had at once."""
        return self._samples is not None or length <= 30 * self.rate

    def samples(self, start: int, stop: int) -> NDArray[np.float32] | None:
        """Frames from ``start`` up to, and without, ``stop``; None where they cannot be had at once."""
        start, stop = max(0, start), min(self.frames, stop)
        if self._samples is not None:
            return self._samples[start:stop]
        if self._near is not None and self._near[0] <= start and stop <= self._near[0] + len(self._near[1]):
            return self._near[1][start - self._near[0] : stop - self._near[0]]
        wide_start, wide_stop = max(0, start - 65_536), min(self.frames, stop + 65_536)
        try:
            reader = open_sound(self.facts.path, self.facts.stated)
            try:
                first = reader.skip_to(wide_start)
                if first != wide_start:
                    return None
                parts, left = [], wide_stop - wide_start
                for block in select_channel(reader.blocks(), self._take, 1, speakers=reader.header.speakers):
                    parts.append(block[:left, 0].copy())
                    left -= len(parts[-1])
                    if left <= 0:
                        break
            finally:
                reader.close()
        except (KittiwakeError, OSError):
            return None
        self._near = (wide_start, np.concatenate(parts) if parts else np.zeros(0, np.float32))
        return self._near[1][start - wide_start : stop - wide_start]

    def quiet_place(self, frame: int, reach: float = 0.012) -> int:
        """A place near ``frame``, within ``reach`` seconds, to cut at: where it is quietest, at a zero crossing."""
        span = max(4, round(reach * self.rate))
        first = max(0, frame - span)
        samples = self.samples(first, frame + span)
        if samples is None or len(samples) < 8:
            return frame
        size = max(2, round(0.001 * self.rate))
        energy = np.convolve(np.square(samples), np.ones(size), "same")
        # A place farther away has to be quieter to be worth it.
        away = np.abs(np.arange(len(samples)) - (frame - first)) / span
        signs = np.signbit(samples)
        crossings = np.flatnonzero(signs[1:] != signs[:-1]) + 1
        if not len(crossings):
            return frame
        cost = np.log10(energy[crossings] + 1e-9) + 1.5 * away[crossings]
        return first + int(crossings[int(np.argmin(cost))])


class CutWorker(QObject):
    """``listened`` gives what was found out of a source, or a sentence; ``pictured`` what it can be drawn from."""

    listened = Signal(object, object)  # Path, Activity or str
    listening = Signal(object, float)
    pictured = Signal(object)

    def __init__(self, parent: QObject | None = None, shelf: FactsCache | None = None) -> None:
        super().__init__(parent)
        self._worker = Worker(self, tr("Listening to it failed"), threads=2)
        self._listeners = Listeners()
        self._cache = shelf or FactsCache()
        self._known: OrderedDict[Path, tuple[Facts, Activity]] = OrderedDict()
        self._pictures: OrderedDict[Path, Picture] = OrderedDict()
        self._under_way: set[Path] = set()

    @property
    def busy(self) -> bool:
        return bool(self._under_way)

    def activity(self, facts: Facts) -> Activity | None:
        """What is known of a source; if that is nothing yet, it is found out and comes by ``listened``."""
        kept = self._known.get(facts.path)
        if kept is not None and kept[0] is facts:
            return kept[1]
        if facts.path not in self._under_way:
            self._under_way.add(facts.path)
            self._worker.queue(facts, lambda task: self._listen(facts, task), self._listened, self._tell_share)
        return None

    def _listen(self, facts: Facts, task: Task) -> Activity:
        return self._listeners.activity(facts, task.stopped, lambda share: task.report((facts.path, share)))

    def _listened(self, outcome: Outcome[Facts, Activity]) -> None:
        facts, found = outcome.asked, outcome.found
        self._under_way.discard(facts.path)
        if found is not None:
            self._known[facts.path] = (facts, found)
            while len(self._known) > _KEPT:
                self._known.popitem(last=False)
        self.listened.emit(facts.path, outcome.wrong if found is None else found)

    def _tell_share(self, share: tuple[Path, float]) -> None:
        self.listening.emit(*share)

    def picture(self, facts: Facts) -> Picture:
        """What a source can be drawn from now; a better one may come by ``pictured``."""
        kept = self._pictures.get(facts.path)
        if kept is not None and kept.facts is facts:
            return kept
        peaks = None
        if facts.digest and facts.measures is not None:
            try:
                peaks = Peaks(self._cache.peaks(facts.digest, facts.stated), facts.measures.frames)
            except (OSError, ValueError):
                peaks = None
        plain = self._pictures[facts.path] = Picture(facts, None, peaks)
        while len(self._pictures) > _KEPT:
            self._pictures.popitem(last=False)
        if (facts.seconds or 0) <= _SHORT:
            self._worker.queue(facts, lambda task: self._load(facts, peaks, task), self._loaded)
        return plain

    def _load(self, facts: Facts, peaks: Peaks | None, task: Task) -> Picture | None:
        assert facts.measures
        reader = open_sound(facts.path, facts.stated)
        try:
            take: Any = facts.measures.signal
            mixed = select_channel(reader.blocks(), take, 1, speakers=reader.header.speakers)
            parts = [block[:, 0].copy() for block in takewhile(lambda _: not task.stopped(), mixed)]
        finally:
            reader.close()
        samples = np.concatenate(parts)[: facts.measures.frames] if parts else np.zeros(0, np.float32)
        return Picture(facts, samples, peaks) if len(samples) == facts.measures.frames else None

    def _loaded(self, outcome: Outcome[Facts, Picture]) -> None:
        if outcome.found is not None:  # else its outline has to do
            self._pictures[outcome.asked.path] = outcome.found
            self.pictured.emit(outcome.found)

    def stop(self) -> None:
        self._worker.shut_down()
        self._listeners.close()
