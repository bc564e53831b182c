"""States the true rate of clips: what changes is shown before anything is done."""

from __future__ import annotations

import math

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QIntValidator
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QGridLayout,
    QHBoxLayout,
    QLineEdit,
    QVBoxLayout,
    QWidget,
)

from ...core.model.units import format_hz, format_seconds
from ...words import in_words, tr
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.worded import Label

#: Rates that get mistaken for each other: 44.1/48, 22.05/24, 16/22.05, 8/11.025 kHz, and the halves and doubles.
USUAL = (8000, 11_025, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000, 96_000)


def change_in_words(stamped: int, true: int, seconds: float) -> str:
    """What stating ``true`` (Hz) for a file stamped ``stamped`` does to a clip of so many seconds."""
    if stamped == true:
        return tr("As its header says: {seconds}, nothing changes.", seconds=format_seconds(seconds))
    ratio = stamped / true
    longer = "longer" if ratio > 1 else "shorter"
    semitones = -12 * math.log2(ratio)
    pitch = "higher" if semitones > 0 else "lower"
    return tr(
        "{before} becomes {after}: {ratio:.2f} % {longer}, {semitones:.2f} semitones {pitch}. No sample changes; it is converted from this rate afterwards.",
        before=format_seconds(seconds),
        after=format_seconds(seconds * ratio),
        ratio=abs(ratio - 1) * 100,
        longer=longer,
        semitones=abs(semitones),
        pitch=pitch,
    )


class RateDialog(QDialog):
    """Choose or type a rate. ``heard`` asks to play the first clip at that rate, at once."""

    heard = Signal(int)

    def __init__(self, parent: QWidget, stamped: int, current: int, seconds: float, count: int) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("State the true rate"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._stamped, self._seconds = stamped, seconds
        column = QVBoxLayout(self)
        many = tr("{count} clips", count=count) if count > 1 else tr("This clip")
        head = Label(
            tr(
                "{many}: the header says {stamped}. At what rate was it really taken?",
                many=many,
                stamped=format_hz(stamped),
            )
        )
        head.setWordWrap(True)
        column.addWidget(head)
        grid = QGridLayout()
        self.buttons: dict[int, Button] = {}
        for at, rate in enumerate(USUAL):
            button = Button(format_hz(rate))
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.clicked.connect(lambda checked=False, rate=rate: self._put(rate))
            self.buttons[rate] = button
            grid.addWidget(button, at // 5, at % 5)
        column.addLayout(grid)
        row = QHBoxLayout()
        row.addWidget(Label(tr("Hz")))
        self.field = QLineEdit()
        self.field.setValidator(QIntValidator(1000, 768_000, self))
        self.field.setAccessibleName(tr("True rate in Hz"))
        row.addWidget(self.field)
        self.hear_button = Button(tr("Hear it so"))
        self.hear_button.clicked.connect(lambda: self.heard.emit(self.rate()) if self.rate() else None)
        row.addWidget(self.hear_button)
        column.addLayout(row)
        self.notice = Label()
        self.notice.setWordWrap(True)
        self.notice.setMinimumHeight(scaled(44))
        column.addWidget(self.notice)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self.field.textChanged.connect(self._show)
        self.field.setText(str(current))
        self.field.selectAll()
        self.field.setFocus()

    def _put(self, rate: int) -> None:
        self.field.setText(str(rate))

    def rate(self) -> int:
        """The rate that is stated, Hz; 0 while what is typed is none."""
        return int(self.field.text()) if self.field.hasAcceptableInput() else 0

    def _show(self) -> None:
        rate = self.rate()
        for value, button in self.buttons.items():
            button.setChecked(value == rate)
        self.notice.setText(
            in_words(change_in_words(self._stamped, rate, self._seconds))
            if rate
            else tr("Rates go from 1000 to 768000 Hz.")
        )
        self.box.button(QDialogButtonBox.StandardButton.Ok).setEnabled(bool(rate))
        self.hear_button.setEnabled(bool(rate))
