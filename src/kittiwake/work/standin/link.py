"""The way from here to a machine: it may take its time, break, or be broken for a test."""

from __future__ import annotations

import time
from collections.abc import Callable
from dataclasses import field
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from .machine import Kind, Machine

#: What can be made to go wrong, for tests: the memory is full, the link is slow, or is lost, or the machine restarts in the middle.
FAILURES = ("full", "slow", "lost", "restart")
_SLOW = 4000.0  # bytes a second
_CHUNK = 4096


@dataclass(frozen=True, slots=True)
class Outcome:
    """What came of handing a file over. ``seconds`` is how long the bytes took on their way."""

    name: str
    taken: bool
    reason: str = ""
    at: int = 0
    seconds: float = 0.0


@dataclass(slots=True)
class Link:
    """To one machine.

    Attributes
    ----------
    fail : one of ``FAILURES``, or empty; it happens once.
    parts : bytes that got through of files whose link was lost or broken off; they need not be sent again.
    """

    kind: Kind
    machine: Machine
    fail: str = ""
    parts: dict[str, bytes] = field(default_factory=dict)

    def hand(
        self,
        name: str,
        data: bytes,
        *,
        real: bool = False,
        progress: Callable[[float], None] | None = None,
        cancelled: Callable[[], bool] = bool,
    ) -> Outcome:
        """Send a file, and say what the machine makes of it.

        Parameters
        ----------
        real : whether it takes the time that it would; else only ``seconds`` tells.
        progress : gets the share that is through, 0 to 1.
        """
        pace = _SLOW if self.fail == "slow" else self.kind.pace
        through = len(self.parts.pop(name, b""))
        through = through if through < len(data) else 0
        ends = through + (len(data) - through) // 2 if self.fail in ("lost", "restart") else len(data)
        seconds = (ends - through) / pace if pace else 0.0
        while through < ends and not cancelled():
            step = min(_CHUNK, ends - through)
            if real and pace:
                time.sleep(step / pace)
            through += step
            if progress is not None:
                progress(through / len(data))
        if through < ends:
            self.parts[name] = data[:through]
            return Outcome(
                name,
                False,
                phrase("Broken off after {through:,} bytes; it goes on from there.", through=through),
                through,
                seconds,
            )
        failed = self._failed(name, data, through)
        if failed is not None:
            return Outcome(name, False, failed, through, seconds)
        taken = self.machine.hand(name, data)
        refusal = self.machine.refusal
        if taken or refusal is None:
            return Outcome(name, taken, seconds=seconds)
        return Outcome(name, False, refusal.reason, refusal.at, seconds)

    def _failed(self, name: str, data: bytes, through: int) -> str | None:
        fail, self.fail = self.fail, "" if self.fail != "slow" else "slow"
        if fail == "lost":
            self.parts[name] = data[:through]
            return phrase("The link was lost after {through:,} bytes; it goes on from there.", through=through)
        if fail == "restart":
            return phrase(
                "It restarted after {through:,} bytes; it holds what it held, and this has to come again.",
                through=through,
            )
        shelf: Any = getattr(self.machine, "shelf", None)
        if fail == "full" and shelf is not None:
            before, shelf.room = shelf.room, shelf.used
            self.machine.hand(name, data)
            shelf.room = before
            refusal = self.machine.refusal
            return refusal.reason if refusal else None
        return phrase("Its memory is full.") if fail == "full" else None
