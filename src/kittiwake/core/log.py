"""What went wrong in ways that nobody had thought of, with its traceback: one file on this machine, for those who mend it."""

from __future__ import annotations

import contextlib
import logging
import logging.handlers
from pathlib import Path

from platformdirs import user_log_path

log = logging.getLogger("kittiwake")
log.addHandler(logging.NullHandler())
log.propagate = False

_LARGEST = 512 * 1024  # bytes; then it begins anew, and one old file is kept


def log_path() -> Path:
    """Where it is written."""
    return user_log_path("kittiwake") / "kittiwake.log"


def keep_log() -> None:
    """Write to that file from now on. Where that cannot be done nothing is lost but the log."""
    if any(isinstance(handler, logging.handlers.RotatingFileHandler) for handler in log.handlers):
        return
    with contextlib.suppress(OSError):
        log_path().parent.mkdir(parents=True, exist_ok=True, mode=0o700)
        file = logging.handlers.RotatingFileHandler(
            log_path(), maxBytes=_LARGEST, backupCount=1, encoding="utf-8", errors="backslashreplace", delay=True
        )
        file.setFormatter(logging.Formatter("%(asctime)s %(message)s"))
        log.addHandler(file)
