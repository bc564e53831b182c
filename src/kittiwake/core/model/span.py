"""Spans of one source: what a long reading is cut into."""

from __future__ import annotations

import dataclasses
import uuid
from collections.abc import Iterable, Mapping
from dataclasses import field
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from . import checked

#: Edges of a span that a person may have set.
START, STOP = "start", "stop"


@dataclass(frozen=True, slots=True)
class Line:
    """A line of a list that is read from: the name its clip is to have, and the words."""

    name: str
    text: str = ""


@dataclass(frozen=True, slots=True)
class Span:
    """One span; as long as it is not set aside there is a clip of the same id.

    Attributes
    ----------
    start, stop : frames of the source, ``stop`` excluded.
    name : as given by a person, or taken from the list; empty where it is only numbered.
    by_hand : whether a person gave the name, which a list then leaves alone.
    held : which edges (``start``, ``stop``) a person set; a search leaves them alone.
    take_of : the span (id) of which this is another take of the same line; empty where it is none.
    aside : a take that was not chosen, or a flub: kept, but not delivered.
    """

    start: int
    stop: int
    name: str = ""
    text: str = ""
    by_hand: bool = False
    held: tuple[str, ...] = ()
    take_of: str = ""
    aside: bool = False
    id: str = field(default_factory=lambda: uuid.uuid4().hex[:12])

    def changed(self, **changes: Any) -> Span:
        return dataclasses.replace(self, **changes)

    def moved(self, edge: str, frame: int) -> Span:
        """With an edge where a person put it; at least one frame is left."""
        held = tuple(sorted({*self.held, edge}))
        if edge == START:
            return self.changed(start=max(0, min(frame, self.stop - 1)), held=held)
        return self.changed(stop=max(frame, self.start + 1), held=held)

    @property
    def precious(self) -> bool:
        """Whether there is something in it that a person put there."""
        return bool(self.by_hand or self.held or self.take_of or self.aside)

    def to_dict(self) -> dict[str, Any]:
        plain = {f.name: f.default for f in dataclasses.fields(self) if f.name not in ("start", "stop", "id")}
        out: dict[str, Any] = {"id": self.id, "start": self.start, "stop": self.stop}
        for name, empty in plain.items():
            value = getattr(self, name)
            if value != empty:
                out[name] = list(value) if isinstance(value, tuple) else value
        return out

    @classmethod
    def from_dict(cls, data: Mapping[str, Any]) -> Span:
        """From a job file.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        where = phrase("a span")
        start = checked.frames(data.get("start"), phrase("start of {where}", where=where))
        held = tuple(
            checked.one_of(edge, phrase("held of {where}", where=where), (START, STOP))
            for edge in checked.entries(data.get("held", []), "held")
        )
        name_id = checked.text(data.get("id"), phrase("id of {where}", where=where))
        if not name_id:
            raise checked.wrong(phrase("id of {where}", where=where), name_id, phrase("a text that is not empty"))
        return cls(
            start=start,
            stop=checked.frames(data.get("stop"), phrase("stop of {where}", where=where), start + 1),
            held=held,
            id=name_id,
            **{key: checked.text(data.get(key, ""), f"{key} of {where}") for key in ("name", "text", "take_of")},  # type: ignore[arg-type]
            **{key: checked.flag(data.get(key, False), f"{key} of {where}") for key in ("by_hand", "aside")},  # type: ignore[arg-type]
        )


@dataclass(frozen=True, slots=True)
class Cut:
    """How a source is cut: spans in order, and the list of lines that was read.

    Attributes
    ----------
    settings : of the last search, as in ``find.Find``.
    """

    spans: tuple[Span, ...] = ()
    lines: tuple[Line, ...] = ()
    settings: tuple[tuple[str, float], ...] = ()

    def changed(self, **changes: Any) -> Cut:
        return dataclasses.replace(self, **changes)

    def span(self, span_id: str) -> Span | None:
        return next((span for span in self.spans if span.id == span_id), None)

    def replaced(self, new: Span) -> Cut:
        """With one span in the place of that with its id."""
        return self.changed(spans=in_order(new if span.id == new.id else span for span in self.spans))

    def to_dict(self) -> dict[str, Any]:
        return {
            "spans": [span.to_dict() for span in self.spans],
            "lines": [[line.name, line.text] for line in self.lines],
            "settings": dict(self.settings),
        }

    @classmethod
    def from_dict(cls, data: Mapping[str, Any]) -> Cut:
        """From a job file.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        lines = []
        for pair in checked.entries(data.get("lines", []), "lines"):
            if not isinstance(pair, list) or len(pair) != 2:
                raise checked.wrong(phrase("a line of the list"), pair, phrase("a pair of name and words"))
            lines.append(Line(*(checked.text(one, phrase("a line of the list")) for one in pair)))
        settings = checked.table(data.get("settings", {}), "settings")
        return cls(
            in_order(
                Span.from_dict(checked.table(entry, phrase("a span")))
                for entry in checked.entries(data.get("spans", []), "spans")
            ),
            tuple(lines),
            tuple(
                (checked.text(key, "settings"), float(checked.number(value, f"settings.{key}", 0, 1000)))
                for key, value in settings.items()
            ),
        )


def in_order(spans: Iterable[Span]) -> tuple[Span, ...]:
    return tuple(sorted(spans, key=lambda span: (span.start, span.stop)))
