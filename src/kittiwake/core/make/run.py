"""From files to outputs, as many as there are: looked at, planned, made and proved by processes, a few files at a time.

What is in memory does not grow with the number of files but for the ledger and the names taken. Files of which the ledger says that
nothing has changed, neither source nor rules nor output, are not even opened.
"""

from __future__ import annotations

import contextlib
import itertools
import os
from collections import deque
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass, replace
from functools import lru_cache
from pathlib import Path
from typing import TYPE_CHECKING, Any

from ..errors import MakeError, reason_of
from ..fit import Company, company_of, shares_anything
from ..measure.look import stamp_of
from ..model import Clip, Facts, Receiver
from .engine import deliver
from .handful import Ready, planned, prepare_all
from .ledger import Entry, Ledger, only_run
from .naming import Naming, clip_of
from .place import sweep, sync_files
from .pool import Died, Later, Pool
from .wish import Outcome, Target, Task, Wish, lost, told_by
from .work import unaltered

if TYPE_CHECKING:
    from .cluster import Cluster

_LOT = 16  # files that are put in place by one round of forcing things to the disk
_TOLD = 500  # outcomes that may wait to be told


def _do(task: Task) -> list[Outcome]:
    """In a worker: look, plan, make, prove, and put in place all together."""
    return put_all_in_place(task.wish, prepare_all(task))


def _do_ahead(task: Task) -> Later:
    """``_do``, but the disk is waited for while the next task is begun."""
    ready = prepare_all(task)
    return Later(lambda: put_all_in_place(task.wish, ready))


def put_all_in_place(wish: Wish, ready: Ready) -> list[Outcome]:
    """Give outputs their names, those of a folder all at once, and write the ledger."""
    out = list(ready.lost)
    for n in sorted({n for n, _, _ in ready.outputs}):
        some = [(prepared, seconds) for at, prepared, seconds in ready.outputs if at == n]
        delivered = deliver([prepared for prepared, _ in some], _light_ledger(wish.folders[n]))
        out += [Outcome(made.to_dict(), seconds) for (_, seconds), made in zip(some, delivered, strict=True)]
    return out


def prepare_for_others(task: Task) -> Ready:
    """``prepare_all`` on a machine that does not put in place what it made: everything is forced to the disk that all share."""
    ready = prepare_all(task)
    for _, prepared, _ in ready.outputs:
        if prepared.part is not None:
            sync_files([prepared.part])
    return ready


@lru_cache(maxsize=8)
def _light_ledger(folder: Path) -> Ledger:
    """A ledger to append to; what is in it is the business of the process that shares out the work."""
    return Ledger(folder)


def make_files(
    paths: Sequence[Path],
    wish: Wish,
    *,
    workers: int | None = None,
    cancelled: Callable[[], bool] | None = None,
    on: str = "",
) -> Iterator[Outcome]:
    """Make every file for every receiver and yield what came of each, in any order. One that fails stops no other.

    Parameters
    ----------
    paths : absolute.
    workers : processes; default one for each core; 0 does it in this one, which a crash of a decoder then takes with it.
    cancelled : once true, work in hand is dropped within a tenth of a second, without a trace.
    on : address of the scheduler of a cluster to do the work; ``workers`` is of no account then.

    Raises
    ------
    MakeError : another run makes into one of the folders, or one cannot be made; or the cluster cannot be used.
    """
    with contextlib.ExitStack() as locks:
        held = hold(wish.folders, locks)
        run = _Run(paths, wish, workers, cancelled, held)
        if on:
            from .cluster import Cluster

            with Cluster(on) as cluster:
                cluster.check(wish.folders, paths)
                run.cluster = cluster
                yield from run.outcomes()
            for folder in wish.folders:
                sweep(folder, everybodys=True)
        else:
            yield from run.outcomes()


def hold(folders: Iterable[Path], locks: contextlib.ExitStack) -> list[int]:
    """Lock output folders for a run and sweep up in them; returns the open files that hold the locks.

    Raises
    ------
    MakeError : another run makes into one of them, or it cannot be made.
    """
    held = []
    for folder in dict.fromkeys(folders):
        try:
            held.append(locks.enter_context(only_run(folder)))
        except OSError as error:
            told = f"The folder {folder} cannot be used: {reason_of(error)}."
            raise MakeError(told, "Choose another output folder.", "no_folder") from error
        sweep(folder)
    return held


