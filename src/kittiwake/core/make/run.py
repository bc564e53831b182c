"""From files to outputs, as many as there are: looked at, planned, made and proved by processes, a few files at a time.

What is in memory does not grow with the number of files but for the ledger and the names taken. Files of which the ledger says that
nothing has changed, neither source nor rules nor output, are not even opened.
"""

from __future__ import annotations

import contextlib
import hashlib
import json
import os
from collections import deque
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass, field, replace
from functools import lru_cache
from pathlib import Path
from typing import TYPE_CHECKING, Any

from ..errors import KittiwakeError, MakeError, reason_of
from ..fit import Company, company_of, fit, shares_anything
from ..intake.sniff import looks_like_sound
from ..measure import look_at
from ..measure.look import stamp_of
from ..model import Clip, Facts, Receiver, Stated, TouchUp
from .ahead import Ahead
from .engine import Prepared, WorkItem, deliver, prepare, unaltered, versions
from .ledger import Entry, Ledger, only_run
from .naming import Naming, clip_of
from .place import sweep, sync_files
from .pool import Died, Later, Pool

if TYPE_CHECKING:
    from .cluster import Cluster

_LOT = 16  # files that are put in place by one round of forcing things to the disk
_TOLD = 500  # outcomes that may wait to be told


@dataclass(frozen=True, slots=True)
class Wish:
    """What is asked of every file of a run.

    Attributes
    ----------
    stated : the format of files without a header, or the stream of those with several.
    remedies : codes of remedies to take wherever they are offered.
    """

    receivers: tuple[Receiver, ...]
    folders: tuple[Path, ...]
    stated: Stated | None = None
    stream: int | None = None
    true_rate: int | None = None
    remedies: tuple[str, ...] = ()

    def order(self, receiver: Receiver) -> str:
        """Digest of what is asked for one receiver, and of the libraries that shape samples."""
        asked = {
            "rules": receiver.model_dump(mode="json"),
            "stated": str(self.stated),
            "stream": self.stream,
            "true_rate": self.true_rate,
            "remedies": self.remedies,
            "versions": versions(),
        }
        return hashlib.sha256(json.dumps(asked, sort_keys=True).encode()).hexdigest()[:32]

    def stated_for(self, path: Path) -> Stated | None:
        if self.stated is None and self.stream is None:
            return None
        if looks_like_sound(path):
            return Stated.of_stream(self.stream - 1) if self.stream else None
        return self.stated


@dataclass(frozen=True, slots=True)
class _Task:
    """Some files for one process: of each the path, and of each receiver to make for the name and the entry before."""

    wish: Wish
    orders: tuple[str, ...]
    files: tuple[tuple[Path, tuple[tuple[int, str, Entry | None], ...]], ...]
    companies: tuple[Company | None, ...] = ()


@dataclass(frozen=True, slots=True)
class Outcome:
    """What came of one file at one receiver: the fields of ``kittiwake make --json`` with what a terminal says of it."""

    told: dict[str, Any]
    source_seconds: float = 0.0

    @property
    def good(self) -> bool:
        return self.told["status"] in ("made", "kept")


@dataclass(slots=True)
class Ready:
    """What has come of a task so far: outputs that are proved and wait to be put in place, and files of which nothing will come."""

    outputs: list[tuple[int, Prepared, float]] = field(default_factory=list)
    lost: list[Outcome] = field(default_factory=list)


def _do(task: _Task) -> list[Outcome]:
    """In a worker: look, plan, make, prove, and put in place all together."""
    return put_all_in_place(task.wish, prepare_all(task))


def _do_ahead(task: _Task) -> Later:
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


def prepare_all(task: _Task) -> Ready:
    """Look, plan, make and prove, without putting anything in place."""
    wish = _same_wish(task)
    ready = Ready()
    for path, targets in task.files:
        first = wish.receivers[targets[0][0]]
        ahead = Ahead(first, wish.folders[targets[0][0]])
        try:
            picture = any(_wants_picture(wish.receivers[n]) for n, _, _ in targets)
            facts = look_at(path, wish.stated_for(path), picture=picture, tee=ahead.add)
            for n, stem, before in targets:
                receiver = wish.receivers[n]
                company = task.companies[n] if task.companies else None
                item = _planned(path, facts, wish, receiver, wish.folders[n], stem, company)
                if item.fit.problems and not picture and not item.fit.ready:
                    # What is to be done about it is told from the outline.
                    facts = look_at(path, wish.stated_for(path))
                    item = _planned(path, facts, wish, receiver, wish.folders[n], stem, company)
                own = ahead if n == targets[0][0] else None
                prepared = prepare(item, before, order=task.orders[n], ahead=own)
                if prepared.made.code == "changed":
                    facts = look_at(path, wish.stated_for(path), picture=picture)
                    item = _planned(path, facts, wish, receiver, wish.folders[n], stem, company)
                    prepared = prepare(item, before, order=task.orders[n])
                ready.outputs.append((n, prepared, facts.seconds or 0.0))
        except KittiwakeError as error:
            ready.lost += [_lost(path, wish.receivers[n], str(error)) for n, _, _ in targets]
        finally:
            ahead.close()
    return ready


_wishes: dict[tuple[tuple[str, ...], tuple[Path, ...]], Wish] = {}


