"""One clip at one receiver."""

from __future__ import annotations

from ...core.fit import Fit
from ...core.make import Result
from ...core.model import Clip, Facts, MadeRecord, Receiver
from ...plain_data import dataclass

Key = tuple[str, str]  # clip id, receiver slug


@dataclass(frozen=True, slots=True)
class Cell:
    """One clip at one receiver, as the board shows it.

    Attributes
    ----------
    state : ``waiting``, ``making``, ``made``, ``stale`` (made, but not as it would be now), ``failed``, or the verdict of the fit.
    share : how far making has come, 0 to 1.
    delivered : ``delivered`` where the made file was handed over as it is, ``older`` where another copy of it was; else nothing.
    made : what came of making in this session; None where it was made earlier or not at all.
    """

    clip: Clip
    receiver: Receiver
    state: str
    fit: Fit | None = None
    facts: Facts | None = None
    record: MadeRecord | None = None
    made: Result | None = None
    share: float = 0.0
    delivered: str = ""

    @property
    def shown(self) -> str:
        """The state as a board shows it: what was handed over differs from what was only made."""
        return self.delivered if self.delivered and self.state == "made" else self.state

    @property
    def share_of_limit(self) -> float | None:
        """How much of the bytes that the receiver allows a file it takes, as made or as planned; over 1 where that is too much. None where either is not
        known.
        """
        limit = self.receiver.rules.limits.max_bytes
        size = self.record.bytes if self.record and self.state == "made" else self.fit and self.fit.predicted_bytes
        return size / limit if limit and size else None

    @property
    def key(self) -> Key:
        return self.clip.id, self.receiver.slug
