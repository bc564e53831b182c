"""What a worker does with a few sources: look, plan, write, verify, commit, each step for all of them before the next.

So each step finds code and data in the processor's cache, where the clip before left them; for short clips that is a few per cent of the time.
"""

from __future__ import annotations

import time
from collections.abc import Callable, Iterable
from dataclasses import field, replace
from functools import lru_cache
from pathlib import Path

from ...plain_data import dataclass
from ..disk.place import sync_files
from ..errors import KittiwakeError
from ..fit import BatchContext, Fit, fit
from ..make.ledger import Ledger
from ..make.output import OutputPlan, Result
from ..make.speculative import SpeculativePass
from ..make.staged import StagedOutput, commit, verify, write
from ..model import Clip, Facts, Receiver, TouchUp
from ..model.clip import clip_of
from ..model.facts import NotMeasuredError
from ..model.rule import stated_rules
from ..process import Deferred
from .naming import output_path
from .request import BatchRequest, Chunk, Source, Target

_HELD = 8 * 1024 * 1024  # bytes of sound that may wait between two steps
_PAUSE = 0.1  # s between two reports of how far an output is

#: Called with the place of a source in its chunk, the place of a receiver in the request, and the share done, 0 to 1.
Report = Callable[[tuple[int, int, float]], None]


def make_chunk(chunk: Chunk, report: Report | None = None) -> list[Result]:
    """In a worker: all stages of a chunk."""
    return commit_all(chunk.request, stage(chunk, report))


def make_chunk_deferred(chunk: Chunk, report: Report | None = None) -> Deferred:
    """``make_chunk``, but the disk is waited for while the next chunk is begun."""
    staged = stage(chunk, report)
    return Deferred(lambda: commit_all(chunk.request, staged))


def stage_for_others(chunk: Chunk) -> Staged:
    """``stage`` on a machine that does not commit what it made: everything is forced to the disk that all share."""
    staged = stage(chunk)
    for _, one in staged.outputs:
        if isinstance(one, StagedOutput):
            sync_files([one.part])
    return staged


def commit_all(request: BatchRequest, staged: Staged) -> list[Result]:
    """Give outputs their names, those of a folder all at once, and write the ledger."""
    out = list(staged.lost)
    for n in sorted({n for n, _ in staged.outputs}):
        staged_outputs = [one for at, one in staged.outputs if at == n]
        out += [result.light() for result in commit(staged_outputs, _light_ledger(request.folders[n]))]
    return out


@lru_cache(maxsize=8)
def _light_ledger(folder: Path) -> Ledger:
    """A ledger to append to; what is in it is the business of the process that shares out the work."""
    return Ledger(folder)


@dataclass(slots=True)
class Staged:
    """What has come of a chunk so far: outputs that are verified, or what came of them, each with the place of its receiver; and sources of
    which nothing will come.
    """

    outputs: list[tuple[int, StagedOutput | Result]] = field(default_factory=list)
    lost: list[Result] = field(default_factory=list)


def stage(chunk: Chunk, report: Report | None = None) -> Staged:
    """Look, plan, write and verify, without committing anything."""
    request = _same_request(chunk)
    staged = Staged()
    few: list[_Stages] = []
    try:
        for at, source in enumerate(chunk.sources):
            few.append(_Stages(chunk, request, source, staged, _reporter(report, at)))
            few[-1].look()
            if sum(one.held for one in few) > _HELD:
                _finish(few)
                few = []
        _finish(few)
    finally:
        for one in few:
            one.close()
    return staged


def _reporter(report: Report | None, at: int) -> Callable[[int], Callable[[float], None] | None]:
    """For a source, what tells how far each of its outputs is."""

    def of(n: int) -> Callable[[float], None] | None:
        if report is None:
            return None
        reported_at = 0.0

        def progress(share: float) -> None:
            nonlocal reported_at
            if time.monotonic() - reported_at >= _PAUSE:
                reported_at = time.monotonic()
                report((at, n, share))

        return progress

    return of


def _finish(few: list[_Stages]) -> None:
    for step in (_Stages.plan, _Stages.write, _Stages.verify, _Stages.close):
        for one in few:
            step(one)


