"""Watches folders while the window is open."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from ...core.errors import KittiwakeError
from ...core.process import Processes
from ...words import tr
from ...work.watch import Arrived, Watch, WatchedFolder, keep_wishes, wishes
from ..widgets.sentence import Sentence
from .worker import Outcome, Task, Worker


class WatchWorker(QObject):
    """``arrived`` tells what became of a file; ``message`` a sentence for the user; ``changed`` that what is watched has changed."""

    arrived = Signal(object)
    message = Signal(Sentence)
    changed = Signal()

    def __init__(self, parent: QObject, path: Path | None = None) -> None:
        super().__init__(parent)
        self._path = path
        self._work = Worker(self, tr("Watching ended"))
        self.folders: list[WatchedFolder] = []
        self.last: dict[Path, str] = {}  # what came last in each folder
        self._again = False

    @property
    def busy(self) -> bool:
        return self._work.busy

    def begin(self) -> None:
        """Watch the folders of the list, where there are any."""
        try:
            self.folders = wishes(self._path)
        except KittiwakeError as error:
            self.message.emit(str(error))
        self._start()

    def put(self, folders: Sequence[WatchedFolder]) -> None:
        """Another list: kept, and watched from now on."""
        try:
            keep_wishes(folders, self._path)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        self.folders = list(folders)
        if self._work.busy:
            self._again = True
            self._work.stop()
        else:
            self._start()
        self.changed.emit()

    def _start(self) -> None:
        folders = list(self.folders)
        if not folders:
            return

        def work(task: Task) -> None:
            watch = Watch(folders, Processes(), task.report)
            try:
                for arrived in watch.run(task.stopped):
                    task.report(arrived)
            finally:
                watch.close()

        self._work.begin(folders, work, self._ended, self._take_news)

    def _take_news(self, news: Arrived | str) -> None:
        if isinstance(news, str):
            self.message.emit(news)
        else:
            self.arrived.emit(news)

    def take(self, arrived: Arrived) -> str:
        """Remember what came; returns it in words, empty where nothing is new."""
        result = arrived.result
        name = Path(result.path).name
        if result.status == "kept":
            return ""
        words = (
            tr("{name} was made for {receiver}", name=name, receiver=arrived.receiver)
            if result.status == "made"
            else tr("{name} was not made: {error}", name=name, error=result.error or result.status)
        )
        self.last[arrived.folder.path] = words
        self.changed.emit()
        return f"{words}{'' if words.endswith('.') else '.'}"

    def _ended(self, outcome: Outcome[list[WatchedFolder], None]) -> None:
        if outcome.wrong:
            self.message.emit(outcome.wrong)
        if self._again:
            self._again = False
            self._start()
        self.changed.emit()

    def shut_down(self) -> None:
        self._again = False
        self._work.shut_down(20)
