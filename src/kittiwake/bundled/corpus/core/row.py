"""What is known of a clip of a corpus, and what is wrong with what is known."""

from __future__ import annotations

from dataclasses import field
from pathlib import Path

from ....core.model import Clip, Stated
from ....plain_data import dataclass
from ....words import phrase

_EXAMPLES = 5


@dataclass(frozen=True, slots=True)
class Row:
    """``traits``: what else is known of the speaker or the clip, by name (gender, age, region, …). ``heard``: what an engine heard. ``clip``: what it is of its source, where it is not
    all of it as it stands; ``stated``: how to read one without a header.
    """

    path: Path
    id: str
    text: str = ""
    speaker: str = ""
    language: str = ""
    traits: tuple[tuple[str, str], ...] = ()
    clip: Clip | None = None
    stated: Stated | None = None
    heard: str = ""

    @property
    def span(self) -> tuple[int, int | None]:
        """First frame, and the one after the last; None for the end of the source."""
        if self.clip is None:
            return 0, None
        start, stop, touch_up = self.clip.start, self.clip.stop, self.clip.touch_up
        if touch_up.keep is not None:
            own = start + touch_up.skip + touch_up.keep
            stop = own if stop is None else min(stop, own)
        return start + touch_up.skip, stop


@dataclass(slots=True)
class Findings:
    """What is missing, or contradicts itself: how many of each kind, and a few by name."""

    counts: dict[str, int] = field(default_factory=dict)
    examples: dict[str, list[str]] = field(default_factory=dict)

    def add(self, what: str, who: str) -> None:
        """``what`` is a sentence without its end, ``who`` one clip that it is about."""
        self.counts[what] = self.counts.get(what, 0) + 1
        examples = self.examples.setdefault(what, [])
        if len(examples) < _EXAMPLES:
            examples.append(who)

    @property
    def sentences(self) -> list[str]:
        out = []
        for what, count in self.counts.items():
            examples = self.examples[what]
            more = phrase(" and {n:,} more", n=count - len(examples)) if count > len(examples) else ""
            out.append(phrase("{what}: {list}{more}.", what=what, list=", ".join(examples), more=more))
        return out
