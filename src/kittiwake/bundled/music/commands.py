"""Commands of hold music."""

from __future__ import annotations

from ...commands import command
from ...ui.shell.context import Context


@command(
    "music.open",
    "Hold music…",
    "Make hold music of the selected clips: a loop without a seam, fitted for the line, with its rights.",
    "Shift+F8",
    menu="Record",
)
def open_music(at: Context) -> None:
    at.status.say("")
    at.bench.go_to("music", at.board.selected_clips())
