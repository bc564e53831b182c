"""A stand-in loudspeaker for machines without one: it takes sound exactly as fast as a real one would."""

from __future__ import annotations

from collections.abc import Callable

Pull = Callable[[int], bytes]


class SilentLoudspeaker:
    """Keeps time and is silent.

    Parameters
    ----------
    pull : asked for a count of frames; fewer than that mean that the sound is over or not ready.
    rate : frames a second.
    """

    def __init__(self, pull: Pull, rate: int) -> None:
        self._pull = pull
        self._rate = rate
        self._since: float | None = None
        self._taken = 0

    def start(self, now: float) -> None:
        """Begin to take sound at this second of a clock that never goes back."""
        self._since, self._taken = now, 0

    def tick(self, now: float) -> None:
        """Take what has become due since the last tick."""
        if self._since is None:
            return
        due = int((now - self._since) * self._rate) - self._taken
        if due > 0:
            self._taken += due
            self._pull(due)

    def stop(self) -> None:
        self._since = None
