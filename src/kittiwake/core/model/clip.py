"""Clips, and the reversible changes made to them."""

from __future__ import annotations

import dataclasses
import hashlib
import os
import uuid
from collections.abc import Mapping
from dataclasses import field
from pathlib import Path
from typing import Annotated, Any, Literal

from ...plain_data import dataclass
from ...words import phrase
from .. import schema
from ..schema import FilledText, Frames, Limited, Meets, Text, Written, needed
from .job_document import JOB_FILE
from .rights import Rights
from .units import RATES


def _is_side(name: str) -> bool:
    """``auto``, ``left``, ``right``, ``mix``, or ``ch3`` and so on for one channel of many."""
    return name in ("auto", "left", "right", "mix") or (
        name.startswith("ch") and name[2:].isdigit() and 1 <= int(name[2:5]) <= 64
    )


def _in_order(pair: tuple[int, int]) -> bool:
    return pair[0] < pair[1]


def _empty_if_none(value: Any) -> Any:
    return {} if value is None else value


def _none_if_empty(value: Any) -> Any:
    return value or None


@dataclass(frozen=True, slots=True)
class TouchUp:
    """Reversible changes to a clip; data, not samples.

    Attributes
    ----------
    true_rate : Hz; the rate at which the sound was really taken, where the header is wrong. No sample changes.
    side : which side or channel to use where the receiver takes one; ``auto`` decides by what the sides hold.
    gain_db : added to whatever level the receiver's treatment asks for.
    skip : frames of the source that are left out at the start of the clip.
    keep : frames of the source that are kept after that; None keeps all of it.
    fade_in, fade_out : seconds of fade at the ends.
    fade_shape : ``round``, which is gentle at both ends, or ``even``, a straight line.
    pitch : semitones that it is made higher, its length unchanged; −6 to 6.
    low_cut : Hz, below which nothing is kept; 0 leaves that to the receiver.
    remove_dc : whether to take away a DC offset, whatever the receiver asks for.
    without : stretches (frames of the source, from and without the last) that are left out, a cough for one.
    speed : how many times as fast it is spoken, pitch unchanged; 0.5 to 2.
    limiter_db : by how much a limiter may hold single peaks down, dB, where the receiver allows less.
    loop : seconds of the end that are blended into the start; None leaves that to the receiver.
    form : ``container/encoding`` to make, of those that the receiver takes; empty for the one it names first.
    untreated : whether it passes without the receiver's treatment, for a tone whose level and pauses are meant (``untreated.receiver_for``).
    accepted : codes of problems that a person has decided to live with.
    more : touch-ups that were added from outside, by key (``stages``), each with its number.
    """

    true_rate: Annotated[int, Limited(ge=RATES[0], le=RATES[1])] | None = None
    side: Annotated[Text, Meets(_is_side, phrase("auto, left, right, mix, or a channel such as ch3"))] = "auto"
    gain_db: Annotated[float, Limited(ge=-60, le=60)] = 0.0
    skip: Frames = 0
    keep: Annotated[Frames, Limited(ge=1)] | None = None
    fade_in: Annotated[float, Limited(ge=0, le=3600)] = 0.0
    fade_out: Annotated[float, Limited(ge=0, le=3600)] = 0.0
    fade_shape: Literal["round", "even"] = "round"
    speed: Annotated[float, Limited(ge=0.5, le=2)] = 1.0
    pitch: Annotated[float, Limited(ge=-6, le=6)] = 0.0
    low_cut: Annotated[float, Limited(ge=0, le=20_000)] = 0.0
    remove_dc: bool = False
    without: tuple[
        Annotated[
            tuple[Frames, Frames], Meets(_in_order, phrase("a pair of frames of which the second is the later"))
        ],
        ...,
    ] = ()
    limiter_db: Annotated[float, Limited(ge=0, le=12)] = 0.0
    loop: Annotated[float, Limited(ge=0, le=10)] | None = None
    form: Text = ""
    untreated: bool = False
    accepted: tuple[Text, ...] = ()
    more: tuple[tuple[Text, Annotated[float, Limited(ge=-1e9, le=1e9), Written(schema.as_float)]], ...] = ()

    def changed(self, **changes: Any) -> TouchUp:
        """A copy with some fields replaced; an unknown field raises TypeError."""
        return dataclasses.replace(self, **changes)

    def accepting(self, code: str) -> TouchUp:
        """A copy that lives with the problem ``code``."""
        return self if code in self.accepted else self.changed(accepted=(*self.accepted, code))

    def to_dict(self) -> dict[str, Any]:
        """Only what differs from an untouched clip."""
        data: dict[str, Any] = schema.plain(self)
        return data

    @classmethod
    def from_dict(cls, data: object) -> TouchUp:
        """From a job file. Fields of a later version are left out.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        return JOB_FILE.read(cls, data, phrase("a touch-up"))


UNTOUCHED = TouchUp()


def bounds_of(parameter: str) -> tuple[float, float]:
    """Least and most of a touch-up's number."""
    bounds = schema.bounds_of(TouchUp, parameter)
    assert bounds is not None
    return bounds


