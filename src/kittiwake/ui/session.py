"""The work at hand: a job, what is known of its sources, how its clips fit, what was made. No widgets."""

from __future__ import annotations

import time
from collections import deque
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from functools import cache
from pathlib import Path
from typing import Any

from platformdirs import user_documents_path
from PySide6.QtCore import QObject, QTimer, Signal
from PySide6.QtGui import QUndoCommand, QUndoStack

from ..core.cut.onboard import with_clip, with_cut, with_take, without_clips
from ..core.fit import Company, Fit, Problem, Remedy, company_of, findings, fit, needs_company, shares_anything
from ..core.make import Result, fingerprint
from ..core.make.ledger import Entry
from ..core.measure.drawing import Glimpse
from ..core.measure.look import stamp_of
from ..core.model import (
    Clip,
    Cut,
    Facts,
    Job,
    MadeRecord,
    Receiver,
    Span,
    Stated,
    load_receiver,
    shipped_receivers,
)
from ..core.model.job import save_job
from ..core.record import TakeCheck
from .looking import Looker
from .opening import Opened, read, receiver_of
from .outputs import News, Outputs
from .remembered import Remembered
from .span_levels import SpanLevels

#: Problems that concern one receiver, and are told in its cells alone.
OF_ONE_RECEIVER = (
    "too_large",
    "too_long",
    "too_short",
    "memory_full",
    "level_outside",
    "no_kind",
    "no_codec",
    "illegal_wish",
)


#: What a field of a touch-up is called.
_TOUCHED = {
    "gain_db": "the level", "speed": "the speed", "pitch": "the pitch", "fade_in": "the fade in", "fade_out": "the fade out",
    "fade_shape": "the fades", "low_cut": "the low end", "side": "the side", "remove_dc": "the DC offset", "without": "a stretch",
}  # fmt: skip
_STEP = 2000  # clips of a job that is opened, at a time
_ADDING = 0.006  # s that putting found recordings on the board may take in one go


@dataclass(frozen=True, slots=True)
class Cell:
    """One clip at one receiver, as the board shows it.

    Attributes
    ----------
    state : a key of ``theme.shapes.WORDS``.
    share : how far making has come, 0 to 1.
    made : what came of making in this session; None where it was made earlier or not at all.
    """

    clip: Clip
    receiver: Receiver
    state: str
    fit: Fit | None = None
    facts: Facts | None = None
    record: MadeRecord | None = None
    made: Result | None = None
    share: float = 0.0


class ChangeJob(QUndoCommand):
    """Jobs are immutable, so a change is two of them, and undo is the first one."""

    def __init__(self, session: Session, text: str, before: Job, after: Job, joins: bool = False) -> None:
        super().__init__(text)
        self._session, self._before, self._after, self._joins = session, before, after, joins

    def id(self) -> int:
        return 1 if self._joins else -1

    def mergeWith(self, other: QUndoCommand) -> bool:
        if not isinstance(other, ChangeJob) or other._before is not self._after:
            return False
        self._after = other._after
        self.setText(f"adding {len(self._after.clips) - len(self._before.clips)} recordings")
        return True

    def undo(self) -> None:
        self._session._show(self._before)

    def redo(self) -> None:
        self._session._show(self._after)


