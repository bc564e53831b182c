"""A job that is being worked on."""

from __future__ import annotations

import os
from collections.abc import Iterable, Iterator
from functools import cache
from pathlib import Path

from ...core.fit import Problem, shares_anything
from ...core.measure.analyze import source_stamp, stamp_of
from ...core.model import Clip, Cut, Facts, Job, Receiver, load_receiver, shipped_receivers
from ...core.model.job import save_job
from ...words import phrase
from .cell import Cell
from .events import Event
from .headerless import HeaderlessSources
from .history import History
from .opening import Opened, read, receiver_of, with_rules
from .outputs import Outputs
from .plans import Plans
from .remembered import Remembered

_STEP = 2000  # clips of a job that is opened, at a time


class Project:
    """Holds a job and everything derived from it, and tells when something changes. Not for several threads.

    Nothing is looked at here: ``wanted`` tells which sources are to be, and ``take_facts`` takes what was found.

    Attributes
    ----------
    job : immutable; ``change`` puts another in its place, as a step of ``history``.
    path : of the job file; None while it was never saved.
    receivers : of the board, in its order.
    facts, source_stamps : of the sources that were looked at, and size and time of each when that was.
    suspicions : what makes the rate of a source suspect, beside the others of its folder.
    plans, outputs : how clips fit, and what was made of them.
    """

    def __init__(self, remembered: Remembered | None = None) -> None:
        self.job_changed = Event()
        self.facts_arrived = Event()  # path
        self.cell_changed = Event()  # clip id, receiver slug
        self.column_changed = Event()  # receiver slug
        self.message = Event()  # a sentence for the user
        self.wanted = Event()  # paths, whether to look anew
        self.dropped = Event()  # nothing of the job before is wanted any more
        self.opened = Event()  # another job is there whole
        self.job = Job()
        self.path: Path | None = None
        self.file_stamp = ""  # of the job file, when it was opened or saved
        self.history = History(self._show)
        self.facts: dict[Path, Facts] = {}
        self.source_stamps: dict[Path, str] = {}
        self.facts_turn = 0  # grows with everything that is looked at
        self.suspicions: dict[Path, Problem] = {}
        self.remembered = remembered or Remembered()
        self.outputs_at: Path | None = None  # where jobs that say nothing else put their outputs
        self.receivers: list[Receiver] = [load_receiver(slug) for slug in self.job.receivers]
        self._receivers_of = (self.job.receivers, self.job.own)
        self.plans = Plans(self)
        self.outputs = Outputs(self)
        self._root_of: tuple[tuple[Clip, ...], Path | None] = ((), None)
        self._ids_of: tuple[tuple[Clip, ...], set[str]] = ((), set())
        self._clips_of: dict[Path, list[str]] = {}
        self._by_folder: dict[Path, dict[Path, Facts]] = {}
        self._compared: dict[Path, int] = {}
        self._news_in: set[Path] = set()  # folders of which something was looked at
        self.headerless = HeaderlessSources(self)

    # -- the job ---------------------------------------------------------------------------------------------------

    def begin(self, receivers: Iterable[str] = (), placement: str = "one") -> None:
        """An empty job, for these receivers where there are any; ``placement`` is that of ``Job``."""
        slugs = tuple(receivers)
        job = (Job(receivers=slugs) if slugs else Job()).changed(placement=placement)
        job, found, _ = with_rules(job)
        self.dropped.emit()
        self.history.clear()
        self.path, self.file_stamp = None, ""
        self.receivers, self._receivers_of = found, (job.receivers, job.own)
        self._forget_comparisons()
        self.outputs.begin({})
        self.plans.keep_only(())
        self._clips_of = {}
        for source in list(self.facts):
            self._let_go(source)
        self.job = job
        self.job_changed.emit()
        self.opened.emit()

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
        self.dropped.emit()
        self.history.clear()
        self.path, self.file_stamp = opened.path, stamp_of(opened.path)
        self.receivers = opened.receivers
        self._receivers_of = (job.receivers, job.own)
        self._forget_comparisons()
        self.outputs.begin(opened.records)
        self.plans.keep_only(())
        self._clips_of = {}
        sources: dict[Path, None] = {}
        for at in range(0, len(job.clips), _STEP):
            for source in self._note_clips(job.clips[at : at + _STEP]):
                sources[source] = None
                self._forget_if_other(source, job)
            yield
        for gone in [source for source in self.facts if source not in sources]:
            self._let_go(gone)
        self.job = job
        self.job_changed.emit()
        if opened.trouble:
            self.message.emit(opened.trouble)
        yield
        missing = [source for source in sources if source not in self.facts]
        for at in range(0, len(missing), _STEP):
            self.wanted.emit(missing[at : at + _STEP], False)
            yield
        self.opened.emit()

    def _forget_comparisons(self) -> None:
        """Folders whose sources were compared are compared anew in another job."""
        self._compared = {}
        self._news_in = set(self._by_folder)

    def _let_go(self, source: Path) -> None:
        """Forget what is known of a source."""
        self.facts.pop(source, None)
        self.source_stamps.pop(source, None)
        self.suspicions.pop(source, None)
        within = self._by_folder.get(source.parent, {})
        within.pop(source, None)
        if not within:
            self._by_folder.pop(source.parent, None)
            self._compared.pop(source.parent, None)
            self._news_in.discard(source.parent)

    def _forget_if_other(self, source: Path, job: Job) -> None:
        """Forget what is known of a source that a job reads in another format."""
        known = self.facts.get(source)
        if known and known.stated != job.stated.get(source):
            self._let_go(source)

    def open_autosaved(self, copy: Path, path: Path | None) -> None:
        """Take up work that was not saved, as a change of the job it belongs to.

        Raises
        ------
        KittiwakeError : what is open stays open.
        """
        self.open(copy)
        self.path = path
        self.history.mark_unsaved()
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
        return self.job.changed(name=name, made=tuple(self.outputs.records.values()))

    def saved(self, path: Path) -> None:
        """The job was saved."""
        if self.job.name == Job().name:
            self.history.amend(phrase("naming the job"), self.job, self.job.changed(name=path.stem))
        self.path, self.file_stamp = path, stamp_of(path)
        self.history.mark_clean()
        self.job_changed.emit()

    def changed_by_others(self, path: Path) -> bool:
        """Whether the job file is not any more what was opened or saved here last: another window has saved it."""
        now = stamp_of(path)
        return path == self.path and bool(now) and bool(self.file_stamp) and now != self.file_stamp

    def change(self, text: str, job: Job) -> None:
        """Change the job, so that it can be undone."""
        if job is not self.job and job != self.job:
            self.history.push(text, self.job, job)

    def _show(self, job: Job) -> None:
        if (job.receivers, job.own) != self._receivers_of:
            self._receivers_of = (job.receivers, job.own)
            self.receivers = [receiver_of(name, job) for name in job.receivers]
        before, self.job = self.job, job
        if _same_sources(before, job):
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
            if len(job.clips) < count:
                self.plans.keep_only(job.clips)
                self.outputs.keep_only(job.clips)
        self.job_changed.emit()
        self.wanted.emit([source for source in fresh if source not in self.facts], False)

    def _note_clips(self, clips: Iterable[Clip]) -> list[Path]:
        """Note which clips there are of which source; returns their sources."""
        sources: dict[Path, None] = {}
        for clip in clips:
            self._clips_of.setdefault(clip.source, []).append(clip.id)
            sources[clip.source] = None
        return list(sources)

    # -- sources ---------------------------------------------------------------------------------------------------

    def add_sources(self, paths: Iterable[Path], *, more: bool = False) -> int:
        """Each new source becomes one clip; returns how many. Sources already on the board are not added again.

        Parameters
        ----------
        more : whether they belong to what was added before, and are undone with it.
        """
        fresh = [Clip.whole(path) for path in dict.fromkeys(paths) if path not in self._clips_of]
        if fresh:
            name = self.job.name
            if name == Job().name and not self.job.clips:
                name = fresh[0].source.parent.name or name
            after = self.job.changed(clips=self.job.clips + tuple(fresh), name=name)
            self.history.push(_adding(self.job, after), self.job, after, _adding if more else None)
        return len(fresh)

    def take_facts(self, facts: Facts) -> None:
        """A source was looked at."""
        if self.headerless.read_as_before(facts):
            return
        self.facts[facts.path] = facts
        self.source_stamps[facts.path] = facts.stamp or source_stamp(facts.path)
        self._by_folder.setdefault(facts.path.parent, {})[facts.path] = facts
        self._news_in.add(facts.path.parent)
        self.facts_turn += 1
        self.facts_arrived.emit(facts.path)

    def look_again(self, paths: Iterable[Path]) -> None:
        """Forget what is known of sources, and have them looked at anew."""
        for path in paths:
            self.facts.pop(path, None)
        self.job_changed.emit()
        self.wanted.emit([source for source in self.job.sources if source not in self.facts], True)

    def to_compare(self) -> list[list[Facts]]:
        """Once nothing more comes in: the readable sources of each folder of which something new is known."""
        changed, self._news_in = self._news_in, set()
        out = []
        for folder in changed:
            known = [facts for facts in self._by_folder.get(folder, {}).values() if facts.ok]
            state = hash(tuple(id(one) for one in known))
            if self._compared.get(folder) != state:
                self._compared[folder] = state
                out.append(known)
        for receiver in self.receivers:
            if shares_anything(receiver):
                self.column_changed.emit(receiver.slug)
        return out

    def take_suspicions(self, paths: list[Path], found: dict[Path, Problem]) -> None:
        """These were compared, and that is suspected of some of them."""
        compared = set(paths) if self.suspicions else set()
        before = {path: self.suspicions.pop(path) for path in list(self.suspicions) if path in compared}
        self.suspicions.update(found)
        for path in before.keys() | found.keys():
            if before.get(path) != found.get(path):
                self.facts_arrived.emit(path)

    # -- what there is ---------------------------------------------------------------------------------------------

    @property
    def any_receiver(self) -> Receiver:
        """One to look at a clip by on its own, also where there is none on the board."""
        return self.receivers[0] if self.receivers else next(iter(shipped_receivers().values()))

    @property
    def output_folder(self) -> Path:
        """Where made files go; each receiver has a folder of its own in it."""
        if self.job.output:
            return Path(self.job.output).expanduser()
        return (self.outputs_at or _documents() / "Kittiwake") / self.job.name

    def folder_of(self, receiver: Receiver, source: Path) -> Path:
        """Where the output of a clip of this source goes."""
        placement, own = self.job.placement, receiver.folder_name
        if placement == "beside":
            return source.parent / own if len(self.receivers) > 1 else source.parent
        folder = self.output_folder / own
        root = self._root() if placement == "mirrored" else None
        return folder / source.parent.relative_to(root) if root is not None else folder

    def _root(self) -> Path | None:
        """The folder that all sources have in common; None where they have none."""
        if self._root_of[0] is not self.job.clips:
            parents = {str(clip.source.parent) for clip in self.job.clips}
            try:
                root = Path(os.path.commonpath(parents)) if parents else None
            except ValueError:
                root = None
            self._root_of = (self.job.clips, root)
        return self._root_of[1]

    def folders(self) -> tuple[Path, ...]:
        """Every folder that outputs go to."""
        if self.job.placement == "one":
            places = [Path()]
        else:
            places = list({clip.source.parent: clip.source for clip in self.job.clips}.values())
        return tuple(
            dict.fromkeys(self.folder_of(receiver, place) for receiver in self.receivers for place in places)
        )

    @property
    def recordings_folder(self) -> Path:
        """Where takes go: beside what is made, and never among it."""
        if self.job.output:
            return self.output_folder / "recordings"
        return _documents() / "Kittiwake" / "Recordings" / self.job.name

    def cut_of(self, source: Path) -> Cut:
        """How a source is cut; nothing where it is not."""
        return self.job.cuts.get(source, Cut())

    def clips_of(self, source: Path) -> list[str]:
        """Ids of the clips of a source."""
        return self._clips_of.get(source, [])

    def has_clip(self, clip_id: str) -> bool:
        if self._ids_of[0] is not self.job.clips:
            self._ids_of = (self.job.clips, {clip.id for clip in self.job.clips})
        return clip_id in self._ids_of[1]

    def known_clips(self) -> Iterator[tuple[Clip, Facts]]:
        """Clips whose sources were looked at, with what was found."""
        return ((clip, facts) for clip in self.job.clips if (facts := self.facts.get(clip.source)))

    def clip(self, clip_id: str) -> Clip | None:
        return next((clip for clip in self.job.clips if clip.id == clip_id), None)

    def receiver(self, slug: str) -> Receiver | None:
        return next((receiver for receiver in self.receivers if receiver.slug == slug), None)

    def cell(self, clip: Clip, receiver: Receiver) -> Cell:
        """Everything that a board shows of one clip at one receiver."""
        return self.outputs.cell(clip, receiver)

    def cells(self) -> Iterator[Cell]:
        return (self.cell(clip, receiver) for clip in self.job.clips for receiver in self.receivers)


def _adding(before: Job, after: Job) -> str:
    count = len(after.clips) - len(before.clips)
    return phrase("adding {n} recordings", "adding {n} recording", count, n=count)


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


@cache
def _documents() -> Path:
    from platformdirs import user_documents_path

    return user_documents_path()
