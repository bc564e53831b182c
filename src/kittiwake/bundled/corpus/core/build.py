"""A corpus from beginning to end: rows, qualities, doubles, rules, sides, making, packing. Each step goes on where an earlier run stopped."""

from __future__ import annotations

import os
from collections.abc import Callable, Iterable, Iterator
from pathlib import Path

from ....core.errors import KittiwakeError
from ....core.process import Executor
from ....plain_data import dataclass
from ....words import phrase
from .files import Files
from .judged import Judged, assign, judge
from .made import CLIPS, make
from .measured import find_doubles, measure
from .pack import Packed, pack, packed_sounds, write_digests
from .request import CorpusRequest
from .row import Findings, Row
from .sheet import write_sheet
from .store import Store, one_run


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
    wish: CorpusRequest,
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
    with one_run(into):
        yield from _build(rows, findings, wish, into, command, executor, cancelled, write)


def _build(
    rows: Iterable[Row],
    findings: Findings,
    wish: CorpusRequest,
    into: Path,
    command: str,
    executor: Executor | None,
    cancelled: Callable[[], bool] | None,
    write: bool,
) -> Iterator[Step | Built]:
    stop = cancelled or bool
    store = Store(into)
    try:
        total = store.take(rows)
        _check_sources(store, wish, total)
        _check_balance(store, wish)
        yield Step("measured", done := 0, total)
        for measured in measure(store, executor, cancelled):
            done += measured
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
            if wish.shard_bytes and not wish.loose:
                files.take_away_loose(packed_sounds(store, wish), into / CLIPS)
            store.forget_gone()
            built.findings += _empty_sides(wish, built.packed)
        yield built
    finally:
        store.close()


def _check_sources(store: Store, wish: CorpusRequest, total: int) -> None:
    """What is no part of a corpus any more is deleted from it: not where its recordings only seem to be gone.

    Raises
    ------
    KittiwakeError : the folder of some of them is gone or empty, as that of a disk that is not mounted.
    """
    if wish.gone:
        return
    folders: dict[Path, int] = {}
    for path in store.gone():
        folders[path.parent] = folders.get(path.parent, 0) + 1
    missing = {folder: count for folder, count in folders.items() if not _holds_anything(folder)}
    if missing or (folders and not total):
        folder = next(iter(missing or folders))
        raise KittiwakeError(
            phrase(
                "{count} recordings of this corpus lay in {folder}, which is gone or holds nothing now.",
                "{count} recording of this corpus lay in {folder}, which is gone or holds nothing now.",
                sum((missing or folders).values()),
                count=sum((missing or folders).values()),
                folder=folder,
            ),
            phrase("Mount its disk; or, if they are meant to go, say so with --gone. Nothing was changed."),
            "sources_gone",
        )


def _holds_anything(folder: Path) -> bool:
    try:
        with os.scandir(folder) as found:
            return next(found, None) is not None
    except OSError:
        return False


def _check_balance(store: Store, wish: CorpusRequest) -> None:
    """Raises
    ------
    KittiwakeError : sides are to be alike in what nothing tells.
    """
    known = {"language", *store.traits()}
    unknown = [name for name in wish.balance if name not in known]
    if unknown:
        raise KittiwakeError(
            phrase("Nothing tells “{name}” of any clip, so the sides cannot be alike in it.", name=unknown[0]),
            phrase("There is: {list}.", list=", ".join(sorted(known))),
            "balance",
        )


def _empty_sides(wish: CorpusRequest, packed: Packed) -> list[str]:
    return [
        phrase("There is nothing on the side “{side}”: there are too few speakers to share out.", side=side)
        for side in wish.shares
        if not packed.clips[side]
    ]


def _findings(store: Store, findings: Findings, sides: dict[str, str]) -> list[str]:
    more = Findings(dict(findings.counts), {key: list(examples) for key, examples in findings.examples.items()})
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
