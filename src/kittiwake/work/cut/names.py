"""Names of what was cut: from a list of lines in the order they were read, or simply numbered."""

from __future__ import annotations

import csv
import io
from collections.abc import Sequence

from ...core.model.span import Line, Span


def named(spans: Sequence[Span], lines: Sequence[Line]) -> tuple[Span, ...]:
    """Spans with the names of a list, in order. Those that are set aside take none; takes of a line share its.

    A name that a person gave stays, in the place of the line that would be due. Where it is one of the list, what follows goes on from there.
    """
    places = {line.name: n for n, line in reversed(list(enumerate(lines)))}
    out: list[Span] = []
    given: dict[str, tuple[str, str]] = {}
    at = 0
    for span in spans:
        if span.take_of:
            out.append(span)
            continue
        heads_takes = any(other.take_of == span.id for other in spans)
        if span.aside and not heads_takes:
            out.append(span if span.by_hand else span.changed(name="", text=""))
            continue
        if span.by_hand:
            # A name that is not on the list is another word for the line that is due.
            at = places.get(span.name, at) + 1
            out.append(span)
        elif at < len(lines):
            out.append(span.changed(name=lines[at].name, text=lines[at].text))
            at += 1
        else:
            out.append(span.changed(name="", text="") if lines else span)
        given[span.id] = (out[-1].name, out[-1].text)
    return tuple(
        s.changed(name=given[s.take_of][0], text=given[s.take_of][1]) if s.take_of in given and not s.by_hand else s
        for s in out
    )


def shown_names(spans: Sequence[Span], base: str) -> dict[str, str]:
    """The name of every span by id: its own, or the reading's with a number, counted anew in order."""
    active = [span for span in spans if not span.aside]
    width = max(2, len(str(len(active))))
    numbers = {span.id: n for n, span in enumerate(active, 1)}
    return {
        span.id: span.name or (f"{base} {numbers[span.id]:0{width}}" if span.id in numbers else f"{base} aside")
        for span in spans
    }


def read_lines(text: str) -> list[Line]:
    """A list of names and words: a table with commas, semicolons or tabs (a heading with “name” or “text” is understood), or plain lines, each
    a name; a line “name: words” has both.
    """
    text = text.lstrip("\ufeff")
    rows = [row for row in text.splitlines() if row.strip()]
    if not rows:
        return []
    for mark in ("\t", ";", ","):
        table = list(csv.reader(io.StringIO(text), delimiter=mark, skipinitialspace=True))
        table = [[cell.strip() for cell in row] for row in table if any(cell.strip() for cell in row)]
        first = [cell.casefold() for cell in table[0]]
        if len(first) > 1 and ("name" in first or "text" in first):
            return _from_table(table[1:], first)
        if mark != "," and all(len(row) == 2 for row in table):
            return [Line(name, words) for name, words in table]
        if mark == "," and len(rows) > 1 and all(len(row) == 2 and " " not in row[0] for row in table):
            return [Line(name, words) for name, words in table]
    out = []
    for row in rows:
        name, colon, words = row.partition(": ")
        out.append(Line(name.strip(), words.strip()) if colon and " " not in name.strip() else Line(row.strip()))
    return out


def _from_table(rows: list[list[str]], heads: list[str]) -> list[Line]:
    def of(row: list[str], *names: str) -> str:
        for name in names:
            if name in heads and heads.index(name) < len(row):
                return row[heads.index(name)]
        return ""

    lines = [Line(of(row, "name", "id", "file"), of(row, "text", "words", "line")) for row in rows]
    return [Line(line.name or line.text, line.text) for line in lines if line.name or line.text]
