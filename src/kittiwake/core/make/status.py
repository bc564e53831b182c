"""What became of outputs: as they were made, altered, deleted, or made from something that is another by now."""

from __future__ import annotations

import os
from collections.abc import Iterator
from pathlib import Path
from typing import Any, Literal

from ...plain_data import dataclass
from ...words import phrase
from ..disk.place import part_file, put_in_place
from ..errors import MakeError, reason_of
from ..intake.digest import source_digest
from ..measure.analyze import same_stamp, source_stamp, stamp_of
from .ledger import Entry, Ledger, line_of, only_run, open_ledger
from .ledger_place import LEDGER, ledger_path
from .output import as_made, is_older, unaltered

State = Literal["as made", "older", "altered", "deleted", "source changed", "source gone"]


@dataclass(frozen=True, slots=True)
class OutputStatus:
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


def ledger_folders(folder: Path) -> list[Path]:
    """The folder and those below it that outputs were made into (mirrored ones, or one for each receiver), in order; links are not followed.

    Returns
    -------
    Only ``folder`` where nothing was made anywhere, so that whoever asks it next says so.
    """
    walked = ((Path(at), files) for at, _, files in os.walk(folder))
    found = [at for at, files in walked if LEDGER in files or ledger_path(at).parent != at]
    return sorted(found) or [folder]


def output_statuses(folder: Path, *, verify: bool = False) -> Iterator[OutputStatus]:
    """Every output of a folder's ledger with its state. Files are read only where their time does not settle it, or to ``verify`` them.

    Raises
    ------
    MakeError : there is no ledger in this folder.
    """
    for entry in _ledger(folder):
        yield OutputStatus(folder, entry, _state(folder, entry, verify))


def _ledger(folder: Path) -> Ledger:
    try:
        os.close(open_ledger(folder, os.O_RDONLY))
    except FileNotFoundError:
        pass
    except OSError as error:
        sentence = phrase(
            "The ledger of {folder} cannot be read: {reason_of}.", folder=folder, reason_of=reason_of(error)
        )
        raise MakeError(
            sentence, phrase("Look at what is there by that name: .kittiwake-made.jsonl."), "no_ledger"
        ) from error
    if not ledger_path(folder).is_file():
        raise MakeError(
            phrase("Nothing was made into {folder}: it has no ledger.", folder=folder),
            phrase("Name an output folder."),
            "no_ledger",
        )
    return Ledger(folder, paths=True)


def _state(folder: Path, entry: Entry, verify: bool = False) -> State:
    output, source = folder / entry.output, Path(entry.source)
    now = stamp_of(output)
    if not now and not os.path.lexists(output):
        return "deleted"
    if not (unaltered(output, entry) if verify else as_made(output, entry)):
        return "older" if is_older(output, entry) else "altered"
    stamp = source_stamp(source)
    if not stamp:
        return "source gone"
    if verify or (entry.stamp and not same_stamp(stamp, entry.stamp)):
        # Copied or touched, it may still be the same.
        try:
            same = bool(entry.source_digest) and source_digest(source) == entry.source_digest
        except OSError:
            same = False
        return "as made" if same or (not entry.source_digest and stamp == entry.stamp) else "source changed"
    return "as made"


def explain(output: Path) -> tuple[OutputStatus, tuple[str, ...]]:
    """What an output was made from, and the steps of its path.

    Raises
    ------
    MakeError : it was not made here, as far as the ledger beside it tells.
    """
    for entry in _ledger(output.parent):
        if entry.output == output.name:
            return OutputStatus(output.parent, entry, _state(output.parent, entry)), entry.path
    raise MakeError(
        phrase("{name} is not in the ledger of its folder: it was not made here.", name=output.name),
        phrase("Name a made file."),
        "not_ours",
    )


def remove_orphans(folder: Path) -> list[tuple[Path, str]]:
    """Remove outputs whose source is gone, if they are as they were made; each with why it could not be, or an empty string.

    Raises
    ------
    MakeError : there is no ledger in this folder.
    """
    done = []
    for one in output_statuses(folder):
        # By its bytes, whatever its time says: only what is without doubt of ours goes.
        if one.state == "source gone" and unaltered(one.output, one.entry):
            try:
                one.output.unlink()
                done.append((one.output, ""))
            except OSError as error:
                done.append((one.output, reason_of(error)))
    return done


def forget_deleted(folder: Path) -> int:
    """Take the lines of outputs that are not there any more out of the ledger; returns how many.

    Raises
    ------
    MakeError : there is no ledger in this folder, another run holds it, or it cannot be written.
    """
    ledger = _ledger(folder)
    try:
        at = ledger_path(folder)
        with only_run(folder), part_file(at.parent) as part:
            ledger.refresh()
            gone = 0
            with part.open("x", encoding="utf-8") as file:
                for entry in ledger:
                    if os.path.lexists(folder / entry.output):
                        file.write(line_of(entry))
                    else:
                        gone += 1
                file.flush()
                os.fsync(file.fileno())
            if gone:
                put_in_place(part, at, replace=True)
            return gone
    except OSError as error:
        sentence = phrase(
            "The ledger of {folder} could not be written: {reason_of}.", folder=folder, reason_of=reason_of(error)
        )
        raise MakeError(sentence, phrase("Nothing was changed; see to the disk."), "disk") from error
