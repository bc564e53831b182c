"""Commands that explain."""

from __future__ import annotations

from PySide6.QtWidgets import QMessageBox

from ...commands import command
from ...version import __version__
from ...words import tr
from ..shell.context import Context


@command("help.keys", "Keys", "Every action with its key.", "F1", menu="Help")
def show_keys(at: Context) -> None:
    from ..dialogs.palette import KeyList

    KeyList(at.window).open()


@command("help.about", "About", "Version and licence.", menu="Help")
def show_about(at: Context) -> None:
    QMessageBox.about(
        at.window,
        tr("About Kittiwake"),
        tr(
            "Kittiwake {version}\nPuts recorded voices into the machines that must speak them.\n\nFree software: GNU General Public License, version 3 or later.",
            version=__version__,
        ),
    )
