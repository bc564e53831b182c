"""What readers of screens are told of the pieces that are drawn here: that they are pictures. Everything else is Qt's own, and tells by itself."""

from __future__ import annotations

from PySide6.QtCore import QObject
from PySide6.QtGui import QAccessible, QAccessibleAnnouncementEvent, QAccessibleInterface
from PySide6.QtWidgets import QAccessibleWidget, QWidget

_installed = False


def picture(widget: QWidget) -> None:
    """This widget is a picture; its accessible name says in words what it shows."""
    widget.setProperty("picture", True)


def _interface(name: str, of: QObject) -> QAccessibleInterface | None:
    if isinstance(of, QWidget) and of.property("picture"):
        made = QAccessibleWidget(of, QAccessible.Role.Graphic)
        of._told_of = made  # type: ignore[attr-defined]  # lives as long as the widget
        return made
    return None


def tell_readers() -> None:
    """Once, at the start."""
    global _installed
    if not _installed:
        _installed = True
        QAccessible.installFactory(_interface)


def announce(widget: QWidget, text: str) -> None:
    """Have a sentence read out, where somebody listens."""
    if text and QAccessible.isActive():
        QAccessible.updateAccessibility(QAccessibleAnnouncementEvent(widget, text))
