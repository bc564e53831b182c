"""Watches folders until it is stopped, and makes what arrives."""

from __future__ import annotations

import fcntl
import hashlib
import os
import time
from collections.abc import Callable, Iterator, Sequence
from pathlib import Path

from ...core.batch import BatchRequest, run_batch
from ...core.batch.places import folders_of
from ...core.batch.search import find_sources
from ...core.disk.private import private_folder
from ...core.errors import KittiwakeError
from ...core.intake import PassedOver
from ...core.make import Result
from ...core.model import load_receiver
from ...core.process import Executor
from ...plain_data import dataclass
from ...words import phrase
from .request import WatchedFolder, check_ways
from .whole import Arrivals

_LOOK = 0.5  # s between two looks while something is arriving
_IDLE = 10.0  # s, without a notice too: folders of other machines send none
_AGAIN, _AGAIN_MOST = 4.0, 300.0  # s until something that failed is tried again, twice as long each time
#: What is no fault of a file, and may be over a while later: a full disk, a folder that another run holds.
_PASSING = ("disk", "no_place", "no_folder", "locked", "changed", "crashed")


@dataclass(frozen=True, slots=True)
class Arrived:
    """What became of a file that arrived in a folder; ``receiver`` is what that one is called."""

    folder: WatchedFolder
    result: Result
    receiver: str


