"""Quick convert: made at once, a decision where one is needed, the clipboard, and closing by itself unless somebody is there."""

from __future__ import annotations

import shutil
import time
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton, QApplication

from kittiwake.core.make import prove
from kittiwake.core.model import load_receiver
from kittiwake.ui.quick.window import QuickWindow
from kittiwake.ui.settings.held import HeldSettings
from kittiwake.ui.shell.start import make_app
from tests.sounds import DEMO, FolderCase


class TestQuick(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.app = make_app()
        self.settings = HeldSettings(self.folder / "settings.toml")
        self.settings.set("quick.place", "beside")

    def source(self, name: str) -> Path:
        """A copy of a recording of the demo, in the test's folder."""
        return Path(shutil.copy(DEMO.parent / "sounds" / name, self.folder / name))

    def open(self, paths: list[Path], receiver: str) -> QuickWindow:
        window = QuickWindow(paths, receiver, self.settings)
        window.show()
        self.addCleanup(window.shut_down)
        return window

    def wait_for(self, condition: Callable[[], object], seconds: float = 60) -> None:
        until = time.monotonic() + seconds
        while not condition():
            self.assertLess(time.monotonic(), until, "it did not happen in time")
            self.app.processEvents()
            time.sleep(0.005)

    def states(self, window: QuickWindow) -> list[str]:
        return [cell.state for cell in window.session.project.cells()]

    def test_made_without_an_action_beside_its_source_and_on_the_clipboard(self) -> None:
        self.settings.set("quick.close_after", 1)
        source = self.source("Pier two.wav")
        before = source.read_bytes()
        window = self.open([source], "phone-menu")
        closed: list[bool] = []
        window.closed.connect(lambda: closed.append(True))
        self.wait_for(lambda: self.states(window) == ["made"])
        there = [self.folder / "Pier_two.wav"]
        self.wait_for(
            lambda: [Path(url.toLocalFile()) for url in QApplication.clipboard().mimeData().urls()] == there
        )
        receiver = load_receiver("phone-menu")
        self.assertTrue(prove(there[0], receiver).passed)
        self.assertEqual(source.read_bytes(), before)
        self.wait_for(lambda: closed, 10)

    def test_a_key_keeps_it_open(self) -> None:
        self.settings.set("quick.close_after", 2)
        window = self.open([self.source("Pier two.wav")], "phone-menu")
        self.wait_for(lambda: "Closes in" in window.notice.text())
        QTest.keyClick(window, Qt.Key.Key_Down)
        self.assertNotIn("Closes in", window.notice.text())
        time.sleep(2.2)
        self.app.processEvents()
        self.assertTrue(window.isVisible())

    def test_a_decision_is_asked_for_and_holds_for_all_that_ask_it(self) -> None:
        long = self.source("Safety notice.ogg")
        again = Path(shutil.copy(long, self.folder / "Again.ogg"))
        window = self.open([long, again, self.source("Quay closed.wav")], "quay-beacon")
        self.wait_for(lambda: sorted(self.states(window)) == ["decide", "decide", "made"])
        self.wait_for(lambda: window.problems.isVisible() and "2 to decide" in window.notice.text())
        remedy = next(b for b in window.problems.findChildren(QAbstractButton) if b.isEnabled() and b.isVisible())
        QTest.mouseClick(remedy, Qt.MouseButton.LeftButton)
        self.wait_for(lambda: self.states(window) == ["made"] * 3)

    def test_another_receiver_makes_the_same_files_anew(self) -> None:
        window = self.open([self.source("Pier two.wav")], "phone-menu")
        self.wait_for(lambda: self.states(window) == ["made"])
        window.choice.setCurrentIndex(window.choice.findData("quay-beacon"))
        window.choice.activated.emit(window.choice.currentIndex())
        self.wait_for(
            lambda: self.states(window) == ["made"] and window.session.project.receivers[0].slug == "quay-beacon"
        )

    def test_nothing_to_do_says_so(self) -> None:
        window = self.open([], "phone-menu")
        self.assertIn("Drop sound files here", window.notice.text())
        window.add_paths([self.source("Ticket office.wav")])
        self.wait_for(lambda: self.states(window) == ["cannot"])
        self.wait_for(lambda: "1 cannot be made" in window.notice.text())

    def test_a_form_is_typed_and_enter_makes_it(self) -> None:
        window = self.open([self.source("Pier two.wav")], "")
        self.wait_for(lambda: "ready" in window.notice.text())
        field = window.choice.lineEdit()
        field.setFocus()
        field.selectAll()
        QTest.keyClicks(field, "no such form")
        QTest.keyClick(field, Qt.Key.Key_Return)
        self.assertTrue(window.asked)
        self.assertTrue(window.notice.text())
        field.selectAll()
        QTest.keyClicks(field, "mp3 64k mono")
        QTest.keyClick(field, Qt.Key.Key_Return)
        self.wait_for(lambda: self.states(window) == ["made"])
        self.assertTrue((self.folder / "Pier two.mp3").exists() or list(self.folder.glob("*.mp3")))

    def test_enter_after_choosing_from_the_list_converts(self) -> None:
        window = self.open([self.source("Pier two.wav")], "")
        self.wait_for(lambda: "ready" in window.notice.text())
        at = window.choice.findData("deck-radio")
        window.choice.setCurrentIndex(at)
        window.choice.activated.emit(at)
        self.assertIs(window.focusWidget(), window.go_button)
        QTest.keyClick(window.go_button, Qt.Key.Key_Return)
        self.wait_for(lambda: self.states(window) == ["made"])
