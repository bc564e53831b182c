"""A few files together: looked at, planned, written and proved, each step for all of them before the next.

So each step finds code and data in the processor's cache, where the clip before left them; for short clips that is a few per cent of the time.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import Any

from ..errors import KittiwakeError
from ..fit import Company, fit
from ..fit.names import bare_name
from ..model import Clip, Facts, Receiver, TouchUp
from .ahead import Ahead
from .draft import Draft, Prepared, settle, write
from .naming import clip_of
from .wish import Outcome, Target, Task, Wish, lost
from .work import WorkItem

_HELD = 8 * 1024 * 1024  # bytes of sound that may wait between two steps


@dataclass(slots=True)
class Ready:
    """What has come of a task so far: outputs that are proved and wait to be put in place, and files of which nothing will come."""

    outputs: list[tuple[int, Prepared, float]] = field(default_factory=list)
    lost: list[Outcome] = field(default_factory=list)


def prepare_all(task: Task) -> Ready:
    """Look, plan, make and prove, without putting anything in place."""
    wish = _same_wish(task)
    ready = Ready()
    few: list[_File] = []
    try:
        for path, targets in task.files:
            few.append(_File(task, wish, path, targets, ready))
            few[-1].look()
            if sum(file.held for file in few) > _HELD:
                _finish(few)
                few = []
        _finish(few)
    finally:
        for file in few:
            file.close()
    return ready


def _finish(few: list[_File]) -> None:
    for step in (_File.plan, _File.write, _File.settle, _File.close):
        for file in few:
            step(file)


class _File:
    """One file on its way to its outputs, which go to ``ready``. Once it is lost, no step does anything."""

    def __init__(self, task: Task, wish: Wish, path: Path, targets: tuple[Target, ...], ready: Ready) -> None:
        self._task, self._wish, self._path, self._targets, self._ready = task, wish, path, targets, ready
        first = targets[0][0]
        self._ahead = Ahead(wish.receivers[first], wish.folders[first])
        self._picture = any(_wants_picture(wish.receivers[n]) for n, _, _ in targets)
        self._facts: Facts | None = None
        self._items: list[WorkItem] = []
        self._drafts: list[Draft | Prepared] = []

    @property
    def held(self) -> int:
        """Bytes of sound that are kept for the next step."""
        return self._ahead.held

    def look(self) -> None:
        try:
            self._facts = self._wish.look_at(self._path, picture=self._picture, tee=self._ahead.add)
        except KittiwakeError as error:
            self._lose(error)

    def plan(self) -> None:
        if self._facts is None:
            return
        try:
            self._items = [self._planned(target) for target in self._targets]
        except KittiwakeError as error:
            self._lose(error)

    def write(self) -> None:
        for (n, _, before), item in zip(self._targets, self._items, strict=False):
            ahead = self._ahead if n == self._targets[0][0] else None
            self._drafts.append(write(item, before, order=self._task.orders[n], ahead=ahead))

    def settle(self) -> None:
        for target in self._targets[: len(self._drafts)]:
            prepared = settle(self._drafts[0])
            del self._drafts[0]
            if prepared.made.code == "changed":
                try:
                    prepared = self._anew(target)
                except KittiwakeError as error:
                    self._ready.lost.append(lost(self._path, self._wish.receivers[target[0]], str(error)))
                    continue
            seconds = prepared.made.item.facts.seconds or 0.0
            self._ready.outputs.append((target[0], prepared, seconds))

    def close(self) -> None:
        self._ahead.close()
        for draft in self._drafts:  # those that never came to be settled
            if isinstance(draft, Draft):
                draft.drop()

    def _planned(self, target: Target) -> WorkItem:
        n, stem, _ = target
        assert self._facts is not None
        wish, receiver = self._wish, self._wish.receivers[n]
        company = self._task.companies[n] if self._task.companies else None
        clip, found = planned(self._path, self._facts, receiver, wish.true_rate, wish.remedies, company)
        if wish.strict and found.ready and found.warnings:
            found = replace(
                found, verdict="decide", problems=tuple(replace(p, severity="decide") for p in found.warnings)
            )
        if found.problems and not self._picture and not found.ready:
            # What is to be done about it is told from the outline.
            self._picture = True
            self._facts = wish.look_at(self._path)
            return self._planned(target)
        extension = found.recipe.format.extension if found.recipe else ""
        return WorkItem(clip, self._facts, found, receiver, wish.folders[n] / bare_name(f"{stem}{extension}"))

    def _anew(self, target: Target) -> Prepared:
        """Once more, of a file that changed while it was read."""
        n, _, before = target
        self._facts = self._wish.look_at(self._path, picture=self._picture)
        return settle(write(self._planned(target), before, order=self._task.orders[n]))

    def _lose(self, error: KittiwakeError) -> None:
        self._ready.lost += [lost(self._path, self._wish.receivers[n], str(error)) for n, _, _ in self._targets]
        self._facts, self._items = None, []


_wishes: dict[tuple[tuple[str, ...], tuple[Path, ...]], Wish] = {}


def _same_wish(task: Task) -> Wish:
    """The very wish of the tasks before, where it is the same: what is remembered of its receivers is then found without comparing them."""
    key = task.orders, task.wish.folders
    if key not in _wishes:
        _wishes.clear()
        _wishes[key] = task.wish
    return _wishes[key]


def _wants_picture(receiver: Receiver) -> bool:
    treatment, limits = receiver.treatment, receiver.rules.limits
    trims = treatment.trim_lead_seconds is not None or treatment.trim_tail_seconds is not None
    return bool(trims or treatment.expected_bandwidth_hz or limits.advised_seconds)


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
    clip = clip_of(path)
    if true_rate:
        clip = clip.changed(touch_up=TouchUp(true_rate=true_rate))
    found = fit(clip, facts, receiver, company)
    for code in remedies:
        offered = (r for problem in found.problems for r in problem.remedies if r.code == code and r.applies)
        if remedy := next(offered, None):
            clip = remedy.apply(clip, receiver.slug)
            found = fit(clip, facts, receiver, company)
    return clip, found
