"""A line to type in that keeps the keys it needs, whatever else they do in the window."""

from __future__ import annotations

from PySide6.QtCore import SIGNAL, QEvent, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QLineEdit

from ...words import in_words


class Field(QLineEdit):
    """Escape belongs to the field while one types; letters and the space bar do so already."""

    escaped = Signal()

    def setText(self, text: str | None) -> None:
        """What stands in it from now on: a text of ours in the language of whoever reads it."""
        super().setText(in_words(text))

    def event(self, event: QEvent) -> bool:
        override = event.type() == QEvent.Type.ShortcutOverride
        if override and isinstance(event, QKeyEvent) and event.key() == Qt.Key.Key_Escape and self._is_escape_wanted:
            event.accept()
            return True
        return super().event(event)

    @property
    def _is_escape_wanted(self) -> bool:
        """Whether somebody does something with it here; else it leads out, as everywhere."""
        return self.receivers(SIGNAL("escaped()")) > 0

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape and self._is_escape_wanted:
            self.escaped.emit()
        else:
            super().keyPressEvent(event)
