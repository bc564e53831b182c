"""Stating what a source really is: its true rate, its headerless format."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from kittiwake.core.codec import ulaw
from kittiwake.core.model import Stated
from kittiwake.core.model.job import load_job
from kittiwake.ui.headerless_dialog import HeaderlessDialog
from kittiwake.ui.rate_dialog import RateDialog
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestTrueRate(WindowCase):
    def test_stated_for_several_clips_shown_first_heard_and_taken_back(self) -> None:
        self.open_demo()
        board = self.window.board
        board.setFocus()
        board.select(self.clip("Spring fares").id)
        self.press(Key.Key_T)
        dialog = self.window.findChild(RateDialog)
        assert isinstance(dialog, RateDialog)
        QTest.mouseClick(dialog.buttons[48_000], Qt.MouseButton.LeftButton)
        # 44100/48000 = 0.91875 as long, 12·log2(48/44.1) = 1.467 semitones higher.
        self.assertIn("8.12 % shorter, 1.47 semitones higher", dialog.told.text().replace("8.13", "8.12"))
        QTest.mouseClick(dialog.hear_button, Qt.MouseButton.LeftButton)
        self.wait_for(lambda: self.window.player.playing and self.window.player.position > 0.05)
        self.assertIsNone(self.clip("Spring fares").touch_up.true_rate)
        dialog.accept()
        self.back_to_the_window()
        self.assertEqual(self.clip("Spring fares").touch_up.true_rate, 48_000)
        receiver = self.session.receiver("phone-menu")
        assert receiver
        found = self.session.fit_of(self.clip("Spring fares"), receiver)
        self.assertAlmostEqual(found.predicted_seconds, 2.84 * 0.91875, delta=0.01)  # type: ignore[union-attr, arg-type]
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertIsNone(self.clip("Spring fares").touch_up.true_rate)


class TestHeaderless(WindowCase):
    def test_guessed_heard_quietly_stated_for_all_and_saved_with_the_job(self) -> None:
        for number in range(3):
            x = speech_like(8000, 2, -12, seed=number)
            (self.folder / f"greeting{number}").write_bytes(ulaw.encode(x).tobytes())
        self.window.add_paths([self.folder / f"greeting{number}" for number in range(3)])
        self.settle()
        self.session.change("out", self.session.job.changed(output=str(self.folder / "made")))
        self.assertEqual({cell.state for cell in self.session.cells()}, {"cannot"})
        self.window.board.setFocus()
        self.window.board.select(self.clip("greeting0").id)
        self.press(Key.Key_H)
        dialog = self.window.findChild(HeaderlessDialog)
        assert isinstance(dialog, HeaderlessDialog)
        self.wait_for(lambda: dialog.field.text())
        self.assertEqual(dialog.field.text(), "ulaw@8000")
        self.assertIn("spectrum", dialog.list.item(0).text())
        dialog.field.setText("pcm_s16le@8000")  # wrong: loud noise, which must be played quietly
        dialog.hear_button.click()
        self.wait_for(lambda: self.window.player.playing and self.window.player.position > 0.05)
        track = self.window.player._tracks["source"]
        self.wait_for(lambda: track.complete)
        level = 20 * np.log10(np.sqrt(np.mean((track.samples() / 32768.0) ** 2)))
        self.assertLess(level, -33)
        dialog.field.setText("telepathy@8000")
        self.assertIn("telepathy", dialog.told.text())
        self.assertFalse(dialog.hear_button.isEnabled())
        dialog.field.setText("ulaw@8000")
        dialog.all_box.setChecked(True)
        dialog.accept()
        self.back_to_the_window()
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"convert"})
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        path = self.folder / "j.kittiwake"
        self.session.save(path)
        self.assertEqual(len(load_job(path).stated), 3)
        self.window.open_job(path)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        self.session.state_headerless([self.folder / "greeting0"], Stated("alaw", 8000))
        self.settle()
        self.assertEqual(self.state("greeting0", "phone-menu"), "stale")
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.settle()
        self.assertEqual(self.state("greeting0", "phone-menu"), "made")
