"""Clips, and the reversible changes made to them."""

from __future__ import annotations

import dataclasses
import hashlib
import os
import uuid
from collections.abc import Mapping
from dataclasses import field
from pathlib import Path
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from . import checked
from .rights import Rights
from .touch_parameters import TOUCH_PARAMETERS

#: ``auto``, ``left``, ``right``, ``mix``, or ``ch3`` and so on for one channel of many.
Side = str


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

    true_rate: int | None = None
    side: Side = "auto"
    gain_db: float = 0.0
    skip: int = 0
    keep: int | None = None
    fade_in: float = 0.0
    fade_out: float = 0.0
    fade_shape: str = "round"
    speed: float = 1.0
    pitch: float = 0.0
    low_cut: float = 0.0
    remove_dc: bool = False
    without: tuple[tuple[int, int], ...] = ()
    limiter_db: float = 0.0
    loop: float | None = None
    form: str = ""
    untreated: bool = False
    accepted: tuple[str, ...] = ()
    more: tuple[tuple[str, float], ...] = ()

    def changed(self, **changes: Any) -> TouchUp:
        """A copy with some fields replaced; an unknown field raises TypeError."""
        return dataclasses.replace(self, **changes)

    def accepting(self, code: str) -> TouchUp:
        """A copy that lives with the problem ``code``."""
        return self if code in self.accepted else self.changed(accepted=(*self.accepted, code))

    def to_dict(self) -> dict[str, Any]:
        """Only what differs from an untouched clip."""
        if self == UNTOUCHED:
            return {}
        plain = UNTOUCHED
        return {
            f.name: [list(v) if isinstance(v, tuple) else v for v in value] if isinstance(value, tuple) else value
            for f in dataclasses.fields(self)
            if (value := getattr(self, f.name)) != getattr(plain, f.name)
        }

    @classmethod
    def from_dict(cls, data: Mapping[str, Any], where: str = "touch_up") -> TouchUp:
        """From a job file. Fields of a later version are left out.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        known = TOUCH_PARAMETERS
        return cls(**{key: known[key].read(value, f"{where}.{key}") for key, value in data.items() if key in known})


UNTOUCHED = TouchUp()


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
    name: str
    start: int = 0
    stop: int | None = None
    touch_up: TouchUp = UNTOUCHED
    at: Mapping[str, TouchUp] = field(default_factory=dict, hash=False)
    text: str = ""
    speaker: str = ""
    language: str = ""
    kind: str = ""
    rights: Rights | None = None
    receivers: tuple[str, ...] = ()
    id: str = field(default_factory=lambda: uuid.uuid4().hex[:12])

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
        out: dict[str, Any] = {"id": self.id, "name": self.name}
        plain = {"start": 0, "stop": None, "text": "", "speaker": "", "language": "", "kind": ""}
        out.update({key: getattr(self, key) for key, empty in plain.items() if getattr(self, key) != empty})
        if self.receivers:
            out["receivers"] = list(self.receivers)
        if self.rights:
            out["rights"] = self.rights.to_dict()
        if touched := self.touch_up.to_dict():
            out["touch_up"] = touched
        if self.at:
            out["at"] = {slug: touch_up.to_dict() for slug, touch_up in self.at.items()}
        return out

    @classmethod
    def from_dict(cls, data: Mapping[str, Any], source: Path) -> Clip:
        """A clip from a job file.

        Raises
        ------
        JobError : a field is missing or of the wrong kind.
        """
        where = phrase("a clip ({get!r})", get=str(data.get("name"))[:40])
        for key in ("id", "name"):
            if not checked.text(data.get(key), f"{key} of {where}"):
                raise checked.wrong(f"{key} of {where}", "", phrase("a text that is not empty"))
        start = checked.frames(data.get("start", 0), phrase("start of {where}", where=where))
        stop = data.get("stop")
        if stop is not None:
            stop = checked.frames(stop, phrase("stop of {where}", where=where), start + 1)
        touch = data.get("touch_up")
        at = checked.table(data.get("at", {}), phrase("at of {where}", where=where))
        return cls(
            source=source,
            name=data["name"],
            start=start,
            stop=stop,
            touch_up=UNTOUCHED
            if touch is None
            else TouchUp.from_dict(checked.table(touch, phrase("touch_up of {where}", where=where))),
            at={
                checked.text(slug, "at"): TouchUp.from_dict(checked.table(entry, f"at.{slug}"), f"at.{slug}")
                for slug, entry in at.items()
            },
            id=data["id"],
            receivers=tuple(
                checked.text(slug, phrase("receivers of {where}", where=where))
                for slug in checked.entries(data.get("receivers", []), phrase("receivers of {where}", where=where))
            ),
            rights=Rights.from_dict(checked.table(data["rights"], phrase("rights of {where}", where=where)))
            if data.get("rights")
            else None,
            **{
                key: checked.text(data.get(key, ""), f"{key} of {where}")
                for key in ("text", "speaker", "language", "kind")
            },
        )


def clip_of(path: Path) -> Clip:
    """The clip that a whole file is, with an id that is the same in every run."""
    return Clip(source=path, name=path.stem, id=id_of_source(path))


def id_of_source(path: Path) -> str:
    """The id of the clip that a whole file is: 12 hexadecimal digits of its path."""
    return hashlib.blake2b(os.fsencode(path), digest_size=6).hexdigest()


def id_of_name(name: str, *where: str) -> str:
    """The id of a clip that has no file of its own, by its name and where it was asked for: the same in every run, whatever it sounds like by then."""
    return hashlib.blake2b("\0".join((*where, name)).encode("utf-8", "surrogatepass"), digest_size=6).hexdigest()
