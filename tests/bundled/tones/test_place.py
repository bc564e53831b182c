"""Tones in the window: found, heard, edited, put on the board, and changed there."""

from __future__ import annotations

from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from kittiwake.bundled.tones.core.own import own_tones
from kittiwake.bundled.tones.core.plan import tone_for
from kittiwake.bundled.tones.core.recipe import Segment
from kittiwake.core.intake import open_sound
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestTones(WindowCase):
    @property
    def page(self) -> Any:
        """The page of the job that is open."""
        return self.window.bench.page_of("tone")

    def setUp(self) -> None:
        super().setUp()
        self.session.project.begin(("phone-menu",))
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.board.setFocus()

    def open(self) -> None:
        self.press(Key.Key_F4, Mod.ShiftModifier)
        self.assertEqual(self.window.bench.page, "tone")

    def done(self) -> None:
        self.wait_for(lambda: not self.page.worker.busy)
        self.app.processEvents()
        self.settle()

    def said(self) -> str:
        return self.window.status.words.text()

    def edit(self, row: int, column: int, text: str) -> bool:
        model = self.page.table.row_model
        return model.setData(model.index(row, column), text)

    def test_from_nothing_to_a_proved_ringing_tone_in_four_actions(self) -> None:
        self.open()  # 1
        self.assertIs(self.app.focusWidget(), self.page.typed)
        QTest.keyClicks(self.page.typed, "kingdom ring")  # 2
        self.assertEqual(self.page.recipe.segments, tone_for("gb/ringing").segments)
        self.press(Key.Key_Return)  # 3
        self.done()
        self.assertIn("on the board", self.said())
        self.window.board.setFocus()
        self.press(Key.Key_M)  # 4
        self.settle()
        (clip,) = self.session.project.job.clips
        self.assertEqual(self.state(clip.name, "phone-menu"), "made")
        (made,) = [p for p in self.visible_outputs() if "recordings" not in p.parts]
        reader = open_sound(made)
        self.assertEqual((reader.header.sample_rate, sum(len(block) for block in reader.blocks())), (8000, 24_000))
        reader.close()

    def test_keys_that_are_pressed(self) -> None:
        self.open()
        QTest.keyClicks(self.page.typed, "12#")
        self.assertEqual([one.hz for one in self.page.recipe.segments][::2], [(697, 1209), (697, 1336), (941, 1477)])
        self.page.typed.setText("zz")
        QTest.keyClick(self.page.typed, Key.Key_Return)
        self.assertIn("no such tone", self.said())

    def test_edited_in_place_and_what_is_wrong_is_said(self) -> None:
        self.open()
        self.page.typed.setText("germany busy")
        for column, text in ((0, "400 + 450"), (1, "−13, −15"), (2, "0.5"), (3, "3")):
            self.assertTrue(self.edit(0, column, text), text)
        self.assertEqual(self.page.recipe.segments[0], Segment((400, 450), (-13, -15), 0.5, times=3))
        self.assertEqual(self.page.source.text(), "")  # it is not that of a country any more
        for column, text in ((0, "loud"), (1, "x"), (1, "−1, −2, −3"), (2, "long"), (3, "0")):
            self.assertFalse(self.edit(0, column, text), text)
            self.assertTrue(self.said())
        self.assertTrue(self.edit(0, 1, "0"))
        self.assertFalse(self.page.put_button.isEnabled())
        self.assertTrue(self.edit(0, 1, "−10"))
        self.page.add_button.click()
        self.assertEqual(self.page.recipe.segments[1], Segment(seconds=0.5))
        for text, kind in (
            ("say: All berths are full.", "say"),
            ("tone: gb/busy", "other"),
            ("play: gate", "play"),
            ("425 × 25", "tone"),
        ):
            self.assertTrue(self.edit(1, 0, text))
            self.assertEqual(self.page.recipe.segments[1].kind, kind)
        self.page.table.selectRow(1)
        self.page.remove_button.click()
        self.assertEqual(len(self.page.recipe.segments), 2)
        self.page.name.setText("Berth is full")
        self.page.name.editingFinished.emit()
        self.page.keep_button.click()
        self.assertEqual([one.name for one in own_tones()], ["Berth is full"])
        self.page.typed.setText("berth is")
        self.assertEqual(self.page.list.item(0).text(), "Berth is full, mine")
        self.window.grab()

    def test_a_tone_of_the_board_is_changed_and_undone(self) -> None:
        self.open()
        self.page.typed.setText("france busy")
        self.page.put_button.click()
        self.done()
        (clip,) = self.session.project.job.clips
        self.window.board.select(clip.id)
        self.open()
        self.assertEqual(self.page.put_button.text(), "Change it on the board")
        self.edit(0, 2, "0.75")
        self.page.put_button.click()
        self.done()
        (changed,) = self.session.project.job.clips
        self.assertEqual((changed.id, changed.source == clip.source), (clip.id, False))
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.session.project.job.clips[0].source, clip.source)

    def test_words_a_clip_of_the_board_and_a_missing_one(self) -> None:
        self.session.project.add_sources([self.write("gate.wav", speech_like(16_000, 1.5), 16_000)])
        self.settle()
        self.open()
        self.page.show_recipe(
            self.page.recipe.changed(
                name="Gate", segments=(Segment(play="gate", level=(-20.0,)), Segment(say="Gate."))
            )
        )
        self.page.hear_button.click()
        self.done()
        self.assertEqual(self.window.player.title, "Gate")
        self.window.player.pause()
        self.page.show_recipe(self.page.recipe.changed(segments=(Segment(play="nobody.wav"),)))
        self.page.put_button.click()
        self.done()
        self.assertIn("nobody.wav", self.said())
        self.assertEqual(len(self.session.project.job.clips), 1)
