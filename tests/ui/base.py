"""A window to test with, offscreen."""

from __future__ import annotations

import time
import unittest
from collections.abc import Callable
from pathlib import Path
from unittest import mock

import shiboken6
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from kittiwake.core.model import Clip, Facts
from kittiwake.demo import SHIPPED as DEMO
from kittiwake.ui.settings.held import HeldSettings
from kittiwake.ui.shell.start import make_app, settle
from kittiwake.ui.shell.window import Window
from kittiwake.work.cut.activity import Activity
from kittiwake.work.cut.listening import Listeners
from kittiwake.work.project.remembered import Remembered
from tests.sounds import FolderCase

#: Where voices are in recordings, by their content: what one process has listened to.
_HEARD: dict[str, Activity] = {}


def listen_once(case: unittest.TestCase) -> None:
    """Each recording is listened to once in a process: tests of what is done with its clips need not wait for that every time."""
    listen = Listeners.activity

    def kept(
        listeners: Listeners, facts: Facts, stopped: Callable[[], bool], report: Callable[[float], object]
    ) -> Activity:
        key = f"{facts.digest} {facts.stated}"
        if key not in _HEARD:
            _HEARD[key] = listen(listeners, facts, stopped, report)
        return _HEARD[key]

    case.enterContext(mock.patch.object(Listeners, "activity", kept))


class WindowCase(FolderCase):
    """A test with a window of its own, whose outputs go to the test's folder."""

    def setUp(self) -> None:
        super().setUp()
        self.app = make_app()
        # Built bare and dressed once: under a style sheet every widget is dressed anew wherever it is put, which takes three times as long.
        self.app.setStyleSheet("")
        self.window = Window(HeldSettings(self.folder / "settings.toml"))
        self.window.use_colours(False)
        self.window.resize(1280, 800)  # larger than the offscreen screen
        self.window.show()
        QTest.qWaitForWindowActive(self.window)
        self.session = self.window.session
        self.session.project.remembered = Remembered(self.folder / "remembered.json")
        self.addCleanup(self.close_window)

    def close_window(self) -> None:
        self.window.shut_down()
        self.window.hide()
        self.app.processEvents()
        # At once, not some time later: a style sheet dresses every widget that still exists.
        shiboken6.delete(self.window)

    def open_demo(self) -> None:
        self.window.open_job(DEMO)
        self.session.project.job = self.session.project.job.changed(output=str(self.folder / "made"))
        self.settle()

    def settle(self) -> None:
        settle(self.app, self.window, 90)

    def wait_for(self, condition: Callable[[], object], seconds: float = 90.0) -> None:
        until = time.monotonic() + seconds
        while not condition():
            self.assertLess(time.monotonic(), until, "it did not happen in time")
            self.app.processEvents()
            time.sleep(0.005)

    def press(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Qt.KeyboardModifier.NoModifier) -> None:
        """Press a key wherever the keyboard is."""
        target = self.app.focusWidget() or self.window
        QTest.keyClick(target, key, modifier)
        self.app.processEvents()

    def back_to_the_window(self) -> None:
        """After a dialog has closed."""
        self.app.processEvents()
        self.window.activateWindow()
        QTest.qWaitForWindowActive(self.window)
        self.window.board.setFocus()

    def clip(self, name: str) -> Clip:
        return next(clip for clip in self.session.project.job.clips if clip.name == name)

    def state(self, name: str, slug: str) -> str:
        receiver = self.session.project.receiver(slug)
        assert receiver
        return self.session.project.cell(self.clip(name), receiver).state

    def visible_outputs(self) -> list[Path]:
        made = self.folder / "made"
        return [p for p in made.rglob("*") if p.is_file() and not p.name.startswith(".")] if made.exists() else []
