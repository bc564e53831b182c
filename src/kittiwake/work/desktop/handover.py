"""A second start gives its files to a window that is open already: a socket for each window, in a folder that only its owner may enter."""

from __future__ import annotations

import contextlib
import json
import os
import socket
import stat
import time
from collections.abc import Iterable
from pathlib import Path
from typing import Any

from ...core.disk.private import private_folder
from ...plain_data import dataclass

_LARGEST = 32 << 20  # bytes of one message
_WAIT = 3.0  # s; a window that does not answer within them is taken for hung
_READ = (
    0.5  # s for a whole message once somebody has come; it is written at once, and the window stands still meanwhile
)
_LONGEST_TOKEN = 500


@dataclass(frozen=True, slots=True)
class Handed:
    """What a second start was asked to open.

    Attributes
    ----------
    paths : absolute.
    token : lets the window come to the front (xdg-activation, or the startup id of X11); may be empty.
    """

    paths: tuple[Path, ...]
    token: str = ""


def sockets_folder() -> Path:
    """Where the sockets lie (XDG Base Directory Specification: the runtime folder, gone with the session)."""
    base = os.environ.get("XDG_RUNTIME_DIR")
    return Path(base) / "kittiwake" if base else Path("/tmp") / f"kittiwake-{os.getuid()}"


def hand_over(paths: Iterable[Path], folder: Path | None = None) -> bool:
    """Give these to the window that was used last; whether one took them."""
    message = {
        "paths": [os.fsencode(path.absolute()).decode("utf-8", "surrogateescape") for path in paths],
        "token": os.environ.get("XDG_ACTIVATION_TOKEN") or os.environ.get("DESKTOP_STARTUP_ID") or "",
    }
    data = json.dumps(message).encode("ascii") + b"\n"
    return any(_give(place, data) for place in _newest_first(folder or sockets_folder()))


def _newest_first(folder: Path) -> list[Path]:
    found: list[tuple[int, Path]] = []
    with contextlib.suppress(OSError):
        if _is_ours(folder):
            for path in folder.glob("window-*.sock"):
                with contextlib.suppress(OSError):
                    found.append((path.stat().st_mtime_ns, path))
    return [path for _, path in sorted(found, reverse=True)]


def _give(place: Path, data: bytes) -> bool:
    with contextlib.suppress(OSError), socket.socket(socket.AF_UNIX, socket.SOCK_STREAM) as line:
        line.settimeout(_WAIT)
        try:
            line.connect(str(place))
        except ConnectionRefusedError:
            place.unlink(missing_ok=True)  # of a window that was killed
            return False
        line.sendall(data)
        return line.recv(16).startswith(b"taken")
    return False


def _is_ours(folder: Path) -> bool:
    """Whether nobody else can put anything there."""
    state = folder.lstat()
    return stat.S_ISDIR(state.st_mode) and state.st_uid == os.getuid() and not state.st_mode & 0o077


class Listener:
    """The end that a window keeps open. ``fileno`` is to be watched; ``take`` is called when it can be read.

    Raises
    ------
    OSError : there is no place for it; the window does without.
    """

    def __init__(self, folder: Path | None = None) -> None:
        folder = folder or sockets_folder()
        private_folder(folder)
        if not _is_ours(folder):
            raise OSError(f"{folder} is open to others")
        self.place = folder / f"window-{os.getpid()}-{id(self):x}.sock"
        self._socket = socket.socket(socket.AF_UNIX, socket.SOCK_STREAM)
        self._socket.bind(str(self.place))
        self._socket.listen(8)
        self._socket.setblocking(False)

    def fileno(self) -> int:
        return self._socket.fileno()

    def touch(self) -> None:
        """This is the window that is used now."""
        with contextlib.suppress(OSError):
            os.utime(self.place)

    def take(self) -> Handed | None:
        """What somebody gives; None where that is nothing that makes sense."""
        with contextlib.suppress(OSError, ValueError, TypeError, KeyError, RecursionError):
            line, _ = self._socket.accept()
            with line:
                handed = _parsed(_line_of(line, time.monotonic() + _READ))
                line.settimeout(_READ)
                line.sendall(b"taken\n" if handed is not None else b"wrong\n")
                return handed
        return None

    def close(self) -> None:
        self._socket.close()
        with contextlib.suppress(OSError):
            self.place.unlink(missing_ok=True)


def _line_of(line: socket.socket, until: float) -> bytes:
    """One message, all of it before ``until`` (monotonic clock), however it drips."""
    data = bytearray()
    while not data.endswith(b"\n"):
        left = until - time.monotonic()
        if left <= 0:
            raise TimeoutError
        line.settimeout(left)
        received = line.recv(1 << 16)
        data += received
        if not received or len(data) > _LARGEST:
            raise ValueError("no whole message")
    return bytes(data)


def _parsed(data: bytes) -> Handed | None:
    values: Any = json.loads(data)
    if not isinstance(values, dict):
        return None
    paths = [Path(text) for text in values["paths"] if isinstance(text, str) and _can_be_path(text)]
    return Handed(tuple(path for path in paths if path.is_absolute()), _token(values.get("token")))


def _can_be_path(text: str) -> bool:
    try:
        return b"\0" not in os.fsencode(text)
    except UnicodeEncodeError:
        return False


def _token(text: object) -> str:
    """A token goes into the environment and to the display; without it a window only may not come to the front."""
    return (
        text
        if isinstance(text, str) and len(text) <= _LONGEST_TOKEN and text.isascii() and text.isprintable()
        else ""
    )
