"""From files to outputs, as many as there are: named, shared out in chunks, and yielded as they are done.

What is in memory does not grow with the number of files but for the ledger and the names taken. Files of which the ledger says that
nothing has changed, neither source nor request nor output, are not even opened.
"""

from __future__ import annotations

import contextlib
import itertools
import os
from collections import deque
from collections.abc import Callable, Collection, Iterable, Iterator, Sequence
from dataclasses import replace
from pathlib import Path
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from .. import process
from ..disk.place import sweep
from ..errors import MakeError, reason_of
from ..fit import BatchContext, context_of, shares_anything
from ..make.ledger import Entry, Ledger, only_run
from ..make.ledger_place import LEDGER, bring_back, keep_aside, ledger_path
from ..make.output import Result, unaltered
from ..measure.analyze import same_stamp, source_stamp
from ..model import Clip, Facts, Receiver
from ..model.clip import clip_of
from ..process import Executor, Progress, WorkerCrash
from .naming import Naming
from .request import BatchRequest, Chunk, PlannedClip, Source, Target
from .stages import Staged, commit_all, make_chunk, make_chunk_deferred, planned, stage_for_others

Item = Path | PlannedClip

_CHUNK = 16  # sources whose outputs are put in place by one round of forcing things to the disk
_CHUNK_SECONDS = 120.0  # of sound in them, where that is known, so that what is done shows soon
_WAITING = 500  # results that may wait to be yielded


@dataclass(frozen=True, slots=True)
class Share:
    """How far an output is, 0 to 1; ``clip`` is the id, ``receiver`` the slug."""

    clip: str
    receiver: str
    done: float


def run_batch(
    items: Sequence[Item],
    request: BatchRequest,
    executor: Executor | None = None,
    *,
    cancelled: Callable[[], bool] | None = None,
    progress: Callable[[Share], None] | None = None,
    others: Collection[str] = (),
) -> Iterator[Result]:
    """Make every item for every receiver and yield what came of each, in any order. One that fails stops no other.

    Parameters
    ----------
    items : absolute paths of whole files, each for all receivers of the request; or clips that are planned already, each for the receivers
        that it has fits of.
    executor : by default worker processes, one for each core.
    cancelled : once true, work in hand is dropped within half a second, without a trace.
    progress : called with how far an output is, several times a second, while results are waited for.
    others : ids of clips that belong with these and are not made now; what was made of them is theirs, whatever it is called.

    Raises
    ------
    MakeError : another run makes into one of the folders, or one cannot be made; or the executor cannot be used.
    """
    executor = executor or process.Processes()
    _choose_ledgers(items, request, executor)
    with contextlib.ExitStack() as locks:
        held = _hold(request.folders, locks)
        executor.check(request.folders, (_path(item) for item in items))
        try:
            yield from _Batch(items, request, executor, cancelled, held, progress, others).results()
        finally:
            for folder in dict.fromkeys(request.folders):
                sweep(folder, everybodys=executor.remote)


def _choose_ledgers(items: Sequence[Item], request: BatchRequest, executor: Executor) -> None:
    """Where outputs go among their own sources, the ledger is kept aside; but in the folder where other machines write it."""
    if executor.remote:
        for folder in dict.fromkeys(request.folders):
            with contextlib.suppress(OSError):
                bring_back(folder)
        return
    try:
        among = _path(items[0]).parent
    except (IndexError, TypeError):  # none; or drawn in order only, as for a corpus, which has a folder of its own
        return
    if among in request.folders:
        keep_aside(among)


def _hold(folders: Iterable[Path], locks: contextlib.ExitStack) -> list[int]:
    """Lock output folders for a run and sweep up in them; returns the open files that hold the locks."""
    held = []
    for folder in dict.fromkeys(folders):
        try:
            held.append(locks.enter_context(only_run(folder)))
        except OSError as error:
            sentence = phrase(
                "The folder {folder} cannot be used: {reason_of}.", folder=folder, reason_of=reason_of(error)
            )
            if isinstance(error, PermissionError) and ledger_path(folder).exists():
                sentence = phrase(
                    "In {folder} somebody else has made outputs: their record, {ledger}, cannot be written by you.",
                    folder=folder,
                    ledger=LEDGER,
                )
            raise MakeError(sentence, phrase("Choose another output folder."), "no_folder") from error
        sweep(folder)
    return held


