"""A job whose sources are cut: every span that is not set aside has a clip of the same id. Nothing here changes what it is given."""

from __future__ import annotations

import re
import uuid
from collections.abc import Collection, Mapping
from pathlib import Path

from ...core.model import Clip, Cut, Job, Span, TouchUp
from .names import named, shown_names

_EDGE = 0.005  # s of fade where a clip was cut out of something longer


def with_cut(job: Job, source: Path, cut: Cut) -> Job:
    """A source is cut like this; its clips stand where the source's clips stood. A source without any span is one clip again."""
    cut = cut.changed(spans=named(cut.spans, cut.lines))
    names = shown_names(cut.spans, source.stem)
    mine = [clip for clip in job.clips if clip.source == source]
    before = {clip.id: clip for clip in mine}
    whole = next((clip for clip in mine if clip.whole_source), None)
    touch_up = TouchUp(fade_in=_EDGE, fade_out=_EDGE)
    if whole:
        # What was found out about all of the source holds for its parts.
        touch_up = touch_up.changed(true_rate=whole.touch_up.true_rate, side=whole.touch_up.side)
    clips = [
        before.get(span.id, Clip(source, names[span.id], id=span.id, touch_up=touch_up)).changed(
            start=span.start, stop=span.stop, name=names[span.id], text=span.text
        )
        for span in cut.spans
        if not span.aside
    ]
    spans_before = {span.id for span in job.cuts.get(source, Cut()).spans}
    others = [clip for clip in mine if clip is not whole and clip.id not in spans_before and clip.id not in names]
    if not cut.spans:
        clips = [whole or Clip.whole(source)]
    at = next((n for n, clip in enumerate(job.clips) if clip.source == source), len(job.clips))
    left = [clip for clip in job.clips[:at] if clip.source != source]
    right = [clip for clip in job.clips[at:] if clip.source != source]
    return job.changed(clips=(*left, *clips, *others, *right), cuts={**job.cuts, source: cut})


def is_take_of(path: Path, name: str) -> bool:
    """Whether a file is called as takes of that name are: by it, perhaps with a number behind."""
    safe = re.escape(file_name_of(name))
    return re.fullmatch(rf"{safe}( take \d+)?", path.stem) is not None


def file_name_of(name: str) -> str:
    """A name of a take as a file may have it, without its ending."""
    return "".join("-" if c in '/\\:*?"<>|' or not c.isprintable() else c for c in name).strip(" .")[:120] or "take"


def with_take(job: Job, source: Path, span: Span, own: str = "") -> Job:
    """A recorded take is put on the board, cut to its words. Earlier takes of its name are set aside, and it takes over what they were known by: what
    was made of them is replaced by what is made of it.

    Parameters
    ----------
    own : id of a clip that it stands for, which goes; that of the earlier take where it is empty.
    """
    cuts: dict[Path, Cut] = dict(job.cuts)
    gone = {own} if own else set()
    for path, cut in job.cuts.items():
        earlier = {s.id for s in cut.spans if s.name == span.name and not s.aside and _is_take(path, cut, s, source)}
        if earlier:
            gone |= earlier
            aside = tuple(
                s.changed(aside=True, id=uuid.uuid4().hex[:12]) if s.id in earlier else s for s in cut.spans
            )
            cuts[path] = cut.changed(spans=aside)
    known = own or next((clip.id for clip in job.clips if clip.id in gone), span.id)
    span = span.changed(id=known)
    cuts[source] = Cut((span,))
    clip = Clip(
        source, span.name, span.start, span.stop, TouchUp(fade_in=_EDGE, fade_out=_EDGE), text=span.text, id=span.id
    )
    before = next((c for c in job.clips if c.id == known), None)
    if before is not None:
        clip = clip.changed(
            kind=before.kind, receivers=before.receivers, speaker=before.speaker, language=before.language
        )
    # A retake stands where the take before stood.
    at = next((n for n, c in enumerate(job.clips) if c.id in gone), len(job.clips))
    clips = [c for c in job.clips if c.id not in gone]
    return job.changed(clips=(*clips[:at], clip, *clips[at:]), cuts=cuts)


def _is_take(path: Path, cut: Cut, span: Span, beside: Path) -> bool:
    """Whether a cut is that of a take: one span by hand, which is what was said in it, of a file that lies beside another take or is called as takes of
    its name are.
    """
    alone = sum(not one.aside for one in cut.spans) == 1 and not cut.lines
    return path.parent == beside.parent or (span.by_hand and alone and is_take_of(path, span.name))


def with_clip(job: Job, new: Clip) -> Job:
    """A clip stands in the place of the one with its id; its span takes over its name and words."""
    cut = job.cuts.get(new.source)
    span = cut.span(new.id) if cut else None
    cuts = job.cuts
    if cut and span and (span.name, span.text) != (new.name, new.text):
        renamed = span.changed(name=new.name, text=new.text, by_hand=True)
        cuts = {**cuts, new.source: cut.replaced(renamed)}
    return job.changed(clips=tuple(new if clip.id == new.id else clip for clip in job.clips), cuts=cuts)


def without_clips(job: Job, ids: Collection[str]) -> Job:
    """Clips are taken off the board; their spans are set aside, and can be taken back where they are cut."""
    cuts: Mapping[Path, Cut] = {source: _set_aside(cut, ids) for source, cut in job.cuts.items()}
    return job.changed(clips=tuple(clip for clip in job.clips if clip.id not in ids), cuts=cuts)


def _set_aside(cut: Cut, ids: Collection[str]) -> Cut:
    return cut.changed(spans=tuple(span.changed(aside=True) if span.id in ids else span for span in cut.spans))
