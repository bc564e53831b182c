"""Commands of what is shown."""

from __future__ import annotations

from PySide6.QtCore import Qt

from ...commands import command, key_of
from ...words import tr
from ..board.model import HEADS
from ..shell.context import Context
from ..theme.colours import colours


@command("view.theme", "Light or dark", "Switch between light and dark.", "Ctrl+T", menu="View")
def light_or_dark(at: Context) -> None:
    at.settings.set("look.theme", "light" if colours().dark else "dark")


@command("view.levels", "Levels of the set", "One table of all levels, to be sorted.", "L", menu="View")
def show_levels(at: Context) -> None:
    at.bench.go_to("levels")


@command("view.find", "Find clips…", "Show only clips with a name, or in a state.", "Ctrl+F", menu="View")
def find_clips(at: Context) -> None:
    at.view.filter.begin()
    at.board.ordered.emit()


@command(
    "view.sort",
    "Sort by this column",
    "Sort the board by the column where the keyboard is: rising, falling, then as in the job.",
    "S",
    menu="View",
)
def sort(at: Context) -> None:
    column = at.board.currentIndex().column()
    if column >= 0:
        at.board.sort_by(column)


@command("view.board", "Go to the board", "Put the keyboard on the board.", "F6", menu="View")
def go_to_board(at: Context) -> None:
    at.view.halves.show_board()


@command(
    "view.back",
    "Back to the board",
    "Leave the place that is open; what goes on there goes on.",
    "Escape",
    menu="View",
)
def back_to_board(at: Context) -> None:
    if at.view.filter.isVisible():
        at.view.filter.leave()
    page = at.bench.shown
    if page is None or not page.stays_in_sight:
        at.bench.show_choice(at.board.current_clip(), at.board.current_receiver())
    at.view.halves.show_board()


@command("view.bench", "Go to the bench", "Put the keyboard on the bench.", "Shift+F6", menu="View")
def go_to_bench(at: Context) -> None:
    at.view.halves.fold_again()
    at.bench.setFocus(Qt.FocusReason.ShortcutFocusReason)
    at.bench.focusNextChild()


@command(
    "view.whole_board", "The whole board", "Give all of the window to the board, or part it again.", "F7", menu="View"
)
def whole_board(at: Context) -> None:
    if at.view.halves.toggle_whole_board():
        at.status.say(tr("The board has all of the window; {key} parts it again.", key=key_of("view.whole_board")))


@command("view.next_decide", "Next to decide", "Go to the next cell that waits for a decision.", "F3", menu="View")
def next_to_decide(at: Context) -> None:
    go_to_next(at, "decide")


@command(
    "view.next_cannot",
    "Next that cannot be made",
    "Go to the next cell that cannot be made.",
    "Shift+F3",
    menu="View",
)
def next_that_cannot(at: Context) -> None:
    go_to_next(at, "cannot")


def go_to_next(at: Context, state: str) -> None:
    """The next cell in such a state behind the current one, row by row; after the last comes the first."""
    model, here = at.board.board_model, at.board.currentIndex()
    at.view.halves.show_board()
    columns = range(HEADS, model.columnCount())
    places = [(row, column) for row in range(model.rowCount()) for column in columns]
    now = next((n for n, place in enumerate(places) if place > (here.row(), here.column())), 0)
    for row, column in (*places[now:], *places[:now]):
        clip, receiver = model.clip_at(row), model.receiver_at(column)
        if clip and receiver and model.state_of(clip.id, receiver.slug) == state:
            at.board.select(clip.id, receiver.slug)
            return
    at.status.say(
        tr("Nothing waits for a decision.") if state == "decide" else tr("Nothing is there that cannot be made.")
    )


@command("view.palette", "Find a command…", "Type part of a command's name.", "Ctrl+K", menu="View")
def find_command(at: Context) -> None:
    from ..dialogs.palette import Palette

    Palette(at.window, at.view.qactions).open()


def go_to_clip(at: Context, clip_id: str) -> None:
    """Leave the table of levels for a clip on the board."""
    clip = at.session.project.clip(clip_id)
    at.board.select(clip_id)
    at.board.setFocus()
    at.bench.show_choice(clip, None)
