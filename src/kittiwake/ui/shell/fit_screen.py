"""A window within what the desktop leaves, its frame included."""

from __future__ import annotations

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QWidget

#: After which a quick, a usual and a busy desktop has put its frame around a window; how thick that is nobody knows before.
_FRAME_MS = (150, 600, 2000)


def fit_when_framed(window: QWidget) -> None:
    """Fit a window that is shown for the first time, once it has its frame."""
    if QApplication.platformName() == "offscreen":  # which has no desktop
        return
    for wait in _FRAME_MS:
        QTimer.singleShot(wait, window, lambda: fit_screen(window))


def fit_screen(window: QWidget) -> None:
    """Make a window as small, and put it as far left and up, as it takes for all of it to be seen."""
    if window.isMaximized() or window.isFullScreen():
        return
    room, frame, inside = window.screen().availableGeometry(), window.frameGeometry(), window.geometry()
    across, down = frame.width() - inside.width(), frame.height() - inside.height()
    wide, high = min(inside.width(), room.width() - across), min(inside.height(), room.height() - down)
    if (wide, high) != (inside.width(), inside.height()):
        window.resize(wide, high)
    left = max(room.left(), min(frame.left(), room.right() + 1 - wide - across))
    top = max(room.top(), min(frame.top(), room.bottom() + 1 - high - down))
    if (left, top) != (frame.left(), frame.top()):
        window.move(left, top)
