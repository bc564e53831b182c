"""What is to be done next in a job: the one step that a button can offer wherever somebody is."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from enum import Enum, auto

from ...core.model import Receiver
from ...plain_data import dataclass
from .project import Project

#: States of cells that can be made as they are.
READY = ("as_is", "convert", "stale", "failed")
#: Those that were made and are not at their receiver as they are now.
TO_HAND_OVER = ("made", "older")


class Step(Enum):
    """In their order."""

    ADD = auto()
    CHOOSE_RECEIVERS = auto()
    MAKE = auto()
    DECIDE = auto()
    HAND_OVER = auto()
    TRY = auto()
    NOTHING = auto()


@dataclass(frozen=True, slots=True)
class NextStep:
    """A step, how many outputs it is for, and of which receiver; None where it is for all."""

    step: Step
    count: int = 0
    receiver: Receiver | None = None


def next_step(
    project: Project,
    counts: Mapping[str, int],
    of_receiver: Callable[[str], Mapping[str, int]],
    can_be_tried: Callable[[Receiver], bool],
) -> NextStep:
    """The first step that something waits for.

    Parameters
    ----------
    counts : cells by the states that the board shows (``Cell.shown``).
    of_receiver : the same of one receiver, by its slug.
    can_be_tried : whether there is a machine to hear a receiver's files on.
    """
    if not project.job.clips:
        return NextStep(Step.ADD)
    if not project.receivers:
        return NextStep(Step.CHOOSE_RECEIVERS)
    if ready := sum(counts.get(state, 0) for state in READY):
        return NextStep(Step.MAKE, ready)
    if undecided := counts.get("decide", 0):
        return NextStep(Step.DECIDE, undecided)
    for receiver in project.receivers:
        if waiting := sum(of_receiver(receiver.slug).get(state, 0) for state in TO_HAND_OVER):
            return NextStep(Step.HAND_OVER, waiting, receiver)
    for receiver in project.receivers:
        if (there := of_receiver(receiver.slug).get("delivered", 0)) and can_be_tried(receiver):
            return NextStep(Step.TRY, there, receiver)
    return NextStep(Step.NOTHING)
