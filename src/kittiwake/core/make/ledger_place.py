"""Where the ledger of a folder is: in it, or kept aside, where outputs lie among somebody's own files."""

from __future__ import annotations

import contextlib
import hashlib
import os
from pathlib import Path

from ...words import phrase
from ..disk.journal import Journal
from ..disk.place import write_whole
from ..disk.private import private_folder

LEDGER = ".kittiwake-made.jsonl"


def ledger_path(folder: Path) -> Path:
    """Where the ledger of a folder is: in it; or, where outputs lie among somebody's own files, in the state of the user (``keep_aside``)."""
    own = folder / LEDGER
    if os.path.lexists(own):
        return own
    aside = _aside(folder)
    return aside if aside is not None and aside.is_file() else own


def _aside(folder: Path) -> Path | None:
    """The place of a ledger that is kept aside; None where none ever was."""
    place = _state_folder() / "ledgers"
    return place / _name_aside(folder) if os.path.isdir(place) else None  # noqa: PTH112 - asked for every folder


def _state_folder() -> Path:
    """As ``platformdirs`` has it, whose import takes longer than a short command has."""
    base = os.environ.get("XDG_STATE_HOME", "")
    return (Path(base) if base.startswith("/") else Path.home() / ".local" / "state") / "kittiwake"


def _name_aside(folder: Path) -> str:
    return hashlib.sha256(os.fsencode(os.path.realpath(folder))).hexdigest()[:32] + ".jsonl"


def keep_aside(folder: Path) -> None:
    """Let the ledger of a folder in which sources lie be kept aside from now on, if it has none yet: nothing is put among somebody's files but what they
    asked for. Where that cannot be done it is kept in the folder.
    """
    if os.path.lexists(folder / LEDGER):
        return
    with contextlib.suppress(OSError):
        place = private_folder(_state_folder() / "ledgers") / _name_aside(folder)
        os.close(Journal(place, private=True).open(os.O_WRONLY | os.O_CREAT))


def bring_back(folder: Path) -> None:
    """Put a ledger that is kept aside into its folder, where other machines write it too.

    Raises
    ------
    MakeError : a run makes into the folder just now, or it cannot be written; then it stays where it is.
    OSError
    """
    aside = ledger_path(folder)
    if aside.parent != folder:
        with Journal(aside, private=True).locked(phrase("Another run is making into {folder}", folder=folder)):
            write_whole(folder / LEDGER, aside.read_bytes())
            aside.unlink()
