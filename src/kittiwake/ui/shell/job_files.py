"""What comes into the window and leaves it: files, jobs, and the questions that are asked before anything could be lost."""

from __future__ import annotations

import time
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QUrl
from PySide6.QtWidgets import QApplication, QMessageBox, QWidget

from ...core.intake.sniff import looks_like_sound
from ...core.model.job import EXTENSION, save_job
from ...demo import is_demo
from ...words import tr
from ...work.project.opening import is_large, read
from ...work.project.recent import Place
from ...work.script.table import LISTS
from ..commands import job, script
from ..dialogs.ask import is_sure
from .waiting import Waiting

if TYPE_CHECKING:
    from .shell import Shell

_MANY = 2000  # clips; a job of more is saved while the window goes on drawing


def is_list(path: Path) -> bool:
    """Whether a file is a list of lines to be spoken and no sound, by its ending and its beginning."""
    return path.suffix.lower() in LISTS and path.is_file() and not looks_like_sound(path)


class JobFileController:
    """Puts files on the board, opens, saves and leaves jobs for a window."""

    def __init__(self, window: Shell) -> None:
        self._window = window

    @property
    def _over(self) -> QWidget:
        """What questions are asked over."""
        return self._window.board.window()

    def add_paths(self, paths: list[Path]) -> None:
        """Files at once, folders as they are searched; a job file is opened."""
        jobs = [path for path in paths if path.suffix == EXTENSION and path.is_file()]
        if jobs:
            if self.open_job(jobs[0]) and len(paths) > 1:
                others = len(paths) - 1
                self._window.status.say(
                    tr(
                        "{name} is open; {n} others that came with it were left out. Add them once more to put them on this board.",
                        "{name} is open; {n} other that came with it was left out. Add it once more to put it on this board.",
                        others,
                        name=jobs[0].name,
                        n=others,
                    )
                )
            return
        files = [path.absolute() for path in paths if not path.is_dir()]
        folders = [path for path in paths if path.is_dir()]
        lists = [path for path in files if is_list(path)]
        if lists and len(paths) == 1:
            script.read_into(self._window.context, lists[0])
            return
        files = [path for path in files if path not in lists]
        if files and not self._window.session.project.add_sources(files):
            self._window.status.say(tr("That is on the board already."))
        if folders:
            self._window.status.say(tr("Looking through {name} …", name=folders[0].name))
            self._window.session.looker.search(folders)
        if lists:
            self._window.status.say(
                tr(
                    "{name} holds text, no sound, and was left out. Add it by itself to read its lines into the script.",
                    name=lists[0].name,
                )
            )

    def take_in(self, urls: list[QUrl]) -> bool:
        """Put dropped files on the board, and say what was no file; whether there was any."""
        paths = [Path(url.toLocalFile()) for url in urls if url.isLocalFile() and url.toLocalFile()]
        if paths:
            self.add_paths(paths)
        if len(paths) < len(urls):
            other = (
                urls[0].toString()[:60]
                if not paths
                else tr("{count} of what was dropped", count=len(urls) - len(paths))
            )
            self._window.status.say(
                tr("{other} is no file of this machine. Save it here first, then drop it.", other=other)
            )
        return bool(paths)

    def open_job(self, path: Path) -> bool:
        return self.may_part() and self._window.context.attempt(lambda: self._open(path))

    def may_part(self) -> bool:
        """Ask whatever has to be asked before another job takes the place of this one."""
        return self._may_stop_making() and self.may_leave()

    def _may_stop_making(self) -> bool:
        """Ask before what is being made is broken off by another job."""
        if not self._window.maker.busy:
            return True
        question = tr(
            "Outputs of this job are being made. Stop that, and open the other job? What is made already stays."
        )
        if not is_sure(self._over, tr("Stop making?"), question):
            return False
        self._window.maker.stop()
        return True

    def go_on(self) -> None:
        """Open the job that was open last, where one was in it."""
        place = self._window.recent.place()
        if place is not None and self._window.context.attempt(lambda: self._open(place.job)) and place.clip:
            self._window.board.select(place.clip, place.receiver or None)

    def note_place(self) -> None:
        """Where one is, for the next start; a job that was never saved is no place to come back to."""
        path, clip, receiver = (
            self._window.session.project.path,
            self._window.board.current_clip(),
            self._window.board.current_receiver(),
        )
        here = Place(path, clip.id if clip else "", receiver.slug if receiver else "") if path else None
        self._window.recent.note_place(here if path and not is_demo(path) else None)

    def _open(self, path: Path) -> None:
        self._put(path)
        if not is_demo(path):
            self._window.recent.note(path)

    def _put(self, path: Path) -> None:
        if not is_large(path):
            self._window.session.project.open(path)
            return
        with Waiting(
            self._over, tr("Opening {name} …", name=path.name), tr("{name} was not opened.", name=path.name)
        ) as waiting:
            opened = waiting.result_of(lambda checkpoint: read(path, checkpoint))
            waiting.steps(self._window.session.project.take_up(opened))

    def save_job(self, path: Path) -> bool:
        """Save the job there; whether that was done."""
        return self._window.context.attempt(lambda: self._save(path))

    def _save(self, path: Path) -> None:
        if len(self._window.session.project.job.clips) <= _MANY:
            self._window.session.project.save(path)
        else:
            with Waiting(self._over, tr("Saving {name} …", name=path.name)) as waiting:
                to_write = self._window.session.project.to_save(path)
                waiting.result_of(lambda checkpoint: save_job(to_write, path, checkpoint))
                self._window.session.project.saved(path)
        self._window.recent.note(path)
        self._window.status.say(tr("Saved {name}.", name=path.name))

    def may_leave(self) -> bool:
        """Ask before work that is not saved is lost."""
        if not self._may_end_take():
            return False
        if self._window.session.project.history.is_clean or not self._window.session.project.job.clips:
            return True
        asked = QMessageBox.question(
            self._over,
            tr("Save the job?"),
            tr("This job has changes that are not saved. Save them?"),
            QMessageBox.StandardButton.Save | QMessageBox.StandardButton.Discard | QMessageBox.StandardButton.Cancel,
        )
        if asked == QMessageBox.StandardButton.Save:
            job.save_job(self._window.context)
            return self._window.session.project.history.is_clean
        return asked == QMessageBox.StandardButton.Discard

    def _may_end_take(self) -> bool:
        """Ask what is to become of a take that is being recorded."""
        page = self._window.bench.built("record")
        if page is None or page.recorder.state != "recording":
            return True
        question = tr("A take is being recorded. End it, and keep it on the board?")
        if not is_sure(self._over, tr("End the take?"), question, usual=True):
            return False
        page.recorder.stop()
        until = time.monotonic() + 10
        while page.recorder.state == "checking" and time.monotonic() < until:
            QApplication.processEvents()
            time.sleep(0.01)
        return True
