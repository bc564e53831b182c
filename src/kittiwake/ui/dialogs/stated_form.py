"""States by lists how to read a file: encoding, rate and channels of one without a header, or one of several sound streams."""

from __future__ import annotations

from collections.abc import Sequence

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QSpinBox, QWidget

from ...core.errors import RulesError
from ...core.model import Stated
from ...core.model.stated import HEADERLESS
from ...core.model.units import format_headerless, format_hz
from ...words import in_words, phrase, tr
from ..widgets.said_box import inset
from ..widgets.worded import Choice, Label

_APART = {
    "pcm_s16le": phrase(", little endian"),
    "pcm_u8": ", unsigned",
    "pcm_s8": ", signed",
}
_RATES = (8000, 11_025, 12_000, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000, 96_000)


def kind_of(encoding: str) -> str:
    """The name of a headerless encoding, without saying that it is one, and with what tells it from its like."""
    name = format_headerless(encoding)
    return name + _APART.get(
        encoding, tr(", high bits first") if encoding.startswith("g726") and encoding.endswith("be") else ""
    )


class StatedForm(QWidget):
    """``changed`` when another choice is made. A rate can be typed, too."""

    changed = Signal()

    def __init__(self, streams: Sequence[str] = (), current: Stated | None = None) -> None:
        super().__init__()
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        self._streams = bool(streams)
        self.stream = self._list(row, tr("Stream"), tr("Sound stream"), list(streams))
        names = {kind_of(name): name for name in HEADERLESS}
        self.encoding = self._list(row, tr("Encoding"), tr("Encoding"), list(names))
        for n, name in enumerate(names.values()):
            self.encoding.setItemData(n, name)
        self.rate = self._list(row, tr("Sample rate"), tr("Sample rate in Hz"), [format_hz(rate) for rate in _RATES])
        self.rate.setEditable(True)
        self.channels = self._list(row, tr("Channels"), tr("Channels"), [str(n) for n in range(1, 9)])
        for box in (self.encoding, self.rate, self.channels):
            self._show(box, not streams)
        self.skip = QSpinBox()
        inset(self.skip)
        self.skip.setRange(0, 999_999_999)
        self.skip.setSuffix(in_words(tr(" bytes")))
        self.skip.setAccessibleName(in_words(tr("Bytes passed over before the sound")))
        self.skip.setToolTip(in_words(tr("What stands before the sound and is no sound, such as a line of text.")))
        skipped = Label(tr("Passed over"))
        skipped.setBuddy(self.skip)
        row.addWidget(skipped)
        row.addWidget(self.skip)
        self.skip.setVisible(not streams)
        skipped.setVisible(not streams)
        self._show(self.stream, bool(streams))
        row.addStretch(1)
        self.encoding.currentIndexChanged.connect(self._fix_rate)
        for box in (self.stream, self.encoding, self.rate, self.channels):
            box.currentTextChanged.connect(lambda _: self.changed.emit())
        self.skip.valueChanged.connect(lambda _: self.changed.emit())
        self.show_stated(current or (Stated.of_stream(0) if streams else Stated("ulaw", 8000)))

    def _list(self, row: QHBoxLayout, label: str, sentence: str, words: list[str]) -> QComboBox:
        box = Choice()
        box.addItems(words)
        box.setAccessibleName(in_words(sentence))
        name = Label(label)
        name.setBuddy(box)
        row.addWidget(name)
        row.addWidget(box)
        box.setProperty("label", name)
        return box

    @staticmethod
    def _show(box: QComboBox, shows: bool) -> None:
        box.setVisible(shows)
        box.property("label").setVisible(shows)

    def _fix_rate(self) -> None:
        """An encoding with a rate of its own leaves no choice."""
        own = HEADERLESS.get(str(self.encoding.currentData()), 0)
        if own:
            self.rate.setCurrentText(format_hz(own))
        self.rate.setEnabled(not own)

    def show_stated(self, stated: Stated) -> None:
        if not stated.headerless:
            self.stream.setCurrentIndex(stated.stream)
            return
        self.encoding.setCurrentIndex(self.encoding.findData(stated.encoding))
        self.rate.setCurrentText(format_hz(stated.rate))
        self.channels.setCurrentText(str(stated.channels))
        self.skip.setValue(stated.skip)

    def stated(self) -> Stated:
        """What is chosen.

        Raises
        ------
        RulesError : the rate is none, or does not go with the encoding.
        """
        if self._streams:
            return Stated.of_stream(max(0, self.stream.currentIndex()))
        rate = "".join(self.rate.currentText().split()).replace(",", ".")
        if not rate.lower().removesuffix("hz").removesuffix("k").replace(".", "", 1).isdigit():
            sentence = tr("“{currenttext}” is no sample rate.", currenttext=self.rate.currentText())
            raise RulesError(sentence, tr("Write for example 8 kHz or 11025."), "stated")
        return Stated.parse(f"{self.encoding.currentData()}@{rate}x{self.channels.currentText()}+{self.skip.value()}")
