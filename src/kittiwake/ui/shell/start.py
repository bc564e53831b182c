"""Start the window."""

from __future__ import annotations

import gc
import os
import signal
import sys
import time
from pathlib import Path

from PySide6.QtCore import QMessageLogContext, QTimer, QtMsgType, qInstallMessageHandler
from PySide6.QtGui import QGuiApplication, QIcon
from PySide6.QtWidgets import QApplication

from ...core import extensions
from ...core.model.own_receivers import last_used
from ...demo import own_copy
from ...words import tr
from ..commands.job import offer_autosaved
from ..settings.held import HeldSettings
from ..theme.sheet import use_font
from .access import tell_readers
from .opened import OpenedWindow
from .window import Window

_ICON = Path(__file__).parents[2] / "cli" / "home" / "icons" / "kittiwake.svg"

#: Receivers of the very first job: one, which is exchanged with a key.
FIRST = ("phone-menu",)


def make_app() -> QApplication:
    """The application object, in Fusion, with our type."""
    # Qt's sound libraries tell everything they did not find; what matters stands in the ear.
    os.environ.setdefault("QT_LOGGING_RULES", "qt.multimedia.*=false")
    app = QApplication.instance()
    if isinstance(app, QApplication):
        return app
    app = QApplication(sys.argv[:1])
    app.setApplicationName("Kittiwake")
    app.setDesktopFileName("kittiwake")
    app.setStyle("Fusion")
    # Drawing enters and leaves Python hundreds of times a picture; each time it may wait this long for a thread that computes.
    sys.setswitchinterval(0.0002)
    # Going through everything that exists takes half a second on a large board. Young objects are gone through all the same; the rest
    # when nobody looks (``Window.changeEvent``).
    gc.set_threshold(1_000, 4, 1_000_000)
    qInstallMessageHandler(_say)
    use_font(app)
    tell_readers()
    return app


def _say(kind: QtMsgType, context: QMessageLogContext, text: str) -> None:
    """What Qt has to say goes to stderr, but for services that are not there, of which the ear tells where it matters, and what virtual displays lack."""
    if not text.startswith(("PulseAudio", "Failed to register with host portal", "This plugin does not support")):
        print(text, file=sys.stderr)


def start(
    paths: list[Path], *, demo: bool = False, new: bool = False, picture: Path | None = None, dark: bool | None = None
) -> int:
    """Open the window and stay until it is closed; returns the exit code.

    Parameters
    ----------
    paths : a job, or sound files and folders to begin with.
    new : begin with an empty board, whatever was open last.
    picture : save a picture of the window as soon as everything has been looked at, and leave.
    dark : overrides the desktop.
    """
    if picture:
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    app = make_app()
    extensions.load("core")
    extensions.load("ui")
    settings = HeldSettings()
    opened = OpenedWindow(app, settings, dark)
    window = opened.window
    window.session.project.begin(last_used() or FIRST, settings["outputs.placement"])
    QGuiApplication.styleHints().colorSchemeChanged.connect(lambda _: opened.desktop_changed())
    window.show()
    if demo:
        window.open_job(own_copy())
    elif paths:
        window.add_paths(paths)
    elif not new and settings["start.session"]:
        window.job_files.go_on()
    window.board.setFocus()
    if picture:
        window.resize(1280, 800)
        return _take_picture(app, window, picture)
    opened.listen()
    QTimer.singleShot(0, lambda: app.setWindowIcon(QIcon(str(_ICON))))
    QTimer.singleShot(700, window.player.find_out)
    QTimer.singleShot(1500, window.watching.begin)
    if not demo:
        QTimer.singleShot(0, lambda: offer_autosaved(window.context))
    # Ctrl+C in the terminal, or the desktop at its end, closes the window without a question; the timer lets Python see the signal.
    for number in (signal.SIGINT, signal.SIGTERM, signal.SIGHUP):
        signal.signal(number, lambda *_: opened.window.leave_at_once())
    pulse = QTimer()
    pulse.start(200)
    pulse.timeout.connect(lambda: None)
    code = app.exec()
    opened.close()
    return code


def _take_picture(app: QApplication, window: Window, picture: Path) -> int:
    window.player.find_out()
    settle(app, window)
    saved = window.grab().save(str(picture))
    window.shut_down()
    if not saved:
        print(
            tr("The picture could not be saved to {picture}: check the folder and the ending.", picture=picture),
            file=sys.stderr,
        )
    return 0 if saved else 1


def settle(app: QApplication, window: Window, seconds: float = 60.0) -> None:
    """Let the window work until nothing goes on in the background any more."""
    until = time.monotonic() + seconds
    quiet = 0
    while time.monotonic() < until and quiet < 8:
        app.processEvents()
        time.sleep(0.005)
        busy = window.session.busy or window.maker.busy or window.count_timer.isActive() or window.counter.busy
        quiet = 0 if busy else quiet + 1
