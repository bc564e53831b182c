"""Names suggested by what is said: what comes of the line that a speech engine heard in each span."""

from __future__ import annotations

from collections.abc import Mapping

from ..model.span import Cut, Line
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
    for span in cut.spans:
        place = heard.get(span.id)
        if place is not None and place < len(cut.lines) and not span.by_hand and not span.take_of:
            cut = take_one(cut, span.id, cut.lines[place])
    for one, other in zip(cut.spans, cut.spans[1:], strict=False):
        same = heard.get(one.id) is not None and heard.get(one.id) == heard.get(other.id)
        now, following = cut.span(one.id), cut.span(other.id)
        if same and now and following and now.name == following.name and not following.take_of:
            cut = choose_take(cut.replaced(following.changed(take_of=now.take_of or now.id)), following.id)
    return cut
