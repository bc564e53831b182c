"""The picture of a recording with the bar that rolls it."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QScrollBar, QVBoxLayout, QWidget

from ....words import tr
from .view import CutView


class RolledView(QWidget):
    """``wave`` with ``bar`` below it."""

    def __init__(self) -> None:
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(2)
        self.wave = CutView()
        column.addWidget(self.wave, 1)
        self.bar = QScrollBar(Qt.Orientation.Horizontal)
        self.bar.setAccessibleName(tr("Place in the source"))
        self.bar.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        column.addWidget(self.bar)
        self._unit = 1
        self.wave.viewed.connect(self._follow_view)
        self.bar.valueChanged.connect(self._scroll)

    def _follow_view(self) -> None:
        length = round(self.wave.right - self.wave.left)
        total = self.wave.length
        # Scroll bars count with 31 bits; ten hours at 192 kHz go beyond.
        self._unit = max(1, total // 1_000_000)
        self.bar.blockSignals(True)
        self.bar.setRange(0, max(0, (total - length) // self._unit))
        self.bar.setPageStep(max(1, length // self._unit))
        self.bar.setSingleStep(max(1, length // self._unit // 10))
        self.bar.setValue(round(self.wave.left) // self._unit)
        self.bar.blockSignals(False)

    def _scroll(self, value: int) -> None:
        length = self.wave.right - self.wave.left
        self.wave.show_range(value * self._unit, value * self._unit + length)
