"""What the button of the next step says."""

from __future__ import annotations

from ...words import in_words, tr
from ...work.project.next_step import NextStep, Step

_LONGEST_NAME = 24  # letters of a receiver that a button names


def step_in_words(step: NextStep) -> str:
    """A text of a few words."""
    count, name = step.count, in_words(step.receiver.name) if step.receiver else ""
    if len(name) > _LONGEST_NAME:
        name = name[: _LONGEST_NAME - 1].rstrip() + "…"
    match step.step:
        case Step.ADD:
            return tr("Add sound")
        case Step.CHOOSE_RECEIVERS:
            return tr("Choose who takes it")
        case Step.MAKE:
            return tr("Make {n} outputs", "Make {n} output", count, n=count)
        case Step.DECIDE:
            return tr("Decide {n}", n=count)
        case Step.HAND_OVER:
            return tr("Hand over {n} to {name}", n=count, name=name)
        case Step.TRY:
            return tr("Hear it at {name}", name=name)
    return tr("Nothing to make")
