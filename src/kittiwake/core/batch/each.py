"""One piece of work for each of many files, in worker processes, with the results in the order of the files."""

from __future__ import annotations

import itertools
from collections.abc import Callable, Iterable, Iterator, Sequence
from pathlib import Path
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from ..make import Check, Proof, prove
from ..measure.analyze import analyze_as_stated
from ..model import Facts, Note, Receiver, Stated
from ..process import Executor, Processes, WorkerCrash

_LOT = 1000  # files whose results may wait for that of the first of them


def each(
    work: Callable[[Path], Any],
    paths: Iterable[Path],
    executor: Executor | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Iterator[tuple[Path, Any]]:
    """Yield each path with what ``work`` gave, in order; ``WorkerCrash`` where that ended its process, or raised.

    Parameters
    ----------
    work : can be pickled.
    executor : by default worker processes, one for each core.
    """
    todo = iter(paths)
    while lot := list(itertools.islice(todo, _LOT)):
        run = (executor or Processes(min(len(lot), Processes().count))).run(
            _Numbered(work), enumerate(lot), cancelled
        )
        waiting: dict[int, Any] = {}
        wanted = 0
        for task, result in run:
            waiting[task[0]] = result
            while wanted in waiting:
                yield lot[wanted], waiting.pop(wanted)
                wanted += 1


@dataclass(frozen=True, slots=True)
class _Numbered:
    work: Callable[[Path], Any]

    def __call__(self, task: tuple[int, Path]) -> Any:
        return self.work(task[1])


@dataclass(frozen=True, slots=True)
class _Look:
    stated: Stated | None
    stream: int | None
    pitch: bool
    guessed: bool

    def __call__(self, path: Path) -> Facts:
        return analyze_as_stated(path, self.stated, self.stream, pitch=self.pitch, guessed=self.guessed)


def analyze_files(
    paths: Iterable[Path],
    stated: Stated | None = None,
    stream: int | None = None,
    *,
    pitch: bool = False,
    guessed: bool = False,
    executor: Executor | None = None,
) -> Iterator[Facts]:
    """Facts of many files, in order; a file whose decoder crashes is an error among them. Parameters as of ``measure.analyze_as_stated``."""
    for path, facts in each(_Look(stated, stream, pitch, guessed), paths, executor):
        yield Facts(path, error=_crashed(facts)) if isinstance(facts, WorkerCrash) else facts


def _crashed(crash: WorkerCrash) -> Note:
    what, remedy = str(crash).split(". ", 1)
    return Note("crashed", what + ".", remedy)


@dataclass(frozen=True, slots=True)
class _Prove:
    receivers: tuple[Receiver, ...]

    def __call__(self, path: Path) -> list[Proof]:
        return [Proof(prove(path, receiver).checks) for receiver in self.receivers]


def prove_files(
    paths: Iterable[Path], receivers: Sequence[Receiver], executor: Executor | None = None
) -> Iterator[tuple[Path, list[Proof]]]:
    """Each path with its proof for each receiver, in order."""
    for path, proofs in each(_Prove(tuple(receivers)), paths, executor):
        if isinstance(proofs, WorkerCrash):
            proofs = [Proof((Check(phrase("readable"), phrase("a sound file"), str(proofs), False),))] * len(
                receivers
            )
        yield path, proofs
