"""Controls that say what they are given in the language of whoever reads it: nobody who fills them has to translate."""

from __future__ import annotations

from typing import Any

from PySide6.QtWidgets import QCheckBox, QComboBox, QLabel

from ...words import in_words


class Label(QLabel):
    def __init__(self, text: str = "") -> None:
        super().__init__(in_words(text))

    def setText(self, text: str) -> None:
        super().setText(in_words(text))


class CheckBox(QCheckBox):
    def __init__(self, text: str = "") -> None:
        super().__init__(in_words(text))

    def setText(self, text: str) -> None:
        super().setText(in_words(text))


class Choice(QComboBox):
    """One of several, each with what it stands for."""

    def addItem(self, text: str, data: Any = None) -> None:  # type: ignore[override]
        super().addItem(in_words(text), data)
