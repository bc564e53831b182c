"""Opens quick convert, and stays until it is closed."""

from __future__ import annotations

import signal
from pathlib import Path

from PySide6.QtCore import QTimer, QUrl
from PySide6.QtGui import QDesktopServices
from PySide6.QtWidgets import QApplication

from ...core import extensions
from ..settings.applied import is_dark
from ..settings.held import HeldSettings
from ..shell.language import use_language
from ..shell.second_start import open_window
from ..shell.start import make_app
from ..theme import scale
from ..theme.colours import use
from ..theme.sheet import style_sheet, use_font
from .window import QuickWindow


def start(paths: list[Path], receiver: str) -> int:
    """Parameters
    ----------
    receiver : slug; empty where it is to be asked for.
    """
    app = make_app()
    extensions.load("core")
    settings = HeldSettings()
    use_language(settings["look.language"], settings["look.decimal"], settings["look.kilobyte"])
    scale.set_percent(settings["look.text_size"])
    use_font(app)
    window = QuickWindow(paths, receiver, settings)
    app.setStyleSheet(style_sheet(use(is_dark(settings["look.theme"]))))
    window.show_wanted.connect(lambda folder: QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder))))
    window.window_wanted.connect(open_window)
    window.show()
    for number in (signal.SIGINT, signal.SIGTERM, signal.SIGHUP):
        signal.signal(number, lambda *_: QApplication.quit())
    pulse = QTimer()
    pulse.start(200)
    pulse.timeout.connect(lambda: None)
    code = app.exec()
    window.shut_down()
    return code
