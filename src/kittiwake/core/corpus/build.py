"""A corpus from beginning to end: rows, qualities, doubles, rules, sides, making, packing. Each step goes on where an earlier run stopped."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from pathlib import Path

from ...plain_data import dataclass
from ...words import phrase
from ..process import Executor
from .files import Files
from .judged import Judged, assign, judge
from .made import make
from .measured import find_doubles, measure
from .pack import Packed, pack, write_digests
from .row import Findings, Row
from .sheet import write_sheet
from .store import Store
from .wish import Wish


@dataclass(frozen=True, slots=True)
class Step:
    """How far a corpus is: ``name`` of the step, clips ``done`` of ``total``."""

    name: str
    done: int
    total: int


@dataclass(slots=True)
class Built:
    """What came of it. ``packed`` is None until it is written."""

    judged: Judged
    findings: list[str]
    packed: Packed | None = None


def build(
    rows: Iterable[Row],
    findings: Findings,
    wish: Wish,
    into: Path,
    command: str = "",
    executor: Executor | None = None,
    cancelled: Callable[[], bool] | None = None,
    *,
    write: bool = True,
) -> Iterator[Step | Built]:
    """Yield steps, and last what came of it; nothing comes last where it was cancelled.

    Parameters
    ----------
    write : whether to make and pack; else it is only looked at and judged.

    Raises
    ------
    KittiwakeError : something in the folder is in the way, or the table cannot be read.
    """
    stop = cancelled or bool
    store = Store(into)
    try:
        total = store.take(rows)
        yield Step("measured", done := 0, total)
        for some in measure(store, executor, cancelled):
            done += some
            yield Step("measured", done, total)
        if stop():
            return
        find_doubles(store)
        judged = judge(store, wish)
        sides = assign(store, wish)
        built = Built(judged, _findings(store, findings, sides))
        if write:
            yield Step("made", made := 0, judged.clips)
            for _ in make(store, wish, into, executor, cancelled):
                made += 1
                yield Step("made", made, judged.clips)
            if stop():
                return
            files = Files(into, store)
            built.packed = pack(store, wish, files)
            built.findings += [*_not_made(store), *_left_behind(files)]
            write_sheet(store, wish, files, sides, judged, built.packed, built.findings, command)
            write_digests(store, wish, files)
            files.take_away_rest()
        yield built
    finally:
        store.close()


def _findings(store: Store, findings: Findings, sides: dict[str, str]) -> list[str]:
    more = Findings(dict(findings.counts), {key: list(some) for key, some in findings.examples.items()})
    where: dict[str, str] = {}
    for entry in store.entries():
        if entry.quality is None or entry.quality.error:
            more.add(
                phrase("Cannot be read"),
                f"{entry.row.id} ({entry.quality.error if entry.quality else phrase('not measured')})",
            )
        if entry.double_of:
            more.add(phrase("The same recording as another clip"), f"{entry.row.id} (as {entry.double_of})")
            where[entry.double_of] = ""
            where[entry.row.id] = ""
    if where:
        for entry in store.entries(kept=True):
            if entry.row.id in where:
                where[entry.row.id] = sides.get(entry.row.speaker, "")
        for entry in store.entries(kept=True):
            one, other = where.get(entry.row.id, ""), where.get(entry.double_of, "")
            if entry.double_of and one and other and one != other:
                more.add(
                    phrase("The same recording on two sides"),
                    f"{entry.row.id} ({one}) and {entry.double_of} ({other})",
                )
    return more.sentences


def _left_behind(files: Files) -> list[str]:
    more = Findings()
    for name in files.take_away_old_sounds():
        more.add(phrase("No part of the corpus any more, and altered, so that it stays"), name)
    return more.sentences


def _not_made(store: Store) -> list[str]:
    more = Findings()
    for entry in store.entries():
        if entry.dropped.startswith("not made: "):
            more.add(phrase("Not made"), f"{entry.row.id} ({entry.dropped.removeprefix('not made: ').rstrip('.')})")
    return more.sentences
