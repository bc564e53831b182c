"""Which clips the board shows, and in which order."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from typing import Any

from ...core.model import Clip
from ..session import Session

#: What one can show alone, with the states it means; the words are those of the board.
STATES: dict[str, tuple[str, ...]] = {
    "All": (),
    "To decide": ("decide",),
    "Cannot be made": ("cannot",),
    "Failed": ("failed",),
    "Stale": ("stale",),
    "Not made yet": ("as_is", "convert"),
    "Made": ("made",),
}
#: Order of states by how much they want somebody.
_RANK = ("failed", "cannot", "decide", "stale", "making", "waiting", "convert", "as_is", "made")

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
        clips: Sequence[Clip] = session.job.clips
        if self.words:
            words = [word.casefold() for word in self.words]
            clips = [
                clip for clip in clips if all(word in f"{clip.name}\n{clip.source}".casefold() for word in words)
            ]
        if states := STATES[self.show]:
            slugs = [receiver.slug for receiver in session.all_receivers]
            clips = [clip for clip in clips if any(state_of(clip.id, slug) in states for slug in slugs)]
        if self.by:
            clips = sorted(clips, key=self._key(session, state_of), reverse=self.falling)
        return list(clips)

    def _key(self, session: Session, state_of: StateOf) -> Callable[[Clip], Any]:
        facts = session.facts
        if self.by == "name":
            return lambda clip: clip.name.casefold()
        if self.by == "length":

            def length(clip: Clip) -> float:
                known = facts.get(clip.source)
                if known is None or known.header is None or known.measures is None:
                    return -1.0
                return clip.frames_of(known.measures.frames) / known.header.sample_rate

            return length
        if self.by == "level":

            def level(clip: Clip) -> float:
                known = facts.get(clip.source)
                found = session.span_levels.of(clip, known) if known else None
                return found.active_dbov if found else float("-inf")

            return level
        ranks = {state: rank for rank, state in enumerate(_RANK)}
        return lambda clip: ranks.get(state_of(clip.id, self.by) or "", len(ranks))
