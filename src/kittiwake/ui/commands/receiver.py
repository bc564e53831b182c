"""Commands of receivers and of the stand-in that one is tried on."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from pathlib import Path

from PySide6.QtWidgets import QFileDialog

from ...commands import command, key_of
from ...core.disk.place import write_whole
from ...core.errors import MakeError, reason_of
from ...core.fit import legal_name
from ...core.model import Facts, Receiver, load_receiver, shipped_receivers
from ...core.model.name_rules import Names
from ...core.model.own_receivers import as_own, free_slug, keep_own, note_used
from ...core.model.receiver_file import to_toml
from ...words import tr
from ...work.project import edits
from ..dialogs.ask import where_to_save
from ..shell.context import Context

#: Names that may stand in a slug.
SLUGS = Names(allowed="a-z0-9-", case="lower", max_length=30, replace_with="-")


@command("receiver.choose", "Receivers on the board…", "Choose the receivers to make for.", "Ctrl+R", menu="Receiver")
def choose_receivers(at: Context) -> None:
    from ..dialogs.receiver_chooser import ReceiverChooser

    dialog = ReceiverChooser(at.window, at.session.project.job.receivers, at.session.project.job.own)

    def take() -> None:
        if not (chosen := dialog.chosen()):
            at.status.say(tr("A board has at least one receiver: nothing was changed."))
        elif at.attempt(lambda: _choose(at, chosen, dialog.wishes)):
            note_used(receiver.slug for receiver in at.session.project.receivers)
        at.board.setFocus()

    dialog.accepted.connect(take)
    dialog.new_wanted.connect(lambda begin, slug: new_receiver(at, begin, slug))
    dialog.open()


def _choose(at: Context, chosen: Iterable[str], wishes: Mapping[str, Receiver]) -> None:
    """Put these on the board. What was typed as a wish is kept first, so that it is found again by its name."""
    names = list(chosen)
    for slug in names:
        if slug in wishes:
            keep_own(wishes[slug])
    edits.choose_receivers(at.session.project, names)


@command(
    "receiver.new",
    "New receiver…",
    "Describe a machine of your own, begun from files that it takes.",
    menu="Receiver",
)
def new_from_files(at: Context) -> None:
    new_receiver(at, "files", "")


def new_receiver(at: Context, begin: str, slug: str) -> None:
    """A receiver of one's own: begun from nothing, from the receiver of a slug, or from files that the machine is known to take."""
    from ...core.fit.one_off import receiver_of_form

    project = at.session.project
    if begin == "files":
        learn_receiver(at)
        return
    if begin == "receiver":
        like = project.job.own.get(slug) or load_receiver(slug)
        new = as_own(like, project.job.own)
    else:
        new = receiver_of_form("wav")
        own_slug = free_slug("my-receiver", project.job.own)
        delivery = new.delivery.changed(folder=own_slug)
        new = new.changed(slug=own_slug, name=tr("My receiver"), purpose="", delivery=delivery)
    put_new(at, new)


def put_new(at: Context, new: Receiver) -> None:
    """Keep a new receiver, put it on the board, and show its sheet."""
    edits.add_receiver(at.session.project, new)
    keep(at, new)
    at.bench.show_choice(None, new)
    at.bench.page_of("receiver").begin_to_name()
    at.status.say(
        tr(
            "{name} stands on the board, to be changed; it is kept for other jobs too. {key} takes it off the board.",
            name=new.name,
            key=key_of("edit.undo"),
        )
    )


def keep(at: Context, receiver: Receiver) -> None:
    """Keep a receiver of one's own for other jobs."""
    if receiver.slug not in shipped_receivers() and at.attempt(lambda: keep_own(receiver)):
        note_used(one.slug for one in at.session.project.receivers)


def learn_receiver(at: Context) -> None:
    """Read the rules of a receiver off files that it is known to take."""
    names, _ = QFileDialog.getOpenFileNames(at.window, tr("Files that the machine takes"))
    if names:
        learn_from(at, [Path(name) for name in names])


