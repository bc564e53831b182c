"""One clip, or several, in several forms at once: ticked here, made at once, and nothing else on the board is touched."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QCheckBox,
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QLineEdit,
    QVBoxLayout,
    QWidget,
)

from ...core.codec import FORMATS
from ...core.errors import KittiwakeError
from ...core.fit.one_off import form_called, receiver_of_form
from ...core.model import Receiver
from ...words import in_words, phrase, tr
from ..widgets.button import Button
from ..widgets.worded import CheckBox, Choice, Label

#: What people hand over, with what it is good for.
_USUAL = (
    ("wav", "WAV", phrase('16 bits: opens everywhere')), ("flac", "FLAC", phrase('the same samples, smaller')), ("mp3", "MP3", phrase('plays everywhere')),
    ("m4a", "M4A", phrase('AAC, for phones and tablets')), ("ogg", phrase('Ogg Vorbis'), phrase('for the open web')), ("opus", "Opus", phrase('smallest for speech')),
)  # fmt: skip
_RATES = (
    (None, phrase("the source's own rate")),
    (48_000, "48 kHz"),
    (44_100, "44.1 kHz"),
    (16_000, "16 kHz"),
    (8000, "8 kHz"),
)
_CHANNELS = ((0, phrase("channels as in the source")), (1, phrase("one channel")), (2, phrase("two channels")))
_BIT_RATES = (
    (0, phrase("usual bit rate")),
    *((kilo * 1000, phrase("{kilo} kbit/s", kilo=kilo)) for kilo in (64, 96, 128, 160, 192, 256, 320)),
)


class FormsDialog(QDialog):
    """``chosen`` are those that were ticked, each for once."""

    def __init__(self, parent: QWidget, what: str) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("In several forms"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.chosen: tuple[Receiver, ...] = ()
        column = QVBoxLayout(self)
        column.addWidget(
            Label(tr("{clips}, in the forms that are ticked. Nothing else on the board is made.", clips=what))
        )
        grid = QGridLayout()
        grid.setHorizontalSpacing(14)
        self.boxes: dict[str, QCheckBox] = {}
        for row, (name, words, use) in enumerate(_USUAL):
            box = CheckBox(f"{row + 1}  {in_words(words)}")
            hint = Label(use)
            hint.setProperty("soft", True)
            grid.addWidget(box, row, 0)
            grid.addWidget(hint, row, 1)
            box.toggled.connect(self._judge)
            self.boxes[name] = box
        column.addLayout(grid)
        self.other = QLineEdit()
        self.other.setPlaceholderText(tr("others by name: wav/ulaw, aiff, amr …"))
        self.other.setAccessibleName(tr("Other forms, by name"))
        self.other.textChanged.connect(self._judge)
        column.addWidget(self.other)
        row_ = QHBoxLayout()
        self.rate, self.channels, self.bit_rate = Choice(), Choice(), Choice()
        for field, name, choices in (
            (self.rate, tr("Sample rate"), _RATES),
            (self.channels, tr("Channels"), _CHANNELS),
            (self.bit_rate, tr("Bit rate of MP3 and M4A"), _BIT_RATES),
        ):
            field.setAccessibleName(in_words(name))
            for value, words in choices:
                field.addItem(words, value)
            field.currentIndexChanged.connect(self._judge)
            row_.addWidget(field)
        column.addLayout(row_)
        self.notice = Label()
        self.notice.setWordWrap(True)
        column.addWidget(self.notice)
        foot = QHBoxLayout()
        foot.addStretch(1)
        cancel = Button(tr("Cancel  Esc"))
        cancel.clicked.connect(self.reject)
        self.make_button = Button()
        self.make_button.setProperty("main", True)
        self.make_button.setDefault(True)
        self.make_button.clicked.connect(self.accept)
        foot.addWidget(cancel)
        foot.addWidget(self.make_button)
        column.addLayout(foot)
        self._judge()
        self.boxes["wav"].setFocus()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """A figure ticks the form that has it."""
        boxes = list(self.boxes.values())
        if event.text().isdigit() and 1 <= int(event.text()) <= len(boxes):
            boxes[int(event.text()) - 1].toggle()
        else:
            super().keyPressEvent(event)

    def wanted(self) -> list[str]:
        """Names of the forms."""
        others = [part.strip() for part in self.other.text().split(",") if part.strip()]
        return [name for name, box in self.boxes.items() if box.isChecked()] + others

    def _judge(self) -> None:
        """What is wished for, as receivers; or why it cannot be."""
        found, faults = [], []
        for name in self.wanted():
            try:
                found.append(self._receiver(name))
            except KittiwakeError as error:
                faults.append(str(error))
        self.chosen = tuple({one.slug: one for one in found}.values())
        self.notice.setText(" ".join(map(in_words, faults)))
        count = len(self.chosen)
        self.make_button.setText(
            tr("Make {n} forms  Enter", "Make {n} form  Enter", count, n=count) if count else tr("Tick a form")
        )
        self.make_button.setEnabled(bool(count) and not faults)

    def _receiver(self, name: str) -> Receiver:
        form = form_called(name)
        rate = self.rate.currentData()
        if rate is not None and form.rates and rate not in form.rates:
            rate = form.nearest_rate(rate)  # Opus has no 44.1 kHz: it plays at 48 kHz all the same
        takes = form.bit_rates and form.key in (("mp3", "mp3"), ("mp4", "aac"))
        channels = min(self.channels.currentData(), FORMATS[form.key].max_channels)
        return receiver_of_form(
            name, rate=rate, channels=channels, bit_rate=self.bit_rate.currentData() if takes else 0
        )
