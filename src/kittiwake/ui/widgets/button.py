"""A push button whose keys do not fight with the window's."""

from __future__ import annotations

from PySide6.QtCore import QEvent, Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QPushButton

from ...words import in_words


class Button(QPushButton):
    """While it has the keyboard, the space bar and Enter press it, whatever else they do in the window."""

    def __init__(self, text: str = "") -> None:
        super().__init__(in_words(text))

    def setText(self, text: str) -> None:
        super().setText(in_words(text))

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent) and _presses(event):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.click()
        else:
            super().keyPressEvent(event)


def _presses(event: QKeyEvent) -> bool:
    keys = (Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Enter)
    return event.key() in keys and event.modifiers() == Qt.KeyboardModifier.NoModifier
