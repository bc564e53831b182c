"""Make many planned outputs at once, in processes; what the window uses, where clips are planned already."""

from __future__ import annotations

import contextlib
import threading
import time
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Any

from ..fit import shares_anything
from .draft import settle, write
from .engine import deliver, make_clip
from .ledger import Entry, Ledger
from .place import sweep
from .pool import Died, Pool, Told
from .run import hold
from .wish import Wish
from .work import Made, WorkItem, unaltered

Watch = Callable[[WorkItem, float], None]

_LOT = 16  # items that are put in place by one round of forcing things to the disk
_LOT_SECONDS = 120.0  # of sound in them, so that what is done shows soon
_PAUSE = 0.1  # s between two words of how far an item is


@dataclass(frozen=True, slots=True)
class _Lot:
    """Items of one output folder, with what the ledger has of each."""

    numbers: tuple[int, ...]
    items: tuple[WorkItem, ...]
    before: tuple[Entry | None, ...]


def _do(lot: _Lot, tell: Callable[[Any], None]) -> list[Made]:
    """In a worker: make, prove, and put in place all together."""
    told = 0.0
    drafts = []
    for number, item, before in zip(lot.numbers, lot.items, lot.before, strict=True):

        def progress(share: float, number: int = number) -> None:
            nonlocal told
            if time.monotonic() - told >= _PAUSE:
                told = time.monotonic()
                tell((number, share))

        drafts.append(write(item, before, order=order_of(item), progress=progress))
    delivered = deliver([settle(draft) for draft in drafts], Ledger(lot.items[0].output.parent))
    # The one that asked has the items already.
    return [replace(made, item=None) for made in delivered]  # type: ignore[arg-type]


def order_of(item: WorkItem) -> str:
    """What the ledger is told was asked for, so that a run in a terminal knows the output as its own; empty where no terminal could ask it."""
    plain = item.facts.stated is None and not shares_anything(item.receiver) and not item.receiver.rules.cue_points
    wish = Wish.of_untouched(item.clip, item.receiver, item.output.parent) if plain else None
    return wish.order(item.receiver) if wish else ""


def make_all(
    items: Sequence[WorkItem],
    *,
    workers: int | None = None,
    watch: Watch | None = None,
    cancelled: Callable[[], bool] | None = None,
    pause: threading.Event | None = None,
) -> Iterator[Made]:
    """Make many outputs at once and yield each as it is done, in any order. One that fails stops no other, nor does a worker that dies.

    Parameters
    ----------
    workers : processes; default one for each core; 0 does it in this one.
    watch : called with an item and its share done, 0 to 1.
    cancelled : once true, work in hand is dropped without a trace and the rest is reported as cancelled.
    pause : while it is set all stand still.

    Raises
    ------
    MakeError : another run makes into one of the folders, or one cannot be made.
    """
    with contextlib.ExitStack() as locks:
        folders = list(dict.fromkeys(item.output.parent for item in items))
        held = hold(folders, locks)
        try:
            yield from _Many(items, workers, watch, cancelled, pause, held).made()
        finally:
            for folder in folders:
                sweep(folder)


class _Many:
    def __init__(
        self,
        items: Sequence[WorkItem],
        workers: int | None,
        watch: Watch | None,
        cancelled: Callable[[], bool] | None,
        pause: threading.Event | None,
        held: Sequence[int],
    ) -> None:
        self._items, self._watch, self._cancelled, self._held = items, watch, cancelled, held
        self._ledgers: dict[Path, Ledger] = {}
        self._left = dict(enumerate(items))
        self._here = workers == 0
        self._pool = Pool(_do, workers or None, telling=True, holding=held, pause=pause)

    def made(self) -> Iterator[Made]:
        if self._here:
            for item in self._items:
                yield make_clip(item, ledger=self._ledger(item.output.parent), cancelled=self._cancelled)
            return
        for lot, results in self._pool.run(self._lots(), self._cancelled):
            if isinstance(results, Told):
                number, share = results.what
                if self._watch:
                    self._watch(self._items[number], share)
            elif isinstance(results, Died):
                yield from self._after_death(lot, results)
            else:
                yield from self._taken(lot, results)
        yield from self._after_cancel()

    def _after_cancel(self) -> Iterator[Made]:
        """The rest. Some may have been put in place in the last moment, before their worker could say so; the ledger knows."""
        if not self._left:
            return
        ledgers = {folder: Ledger(folder) for folder in {item.output.parent for item in self._left.values()}}
        for item in self._left.values():
            folder = item.output.parent
            entry = ledgers[folder].get(item.output.name)
            news = entry is not None and entry != self._ledger(folder).get(item.output.name)
            if news and entry is not None and unaltered(item.output, entry):
                yield Made(item, "made", entry.bytes, entry.seconds, entry.sha256, gain_db=entry.gain_db)
            else:
                yield Made(item, "failed", error="It was cancelled.", code="cancelled")

    def _taken(self, lot: _Lot, results: list[Made]) -> Iterator[Made]:
        for number, made in zip(lot.numbers, results, strict=True):
            item = self._left.pop(number)
            yield replace(made, item=item)

    def _after_death(self, lot: _Lot, died: Died) -> Iterator[Made]:
        """The items of a worker that died, one at a time, so that only the one it died over is lost."""
        if len(lot.items) == 1:
            item = self._left.pop(lot.numbers[0])
            yield Made(item, "failed", error=str(died), code="crashed")
            return
        singles = [
            _Lot((number,), (item,), (before,))
            for number, item, before in zip(lot.numbers, lot.items, lot.before, strict=True)
        ]
        for single, results in Pool(_do, 1, telling=True, holding=self._held).run(singles, self._cancelled):
            if isinstance(results, Died):
                yield from self._after_death(single, results)
            elif not isinstance(results, Told):
                yield from self._taken(single, results)

    def _ledger(self, folder: Path) -> Ledger:
        if folder not in self._ledgers:
            self._ledgers[folder] = Ledger(folder)
        return self._ledgers[folder]

    def _lots(self) -> Iterator[_Lot]:
        """Few items are shared out evenly; many in lots, so that the disk is waited for less often."""
        most = max(1, min(_LOT, len(self._items) // (4 * self._pool.count)))
        numbers: list[int] = []
        seconds = 0.0
        for number, item in enumerate(self._items):
            folder = item.output.parent
            length = item.facts.seconds or 0.0
            if numbers and (
                len(numbers) >= most
                or seconds + length > _LOT_SECONDS
                or folder != self._items[numbers[0]].output.parent
            ):
                yield self._lot(numbers)
                numbers, seconds = [], 0.0
            numbers.append(number)
            seconds += length
        if numbers:
            yield self._lot(numbers)

    def _lot(self, numbers: list[int]) -> _Lot:
        items = tuple(self._items[number] for number in numbers)
        ledger = self._ledger(items[0].output.parent)
        return _Lot(tuple(numbers), items, tuple(ledger.get(item.output.name) for item in items))