def learn_from(at: Context, paths: list[Path]) -> None:
    from ...core.fit.learned import learn
    from ..shell.waiting import Waiting

    slug = free_slug(f"like-{legal_name(paths[0].parent.name, SLUGS)}".strip("-"), at.session.project.job.own)
    name = tr("Like {folder}", folder=paths[0].parent.name)[:40]

    def work() -> None:
        with Waiting(
            at.window, tr("Reading {count} files …", "Reading {count} file …", len(paths), count=len(paths))
        ) as waiting:
            learned = waiting.result_of(lambda checkpoint: learn(_facts(paths, checkpoint), name, slug))
        at.bench.page_of("receiver").take_evidence(learned.receiver.slug, learned.evidence)
        put_new(at, learned.receiver)

    at.attempt(work)


def _facts(paths: list[Path], checkpoint: Callable[[], object]) -> list[Facts]:
    from ...core.batch.each import analyze_files

    found = []
    for facts in analyze_files(paths):
        checkpoint()
        found.append(facts)
    return found


def take_rules(at: Context, edited: Receiver) -> None:
    """Take what was typed into a sheet. A receiver that ships stays as it is: the changed one is one's own."""
    before = at.session.project.receiver(edited.slug)
    new = edits.change_receiver(at.session.project, edited)
    keep(at, new)
    at.bench.show_choice(None, new)
    if before is not None and new.slug != before.slug:
        at.status.say(
            tr(
                "{name} stays as it ships. These rules are those of “{copy}”, which is yours, and kept for other jobs too.",
                name=before.name,
                copy=new.name,
            )
        )


@command("standin.hand", "Hand to the stand-in", "Give the made file to the machine it is for.", "B", menu="Receiver")
def hand_over(at: Context) -> bool:
    """Whether the machine took it."""
    clip, receiver = at.board.current_clip(), at.board.current_receiver()
    cell = at.session.project.cell(clip, receiver) if clip and receiver else None
    if cell is None or cell.record is None or cell.state != "made":
        at.status.say(
            tr("Select a made cell to hand its file to the machine it is for; M makes all that can be made.")
        )
        return False
    owner = cell.receiver
    if at.bench.stand_ins.kind(owner.standin) is None:
        other = _with_machine(at, None)
        at.status.say(
            tr("There is no stand-in for {name} to try files on.", name=owner.name)
            + (tr(" {other} has one: select its cell.", other=other.name) if other else "")
        )
        return False
    answer = at.bench.stand_ins.hand(owner.standin, Path(cell.record.output), cell.clip.kind)
    at.bench.show_choice(None, owner)
    at.status.say(answer)
    return at.bench.stand_ins.machine(owner.standin).refusal is None


def _with_machine(at: Context, current: Receiver | None) -> Receiver | None:
    """The receiver whose machine is meant: the current one, or the first of the board that has one."""
    receivers = [*([current] if current else []), *at.session.project.receivers]
    return next((one for one in receivers if at.bench.stand_ins.kind(one.standin)), None)


@command("standin.press", "Set the stand-in off", "Let the machine play what it holds.", "P", menu="Receiver")
def set_off(at: Context) -> None:
    receiver = _with_machine(at, at.board.current_receiver())
    if receiver is None:
        at.status.say(tr("No receiver of the board has a stand-in to try files on."))
        return
    kind = at.bench.stand_ins.kind(receiver.standin)
    assert kind is not None
    held = at.bench.stand_ins.machine(kind.key).press()
    at.bench.show_choice(None, receiver)
    if held is None:
        at.status.say(tr("The {name} holds nothing: hand it a made file first.", name=kind.name))
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
        keep(at, copy)
        at.bench.show_choice(None, copy)
        at.status.say(
            tr(
                "{name} stands on the board, to be changed; {key} takes it back.",
                name=copy.name,
                key=key_of("edit.undo"),
            )
        )


def export_receiver(at: Context, slug: str) -> None:
    receiver = at.session.project.receiver(slug)
    path = where_to_save(
        at.window,
        tr("Export the receiver"),
        Path.home() / f"{slug}.toml",
        tr("Receivers (*.toml)"),
        (".toml",),
    )
    if receiver and path:
        try:
            write_whole(path, to_toml(receiver).encode("utf-8"))
        except (OSError, MakeError) as error:
            why = (
                tr("{name} could not be written: {reason_of}.", name=path.name, reason_of=reason_of(error))
                if isinstance(error, OSError)
                else str(error)
            )
            at.status.say(why)
        else:
            at.status.say(tr("Exported {name}; it can be given to --for, and put on any board.", name=path.name))
