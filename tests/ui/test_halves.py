"""How the window is parted, and what leads to what comes next."""

from __future__ import annotations

import json

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel

from kittiwake.ui.board.filter_bar import FilterBar
from kittiwake.ui.board.view import Board
from kittiwake.ui.shell.splitter import BoardBenchSplitter
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestHalves(WindowCase):
    def test_the_board_gets_what_the_bench_does_not_need_and_folds_where_it_is_in_the_way(self) -> None:
        halves = self.window.halves
        self.assertTrue(self.window.board.start_page.isVisible() and halves.area.isHidden())
        self.open_demo()
        self.assertFalse(self.window.board.start_page.isVisible())
        self.window.board.setFocus()
        self.window.board.select(self.clip("Welcome").id)
        self.app.processEvents()
        clip = halves.splitter.sizes()
        self.press(Key.Key_R)
        self.app.processEvents()
        self.assertGreater(halves.splitter.sizes()[1], clip[1])
        self.press(Key.Key_F7)
        self.assertTrue(halves.area.isHidden() and self.window.board.hasFocus())
        self.press(Key.Key_F7)
        self.assertFalse(halves.area.isHidden())
        self.window.board.select(self.clip("Safety notice").id)
        self.press(Key.Key_K)
        self.assertTrue(halves.is_folded and halves.line.isVisible())
        self.press(Key.Key_F6)
        self.assertTrue(not halves.is_folded and self.window.board.hasFocus())
        self.press(Key.Key_F6, Mod.ShiftModifier)
        self.assertTrue(halves.is_folded)
        self.window.bench.page_of("cut").wave.setFocus()

    def test_how_the_halves_were_parted_is_remembered_for_each_page(self) -> None:
        path = self.folder / "window.json"
        halves = self.window.halves
        halves.path = path
        self.open_demo()
        self.window.board.select(self.clip("Welcome").id)
        self.app.processEvents()
        upper, lower = halves.splitter.sizes()
        halves.splitter.setSizes([upper - 60, lower + 60])
        halves.moved()
        halves.save()
        share = json.loads(path.read_text())["clip"]
        again = BoardBenchSplitter(Board(self.session), FilterBar(), QLabel(), path)
        self.assertEqual(again.share_of("clip"), share)
        path.write_text('{"clip": "wide"}')
        self.assertEqual(BoardBenchSplitter(Board(self.session), FilterBar(), QLabel(), path).share_of("clip"), 0.47)

    def test_what_waits_for_a_decision_is_a_key_away(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        seen = []
        for _ in range(8):
            self.press(Key.Key_F3)
            clip, receiver = self.window.board.current_clip(), self.window.board.current_receiver()
            assert clip and receiver
            self.assertEqual(self.state(clip.name, receiver.slug), "decide")
            seen.append((clip.name, receiver.slug))
        self.assertEqual((len(set(seen)), seen[7]), (7, seen[0]))
        self.window.top.cannot_button.click()
        clip, receiver = self.window.board.current_clip(), self.window.board.current_receiver()
        assert clip and receiver
        self.assertEqual(self.state(clip.name, receiver.slug), "cannot")
        self.assertTrue(self.window.board.hasFocus())
