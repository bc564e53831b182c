"""Measures the clips of a corpus in worker processes, each once."""

from __future__ import annotations

import itertools
import json
from collections.abc import Callable, Iterable, Iterator
from pathlib import Path

from ....core.measure.analyze import same_stamp, source_stamp
from ....core.process import Executor, Processes, WorkerCrash
from .doubles import doubles
from .quality import Quality, quality_of
from .store import Measured, Store
from .to_measure import ToMeasure

_TASK = 16  # clips
_LOT = 256  # whose results are kept at once


def measure(
    store: Store, executor: Executor | None = None, cancelled: Callable[[], bool] | None = None
) -> Iterator[int]:
    """Measure what was not measured yet, or has changed since; yields how many clips are done with each step."""
    executor = executor or Processes()
    skipped = 0

    def todo() -> Iterator[tuple[ToMeasure, ...]]:
        nonlocal skipped
        lot: list[ToMeasure] = []
        for one, stamp in store.unmeasured():
            if stamp and same_stamp(stamp, source_stamp(one.path)):
                skipped += 1
                continue
            lot.append(one)
            if len(lot) == _TASK:
                yield tuple(lot)
                lot = []
        if lot:
            yield tuple(lot)

    waiting: list[Measured] = []
    for found in measured_each(todo(), executor, cancelled):
        waiting += found
        if len(waiting) >= _LOT:
            store.put_measured(waiting)
            waiting = []
        yield len(found)
    store.put_measured(waiting)
    if skipped:
        yield skipped


def measured_each(
    tasks: Iterable[tuple[ToMeasure, ...]], executor: Executor, cancelled: Callable[[], bool] | None = None
) -> Iterator[list[Measured]]:
    """What was found of each few clips. Where a decoder crashes, only the clip that it crashed over is lost to it."""
    for task, found in executor.run(measured, tasks, cancelled):
        if isinstance(found, WorkerCrash):
            found = list(itertools.chain.from_iterable(_alone(executor, task, cancelled)))
        yield found


def _alone(
    executor: Executor, task: tuple[ToMeasure, ...], cancelled: Callable[[], bool] | None
) -> Iterator[list[Measured]]:
    for (one,), found in executor.run(measured, [(single,) for single in task], cancelled):
        if isinstance(found, WorkerCrash):
            quality = json.dumps(Quality(error=str(found)).to_dict())
            found = [Measured(one.id, source_stamp(one.path), quality, None, None, 0.0)]
        yield found


def measured(task: tuple[ToMeasure, ...]) -> list[Measured]:
    """In a worker: a few clips."""
    out = []
    for one in task:
        stamp = source_stamp(one.path)
        quality, likeness, facts = quality_of(Path(one.path), one.stated, one.start, one.stop)
        out.append(
            Measured(
                one.id,
                stamp,
                json.dumps(quality.to_dict()),
                likeness.packed() if likeness else None,
                Measured.packed(facts),
                quality.seconds,
            )
        )
    return out


def find_doubles(store: Store) -> int:
    """Note of each clip whether it repeats another; returns how many do."""
    ids: list[str] = []

    def each() -> Iterator[object]:
        for own, likeness in store.likenesses():
            ids.append(own)
            yield likeness

    found = doubles(each())  # type: ignore[arg-type]
    first: dict[int, int] = {}
    for pair in found:
        low, high = sorted((_root(first, pair.one), _root(first, pair.other)))
        if low != high:
            first[high] = low
    store.put_doubles((ids[n], ids[_root(first, n)]) for n in sorted(first))
    return len(first)


def _root(first: dict[int, int], n: int) -> int:
    while n in first:
        n = first[n]
    return n
