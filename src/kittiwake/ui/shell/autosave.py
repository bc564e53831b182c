"""Keeps a copy of work that is not saved, so that a crash or a power cut costs seconds of it."""

from __future__ import annotations

import contextlib
import json
import os
import secrets
import time
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from platformdirs import user_state_path
from PySide6.QtCore import QObject, QTimer

from ...core.disk.place import alive, write_text_whole
from ...core.disk.private import private_folder
from ...core.errors import KittiwakeError
from ...core.model import Job, MadeRecord
from ...core.model.job import EXTENSION, save_job
from ...plain_data import dataclass
from ..workers.throttle import Throttle
from ..workers.worker import Worker

if TYPE_CHECKING:
    from .session import Session

_WAIT = 2.0  # s after a change; changes that come meanwhile are kept with it
_SHARE = 4  # times as long as the last copy took is waited at least: a large board that is still growing is not copied all the time


@dataclass(frozen=True, slots=True)
class Autosaved:
    """Work that was open, and not saved, when a window ended without being closed.

    Attributes
    ----------
    copy : the job as it was.
    path : of the job file it belongs to; None where it had none yet.
    """

    copy: Path
    path: Path | None
    name: str
    time: datetime

    def drop(self) -> None:
        """Forget it."""
        for file in (self.copy, self.copy.with_suffix(".json")):
            file.unlink(missing_ok=True)


def rescue_folder() -> Path:
    return user_state_path("kittiwake") / "rescue"


def autosaved(folder: Path | None = None) -> list[Autosaved]:
    """What can be taken up again, newest first; that of windows which are still open is left alone."""
    found = []
    with contextlib.suppress(OSError):
        for file in (folder or rescue_folder()).glob("*.json"):
            with contextlib.suppress(OSError, ValueError, KeyError, TypeError):
                values = json.loads(file.read_text("utf-8"))
                copy = file.with_suffix(EXTENSION)
                if copy.is_file() and not alive(int(values["process"])):
                    path = Path(values["path"]) if values["path"] else None
                    found.append(
                        Autosaved(copy, path, str(values["name"]), datetime.fromtimestamp(copy.stat().st_mtime))
                    )
    return sorted(found, key=lambda one: one.time, reverse=True)


class Autosave(QObject):
    """Follows a session, and writes in a thread of its own."""

    def __init__(self, session: Session, folder: Path | None = None) -> None:
        super().__init__(session)
        self._session = session
        self._copy = (folder or rescue_folder()) / f"{os.getpid()}-{secrets.token_hex(4)}{EXTENSION}"
        self.worker = Worker(self)
        self._took = 0.0
        self._stays = self._ended = False
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.timeout.connect(self.keep)
        session.job_changed.connect(self._changed)

    def _changed(self) -> None:
        if not self._timer.isActive() and not self._ended:
            self._timer.start(round(1000 * max(_WAIT, _SHARE * self._took)))

    @property
    def is_waiting(self) -> bool:
        """Whether a change waits for being written."""
        return self._timer.isActive()

    def keep(self) -> None:
        """Write the copy now, or remove it where everything is saved."""
        session = self._session
        if self._ended:
            return  # something changed while the window was being closed
        if session.project.history.is_clean:
            self.worker.queue(None, lambda _: self._drop())
        else:
            self._write_later()

    def _write_later(self) -> None:
        project = self._session.project
        job, made, path = project.job, tuple(project.outputs.records.values()), project.path
        self.worker.queue(None, lambda _: self._write(job, made, path))

    def _write(self, job: Job, made: tuple[MadeRecord, ...], path: Path | None) -> None:
        began = time.monotonic()
        with contextlib.suppress(OSError, KittiwakeError):  # a full disk must not stop the work itself
            private_folder(self._copy.parent)
            save_job(job.changed(made=made), self._copy, Throttle())
            values = {"process": os.getpid(), "path": str(path) if path else "", "name": job.name}
            write_text_whole(self._copy.with_suffix(".json"), json.dumps(values))
        self._took = time.monotonic() - began

    def _drop(self) -> None:
        for file in (self._copy, self._copy.with_suffix(".json")):
            with contextlib.suppress(OSError):
                file.unlink(missing_ok=True)

    def keep_for_good(self) -> None:
        """Write the copy now; it stays when the window is gone."""
        self._timer.stop()
        self._write_later()
        self._stays = True

    def stop(self) -> None:
        """The window is closed: what was not saved was left on purpose, unless it is to stay."""
        self._timer.stop()
        self._ended = True
        if not self._stays:
            self.worker.queue(None, lambda _: self._drop())
        self.worker.wait()
