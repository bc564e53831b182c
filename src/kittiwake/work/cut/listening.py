"""Where somebody speaks in a source, heard by processes of their own: a crash of a decoder harms nothing, and a long source is shared out."""

from __future__ import annotations

from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from threading import Lock

from ...core.errors import KittiwakeError
from ...core.intake import open_sound
from ...core.model import Facts
from ...core.process import WorkerCrash, WorkerProcess
from ...words import phrase
from .activity import CHUNK, Activity, joined, tell_activity

_LONG = 300.0  # s; longer sources are listened to in parts
_PARTS = 2


class Listeners:
    """Processes that listen, one source at a time; begun with the first."""

    def __init__(self) -> None:
        self._helpers = [WorkerProcess(tell_activity, reports=True) for _ in range(_PARTS)]
        self._threads = ThreadPoolExecutor(_PARTS, thread_name_prefix="ears")
        self._lock = Lock()

    def activity(self, facts: Facts, stopped: Callable[[], bool], report: Callable[[float], object]) -> Activity:
        """Where somebody speaks.

        Parameters
        ----------
        report : called with the share that is heard, 0 to 1, in any thread.

        Raises
        ------
        KittiwakeError : it cannot be read, or it was stopped.
        """
        with self._lock:
            found = self._ask(facts, stopped, report)
        good = [one for one in found if isinstance(one, Activity)]
        bad = next((one for one in found if not isinstance(one, Activity)), None)
        if isinstance(bad, WorkerCrash):
            raise KittiwakeError(phrase("Its decoder crashed ({reason}).", reason=bad.reason))
        if len(good) < len(found):
            raise KittiwakeError(str(bad) if bad else phrase("It was called off."))
        return joined(good)

    def _ask(self, facts: Facts, stopped: Callable[[], bool], report: Callable[[float], object]) -> list[object]:
        """Of a long source each process takes a part, if it can begin there."""
        assert facts.header and facts.measures
        total, rate = facts.measures.frames, facts.header.sample_rate
        edges = [0, total]
        if total > _LONG * rate and _skips(facts):
            step = CHUNK * rate * round(total / (CHUNK * rate) / _PARTS)
            edges = [n * step for n in range(_PARTS)] + [total]
        shares = [0.0] * (len(edges) - 1)

        def ask(n: int) -> object:
            def tell(share: float) -> None:
                shares[n] = share
                report(sum(shares) / len(shares))

            stop = None if n + 2 == len(edges) else edges[n + 1]
            return self._helpers[n].ask((facts.path, facts.stated, edges[n], stop), stopped, tell)

        return list(self._threads.map(ask, range(len(shares))))

    def close(self) -> None:
        """End the processes."""
        self._threads.shutdown(wait=True, cancel_futures=True)
        for helper in self._helpers:
            helper.close()


def _skips(facts: Facts) -> bool:
    reader = open_sound(facts.path, facts.stated)
    try:
        return reader.skip_to(facts.header.sample_rate if facts.header else 1) > 0
    finally:
        reader.close()
