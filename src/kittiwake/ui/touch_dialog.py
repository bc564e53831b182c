"""Touch-ups of one clip or many: what is set here is data, can be heard at once, and can be taken back."""

from __future__ import annotations

from collections.abc import Callable, Sequence

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

from ..core.model import TouchUp
from ..core.model.stages import STAGES
from ..plain_data import dataclass
from ..words import in_words, phrase, tr
from .button import Button
from .said_box import SaidBox
from .theme.scale import scaled

_LOOPS = ((None, phrase('as the receiver asks')), (0.0, phrase('never: it does not repeat')), (0.25, phrase('over the last 0.25 s')), (0.5, phrase('over the last 0.5 s')),
          (1.0, phrase('over the last 1 s')), (2.0, phrase('over the last 2 s')), (5.0, phrase('over the last 5 s')))  # fmt: skip
_SIDES = (
    ("auto", phrase("as the sides suggest")),
    ("left", phrase("left")),
    ("right", phrase("right")),
    ("mix", phrase("both mixed")),
)


@dataclass(frozen=True, slots=True)
class _Number:
    """A field: the touch-up's own number is ``base`` + what is shown × ``factor``."""

    name: str
    label: str
    help: str
    low: float
    high: float
    step: float
    digits: int
    unit: str
    factor: float = 1.0
    base: float = 0.0


_NUMBERS = (
    _Number("gain_db", phrase('Louder by'), phrase('on top of what the receiver asks for; peaks are never clipped'), -30, 30, 0.5, 1, "dB"),
    _Number("speed", phrase('Faster by'), phrase('the pitch stays'), -50, 100, 1, 1, "%", 0.01, 1.0),
    _Number("pitch", phrase('Higher by'), phrase('the length stays'), -6, 6, 0.5, 2, phrase("semitones")),
    _Number("fade_in", phrase('Fade in over'), phrase('at the start'), 0, 10_000, 5, 0, "ms", 0.001),
    _Number("fade_out", phrase('Fade out over'), phrase('at the end'), 0, 10_000, 5, 0, "ms", 0.001),
    _Number("limiter_db", phrase('Limiter may take'), phrase('off single peaks, for the sake of the level'), 0, 12, 0.5, 1, "dB"),
    _Number("low_cut", phrase('Keep nothing below'), phrase('rumble and handling; 0 leaves it to the receiver'), 0, 1000, 10, 0, "Hz"),
)  # fmt: skip


def _reader(box: SaidBox, base: float, factor: float) -> Callable[[], object]:
    return lambda: round(base + box.value() * factor, 6)


class TouchDialog(QDialog):
    """``heard`` asks to play the first clip with the touch-up as it is set now."""

    heard = Signal(object)  # TouchUp

    def __init__(self, parent: QWidget, before: Sequence[TouchUp]) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Touch up"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._before = before[0]
        self._read: dict[str, Callable[[], object]] = {}
        self.numbers: dict[str, SaidBox] = {}
        self.stages: dict[str, SaidBox] = {}
        column = QVBoxLayout(self)
        column.addWidget(self._heading(before))
        self._grid = QGridLayout()
        self._grid.setHorizontalSpacing(14)
        column.addLayout(self._grid)
        self._add_numbers(before[0])
        self._add_stages(before[0])
        self._add_choices(before[0])
        self._start = {name: read() for name, read in self._read.items()}
        column.addLayout(self._keys())
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self.numbers["gain_db"].setFocus()
        self.numbers["gain_db"].selectAll()

    def _heading(self, before: Sequence[TouchUp]) -> QLabel:
        many = tr("{count} clips", count=len(before)) if len(before) > 1 else tr("This clip")
        alike = all(touch == before[0] for touch in before)
        more = "" if alike else tr(" They differ; only what you change here is changed in all of them.")
        head = QLabel(tr("{many}: nothing is written to the recordings.{more}", many=many, more=more))
        head.setWordWrap(True)
        return head

    def _row(self, label: str, widget: QWidget, help_: str = "") -> None:
        row = self._grid.rowCount()
        text = QLabel(in_words(label))
        text.setBuddy(widget)
        self._grid.addWidget(text, row, 0)
        self._grid.addWidget(widget, row, 1, 1, 1 if help_ else 2)
        if help_:
            hint = QLabel(in_words(help_))
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

    def _add_numbers(self, first: TouchUp) -> None:
        for one in _NUMBERS:
            box = self._number(one.label, one.help, one.low, one.high, one.step, one.unit)
            box.setDecimals(one.digits)
            box.setValue((getattr(first, one.name) - one.base) / one.factor)
            self.numbers[one.name] = box
            self._read[one.name] = _reader(box, one.base, one.factor)

    def _add_stages(self, first: TouchUp) -> None:
        """Touch-ups that were added from outside."""
        chosen = dict(first.more)
        for stage in STAGES.values():
            box = self._number(stage.label, stage.help, stage.low, stage.high, stage.step, stage.unit)
            box.setValue(chosen.get(stage.key, 0.0))
            self.stages[stage.key] = box
        if self.stages:
            others = tuple((key, value) for key, value in first.more if key not in self.stages)
            self._read["more"] = lambda: (
                others + tuple((key, box.value()) for key, box in self.stages.items() if box.value())
            )

    def _add_choices(self, first: TouchUp) -> None:
        self.shape = QComboBox()
        self.shape.addItem(tr("round: gentle at both ends"), tr("round"))
        self.shape.addItem(tr("even: a straight line"), tr("even"))
        self.shape.setCurrentIndex(0 if first.fade_shape == "round" else 1)
        self.side = QComboBox()
        for side, label in _SIDES:
            self.side.addItem(in_words(label), side)
        self.side.setCurrentIndex(max(0, self.side.findData(first.side)))
        self.dc = QCheckBox(tr("Take away a DC offset"))
        self.dc.setChecked(first.remove_dc)
        self._row(tr("Shape of the fades"), self.shape)
        self._row(tr("Side to use"), self.side)
        self.loop = QComboBox()
        for seconds, words in _LOOPS:
            self.loop.addItem(in_words(words), seconds)
        if self.loop.findData(first.loop) < 0:
            self.loop.addItem(tr("over the last {loop:g} s", loop=first.loop), first.loop)
        self.loop.setCurrentIndex(self.loop.findData(first.loop))
        self._row(tr("Blend the end into the start"), self.loop)
        self._read["loop"] = self.loop.currentData
        self._grid.addWidget(self.dc, self._grid.rowCount(), 1, 1, 2)
        self.untreated = QCheckBox(tr("Leave its level and its pauses as they are, whatever the receiver asks for"))
        self.untreated.setChecked(first.untreated)
        self._grid.addWidget(self.untreated, self._grid.rowCount(), 1, 1, 2)
        self._read["untreated"] = self.untreated.isChecked
        self._read["fade_shape"] = self.shape.currentData
        self._read["side"] = self.side.currentData
        self._read["remove_dc"] = self.dc.isChecked

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
        for box in (*self.numbers.values(), *self.stages.values()):
            box.setValue(0.0)
        self.shape.setCurrentIndex(0)
        self.side.setCurrentIndex(0)
        self.loop.setCurrentIndex(0)
        self.dc.setChecked(False)
        self.untreated.setChecked(False)
