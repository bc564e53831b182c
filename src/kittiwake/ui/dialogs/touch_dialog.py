"""Touch-ups of one clip or many: what is set here is data, can be heard at once, and can be taken back.

The fields are those that the stages of the path name (``fit.path``), and those of touch-ups from outside.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from ...core.fit.path import PATH
from ...core.model import TouchUp
from ...core.model.stages import STAGES, Stage
from ...core.model.touch_field import TouchChoice, TouchField, TouchFlag, TouchNumber
from ...words import in_words, tr
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.said_box import SaidBox
from ..widgets.worded import CheckBox, Choice, Label

_FROM_OUTSIDE = 70  # their place among the fields of the path


def touch_fields() -> Iterator[TouchField | Stage]:
    """Every field of the form, in order."""
    shipped: list[tuple[float, TouchField | Stage]] = [(f.place, f) for stage in PATH for f in stage.fields]
    outside: list[tuple[float, TouchField | Stage]] = [(_FROM_OUTSIDE, stage) for stage in STAGES.values()]
    yield from (one for _, one in sorted([*shipped, *outside], key=lambda pair: pair[0]))


class TouchDialog(QDialog):
    """``heard`` asks to play the first clip with the touch-up as it is set now."""

    heard = Signal(object)  # TouchUp

    def __init__(self, parent: QWidget, before: Sequence[TouchUp]) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Touch up"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._before = before[0]
        self._read: dict[str, Callable[[], object]] = {}
        #: Fields by the name of what they set, those from outside by their key.
        self.numbers: dict[str, SaidBox] = {}
        self.choices: dict[str, QComboBox] = {}
        self.flags: dict[str, QCheckBox] = {}
        self.stages: dict[str, SaidBox] = {}
        column = QVBoxLayout(self)
        column.addWidget(self._heading(before))
        self._grid = QGridLayout()
        self._grid.setHorizontalSpacing(14)
        column.addLayout(self._grid)
        for field in touch_fields():
            self._add(field)
        if self.stages:
            self._read["more"] = self._more
        self._start = {name: read() for name, read in self._read.items()}
        column.addLayout(self._keys())
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        first = next(iter(self.numbers.values()))
        first.setFocus()
        first.selectAll()

    def _heading(self, before: Sequence[TouchUp]) -> QLabel:
        many = tr("{count} clips", count=len(before)) if len(before) > 1 else tr("This clip")
        alike = all(touch == before[0] for touch in before)
        more = "" if alike else tr(" They differ; only what you change here is changed in all of them.")
        head = Label(tr("{many}: nothing is written to the recordings.{more}", many=many, more=more))
        head.setWordWrap(True)
        return head

    def _add(self, field: TouchField | Stage) -> None:
        match field:
            case TouchNumber():
                self._add_number(field)
            case TouchChoice():
                self._add_choice(field)
            case TouchFlag():
                self._add_flag(field)
            case Stage():
                box = self._number(field.label, field.help, field.low, field.high, field.step, field.unit)
                box.setValue(dict(self._before.more).get(field.key, 0.0))
                self.stages[field.key] = box

    def _row(self, label: str, widget: QWidget, help_: str = "") -> None:
        row = self._grid.rowCount()
        text = Label(label)
        text.setBuddy(widget)
        self._grid.addWidget(text, row, 0)
        self._grid.addWidget(widget, row, 1, 1, 1 if help_ else 2)
        if help_:
            hint = Label(help_)
            hint.setProperty("soft", True)
            self._grid.addWidget(hint, row, 2)

    def _number(self, label: str, help_: str, low: float, high: float, step: float, unit: str) -> SaidBox:
        box = SaidBox()
        box.setRange(low, high)
        box.setSingleStep(step)
        box.setSuffix(f" {in_words(unit)}" if unit else "")
        box.setMinimumWidth(scaled(150))
        box.setAccessibleName(f"{in_words(label)}: {in_words(help_)}")
        self._row(label, box, help_)
        return box

    def _add_number(self, one: TouchNumber) -> None:
        box = self._number(one.label, one.help, one.low, one.high, one.step, one.unit)
        box.setDecimals(one.digits)
        box.setValue((getattr(self._before, one.name) - one.base) / one.factor)
        self.numbers[one.name] = box
        self._read[one.name] = lambda: round(one.base + box.value() * one.factor, 6)

    def _add_choice(self, one: TouchChoice) -> None:
        box, now = Choice(), getattr(self._before, one.name)
        for value, words in one.choices:
            box.addItem(in_words(words), value)
        if one.other and box.findData(now) < 0:
            box.addItem(in_words(one.other(now)), now)
        box.setCurrentIndex(max(0, box.findData(now)))
        self._row(one.label, box, one.help)
        self.choices[one.name] = box
        self._read[one.name] = box.currentData

    def _add_flag(self, one: TouchFlag) -> None:
        box = CheckBox(one.label)
        box.setChecked(getattr(self._before, one.name))
        self._grid.addWidget(box, self._grid.rowCount(), 1, 1, 2)
        self.flags[one.name] = box
        self._read[one.name] = box.isChecked

    def _more(self) -> tuple[tuple[str, float], ...]:
        """Touch-ups from outside: those that are not here stay as they are."""
        others = tuple((key, value) for key, value in self._before.more if key not in self.stages)
        return others + tuple((key, box.value()) for key, box in self.stages.items() if box.value())

    def _keys(self) -> QHBoxLayout:
        keys = QHBoxLayout()
        self.hear_button = Button(tr("Hear it so"))
        self.hear_button.clicked.connect(lambda: self.heard.emit(self._before.changed(**self.changes())))
        self.plain_button = Button(tr("Take all of it back"))
        self.plain_button.clicked.connect(self._plain)
        keys.addWidget(self.hear_button)
        keys.addWidget(self.plain_button)
        keys.addStretch(1)
        return keys

    def changes(self) -> dict[str, object]:
        """Fields of a touch-up that were changed here."""
        return {name: read() for name, read in self._read.items() if read() != self._start[name]}

    def _plain(self) -> None:
        for number in (*self.numbers.values(), *self.stages.values()):
            number.setValue(0.0)
        for choice in self.choices.values():
            choice.setCurrentIndex(0)
        for flag in self.flags.values():
            flag.setChecked(False)
