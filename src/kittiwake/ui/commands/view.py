"""Commands of what is shown."""

from __future__ import annotations

from PySide6.QtCore import Qt

from ...commands import command
from ..context import Context
from ..palette import Palette
from ..theme.colours import colours


@command("view.theme", "Light or dark", "Switch between light and dark until the next start.", "Ctrl+T", menu="View")
def light_or_dark(at: Context) -> None:
    at.view.use_colours(not colours().dark)


@command("view.levels", "Levels of the set", "One table of all levels, to be sorted.", "L", menu="View")
def show_levels(at: Context) -> None:
    at.bench.show_levels()


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
    at.board.setFocus(Qt.FocusReason.ShortcutFocusReason)


@command("view.bench", "Go to the bench", "Put the keyboard on the bench.", "Shift+F6", menu="View")
def go_to_bench(at: Context) -> None:
    at.bench.setFocus(Qt.FocusReason.ShortcutFocusReason)
    at.bench.focusNextChild()


@command("view.palette", "Find a command…", "Type part of a command's name.", "Ctrl+K", menu="View")
def find_command(at: Context) -> None:
    Palette(at.window, at.view.qactions).open()


def go_to_clip(at: Context, clip_id: str) -> None:
    """Leave the table of levels for a clip on the board."""
    clip = at.session.project.clip(clip_id)
    at.board.select(clip_id)
    at.board.setFocus()
    at.bench.show_choice(clip, None)
