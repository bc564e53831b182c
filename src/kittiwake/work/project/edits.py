"""Changes of a project, each one step of its history."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from pathlib import Path
from typing import Any

from ...core.fit import Remedy
from ...core.make.ledger import Ledger
from ...core.model import Clip, Cut, Job, Receiver, Span, Stated, shipped_receivers
from ...core.model.own_receivers import as_own, free_slug
from ...core.model.script import Script, ScriptLine
from ...core.model.stages import STAGES
from ...core.model.touch_parameters import TOUCH_PARAMETERS
from ...words import joined, phrase
from ..cut.onboard import with_clip, with_cut, with_take, without_clips
from ..record import TakeCheck
from ..script.respell import words_mark
from ..speak.fit import clip_of_line
from .cell import Cell
from .opening import receiver_of
from .project import Project


def replace_clip(project: Project, text: str, new: Clip) -> None:
    """Put a changed clip in the place of the one with its id."""
    project.change(text, with_clip(project.job, new))


def add_clip(project: Project, text: str, clip: Clip) -> None:
    """Put a clip behind the others of its source."""
    clips = project.job.clips
    at = max((n + 1 for n, one in enumerate(clips) if one.source == clip.source), default=len(clips))
    project.change(text, project.job.changed(clips=(*clips[:at], clip, *clips[at:])))


def remove_clips(project: Project, ids: set[str]) -> None:
    gone = sum(clip.id in ids for clip in project.job.clips)
    project.change(phrase("removing {n} clips", "removing {n} clip", gone, n=gone), without_clips(project.job, ids))


def put_cut(project: Project, text: str, source: Path, cut: Cut) -> None:
    """Cut a source: every span that is not set aside is a clip, where the source's clips were on the board."""
    project.change(text, with_cut(project.job, source, cut))


def put_take(project: Project, check: TakeCheck, name: str, text: str) -> Clip:
    """Put a recorded take on the board, cut to its words. Earlier takes of the name are set aside and stay on disk."""
    project.take_facts(check.facts)
    span = Span(check.start, check.stop, name, text, by_hand=True)
    line = next((line for line in project.job.script.lines if line.name == name), None)
    # A person has read it: it stands for what a voice spoke of it.
    job = with_take(project.job, check.facts.path, span, line.id if line is not None else "")
    if line is not None:
        job = job.changed(script=job.script.replaced(line.changed(taken=True)))
    if job.name == Job().name and not project.job.clips:
        job = job.changed(name="Recordings")
    project.change(phrase("recording “{name}”", name=name), job)
    return next(clip for clip in project.job.clips if clip.source == check.facts.path)


def put_script(project: Project, text: str, script: Script) -> None:
    """Give the job other lines. Clips of lines that are for other receivers now, or of another kind, are so too: their sound is the same."""
    lines = {line.id: line for line in script.lines}
    new = {
        clip.id: clip.changed(receivers=line.receivers, kind=line.kind)
        for clip in project.job.clips
        if (line := lines.get(clip.id)) and (line.receivers, line.kind) != (clip.receivers, clip.kind)
    }
    clips = tuple(new.get(clip.id, clip) for clip in project.job.clips) if new else project.job.clips
    project.change(text, project.job.changed(script=script, clips=clips))


def put_spoken(project: Project, spoken: Mapping[str, Path]) -> int:
    """Put spoken lines (their ids, and files) on the board, as one change; a line that is there keeps its place and its touch-ups. Returns how
    many clips are new or other than before.
    """
    lines = {line.id: line for line in project.job.script.lines if line.id in spoken}
    clips, changed = [], 0
    for clip in project.job.clips:
        line = lines.pop(clip.id, None)
        if line is not None:
            new = clip.changed(
                source=spoken[line.id],
                name=line.name,
                text=line.text,
                language=line.language,
                kind=line.kind,
                receivers=line.receivers,
            )
            changed += new != clip
            clip = new
        clips.append(clip)
    fresh = [clip_of_line(line, spoken[line.id]) for line in lines.values()]
    script = project.job.script
    noted = tuple(
        line.changed(spoken=words_mark(line, script)) if line.id in spoken else line for line in script.lines
    )
    job = project.job.changed(clips=(*clips, *fresh), script=script.changed(lines=noted))
    if job.name == Job().name:
        job = job.changed(name="Script")
    project.change(phrase("speaking {n} lines", "speaking {n} line", len(spoken), n=len(spoken)), job)
    return changed + len(fresh)


