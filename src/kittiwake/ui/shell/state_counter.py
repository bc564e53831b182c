"""Counts the states of a board's cells, in slices so short that a large board never makes the window wait."""

from __future__ import annotations

import time
from collections import Counter, deque
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from ...core.model import Clip, Receiver
from .session import Session

_SLICE = 0.003  # s at a time
_TELL = 0.1  # s between signals while there is still much to count
_LOT = 500  # clips that are marked at once
_FEW = 40  # cells that are counted at once


class StateCounter(QObject):
    """``counts`` of cells by state, kept up to date; ``changed`` says that they are other ones."""

    changed = Signal()

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self._session = session
        self.counts: Counter[str] = Counter()
        self._by_receiver: dict[str, Counter[str]] = {}
        self._states: dict[tuple[str, str], str] = {}
        self._clips: dict[str, Clip] = {}
        self._job_clips: tuple[Clip, ...] = ()
        self._receivers: tuple[Receiver, ...] = ()
        self._dirty: dict[tuple[str, str], None] = {}
        self._later: deque[tuple[list[str], list[str]]] = (
            deque()
        )  # clips and receivers, of which much is to be counted
        self._timer = QTimer(self)
        self._timer.setInterval(0)
        self._timer.timeout.connect(self._slice)
        self._tell = QTimer(self)
        self._tell.setSingleShot(True)
        self._tell.setInterval(round(_TELL * 1000))
        self._tell.timeout.connect(self.changed)
        session.job_changed.connect(self._job)
        session.facts_arrived.connect(self._facts)
        session.cell_changed.connect(lambda clip_id, slug: self._mark([clip_id], [slug]))
        session.column_changed.connect(lambda slug: self._mark(list(self._clips), [slug]))
        self._job()

    @property
    def busy(self) -> bool:
        """Whether there is still something to count."""
        return bool(self._dirty or self._later)

    def state_of(self, clip_id: str, slug: str) -> str | None:
        """The state of a cell as last counted; None where it has not been yet."""
        return self._states.get((clip_id, slug))

    def counts_of(self, slug: str) -> Counter[str]:
        """Cells of one receiver by state."""
        return self._by_receiver.get(slug, Counter())

    def _count(self, key: tuple[str, str], state: str, more: int) -> None:
        self.counts[state] += more
        counts = self._by_receiver.setdefault(key[1], Counter())
        counts[state] += more
        if not counts[state]:
            del counts[state]
        if not counts:
            del self._by_receiver[key[1]]

    def _job(self) -> None:
        session = self._session
        receivers = tuple(session.project.receivers)
        before, self._job_clips = self._job_clips, session.project.job.clips
        count = len(before)
        if (
            receivers == self._receivers
            and count
            and count < len(self._job_clips)
            and self._job_clips[:count] == before
        ):
            # Only more of them.
            for clip in self._job_clips[count:]:
                self._clips[clip.id] = clip
            self._mark([clip.id for clip in self._job_clips[count:]], [receiver.slug for receiver in receivers])
            return
        clips = {clip.id: clip for clip in session.project.job.clips}
        other = count > _LOT and bool(self._job_clips) and before[0] is not self._job_clips[0]
        if receivers != self._receivers or (other and before[-1] is not self._job_clips[-1]):
            # Columns come and go seldom, and so do whole jobs: all is counted anew.
            self._receivers = receivers
            self._states.clear()
            self.counts.clear()
            self._by_receiver.clear()
            self._dirty.clear()
            self._later.clear()
            changed = list(clips)
        else:
            for gone in self._clips.keys() - clips.keys():
                for receiver in receivers:
                    self._forget((gone, receiver.slug))
            changed = [clip_id for clip_id, clip in clips.items() if self._clips.get(clip_id) is not clip]
        self._clips = clips
        self._mark(changed, [receiver.slug for receiver in receivers])

    def _forget(self, key: tuple[str, str]) -> None:
        self._dirty.pop(key, None)
        state = self._states.pop(key, None)
        if state is not None:
            self._count(key, state, -1)

    def _facts(self, path: Path) -> None:
        self._mark(self._session.project.clips_of(path), [receiver.slug for receiver in self._receivers])

    def _mark(self, clip_ids: list[str], slugs: list[str]) -> None:
        if len(clip_ids) > _LOT:
            self._later += [(clip_ids[at : at + _LOT], slugs) for at in range(0, len(clip_ids), _LOT)]
        else:
            self._dirty.update(((clip_id, slug), None) for clip_id in clip_ids for slug in slugs)
        if self.busy:
            self._timer.start()

    def count_few(self) -> None:
        """Count at once what is left, where that is little."""
        if len(self._dirty) <= _FEW and not self._later:
            self._work(float("inf"))

    def _slice(self) -> None:
        self._work(time.monotonic() + (_SLICE / 3 if self._session.adding else _SLICE))
        if not self.busy:
            self._timer.stop()
        if not self._tell.isActive():
            self._tell.start()

    def _work(self, until: float) -> None:
        receivers = {receiver.slug: receiver for receiver in self._receivers}
        while self.busy:
            if not self._dirty:
                clip_ids, slugs = self._later.popleft()
                self._dirty.update(((clip_id, slug), None) for clip_id in clip_ids for slug in slugs)
                continue
            key = next(iter(self._dirty))
            del self._dirty[key]
            clip, receiver = self._clips.get(key[0]), receivers.get(key[1])
            if clip is not None and receiver is not None:
                state = self._session.project.cell(clip, receiver).shown
                before = self._states.get(key)
                if state != before:
                    if before is not None:
                        self._count(key, before, -1)
                    self._count(key, state, 1)
                    self._states[key] = state
            if time.monotonic() > until:
                return