def _path(item: Item) -> Path:
    return item.clip.source if isinstance(item, PlannedClip) else item


class _Batch:
    """One batch: names for all items, what has not changed left alone, the rest shared out."""

    def __init__(
        self,
        items: Sequence[Item],
        request: BatchRequest,
        executor: Executor,
        cancelled: Callable[[], bool] | None,
        held: Sequence[int] = (),
        progress: Callable[[Share], None] | None = None,
        others: Collection[str] = (),
    ) -> None:
        self._others = others
        self._items, self._request, self._executor = items, request, executor
        self._cancelled, self._held, self._progress = cancelled, held, progress
        self._id = os.urandom(8).hex()
        self._ledgers = [Ledger(folder) for folder in request.folders]
        self._digests = tuple(request.digest(receiver) for receiver in request.receivers)
        self._kept: deque[Result] = deque()
        self._in_hand: dict[int, Chunk] = {}
        self._namings: list[Naming] = []
        self._contexts: tuple[BatchContext | None, ...] = ()
        self._altered: dict[
            tuple[str, str], str
        ] = {}  # outputs that were altered, by clip, or path of a whole file, and receiver
        self._digests_at: dict[tuple[int, int | None], str] = {}  # by receiver and true rate

    def results(self) -> Iterator[Result]:
        whole_files = not isinstance(next(iter(self._items), None), PlannedClip)
        if whole_files and any(shares_anything(receiver) for receiver in self._request.receivers):
            self._contexts = self._look_at_all()
        work = stage_for_others if self._executor.remote else make_chunk_deferred
        for chunk, result in self._run(work, self.chunks()):
            yield from self._drain()
            if chunk is None:
                continue
            if isinstance(result, Progress):
                self._tell(chunk, *result.what)
                continue
            self._in_hand.pop(id(chunk), None)
            if isinstance(result, WorkerCrash):
                yield from self.after_crash(chunk, result)
            else:
                yield from self._with_messages(self._committed(result))
        yield from self._drain()
        yield from self._after_cancel()

    def _run(self, work: Callable[..., Any], chunks: Iterable[Chunk | None]) -> Iterator[tuple[Chunk | None, Any]]:
        reports = self._progress is not None and not self._executor.remote
        return self._executor.run(work, chunks, self._cancelled, reports=reports, holding=self._held)

    def _committed(self, result: list[Result] | Staged) -> list[Result]:
        """Results of a chunk; those of another machine are committed here, so that names and ledger have one writer."""
        return commit_all(self._request, result) if isinstance(result, Staged) else result

    def _with_messages(self, results: Iterable[Result]) -> Iterator[Result]:
        """Say where an output goes beside one that somebody has altered."""
        for result in results:
            altered = ""
            if self._altered:
                keys = ((one, result.receiver) for one in (result.clip, result.path))
                altered = next((self._altered.pop(key) for key in keys if key in self._altered), "")
            if altered:
                sentence = phrase(
                    "{altered} was altered since it was made: it is left as it is, and this stands beside it.",
                    altered=altered,
                )
                result.altered, result.messages = altered, (*result.messages, sentence)
            yield result

    def _tell(self, chunk: Chunk, at: int, n: int, done: float) -> None:
        if self._progress is not None:
            clip = chunk.sources[at].clip or clip_of(chunk.sources[at].path)
            self._progress(Share(clip.id, self._request.receivers[n].slug, done))

    def _drain(self) -> Iterator[Result]:
        while self._kept:
            yield self._kept.popleft()

    def _after_cancel(self) -> Iterator[Result]:
        """What was put in place in the last moment, before its worker could say so; the ledger knows."""
        if not self._in_hand:
            return
        ledgers = [Ledger(folder) for folder in self._request.folders]
        for chunk in self._in_hand.values():
            for source in chunk.sources:
                for target in source.targets:
                    entry = self._before(ledgers[target.n], target.n, source)
                    if entry is None or entry == target.before:
                        continue
                    output = self._request.folders[target.n] / entry.output
                    if unaltered(output, entry):
                        yield Result.known(entry, output, source.clip.id if source.clip else "", "made")

    def after_crash(self, chunk: Chunk, crash: WorkerCrash) -> Iterator[Result]:
        """The sources of a worker that crashed, one at a time, so that only the one it crashed over is lost."""
        # It may have been over the next chunk, when this one was put in place already.
        ledgers = [Ledger(folder) for folder in self._request.folders]
        singles = []
        for source in chunk.sources:
            targets = tuple(t._replace(before=self._before(ledgers[t.n], t.n, source)) for t in source.targets)
            singles.append(replace(chunk, sources=(source._replace(targets=targets),)))
        self._in_hand.update((id(single), single) for single in singles)
        for single, result in self._run(stage_for_others if self._executor.remote else make_chunk, singles):
            assert single is not None
            if isinstance(result, Progress):
                self._tell(single, *result.what)
                continue
            self._in_hand.pop(id(single), None)
            if isinstance(result, WorkerCrash):
                source = single.sources[0]
                yield from (self._lost(source, target.n, str(result), "crashed") for target in source.targets)
            else:
                yield from self._with_messages(self._committed(result))

    def _lost(self, item: Item | Source, n: int, error: str, code: str = "", **known: Any) -> Result:
        if isinstance(item, Source):
            path, clip = item.path, item.clip.id if item.clip else ""
        else:
            path, clip = _path(item), item.clip.id if isinstance(item, PlannedClip) else ""
        status = "failed" if code == "crashed" else "refused"
        return Result(str(path), clip, self._request.receivers[n].slug, status, error=error, code=code, **known)  # type: ignore[arg-type]

    def _before(self, ledger: Ledger, n: int, source: Source) -> Entry | None:
        name = source.clip.name if source.clip else source.path.stem
        if source.clip and (before := ledger.output_of_id(source.clip.id, self._request.receivers[n].slug)):
            return before
        return ledger.output_of(str(source.path), name, self._request.receivers[n].slug)

    def chunks(self) -> Iterator[Chunk | None]:
        """What is to be done; None where many unchanged files have gathered, so that their results can be yielded."""
        for ledger in self._ledgers:
            ledger.refresh()
        request = self._request
        self._namings = [
            Naming(
                receiver,
                folder,
                ledger,
                request.true_rate,
                numbers=request.numbers,
                items=self._items,
                others=self._others,
            )
            for receiver, folder, ledger in zip(request.receivers, request.folders, self._ledgers, strict=True)
        ]
        chunk: list[Source] = []
        seconds = 0.0
        # Few sources are shared out evenly; many in chunks, so that the disk is waited for less often.
        most = max(1, min(_CHUNK, len(self._items) // (4 * self._executor.count)))
        for item, targets in self._named():
            if len(self._kept) >= _WAITING:
                yield None
            if not targets:
                continue
            if isinstance(item, PlannedClip):
                chunk.append(Source(item.clip.source, tuple(targets), item.clip, item.facts))
                seconds += item.facts.seconds or 0.0
            else:
                chunk.append(Source(item, tuple(targets)))
            if len(chunk) >= most or seconds > _CHUNK_SECONDS:
                yield self._given(chunk)
                chunk, seconds = [], 0.0
        if chunk:
            yield self._given(chunk)

    def _named(self) -> Iterator[tuple[Item, list[Target]]]:
        """Items with what is to be made of each."""
        slugs = [receiver.slug for receiver in self._request.receivers]
        items, *again = itertools.tee(self._items, 1 + len(slugs))
        names = [
            naming.names(_going_to(slug, plans))
            for naming, slug, plans in zip(self._namings, slugs, again, strict=True)
        ]
        for item in items:
            targets = []
            for n, slug in enumerate(slugs):
                if isinstance(item, PlannedClip) and slug not in item.fits:
                    continue
                stem, before, altered, taken, old, over = next(names[n])
                if taken:
                    sentence = phrase(
                        "Its name “{taken}” is taken. Free that name, or let it be numbered.", taken=taken
                    )
                    self._kept.append(self._lost(item, n, sentence, altered=altered))
                    continue
                if altered:
                    whose = item.clip.id if isinstance(item, PlannedClip) else str(item)
                    self._altered[whose, slug] = altered
                digest = self._digest_of(n, item)
                fit = item.fits[slug] if isinstance(item, PlannedClip) else None
                if kept := self._unchanged(n, item, before, digest):
                    self._kept.append(kept)
                else:
                    targets.append(Target(n, stem, before, digest, fit, old, over))
            yield item, targets

    def _digest_of(self, n: int, item: Item) -> str:
        """Of what is asked for an item; computed once for all clips that ask for the same."""
        if not isinstance(item, PlannedClip):
            return self._digests[n]
        receiver, rate = self._request.receivers[n], item.clip.touch_up.true_rate
        if not item.is_plain(receiver):
            return ""
        if (n, rate) not in self._digests_at:
            self._digests_at[n, rate] = BatchRequest((receiver,), (), true_rate=rate).digest(receiver)
        return self._digests_at[n, rate]

    def _given(self, sources: Iterable[Source]) -> Chunk:
        sources = tuple(sources)
        ids = {clip_of(source.path).id for source in sources} if self._contexts else set()
        # Only what these need: what is known of a whole set would go along with every few of its files.
        contexts = tuple(context and context.of(ids) for context in self._contexts)
        chunk = Chunk(self._id, self._request, sources, contexts)
        self._in_hand[id(chunk)] = chunk
        return chunk

    def _unchanged(self, n: int, item: Item, before: Entry | None, digest: str) -> Result | None:
        """A result without any work, where source, request, and output are as the ledger has them."""
        if before is None or not digest or before.order != digest or not before.output_stamp or self._contexts:
            return None
        source, name = (
            (str(item.clip.source), item.clip.name) if isinstance(item, PlannedClip) else (str(item), item.stem)
        )
        if (before.source, before.clip) != (source, name):
            return None
        if not same_stamp(before.stamp, source_stamp(source)) or before.output_stamp != self._namings[n].stamp(
            before.output
        ):
            return None
        clip = item.clip.id if isinstance(item, PlannedClip) else ""
        return Result.known(before, f"{self._request.folders[n]}{os.sep}{before.output}", clip, "kept")

    def _look_at_all(self) -> tuple[BatchContext | None, ...]:
        """For receivers whose clips share something, everything has to be looked at before anything is made."""
        pairs = []
        for path, facts in self._executor.run(_Look(self._request), self._items, self._cancelled):
            if not isinstance(facts, WorkerCrash):
                pairs.append((clip_of(path), facts))
        order = {item: n for n, item in enumerate(self._items)}
        pairs.sort(key=lambda pair: order[pair[0].source])
        return tuple(self._context(receiver, pairs) for receiver in self._request.receivers)

    def _context(self, receiver: Receiver, pairs: list[tuple[Clip, Facts]]) -> BatchContext | None:
        if not shares_anything(receiver):
            return None

        def size_of(clip: Clip, facts: Facts, alone: BatchContext) -> int | None:
            _, found = planned(clip.source, facts, receiver, self._request.true_rate, self._request.remedies, alone)
            return found.predicted_bytes

        return context_of(pairs, receiver, size_of)


def _going_to(slug: str, items: Iterable[Item]) -> Iterator[Item]:
    return (item for item in items if not isinstance(item, PlannedClip) or slug in item.fits)


@dataclass(frozen=True, slots=True)
class _Look:
    """Work for an executor: the facts of a path."""

    request: BatchRequest

    def __call__(self, path: Path) -> Facts:
        return self.request.analyze(path)
