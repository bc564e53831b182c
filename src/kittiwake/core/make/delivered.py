"""Which copy of an output was handed over: a line for each, in ``.kittiwake-delivered.jsonl`` beside what a receiver's outputs lie in.

A line is written before its file gets its name, as in the ledger: a delivery that is killed leaves a line too many, never a file that nobody knows.
"""

from __future__ import annotations

import contextlib
import dataclasses
from collections.abc import Iterable, Iterator
from contextlib import AbstractContextManager
from pathlib import Path
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from ..disk.journal import Journal
from ..disk.text import is_path
from ..errors import KittiwakeError, reason_of

#: An output, where it went, for whom, and in which archive.
Where = tuple[str, str, str, str]
RECORD = ".kittiwake-delivered.jsonl"
#: Before the name of a file that is none of the outputs: an archive, an image, a manifest.
PACKED = "packed:"


@dataclass(frozen=True, slots=True)
class Delivered:
    """One file that was handed over.

    Attributes
    ----------
    output : path of the made file, relative to the folder of the record.
    name : its place in what was handed over.
    sha256 : of the made file.
    source, clip : what it was made of.
    fingerprint : of recipe and rules.
    into : where it went.
    time : when, ISO 8601 in UTC.
    verdict : what the machine said of it: ``taken``, why not, or nothing where it was not tried.
    gone : whether it was taken away again.
    receiver : slug of whose it is; empty in records of before 2026-12, which did not tell.
    packed_in : name of the archive or image that it lies in; empty where it lies there by itself.
    """

    output: str
    name: str
    sha256: str
    source: str = ""
    clip: str = ""
    fingerprint: str = ""
    into: str = ""
    time: str = ""
    verdict: str = ""
    gone: bool = False
    receiver: str = ""
    packed_in: str = ""

    @property
    def where(self) -> Where:
        return self.output, self.into, self.receiver, self.packed_in

    @property
    def is_output(self) -> bool:
        """Whether it is one of the outputs, and not an archive, an image or a list."""
        return not self.output.startswith(PACKED)

    def changed_to_gone(self, time: str) -> Delivered:
        """The line that says that it was taken away."""
        return dataclasses.replace(self, time=time, gone=True, verdict="")


_TEXTS = tuple(one.name for one in dataclasses.fields(Delivered) if one.name != "gone")
#: Asked of every cell of a board: made once for each state of the record.
_copies: dict[Path, tuple[dict[Where, Delivered], dict[str, list[str]]]] = {}
_kept: dict[Path, tuple[tuple[int, int, int], dict[Where, Delivered]]] = {}


def record_of(folder: Path) -> Journal:
    return Journal(folder / RECORD)


def only_delivery(folder: Path) -> AbstractContextManager[int]:
    """Hold the record of a folder for one delivery.

    Raises
    ------
    MakeError : another delivery goes out of this folder.
    OSError
    """
    return record_of(folder).locked(phrase("Another delivery is going out of {folder}", folder=folder))


def delivered_in(folder: Path, before: str = "") -> dict[Where, Delivered]:
    """The last that is known of each output at each place that it went to; without those that are gone. Lines that cannot be read are passed over.

    Parameters
    ----------
    before : a time; what was handed over then, or later, does not count.
    """
    if before:
        return _last_of(one for one in all_delivered(folder) if one.time < before)
    path, stamp = folder / RECORD, record_of(folder).stamp()
    kept = _kept.get(path)
    if kept is not None and kept[0] == stamp:
        return kept[1]
    found = _last_of(all_delivered(folder))
    _kept[path] = (stamp, found)
    return found


def copies_in(folder: Path) -> dict[str, list[str]]:
    """SHA-256 of the copies of each output that are somewhere, the last one last."""
    known = delivered_in(folder)
    kept = _copies.get(folder)
    if kept is not None and kept[0] is known:
        return kept[1]
    found: dict[str, list[str]] = {}
    for one in known.values():
        found.setdefault(one.output, []).append(one.sha256)
    if known:
        _copies[folder] = (known, found)
    return found


def all_delivered(folder: Path) -> Iterator[Delivered]:
    """Every line of a record, the oldest first: what ever was handed over from here."""
    with contextlib.suppress(
        OSError
    ):  # what cannot be read tells nothing; whoever delivers is told when it is to be written
        for line in record_of(folder).lines():
            if (one := _delivered(line)) is not None:
                yield one


def _delivered(line: dict[str, Any]) -> Delivered | None:
    """A line as it was written here; None where it was not."""
    known = {key: line[key] for key in _TEXTS if key in line}
    if not all(isinstance(value, str) for value in known.values()) or not isinstance(line.get("gone", False), bool):
        return None
    if not known.get("output") or not known.get("name") or "sha256" not in known:
        return None
    if not all(is_path(known.get(name, "")) for name in ("output", "name", "into", "packed_in")):
        return None
    return Delivered(**known, gone=line.get("gone", False))


def _last_of(lines: Iterable[Delivered]) -> dict[Where, Delivered]:
    found: dict[Where, Delivered] = {}
    for one in lines:
        found.pop(one.where, None)
        if not one.gone:
            found[one.where] = one
    return found


def note_delivered(folder: Path, lines: Iterable[Delivered]) -> None:
    """Add lines, all of them or none, and force them to the disk.

    Raises
    ------
    KittiwakeError : the disk.
    """
    try:
        folder.mkdir(parents=True, exist_ok=True)
        record_of(folder).append(
            {key: value for key, value in dataclasses.asdict(one).items() if value} for one in lines
        )
    except OSError as error:
        raise KittiwakeError(
            f"{folder / RECORD}: {reason_of(error)}.", phrase("Free it, and deliver again."), "no_folder"
        ) from error
