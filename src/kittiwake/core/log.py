"""What went wrong in ways that nobody had thought of, with its traceback: one file on this machine, for those who mend it.

Most commands write nothing into it, and do without the library for it and without the file.
"""

from __future__ import annotations

import contextlib
from functools import cached_property
from pathlib import Path
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    import logging

_LARGEST = 512 * 1024  # bytes; then it begins anew, and one old file is kept


def log_path() -> Path:
    """Where it is written."""
    from platformdirs import user_log_path

    return user_log_path("kittiwake") / "kittiwake.log"


class _Log:
    """Nothing is written anywhere before ``keep_log``."""

    def __init__(self) -> None:
        self.kept = False

    @cached_property
    def _logger(self) -> logging.Logger:
        import logging
        from logging.handlers import RotatingFileHandler

        log_path().parent.mkdir(parents=True, exist_ok=True, mode=0o700)
        file = RotatingFileHandler(
            log_path(), maxBytes=_LARGEST, backupCount=1, encoding="utf-8", errors="backslashreplace"
        )
        file.setFormatter(logging.Formatter("%(asctime)s %(message)s"))
        logger = logging.Logger("kittiwake")
        logger.addHandler(file)
        return logger

    def error(self, text: str, *values: object, exc_info: BaseException | bool | None = None) -> None:
        """Write a line, ``text`` filled in with ``%``; with the traceback of an exception, or of the one in hand."""
        if self.kept:
            with contextlib.suppress(OSError):  # where it cannot be written nothing is lost but the log
                self._logger.error(text, *values, exc_info=exc_info)

    def exception(self, text: str, *values: object) -> None:
        """The same with the traceback of the exception in hand."""
        self.error(text, *values, exc_info=True)


log = _Log()


def keep_log() -> None:
    """Write to that file from now on."""
    log.kept = True
