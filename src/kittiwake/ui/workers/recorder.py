"""Takes a take: the room, a count-in, the words, their end, and a check; whatever happens in between, what was recorded stays."""

from __future__ import annotations

import contextlib
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QTimer, Signal

from ...core.errors import reason_of
from ...core.model import Facts, Note
from ...words import tr
from ...work.record import Endpoint, Meter, TakeCheck, TakeWriter, check_take
from ...work.record.endpoint import USUAL_SILENCE, room_level
from ...work.record.take import take_path
from ..widgets.sentence import Sentence
from .microphone import Microphone
from .worker import Outcome, Worker

_TICK = 20  # ms
_ROOM = 0.6  # s in which the room is measured
_BEAT = 0.5  # s between the beats of the count-in
BEATS = 3
LEVEL_S = 0.02  # s of each level that is noted


class Recorder(QObject):
    """``state`` is ``off``, ``open``, ``room``, ``count``, ``recording`` or ``checking``."""

    changed = Signal()
    beat = Signal(int)  # so many are still to come
    moved = Signal()
    taken = Signal(Path, TakeCheck)
    trouble = Signal(Sentence)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.state = "off"
        self.microphone: Microphone | None = None
        self.meter = Meter(48_000)
        self.room_dbfs: float | None = None
        self.seconds = 0.0
        self.silence = USUAL_SILENCE  # s of silence after which a take ends by itself; 0: it does not
        self.ended_by_itself = False  # the last take
        self.levels: list[float] = []  # dBFS of what was recorded, one for each ``LEVEL_S``
        self._rest = np.zeros(0, np.float32)
        self._room: list[NDArray[np.float32]] = []
        self._heard = 0
        self._beats = 0
        self._words = self._name = ""
        self._folder = Path()
        self._writer: TakeWriter | None = None
        self._endpoint: Endpoint | None = None
        self._worker = Worker(self, tr("Checking it failed"))
        self._timer = QTimer(self)
        self._timer.setInterval(_TICK)
        self._timer.timeout.connect(self._tick)

    def _go(self, state: str) -> None:
        self.state = state
        self.changed.emit()

    @property
    def taking(self) -> bool:
        """Whether a take is on its way: the room is measured, counted in, or recorded."""
        return self.state in ("room", "count", "recording")

    @property
    def busy(self) -> bool:
        """Whether a take is on its way, or is being checked."""
        return self.taking or self.state == "checking"

    def open(self, microphone: Microphone) -> None:
        """Listen to a microphone, so that its level shows."""
        self.close()
        self.microphone = microphone
        self.meter = Meter(microphone.rate)
        microphone.start()
        self._timer.start()
        self._go("open")

    def close(self) -> None:
        """Stop listening; a take that goes on is ended first, and kept."""
        if self.state == "recording":
            self.stop()
        self._let_go()

    def _let_go(self) -> None:
        self._timer.stop()
        if self.microphone is not None:
            self.microphone.stop()
            self.microphone = None
        if self.state != "checking":
            self._go("off")

    def start(self, folder: Path, name: str, words: str) -> None:
        """Record a take: the room is measured where that was not done yet, then it counts in."""
        if self.microphone is None or self.state != "open":
            return
        self._folder, self._name, self._words = folder, name, words
        self._heard, self._room = 0, []
        self.meter.reset()
        self._go("room" if self.room_dbfs is None else "count")
        if self.state == "count":
            self._begin_count()

    def stop(self) -> None:
        """End the take here; before it has begun that calls it off."""
        if self.state in ("room", "count"):
            self._go("open")
        elif self.state == "recording":
            self._end()

    def _tick(self) -> None:
        if self.microphone is None:
            return
        try:
            block = self.microphone.read()
        except OSError as error:
            self._lost(tr("The microphone is gone: {reason_of}.", reason_of=reason_of(error)))
            return
        if len(block):
            self.meter.add(block)
            self._heard += len(block)
            getattr(self, f"_in_{self.state}", lambda _: None)(block)
        self.moved.emit()

    def _in_room(self, block: NDArray[np.float32]) -> None:
        assert self.microphone is not None
        self._room.append(block)
        if self._heard >= _ROOM * self.microphone.rate:
            self.room_dbfs = room_level(np.concatenate(self._room), self.microphone.rate)
            self._go("count")
            self._begin_count()

    def _begin_count(self) -> None:
        self._heard, self._beats = 0, BEATS
        self.beat.emit(self._beats)

    def _in_count(self, block: NDArray[np.float32]) -> None:
        assert self.microphone is not None
        left = BEATS - int(self._heard / (_BEAT * self.microphone.rate))
        if left <= 0:
            self._begin_take()
        elif left != self._beats:
            self._beats = left
            self.beat.emit(left)

    def _begin_take(self) -> None:
        assert self.microphone is not None
        try:
            self._writer = TakeWriter(take_path(self._folder, self._name), self.microphone.name, self.microphone.rate)
        except OSError as error:
            self._go("open")
            self.trouble.emit(
                tr(
                    "It cannot be recorded to {folder}: {reason_of}. Choose another folder for outputs.",
                    folder=self._folder,
                    reason_of=reason_of(error),
                )
            )
            return
        room = self.room_dbfs if self.room_dbfs is not None else -60.0
        self._endpoint = Endpoint(self.microphone.rate, room, self.silence)
        self.ended_by_itself = False
        self.seconds, self.levels, self._rest = 0.0, [], np.zeros(0, np.float32)
        self.microphone.speak(self._words)
        self._go("recording")

    def _in_recording(self, block: NDArray[np.float32]) -> None:
        assert self.microphone is not None and self._writer is not None and self._endpoint is not None
        try:
            self._writer.write(block)
        except OSError as error:
            self._lost(tr("The disk takes no more: {reason_of}.", reason_of=reason_of(error)))
            return
        self.seconds = self._writer.frames / self.microphone.rate
        self._note_levels(block)
        self._endpoint.add(block)
        if self._endpoint.ended:
            self.ended_by_itself = True
            self._end()

    def _note_levels(self, block: NDArray[np.float32]) -> None:
        """What is drawn while it is recorded."""
        assert self.microphone is not None
        size = round(LEVEL_S * self.microphone.rate)
        samples = np.concatenate([self._rest, block])
        whole = len(samples) // size * size
        power = np.mean(np.square(samples[:whole].reshape(-1, size)), axis=1) if whole else np.zeros(0)
        self.levels += (10 * np.log10(power + 1e-12)).tolist()
        self._rest = samples[whole:]

    def _lost(self, why: str) -> None:
        """Something broke; what was recorded is kept."""
        kept = self._writer is not None and self._writer.frames > 0
        recording = self.state == "recording"
        if recording and kept:
            self._end(broken=True)
        elif self._writer is not None:
            self._writer.drop()
            self._writer = None
        self._let_go()
        self.trouble.emit(
            tr("{why} What was recorded until then is kept on disk: say it again.", why=why)
            if recording and kept
            else why
        )

    def _end(self, broken: bool = False) -> None:
        writer, self._writer = self._writer, None
        if writer is None:
            return
        try:
            writer.close()
        except OSError as error:
            self.trouble.emit(
                tr(
                    "The end of it could not be written: {reason_of}. What was recorded until then is kept.",
                    reason_of=reason_of(error),
                )
            )
        self._go("checking")
        room = self.room_dbfs
        self._worker.queue(writer.path, lambda _: check_take(writer.path, room, broken=broken), self.take_checked)

    def take_checked(self, outcome: Outcome[Path, TakeCheck]) -> None:
        check = outcome.found
        if check is None:
            sentence = tr("{wrong} It is on disk.", wrong=outcome.wrong)
            note = Note("internal", sentence, tr("Please report this."))
            check = TakeCheck(Facts(outcome.asked, error=note), 0, 0, (note,))
        if self.state == "checking":  # and not begun with the next already
            self._go("open" if self.microphone is not None else "off")
        self.taken.emit(outcome.asked, check)

    def shut_down(self) -> None:
        """For good; a take that goes on is ended and kept on disk."""
        if self.state == "recording" and self._writer is not None:
            with contextlib.suppress(OSError):
                self._writer.close()
            self._writer = None
            self.state = "off"
        self.close()
        self._worker.shut_down()