def _same_wish(task: _Task) -> Wish:
    """The very wish of the tasks before, where it is the same: what is remembered of its receivers is then found without comparing them."""
    key = task.orders, task.wish.folders
    if key not in _wishes:
        _wishes.clear()
        _wishes[key] = task.wish
    return _wishes[key]


def prepare_for_others(task: _Task) -> Ready:
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


def _wants_picture(receiver: Receiver) -> bool:
    treatment, limits = receiver.treatment, receiver.rules.limits
    trims = treatment.trim_lead_seconds is not None or treatment.trim_tail_seconds is not None
    return bool(trims or treatment.expected_bandwidth_hz or limits.advised_seconds)


def _planned(
    path: Path, facts: Facts, wish: Wish, receiver: Receiver, folder: Path, stem: str, company: Company | None
) -> WorkItem:
    clip, found = planned(path, facts, receiver, wish.true_rate, wish.remedies, company)
    extension = found.recipe.format.extension if found.recipe else ""
    return WorkItem(clip, facts, found, receiver, folder / f"{stem}{extension}")


def planned(
    path: Path,
    facts: Facts,
    receiver: Receiver,
    true_rate: int | None = None,
    remedies: Iterable[str] = (),
    company: Company | None = None,
) -> tuple[Clip, Any]:
    """The clip that a file is, with the wished remedies taken, and its fit.

    Raises
    ------
    RulesError : nothing can be written for the receiver.
    """
    clip = clip_of(path).changed(touch_up=TouchUp(true_rate=true_rate))
    found = fit(clip, facts, receiver, company)
    for code in remedies:
        offered = (r for problem in found.problems for r in problem.remedies if r.code == code and r.applies)
        if remedy := next(offered, None):
            clip = remedy.apply(clip, receiver.slug)
            found = fit(clip, facts, receiver, company)
    return clip, found


def _told_by(entry: Entry, path: Path, output: Path | str, status: str) -> dict[str, Any]:
    """What the ledger tells of an output."""
    return {
        "path": str(path), "receiver": entry.receiver, "output": str(output), "status": status, "bytes": entry.bytes,
        "seconds": entry.seconds, "sha256": entry.sha256, "proof": None, "error": None, "said": [],
    }  # fmt: skip


def _lost(path: Path, receiver: Receiver, error: str) -> Outcome:
    told: dict[str, Any] = {
        "path": str(path), "receiver": receiver.slug, "output": None, "status": "failed", "bytes": None, "seconds": None,
        "sha256": None, "proof": None, "error": error, "said": [],
    }  # fmt: skip
    return Outcome(told)


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
        self._in_hand: dict[int, _Task] = {}
        self._namings: list[Naming] = []
        self._companies: tuple[Company | None, ...] = ()

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
                yield from results
            yield from self._drain()
            yield from self._after_cancel()
        finally:
            for folder in self._wish.folders:
                sweep(folder)

    def _done(self) -> Iterator[tuple[_Task | None, Any]]:
        if self._here:
            return (
                (task, _do(task) if task else None)
                for task in self._tasks()
                if not (self._cancelled and self._cancelled())
            )
        if self.cluster is not None:
            return self._on_cluster(self.cluster)
        return self._pool.run(self._tasks(), self._cancelled)

    def _on_cluster(self, cluster: Cluster) -> Iterator[tuple[_Task | None, Any]]:
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
                        yield Outcome(_told_by(entry, path, output, "made"))

    def _after_death(self, task: _Task) -> Iterator[Outcome]:
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
                    yield _lost(path, self._wish.receivers[n], str(results))
            else:
                yield from results

    def _before(self, ledger: Ledger, n: int, path: Path) -> Entry | None:
        return ledger.output_of(str(path), clip_of(path).name, self._wish.receivers[n].slug)

    def _tasks(self) -> Iterator[_Task | None]:
        """What is to be done; None where much has gathered that is not, so that it can be told."""
        wish = self._wish
        for ledger in self._ledgers:
            ledger.refresh()
        self._namings = [
            Naming(self._paths, receiver, folder, ledger, wish.true_rate)
            for receiver, folder, ledger in zip(wish.receivers, wish.folders, self._ledgers, strict=True)
        ]
        names = zip(*self._namings, strict=True)
        lot: list[tuple[Path, tuple[tuple[int, str, Entry | None], ...]]] = []
        # Few files are shared out evenly; many in lots, so that the disk is waited for less often.
        size = max(1, min(_LOT, len(self._paths) // (4 * self._pool.count)))
        for path, named in zip(self._paths, names, strict=True):
            targets = []
            for n, (stem, before) in enumerate(named):
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

    def _given(self, lot: Iterable[tuple[Path, tuple[tuple[int, str, Entry | None], ...]]]) -> _Task:
        task = _Task(self._wish, self._orders, tuple(lot), self._companies)
        self._in_hand[id(task)] = task
        return task

    def _unchanged(self, n: int, path: Path, before: Entry | None) -> Outcome | None:
        """An outcome without any work, where source, what is asked for, and output are as the ledger has them."""
        if before is None or before.order != self._orders[n] or not before.output_stamp or self._companies:
            return None
        if before.stamp != stamp_of(path) or before.output_stamp != self._namings[n].seen.get(before.output):
            return None
        return Outcome(_told_by(before, path, f"{self._wish.folders[n]}{os.sep}{before.output}", "kept"))

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
        return look_at(path, self.wish.stated_for(path))
