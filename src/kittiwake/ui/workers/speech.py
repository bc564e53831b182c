"""Speaks lines of the script in the background."""

from __future__ import annotations

import time
from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path
from threading import Event, Thread

from PySide6.QtCore import QObject, Signal

from ...core.ear.heard_back import ToHear, hear_back_in_worker
from ...core.errors import KittiwakeError
from ...core.model import Facts, Receiver
from ...core.model.script import Script, ScriptLine
from ...core.process import Processes, WorkerCrash, WorkerProcess
from ...core.speak.engine import engines
from ...core.speak.fit import faster_line
from ...core.speak.spoken import Spoken, path_of, speak_lines, speak_one, wish_of
from ...words import tr
from ..widgets.sentence import Sentence


class SpeechWorker(QObject):
    """``spoken`` for each line as it comes, ``finished`` with all of them; ``heard`` the file of a line that is to be heard, or a sentence."""

    started = Signal(int)
    spoken = Signal(object)
    finished = Signal(list)
    heard = Signal(object, object)  # ScriptLine; Path or str
    heard_back = Signal(object)  # HeardLine
    listened = Signal(Sentence)  # what went wrong, where something did
    faster = Signal(list, Sentence)  # (line as it was, line as it is spoken now); what went wrong

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._thread: Thread | None = None
        self._stop = Event()
        self.total = self.done = 0
        self._began = 0.0
        # One that is heard is spoken by a process that stays: the next is heard at once, and a voice that dies takes nothing with it.
        self._helper = WorkerProcess(speak_one)
        self._hearing = ThreadPoolExecutor(1, thread_name_prefix="hear-line")
        self._wanted: tuple[ScriptLine, Script, Path] | None = None  # to be spoken ahead
        self._closed = Event()

    @property
    def busy(self) -> bool:
        return self._thread is not None and self._thread.is_alive()

    @property
    def seconds_left(self) -> float | None:
        """Estimate from what is done so far; None while it is too early to tell."""
        if not self.busy or not self.done:
            return None
        return (time.monotonic() - self._began) / self.done * (self.total - self.done)

    def speak(self, lines: Sequence[ScriptLine], script: Script, folder: Path) -> bool:
        """Speak these; whether that began. What is spoken already is not spoken again, so what was stopped goes on where it was."""
        if self.busy or not lines:
            return False
        self._stop.clear()
        self.total, self.done, self._began = len(lines), 0, time.monotonic()
        self._thread = Thread(target=self._run, args=(list(lines), script, folder), name="speaker", daemon=True)
        self._thread.start()
        self.started.emit(self.total)
        return True

    def _run(self, lines: list[ScriptLine], script: Script, folder: Path) -> None:
        spoken_lines: list[Spoken] = []
        try:
            for one in speak_lines(lines, script, folder, Processes(), self._stop.is_set):
                spoken_lines.append(one)
                self.done = len(spoken_lines)
                self.spoken.emit(one)
        except Exception as error:  # the thread's last chance to tell anybody
            spoken_lines.append(Spoken("", None, 0.0, tr("Speaking stopped: {error}.", error=error)))
        self.finished.emit(spoken_lines)

    def speak_faster(
        self, lines: Sequence[tuple[ScriptLine, Facts]], script: Script, receivers: Sequence[Receiver], folder: Path
    ) -> None:
        """Speak lines, given with the facts of what was spoken, as much faster as their receivers need."""
        if self.busy or not lines:
            return
        self._stop.clear()

        def work() -> None:
            result, wrong = [], ""
            try:
                for line, facts in lines:
                    if self._stop.is_set():
                        break
                    result.append((line, faster_line(line, script, facts, receivers, folder)[0]))
            except Exception as error:  # the thread's last chance to tell anybody
                wrong = (
                    str(error) if isinstance(error, KittiwakeError) else tr("The voice failed: {error}.", error=error)
                )
            self.faster.emit(result, wrong)

        self._thread = Thread(target=work, name="speak-faster", daemon=True)
        self._thread.start()

    def hear(self, line: ScriptLine, script: Script, folder: Path) -> None:
        """Speak a line to be heard at once; it is kept, and is not spoken again for the board."""

        def work() -> None:
            try:
                wish = wish_of(line, script)
                path = path_of(wish, line.name, folder)
                result = 0.0 if path.exists() else self._helper.ask((wish, path), self._closed.is_set)
                if isinstance(result, WorkerCrash):
                    result = tr("The voice crashed ({reason}).", reason=result.reason)
                self.heard.emit(line, result if isinstance(result, str) else path)
            except KittiwakeError as error:
                self.heard.emit(line, str(error))
            except Exception as error:  # the thread's last chance to tell anybody
                self.heard.emit(line, tr("The voice failed: {error}.", error=error))

        self._hearing.submit(work)

    def prepare(self, line: ScriptLine, script: Script, folder: Path) -> None:
        """Speak a line that may be heard next, so that it sounds at once, where its voice costs nothing; of several, the last."""

        def work() -> None:
            wanted, self._wanted = self._wanted, None
            if wanted is None:
                return
            try:
                wish = wish_of(wanted[0], wanted[1])
                path = path_of(wish, wanted[0].name, wanted[2])
                if engines()[wish.voice.partition("/")[0]].ahead and not path.exists() and not self._closed.is_set():
                    self._helper.ask((wish, path), self._closed.is_set)
            except Exception:  # it is said when the line is asked for
                return

        if not self.busy:
            self._wanted = (line, script, folder)
            self._hearing.submit(work)

    def hear_back(self, lines: Sequence[ToHear]) -> bool:
        """Have a speech engine listen to spoken lines; whether that began."""
        if self.busy or not lines:
            return False
        self._stop.clear()

        def work() -> None:
            helper = WorkerProcess(hear_back_in_worker, reports=True)
            try:
                said = helper.ask(list(lines), self._stop.is_set, self.heard_back.emit)
                self.listened.emit(
                    tr("The speech engine crashed ({reason}).", reason=said.reason)
                    if isinstance(said, WorkerCrash)
                    else said or ""
                )
            except Exception as error:  # the thread's last chance to tell anybody
                self.listened.emit(tr("Listening failed: {error}.", error=error))
            finally:
                helper.close()

        self._thread = Thread(target=work, name="hear-back", daemon=True)
        self._thread.start()
        return True

    def stop(self) -> None:
        """Stop at once; what was spoken stays."""
        self._stop.set()

    def shut_down(self) -> None:
        self.stop()
        self._closed.set()
        if self._thread is not None:
            self._thread.join(10)
        self._hearing.shutdown(wait=True, cancel_futures=True)
        self._helper.close()
