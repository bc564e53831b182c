"""A number field that says what its limits are, instead of holding what is typed to them in silence."""

from __future__ import annotations

from PySide6.QtCore import Signal
from PySide6.QtGui import QValidator
from PySide6.QtWidgets import QAbstractSpinBox, QDoubleSpinBox, QWidget

from ...words import decimal, tr
from .sentence import Sentence

_INSET = 6  # px


def inset(box: QAbstractSpinBox) -> None:
    """Keep the number off the frame: style sheets do not reach the field inside of a box, and what they add to its size is for this."""
    box.lineEdit().setTextMargins(_INSET, 0, 0, 0)


class SaidBox(QDoubleSpinBox):
    """``beyond`` tells, in a sentence, that what was typed lies beyond the limits, and what stands there now."""

    beyond = Signal(Sentence)

    def __init__(self, name: str = "", parent: QWidget | None = None) -> None:
        super().__init__(parent)
        inset(self)
        self._name = name
        self._beyond = ""
        self.editingFinished.connect(self._say)

    def _number(self, text: str) -> float | None:
        plain = text.removesuffix(self.suffix()).strip().replace(",", ".").replace("−", "-")
        try:
            return float(plain)
        except ValueError:
            return None

    def validate(self, text: str, pos: int) -> tuple[QValidator.State, str, int]:
        # Whatever is a number may be typed; what is beyond the limits is said once it is taken.
        if self._number(text) is not None:
            return QValidator.State.Acceptable, text, pos
        found: tuple[QValidator.State, str, int] = super().validate(text, pos)
        return found

    def textFromValue(self, value: float) -> str:
        return decimal(f"{value:.{self.decimals()}f}").replace("-", "−")

    def valueFromText(self, text: str) -> float:
        value = self._number(text)
        if value is None:
            return super().valueFromText(text)
        nearest = round(max(self.minimum(), min(self.maximum(), value)), self.decimals())
        self._beyond = (
            text.removesuffix(self.suffix()).strip() if not self.minimum() <= value <= self.maximum() else ""
        )
        return nearest

    def _say(self) -> None:
        if self._beyond:
            low, high = self.textFromValue(self.minimum()), self.textFromValue(self.maximum())
            sentence = tr(
                "{name} goes from {low} to {high}{suffix}: {beyond} was brought to {value}.",
                name=self._name or "This",
                low=low,
                high=high,
                suffix=self.suffix(),
                beyond=self._beyond,
                value=self.text(),
            )
            self._beyond = ""
            self.beyond.emit(sentence)