def use_spoken(project: Project, line: ScriptLine) -> None:
    """Let the voice stand for a line again, in place of what was recorded of it, which stays on disk."""
    job = project.job
    takes = {
        clip.id for clip in job.clips if clip.name == line.name and (clip.id != line.id or clip.source in job.cuts)
    }
    job = without_clips(job, takes)
    project.change(
        phrase("the voice for “{name}”", name=line.name),
        job.changed(script=job.script.replaced(line.changed(taken=False))),
    )


def leave_out(project: Project, cells: Iterable[Cell]) -> tuple[int, int]:
    """Clips not meant for the receivers of these cells any more; where none of the cells is meant, meant again. Returns at how many cells each
    of the two was done. A clip stays for one receiver at least.
    """
    listed = list(cells)
    board = tuple(receiver.slug for receiver in project.receivers)
    back = all(cell.state == "left_out" for cell in listed)
    new = {cell.clip.id: cell.clip for cell in listed}
    done = 0
    for cell in listed:
        clip, slug = new[cell.clip.id], cell.receiver.slug
        now = clip.receivers or board
        after = (*now, slug) if back else tuple(one for one in now if one != slug)
        if after == now or not set(after) & set(board):
            continue
        new[clip.id] = clip.changed(receivers=() if set(board) <= set(after) else after)
        done += 1
    if done:
        lines = tuple(
            line.changed(receivers=new[line.id].receivers) if line.id in new else line
            for line in project.job.script.lines
        )
        script = project.job.script.changed(lines=lines) if lines != project.job.script.lines else project.job.script
        clips = tuple(new.get(clip.id, clip) for clip in project.job.clips)
        text = (
            phrase("taking in {n} cells", "taking in {n} cell", done, n=done)
            if back
            else phrase("leaving out {n} cells", "leaving out {n} cell", done, n=done)
        )
        project.change(text, project.job.changed(clips=clips, script=script))
    return (0, done) if back else (done, 0)


def state_true_rate(project: Project, clips: Iterable[Clip], rate: int) -> None:
    """Say at what rate (Hz) the sound of these clips was really taken; what the header says takes it back."""
    new: dict[str, Clip] = {}
    for clip in clips:
        facts = project.facts.get(clip.source)
        stamped = facts.header.sample_rate if facts and facts.header else None
        new[clip.id] = _touched(clip, {"true_rate": None if rate == stamped else rate})
    _put(project, phrase("stating {rate} Hz", rate=rate), new)


def touch_up(project: Project, clips: Iterable[Clip], changes: Mapping[str, Any]) -> None:
    """Change the touch-ups of clips, also those that hold at one receiver only."""
    if not changes:
        return
    names = [TOUCH_PARAMETERS[name].noun or name for name in changes if name != "more"]
    names += [
        STAGES[key].label if key in STAGES else TOUCH_PARAMETERS["more"].noun for key, _ in changes.get("more", ())
    ]
    new = {clip.id: _touched(clip, changes) for clip in clips}
    many = phrase(" of {count} clips", count=len(new)) if len(new) > 1 else ""
    _put(
        project,
        phrase("touching up {list}{many}", list=joined(names or [TOUCH_PARAMETERS["more"].noun], ", "), many=many),
        new,
    )


def _touched(clip: Clip, changes: Mapping[str, Any]) -> Clip:
    at = {slug: touch.changed(**changes) for slug, touch in clip.at.items()}
    return clip.changed(touch_up=clip.touch_up.changed(**changes), at=at)


def _put(project: Project, text: str, new: Mapping[str, Clip]) -> None:
    project.change(text, project.job.changed(clips=tuple(new.get(clip.id, clip) for clip in project.job.clips)))


def apply_remedy(project: Project, clip: Clip, receiver: Receiver | None, remedy: Remedy) -> None:
    """Take a remedy of a clip, at one receiver or wherever it goes."""
    if remedy.stated:
        project.headerless.state([clip.source], Stated.parse(remedy.stated))
        return
    slug = receiver.slug if receiver else ""
    replace_clip(project, remedy.what[0].lower() + remedy.what[1:], remedy.apply(clip, slug))


def apply_like(project: Project, cells: Iterable[Cell], code: str) -> int:
    """Take the remedy ``code`` at every cell that is offered it, as one change; returns at how many clips."""
    new = {clip.id: clip for clip in project.job.clips}
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
        text = (
            what[0].lower() + what[1:]
            if len(touched) == 1
            else phrase("a remedy for {count} clips", count=len(touched))
        )
        clips = tuple(new[clip.id] for clip in project.job.clips)
        project.change(text, project.job.changed(clips=clips, stated={**project.job.stated, **stated}))
    return len(touched)


