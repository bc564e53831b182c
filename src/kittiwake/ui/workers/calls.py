"""Calls to the stand-in telephone system, in the background, one after the other."""

from __future__ import annotations

from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor

from PySide6.QtCore import QObject, Signal

from ...core.errors import KittiwakeError
from ...core.standin.machine import ActionResult
from ...words import tr


class CallWorker(QObject):
    """``done`` with what was heard, or a sentence."""

    done = Signal(object)  # Heard or str
    _result_ready = Signal(object)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._pool = ThreadPoolExecutor(1, thread_name_prefix="phone")
        self.waiting = 0
        self._result_ready.connect(self._tell)

    def _tell(self, result: object) -> None:
        self.done.emit(result)
        self.waiting -= 1

    @property
    def busy(self) -> bool:
        return self.waiting > 0

    def do(self, work: Callable[[], ActionResult]) -> None:
        """Do something with the telephone."""
        self.waiting += 1

        def run() -> None:
            try:
                result: object = work()
            except KittiwakeError as error:
                result = str(error)
            except Exception as error:  # the thread's last chance to tell anybody
                result = tr("The call failed: {error}.", error=error)
            self._result_ready.emit(result)

        self._pool.submit(run)

    def shut_down(self) -> None:
        self._pool.shutdown(wait=True, cancel_futures=True)
