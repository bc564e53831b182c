"""Hold music in the window: found, heard at its seam, put on the board with its rights, and changed there."""

from __future__ import annotations

from typing import Any

from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest

from kittiwake.bundled.music.core.making import hold_beside
from kittiwake.core.intake import open_sound
from kittiwake.core.model.rights import Rights
from tests.bundled.music.core.test_hold import RATE, music
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestHoldMusic(WindowCase):
    @property
    def page(self) -> Any:
        """The page of the job that is open."""
        return self.window.bench.page_of("music")

    def setUp(self) -> None:
        super().setUp()
        self.session.project.begin(("hold-music",))
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        word = self.write("Patience.wav", speech_like(16_000, 1.5), 16_000)
        self.session.project.add_sources([self.write("Theme.wav", music(16), RATE), word])
        self.settle()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Theme").id)

    def done(self) -> None:
        self.wait_for(lambda: not self.page.worker.busy)
        self.app.processEvents()
        self.settle()

    def open(self) -> None:
        self.press(Key.Key_F8, Mod.ShiftModifier)
        self.assertEqual(self.window.bench.page, "music")
        self.done()

    def test_from_a_piece_to_ten_minutes_made_with_its_rights(self) -> None:
        self.open()
        self.assertIn("No seam stands out", self.page.seam.text())
        self.assertTrue(self.page.start.text() and self.page.stop.text())
        self.assertIn("Nobody knows", self.page.rights_words.text())
        self.page.length.setText("10:00")
        self.page.messages.setCurrentIndex(self.page.messages.findText("Patience"))
        self.page.rights["holder"].setText("Brinmar Music")
        self.page.rights["licence"].setText("own work")
        self.page.put_button.setFocus()
        self.press(Key.Key_Return)
        self.done()
        self.assertIs(self.app.focusWidget(), self.page.put_button)
        self.assertIn("is heard 19 times", self.page.seam.text())
        clip = self.clip("Theme on hold")
        self.assertEqual((clip.kind, clip.rights), ("music", Rights("Brinmar Music", "own work")))
        self.window.board.setFocus()
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual(self.state("Theme on hold", "hold-music"), "made")
        (made,) = [p for p in self.visible_outputs() if "hold" in p.name and p.parent.name == "hold-music"]
        reader = open_sound(made)
        self.assertEqual((reader.header.sample_rate, sum(map(len, reader.blocks()))), (8000, 4_800_000))
        reader.close()

    def test_its_seam_is_heard_and_a_loop_is_dragged_and_typed(self) -> None:
        self.open()
        self.page.seam_button.click()
        self.done()
        self.assertEqual(self.window.player.title, "the seam of Theme on hold")
        self.assertAlmostEqual(self.window.player.seconds, 3 * (5 + 0.4), delta=0.1)
        self.window.player.pause()
        before = self.page.recipe.loop
        picture = self.page.picture
        place = QPointF(picture.x_of(before[1]), picture.height() / 2).toPoint()
        QTest.mousePress(picture, Qt.MouseButton.LeftButton, pos=place)
        QTest.mouseMove(picture, place - QPointF(60, 0).toPoint())
        QTest.mouseRelease(picture, Qt.MouseButton.LeftButton, pos=place - QPointF(60, 0).toPoint())
        self.done()
        self.assertLess(self.page.recipe.loop[1], before[1])
        self.page.start.setText("0:02")
        self.page.stop.setText("0:18.5")
        self.page.put_button.click()
        self.done()
        self.assertEqual(self.page.recipe.loop, (2.0, 18.5))
        for text, expected in (("x", "“x”"), ("99:00", "inside")):
            self.page.stop.setText(text)
            self.page.put_button.click()
            self.done()
            self.assertIn(expected, self.window.status.words.text())
        self.page.stop.setText("0:18.5")
        self.page.find_button.click()
        self.done()
        self.assertNotEqual(self.page.recipe.loop, (2.0, 18.5))

    def test_it_is_changed_on_the_board_and_its_rights_are_not_asked_for_again(self) -> None:
        self.open()
        self.page.rights["holder"].setText("A")
        self.page.rights["licence"].setText("B")
        self.page.put_button.click()
        self.done()
        made = self.clip("Theme on hold")
        self.window.board.select(made.id)
        self.open()
        self.assertEqual(self.page.put_button.text(), "Change it on the board")
        self.page.boxes["lufs"].setValue(-20)
        self.page.put_button.click()
        self.done()
        changed = self.clip("Theme on hold")
        self.assertEqual((changed.id, changed.source != made.source), (made.id, True))
        self.assertTrue(self.page.compare_button.isVisible())
        self.window.board.select(self.clip("Theme").id)
        self.open()
        self.assertEqual(self.page.rights["holder"].text(), "A")

    def test_music_of_another_recording_while_the_first_is_listened_to(self) -> None:
        """What is put on the board is what the page names, with its rights, however long the one before took."""
        project = self.session.project
        project.add_sources([self.write("March.wav", music(20, seed=2), RATE)])
        self.settle()
        self.press(Key.Key_F8, Mod.ShiftModifier)
        self.assertTrue(self.page.worker.busy)
        self.window.board.select(self.clip("March").id)
        self.window.run("music.open")
        self.page.rights["holder"].setText("Brinmar Music")
        self.page.rights["licence"].setText("own work")
        self.page.put_button.click()
        self.done()
        self.assertIn("March", self.page.pieces.text())
        clip = self.clip("March on hold")
        self.assertEqual((clip.rights, len([one for one in project.job.clips if one.kind == "music"])), (Rights("Brinmar Music", "own work"), 1))  # fmt: skip
        recipe = hold_beside(clip.source)
        assert recipe is not None
        self.assertEqual([part.path.rsplit("/", 1)[1] for part in recipe.parts], ["March.wav"])

    def test_nothing_is_selected_or_it_is_no_music(self) -> None:
        self.window.board.select(self.clip("Patience").id)
        self.open()
        self.assertTrue(self.page.seam.text().strip())
        self.window.grab()
        self.session.project.begin(("hold-music",))
        self.window.run("music.open")
        self.window.grab()
        self.assertFalse(self.page.put_button.isEnabled() and not self.page.recipe.parts)
