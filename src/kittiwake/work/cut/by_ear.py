"""Names suggested by what is said: what comes of the line that a speech engine heard in each span."""

from __future__ import annotations

from collections.abc import Mapping

from ...core.model.span import Cut, Line, Span
from .edit import choose_take


def suggested(cut: Cut, heard: Mapping[str, int | None]) -> dict[str, Line]:
    """Suggestions that would change a name, by span id. ``heard`` gives places in the cut's list."""
    return {
        span.id: cut.lines[place]
        for span in cut.spans
        if (place := heard.get(span.id)) is not None and place < len(cut.lines) and cut.lines[place].name != span.name
    }


def take_one(cut: Cut, span_id: str, line: Line) -> Cut:
    """Give a span the name and words of a line, as if a person had typed them."""
    span = cut.span(span_id)
    return cut.replaced(span.changed(name=line.name, text=line.text, by_hand=True)) if span else cut


def take_all(cut: Cut, heard: Mapping[str, int | None]) -> Cut:
    """Give every span the line that was heard in it. Of neighbours in which the same line was heard the last is delivered, and the others
    are its takes. Names that a person gave stay, and so do spans in which nothing was heard.
    """

    def line_of(span: Span) -> Line | None:
        place = heard.get(span.id)
        return cut.lines[place] if place is not None and place < len(cut.lines) else None

    lines = [line_of(span) for span in cut.spans]
    named = cut.changed(
        spans=tuple(
            span.changed(name=line.name, text=line.text, by_hand=True)
            if line and not span.by_hand and not span.take_of
            else span
            for span, line in zip(cut.spans, lines, strict=True)
        )
    )
    for n in range(1, len(lines)):
        one, other = named.spans[n - 1], named.spans[n]
        if lines[n] and lines[n - 1] is lines[n] and one.name == other.name and not other.take_of:
            named = choose_take(named.replaced(other.changed(take_of=one.take_of or one.id)), other.id)
    return named
