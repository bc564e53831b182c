"""Journals: files of JSON Lines that are only ever appended to, each append all or nothing, and forced to the disk.

What is promised of one holds for all: a line that was torn is passed over and never swallows the next one; a file that is no ordinary one (a
link, a pipe, a device) is refused, not followed and not waited for; two processes never write between each other's lines; and whoever does
something that others must not do at the same time holds the journal meanwhile.
"""

from __future__ import annotations

import contextlib
import errno
import fcntl
import json
import os
import stat
import time
from collections.abc import Iterable, Iterator, Mapping
from contextlib import contextmanager
from pathlib import Path
from typing import Any

from ...words import phrase
from ..errors import MakeError
from .private import private_folder
from .text import to_json

LONGEST_LINE = 1 << 20  # bytes; no line of ours is longer
_PATIENCE = 2.0  # s, for the processes of a run that was killed to be gone


class Journal:
    """A journal by its path.

    Parameters
    ----------
    private : whether nobody else may read it; its folder is made for its owner alone where it is not there.
    """

    def __init__(self, path: Path, *, private: bool = False) -> None:
        self.path, self._private = path, private

    def open(self, flags: int) -> int:
        """As an open file (its number).

        Raises
        ------
        OSError : among others for what is not an ordinary file.
        """
        handle = os.open(
            self.path, flags | os.O_NOFOLLOW | os.O_NONBLOCK | os.O_CLOEXEC, 0o600 if self._private else 0o666
        )
        if not stat.S_ISREG(os.fstat(handle).st_mode):
            os.close(handle)
            raise OSError(errno.EINVAL, f"{self.path.name} is not an ordinary file")
        return handle

    def stamp(self) -> tuple[int, int, int]:
        """What changes whenever something was written: number of the file, size in bytes and time; zeros where it is not there."""
        try:
            found = self.path.lstat()
        except OSError:
            return 0, 0, 0
        return found.st_ino, found.st_size, found.st_mtime_ns

    def lines(self) -> Iterator[dict[str, Any]]:
        """Every entry, the oldest first; none where it is not there. What cannot be read as an entry is passed over.

        Raises
        ------
        OSError : it is there and cannot be read.
        """
        try:
            handle = self.open(os.O_RDONLY)
        except FileNotFoundError:
            return
        with os.fdopen(handle, "rb") as file:
            while line := file.readline(LONGEST_LINE):
                if len(line) >= LONGEST_LINE and not line.endswith(b"\n"):
                    while (rest := file.readline(LONGEST_LINE)) and not rest.endswith(b"\n"):
                        pass
                    continue
                try:
                    entry = json.loads(line.decode("utf-8", "replace"), parse_constant=_refused)
                except (ValueError, RecursionError):
                    continue
                if isinstance(entry, dict):
                    yield entry

    def append(self, entries: Iterable[Mapping[str, Any]]) -> None:
        """Add entries, all of them or none, and force them to the disk.

        Raises
        ------
        OSError
        """
        lines = "".join(to_json(entry) + "\n" for entry in entries)
        if lines:
            self.append_lines(lines.encode("utf-8"))

    def append_lines(self, lines: bytes) -> None:
        """As ``append``, of lines that are written already; each ends in a line feed.

        Raises
        ------
        OSError
        """
        if self._private:
            private_folder(self.path.parent)
        handle = self.open(os.O_RDWR | os.O_APPEND | os.O_CREAT)
        try:
            with contextlib.suppress(OSError):  # a disk without locks
                fcntl.lockf(handle, fcntl.LOCK_EX)  # other processes of the run append as well
            size = os.fstat(handle).st_size
            torn = size > 0 and os.pread(handle, 1, size - 1) != b"\n"
            _append(handle, (b"\n" if torn else b"") + lines, size)
            os.fsync(handle)
        finally:
            os.close(handle)

    @contextmanager
    def locked(self, doing: str) -> Iterator[int]:
        """Hold the journal, which is made where it is not there. The lock goes with all the processes that hold the file this yields, however they
        end.

        Parameters
        ----------
        doing : what others are told that is done here, as the beginning of a sentence: “Another run is making into /out”.

        Raises
        ------
        MakeError : another process holds it.
        OSError
        """
        if self._private:
            private_folder(self.path.parent)
        else:
            self.path.parent.mkdir(parents=True, exist_ok=True)
        handle = self.open(os.O_RDWR | os.O_CREAT)
        try:
            until = time.monotonic() + _PATIENCE
            while True:
                try:
                    fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
                    if os.path.samestat(os.fstat(handle), os.lstat(self.path)):
                        break
                    # Somebody has put another in its place meanwhile.
                    os.close(handle)
                    handle = self.open(os.O_RDWR | os.O_CREAT)
                    continue
                except BlockingIOError:
                    if time.monotonic() > until:
                        raise MakeError(
                            phrase("{doing}.", doing=doing),
                            phrase("Wait until it is done, or choose another folder."),
                            "locked",
                        ) from None
                    time.sleep(0.02)
                except OSError:
                    break  # a disk without locks: nothing is lost, since names are only ever taken when free
            yield handle
        finally:
            os.close(handle)


def _refused(constant: str) -> None:
    """JSON has no numbers of this kind (RFC 8259, section 6)."""
    raise ValueError(constant)


def _append(handle: int, data: bytes, size: int) -> None:
    """All of it behind ``size`` bytes, or nothing.

    Raises
    ------
    OSError : the disk takes no more.
    """
    view = memoryview(data)
    try:
        while view:
            done = os.write(handle, view)
            if not done:
                raise OSError(errno.ENOSPC, os.strerror(errno.ENOSPC))
            view = view[done:]
    except OSError:
        os.ftruncate(handle, size)
        raise