class Session(QObject):
    """Holds a job and everything derived from it, and says when something changes."""

    job_changed = Signal()
    facts_arrived = Signal(Path)
    glimpsed = Signal(Path)
    cell_changed = Signal(str, str)  # clip id, receiver slug
    column_changed = Signal(str)  # receiver slug
    trouble = Signal(str)
    told = Signal(str)
    calm = Signal()  # what was found is on the board, and all of it is known

    def __init__(self) -> None:
        super().__init__()
        self.job = Job()
        self.path: Path | None = None
        self.file_stamp = ""  # of the job file, when it was opened or saved
        self.undo_stack = QUndoStack(self)
        self.facts: dict[Path, Facts] = {}
        self.source_stamps: dict[Path, str] = {}
        self._fits: dict[tuple[str, str], tuple[Clip, Facts, Receiver, Company | None, Fit]] = {}
        #: What makes the rate of a source suspect, beside the others of its folder.
        self.suspicions: dict[Path, Problem] = {}
        self._companies: dict[str, tuple[Receiver, tuple[Clip, ...], int, float, Company]] = {}
        self._facts_turn = 0
        self._ids_of: tuple[tuple[Clip, ...], set[str]] = ((), set())
        self._clips_of: dict[Path, list[str]] = {}
        self._found: deque[str] = deque()  # by a search that still goes on
        self._compared: dict[Path, int] = {}
        self._by_folder: dict[Path, dict[Path, Facts]] = {}
        self._news_in: set[Path] = set()  # folders of which something was looked at
        self.remembered = Remembered()
        self._marks: dict[tuple[str, str], tuple[Fit, str]] = {}
        self.records: dict[tuple[str, str], MadeRecord] = {}
        self.output_stamps: dict[tuple[str, str], str] = {}
        self._altered: set[tuple[str, str]] = set()
        #: What the ledgers of the output folders know, of this session or an earlier one.
        self.ledger: dict[tuple[str, str, str], Entry] = {}
        self.outputs = Outputs(self)
        self.outputs.news.connect(self._take_news)
        self._results: dict[tuple[str, str], tuple[Cell, Result]] = {}
        self._shares: dict[tuple[str, str], float] = {}
        self.all_receivers: list[Receiver] = [load_receiver(slug) for slug in self.job.receivers]
        self._receivers_of = (self.job.receivers, self.job.own)
        self.span_levels = SpanLevels(self)
        self.looker = Looker(self)
        self.looker.looked.connect(self._take_facts)
        self.looker.found.connect(self._take_found)
        self._adding = QTimer(self)
        self._adding.setInterval(30)
        self._lot = 50
        self._adding.timeout.connect(self._add_found)
        #: What can be drawn of sources that are still being looked at.
        self._stated_once: set[Path] = set()
        self.glimpses: dict[Path, Glimpse] = {}
        self.looker.glimpsed.connect(self._take_glimpse)
        self.looker.suspected.connect(self._take_suspicions)
        self._calm = QTimer(self)
        self._calm.setSingleShot(True)
        self._calm.setInterval(150)
        self._calm.timeout.connect(self._all_looked)

    # -- the job ---------------------------------------------------------------------------------------------------

    def open(self, path: Path) -> None:
        """Open a job file.

        Raises
        ------
        KittiwakeError : what is open stays open.
        """
        for _ in self.take_up(read(path)):
            pass

    def take_up(self, opened: Opened) -> Iterator[None]:
        """Put a job that was read in place of what is open, in steps between which others may have their turn, but nobody may change
        anything.
        """
        job = opened.job
        self.looker.drop_all()
        self.undo_stack.clear()
        self.path, self.file_stamp = opened.path, stamp_of(opened.path)
        self._found.clear()
        self._adding.stop()
        self.all_receivers = opened.receivers
        self._receivers_of = (job.receivers, job.own)
        self.records = opened.records
        self._results.clear()
        self._shares.clear()
        self.output_stamps.clear()
        self._altered.clear()
        self.ledger = {}  # of other folders
        self._clips_of = {}
        sources: dict[Path, None] = {}
        for at in range(0, len(job.clips), _STEP):
            for source in self._note_clips(job.clips[at : at + _STEP]):
                sources[source] = None
                self._forget_if_other(source, job)
            yield
        self.job = job
        self.job_changed.emit()
        if opened.trouble:
            self.told.emit(opened.trouble)
        yield
        missing = [source for source in sources if source not in self.facts]
        for at in range(0, len(missing), _STEP):
            self.looker.want(missing[at : at + _STEP], job.stated)
            yield
        self.outputs.look(now=True)

    def _forget_if_other(self, source: Path, job: Job) -> None:
        """Forget what is known of a source that a job reads in another format."""
        known = self.facts.get(source)
        if known and known.stated != job.stated.get(source):
            del self.facts[source]

    def open_rescued(self, copy: Path, path: Path | None) -> None:
        """Take up work that was not saved, as a change of the job it belongs to.

        Raises
        ------
        KittiwakeError : what is open stays open.
        """
        self.open(copy)
        self.path = path
        self.undo_stack.resetClean()
        self.job_changed.emit()

    def save(self, path: Path) -> None:
        """Save the job, with what was made.

        Raises
        ------
        JobError
        """
        save_job(self.to_save(path), path)
        self.saved(path)

    def to_save(self, path: Path) -> Job:
        """The job as it is to be saved there."""
        name = self.job.name if self.job.name != Job().name else path.stem
        return self.job.changed(name=name, made=tuple(self.records.values()))

    def saved(self, path: Path) -> None:
        """The job was saved."""
        if self.job.name == Job().name:
            self.job = self.job.changed(name=path.stem)
        self.path, self.file_stamp = path, stamp_of(path)
        self.undo_stack.setClean()
        self.job_changed.emit()

    def changed_by_others(self, path: Path) -> bool:
        """Whether the job file is not any more what this session opened or saved last: another window has saved it."""
        now = stamp_of(path)
        return path == self.path and bool(now) and bool(self.file_stamp) and now != self.file_stamp

    @property
    def any_receiver(self) -> Receiver:
        """One to look at a clip by on its own, also where there is none on the board."""
        return self.all_receivers[0] if self.all_receivers else next(iter(shipped_receivers().values()))

    def choose_receivers(self, names: Iterable[str]) -> None:
        """Put these receivers (slugs, or paths of TOML files) on the board.

        Raises
        ------
        RulesError : a file is wrong, or gone.
        """
        own, slugs = dict(self.job.own), []
        for name in names:
            receiver = receiver_of(name, self.job)
            if name != receiver.slug:
                own[receiver.slug] = receiver
            slugs.append(receiver.slug)
        self.change("choosing receivers", self.job.changed(receivers=tuple(dict.fromkeys(slugs)), own=own))

    def change(self, text: str, job: Job, *, joins: bool = False) -> None:
        """Change the job, so that it can be undone; together with the change before, where both are ``joins``."""
        if job is not self.job and job != self.job:
            self.undo_stack.push(ChangeJob(self, text, self.job, job, joins))

    def _show(self, job: Job) -> None:
        if (job.receivers, job.own) != self._receivers_of:
            self._receivers_of = (job.receivers, job.own)
            self.all_receivers = [receiver_of(name, job) for name in job.receivers]
        before, self.job = self.job, job
        if self._same_sources(before, job):
            self.job_changed.emit()
            return
        count = len(before.clips)
        if before.stated is job.stated and count and job.clips[:count] == before.clips:
            # Only more of them: what is there already needs no second thought.
            fresh = self._note_clips(job.clips[count:])
        else:
            self._clips_of = {}
            fresh = self._note_clips(job.clips)
            for source in fresh:
                self._forget_if_other(source, job)
        self.job_changed.emit()
        self.looker.want([source for source in fresh if source not in self.facts], job.stated)

    def _note_clips(self, clips: Iterable[Clip]) -> list[Path]:
        """Note which clips there are of which source; returns their sources."""
        sources: dict[Path, None] = {}
        for clip in clips:
            self._clips_of.setdefault(clip.source, []).append(clip.id)
            sources[clip.source] = None
        return list(sources)

    @staticmethod
    def _same_sources(before: Job, after: Job) -> bool:
        """Whether two jobs have the very same sources and ids of clips, read the same way: most changes leave them alone, and paths compare slowly."""
        return (
            before.stated is after.stated
            and len(before.clips) == len(after.clips)
            and all(
                one is other or (one.source is other.source and one.id == other.id)
                for one, other in zip(before.clips, after.clips, strict=True)
            )
        )

    @property
    def output_folder(self) -> Path:
        """Where made files go; each receiver has a folder of its own in it."""
        if self.job.output:
            return Path(self.job.output).expanduser()
        return _documents() / "Kittiwake" / self.job.name

    def folder_of(self, receiver: Receiver) -> Path:
        return self.output_folder / (receiver.delivery.folder or receiver.slug)

    # -- changes ---------------------------------------------------------------------------------------------------

    def add_sources(self, paths: Iterable[Path]) -> int:
        """Each new source becomes one clip; returns how many. Sources already on the board are not added again."""
        fresh = [Clip.whole(path) for path in dict.fromkeys(paths) if path not in self._clips_of]
        if fresh:
            name = self.job.name
            if name == Job().name and not self.job.clips:
                name = fresh[0].source.parent.name or name
            word = "recording" if len(fresh) == 1 else "recordings"
            after = self.job.changed(clips=self.job.clips + tuple(fresh), name=name)
            self.change(f"adding {len(fresh)} {word}", after, joins=self._adding.isActive())
        return len(fresh)

    @property
    def adding(self) -> bool:
        """Whether what a search has found is being put on the board."""
        return self._adding.isActive()

    @property
    def busy(self) -> bool:
        """Whether sources are being looked for or looked at."""
        return bool(self._found) or self.looker.busy

    def _take_found(self, paths: list[str]) -> None:
        """What a search has found is put on the board a little at a time, and taken back as one change."""
        self._found += paths
        self._adding.start()
        self.looker.held_back = True

    def _add_found(self) -> None:
        began = time.thread_time()  # of the processor, whatever else it does meanwhile
        self.add_sources([Path(self._found.popleft()) for _ in range(min(self._lot, len(self._found)))])
        took = max(time.thread_time() - began, 1e-6)
        self._lot = max(20, min(500, round(self._lot * max(0.5, min(1.5, _ADDING / took)))))
        if not self._found:
            self._adding.stop()
            self.looker.held_back = False
        if not self.busy:
            self.calm.emit()

    def replace_clip(self, text: str, new: Clip) -> None:
        """Put a changed clip in the place of the one with its id."""
        self.change(text, with_clip(self.job, new))

    def cut_of(self, source: Path) -> Cut:
        """How a source is cut; nothing where it is not."""
        return self.job.cuts.get(source, Cut())

    def put_cut(self, text: str, source: Path, cut: Cut) -> None:
        """Cut a source: every span that is not set aside is a clip, where the source's clips were on the board."""
        self.change(text, with_cut(self.job, source, cut))

    def state_true_rate(self, clips: Iterable[Clip], rate: int) -> None:
        """Say at what rate (Hz) the sound of these clips was really taken; what the header says takes it back."""
        new: dict[str, Clip] = {}
        for clip in clips:
            facts = self.facts.get(clip.source)
            stamped = facts.header.sample_rate if facts and facts.header else None
            true = None if rate == stamped else rate
            at = {slug: touch_up.changed(true_rate=true) for slug, touch_up in clip.at.items()}
            new[clip.id] = clip.changed(touch_up=clip.touch_up.changed(true_rate=true), at=at)
        after = tuple(new.get(clip.id, clip) for clip in self.job.clips)
        self.change(f"stating {rate} Hz", self.job.changed(clips=after))

    def touch_up(self, clips: Iterable[Clip], changes: dict[str, Any]) -> None:
        """Change the touch-ups of clips, also those that hold at one receiver only."""
        if not changes:
            return
        new = {
            clip.id: clip.changed(
                touch_up=clip.touch_up.changed(**changes),
                at={slug: touch.changed(**changes) for slug, touch in clip.at.items()},
            )
            for clip in clips
        }
        after = tuple(new.get(clip.id, clip) for clip in self.job.clips)
        many = f" of {len(new)} clips" if len(new) > 1 else ""
        self.change(
            f"touching up {', '.join(_TOUCHED.get(name, name) for name in changes)}{many}",
            self.job.changed(clips=after),
        )

    def apply_like(self, cells: Iterable[Cell], code: str) -> int:
        """Take the remedy ``code`` at every cell that is offered it, as one change; returns at how many clips."""
        new = {clip.id: clip for clip in self.job.clips}
        touched: set[str] = set()
        stated: dict[Path, Stated] = {}
        what = ""
        for cell in cells:
            offered = (r for p in (cell.fit.problems if cell.fit else ()) for r in p.remedies if r.code == code)
            remedy = next((r for r in offered if r.applies), None)
            if remedy:
                new[cell.clip.id] = remedy.apply(new[cell.clip.id], cell.receiver.slug)
                if remedy.stated:
                    stated[cell.clip.source] = Stated.parse(remedy.stated)
                touched.add(cell.clip.id)
                what = what or remedy.what
        if touched:
            text = what[0].lower() + what[1:] if len(touched) == 1 else f"a remedy for {len(touched)} clips"
            clips = tuple(new[clip.id] for clip in self.job.clips)
            self.change(text, self.job.changed(clips=clips, stated={**self.job.stated, **stated}))
        return len(touched)

    # -- receivers -------------------------------------------------------------------------------------------------

    def count_ready(self, receiver: Receiver) -> int:
        """How many clips fit a receiver, on the board or not, without a decision."""
        facts = ((clip, self.facts.get(clip.source)) for clip in self.job.clips)
        known = [(clip, found) for clip, found in facts if found]
        company = None
        if needs_company(receiver):
            company = company_of(known, receiver, lambda c, f, alone: fit(c, f, receiver, alone).predicted_bytes)
        return sum(fit(clip, found, receiver, company).ready for clip, found in known)

    def bytes_at(self, receiver: Receiver) -> int:
        """Bytes that all clips together come to at a receiver, made or not."""
        known = ((clip, facts) for clip in self.job.clips if (facts := self.facts.get(clip.source)))
        return sum(fit(clip, facts, receiver).predicted_bytes or 0 for clip, facts in known)

    @staticmethod
    def is_shipped(slug: str) -> bool:
        return slug in shipped_receivers()

    def change_receiver(self, receiver: Receiver) -> None:
        """Give a receiver of the board other rules; the job keeps them."""
        names = tuple(
            receiver.slug if shown.slug == receiver.slug else name
            for name, shown in zip(self.job.receivers, self.all_receivers, strict=True)
        )
        own = {**self.job.own, receiver.slug: receiver}
        self.change(f"changing the rules of {receiver.name}", self.job.changed(own=own, receivers=names))

    def reset_receiver(self, slug: str) -> None:
        """Give a shipped receiver the rules back that it came with."""
        own = {name: receiver for name, receiver in self.job.own.items() if name != slug}
        self.change("giving back the shipped rules", self.job.changed(own=own))

    def duplicate_receiver(self, slug: str) -> Receiver | None:
        """Put a copy of a receiver beside it on the board, to be changed."""
        old = self.receiver(slug)
        if old is None:
            return None
        taken = {r.slug for r in self.all_receivers} | set(shipped_receivers()) | set(self.job.own)
        number = next(n for n in range(2, 1000) if f"{slug[:36]}-{n}" not in taken)
        new_slug = f"{slug[:36]}-{number}"
        delivery = old.delivery.model_copy(update={"folder": new_slug})
        copy = old.model_copy(update={"slug": new_slug, "name": f"{old.name[:36]} {number}", "delivery": delivery})
        at = self.all_receivers.index(old) + 1
        names = (*self.job.receivers[:at], new_slug, *self.job.receivers[at:])
        own = {**self.job.own, new_slug: copy}
        self.change(f"duplicating {old.name}", self.job.changed(own=own, receivers=names))
        return copy

    def unreadable_beside(self, path: Path) -> list[Path]:
        """Other sources in the folder of ``path`` that hold no known kind of sound."""
        found = []
        for source in self.job.sources:
            facts = self.facts.get(source)
            unknown = (
                facts is not None and facts.error is not None and facts.error.code in ("not_sound", "headerless")
            )
            if unknown and source != path and source.parent == path.parent:
                found.append(source)
        return found

    def alike(self, path: Path) -> list[Path]:
        """Sources without a header in the folder of ``path``, itself included, whose content suggests the same way to read them."""
        facts = self.facts.get(path)
        if facts is None or facts.suggested is None:
            return []
        near = [path, *self.unreadable_beside(path)]
        return [one for one in near if (f := self.facts.get(one)) is not None and f.suggested == facts.suggested]

    def state_headerless(self, paths: Iterable[Path], stated: Stated) -> None:
        """Say in which format headerless sources are."""
        paths = list(paths)
        self._stated_once.update(paths)
        formats = {**self.job.stated, **dict.fromkeys(paths, stated)}
        if stated.headerless:
            for folder in dict.fromkeys(path.parent for path in paths):
                self.remembered.remember(folder, stated)
        self.change(f"stating {stated}", self.job.changed(stated=formats))

    @property
    def recordings_folder(self) -> Path:
        """Where takes go: beside what is made, and never among it."""
        if self.job.output:
            return self.output_folder / "recordings"
        return _documents() / "Kittiwake" / "Recordings" / self.job.name

    def put_take(self, check: TakeCheck, name: str, text: str) -> Clip:
        """Put a recorded take on the board, cut to its words. Earlier takes of the name are set aside and stay on disk."""
        self._take_facts(check.facts)
        span = Span(check.start, check.stop, name, text, by_hand=True)
        job = with_take(self.job, check.facts.path, span)
        if job.name == Job().name and not self.job.clips:
            job = job.changed(name="Recordings")
        self.change(f"recording “{name}”", job)
        return next(clip for clip in self.job.clips if clip.id == span.id)

    def remove_clips(self, ids: set[str]) -> None:
        gone = sum(clip.id in ids for clip in self.job.clips)
        self.change(f"removing {gone} clip{'s' if gone != 1 else ''}", without_clips(self.job, ids))

    def apply_remedy(self, clip: Clip, receiver: Receiver | None, remedy: Remedy) -> None:
        slug = receiver.slug if receiver else ""
        if remedy.stated:
            self.state_headerless([clip.source], Stated.parse(remedy.stated))
            return
        self.replace_clip(remedy.what[0].lower() + remedy.what[1:], remedy.apply(clip, slug))

    # -- what is derived -------------------------------------------------------------------------------------------

    def clips_of(self, source: Path) -> list[str]:
        """Ids of the clips of a source."""
        return self._clips_of.get(source, [])

    def clip(self, clip_id: str) -> Clip | None:
        return next((clip for clip in self.job.clips if clip.id == clip_id), None)

    def receiver(self, slug: str) -> Receiver | None:
        return next((receiver for receiver in self.all_receivers if receiver.slug == slug), None)

    def fit_of(self, clip: Clip, receiver: Receiver) -> Fit | None:
        """The fit, or None while the source has not been looked at."""
        facts = self.facts.get(clip.source)
        if facts is None:
            return None
        key = (clip.id, receiver.slug)
        company = self._company(receiver) if needs_company(receiver) else None
        kept = self._fits.get(key)
        if kept and kept[0] is clip and kept[1] is facts and kept[2] is receiver and kept[3] is company:
            return kept[4]
        found = fit(clip, facts, receiver, company)
        self._fits[key] = (clip, facts, receiver, company, found)
        return found

    def _company(self, receiver: Receiver) -> Company:
        """What the clips at a receiver share. While sources still come in it is brought up to date once a second only."""
        kept = self._companies.get(receiver.slug)
        clips = self.job.clips
        now = time.monotonic()
        if kept and kept[0] is receiver and kept[1] is clips:
            recent = self.looker.waiting and now - kept[3] < 1
            if kept[2] == self._facts_turn or recent:
                return kept[4]
        known = [(clip, facts) for clip in clips if (facts := self.facts.get(clip.source))]
        company = company_of(known, receiver, lambda c, f, alone: fit(c, f, receiver, alone).predicted_bytes)
        if kept and kept[4] == company:
            company = kept[4]
        self._companies[receiver.slug] = (receiver, clips, self._facts_turn, now, company)
        return company

    def problems_of(self, clip: Clip) -> list[Problem]:
        """What is to be told of a clip whatever its receivers: findings, suspicions, then every problem at some receiver once.

        Limits of a receiver are told in its own cell.
        """
        facts = self.facts.get(clip.source)
        if facts is None:
            return []
        found = {problem.code: problem for problem in findings(clip, facts, self.suspicions.get(clip.source))}
        for receiver in self.all_receivers:
            fit_ = self.fit_of(clip, receiver)
            for problem in fit_.problems if fit_ else ():
                if problem.code not in OF_ONE_RECEIVER:
                    found.setdefault(problem.code, problem)
        return list(found.values())

    def cell(self, clip: Clip, receiver: Receiver) -> Cell:
        """Everything that the board and the bench show of one clip at one receiver."""
        key = (clip.id, receiver.slug)
        facts = self.facts.get(clip.source)
        found = self.fit_of(clip, receiver)
        record = self.records.get(key)
        of, made = self._results.get(key, (None, None))
        if record is None and found is not None and found.recipe is not None:
            record = self._adopted(clip, receiver, found)
        if key in self._shares:
            return Cell(clip, receiver, "making", found, facts, record, made, self._shares[key])
        if found is None:
            return Cell(clip, receiver, "waiting", facts=facts)
        state: str = found.verdict
        if record and found.recipe is not None:
            current = record.fingerprint == self._mark(key, found, receiver)
            current = current and record.stamp == self.source_stamps.get(clip.source) and key not in self._altered
            state = "made" if current else "stale"
            if not found.ready:
                state = found.verdict
        elif made and of and made.status == "failed" and of.clip is clip and of.facts is facts:
            state = "failed"
        return Cell(clip, receiver, state, found, facts, record, made)

    def _adopted(self, clip: Clip, receiver: Receiver, found: Fit) -> MadeRecord | None:
        """What was made of a clip in another session, or in a terminal, as the ledger of its folder tells."""
        entry = self.ledger.get((str(clip.source), clip.name, receiver.slug))
        if entry is None:
            return None
        key = (clip.id, receiver.slug)
        same = fingerprint(found, receiver, entry.source_digest) == entry.fingerprint
        output = str(self.folder_of(receiver) / entry.output)
        mark = self._mark(key, found, receiver) if same else "other"
        record = MadeRecord(clip.id, receiver.slug, output, entry.sha256, entry.bytes, mark, entry.stamp)
        self.records[key] = record
        self.output_stamps[key] = entry.output_stamp
        return record

    def altered(self, cell: Cell) -> bool:
        """Whether the made file of a cell is not as it was made."""
        return (cell.clip.id, cell.receiver.slug) in self._altered

    def _take_news(self, news: News) -> None:
        """Bring the board up to date with what has changed on disk."""
        told = []
        changed: set[tuple[str, str]] = set()
        for key, record in news.gone.items():
            if self.records.get(key) is record:
                del self.records[key]
                self.output_stamps.pop(key, None)
                self._results.pop(key, None)
                changed.add(key)
        if changed:
            clips = {clip.id: clip for clip in self.job.clips}
            gone = {(str(clips[i].source), clips[i].name, slug) for i, slug in changed if i in clips}
            # Another one, since the thread that looks may be reading this one.
            self.ledger = {place: entry for place, entry in self.ledger.items() if place not in gone}
            told.append(f"{_files(len(changed))} not there any more, and can be made again.")
        altered = {key for key, record in news.altered.items() if self.records.get(key) is record} - self._altered
        if altered:
            self._altered |= altered
            told.append(
                f"{_files(len(altered))} altered by something else since; nothing of that will be overwritten."
            )
        self.output_stamps.update((key, stamp) for key, stamp in news.stamps.items() if key in self.records)
        mended = self._altered & news.stamps.keys()
        self._altered -= mended
        for key in changed | altered | mended:
            self.cell_changed.emit(*key)
        if news.ledger is not None:
            self.ledger = news.ledger
            for receiver in self.all_receivers:
                self.column_changed.emit(receiver.slug)
        again = [path for path in news.sources if path in self.facts and path in self._clips_of]
        if again:
            told.append(_of(again, "has changed, and is looked at again", "have changed, and are looked at again"))
            self.look_again(again)
        lost = [path for path in news.lost if path in self.facts and path in self._clips_of]
        if lost:
            told.append(_of(lost, "is not there any more", "are not there any more"))
            self.look_again(lost)
        if told:
            self.told.emit(" ".join(told))

    def _mark(self, key: tuple[str, str], found: Fit, receiver: Receiver) -> str:
        kept = self._marks.get(key)
        if kept is None or kept[0] is not found:
            kept = self._marks[key] = (found, fingerprint(found, receiver))
        return kept[1]

    def cells(self) -> Iterable[Cell]:
        for clip in self.job.clips:
            for receiver in self.all_receivers:
                yield self.cell(clip, receiver)

    # -- making ----------------------------------------------------------------------------------------------------

    def set_share(self, clip_id: str, slug: str, share: float | None) -> None:
        """How far making of a cell has come; None when it is over."""
        key = (clip_id, slug)
        if share is None:
            self._shares.pop(key, None)
        else:
            self._shares[key] = share
        self.cell_changed.emit(clip_id, slug)

    def take_result(self, cell: Cell, result: Result) -> None:
        """Note what came of making a cell."""
        key = (cell.clip.id, cell.receiver.slug)
        self._shares.pop(key, None)
        if cell.clip.id not in self._ids():
            return  # of a job that was open before, or of a clip that is gone
        self._results[key] = cell, result
        if result.good and result.output and cell.fit:
            output = Path(result.output)
            self.records[key] = MadeRecord(
                clip=cell.clip.id,
                receiver=cell.receiver.slug,
                output=str(output),
                sha256=result.sha256 or "",
                bytes=result.bytes or 0,
                fingerprint=fingerprint(cell.fit, cell.receiver),
                stamp=self.source_stamps.get(cell.clip.source, ""),
            )
            self.output_stamps[key] = stamp_of(output)
            self._altered.discard(key)
        self.cell_changed.emit(*key)

    def _ids(self) -> set[str]:
        """Ids of the clips of the job."""
        if self._ids_of[0] is not self.job.clips:
            self._ids_of = (self.job.clips, {clip.id for clip in self.job.clips})
        return self._ids_of[1]

    def _known_format(self, path: Path) -> Stated | None:
        """What was last stated for a headerless file of the same folder, in this job or an earlier one."""
        for source, stated in reversed(self.job.stated.items()):  # type: ignore[call-overload]
            if source.parent == path.parent and stated.headerless:
                return stated
        return self.remembered.format_of(path.parent)

    def _all_looked(self) -> None:
        """Once nothing more comes in: compare the sources of each folder, and bring up to date what clips share."""
        if self.busy:
            self._calm.start()
            return
        changed, self._news_in = self._news_in, set()
        for folder in changed:
            siblings = self._by_folder[folder]
            known = [facts for facts in siblings.values() if facts.ok]
            state = hash(tuple(id(one) for one in known))
            if self._compared.get(folder) != state:
                self._compared[folder] = state
                self.looker.compare(known)
        for receiver in self.all_receivers:
            if shares_anything(receiver):
                self.column_changed.emit(receiver.slug)

    def _take_suspicions(self, paths: list[Path], found: dict[Path, Problem]) -> None:
        compared = set(paths) if self.suspicions else set()
        before = {path: self.suspicions.pop(path) for path in list(self.suspicions) if path in compared}
        self.suspicions.update(found)
        for path in before.keys() | found.keys():
            if before.get(path) != found.get(path):
                self.facts_arrived.emit(path)

    def _take_glimpse(self, glimpse: Glimpse) -> None:
        if glimpse.path not in self.facts:
            self.glimpses[glimpse.path] = glimpse
            self.glimpsed.emit(glimpse.path)

    def _take_facts(self, facts: Facts) -> None:
        self.glimpses.pop(facts.path, None)
        if facts.error and facts.error.code in ("not_sound", "headerless") and facts.stated is None:
            known = self._known_format(facts.path)
            agrees = facts.suggested is None or (known and facts.suggested.encoding == known.encoding)
            # What was stated and taken back stays taken back.
            if known and agrees and facts.path in self.job.sources and facts.path not in self._stated_once:
                self._stated_once.add(facts.path)
                # Said once for this folder: the file is read so, and can be stated otherwise.
                self.job = self.job.changed(stated={**self.job.stated, facts.path: known})
                self.looker.want([facts.path], self.job.stated)
                self.told.emit(
                    f"{facts.path.name} is read as {known}, as last stated in its folder; H states another format."
                )
                return
        self.facts[facts.path] = facts
        folder = facts.path.parent
        self._by_folder.setdefault(folder, {})[facts.path] = facts
        self._news_in.add(folder)
        self._facts_turn += 1
        self._calm.start()
        self.source_stamps[facts.path] = stamp_of(facts.path)
        self.facts_arrived.emit(facts.path)

    def look_again(self, paths: Iterable[Path]) -> None:
        """Forget what is known of sources and look at them anew."""
        for path in paths:
            self.facts.pop(path, None)
        self.job_changed.emit()
        missing = [source for source in self.job.sources if source not in self.facts]
        self.looker.want(missing, self.job.stated, anew=True)


@cache
def _documents() -> Path:
    return user_documents_path()


def _files(count: int) -> str:
    return "A made file was" if count == 1 else f"{count} made files were"


def _of(sources: list[Path], one: str, many: str) -> str:
    """What is said of one source by its name, of many by their number."""
    return f"{len(sources)} sources {many}." if len(sources) > 1 else f"{sources[0].name} {one}."
