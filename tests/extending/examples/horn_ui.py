"""Its panel, and a command of its own."""

from __future__ import annotations

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QLabel

from kittiwake.commands import command
from kittiwake.ui.shell.context import Context
from kittiwake.ui.standins.panel import panel
from kittiwake.work.standin.machine import Machine


@panel("horn")
class HornPanel(QLabel):
    pressed = Signal()

    def __init__(self, horn: Machine) -> None:
        super().__init__()
        self.horn = horn
        self.sounding = False
        self.show_state("")

    def show_state(self, handed: str) -> None:
        held, refusal = self.horn.held, self.horn.refusal
        self.setText(refusal.reason if refusal else f"The horn holds {held.name}." if held else "The horn is empty.")

    def set_sounding(self, sounding: bool) -> None:
        self.sounding = sounding


@command("horn.count", "Count the clips", "Say how many clips there are.", "Ctrl+Alt+H", menu="View")
def count(at: Context) -> None:
    at.status.say(f"There are {len(at.session.project.job.clips)} clips.")
