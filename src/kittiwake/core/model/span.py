"""Spans of one source: what a long reading is cut into."""

from __future__ import annotations

import dataclasses
import uuid
from collections.abc import Iterable
from dataclasses import field
from typing import Annotated, Any

from ...plain_data import dataclass
from ...words import phrase
from .. import schema
from ..schema import FilledText, Frames, Limited, Meets, Text, Written, needed
from .job_document import JOB_FILE

#: Edges of a span that a person may have set.
START, STOP = "start", "stop"


def _is_edge(name: str) -> bool:
    return name in (START, STOP)


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

    start: Frames
    stop: Frames
    name: Text = ""
    text: Text = ""
    by_hand: bool = False
    held: tuple[Annotated[str, Meets(_is_edge, phrase("start or stop"))], ...] = ()
    take_of: Text = ""
    aside: bool = False
    id: FilledText = needed(lambda: uuid.uuid4().hex[:12])

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
        data: dict[str, Any] = schema.plain(self, "id")
        return data

    @classmethod
    def from_dict(cls, data: object) -> Span:
        """From a job file.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        found = JOB_FILE.read(cls, data, phrase("a span"))
        if found.stop <= found.start:
            wanted = phrase("a frame behind {start}", start=found.start)
            raise JOB_FILE.wrong(schema.fault(found.stop, wanted, "stop"), phrase("a span"))
        return found


@dataclass(frozen=True, slots=True)
class _CutOfAFile:
    """A cut as a job file has it."""

    spans: tuple[schema.Table, ...] = ()
    lines: tuple[tuple[Text, Text], ...] = ()
    settings: dict[str, Annotated[float, Limited(ge=0, le=1000), Written(schema.as_float)]] = field(
        default_factory=dict
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
    def from_dict(cls, data: object) -> Cut:
        """From a job file.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        found = JOB_FILE.read(_CutOfAFile, data, phrase("a cut"))
        return cls(
            in_order(Span.from_dict(entry) for entry in found.spans),
            tuple(Line(*pair) for pair in found.lines),
            tuple(found.settings.items()),
        )


def in_order(spans: Iterable[Span]) -> tuple[Span, ...]:
    return tuple(sorted(spans, key=lambda span: (span.start, span.stop)))
