"""What was made in an output folder, one JSON line an output: ``.kittiwake-made.jsonl``.

It tells our own files from other people's, a file that is still as it was made from one that was altered, and what has to be made
again from what has not. Lines are only ever appended, each by one write, and before the file gets its name: a run that is killed at any
moment leaves a line too many, never a file that nobody knows. The last line of an output counts.
"""

from __future__ import annotations

import dataclasses
import fcntl
import json
import os
import sys
import time
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path
from threading import Lock
from typing import Any

from pydantic_core import from_json

from ..errors import MakeError
from ..model.text import to_json

LEDGER = ".kittiwake-made.jsonl"
_PATIENCE = 2.0  # s, for the processes of a run that was killed to be gone


@dataclass(frozen=True, slots=True)
class Entry:
    """One output.

    Attributes
    ----------
    output : file name in the folder.
    source, clip : path of the source and name of the clip.
    fingerprint : digest of everything that shaped the output.
    stamp : size and time of the source when it was made from it.
    source_digest : BLAKE3 of the source.
    order : digest of what was asked for: rules, touch-ups, stated format, and the libraries that shape samples.
    output_stamp : size and time of the output when it got its name; empty where that was not recorded.
    versions : of the libraries that shape samples, as ``name version`` with commas.
    path : the steps that were walked, each ``what (reason)``.
    seconds, gain_db, level_dbov : figures of the output.
    time : when, ISO 8601 in UTC.
    """

    output: str
    sha256: str
    bytes: int
    source: str
    clip: str
    receiver: str
    fingerprint: str
    stamp: str = ""
    source_digest: str = ""
    order: str = ""
    output_stamp: str = ""
    versions: str = ""
    path: tuple[str, ...] = ()
    seconds: float | None = None
    gain_db: float | None = None
    level_dbov: float | None = None
    time: str = ""


#: Words that are the same in many entries, and held once.
_RECURRING = ("receiver", "order", "versions")
_FIELDS = {field.name for field in dataclasses.fields(Entry)}


def _parsed(line: bytes) -> Any:
    """A line as data; by the faster library where it can, which refuses names that are not UTF-8."""
    try:
        return from_json(line)
    except ValueError:
        return json.loads(line.decode("utf-8", "replace"))


def read_entries(folder: Path, paths: bool = True) -> Iterator[Entry]:
    """Every line of a folder's ledger, in order; lines that cannot be read (a torn last line) are passed over.

    Raises
    ------
    OSError : there is no ledger, or it cannot be read.
    """
    with (folder / LEDGER).open("rb") as file:
        for line in file:
            try:
                known = _parsed(line)
                if not known.keys() <= _FIELDS:  # written by a later version
                    known = {key: value for key, value in known.items() if key in _FIELDS}
                known["path"] = tuple(known.get("path", ())) if paths else ()
                for name in _RECURRING:
                    if name in known:
                        known[name] = sys.intern(known[name])
                yield Entry(**known)
            except (ValueError, TypeError, AttributeError):
                continue


class Ledger:
    """The ledger of one folder, each output's last line. May be used by several threads at once.

    Parameters
    ----------
    paths : whether to keep the steps of each output in memory, which only explaining needs.
    empty : whether what is in it does not matter, since it is only appended to.
    """

    def __init__(self, folder: Path, *, paths: bool = False, empty: bool = False) -> None:
        self._file = folder / LEDGER
        self._lock = Lock()
        self._entries: dict[str, Entry] = {}
        self._by_clip: dict[tuple[str, str, str], str] = {}
        self._torn = False
        self._empty = empty
        try:
            for entry in () if empty else read_entries(folder, paths):
                self._keep(entry)
            with self._file.open("rb") as file:
                if file.seek(0, os.SEEK_END):
                    file.seek(-1, os.SEEK_END)
                    self._torn = file.read(1) != b"\n"
        except OSError:
            pass

    def _keep(self, entry: Entry) -> None:
        self._entries.pop(entry.output, None)
        self._entries[entry.output] = entry
        self._by_clip[entry.source, entry.clip, entry.receiver] = entry.output

    def __len__(self) -> int:
        return len(self._entries)

    def __iter__(self) -> Iterator[Entry]:
        return iter(list(self._entries.values()))

    def get(self, output: str) -> Entry | None:
        """The last entry for a file name."""
        return self._entries.get(output)

    def output_of(self, source: str, clip: str, receiver: str) -> Entry | None:
        """The last entry made from this clip for this receiver."""
        entry = self._entries.get(self._by_clip.get((source, clip, receiver), ""))
        same = entry is not None and (entry.source, entry.clip, entry.receiver) == (source, clip, receiver)
        return entry if same else None

    def note(self, entry: Entry) -> None:
        """Take over an entry that another process has written."""
        with self._lock:
            self._keep(_slim(entry))

    def add(self, *entries: Entry) -> None:
        """Append entries by one write, and force it to the disk.

        Raises
        ------
        OSError
        """
        if not entries:
            return
        lines = "".join(to_json(_plain(entry)) + "\n" for entry in entries)
        with self._lock:
            handle = os.open(self._file, os.O_WRONLY | os.O_APPEND | os.O_CREAT, 0o666)
            try:
                os.write(handle, (("\n" if self._torn else "") + lines).encode("utf-8"))
                os.fsync(handle)
            finally:
                os.close(handle)
            self._torn = False
            for entry in () if self._empty else entries:
                self._keep(_slim(entry))


def _plain(entry: Entry) -> dict[str, object]:
    values = ((name, getattr(entry, name)) for name in Entry.__slots__)
    return {name: value for name, value in values if value not in ("", None, ())}


def _slim(entry: Entry) -> Entry:
    """Without its steps, and with words that recur held once: of a million outputs this is what is kept in memory."""
    return dataclasses.replace(
        entry,
        path=(),
        receiver=sys.intern(entry.receiver),
        order=sys.intern(entry.order),
        versions=sys.intern(entry.versions),
    )


@contextmanager
def only_run(folder: Path) -> Iterator[int]:
    """Hold a folder for one run. The lock goes with all the processes that hold the file this yields, however they end.

    Raises
    ------
    MakeError : another run makes into this folder.
    OSError
    """
    folder.mkdir(parents=True, exist_ok=True)
    handle = os.open(folder / LEDGER, os.O_RDWR | os.O_CREAT, 0o666)
    try:
        until = time.monotonic() + _PATIENCE
        while True:
            try:
                fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
                break
            except BlockingIOError:
                if time.monotonic() > until:
                    told = f"Another run is making into {folder}."
                    raise MakeError(told, "Wait until it is done, or choose another folder.", "locked") from None
                time.sleep(0.02)
            except OSError:
                break  # a disk without locks: nothing is lost, since names are only ever taken when free
        yield handle
    finally:
        os.close(handle)