class Watch:
    """Parameters
    ----------
    folders : to be watched; one that is not there is waited for.
    executor : of the making; None: in processes.
    report : called with a sentence about a folder that cannot be watched now.
    locks : folder of the locks that keep two programs from watching the same folder.

    Raises
    ------
    KittiwakeError : a folder is watched by another program.
    """

    def __init__(
        self,
        folders: Sequence[WatchedFolder],
        executor: Executor | None = None,
        report: Callable[[str], object] | None = None,
        locks: Path | None = None,
    ) -> None:
        self._folders = list(folders)
        self._executor, self._report = executor, report or (lambda text: None)
        self._arrivals = Arrivals()
        self._done: dict[tuple[Path, Path], tuple[int, int]] = {}
        self._later: dict[
            tuple[Path, Path], tuple[float, float]
        ] = {}  # when it is tried again, and how long is waited then
        self._held: list[int] = []
        self._gone: set[Path] = set()
        check_ways(folders)
        for one in folders:
            self._hold(one, locks)

    def _hold(self, one: WatchedFolder, locks: Path | None) -> None:
        from platformdirs import user_state_path

        place = locks or user_state_path("kittiwake") / "watched"
        private_folder(place)
        handle = os.open(
            place / f"{hashlib.sha256(os.fsencode(os.path.realpath(one.path))).hexdigest()[:16]}.lock",
            os.O_RDWR | os.O_CREAT | os.O_CLOEXEC,
            0o600,
        )
        try:
            fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError as error:
            os.close(handle)
            self.close()
            raise KittiwakeError(
                phrase("{path} is watched by another Kittiwake already.", path=one.path),
                phrase("Stop that one first: a window, or “kittiwake watch”."),
                "watched",
            ) from error
        self._held.append(handle)

    def close(self) -> None:
        """Let others watch these folders."""
        for handle in self._held:
            os.close(handle)
        self._held = []

    def run(self, cancelled: Callable[[], bool]) -> Iterator[Arrived]:
        """What becomes of each file, as it comes, until ``cancelled``."""
        while not cancelled():
            there = [one.path for one in self._folders if self._is_there(one)]
            for _ in _wakes(there, cancelled):
                pending = False
                for one in self._folders:
                    if self._is_there(one):
                        ready, rest = self._look(one)
                        pending |= rest
                        yield from self._make(one, ready, cancelled)
                if not pending and [one.path for one in self._folders if self._is_there(one)] != there:
                    break

    def once(self, cancelled: Callable[[], bool] = lambda: False) -> Iterator[Arrived]:
        """Make what lies there now, and come to an end once all of it has come to rest."""
        pending = True
        while pending and not cancelled():
            pending = False
            for one in self._folders:
                if self._is_there(one):
                    ready, rest = self._look(one)
                    pending |= rest
                    yield from self._make(one, ready, cancelled)
                    # What failed was told; nobody waits here until it can be done.
                    self._done |= {key: _stamp(key[1]) for key in self._later}
                    self._later = {}
            if pending:
                time.sleep(_LOOK)

    def _is_there(self, one: WatchedFolder) -> bool:
        there = one.path.is_dir()
        if not there and one.path not in self._gone:
            self._gone.add(one.path)
            self._report(phrase("{path} is not there; it is waited for.", path=one.path))
        elif there and one.path in self._gone:
            self._gone.discard(one.path)
            self._report(phrase("{path} is there again.", path=one.path))
        return there

    def _look(self, one: WatchedFolder) -> tuple[list[Path], bool]:
        """What has arrived whole and was not taken yet, and whether anything is still arriving."""
        ready, pending = [], False
        for path in find_sources([one.path], PassedOver(), into=one.into):
            if one.into in path.parents:
                continue
            if (stamp := _stamp(path)) != _NOT_THERE and self._done.get((one.path, path)) == stamp:
                continue
            if self._later.get((one.path, path), (0.0, 0.0))[0] > time.monotonic():
                continue
            if self._arrivals.is_whole(path):
                ready.append(path)
            elif path.exists():
                pending = True
        return ready, pending

    def _make(self, one: WatchedFolder, ready: list[Path], cancelled: Callable[[], bool]) -> Iterator[Arrived]:
        if not ready:
            return
        stamps = {path: stamp for path in ready if (stamp := _stamp(path)) != _NOT_THERE}
        again: set[Path] = set()
        try:
            receivers = tuple(load_receiver(slug) for slug in one.receivers)
            names = {receiver.slug: receiver.name for receiver in receivers}
            request = BatchRequest(receivers, folders_of(one.into, receivers))
            for result in run_batch(ready, request, self._executor, cancelled=cancelled):
                path = Path(result.path)
                if result.status == "failed" and result.code in _PASSING:
                    again.add(path)
                    if (one.path, path) in self._later:
                        continue  # that was said the first time
                yield Arrived(one, result, names.get(result.receiver, result.receiver))
        except KittiwakeError as error:  # a disk that is full today may be free tomorrow
            if not any((one.path, path) in self._later for path in stamps):
                self._report(str(error))
            again = set(stamps)
        if cancelled():
            return
        for path, stamp in stamps.items():
            key = (one.path, path)
            if path in again:
                wait = min(_AGAIN_MOST, 2 * self._later.get(key, (0.0, _AGAIN / 2))[1])
                self._later[key] = (time.monotonic() + wait, wait)
            else:
                self._later.pop(key, None)
                self._done[key] = stamp
                self._arrivals.forget(path)


_NOT_THERE = (-1, -1)


def _stamp(path: Path) -> tuple[int, int]:
    """Size and time of a file; ``_NOT_THERE`` where it is not."""
    try:
        found = path.stat()
    except OSError:
        return _NOT_THERE
    return found.st_size, found.st_mtime_ns


def _wakes(folders: list[Path], cancelled: Callable[[], bool]) -> Iterator[None]:
    """Now, and whenever something may have changed in these folders."""
    yield None
    if not folders:
        until = time.monotonic() + 2
        while time.monotonic() < until and not cancelled():
            time.sleep(0.1)
        return
    from watchfiles import watch

    class Stop:
        @staticmethod
        def is_set() -> bool:
            return cancelled()

    quiet_until = time.monotonic() + _IDLE
    busy_until = time.monotonic() + 2
    for changes in watch(
        *folders, watch_filter=None, stop_event=Stop(), rust_timeout=int(_LOOK * 1000), yield_on_timeout=True, debounce=200,
        step=50, raise_interrupt=False,
    ):  # fmt: skip
        now = time.monotonic()
        if changes:
            busy_until = now + 40  # as long as it may take until it has come to rest
        if now < busy_until or now > quiet_until:
            quiet_until = now + _IDLE
            yield None
