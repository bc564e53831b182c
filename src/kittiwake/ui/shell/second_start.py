"""What a second start gives to this window: asked about, unless the settings say where it goes."""

from __future__ import annotations

import os
import subprocess
import sys
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QSocketNotifier, Qt
from PySide6.QtWidgets import QMessageBox

from ...core.model.job import EXTENSION
from ...words import tr
from ...work.desktop.handover import Handed, Listener

if TYPE_CHECKING:
    from .window import Window


class SecondStart(QObject):
    """Listens while the window is open."""

    def __init__(self, window: Window, folder: Path | None = None) -> None:
        super().__init__(window)
        self._window = window
        self.listener: Listener | None = None
        self.asked: QMessageBox | None = None
        try:
            self.listener = Listener(folder)
        except OSError:
            return  # a second start opens a window of its own
        self._notifier = QSocketNotifier(self.listener.fileno(), QSocketNotifier.Type.Read, self)
        self._notifier.activated.connect(self._come)

    def touch(self) -> None:
        """The window is used now, so what comes next is for it."""
        if self.listener:
            self.listener.touch()

    def _come(self) -> None:
        handed = self.listener.take() if self.listener else None
        if handed is not None:
            self.take(handed)

    def take(self, handed: Handed) -> None:
        """Come to the front, with what was brought."""
        window = self._window
        if handed.token:
            os.environ["XDG_ACTIVATION_TOKEN"] = handed.token
        if window.isMinimized():
            window.setWindowState(window.windowState() & ~Qt.WindowState.WindowMinimized)
        window.show()
        window.raise_()
        window.activateWindow()
        if not handed.paths:
            return
        where = window.settings["start.second"]
        if not window.session.project.job.clips and window.session.project.history.is_clean:
            where = "here"  # nothing stands on the board that anybody could mean to keep apart
        if where == "ask":
            self._ask(list(handed.paths))
        else:
            self._put(list(handed.paths), where)

    def _put(self, paths: list[Path], where: str) -> None:
        if where == "new":
            open_window(paths)
        else:
            self._window.add_paths(paths)
            self._window.board.setFocus()

    def _ask(self, paths: list[Path]) -> None:
        """Where to: without standing still meanwhile."""
        is_job = len(paths) == 1 and paths[0].suffix == EXTENSION
        many = paths[0].name if len(paths) == 1 else tr("{count} files", count=len(paths))
        box = QMessageBox(self._window)
        box.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        box.setWindowTitle(tr("From outside"))
        box.setText(tr("Where is {many} to go?", many=many))
        box.setInformativeText(
            tr("The job that is open can stay open beside it.")
            if is_job
            else tr("On the board of this job, or on one of its own.")
        )
        here = box.addButton(
            tr("Open it in this window") if is_job else tr("This job"), QMessageBox.ButtonRole.AcceptRole
        )
        new = box.addButton(tr("A new window"), QMessageBox.ButtonRole.ActionRole)
        box.addButton(QMessageBox.StandardButton.Cancel)
        box.setDefaultButton(new if is_job else here)

        def answered() -> None:
            self.asked = None
            clicked = box.clickedButton()
            if clicked is here:
                self._put(paths, "here")
            elif clicked is new:
                self._put(paths, "new")

        box.finished.connect(answered)
        self.asked = box
        box.open()

    def close(self) -> None:
        if self.listener:
            self._notifier.setEnabled(False)
            self.listener.close()
            self.listener = None


def open_window(paths: list[Path]) -> None:
    """A window of its own, which goes on when this one is closed."""
    # The command that runs now, where it has a name of its own: a package has its libraries where nobody else looks for them.
    own = Path(sys.argv[0])
    command = [str(own.absolute())] if own.name == "kittiwake" else [sys.executable, "-m", "kittiwake.cli"]
    subprocess.Popen(
        [*command, "window", "--new", *map(str, paths)],
        start_new_session=True, stdin=subprocess.DEVNULL, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL,
    )  # fmt: skip
