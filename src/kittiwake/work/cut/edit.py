"""What happens to the spans of a source: found again, split, joined, chosen among takes. Nothing here changes what it is given."""

from __future__ import annotations

from collections.abc import Collection, Sequence

from ...core.model.span import START, STOP, Cut, Span, in_order


def merged(old: Sequence[Span], found: Sequence[tuple[int, int]]) -> tuple[tuple[Span, ...], tuple[Span, ...]]:
    """What a new search makes of the spans that are there: everything a person put into them stays.

    A span that overlaps what was found keeps its id, name, text, takes and the edges that were set, and gets its other edges from what was
    found. Where a search joins several that hold something of a person, each stays, and only the outer edges move. Spans that hold nothing of
    a person and are not found again go.

    Returns
    -------
    the spans, in order; and those of them that hold something of a person but were not found again.
    """
    kept: list[Span] = []
    lost: list[Span] = []
    plain = [span for span in old if not span.precious]
    for place, over in _groups([span for span in old if span.precious], found):
        if place is None:
            kept += over
            # What was set aside, or marked by hand from edge to edge, need not be found.
            lost += [span for span in over if not span.aside and len(span.held) < 2]
            continue
        start, stop = place
        for n, span in enumerate(over):
            begin = span.start if START in span.held or n else start
            end = span.stop if STOP in span.held or n + 1 < len(over) else stop
            kept.append(span.changed(start=begin, stop=max(end, begin + 1)))
    taken = [(span.start, span.stop) for span in kept]
    for start, stop in found:
        if any(a < stop and start < b for a, b in taken):
            continue
        before = max(plain, key=lambda span: _overlap(span, start, stop), default=None)
        if before is not None and _overlap(before, start, stop) > 0:
            plain.remove(before)
            kept.append(before.changed(start=start, stop=stop))
        else:
            kept.append(Span(start, stop))
    return in_order(kept), tuple(lost)


def _overlap(span: Span, start: int, stop: int) -> int:
    return min(span.stop, stop) - max(span.start, start)


def _groups(
    precious: Sequence[Span], found: Sequence[tuple[int, int]]
) -> list[tuple[tuple[int, int] | None, list[Span]]]:
    """For each thing found, the spans of a person that overlap it most; with None those that overlap nothing."""
    groups: dict[tuple[int, int] | None, list[Span]] = {}
    for span in precious:
        best = max(found, key=lambda pair: _overlap(span, *pair), default=None)
        if best is not None and _overlap(span, *best) <= 0:
            best = None
        groups.setdefault(best, []).append(span)
    return [(key, sorted(spans, key=lambda span: span.start)) for key, spans in groups.items()]


# -- what a person does ------------------------------------------------------------------------------------------------


def split(cut: Cut, span_id: str, frame: int) -> Cut:
    """Two spans of one, parted at a frame; the second has no name yet."""
    span = cut.span(span_id)
    if span is None or not span.start < frame < span.stop:
        return cut
    first = span.moved(STOP, frame)
    second = Span(frame, span.stop, held=tuple(sorted({START, *(e for e in span.held if e == STOP)})))
    return cut.changed(spans=in_order([*(s for s in cut.spans if s.id != span_id), first, second]))


def join(cut: Cut, span_id: str) -> Cut:
    """A span and the next one as one, under the name of the first that has one."""
    index = next((n for n, span in enumerate(cut.spans) if span.id == span_id), None)
    if index is None or index + 1 >= len(cut.spans):
        return cut
    one, other = cut.spans[index], cut.spans[index + 1]
    named_one = one if one.name or not other.name else other
    held = tuple(sorted({*(e for e in one.held if e == START), *(e for e in other.held if e == STOP), STOP}))
    whole = one.changed(
        stop=max(one.stop, other.stop), name=named_one.name, text=named_one.text, by_hand=named_one.by_hand, held=held
    )
    return cut.changed(spans=(*cut.spans[:index], whole, *cut.spans[index + 2 :]))


