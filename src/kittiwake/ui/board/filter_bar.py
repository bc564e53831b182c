"""A line above the board to find clips with; it is there only while it is used."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QObject, Qt, QTimer, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QHBoxLayout, QWidget

from ...words import tr
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.field import Field
from ..widgets.worded import Choice, Label
from .order import STATES


class FilterBar(QWidget):
    """``changed`` gives words and the state to show."""

    changed = Signal(tuple, str)
    closed = Signal()

    def __init__(self) -> None:
        super().__init__()
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 6)
        row.setSpacing(8)
        self.field = Field()
        self.field.setPlaceholderText(tr("Part of a name or folder"))
        self.field.setAccessibleName(tr("Find clips by part of a name or folder"))
        self.field.setClearButtonEnabled(True)
        self.field.setMaximumWidth(scaled(360))
        label = Label(tr("&Find clips"))
        label.setBuddy(self.field)
        row.addWidget(label)
        row.addWidget(self.field, 1)
        self.states = Choice()
        for state in STATES:
            self.states.addItem(state, str(state))
        self.states.setAccessibleName(tr("Show only clips in this state"))
        row.addWidget(self.states)
        self.notice = Label()
        self.notice.setProperty("soft", True)
        row.addWidget(self.notice)
        row.addStretch(1)
        self.close_button = Button(tr("Show all  Esc"))
        row.addWidget(self.close_button)
        # While one types, not after every letter.
        self._typed = QTimer(self)
        self._typed.setSingleShot(True)
        self._typed.setInterval(120)
        self._typed.timeout.connect(self._tell)
        self.field.textChanged.connect(lambda _: self._typed.start())
        self.field.escaped.connect(self.leave)
        self.states.currentTextChanged.connect(lambda _: self._tell())
        self.close_button.clicked.connect(self.leave)
        for control in (self.states, self.close_button):
            control.installEventFilter(self)
        self.hide()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Esc shows all again from every control of the bar."""
        override = event.type() in (QEvent.Type.ShortcutOverride, QEvent.Type.KeyPress)
        if override and isinstance(event, QKeyEvent) and event.key() == Qt.Key.Key_Escape:
            event.accept()
            if event.type() == QEvent.Type.KeyPress:
                self.leave()
            return True
        return super().eventFilter(watched, event)

    def begin(self) -> None:
        """Appear, and take the keyboard."""
        self.show()
        self.field.setFocus(Qt.FocusReason.ShortcutFocusReason)
        self.field.selectAll()

    def leave(self) -> None:
        """Show everything again, and go."""
        self.field.clear()
        self.states.setCurrentIndex(0)
        self._tell()
        self.hide()
        self.closed.emit()

    def _tell(self) -> None:
        self._typed.stop()
        self.changed.emit(tuple(self.field.text().split()), self.states.currentData())
