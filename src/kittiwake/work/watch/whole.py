"""Whether a file has arrived whole: whoever copies it has finished."""

from __future__ import annotations

import fcntl
import os
import struct
import time
from pathlib import Path

from ...plain_data import dataclass

#: Names under which programs write what is not whole yet.
_UNFINISHED = (".part", ".partial", ".crdownload", ".download", ".filepart", ".tmp", ".temp", "~")
_QUIET = 1.0  # s without a change, where nobody has the file open for writing
_QUIET_UNKNOWN = 5.0  # where that cannot be told, as on a share of another machine
_QUIET_SHORT = 30.0  # where it is shorter than its own head says: it may have stalled, or stay so


@dataclass(slots=True)
class _Seen:
    stamp: tuple[int, int]
    since: float


class Arrivals:
    """Remembers what was seen, and tells what has come to rest. ``clock`` gives seconds."""

    def __init__(self, clock: object = None) -> None:
        self._clock = clock if callable(clock) else time.monotonic
        self._seen: dict[Path, _Seen] = {}

    def is_whole(self, path: Path) -> bool:
        """Whether it can be taken now; ask again later where not."""
        if path.name.lower().endswith(_UNFINISHED):
            return False
        try:
            stat = path.stat()
        except OSError:
            self._seen.pop(path, None)
            return False
        now, stamp = float(self._clock()), (stat.st_size, stat.st_mtime_ns)
        seen = self._seen.get(path)
        if seen is None or seen.stamp != stamp:
            self._seen[path] = _Seen(stamp, now)
            return False
        quiet = now - seen.since
        if not stat.st_size or quiet < _QUIET:
            return False
        written = is_being_written(path)
        if written or (written is None and quiet < _QUIET_UNKNOWN):
            return False
        return quiet >= _QUIET_SHORT or not is_short(path)

    def forget(self, path: Path) -> None:
        self._seen.pop(path, None)


def is_being_written(path: Path) -> bool | None:
    """Whether somebody has it open for writing; None where the system cannot say (a lease, fcntl(2), of a file of one's own on a disk of one's own)."""
    try:
        handle = os.open(path, os.O_RDONLY | os.O_NONBLOCK)
    except OSError:
        return None
    try:
        fcntl.fcntl(handle, fcntl.F_SETLEASE, fcntl.F_RDLCK)
        fcntl.fcntl(handle, fcntl.F_SETLEASE, fcntl.F_UNLCK)
        return False
    except BlockingIOError:
        return True
    except OSError:
        return None
    finally:
        os.close(handle)


def is_short(path: Path) -> bool:
    """Whether a RIFF or AIFF file is shorter than its own head says; heads that leave the length open are not."""
    try:
        with path.open("rb") as file:
            head = file.read(8)
            size = os.fstat(file.fileno()).st_size
    except OSError:
        return False
    if len(head) < 8 or head[:4] not in (b"RIFF", b"FORM"):
        return False
    (length,) = struct.unpack("<I" if head[:4] == b"RIFF" else ">I", head[4:])
    return bool(0 < length < 0xFFFFFF00 and length + 8 > size)
