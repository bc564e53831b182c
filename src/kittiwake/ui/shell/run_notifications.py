"""While something is made the machine stays awake and the task bar says how far it is; at the end comes what the settings say."""

from __future__ import annotations

from typing import TYPE_CHECKING, cast

from PySide6.QtCore import QObject, QTimer, Signal

from ...words import tr
from ...work.desktop.awake import Awake
from ...work.desktop.launcher import TaskBar
from ...work.desktop.notify import Notifier
from ...work.watch import Arrived
from ..workers.worker import Worker
from .chime import Chime
from .job_title import title_of

if TYPE_CHECKING:
    from .shell import Shell

_SOON = 2000  # ms; runs that are over by then keep nobody awake


class RunNotifications(QObject):
    """Follows the maker of a window. What a bus is asked is asked in a thread: none of it may hold the window up."""

    _pressed = Signal(str)

    def __init__(self, window: Shell) -> None:
        super().__init__(cast(QObject, window))
        self._window = window
        self.awake, self.task_bar, self.notifier, self.chime = Awake(), TaskBar(), Notifier(), Chime(self)
        self._worker = Worker(self)
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(_SOON)
        self._soon.timeout.connect(self._hold)
        self._pressed.connect(self._do)
        maker = window.maker
        maker.started.connect(lambda _: self._soon.start())
        maker.progressed.connect(self._progressed)
        maker.finished.connect(self._finished)

    def _hold(self) -> None:
        maker = self._window.maker
        if maker.busy and self._window.settings["making.stay_awake"]:
            why = tr("Making {total:,} outputs", "Making {total:,} output", maker.total, total=maker.total)
            self._worker.queue(None, lambda _: self.awake.hold(why))

    def _progressed(self) -> None:
        maker = self._window.maker
        if maker.busy and not self._soon.isActive():
            share = maker.finished_items / max(1, maker.total)
            self._worker.queue(None, lambda _: self.task_bar.show(share))

    def _finished(self) -> None:
        self._soon.stop()
        self._worker.queue(None, lambda _: self.awake.let_go())
        self._worker.queue(None, lambda _: self.task_bar.clear())
        window, maker = self._window, self._window.maker
        if maker.was_cancelled:
            return  # by the person, who knows
        good = not (maker.failed or maker.trouble)
        settings = window.settings
        if settings["making.notify"] and not window.isActiveWindow():
            title = (
                tr("{done:,} made and proved", done=maker.done - maker.failed)
                if good
                else tr("{failed:,} of {done:,} failed", failed=maker.failed, done=maker.done)
            )
            actions = {"default": tr("Show the window"), "folder": tr("Show the folder")}
            self.notifier.tell(
                title, maker.trouble or title_of(window.session.project.job), actions, self._pressed.emit
            )
        if settings["making.chime"]:
            self.chime.play(good, settings["sound.loudspeaker"])
        if settings["making.show_folder"] and maker.done > maker.failed:
            window.run("make.show")
        if settings["making.close"] and good and window.session.project.history.is_clean:
            QTimer.singleShot(0, window.close)

    def tell_arrival(self, arrived: Arrived) -> None:
        """Something came into a watched folder."""
        window = self._window
        words = window.watching.take(arrived)
        if not words:
            return
        window.status.say(words)
        if window.settings["making.notify"] and not window.isActiveWindow():
            self.notifier.tell(
                tr("In a watched folder"), words, {"default": tr("Show the window")}, self._pressed.emit
            )

    def _do(self, action: str) -> None:
        """An action of the notification was pressed."""
        if action == "folder":
            self._window.run("make.show")
        else:
            self._window.showNormal() if self._window.isMinimized() else self._window.show()
            self._window.raise_()
            self._window.activateWindow()

    def stop(self) -> None:
        """The window is closed: nothing is held any more."""
        self._soon.stop()
        self.chime.stop()
        self.notifier.stop()
        self._worker.queue(None, lambda _: self.awake.let_go())
        self._worker.wait()
        self.task_bar.close()
