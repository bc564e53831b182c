"""Touch-ups of one clip or many: what is set here is data, can be heard at once, and can be taken back."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QDoubleSpinBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from ..core.model import TouchUp
from ..core.model.stages import STAGES
from .button import Button

_SIDES = (("auto", "as the sides suggest"), ("left", "left"), ("right", "right"), ("mix", "both mixed"))


def _reader(box: QDoubleSpinBox, base: float, factor: float) -> Callable[[], object]:
    return lambda: round(base + box.value() * factor, 6)


class TouchDialog(QDialog):
    """``heard`` asks to play the first clip with the touch-up as it is set now."""

    heard = Signal(object)  # TouchUp

    def __init__(self, parent: QWidget, before: Sequence[TouchUp]) -> None:
        super().__init__(parent)
        self.setWindowTitle("Touch up")
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._before = before[0]
        column = QVBoxLayout(self)
        many = f"{len(before)} clips" if len(before) > 1 else "This clip"
        alike = all(touch == before[0] for touch in before)
        more = "" if alike else " They differ; only what you change here is changed in all of them."
        head = QLabel(f"{many}: nothing is written to the recordings.{more}")
        head.setWordWrap(True)
        column.addWidget(head)
        grid = QGridLayout()
        grid.setHorizontalSpacing(14)
        column.addLayout(grid)
        self._read: dict[str, Callable[[], object]] = {}
        first = before[0]
        self.numbers: dict[str, QDoubleSpinBox] = {}
        for row, (name, label, value, low, high, step, digits, unit, factor, help_) in enumerate(
            (
                ("gain_db", "Louder by", first.gain_db, -30.0, 30.0, 0.5, 1, " dB", 1.0,
                 "on top of what the receiver asks for; peaks are never clipped"),
                ("speed", "Faster by", (first.speed - 1) * 100, -50.0, 100.0, 1.0, 1, " %", 0.01,
                 "the pitch stays"),
                ("pitch", "Higher by", first.pitch, -6.0, 6.0, 0.5, 2, " semitones", 1.0, "the length stays"),
                ("fade_in", "Fade in over", first.fade_in * 1000, 0.0, 10_000.0, 5.0, 0, " ms", 0.001, "at the start"),
                ("fade_out", "Fade out over", first.fade_out * 1000, 0.0, 10_000.0, 5.0, 0, " ms", 0.001, "at the end"),
                ("low_cut", "Keep nothing below", first.low_cut, 0.0, 1000.0, 10.0, 0, " Hz", 1.0,
                 "rumble and handling; 0 leaves it to the receiver"),
            )
        ):  # fmt: skip
            text = QLabel(label)
            box = QDoubleSpinBox()
            box.setRange(low, high)
            box.setSingleStep(step)
            box.setDecimals(digits)
            box.setSuffix(unit)
            box.setValue(value)
            box.setMinimumWidth(150)
            box.setAccessibleName(f"{label}: {help_}")
            text.setBuddy(box)
            told = QLabel(help_)
            told.setProperty("soft", True)
            for at, widget in enumerate((text, box, told)):
                grid.addWidget(widget, row, at)
            self.numbers[name] = box
            self._read[name] = _reader(box, 1.0 if name == "speed" else 0.0, factor)
        chosen = dict(first.more)
        self.stages: dict[str, QDoubleSpinBox] = {}
        for row, stage in enumerate(STAGES.values(), len(self.numbers)):
            box = QDoubleSpinBox()
            box.setRange(stage.low, stage.high)
            box.setSingleStep(stage.step)
            box.setSuffix(f" {stage.unit}" if stage.unit else "")
            box.setValue(chosen.get(stage.key, 0.0))
            box.setMinimumWidth(150)
            box.setAccessibleName(f"{stage.label}: {stage.help}")
            text, told = QLabel(stage.label), QLabel(stage.help)
            text.setBuddy(box)
            told.setProperty("soft", True)
            for at, widget in enumerate((text, box, told)):
                grid.addWidget(widget, row, at)
            self.stages[stage.key] = box
        if self.stages:
            others = tuple((key, value) for key, value in first.more if key not in self.stages)
            self._read["more"] = lambda: (
                others + tuple((key, box.value()) for key, box in self.stages.items() if box.value())
            )
        row = len(self.numbers) + len(self.stages)
        self.shape = QComboBox()
        self.shape.addItem("round: gentle at both ends", "round")
        self.shape.addItem("even: a straight line", "even")
        self.shape.setCurrentIndex(0 if first.fade_shape == "round" else 1)
        self.side = QComboBox()
        for side, label in _SIDES:
            self.side.addItem(label, side)
        self.side.setCurrentIndex(max(0, self.side.findData(first.side)))
        self.dc = QCheckBox("Take away a DC offset")
        self.dc.setChecked(first.remove_dc)
        for label, widget in (("Shape of the fades", self.shape), ("Side to use", self.side)):
            text = QLabel(label)
            text.setBuddy(widget)
            grid.addWidget(text, row, 0)
            grid.addWidget(widget, row, 1, 1, 2)
            row += 1
        grid.addWidget(self.dc, row, 1, 1, 2)
        self._read["fade_shape"] = self.shape.currentData
        self._read["side"] = self.side.currentData
        self._read["remove_dc"] = self.dc.isChecked
        self._start = {name: read() for name, read in self._read.items()}
        keys = QHBoxLayout()
        self.hear_button = Button("Hear it so")
        self.hear_button.clicked.connect(lambda: self.heard.emit(self._before.changed(**self.changes())))
        self.plain_button = Button("Take all of it back")
        self.plain_button.clicked.connect(self._plain)
        keys.addWidget(self.hear_button)
        keys.addWidget(self.plain_button)
        keys.addStretch(1)
        column.addLayout(keys)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self.numbers["gain_db"].setFocus()
        self.numbers["gain_db"].selectAll()

    def changes(self) -> dict[str, object]:
        """Fields of a touch-up that were changed here."""
        return {name: read() for name, read in self._read.items() if read() != self._start[name]}

    def _plain(self) -> None:
        for box in (*self.numbers.values(), *self.stages.values()):
            box.setValue(0.0)
        self.shape.setCurrentIndex(0)
        self.side.setCurrentIndex(0)
        self.dc.setChecked(False)
