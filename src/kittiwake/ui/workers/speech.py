"""Speaks lines of the script in the background, and has them listened to."""

from __future__ import annotations

import time
from collections.abc import Callable, Sequence
from pathlib import Path

from PySide6.QtCore import QObject

from ...core.ear.heard_back import HeardLine, ToHear, hear_back_in_worker
from ...core.errors import KittiwakeError
from ...core.model import Facts, Receiver
from ...core.model.script import Script, ScriptLine
from ...core.process import Processes, WorkerCrash, WorkerProcess
from ...words import tr
from ...work.speak.engine import engines
from ...work.speak.fit import faster_line
from ...work.speak.spoken import Spoken, path_of, speak_lines, speak_one, wish_of
from .worker import Outcome, Task, Worker

#: A line as it was, and as it is spoken now.
Faster = tuple[ScriptLine, ScriptLine]


class SpeechWorker(Worker):
    """Speaks many lines, faster ones, or listens: one at a time. A line that is to be heard at once is spoken beside that."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent, tr("The voice failed"))
        self.total = self.done = 0
        self._began = 0.0
        # One that is heard is spoken by a process that stays: the next is heard at once, and a voice that dies takes nothing with it.
        self._helper = WorkerProcess(speak_one)
        self._hearing = Worker(self, tr("The voice failed"))
        self._wanted: tuple[ScriptLine, Script, Path] | None = None  # to be spoken ahead

    @property
    def seconds_left(self) -> float | None:
        """Estimate from what is done so far; None while it is too early to tell."""
        if not self.busy or not self.done:
            return None
        return (time.monotonic() - self._began) / self.done * (self.total - self.done)

    def speak(
        self,
        lines: Sequence[ScriptLine],
        script: Script,
        folder: Path,
        each: Callable[[Spoken], object],
        then: Callable[[list[Spoken], str], object],
    ) -> bool:
        """Speak these; whether that began. What is spoken already is not spoken again, so what was stopped goes on where it was.

        Parameters
        ----------
        then : called with all that were spoken, and with what went wrong, in words.
        """
        if self.busy or not lines:
            return False
        self.total, self.done, self._began = len(lines), 0, time.monotonic()
        spoken: list[Spoken] = []

        def work(task: Task) -> None:
            for one in speak_lines(list(lines), script, folder, Processes(), task.stopped):
                task.report(one)

        def take(one: Spoken) -> None:
            spoken.append(one)
            self.done = len(spoken)
            each(one)

        return self.begin(None, work, lambda outcome: then(spoken, outcome.wrong), take)

    def speak_faster(
        self,
        lines: Sequence[tuple[ScriptLine, Facts]],
        script: Script,
        receivers: Sequence[Receiver],
        folder: Path,
        then: Callable[[list[Faster], str], object],
    ) -> None:
        """Speak lines, given with the facts of what was spoken, as much faster as their receivers need; see ``speak``."""
        faster: list[Faster] = []

        def work(task: Task) -> None:
            for line, facts in lines:
                if task.stopped():
                    break
                task.report((line, faster_line(line, script, facts, receivers, folder)[0]))

        if lines:
            self.begin(None, work, lambda outcome: then(faster, outcome.wrong), faster.append)

    def hear(
        self, line: ScriptLine, script: Script, folder: Path, then: Callable[[Outcome[ScriptLine, Path]], object]
    ) -> None:
        """Speak a line to be heard at once; it is kept, and is not spoken again for the board."""

        def work(task: Task) -> Path:
            wish = wish_of(line, script)
            path = path_of(wish, line.name, folder)
            result = 0.0 if path.exists() else self._helper.ask((wish, path), task.stopped)
            if isinstance(result, WorkerCrash):
                raise KittiwakeError(tr("The voice crashed ({reason}).", reason=result.reason))
            if isinstance(result, str):
                raise KittiwakeError(result)
            return path

        self._hearing.queue(line, work, then)

    def prepare(self, line: ScriptLine, script: Script, folder: Path) -> None:
        """Speak a line that may be heard next, so that it sounds at once, where its voice costs nothing; of several, the last."""

        def work(task: Task) -> None:
            wanted, self._wanted = self._wanted, None
            if wanted is None:
                return
            try:
                wish = wish_of(wanted[0], wanted[1])
                path = path_of(wish, wanted[0].name, wanted[2])
                if engines()[wish.voice.partition("/")[0]].ahead and not path.exists() and not task.stopped():
                    self._helper.ask((wish, path), task.stopped)
            except Exception:  # it is said when the line is asked for
                return

        if not self.busy:
            self._wanted = (line, script, folder)
            self._hearing.queue(line, work)

    def hear_back(
        self,
        lines: Sequence[ToHear],
        each: Callable[[HeardLine], object],
        then: Callable[[Outcome[Sequence[ToHear], None]], object],
    ) -> bool:
        """Have a speech engine listen to spoken lines; whether that began."""

        def work(task: Task) -> None:
            helper = WorkerProcess(hear_back_in_worker, reports=True)
            try:
                wrong = helper.ask(list(lines), task.stopped, task.report)
            finally:
                helper.close()
            if isinstance(wrong, WorkerCrash):
                raise KittiwakeError(tr("The speech engine crashed ({reason}).", reason=wrong.reason))
            if wrong:
                raise KittiwakeError(wrong)

        return bool(lines) and self.begin(lines, work, then, each)

    def shut_down(self, seconds: float = 10.0) -> None:
        super().shut_down(seconds)
        self._hearing.shut_down(seconds)
        self._helper.close()
