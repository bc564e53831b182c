"""Keys that a control needs for itself: in a list or a choice, letters and Space are its own and no actions of the window."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QAbstractItemView, QAbstractSpinBox, QComboBox, QWidget

_NAVIGATION = (
    Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_Left, Qt.Key.Key_Right, Qt.Key.Key_Home, Qt.Key.Key_End, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown,
)  # fmt: skip


def is_own(widget: QWidget | None, event: QKeyEvent) -> bool:
    """Whether a key belongs to the control that has the keyboard. Lists on which one works with keys say so: property ``action_keys``."""
    plain = event.modifiers() in (
        Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.KeypadModifier
    )  # fmt: skip
    chooses = isinstance(widget, QComboBox | QAbstractSpinBox) or (
        isinstance(widget, QAbstractItemView) and not widget.property("action_keys")
    )
    typed = bool(event.text()) and event.text().isprintable()
    return plain and chooses and (typed or event.key() in _NAVIGATION)
