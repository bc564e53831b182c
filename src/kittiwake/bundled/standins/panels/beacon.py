"""The stand-in beacon: what it holds, what it refused and why, and its button."""

from __future__ import annotations

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QVBoxLayout

from ....core.model.units import format_bytes, format_hz, format_seconds
from ....ui.standins.panel import panel
from ....ui.theme.scale import scaled
from ....ui.widgets.button import Button
from ....ui.widgets.parts import part_label
from ....ui.widgets.worded import Label
from ....words import tr
from ....work.standin import Machine
from ..machines.beacon import MEMORY
from .drawing import Drawing, lamp


@panel("beacon")
class BeaconPanel(QFrame):
    """One beacon; see ``panel.Maker``."""

    pressed = Signal()

    def __init__(self, beacon: Machine) -> None:
        super().__init__()
        self.beacon = beacon
        self.setProperty("sheet", True)
        self.setFixedWidth(scaled(330))
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 12)
        column.addWidget(part_label(tr("STAND-IN: A BEACON ON A QUAY")))
        self._lamp = Drawing(lamp)
        column.addWidget(self._lamp)
        self.notice = Label()
        self.notice.setWordWrap(True)
        column.addWidget(self.notice)
        self._memory = Label()
        self._memory.setProperty("soft", True)
        column.addWidget(self._memory)
        self.button = Button(tr("Press its button  P"))
        self.button.clicked.connect(self.pressed)
        column.addWidget(self.button)
        self.show_state()

    def show_state(self, handed: str = "") -> None:
        held, refusal = self.beacon.held, self.beacon.refusal
        if refusal:
            still = tr(" It still holds {name}.", name=held.name) if held else ""
            self.notice.setText(
                tr(
                    "Refused {handed}: {reason} (byte {at:,}){still}",
                    handed=handed,
                    reason=refusal.reason,
                    at=refusal.at,
                    still=still,
                )
            )
        elif held:
            self.notice.setText(
                tr(
                    "Accepted. It holds {name}: {seconds}, {rate}, mono, 16-bit.",
                    name=held.name,
                    seconds=format_seconds(held.seconds),
                    rate=format_hz(held.rate),
                )
            )
        else:
            self.notice.setText(tr("It holds nothing. Make a file for it, select its cell and press B."))
        used = held.bytes if held else 0
        self._memory.setText(tr("{used} of {memory}", used=format_bytes(used), memory=format_bytes(MEMORY)))
        self._lamp.show_share(used / MEMORY, "failed" if refusal else "made" if held else "empty")
        self.button.setEnabled(held is not None)

    def set_sounding(self, sounding: bool) -> None:
        """Whether its message is being played."""
        self._lamp.set_sounding(sounding)
