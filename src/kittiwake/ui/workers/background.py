"""One piece of work at a time, in a thread of its own beside the window."""

from __future__ import annotations

import contextlib
from collections.abc import Callable
from threading import Event, Thread

from ...core.errors import KittiwakeError


class Background:
    """Parameters
    ----------
    name : of the thread. failing : how a sentence about a surprise begins.
    """

    def __init__(self, name: str, failing: str) -> None:
        self._name, self._failing = name, failing
        self._thread: Thread | None = None
        self._stop = Event()

    @property
    def busy(self) -> bool:
        return self._thread is not None and self._thread.is_alive()

    def begin(self, work: Callable[[Callable[[], bool]], object], over: Callable[[str], object]) -> bool:
        """Begin; whether that was done, since nothing else was going on.

        Parameters
        ----------
        work : gets a function that tells whether it is to stop.
        over : called at the end, in the thread, with what went wrong, in words; empty where nothing did.
        """
        if self.busy:
            return False
        self._run(work, over, None)
        return True

    def begin_instead(self, work: Callable[[Callable[[], bool]], object], over: Callable[[str], object]) -> None:
        """Begin, as ``begin``, in place of what is going on: that is stopped, and nothing of it is told any more."""
        self._stop.set()
        self._run(work, over, self._thread)

    def _run(
        self, work: Callable[[Callable[[], bool]], object], over: Callable[[str], object], before: Thread | None
    ) -> None:
        stop = self._stop = Event()

        def run() -> None:
            if before is not None:
                before.join()
            wrong = ""
            try:
                if not stop.is_set():
                    work(stop.is_set)
            except KittiwakeError as error:
                wrong = str(error)
            except Exception as error:  # the thread's last chance to tell anybody
                wrong = f"{self._failing}: {error}."
            with contextlib.suppress(RuntimeError):  # whoever asked is gone with its window
                over(wrong)

        self._thread = Thread(target=run, name=self._name, daemon=True)
        self._thread.start()

    def stop(self) -> None:
        self._stop.set()

    def shut_down(self, seconds: float = 10.0) -> None:
        """Stop, and wait for the end of what is going on."""
        self.stop()
        self.wait(seconds)

    def wait(self, seconds: float) -> None:
        """Wait for the end of what is going on."""
        if self._thread is not None:
            self._thread.join(seconds)
