"""What went wrong in ways that nobody had thought of, with its traceback: one file on this machine, for those who mend it.

Most commands write nothing into it, and do without the library for it and without the file.
"""

from __future__ import annotations

import contextlib
import os
from functools import cached_property
from pathlib import Path
from typing import TYPE_CHECKING

from .disk.private import FILE_MODE, private_folder

if TYPE_CHECKING:
    import logging
    from io import TextIOWrapper

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

        private_folder(log_path().parent)

        class PrivateFile(RotatingFileHandler):
            def _open(self) -> TextIOWrapper:
                handle = os.open(self.baseFilename, os.O_WRONLY | os.O_CREAT | os.O_APPEND | os.O_CLOEXEC, FILE_MODE)
                return open(handle, "a", encoding=self.encoding, errors=self.errors)  # noqa: PTH123 - a descriptor

        file = PrivateFile(log_path(), maxBytes=_LARGEST, backupCount=1, encoding="utf-8", errors="backslashreplace")
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
