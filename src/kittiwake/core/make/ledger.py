"""What was made in an output folder, one JSON line an output: ``.kittiwake-made.jsonl``.

It tells our own files from other people's, a file that is still as it was made from one that was altered, and what has to be made
again from what has not. Lines are only ever appended, each all or nothing, and before the file gets its name: a run that is killed at any
moment leaves a line too many, never a file that nobody knows. The last line of an output counts.
"""

from __future__ import annotations

import dataclasses
import json
import os
import re
import sys
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from threading import Lock
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from ..disk.journal import LONGEST_LINE, Journal
from ..disk.text import is_path, to_json
from .ledger_place import ledger_path


@dataclass(slots=True)
class Entry:
    """One output. Not to be changed; a class that forbids it takes four times as long to fill, and there is one for each clip of a run.

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
    id : of the clip, where that is its own and not that of its whole source: it stays when name, words or sound change.
    replaces : SHA-256 of what had its name before and was made here too. The line is there before the file has its name, so until it has,
        and where it could not get it, that is what lies there.
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
    id: str = ""
    replaces: str = ""


#: Words that are the same in many entries, and held once where many entries are asked for.
_RECURRING = ("receiver", "order", "versions")
_FIELDS = {field.name for field in dataclasses.fields(Entry)}
_TEXT = rb'"([^"\\]*)"'  # one without escapes
#: How lines begin; what is not written so is read as JSON.
_BEGINNING = (
    rb'\{"output": ' + _TEXT + rb', "sha256": "\w*", "bytes": \d+, "source": ' + _TEXT + rb', "clip": ' + _TEXT
    + rb', "receiver": ' + _TEXT + rb", "
)  # fmt: skip
_ID = rb', "id": ' + _TEXT  # within a text the quotes would be escaped
_STEPS, _AFTER_STEPS = b', "path": ["', b'"], "seconds": '
_LONGEST = LONGEST_LINE
_LINE = 4096  # bytes that are read at once; a line is seldom longer


def _read_line(line: bytes) -> Any:
    try:
        return json.loads(line)
    except ValueError:  # names that are not UTF-8
        return json.loads(line.decode("utf-8", "replace"))


def _sound(entry: Entry) -> bool:
    """Whether an entry is one that was written here: every field of its kind, and the output a bare name in the ledger's own folder."""
    texts = (entry.output, entry.sha256, entry.source, entry.clip, entry.receiver, entry.fingerprint, entry.stamp,
             entry.source_digest, entry.order, entry.output_stamp, entry.versions, entry.time, entry.id, entry.replaces)  # fmt: skip
    numbers = (entry.seconds, entry.gain_db, entry.level_dbov)
    return (
        all(isinstance(text, str) for text in texts)
        and type(entry.bytes) is int
        and all(number is None or type(number) in (int, float) for number in numbers)
        and all(isinstance(step, str) for step in entry.path)
        and is_bare(entry.output)
        and is_path(entry.output)
        and is_path(entry.source)
    )


def is_bare(name: str) -> bool:
    """Whether a name of an output is just that."""
    return bool(name) and "/" not in name and "\0" not in name and name[0] != "."


def journal_of(folder: Path) -> Journal:
    """The ledger of a folder as a journal."""
    path = ledger_path(folder)
    return Journal(path, private=path.parent != folder)


def open_ledger(folder: Path, flags: int) -> int:
    """The ledger of a folder as an open file (its number). A link would lead elsewhere, and a pipe or a device would never end.

    Raises
    ------
    OSError
    """
    return journal_of(folder).open(flags)


def _entry(line: bytes, paths: bool = True) -> Entry | None:
    """The entry that a line tells; None where it cannot be read, as a line that was torn, or tells what was never written here."""
    if not paths and (begin := line.find(_STEPS)) >= 0 and (end := line.find(_AFTER_STEPS, begin)) >= 0:
        line = line[:begin] + line[end + 2 :]  # they are more than half of it
    try:
        known = _read_line(line)
        if "gone" in known:
            return None
        known["path"] = tuple(known.get("path", ())) if paths else ()
        try:
            entry = Entry(**known)
        except TypeError:  # written by a later version
            entry = Entry(**{key: value for key, value in known.items() if key in _FIELDS})
    except (ValueError, TypeError, AttributeError, RecursionError):
        return None
    return entry if _sound(entry) else None


