"""Commands that make outputs, and that look after them."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QUrl
from PySide6.QtGui import QDesktopServices
from PySide6.QtWidgets import QMessageBox

from ...commands import command, key_of
from ...core.batch.places import folders_of
from ...core.make.ledger import Entry
from ...words import tr
from ...work.project import Cell, edits
from ..dialogs.ask import chosen
from ..shell.context import Context
from ..widgets.short_path import short_path

if TYPE_CHECKING:
    from ..places.receiver.page import ReceiverPage


@command(
    "make.all",
    "Make all that can be made",
    "Make every output that needs no decision, and prove it.",
    "M",
    "F9",
    menu="Make",
)
def make_all(at: Context) -> None:
    if at.session.busy:
        # Pressed before everything has been looked at: it is meant all the same.
        at.maker.wanted = True
        at.status.say(
            tr(
                "Everything is made as soon as it has been looked at. {key} takes that back.",
                key=key_of("make.cancel"),
            )
        )
        at.view.count()
        return
    at.maker.wanted = False
    if not _may_make(at):
        return
    if other := edits.part_from_another_job(at.session.project):
        at.status.say(
            tr(
                "Files of another job lie in {other}: those of this one go to {folder}.",
                other=short_path(other),
                folder=short_path(at.session.project.output_folder),
            )
        )
    cells = list(at.session.project.cells())
    if not at.maker.make(cells):
        at.status.say(_why_nothing(cells))
    elif not at.bench.at_work:
        at.board.setFocus()


@command("make.selection", "Make the selection", "Make only the selected cells.", "Shift+M", menu="Make")
def make_selection(at: Context) -> None:
    if _may_make(at) and not at.maker.make(at.board.selected_cells()):
        at.status.say(tr("Nothing in the selection can be made now."))


def _may_make(at: Context) -> bool:
    """Refuse two receivers of one folder; ask where rules were typed over and not taken: making by the old ones is seldom what is meant."""
    project = at.session.project
    if not at.attempt(lambda: folders_of(project.output_folder, project.receivers, each=True)):
        return False
    page: ReceiverPage | None = at.bench.built("receiver")
    edited = [one for slug in (page.edited() if page else ()) if (one := at.session.project.receiver(slug))]
    if page is None or not edited:
        return True
    names = " and ".join(receiver.name for receiver in edited)
    take, old, look, role = (
        tr("Take them and make"),
        tr("Make by the old rules"),
        tr("Look at them"),
        QMessageBox.ButtonRole,
    )
    answer = chosen(
        at.window,
        tr("Rules that were not taken"),
        tr("The rules of {names} were changed, and not taken.", names=names),
        tr("Made now, outputs follow the old ones."),
        {take: role.AcceptRole, old: role.DestructiveRole, look: role.RejectRole},
        take,
    )
    if answer == old:
        return True
    if answer != take:
        at.bench.show_choice(None, edited[0])
        return False
    for receiver in edited:
        at.bench.show_choice(None, receiver)
        if not page.take():
            at.status.say(
                tr(
                    "What was typed for {name} cannot be taken: {verdict}",
                    name=receiver.name,
                    verdict=page.verdict.text(),
                )
            )
            return False
    return True


@command(
    "make.forms",
    "In several forms…",
    "Make the selected clips in several forms at once, such as WAV, FLAC and MP3.",
    "Ctrl+M",
    menu="Make",
)
def make_forms(at: Context) -> None:
    from ..dialogs.forms_dialog import FormsDialog

    clips = at.board.selected_clips()
    if not clips:
        at.status.say(tr("Select a clip to make it in several forms."))
        return
    dialog = FormsDialog(at.window, clips[0].name if len(clips) == 1 else tr("{count} clips", count=len(clips)))

    def take() -> None:
        project = at.session.project
        edits.add_receivers(project, dialog.chosen)
        slugs = {receiver.slug for receiver in dialog.chosen}
        wanted = [project.cell(clip, one) for clip in clips for one in project.receivers if one.slug in slugs]
        if not at.maker.make(wanted):
            at.status.say(_why_nothing(wanted))
        at.board.setFocus()

    dialog.accepted.connect(take)
    dialog.open()


@command("make.pause", "Pause or go on", "Stand still in the middle of making, or go on.", "F8", menu="Make")
def pause(at: Context) -> None:
    at.maker.pause(not at.maker.paused)


@command("make.cancel", "Stop making", "Stop at once; nothing half-made stays.", "Ctrl+.", menu="Make")
def cancel(at: Context) -> None:
    if at.maker.wanted:
        at.maker.wanted = False
        at.status.say(tr("Nothing will be made."))
        at.view.count()
    at.maker.cancel()


@command(
    "make.unwanted",
    "Outputs no longer wanted…",
    "List made files that belong to no clip of the job any more, to be moved to the trash.",
    menu="Make",
)
def find_unwanted(at: Context) -> None:
    at.status.say(tr("Looking for outputs that no clip wants any more …"))
    outputs = at.session.outputs
    outputs.find_unwanted()


@command("make.show", "Show the output folder", "Open the folder that outputs go to.", "Ctrl+E", menu="Make")
def show_folder(at: Context) -> None:
    folder = at.session.project.output_folder
    if folder.is_dir():
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder)))
    else:
        at.status.say(tr("{folder} is not there yet: nothing has been made.", folder=folder))


def make_if_wanted(at: Context) -> None:
    """What was asked for before everything had been looked at."""
    if at.maker.wanted and not at.session.busy:
        make_all(at)


def tell_left_over(at: Context, count: int) -> None:
    """After a run: whoever sends the folder sends what nobody wants any more along with it."""
    at.status.say(
        tr(
            "{n} files in the output folders belong to no clip of the board any more: Make, “Outputs no longer wanted…” lists them.",
            "{n} file in the output folders belongs to no clip of the board any more: Make, “Outputs no longer wanted…” lists it.",
            count,
            n=count,
        )
    )


def show_unwanted(at: Context, found: list[tuple[Path, Entry]]) -> None:
    """The list that ``find_unwanted`` asked for."""
    from ..dialogs.unwanted_dialog import UnwantedDialog

    if not found:
        at.status.say(tr("Every output that was made here still belongs to a clip of this job."))
        return
    at.status.say("")
    dialog = UnwantedDialog(at.window, found)

    def tell() -> None:
        stay = (
            tr(" {count} could not be moved: is there a trash on that disk?", count=len(dialog.stayed))
            if dialog.stayed
            else ""
        )
        at.status.say(tr("{count} moved to the trash.{stay}", count=len(dialog.moved), stay=stay))

    dialog.accepted.connect(tell)
    dialog.open()


def _why_nothing(cells: list[Cell]) -> str:
    """Why there is nothing to make, as it is."""
    states = [cell.state for cell in cells]
    if not cells:
        return tr("There is nothing to make: the board is empty.")
    if all(state == "made" for state in states):
        return tr("There is nothing to make: everything is made.")
    left = [(states.count("decide"), tr("to be decided")), (states.count("cannot"), tr("that cannot be made"))]
    sentence = " and ".join(f"{count} {what}" for count, what in left if count)
    return (
        tr(
            "There is nothing to make without a decision: there are {detail}.",
            "There is nothing to make without a decision: there is {detail}.",
            left[0][0] + left[1][0],
            detail=sentence,
        )
        if sentence
        else tr("There is nothing to make.")
    )