@dataclass(frozen=True, slots=True)
class Clip:
    """One thing to deliver: a span of a source, with a name.

    Attributes
    ----------
    start, stop : frames of the source, ``stop`` excluded; None is its end.
    at : touch-ups that hold at one receiver only (by slug), in place of ``touch_up``.
    receivers : slugs of the receivers that it is for; empty for all.
    """

    source: Path
    name: FilledText
    start: Frames = 0
    stop: Frames | None = None
    touch_up: Annotated[TouchUp, Written(_empty_if_none)] = UNTOUCHED
    at: Mapping[str, TouchUp] = field(default_factory=dict, hash=False)
    text: Text = ""
    speaker: Text = ""
    language: Text = ""
    kind: Text = ""
    rights: Annotated[Rights | None, Written(_none_if_empty)] = None
    receivers: tuple[Text, ...] = ()
    id: FilledText = needed(lambda: uuid.uuid4().hex[:12])

    @classmethod
    def whole(cls, source: Path) -> Clip:
        """The clip that a fresh source is: all of it, named as the file."""
        return cls(source=source, name=source.stem)

    def changed(self, **changes: Any) -> Clip:
        return dataclasses.replace(self, **changes)

    def touch_up_at(self, receiver: str) -> TouchUp:
        """The touch-up that holds at a receiver."""
        return self.at.get(receiver, self.touch_up)

    def span_at(self, receiver: str, total: int) -> tuple[int, int | None]:
        """First frame, and the one after the last (None: to the end), of a source that holds ``total`` frames."""
        touch_up = self.touch_up_at(receiver)
        start, stop = self.start + touch_up.skip, self.stop
        if touch_up.keep is not None:
            stop = min(start + touch_up.keep, total if stop is None else stop)
        return start, stop

    def is_for(self, receiver: str) -> bool:
        """Whether it is meant for a receiver (its slug)."""
        return not self.receivers or receiver in self.receivers

    @property
    def whole_source(self) -> bool:
        """Whether it is all of its source, from the first frame to the last."""
        return self.start == 0 and self.stop is None

    def rate_of(self, stamped: int) -> int:
        """Hz at which the clip was really taken, where the header says ``stamped``."""
        return self.touch_up.true_rate or stamped

    def frames_of(self, total: int) -> int:
        """How many frames of a source that holds ``total`` it is, before any touch-up."""
        return max(0, min(total, total if self.stop is None else self.stop) - self.start)

    def to_dict(self) -> dict[str, Any]:
        data: dict[str, Any] = schema.plain(self, "id", "name")
        del data["source"]  # which a job file has by its number
        return data

    @classmethod
    def from_dict(cls, data: Mapping[str, Any], source: Path) -> Clip:
        """A clip from a job file.

        Raises
        ------
        JobError : a field is missing or of the wrong kind.
        """

        def where() -> str:
            return phrase("a clip ({name!r})", name=str(data.get("name"))[:40])

        found = JOB_FILE.read(cls, data, where, source=source)
        if found.stop is not None and found.stop <= found.start:
            raise JOB_FILE.wrong(
                schema.fault(found.stop, phrase("a frame behind {start}", start=found.start), "stop"), where
            )
        return found


def clip_of(path: Path) -> Clip:
    """The clip that a whole file is, with an id that is the same in every run."""
    return Clip(source=path, name=path.stem, id=id_of_source(path))


def id_of_source(path: Path) -> str:
    """The id of the clip that a whole file is: 12 hexadecimal digits of its path."""
    return hashlib.blake2b(os.fsencode(path), digest_size=6).hexdigest()


def id_of_name(name: str, *where: str) -> str:
    """The id of a clip that has no file of its own, by its name and where it was asked for: the same in every run, whatever it sounds like by then."""
    return hashlib.blake2b("\0".join((*where, name)).encode("utf-8", "surrogatepass"), digest_size=6).hexdigest()