# -- receivers -----------------------------------------------------------------------------------------------------


def part_from_another_job(project: Project) -> Path | None:
    """Where nobody chose a folder for outputs, and the one of the job's name holds what another job of that name made, choose a free one beside it.
    Returns the other job's folder; None where nothing was changed.
    """
    job, folder = project.job, project.output_folder
    if job.output or job.placement == "beside":
        return None
    ids = {clip.id for clip in job.clips}
    ours = {(str(clip.source), clip.name) for clip in job.clips}
    made = [] if project.outputs.records else [entry for place in project.folders() for entry in Ledger(place)]
    if not made or any(entry.id in ids or (entry.source, entry.clip) in ours for entry in made):
        return None
    number = 2
    while (free := folder.with_name(f"{folder.name} {number}")).exists():
        number += 1
    project.change(phrase("choosing the output folder"), job.changed(output=str(free)))
    return folder


def choose_receivers(project: Project, names: Iterable[str]) -> None:
    """Put these receivers (slugs, or paths of TOML files) on the board. Those that do not ship travel in the job from then on.

    Raises
    ------
    RulesError : a file is wrong, or gone.
    """
    own, slugs = dict(project.job.own), []
    for name in names:
        receiver = receiver_of(name, project.job)
        if receiver.slug not in shipped_receivers():
            own[receiver.slug] = receiver
        slugs.append(receiver.slug)
    project.change(phrase("choosing receivers"), project.job.changed(receivers=tuple(dict.fromkeys(slugs)), own=own))


def change_receiver(project: Project, receiver: Receiver) -> Receiver:
    """Give a receiver of the board other rules; the job keeps them. One that ships stays as it is: the changed one is one's own, with a name
    of its own, and takes its place. Returns what stands on the board now.
    """
    before = project.receiver(receiver.slug)
    new = receiver
    if receiver.slug in shipped_receivers() and receiver.slug not in project.job.own:
        new = as_own(receiver, project.job.own)
        if before is not None and receiver.name != before.name:
            new = new.changed(name=receiver.name)
    names = tuple(
        new.slug if shown.slug == receiver.slug else name
        for name, shown in zip(project.job.receivers, project.receivers, strict=True)
    )
    own = {**project.job.own, new.slug: new}
    job = project.job.changed(own=own, receivers=names)
    if new.slug != receiver.slug:
        # What was decided for the one holds for the other.
        old = receiver.slug
        job = job.changed(
            clips=tuple(c.changed(at={**c.at, new.slug: c.at[old]}) if old in c.at else c for c in job.clips)
        )
    project.change(phrase("changing the rules of {name}", name=receiver.name), job)
    return new


def add_receiver(project: Project, receiver: Receiver) -> None:
    """Put a receiver of one's own on the board."""
    names = tuple(dict.fromkeys((*project.job.receivers, receiver.slug)))
    own = {**project.job.own, receiver.slug: receiver}
    project.change(phrase("adding {name}", name=receiver.name), project.job.changed(own=own, receivers=names))


def add_receivers(project: Project, receivers: Iterable[Receiver]) -> None:
    """Put several receivers of this job alone on the board, as one change."""
    added = list(receivers)
    names = tuple(dict.fromkeys((*project.job.receivers, *(one.slug for one in added))))
    own = {**project.job.own, **{one.slug: one for one in added}}
    project.change(
        phrase("adding {n} forms", "adding {n} form", len(added), n=len(added)),
        project.job.changed(own=own, receivers=names),
    )


def reset_receiver(project: Project, slug: str) -> None:
    """Give a shipped receiver the rules back that it came with."""
    own = {name: receiver for name, receiver in project.job.own.items() if name != slug}
    project.change(phrase("giving back the shipped rules"), project.job.changed(own=own))


def duplicate_receiver(project: Project, slug: str) -> Receiver | None:
    """Put a copy of a receiver beside it on the board, to be changed."""
    old = project.receiver(slug)
    if old is None:
        return None
    new_slug = free_slug(slug, {*(r.slug for r in project.receivers), *project.job.own})
    delivery = old.delivery.changed(folder=new_slug)
    number = new_slug.rpartition("-")[2]
    copy = old.changed(slug=new_slug, name=f"{old.name[:36]} {number}", delivery=delivery)
    at = project.receivers.index(old) + 1
    names = (*project.job.receivers[:at], new_slug, *project.job.receivers[at:])
    own = {**project.job.own, new_slug: copy}
    project.change(phrase("duplicating {name}", name=old.name), project.job.changed(own=own, receivers=names))
    return copy
