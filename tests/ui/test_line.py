"""The line that one hears things on, and blind comparisons, in the window."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from kittiwake.core.ear.caller_line import PLAIN
from kittiwake.ui.ear.blind_dialog import BlindDialog
from kittiwake.ui.ear.line_dialog import LineDialog
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestLine(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Welcome").id, "phone-menu")
        self.player = self.window.player
        self.press(Key.Key_3)

    def test_another_line_is_heard_at_the_same_instant(self) -> None:
        player = self.player
        self.press(Key.Key_Space)
        self.wait_for(lambda: player.tracks["line"].complete)
        before = player.tracks["line"].samples().copy()
        self.window.ear.line_button.click()
        dialog = self.window.findChild(LineDialog)
        assert isinstance(dialog, LineDialog)
        dialog.first.setCurrentIndex(dialog.first.findData("gsm"))
        dialog.loss.setValue(10)
        self.wait_for(lambda: player.line != PLAIN)
        at = player.position
        self.wait_for(lambda: "line" in player.tracks and player.tracks["line"].complete and dialog.notice.text())
        self.assertEqual(player.way, "line")
        self.assertGreaterEqual(player.position, at)
        self.assertIn("intelligibility (STOI) 0.", dialog.notice.text())
        after = player.tracks["line"].samples()
        self.assertLess(abs(len(after) - len(before)), 10)
        self.assertFalse((after[: len(before)] == before[: len(after)]).all())
        self.assertIn("GSM full rate, 10 % lost", self.window.ear.line_button.text())
        dialog.plain_button.click()
        self.wait_for(lambda: player.line == PLAIN)
        dialog.reject()
        self.press(Key.Key_Space)

    def test_blind_nobody_sees_which_way_is_heard(self) -> None:
        self.window.run("ear.blind")
        dialog = self.window.findChild(BlindDialog)
        assert isinstance(dialog, BlindDialog)
        self.assertEqual((dialog.blind.a, dialog.blind.b), ("source", "line"))
        for _ in range(10):
            QTest.keyClick(dialog, Key.Key_X)
            self.assertTrue(self.player.playing)
            self.assertEqual(self.player.way, dialog.blind.way("x"))
            self.assertFalse(any(button.isChecked() for button in self.window.ear.buttons.values()))
            QTest.keyClick(dialog, Key.Key_Left if dialog.blind.way("x") == "source" else Key.Key_Right)
        self.assertIn("10 of 10 right", dialog.head.text())
        self.assertFalse(dialog.is_a.isEnabled())
        dialog.again.click()
        dialog.b_box.setCurrentIndex(dialog.b_box.findData("source"))
        self.assertIn("two different ways", dialog.head.text())
        dialog.reject()
        self.assertTrue(any(button.isChecked() for button in self.window.ear.buttons.values()))
