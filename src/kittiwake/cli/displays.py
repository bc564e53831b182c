"""Whether there is a display."""

from __future__ import annotations

import os
from pathlib import Path


def display() -> bool:
    """Whether a window can be opened: Qt itself would end the program where it cannot."""
    if os.environ.get("QT_QPA_PLATFORM") or os.environ.get("WAYLAND_DISPLAY"):
        return True
    name = os.environ.get("DISPLAY", "")
    if name.startswith(":"):
        return Path(f"/tmp/.X11-unix/X{name[1:].split('.')[0]}").exists()
    return bool(name)
