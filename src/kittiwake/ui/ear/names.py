"""Which lines of a list are said in spans, found out by a speech engine in the background."""

from __future__ import annotations

from concurrent.futures import Future, ThreadPoolExecutor

from PySide6.QtCore import QObject, Signal

from ...core.ear.listener import Asked, tell_lines
from ...core.model import Facts, Line, Span
from ...core.process import WorkerCrash, WorkerProcess
from ...words import tr
from ..widgets.sentence import Sentence


class Names(QObject):
    """``heard``: source, span id, place of the line (or None), share that is done. ``ended``: source, a sentence if something is wrong."""

    heard = Signal(object, str, object, float)
    ended = Signal(object, Sentence)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._thread = ThreadPoolExecutor(1, thread_name_prefix="names")
        self._helper = WorkerProcess(tell_lines, reports=True)
        self._turn = 0
        self._under_way: Future[None] | None = None

    @property
    def busy(self) -> bool:
        return self._under_way is not None and not self._under_way.done()

    def listen(self, facts: Facts, spans: tuple[Span, ...], lines: tuple[Line, ...]) -> None:
        """Begin to listen; what was under way is called off."""
        assert facts.measures
        self._turn += 1
        asked = (facts.path, facts.stated, facts.measures.signal, spans, lines)
        self._under_way = self._thread.submit(self._listen, self._turn, asked)

    def _listen(self, turn: int, asked: Asked) -> None:
        def tell(what: tuple[str, int | None, float]) -> None:
            if turn == self._turn:
                self.heard.emit(asked[0], *what)

        try:
            said = self._helper.ask(asked, lambda: turn != self._turn, tell)
        except Exception as error:  # the thread's last chance to tell anybody
            said = tr("Listening failed: {error}.", error=error)
        if isinstance(said, WorkerCrash):
            said = tr("The speech engine crashed ({reason}).", reason=said.reason)
        if turn == self._turn and said is not None:
            self.ended.emit(asked[0], said)

    def stop(self) -> None:
        """Call off what is under way."""
        self._turn += 1

    def close(self) -> None:
        self.stop()
        self._thread.shutdown(wait=True, cancel_futures=True)
        self._helper.close()
