"""Clips of a project as rows of a corpus, and rows as what is known of clips."""

from __future__ import annotations

import re
from collections.abc import Iterable

from ....core.model import Receiver
from ....words import phrase
from ....work.project.project import Project
from .row import Row


def corpus_rows(project: Project, receiver: Receiver) -> dict[str, Row]:
    """By id of clip: those that are for a receiver and can be read. Ids of rows are names, numbered where they repeat."""
    out: dict[str, Row] = {}
    taken: set[str] = set()
    for clip in project.job.clips:
        facts = project.facts.get(clip.source)
        if not clip.is_for(receiver.slug) or facts is None or not facts.ok:
            continue
        stem = re.sub(r"[/\\\0\s]+", "-", clip.name).strip(".-") or "clip"
        own, number = stem, 1
        while own.casefold() in taken:
            number += 1
            own = f"{stem}-{number}"
        taken.add(own.casefold())
        touched = clip.changed(touch_up=clip.touch_up_at(receiver.slug))
        out[clip.id] = Row(
            clip.source,
            own,
            clip.text,
            clip.speaker,
            clip.language,
            (("kind", clip.kind),) if clip.kind else (),
            touched,
            facts.stated,
        )
    return out


def take_rows(project: Project, rows: Iterable[tuple[str, Row]]) -> int:
    """Text, speaker and language of rows as those of clips, by id; returns how many clips were changed."""
    new = {}
    for clip_id, row in rows:
        clip = project.clip(clip_id)
        if clip is None:
            continue
        changed = clip.changed(
            text=row.text or clip.text, speaker=row.speaker or clip.speaker, language=row.language or clip.language
        )
        if changed != clip:
            new[clip_id] = changed
    if new:
        clips = tuple(new.get(clip.id, clip) for clip in project.job.clips)
        project.change(
            phrase("texts and speakers of {n} clips", "texts and speakers of {n} clip", len(new), n=len(new)),
            project.job.changed(clips=clips),
        )
    return len(new)
