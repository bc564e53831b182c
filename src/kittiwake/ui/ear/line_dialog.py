"""What the line is like that one hears things on: changed while it plays, heard at the same instant."""

from __future__ import annotations

from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtWidgets import QDialog, QGridLayout, QVBoxLayout, QWidget

from ...core.ear.caller_line import CallerLine, codecs_here
from ...core.packets.packet_loss import PacketLossModel
from ...words import in_words, tr
from ..widgets.button import Button
from ..widgets.said_box import SaidBox
from ..widgets.worded import Choice, Label

_WAIT_MS = 250
_NO_NOISE = -91.0


class LineDialog(QDialog):
    """``changed`` gives the line as it is set, a moment after the last change."""

    changed = Signal(object)  # CallerLine

    def __init__(self, parent: QWidget, line: CallerLine) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("The line"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        column = QVBoxLayout(self)
        head = Label(tr("How a caller hears it: 300 to 3400 Hz, and what is set here. 3 switches to it."))
        head.setWordWrap(True)
        column.addWidget(head)
        grid = QGridLayout()
        grid.setHorizontalSpacing(12)
        column.addLayout(grid)
        self.first, self.second = Choice(), Choice()
        self.second.addItem(tr("nothing else"), "")
        for key, name in codecs_here():
            self.first.addItem(name, key)
            self.second.addItem(name, key)
        self.first.setCurrentIndex(max(0, self.first.findData(line.codecs[0])))
        self.second.setCurrentIndex(max(0, self.second.findData(line.codecs[1] if len(line.codecs) > 1 else "")))
        packet_loss = line.packet_loss
        self.loss = self._number(0, 50, 0.5, 1, " %", packet_loss.loss * 100)
        self.burst = self._number(1, 20, 0.5, 1, " " + tr("packets"), packet_loss.burst)
        self.jitter = self._number(0, 200, 5, 0, " ms", packet_loss.jitter)
        self.buffer = self._number(0, 500, 10, 0, " ms", packet_loss.buffer)
        self.noise = self._number(
            _NO_NOISE, -20, 1, 0, " dBov", _NO_NOISE if line.noise_dbov is None else line.noise_dbov
        )
        self.noise.setSpecialValueText(tr("none"))
        self.level = self._number(-20, 20, 1, 0, " dB", line.level_db)
        rows = (
            (tr('&Coded by'), self.first), (tr('&then by'), self.second), (tr("Packets &lost"), self.loss), (tr("lost &together"), self.burst), (tr("&Jitter"), self.jitter),
            (tr("&Buffer"), self.buffer), (tr("&Noise"), self.noise), (tr("Le&vel"), self.level),
        )  # fmt: skip
        for n, (text, widget) in enumerate(rows):
            label = Label(text)
            label.setBuddy(widget)
            widget.setAccessibleName(in_words(text).replace("&", ""))
            grid.addWidget(label, n // 2, n % 2 * 2)
            grid.addWidget(widget, n // 2, n % 2 * 2 + 1)
        self.notice = Label()
        self.notice.setWordWrap(True)
        column.addWidget(self.notice)
        self.plain_button = Button(tr("A plain line"))
        self.plain_button.clicked.connect(lambda: self.show_line(CallerLine()))
        column.addWidget(self.plain_button, 0, Qt.AlignmentFlag.AlignLeft)
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(_WAIT_MS)
        self._timer.timeout.connect(lambda: self.changed.emit(self.line))
        for box in (self.first, self.second):
            box.currentIndexChanged.connect(lambda _: self._timer.start())

    def _number(self, low: float, high: float, step: float, digits: int, unit: str, value: float) -> SaidBox:
        box = SaidBox()
        box.setRange(low, high)
        box.setSingleStep(step)
        box.setDecimals(digits)
        box.setSuffix(in_words(unit))
        box.setValue(value)
        box.valueChanged.connect(lambda _: self._timer.start())
        return box

    @property
    def line(self) -> CallerLine:
        """As it is set."""
        codecs = (
            str(self.first.currentData()),
            *((str(self.second.currentData()),) if self.second.currentData() else ()),
        )
        packet_loss = PacketLossModel(
            self.loss.value() / 100, self.burst.value(), self.jitter.value(), self.buffer.value()
        )
        noise = None if self.noise.value() <= _NO_NOISE else self.noise.value()
        return CallerLine(codecs, packet_loss, noise, self.level.value())

    def show_line(self, line: CallerLine) -> None:
        """Set all of it."""
        self.first.setCurrentIndex(max(0, self.first.findData(line.codecs[0])))
        self.second.setCurrentIndex(max(0, self.second.findData(line.codecs[1] if len(line.codecs) > 1 else "")))
        values = (line.packet_loss.loss * 100, line.packet_loss.burst, line.packet_loss.jitter, line.packet_loss.buffer,
                  _NO_NOISE if line.noise_dbov is None else line.noise_dbov, line.level_db)  # fmt: skip
        for box, value in zip(
            (self.loss, self.burst, self.jitter, self.buffer, self.noise, self.level), values, strict=True
        ):
            box.setValue(value)

    def say(self, text: str) -> None:
        """What is measured of it."""
        self.notice.setText(text)
