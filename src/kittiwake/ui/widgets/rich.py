"""Text with emphasis: the type that comes along has two weights, and of no other one is made up."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel

from ...words import in_words


def in_our_weights(html: str) -> str:
    """``<b>`` asks for a weight that the type does not have, and Qt would thicken the letters."""
    return html.replace("<b>", '<span style="font-weight:600">').replace("</b>", "</span>")


class RichLabel(QLabel):
    """A label of HTML."""

    def __init__(self, text: str = "") -> None:
        super().__init__()
        self.setTextFormat(Qt.TextFormat.RichText)
        if text:
            self.setText(text)

    def setText(self, text: str) -> None:
        super().setText(in_our_weights(in_words(text)))
