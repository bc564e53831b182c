"""The window that is open, and what is tied to it; in another language it is built anew around the same work."""

from __future__ import annotations

from PySide6.QtCore import QObject, QTimer
from PySide6.QtWidgets import QApplication

from ...words import tr
from ...work.project import Project
from ..settings.applied import apply, is_dark
from ..settings.held import HeldSettings
from ..theme import scale
from ..theme.sheet import use_font
from .language import use_language
from .second_start import SecondStart
from .window import Window

#: Settings that every word in the window depends on.
_SPOKEN = ("look.language", "look.decimal", "look.kilobyte")


class OpenedWindow(QObject):
    """Attributes
    ----------
    window : the one that is open now.
    """

    def __init__(self, app: QApplication, settings: HeldSettings, dark: bool | None = None) -> None:
        super().__init__()
        self._app, self._settings, self._dark = app, settings, dark
        self._second: SecondStart | None = None
        self._speak()
        scale.set_percent(settings["look.text_size"])
        use_font(app)
        self.window = self._built(None)
        settings.changed.connect(self._changed)

    def _speak(self) -> None:
        settings = self._settings
        use_language(settings["look.language"], settings["look.decimal"], settings["look.kilobyte"])

    def _built(self, project: Project | None) -> Window:
        window = Window(self._settings, project)
        window.use_colours(is_dark(self._settings["look.theme"]) if self._dark is None else self._dark)
        return window

    def desktop_changed(self) -> None:
        """The desktop has become light or dark."""
        if self._dark is None:
            apply(self.window, "look.theme")

    def listen(self) -> None:
        """Take what second starts bring."""
        self._second = SecondStart(self.window)
        self.window.used.connect(self._second.touch)

    def _changed(self, key: str) -> None:
        if key not in _SPOKEN:
            return
        recording = self.window.bench.built("record")
        if self.window.maker.busy or (recording and recording.recorder.busy):
            self.window.status.say(tr("It is said so from the next start on: something is being made or recorded."))
            return
        # Not from within the control that was pressed: it goes with the old window.
        QTimer.singleShot(0, self.rebuild)

    def rebuild(self) -> None:
        """The same work in a new window, which speaks as the settings say now."""
        old = self.window
        clip, receiver = old.board.current_clip(), old.board.current_receiver()
        geometry, state = old.saveGeometry(), old.windowState()
        settings_shown = old.closes_settings()
        self._speak()
        if self._second:
            self._second.close()
        watching = old.watching.busy or bool(old.watching.folders)
        old.session.untie()
        old.part_from_settings()
        self.window = new = self._built(old.session.project)
        new.take_over()
        new.restoreGeometry(geometry)
        new.setWindowState(state)
        new.show()
        if clip is not None:
            new.board.select(clip.id, receiver.slug if receiver else None)
        old.shut_down()
        old.hide()
        old.deleteLater()
        if self._second:
            self.listen()
        new.player.find_out()
        if watching:
            new.watching.begin()
        if settings_shown:
            new.run("settings.open")

    def close(self) -> None:
        if self._second:
            self._second.close()
        self.window.shut_down()