class _Stages:
    """One source on its way to its outputs, which go to ``staged``. Once it is lost, no step does anything."""

    def __init__(
        self,
        chunk: Chunk,
        request: BatchRequest,
        source: Source,
        staged: Staged,
        reporter: Callable[[int], Callable[[float], None] | None],
    ) -> None:
        self._chunk, self._request, self._source, self._staged = chunk, request, source, staged
        self._reporter = reporter
        first = source.targets[0].n
        self._speculative = None
        self._picture = any(_wants_picture(request.receivers[target.n]) for target in source.targets)
        self._every = any(_wants_every_level(request.receivers[target.n]) for target in source.targets)
        if source.facts is None:
            self._speculative = SpeculativePass(request.receivers[first], request.folders[first])
        self._clip = source.clip
        self._facts = source.facts
        self._plans: list[OutputPlan] = []
        self._written: list[StagedOutput | Result] = []

    @property
    def held(self) -> int:
        """Bytes of sound that are kept for the next step."""
        return self._speculative.held if self._speculative is not None else 0

    def look(self) -> None:
        if self._speculative is None:
            return
        try:
            self._facts = self._request.analyze(
                self._source.path, picture=self._picture, every=self._every, tee=self._speculative.add
            )
        except KittiwakeError as error:
            self._lose(error)

    def plan(self) -> None:
        if self._facts is None:
            return
        try:
            self._plans = [self._planned(target) for target in self._source.targets]
        except KittiwakeError as error:
            self._lose(error)

    def write(self) -> None:
        for at, (target, plan) in enumerate(zip(self._source.targets, self._plans, strict=False)):
            self._written.append(
                write(
                    plan,
                    target.before,
                    old=target.old,
                    over=target.over,
                    request=target.digest,
                    speculative=self._speculative if at == 0 else None,
                    progress=self._reporter(target.n),
                )
            )

    def verify(self) -> None:
        for target in self._source.targets[: len(self._written)]:
            one = verify(self._written[0])
            del self._written[0]
            if isinstance(one, Result) and one.code == "changed" and self._source.facts is None:
                try:
                    one = self._anew(target)
                except KittiwakeError as error:
                    self._staged.lost.append(self._lost(target, error))
                    continue
            self._staged.outputs.append((target.n, one))

    def close(self) -> None:
        if self._speculative is not None:
            self._speculative.close()
        for one in self._written:  # those that were never verified
            if isinstance(one, StagedOutput):
                one.drop()

    def _planned(self, target: Target) -> OutputPlan:
        request, receiver = self._request, self._request.receivers[target.n]
        assert self._facts is not None
        if target.fit is not None and self._clip is not None:
            clip, found = self._clip, target.fit
        else:
            context = self._chunk.contexts[target.n] if self._chunk.contexts else None
            try:
                clip, found = planned(
                    self._source.path, self._facts, receiver, request.true_rate, request.remedies, context
                )
            except NotMeasuredError:
                # A rule or a treatment goes by what was not measured: it is measured, and planned again.
                self._picture = True
                self._facts = request.analyze(self._source.path)
                return self._planned(target)
            if request.strict and found.ready and found.warnings:
                asked = tuple(replace(problem, severity="decide") for problem in found.warnings)
                found = replace(found, verdict="decide", problems=asked)
            if found.problems and not self._picture and not found.ready:
                # Remedies reckon with the outline.
                self._picture = True
                self._facts = request.analyze(self._source.path)
                return self._planned(target)
        return OutputPlan(
            clip, self._facts, found, receiver, output_path(request.folders[target.n], target.stem, found, receiver)
        )

    def _anew(self, target: Target) -> StagedOutput | Result:
        """Once more, of a file that changed while it was read."""
        self._facts = self._request.analyze(self._source.path, picture=self._picture, every=self._every)
        return verify(
            write(self._planned(target), target.before, old=target.old, over=target.over, request=target.digest)
        )

    def _lost(self, target: Target, error: object) -> Result:
        clip = self._clip.id if self._clip else ""
        return Result(
            str(self._source.path), clip, self._request.receivers[target.n].slug, "failed", error=str(error)
        )

    def _lose(self, error: KittiwakeError) -> None:
        self._staged.lost += [self._lost(target, error) for target in self._source.targets]
        self._facts, self._plans = None, []


_requests: dict[str, BatchRequest] = {}


def _same_request(chunk: Chunk) -> BatchRequest:
    """The very request of the chunks before: what is remembered of its receivers is then found without comparing them."""
    if chunk.batch not in _requests:
        _requests.clear()
        _requests[chunk.batch] = chunk.request
    return _requests[chunk.batch]


def _wants_picture(receiver: Receiver) -> bool:
    treatment = receiver.treatment
    trims = treatment.trim_lead_seconds is not None or treatment.trim_tail_seconds is not None
    return trims or any(rule.picture for rule, _ in stated_rules(receiver))


def _wants_every_level(receiver: Receiver) -> bool:
    """Whether the louder of two sides is looked for."""
    return receiver.rules.channels != 1 and receiver.treatment.level.measure != "leave"


def planned(
    path: Path,
    facts: Facts,
    receiver: Receiver,
    true_rate: int | None = None,
    remedies: Iterable[str] = (),
    context: BatchContext | None = None,
) -> tuple[Clip, Fit]:
    """The clip that a file is, with the wished remedies taken, and its fit.

    Raises
    ------
    RulesError : nothing can be written for the receiver.
    """
    clip = clip_of(path)
    if true_rate:
        clip = clip.changed(touch_up=TouchUp(true_rate=true_rate))
    return with_remedies(clip, facts, receiver, remedies, context)


def with_remedies(
    clip: Clip, facts: Facts, receiver: Receiver, remedies: Iterable[str], context: BatchContext | None = None
) -> tuple[Clip, Fit]:
    """A clip with the wished remedies taken, as far as they are offered, and its fit."""
    found = fit(clip, facts, receiver, context)
    for code in remedies:
        offered = (r for problem in found.problems for r in problem.remedies if r.code == code and r.applies)
        if remedy := next(offered, None):
            clip = remedy.apply(clip, receiver.slug)
            found = fit(clip, facts, receiver, context)
    return clip, found
