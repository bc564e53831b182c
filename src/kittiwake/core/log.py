"""What went wrong in ways that nobody had thought of, with its traceback: one file on this machine, for those who mend it."""

from __future__ import annotations

import contextlib
import logging
from pathlib import Path

log = logging.getLogger("kittiwake")
log.addHandler(logging.NullHandler())
log.propagate = False

_LARGEST = 512 * 1024  # bytes; then it begins anew, and one old file is kept


def log_path() -> Path:
    """Where it is written."""
    from platformdirs import user_log_path

    return user_log_path("kittiwake") / "kittiwake.log"


class _File(logging.Handler):
    """The file, opened with the first thing that is written: most commands write nothing, and do without what it takes."""

    def __init__(self) -> None:
        super().__init__()
        self._file: logging.Handler | None = None

    def emit(self, record: logging.LogRecord) -> None:
        with contextlib.suppress(OSError):
            if self._file is None:
                from logging.handlers import RotatingFileHandler

                log_path().parent.mkdir(parents=True, exist_ok=True, mode=0o700)
                self._file = RotatingFileHandler(
                    log_path(), maxBytes=_LARGEST, backupCount=1, encoding="utf-8", errors="backslashreplace"
                )
                self._file.setFormatter(logging.Formatter("%(asctime)s %(message)s"))
            self._file.emit(record)


def keep_log() -> None:
    """Write to that file from now on. Where that cannot be done nothing is lost but the log."""
    if not any(isinstance(handler, _File) for handler in log.handlers):
        log.addHandler(_File())
