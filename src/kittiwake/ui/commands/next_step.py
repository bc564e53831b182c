"""The command of the one button that is always the next step."""

from __future__ import annotations

from ...commands import command
from ...core.model import Receiver
from ...words import tr
from ...work.project.next_step import NextStep, Step, next_step
from ..shell.context import Context
from . import deliver, job, make, receiver, view


def step_of(at: Context) -> NextStep:
    """What is to be done next on the board, as far as it has been counted."""
    counter, stand_ins = at.view.counter, at.bench.stand_ins
    counter.count_few()
    return next_step(
        at.session.project,
        counter.counts,
        counter.counts_of,
        lambda one: stand_ins.kind(one.standin) is not None,
    )


@command(
    "make.next",
    "The next step",
    "Do what the button at the top right says: add, decide, make, hand over, hear it there.",
    "Ctrl+Return",
    "Ctrl+Enter",
    menu="Make",
)
def do_next(at: Context) -> None:
    if at.maker.busy or at.maker.wanted:
        return  # it goes on already, and no second press ends it
    step = step_of(at)
    match step.step:
        case Step.ADD:
            job.add_files(at)
        case Step.CHOOSE_RECEIVERS:
            receiver.choose_receivers(at)
        case Step.MAKE:
            make.make_all(at)
        case Step.DECIDE:
            view.go_to_next(at, "decide")
        case Step.HAND_OVER:
            assert step.receiver is not None
            deliver.deliver_again(at, step.receiver)
        case Step.TRY:
            assert step.receiver is not None
            _hear_there(at, step.receiver)
        case Step.NOTHING:
            at.status.say(tr("Nothing waits: everything that can be made is made and handed over."))


def _hear_there(at: Context, owner: Receiver) -> None:
    """The chosen clip on the machine of its receiver; the first that was handed over where another is chosen."""
    project = at.session.project
    current = at.board.current_clip()
    clips = [*([current] if current else []), *project.job.clips]
    clip = next((one for one in clips if project.cell(one, owner).shown == "delivered"), None)
    if clip is not None:
        at.board.select(clip.id, owner.slug)
        if receiver.hand_over(at):
            receiver.set_off(at)
