"""The controls with which speech is found."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import fields

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QWidget

from ....words import in_words, phrase, tr
from ....work.cut import Find
from ...theme.scale import scaled
from ...widgets.button import Button
from ...widgets.elided import ElidedLabel
from ...widgets.said_box import SaidBox
from ...widgets.sentence import Sentence
from ...widgets.worded import Label

_CONTROLS = (
    (
        "above_room",
        phrase("over room noise"),
        6,
        30,
        1,
        " dB",
        phrase("How far above the noise of the room sound begins"),
    ),
    ("pause", phrase("pauses from"), 0.1, 60, 0.05, " s", phrase("A shorter pause does not separate two clips")),
    ("shortest", phrase("clips from"), 0.05, 600, 0.05, " s", phrase("Shorter sound is left out")),
    ("air_before", phrase("air"), 0, 10, 0.05, " s", phrase("What is kept before the first sound")),
    ("air_after", "+", 0, 10, 0.05, " s", phrase("What is kept after the last sound")),
)


class FindRow(QWidget):
    """``changed`` while a control moves; ``beyond`` tells that what was typed lies beyond its limits."""

    changed = Signal()
    beyond = Signal(Sentence)

    def __init__(self) -> None:
        super().__init__()
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(6)
        self.controls: dict[str, SaidBox] = {}
        plain = Find()
        for name, before, low, high, step, unit, help_ in _CONTROLS:
            row.addWidget(Label(before))
            box = SaidBox(help_)
            box.beyond.connect(self.beyond)
            box.setRange(low, high)
            box.setSingleStep(step)
            box.setDecimals(0 if step >= 1 else 2)
            box.setSuffix(in_words(unit))
            box.setValue(getattr(plain, name))
            box.setToolTip(in_words(help_))
            box.setAccessibleName(in_words(help_))
            box.setFixedWidth(scaled(84))
            box.valueChanged.connect(lambda _: self.changed.emit())
            row.addWidget(box)
            self.controls[name] = box
        self.button = Button(tr("Find the speech  F"))
        row.addWidget(self.button)
        self.notice = ElidedLabel()
        self.notice.setProperty("soft", True)
        row.addWidget(self.notice, 1)

    @property
    def settings(self) -> Find:
        return Find(**{field.name: self.controls[field.name].value() for field in fields(Find)})

    def show_settings(self, settings: Iterable[tuple[str, float]]) -> None:
        """Put the controls where they were, without searching."""
        for name, value in settings:
            if name in self.controls:
                self.controls[name].blockSignals(True)
                self.controls[name].setValue(value)
                self.controls[name].blockSignals(False)

    def say(self, text: str) -> None:
        """What was found, as much of it as there is room for."""
        self.notice.setText(text)
