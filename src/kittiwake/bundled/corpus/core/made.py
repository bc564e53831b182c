"""Makes the clips of a corpus by the runner that makes everything else; what is as it was asked for is left alone."""

from __future__ import annotations

import hashlib
from collections.abc import Callable, Iterator, Sequence
from pathlib import Path
from typing import Any

from ....core.batch.request import BatchRequest, PlannedClip
from ....core.batch.runner import run_batch
from ....core.errors import KittiwakeError
from ....core.fit import fit, shares_anything
from ....core.make.output import Result
from ....core.measure.analyze import source_stamp, stamp_of
from ....core.model import Clip
from ....core.process import Executor
from ....words import phrase
from .request import CorpusRequest
from .store import Entry, Made, Store

CLIPS = "clips"  # where made files are that go into archives
_LOT = 500


def folder_of(into: Path, side: str, wish: CorpusRequest) -> Path:
    """Where the clips of a side are made."""
    return into / CLIPS / side if wish.shard_bytes else into / side


def make(
    store: Store,
    wish: CorpusRequest,
    into: Path,
    executor: Executor | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Iterator[Result]:
    """Make all that is kept, each side in a folder of its own. What comes of it is noted; a clip that cannot be made is dropped, and says why.

    Raises
    ------
    KittiwakeError : the receiver's clips share something; or as ``run_batch``.
    """
    if shares_anything(wish.receiver):
        raise KittiwakeError(
            phrase("Clips of {name} share a gain, a memory or marks.", name=wish.receiver.name),
            phrase("Choose a receiver that levels each clip by itself."),
            "shares",
        )
    for side in wish.shares:
        yield from _make_side(store, wish, into, side, executor, cancelled)


def _make_side(
    store: Store, wish: CorpusRequest, into: Path, side: str, executor: Executor | None,
    cancelled: Callable[[], bool] | None,
) -> Iterator[Result]:  # fmt: skip
    folder = folder_of(into, side, wish)
    request = BatchRequest((wish.receiver,), (folder,))
    items = _Planned(store, wish, into, side, request.digest(wish.receiver), folder.relative_to(into))
    if next(iter(items), None) is None:
        store.put_verdicts(items.refused)
        return
    done: list[tuple[str, Made]] = []
    failed: list[tuple[str, str, str]] = []
    for result in run_batch(items, request, executor, cancelled=cancelled):
        if result.status in ("made", "kept") and result.output is not None:
            output = Path(result.output)
            done.append((
                result.clip,
                Made(output.relative_to(into).as_posix(), stamp_of(output), result.sha256 or "", result.bytes or 0, result.seconds or 0.0, items.asked[result.clip]),
            ))  # fmt: skip
            del items.asked[result.clip]
        else:
            failed.append((result.clip, phrase("not made: {error}", error=result.error), ""))
        if len(done) >= _LOT:
            store.put_made(done)
            done = []
        yield result
    store.put_made(done)
    store.put_verdicts([*failed, *items.refused])


class _Planned(Sequence[PlannedClip]):
    """What is to be made of a side, planned as it is drawn."""

    def __init__(self, store: Store, wish: CorpusRequest, into: Path, side: str, digest: str, folder: Path) -> None:
        self._store, self._wish, self._into, self._side, self._digest = store, wish, into, side, digest
        self._folder = folder
        self.refused: list[tuple[str, str, str]] = []
        self.asked: dict[str, str] = {}  # of clips that were drawn and are not made yet
        self._count: int | None = None

    def __len__(self) -> int:
        if self._count is None:
            self._count = self._store.count(self._side)
        return self._count

    def __getitem__(self, index: Any) -> Any:
        raise TypeError("drawn in order only")

    def __iter__(self) -> Iterator[PlannedClip]:
        self.refused = []
        for place, entry in enumerate(self._store.entries(kept=True, facts=True, side=self._side), 1):
            planned = self._planned(entry, place)
            if planned is not None:
                yield planned

    def _planned(self, entry: Entry, place: int) -> PlannedClip | None:
        row, receiver = entry.row, self._wish.receiver
        asked = hashlib.sha256(
            f"{self._digest} {source_stamp(row.path)} {row.path} {row.clip} {row.stated} {self._folder}".encode(
                "utf-8", "surrogatepass"
            )
        ).hexdigest()[:16]
        before = entry.made
        if before is not None and before.asked == asked and before.stamp == stamp_of(self._into / before.output):
            return None
        facts = entry.facts
        if facts is None:
            self.refused.append((row.id, phrase("not made: it has not been measured"), ""))
            return None
        clip = (row.clip or Clip.whole(row.path)).changed(name=row.id, id=row.id)
        found = fit(clip, facts, receiver)
        if not found.ready:
            self.refused.append(
                (
                    row.id,
                    phrase("not made: {what}", what=found.problems[0].message if found.problems else found.verdict),
                    "",
                )
            )
            return None
        self.asked[row.id] = asked
        return PlannedClip(clip, facts, {receiver.slug: found}, place)