def join_all(cut: Cut, ids: Collection[str]) -> Cut:
    """All these spans, and what lies between them, as one, under the first name there is."""
    joined_spans = [span for span in cut.spans if span.id in ids]
    if len(joined_spans) < 2:
        return cut
    inside = [
        span
        for span in cut.spans
        if joined_spans[0].start <= span.start and span.stop <= max(s.stop for s in joined_spans)
    ]
    named = next((span for span in joined_spans if span.name), joined_spans[0])
    whole = joined_spans[0].changed(
        stop=max(span.stop for span in joined_spans),
        name=named.name,
        text=named.text,
        by_hand=named.by_hand,
        held=(START, STOP),
    )
    gone = {span.id for span in inside} | {span.id for span in joined_spans}
    return cut.changed(spans=in_order([*(span for span in cut.spans if span.id not in gone), whole]))


def set_aside(cut: Cut, ids: Collection[str], aside: bool) -> Cut:
    """Spans that are kept and not delivered, or are delivered again."""
    return cut.changed(spans=tuple(span.changed(aside=aside) if span.id in ids else span for span in cut.spans))


def removed(cut: Cut, ids: Collection[str]) -> Cut:
    """Without these spans. What was another take of one of them is a line of its own again."""
    left = [span for span in cut.spans if span.id not in ids]
    return cut.changed(spans=tuple(s.changed(take_of="", aside=False) if s.take_of in ids else s for s in left))


def pauses(cut: Cut) -> tuple[tuple[int, int], ...]:
    """What lies between the spans that are delivered, frames."""
    active = [span for span in cut.spans if not span.aside]
    out, end = [], active[0].stop if active else 0
    for span in active[1:]:
        if span.start > end:
            out.append((end, span.start))
        end = max(end, span.stop)
    return tuple(out)


def another_take(cut: Cut, span_id: str) -> Cut:
    """Say that a span is another take of the line before it: it takes that one's place, which is set aside. Said again, it is taken back."""
    index = next((n for n, span in enumerate(cut.spans) if span.id == span_id), None)
    if not index:
        return cut
    span = cut.spans[index]
    if span.take_of:
        group = span.take_of
        spans = [s.changed(take_of="", aside=False) if s.id == span_id else s for s in cut.spans]
        if not any(s.take_of == group for s in spans):
            spans = [s.changed(aside=False) if s.id == group else s for s in spans]
        return cut.changed(spans=tuple(spans))
    before = cut.spans[index - 1]
    group = before.take_of or before.id
    return choose_take(
        cut.changed(spans=tuple(s.changed(take_of=group) if s.id == span_id else s for s in cut.spans)), span_id
    )


def takes(cut: Cut, span_id: str) -> list[Span]:
    """All takes of a span's line, in order; only itself where it is the only one."""
    span = cut.span(span_id)
    if span is None:
        return []
    group = span.take_of or span.id
    return [s for s in cut.spans if s.id == group or s.take_of == group]


def choose_take(cut: Cut, span_id: str) -> Cut:
    """Deliver this take of its line; the others are set aside. The name goes with the line."""
    ids = {span.id for span in takes(cut, span_id)}
    chosen = cut.span(span_id)
    holder = next((s for s in takes(cut, span_id) if s.name), chosen)
    if chosen is None or holder is None:
        return cut
    spans = [
        s.changed(aside=s.id != span_id, name=holder.name, text=holder.text, by_hand=holder.by_hand)
        if s.id in ids
        else s
        for s in cut.spans
    ]
    return cut.changed(spans=tuple(spans))


def between(cut: Cut, span_id: str, total: int) -> Cut:
    """A span of what lies between this one and the next: the tone of the room, or a pause."""
    index = next((n for n, span in enumerate(cut.spans) if span.id == span_id), None)
    if index is None:
        return cut
    start = cut.spans[index].stop
    stop = cut.spans[index + 1].start if index + 1 < len(cut.spans) else total
    if stop <= start:
        return cut
    fresh = Span(start, stop, held=(START, STOP))
    return cut.changed(spans=in_order([*cut.spans, fresh]))