class Ledger:
    """The ledger of one folder, each output's last line, as it is when it is first asked or ``refresh`` is called. May be used by several
    threads at once.

    Only where lines begin is kept in memory, so that a million outputs take little of it.

    Parameters
    ----------
    paths : whether entries come with the steps of each output, which only explaining needs.
    """

    def __init__(self, folder: Path, *, paths: bool = False) -> None:
        self._folder, self._paths = folder, paths
        self._lock = Lock()
        self._handle = -1
        self._read = -1  # bytes that were gone through; none yet
        # Where the last line begins, by hash: of an output's name; of source, clip and receiver, and of id and receiver. What is found there is compared.
        self._of_output: dict[int, int] = {}
        self._of_clip: dict[int, int] = {}

    def __del__(self) -> None:
        if self._handle >= 0:
            os.close(self._handle)

    def refresh(self) -> None:
        """Go through what was written since the last time."""
        with self._lock:
            try:
                handle = open_ledger(self._folder, os.O_RDONLY)
            except OSError:
                self._begin(-1)
                return
            now = os.fstat(handle)
            same = self._handle >= 0 and os.path.samestat(now, os.fstat(self._handle)) and now.st_size >= self._read
            if same:
                os.close(handle)
            else:
                self._begin(handle)
            with open(self._handle, "rb", closefd=False) as file:
                file.seek(self._read)
                while line := file.readline(_LONGEST):
                    if len(line) < _LONGEST or line.endswith(b"\n"):
                        self._note(line, self._read)
                        if not line.endswith(b"\n"):
                            break
                        self._read += len(line)
                        continue
                    # No line of ours is so long: it is left out, without ever being in memory whole.
                    rest = len(line)
                    while (part := file.readline(_LONGEST)) and not part.endswith(b"\n"):
                        rest += len(part)
                    self._read += rest + len(part)

    def _begin(self, handle: int) -> None:
        """From the beginning of another file."""
        if self._handle >= 0:
            os.close(self._handle)
        self._handle, self._read = handle, 0
        self._of_output, self._of_clip = {}, {}

    def _note(self, line: bytes, place: int) -> None:
        beginning = re.match(_BEGINNING, line)
        own = ""
        if beginning and line.endswith(b"}\n"):
            name, *rest = [text.decode("utf-8", "replace") for text in beginning.groups()]
            if not is_bare(name):
                return
            clip = tuple(rest)
            if (found := re.search(_ID, line[beginning.end() :])) is not None:
                own = found[1].decode("utf-8", "replace")
        elif entry := _entry(line, paths=False):
            name, clip, own = entry.output, (entry.source, entry.clip, entry.receiver), entry.id
        else:
            if gone := _gone(line):
                self._of_output.pop(hash(gone), None)
            return
        self._of_output[hash(name)] = place
        self._of_clip[hash(clip)] = place
        if own:
            self._of_clip[hash((own, clip[2]))] = place

    def _at(self, place: int | None) -> Entry | None:
        """The entry of the line that begins there."""
        with self._lock:  # or another thread may close the file
            if place is None or self._handle < 0:
                return None
            line = os.pread(self._handle, _LINE, place)
            while (end := line.find(b"\n")) < 0 and len(line) < _LONGEST:
                more = os.pread(self._handle, 16 * _LINE, place + len(line))
                if not more:
                    break
                line += more
        return _entry(line[:end] if end >= 0 else line, self._paths)

    def _asked(self) -> None:
        if self._read < 0:
            self.refresh()

    def __len__(self) -> int:
        self._asked()
        return len(self._of_output)

    def __iter__(self) -> Iterator[Entry]:
        self._asked()
        for place in sorted(self._of_output.values()):  # the order of entries is that of their last lines
            if (entry := self._at(place)) is not None:
                for name in _RECURRING:
                    setattr(entry, name, sys.intern(getattr(entry, name)))
                yield entry

    def get(self, output: str) -> Entry | None:
        """The last entry for a file name."""
        self._asked()
        entry = self._at(self._of_output.get(hash(output)))
        return entry if entry is not None and entry.output == output else None

    def output_of(self, source: str, clip: str, receiver: str) -> Entry | None:
        """The last entry made from this clip for this receiver, unless its output was made from something else since."""
        self._asked()
        key = (source, clip, receiver)
        place = self._of_clip.get(hash(key))
        entry = self._at(place)
        if entry is None or (entry.source, entry.clip, entry.receiver) != key:
            return None
        return entry if self._of_output.get(hash(entry.output)) == place else None

    def output_of_id(self, own: str, receiver: str) -> Entry | None:
        """The last entry of the clip with this id for this receiver, unless its output was made from something else since."""
        self._asked()
        place = self._of_clip.get(hash((own, receiver)))
        entry = self._at(place)
        if entry is None or (entry.id, entry.receiver) != (own, receiver):
            return None
        return entry if self._of_output.get(hash(entry.output)) == place else None

    def forget(self, output: str) -> None:
        """Note that an output was taken away here.

        Raises
        ------
        OSError
        """
        with self._lock:
            journal_of(self._folder).append([{"output": output, "gone": True}])
        if self._read >= 0:
            self.refresh()

    def add(self, *entries: Entry) -> None:
        """Append entries, all of them or none, and force them to the disk.

        Raises
        ------
        OSError
        """
        if not entries:
            return
        lines = "".join(map(line_of, entries)).encode("utf-8")
        with self._lock:
            journal_of(self._folder).append_lines(lines)
        if self._read >= 0:
            self.refresh()


def _gone(line: bytes) -> str:
    """The output that a line says was taken away; empty where it says nothing of the kind."""
    if b'"gone": true' not in line or len(line) > _LINE:
        return ""
    try:
        known = _read_line(line)
        return str(known["output"]) if known.get("gone") is True else ""
    except (ValueError, TypeError, KeyError, AttributeError, RecursionError):
        return ""


def line_of(entry: Entry) -> str:
    """An entry as its line."""
    return to_json(_plain(entry)) + "\n"


def _plain(entry: Entry) -> dict[str, object]:
    values = ((name, getattr(entry, name)) for name in Entry.__slots__)
    return {name: value for name, value in values if value not in ("", None, ())}


@contextmanager
def only_run(folder: Path) -> Iterator[int]:
    """Hold a folder for one run. The lock goes with all the processes that hold the file this yields, however they end.

    Raises
    ------
    MakeError : another run makes into this folder.
    OSError
    """
    with journal_of(folder).locked(phrase("Another run is making into {folder}", folder=folder)) as handle:
        yield handle
