"""Which copy of an output was handed over: a line for each, in ``.kittiwake-delivered.jsonl`` beside what a receiver's outputs lie in."""

from __future__ import annotations

import dataclasses
import json
from collections.abc import Iterable, Iterator
from pathlib import Path

from ...plain_data import dataclass
from ...words import phrase
from ..errors import KittiwakeError, reason_of

#: An output, and where it went.
Where = tuple[str, str]
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


_FIELDS = {field.name for field in dataclasses.fields(Delivered)}
#: Asked of every cell of a board: made once for each state of the record.
_copies: dict[Path, tuple[dict[Where, Delivered], dict[str, list[str]]]] = {}
_kept: dict[Path, tuple[tuple[int, int], dict[Where, Delivered]]] = {}


def delivered_in(folder: Path, before: str = "") -> dict[Where, Delivered]:
    """The last that is known of each output at each place that it went to; without those that are gone. Lines that cannot be read are passed over.

    Parameters
    ----------
    before : a time; what was handed over then, or later, does not count.
    """
    if before:
        return _last_of(one for one in _lines_of(folder) if one.time < before)
    path = folder / RECORD
    try:
        stat = path.stat()
        stamp = (stat.st_size, stat.st_mtime_ns)
        kept = _kept.get(path)
        if kept is not None and kept[0] == stamp:
            return kept[1]
    except OSError:
        return {}
    found = _last_of(_lines_of(folder))
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


def _lines_of(folder: Path) -> Iterator[Delivered]:
    try:
        lines = (folder / RECORD).read_text("utf-8", "replace").splitlines()
    except OSError:
        return
    for line in lines:
        try:
            data = json.loads(line)
            yield Delivered(**{key: value for key, value in data.items() if key in _FIELDS})
        except (ValueError, TypeError, AttributeError):
            continue


def _last_of(some: Iterable[Delivered]) -> dict[Where, Delivered]:
    found: dict[Where, Delivered] = {}
    for one in some:
        found.pop((one.output, one.into), None)
        if not one.gone:
            found[one.output, one.into] = one
    return found


def note_delivered(folder: Path, some: Iterable[Delivered]) -> None:
    """Add lines.

    Raises
    ------
    KittiwakeError : the disk.
    """
    lines = "".join(
        json.dumps({key: value for key, value in dataclasses.asdict(one).items() if value}, ensure_ascii=False) + "\n"
        for one in some
    )
    try:
        folder.mkdir(parents=True, exist_ok=True)
        with (folder / RECORD).open("a", encoding="utf-8") as file:
            file.write(lines)
    except OSError as error:
        raise KittiwakeError(
            f"{folder / RECORD}: {reason_of(error)}.", phrase("Free it, and deliver again."), "no_folder"
        ) from error