class _Run:
    """One run: names for all files, what has not changed left alone, the rest shared out."""

    def __init__(
        self,
        paths: Sequence[Path],
        wish: Wish,
        workers: int | None,
        cancelled: Callable[[], bool] | None,
        held: Sequence[int] = (),
    ) -> None:
        self._paths, self._wish, self._cancelled = paths, wish, cancelled
        self._here = workers == 0
        self._held = held
        self.cluster: Cluster | None = None
        self._pool = Pool(_do_ahead, workers or None, holding=held)
        self._ledgers = [Ledger(folder) for folder in wish.folders]
        self._orders = tuple(wish.order(receiver) for receiver in wish.receivers)
        self._kept: deque[Outcome] = deque()
        self._in_hand: dict[int, Task] = {}
        self._namings: list[Naming] = []
        self._companies: tuple[Company | None, ...] = ()
        self._altered: dict[tuple[str, str], str] = {}  # outputs that were altered, by source and receiver

    def outcomes(self) -> Iterator[Outcome]:
        if any(shares_anything(receiver) for receiver in self._wish.receivers):
            self._companies = self._look_at_all()
        try:
            for task, results in self._done():
                yield from self._drain()
                if task is None:
                    continue
                self._in_hand.pop(id(task), None)
                if isinstance(results, Died):
                    yield from self._after_death(task)
                    continue
                yield from map(self._with_words, results)
            yield from self._drain()
            yield from self._after_cancel()
        finally:
            for folder in self._wish.folders:
                sweep(folder)

    def _with_words(self, outcome: Outcome) -> Outcome:
        """Say where an output goes beside one that somebody has altered."""
        told = outcome.told
        altered = self._altered.pop((told["path"], told["receiver"]), "") if self._altered else ""
        if altered:
            told["altered"] = altered
            told["said"] = [
                *told["said"],
                f"{altered} was altered since it was made: it is left as it is, and this stands beside it.",
            ]
        return outcome

    def _done(self) -> Iterator[tuple[Task | None, Any]]:
        if self._here:
            return (
                (task, _do(task) if task else None)
                for task in self._tasks()
                if not (self._cancelled and self._cancelled())
            )
        if self.cluster is not None:
            return self._on_cluster(self.cluster)
        return self._pool.run(self._tasks(), self._cancelled)

    def _on_cluster(self, cluster: Cluster) -> Iterator[tuple[Task | None, Any]]:
        """There work is done up to the proof; names are given and the ledger is written here, so that both have one writer."""
        for task, result in cluster.run(prepare_for_others, self._tasks(), self._cancelled):
            yield task, result if task is None or isinstance(result, Died) else put_all_in_place(self._wish, result)

    def _drain(self) -> Iterator[Outcome]:
        while self._kept:
            yield self._kept.popleft()

    def _after_cancel(self) -> Iterator[Outcome]:
        """What was put in place in the last moment, before its worker could say so; the ledger knows."""
        if not self._in_hand:
            return
        ledgers = [Ledger(folder) for folder in self._wish.folders]
        for task in self._in_hand.values():
            for path, targets in task.files:
                for n, _, before in targets:
                    entry = self._before(ledgers[n], n, path)
                    if entry is None or entry == before:
                        continue
                    output = self._wish.folders[n] / entry.output
                    if unaltered(output, entry):
                        yield Outcome(told_by(entry, path, output, "made"))

    def _after_death(self, task: Task) -> Iterator[Outcome]:
        """The files of a worker that died, one at a time, so that only the one it died over is lost."""
        # It may have been over the next task, when this one was put in place already.
        ledgers = [Ledger(folder) for folder in self._wish.folders]
        singles = [
            replace(
                task, files=((path, tuple((n, stem, self._before(ledgers[n], n, path)) for n, stem, _ in targets)),)
            )
            for path, targets in task.files
        ]
        again = (
            self.cluster.run(prepare_for_others, iter(singles), self._cancelled)
            if self.cluster is not None
            else Pool(_do, 1, holding=self._held).run(singles, self._cancelled)
        )
        self._in_hand.update((id(single), single) for single in singles)
        for single, results in again:
            self._in_hand.pop(id(single), None)
            if isinstance(results, Ready):
                results = put_all_in_place(self._wish, results)
            if isinstance(results, Died):
                path, targets = single.files[0]
                for n, _, _ in targets:
                    yield lost(path, self._wish.receivers[n], str(results))
            else:
                yield from results

    def _before(self, ledger: Ledger, n: int, path: Path) -> Entry | None:
        return ledger.output_of(str(path), clip_of(path).name, self._wish.receivers[n].slug)

    def _tasks(self) -> Iterator[Task | None]:
        """What is to be done; None where much has gathered that is not, so that it can be told."""
        wish = self._wish
        for ledger in self._ledgers:
            ledger.refresh()
        self._namings = [
            Naming(receiver, folder, ledger, wish.true_rate, numbers=wish.numbers)
            for receiver, folder, ledger in zip(wish.receivers, wish.folders, self._ledgers, strict=True)
        ]
        paths, *again = itertools.tee(self._paths, 1 + len(self._namings))  # each is made once
        names = [naming.names(some) for naming, some in zip(self._namings, again, strict=True)]
        lot: list[tuple[Path, tuple[Target, ...]]] = []
        # Few files are shared out evenly; many in lots, so that the disk is waited for less often.
        size = max(1, min(_LOT, len(self._paths) // (4 * self._pool.count)))
        for path, *named in zip(paths, *names, strict=True):
            targets = []
            for n, (stem, before, altered, taken) in enumerate(named):
                if taken:
                    told = f"Its name “{taken}” is taken. Free that name, or let it be numbered."
                    self._kept.append(lost(path, wish.receivers[n], told, "refused", altered))
                    continue
                if altered:
                    self._altered[str(path), wish.receivers[n].slug] = altered
                if kept := self._unchanged(n, path, before):
                    self._kept.append(kept)
                    if len(self._kept) >= _TOLD:
                        yield None
                else:
                    targets.append((n, stem, before))
            if targets:
                lot.append((path, tuple(targets)))
            if len(lot) >= size:
                yield self._given(lot)
                lot = []
        if lot:
            yield self._given(lot)

    def _given(self, lot: Iterable[tuple[Path, tuple[Target, ...]]]) -> Task:
        lot = tuple(lot)
        ids = {clip_of(path).id for path, _ in lot} if self._companies else set()
        # Only what these files need: what is known of a whole set would go along with every few of its files.
        companies = tuple(company and company.of(ids) for company in self._companies)
        task = Task(self._wish, self._orders, lot, companies)
        self._in_hand[id(task)] = task
        return task

    def _unchanged(self, n: int, path: Path, before: Entry | None) -> Outcome | None:
        """An outcome without any work, where source, what is asked for, and output are as the ledger has them."""
        if before is None or before.order != self._orders[n] or not before.output_stamp or self._companies:
            return None
        if before.stamp != stamp_of(path) or before.output_stamp != self._namings[n].stamp(before.output):
            return None
        return Outcome(told_by(before, path, f"{self._wish.folders[n]}{os.sep}{before.output}", "kept"))

    def _look_at_all(self) -> tuple[Company | None, ...]:
        """For receivers whose clips share something, everything has to be looked at before anything is made."""
        pairs = []
        for path, facts in Pool(_Look(self._wish), self._pool.count).run(list(self._paths), self._cancelled):
            if not isinstance(facts, Died):
                pairs.append((clip_of(path), facts))
        order = {path: n for n, path in enumerate(self._paths)}
        pairs.sort(key=lambda pair: order[pair[0].source])
        companies: list[Company | None] = []
        for receiver in self._wish.receivers:
            if not shares_anything(receiver):
                companies.append(None)
                continue

            def size_of(clip: Clip, facts: Facts, alone: Company, receiver: Receiver = receiver) -> int | None:
                _, found = planned(clip.source, facts, receiver, self._wish.true_rate, self._wish.remedies, alone)
                size: int | None = found.predicted_bytes
                return size

            companies.append(company_of(pairs, receiver, size_of))
        return tuple(companies)


@dataclass(frozen=True, slots=True)
class _Look:
    wish: Wish

    def __call__(self, path: Path) -> Facts:
        return self.wish.look_at(path)
