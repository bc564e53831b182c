"""Finding, sorting and keeping what one works on."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from kittiwake.ui.board.model import HEADS, LENGTH, NAME
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestFinding(WindowCase):
    def names(self) -> list[str]:
        model = self.window.board.board_model
        return [str(model.data(model.index(row, NAME))) for row in range(model.rowCount())]

    def test_found_by_words_and_state_and_all_shown_again(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Pier Two").id)
        self.press(Key.Key_F, Mod.ControlModifier)
        self.assertIs(self.app.focusWidget(), self.window.filter.field)
        QTest.keyClicks(self.window.filter.field, "pier")
        self.wait_for(lambda: len(self.names()) < 10)
        self.assertTrue(all("pier" in name.casefold() for name in self.names()), self.names())
        self.assertIn(f"{len(self.names())} of {len(self.session.job.clips)} clips", self.window.filter.told.text())
        current = self.window.board.current_clip()
        assert current is not None
        self.assertEqual(current.name, "Pier Two")
        QTest.keyClicks(self.window.filter.field, " nowhere")
        self.wait_for(lambda: self.names() == [])
        self.press(Key.Key_Escape)
        self.assertEqual(len(self.names()), len(self.session.job.clips))
        self.assertFalse(self.window.filter.isVisible())
        self.assertIs(self.app.focusWidget(), self.window.board)
        self.window.filter.begin()
        self.window.filter.states.setCurrentText("To decide")
        shown = self.names()
        self.assertTrue(0 < len(shown) < len(self.session.job.clips))
        for name in shown:
            states = [self.state(name, receiver.slug) for receiver in self.session.all_receivers]
            self.assertIn("decide", states)

    def test_sorted_by_any_column_and_back_by_key_and_by_click(self) -> None:
        self.open_demo()
        board = self.window.board
        board.setFocus()
        original = self.names()
        self.press(Key.Key_S)
        self.assertEqual(self.names(), sorted(original, key=str.casefold))
        self.press(Key.Key_S)
        self.assertEqual(self.names(), sorted(original, key=str.casefold, reverse=True))
        self.press(Key.Key_S)
        self.assertEqual(self.names(), original)
        heads = board.horizontalHeader()
        place = heads.viewport().rect().topLeft()
        place.setX(heads.sectionViewportPosition(LENGTH) + 20)
        place.setY(10)
        QTest.mouseClick(heads.viewport(), Qt.MouseButton.LeftButton, pos=place)
        lengths = [self.session.facts[self.clip(name).source].seconds or -1 for name in self.names()]
        self.assertEqual(lengths, sorted(lengths))
        # By a receiver: what wants somebody comes first; renaming moves nothing under one's hands.
        board.setCurrentIndex(board.board_model.index(0, HEADS))
        self.press(Key.Key_S)
        states = [self.state(name, self.session.all_receivers[0].slug) for name in self.names()]
        self.assertEqual(states[0], "cannot")
        before = self.names()
        self.session.replace_clip("naming", self.clip("Welcome").changed(name="A welcome"))
        self.assertEqual(self.names(), ["A welcome" if name == "Welcome" else name for name in before])
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.names(), before)
