"""What became of outputs: as they were made, altered, deleted, or made from something that is another by now."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Literal

from ..errors import MakeError, reason_of
from ..intake.digest import source_digest
from ..measure.look import stamp_of
from .ledger import LEDGER, Entry, Ledger
from .work import as_made

State = Literal["as made", "altered", "deleted", "source changed", "source gone"]


@dataclass(frozen=True, slots=True)
class Account:
    """One output of the ledger, and its state."""

    folder: Path
    entry: Entry
    state: State

    @property
    def output(self) -> Path:
        return self.folder / self.entry.output

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready: a line of ``kittiwake status --json``."""
        entry = self.entry
        return {
            "output": str(self.output), "state": self.state, "source": entry.source, "clip": entry.clip,
            "receiver": entry.receiver, "bytes": entry.bytes, "seconds": entry.seconds, "made": entry.time,
        }  # fmt: skip


def account(folder: Path) -> Iterator[Account]:
    """Every output of a folder's ledger with its state. Files are read only where their time does not settle it.

    Raises
    ------
    MakeError : there is no ledger in this folder.
    """
    for entry in _ledger(folder):
        yield Account(folder, entry, _state(folder, entry))


def _ledger(folder: Path) -> Ledger:
    if not (folder / LEDGER).is_file():
        raise MakeError(f"Nothing was made into {folder}: it has no ledger.", "Name an output folder.", "no_ledger")
    return Ledger(folder, paths=True)


def _state(folder: Path, entry: Entry) -> State:
    output, source = folder / entry.output, Path(entry.source)
    now = stamp_of(output)
    if not now:
        return "deleted"
    if not as_made(output, entry):
        return "altered"
    stamp = stamp_of(source)
    if not stamp:
        return "source gone"
    if entry.stamp and stamp != entry.stamp:
        # Copied or touched, it may still be the same.
        try:
            same = bool(entry.source_digest) and source_digest(source) == entry.source_digest
        except OSError:
            same = False
        return "as made" if same else "source changed"
    return "as made"


def explain(output: Path) -> tuple[Account, tuple[str, ...]]:
    """What an output was made from, and the steps of its path.

    Raises
    ------
    MakeError : it was not made here, as far as the ledger beside it tells.
    """
    for entry in _ledger(output.parent):
        if entry.output == output.name:
            return Account(output.parent, entry, _state(output.parent, entry)), entry.path
    raise MakeError(
        f"{output.name} is not in the ledger of its folder: it was not made here.", "Name a made file.", "not_ours"
    )


def remove_orphans(folder: Path) -> list[tuple[Path, str]]:
    """Remove outputs whose source is gone, if they are as they were made; each with why it could not be, or an empty string.

    Raises
    ------
    MakeError : there is no ledger in this folder.
    """
    done = []
    for one in account(folder):
        if one.state == "source gone":
            try:
                one.output.unlink()
                done.append((one.output, ""))
            except OSError as error:
                done.append((one.output, reason_of(error)))
    return done
