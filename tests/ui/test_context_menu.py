"""What a right click on the board offers."""

from __future__ import annotations

from PySide6.QtCore import QPoint
from PySide6.QtGui import QContextMenuEvent
from PySide6.QtWidgets import QApplication

from kittiwake.ui.board.model import HEADS
from tests.sounds import DEMO
from tests.ui.base import WindowCase


class TestContextMenu(WindowCase):
    def ask(self, place: QPoint, reason: QContextMenuEvent.Reason = QContextMenuEvent.Reason.Mouse) -> list[str]:
        """The names of what is offered there; empty ones are lines."""
        view = self.window.board.viewport()
        QApplication.sendEvent(view, QContextMenuEvent(reason, place, view.mapToGlobal(place)))
        self.app.processEvents()
        menu = self.window.board_menu
        self.assertTrue(menu.isVisible())
        names = [action.text() for action in menu.actions()]
        menu.close()
        return names

    def test_it_is_about_what_is_under_it(self) -> None:
        board = self.window.board
        self.assertIn("Add sound files…", self.ask(QPoint(300, 300)))
        self.window.add_paths([DEMO / "Welcome.wav", DEMO / "Fog delay.wav"])
        self.settle()
        other = board.board_model.index(1, HEADS)
        offered = self.ask(board.visualRect(other).center())
        self.assertEqual(board.currentIndex(), other)
        self.assertIn("Make the selection", offered)
        self.assertIn("Deliver…", offered)
        of_a_clip = self.ask(board.visualRect(board.board_model.index(0, 0)).center())
        self.assertIn("Name the clip", of_a_clip)
        self.assertNotIn("Make the selection", of_a_clip)
        # By a key it is about the current cell, wherever the mouse is.
        board.setCurrentIndex(other)
        self.assertEqual(self.ask(QPoint(1, 1), QContextMenuEvent.Reason.Keyboard), offered)
        self.assertEqual(board.currentIndex(), other)

    def test_what_is_selected_stays_selected(self) -> None:
        board = self.window.board
        self.window.add_paths([DEMO / "Welcome.wav", DEMO / "Fog delay.wav"])
        self.settle()
        board.setFocus()
        board.selectAll()
        count = len(board.selectionModel().selectedIndexes())
        self.ask(board.visualRect(board.board_model.index(1, HEADS)).center())
        self.assertEqual(len(board.selectionModel().selectedIndexes()), count)

    def test_a_head_has_its_own(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        head = self.window.board.horizontalHeader()
        place = QPoint(head.sectionViewportPosition(HEADS) + 10, 10)
        QApplication.sendEvent(
            head.viewport(),
            QContextMenuEvent(QContextMenuEvent.Reason.Mouse, place, head.viewport().mapToGlobal(place)),
        )
        self.app.processEvents()
        menu = self.window.board_menu
        self.assertIn("Show the receiver", [action.text() for action in menu.actions()])
        self.assertEqual(self.window.bench.page, "receiver")
        menu.close()
        self.assertIs(menu.actions()[0], self.window.qactions["view.receiver"])
