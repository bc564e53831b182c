"""The window with what is left out by ``KITTIWAKE_WITHOUT``; ``test_without`` runs this in a process of its own."""

from __future__ import annotations

import os
import sys

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox

from kittiwake.core.extensions import WITHOUT, extensions
from kittiwake.ui.places.place import places
from tests.ui.base import WindowCase


class WindowWithout(WindowCase):
    def test_the_demo_is_looked_at_made_and_every_place_gone_to(self) -> None:
        left_out = os.environ[WITHOUT].split(",")
        self.assertFalse([name for name in left_out if name in extensions()])
        ways = [button.text() for button in self.window.board.start_page.buttons]
        self.assertEqual(any("tones" in text for text in ways), "tones" not in left_out, ways)
        self.open_demo()
        for one in places():
            self.window.bench.page_of(one.key)
        for receiver in self.session.project.receivers:  # the sheet of each, its machine among its fields
            for _ in range(2):  # shown again, a field has not one choice more
                self.window.bench.go_to("receiver", receiver)
                self.window.bench.page_of("receiver").editor.put_receiver(receiver)
            boxes = self.window.bench.page_of("receiver").findChildren(QComboBox)
            for texts in ([box.itemText(n) for n in range(box.count())] for box in boxes):
                self.assertEqual(len(texts), len({*texts}), texts)
            self.assertEqual(self.window.bench.page_of("receiver").edited(), [])
        self.window.board.setFocus()
        self.press(Qt.Key.Key_M)
        self.settle()
        states = [cell.state for cell in self.session.project.cells()]
        self.assertGreater(states.count("made"), 10)
        loaded = [
            name for name in sys.modules if name.startswith(tuple(f"kittiwake.bundled.{one}." for one in left_out))
        ]
        self.assertEqual(loaded, [])
