"""Commands of receivers and of the stand-in that one is tried on."""

from __future__ import annotations

from pathlib import Path

from ...commands import command
from ...core.errors import MakeError, reason_of
from ...core.make.place import write_whole
from ...core.model import Receiver
from ...core.model.receiver_file import to_toml
from ...core.project import edits
from ..ask import where_to_save
from ..context import Context
from ..receiver_chooser import ReceiverChooser


@command("receiver.choose", "Receivers on the board…", "Choose the receivers to make for.", "Ctrl+R", menu="Receiver")
def choose_receivers(at: Context) -> None:
    dialog = ReceiverChooser(at.window, at.session.project.job.receivers, at.session.project.job.own)

    def take() -> None:
        if chosen := dialog.chosen():
            at.attempt(lambda: edits.choose_receivers(at.session.project, chosen))
        else:
            at.status.say("A board has at least one receiver: nothing was changed.")

    dialog.accepted.connect(take)
    dialog.open()


@command("standin.hand", "Hand to the stand-in", "Give the made file to the machine it is for.", "B", menu="Receiver")
def hand_over(at: Context) -> None:
    clip, receiver = at.board.current_clip(), at.board.current_receiver()
    cell = at.session.project.cell(clip, receiver) if clip and receiver else None
    if cell is None or cell.record is None or cell.state != "made":
        at.status.say("Select a made cell to hand its file to the machine it is for; M makes all that can be made.")
        return
    owner = _with_machine(at, cell.receiver)
    if owner is None:
        at.status.say("No receiver of the board has a stand-in to try files on.")
        return
    told = at.bench.stand_ins.hand(owner.standin, Path(cell.record.output))
    at.bench.show_choice(None, owner)
    at.status.say(told)


def _with_machine(at: Context, current: Receiver | None) -> Receiver | None:
    """The receiver whose machine is meant: the current one, or the first of the board that has one."""
    receivers = [*([current] if current else []), *at.session.project.receivers]
    return next((one for one in receivers if at.bench.stand_ins.kind(one.standin)), None)


@command("standin.press", "Set the stand-in off", "Let the machine play what it holds.", "P", menu="Receiver")
def set_off(at: Context) -> None:
    receiver = _with_machine(at, at.board.current_receiver())
    if receiver is None:
        at.status.say("No receiver of the board has a stand-in to try files on.")
        return
    kind = at.bench.stand_ins.kind(receiver.standin)
    assert kind is not None
    held = at.bench.stand_ins.machine(kind.key).press()
    at.bench.show_choice(None, receiver)
    if held is None:
        at.status.say(f"The {kind.name} holds nothing: hand it a made file first.")
        return
    at.player.load_held(held, at.bench.stand_ins.title_of(kind.key))
    at.player.seek(0.0)
    at.player.play()


@command(
    "view.receiver", "Show the receiver", "Show the rules of the selected cell's receiver.", "R", menu="Receiver"
)
def show_receiver(at: Context) -> None:
    receiver = at.board.current_receiver() or (
        at.session.project.receivers[0] if at.session.project.receivers else None
    )
    if receiver:
        at.bench.show_choice(None, receiver)


def duplicate_receiver(at: Context, slug: str) -> None:
    copy = edits.duplicate_receiver(at.session.project, slug)
    if copy:
        at.bench.show_choice(None, copy)
        at.status.say(f"{copy.name} stands on the board, to be changed; Ctrl+Z takes it back.")


def export_receiver(at: Context, slug: str) -> None:
    receiver = at.session.project.receiver(slug)
    path = where_to_save(
        at.window, "Export the receiver", Path.home() / f"{slug}.toml", "Receivers (*.toml)", (".toml",)
    )
    if receiver and path:
        try:
            write_whole(path, to_toml(receiver).encode("utf-8"))
        except (OSError, MakeError) as error:
            why = (
                f"{path.name} could not be written: {reason_of(error)}." if isinstance(error, OSError) else str(error)
            )
            at.status.say(why)
        else:
            at.status.say(f"Exported {path.name}; it can be given to --for, and put on any board.")
