"""The stand-in beacon: what it holds, what it refused and why, and its button."""

from __future__ import annotations

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QFrame, QLabel, QVBoxLayout, QWidget

from ...core.model.units import format_bytes, format_hz, format_seconds
from ...core.standin import Machine
from ...core.standin.machines.beacon import MEMORY
from ..bench.parts import part_label
from ..button import Button
from ..theme.colours import colours
from .panel import panel


@panel("beacon")
class BeaconPanel(QFrame):
    """One beacon; see ``panel.Maker``."""

    pressed = Signal()

    def __init__(self, beacon: Machine) -> None:
        super().__init__()
        self.beacon = beacon
        self.setProperty("sheet", True)
        self.setFixedWidth(330)
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 12)
        column.addWidget(part_label("STAND-IN: A BEACON ON A QUAY"))
        self._lamp = _Lamp()
        column.addWidget(self._lamp, 1)
        self._told = QLabel()
        self._told.setWordWrap(True)
        self._told.setAccessibleName("What the beacon says")
        column.addWidget(self._told)
        self._memory = QLabel()
        self._memory.setProperty("soft", True)
        column.addWidget(self._memory)
        self.button = Button("Press its button  P")
        self.button.clicked.connect(self.pressed)
        column.addWidget(self.button)
        self.show_state()

    def show_state(self, handed: str = "") -> None:
        held, refusal = self.beacon.held, self.beacon.refusal
        if refusal:
            still = f" It still holds {held.name}." if held else ""
            self._told.setText(f"Refused {handed}: {refusal.reason} (byte {refusal.at:,}){still}")
        elif held:
            self._told.setText(
                f"Accepted. It holds {held.name}: {format_seconds(held.seconds)}, {format_hz(held.rate)}, mono, 16-bit."
            )
        else:
            self._told.setText("It holds nothing. Make a file for it, select its cell and press B.")
        used = held.bytes if held else 0
        self._memory.setText(f"{format_bytes(used)} of {format_bytes(MEMORY)}")
        self._lamp.show_share(used / MEMORY, "failed" if refusal else "made" if held else "empty")
        self.button.setEnabled(held is not None)

    def set_sounding(self, sounding: bool) -> None:
        """Whether its message is being played."""
        self._lamp.set_sounding(sounding)


class _Lamp(QWidget):
    """The beacon drawn as a post with a lamp; the post fills as its memory does."""

    def __init__(self) -> None:
        super().__init__()
        self._share = 0.0
        self._state = "empty"
        self._sounding = False
        self.setMinimumHeight(70)

    def sizeHint(self) -> QSize:
        return QSize(200, 90)

    def show_share(self, share: float, state: str) -> None:
        self._share, self._state = share, state
        self.update()

    def set_sounding(self, sounding: bool) -> None:
        if sounding != self._sounding:
            self._sounding = sounding
            self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        c = colours()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        middle, foot = self.width() / 2, self.height() - 6.0
        painter.setPen(QPen(QColor(c.soft), 1.5))
        painter.drawLine(int(middle - 70), int(foot), int(middle + 70), int(foot))
        post = QRectF(middle - 9, 34, 18, foot - 34)
        painter.drawRect(post)
        filled = post.height() * min(1.0, self._share)
        painter.fillRect(QRectF(post.left() + 2, post.bottom() - filled, post.width() - 4, filled), c.of("convert"))
        lamp = QRectF(middle - 14, 6, 28, 26)
        painter.setBrush(QColor(c.accent) if self._sounding else Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(c.of(self._state), 2))
        painter.drawRoundedRect(lamp, 8, 8)
        if self._sounding:
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(QColor(c.accent), 2))
            for spread in (1, 2, 3):
                reach = 14 + 12 * spread
                box = QRectF(middle - reach, 19 - reach, 2 * reach, 2 * reach)
                painter.drawArc(box, -28 * 16, 56 * 16)
                painter.drawArc(box, 152 * 16, 56 * 16)
