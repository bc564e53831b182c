"""Which clips the board shows, and in which order."""

from __future__ import annotations

from collections.abc import Callable, Generator
from typing import Any

from ...core.model import Clip
from ...plain_data import dataclass
from ...words import phrase
from ..shell.session import Session

#: What one can show alone, with the states it means; the words are those of the board.
STATES: dict[str, tuple[str, ...]] = {
    phrase("All"): (),
    phrase("To decide"): ("decide",),
    phrase("Cannot be made"): ("cannot",),
    phrase("Failed"): ("failed",),
    phrase("Stale"): ("stale",),
    phrase("Not made yet"): ("as_is", "convert"),
    phrase("Made"): ("made", "delivered", "older"),
    phrase("Not delivered"): ("made", "older"),
    phrase("Older copy delivered"): ("older",),
}
#: Order of states by how much they want somebody.
_RANK = (
    "failed",
    "cannot",
    "decide",
    "stale",
    "making",
    "waiting",
    "convert",
    "as_is",
    "older",
    "made",
    "delivered",
    "left_out",
)

_LOT = 200  # clips between two chances to let go

StateOf = Callable[[str, str], str | None]


@dataclass(frozen=True, slots=True)
class Order:
    """A filter and a sorting.

    Attributes
    ----------
    words : every one has to be in the name, or the path of a clip; case does not matter.
    show : a key of ``STATES``: clips that are in such a state at one receiver at least.
    by : ``name``, ``length``, ``level``, the slug of a receiver, or empty for the order of the job.
    """

    words: tuple[str, ...] = ()
    show: str = "All"
    by: str = ""
    falling: bool = False

    @property
    def filters(self) -> bool:
        return bool(self.words or STATES[self.show])

    @property
    def plain(self) -> bool:
        """Whether it leaves everything as it is."""
        return not self.filters and not self.by

    def shown(self, session: Session, state_of: StateOf) -> list[Clip]:
        """The clips to show, in order. ``state_of`` gives the state of a clip (id) at a receiver (slug) as last counted."""
        steps = self.steps(session, state_of)
        while True:
            try:
                next(steps)
            except StopIteration as done:
                return list(done.value)

    def steps(self, session: Session, state_of: StateOf) -> Generator[None, None, list[Clip]]:
        """``shown``, letting go again and again, so that a large board can be put in order while the window goes on."""
        passes, key = self._passes(session, state_of), self._key(session, state_of)
        clips, keys = [], []
        for number, clip in enumerate(session.project.job.clips):
            if passes(clip):
                clips.append(clip)
                keys.append(key(clip))
            if number % _LOT == _LOT - 1:
                yield
        if not self.by:
            return clips
        order = sorted(range(len(clips)), key=keys.__getitem__, reverse=self.falling)
        yield
        return [clips[place] for place in order]

    def _passes(self, session: Session, state_of: StateOf) -> Callable[[Clip], bool]:
        words = [word.casefold() for word in self.words]
        states = STATES[self.show]
        slugs = [receiver.slug for receiver in session.project.receivers]

        def passes(clip: Clip) -> bool:
            if words:
                searched = f"{clip.name}\n{clip.source}".casefold()
                if not all(word in searched for word in words):
                    return False
            return not states or any(state_of(clip.id, slug) in states for slug in slugs)

        return passes

    def _key(self, session: Session, state_of: StateOf) -> Callable[[Clip], Any]:
        facts = session.project.facts
        if not self.by:
            return id  # of no use
        if self.by == "name":
            return lambda clip: clip.name.casefold()
        if self.by == "length":

            def length(clip: Clip) -> float:
                known = facts.get(clip.source)
                if known is None or known.header is None or known.measures is None:
                    return -1.0
                return clip.frames_of(known.measures.frames) / clip.rate_of(known.header.sample_rate)

            return length
        if self.by == "level":

            def level(clip: Clip) -> float:
                known = facts.get(clip.source)
                found = session.span_levels.of(clip, known) if known else None
                return found.active_dbov if found else float("-inf")

            return level
        ranks = {state: rank for rank, state in enumerate(_RANK)}
        return lambda clip: ranks.get(state_of(clip.id, self.by) or "", len(ranks))
