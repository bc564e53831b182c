"""Puts files under a prefix and takes them away again, without touching what is not its own."""

from __future__ import annotations

import contextlib
import hashlib
import json
import shutil
import subprocess
from collections.abc import Mapping
from pathlib import Path

from ...core.disk.place import write_whole
from ...core.errors import KittiwakeError, MakeError, reason_of
from ...words import phrase

#: What was put where, so that it can be taken away.
RECORD = "share/kittiwake/installed.json"
#: Programs that keep the desktop's indexes, with the folder each looks at; they are asked where they are there.
_INDEXES = (
    ("update-desktop-database", ("-q",), "share/applications"),
    ("update-mime-database", (), "share/mime"),
    ("gtk-update-icon-cache", ("-q", "-t", "-f"), "share/icons/hicolor"),
)
#: What those write: the folder -> what is no longer needed where no file of these patterns is left in it.
_WRITTEN = {
    "share/applications": (("**/*.desktop",), ("mimeinfo.cache",)),
    "share/mime": (
        ("packages/*.xml",),
        (
            "aliases", "generic-icons", "globs", "globs2", "icons", "magic", "mime.cache", "subclasses", "treemagic", "types", "version",
            "XMLnamespaces", "application/x-kittiwake-job.xml",
        ),
    ),
    "share/icons/hicolor": (("**/*.svg", "**/*.png"), ("icon-theme.cache",)),
}  # fmt: skip


def place(prefix: Path, files: Mapping[str, bytes]) -> list[str]:
    """Put files there; returns the places of those that were left alone, since something else lies there.

    Raises
    ------
    KittiwakeError : one cannot be written; what was put before stays, and ``remove`` takes it away.
    """
    known = _record(prefix)
    left = []
    for name, content in files.items():
        path = prefix / name
        if path.exists() and not _is_own(path, known.get(name)):
            if path.read_bytes() != content:
                left.append(name)
            continue
        _write(path, content)
        known[name] = hashlib.sha256(content).hexdigest()
    for name in [name for name in known if name not in files]:
        _take_away(prefix, name, known.pop(name))
    _write(prefix / RECORD, json.dumps(known, indent=1).encode())
    _index(prefix)
    return left


def remove(prefix: Path) -> tuple[int, list[str]]:
    """Take away what was put there; returns how many that were, and the places of those that were changed since, which stay."""
    known, stay = _record(prefix), []
    for name, digest in known.items():
        if not _take_away(prefix, name, digest):
            stay.append(name)
    (prefix / RECORD).unlink(missing_ok=True)
    _tidy(prefix, (prefix / RECORD).parent)
    _index(prefix)
    _forget_indexes(prefix)
    return len(known) - len(stay), stay


def placed(prefix: Path) -> dict[str, str]:
    """What was put there: place -> digest (SHA-256)."""
    return _record(prefix)


def _record(prefix: Path) -> dict[str, str]:
    with contextlib.suppress(OSError, ValueError):
        found = json.loads((prefix / RECORD).read_text("utf-8"))
        if isinstance(found, dict):
            # Nothing outside the prefix is ever taken away, whatever somebody wrote there.
            return {
                str(n): str(d) for n, d in found.items() if not Path(n).is_absolute() and ".." not in Path(n).parts
            }
    return {}


def _is_own(path: Path, digest: str | None) -> bool:
    with contextlib.suppress(OSError):
        return digest is not None and hashlib.sha256(path.read_bytes()).hexdigest() == digest
    return False


def _write(path: Path, content: bytes) -> None:
    try:
        write_whole(path, content)
        path.chmod(0o644)
    except (OSError, MakeError) as error:
        cause = error if isinstance(error, OSError) else error.__cause__
        why = reason_of(cause) if isinstance(cause, OSError) else str(error)
        raise KittiwakeError(
            phrase("{path} could not be written: {reason_of}.", path=path, reason_of=why),
            phrase(
                "For all users it takes root: sudo kittiwake install --for-all. Without --for-all it is for you alone."
            ),
            "no_folder",
        ) from error


def _take_away(prefix: Path, name: str, digest: str) -> bool:
    """Whether it is gone; what was changed since is somebody's."""
    path = prefix / name
    if path.exists() and not _is_own(path, digest):
        return False
    path.unlink(missing_ok=True)
    _tidy(prefix, path.parent)
    return True


def _tidy(prefix: Path, folder: Path) -> None:
    """Remove folders that are empty now."""
    while folder != prefix and prefix in folder.parents:
        try:
            folder.rmdir()
        except OSError:
            return
        folder = folder.parent


def _forget_indexes(prefix: Path) -> None:
    """An index of nothing is a trace: it goes where nothing is left that it could tell of."""
    for folder, (index_name, written) in _WRITTEN.items():
        where = prefix / folder
        if where.is_dir() and not any(True for pattern in index_name for _ in where.glob(pattern)):
            for name in written:
                (where / name).unlink(missing_ok=True)
                _tidy(prefix, (where / name).parent)


def _index(prefix: Path) -> None:
    for program, options, folder in _INDEXES:
        if shutil.which(program) and (prefix / folder).is_dir():
            with contextlib.suppress(OSError, subprocess.TimeoutExpired):
                subprocess.run(
                    [program, *options, str(prefix / folder)], timeout=60, capture_output=True, check=False
                )
