"""What was made in an output folder, one JSON line an output: ``.kittiwake-made.jsonl``.

It tells our own files from other people's, and a file that is still as it was made from one that was altered.
"""

from __future__ import annotations

import json
import os
from dataclasses import asdict, dataclass
from pathlib import Path
from threading import Lock

from ..model.text import to_json

LEDGER = ".kittiwake-made.jsonl"


@dataclass(frozen=True, slots=True)
class Entry:
    """One output.

    Attributes
    ----------
    output : file name in the folder.
    source, clip : path of the source and name of the clip.
    fingerprint : digest of everything that shaped the output.
    """

    output: str
    sha256: str
    bytes: int
    source: str
    clip: str
    receiver: str
    fingerprint: str


class Ledger:
    """The ledger of one folder. Lines that cannot be read (a torn last line) are passed over.

    May be used by several threads at once.
    """

    def __init__(self, folder: Path) -> None:
        self._path = folder / LEDGER
        self._lock = Lock()
        self._entries: dict[str, Entry] = {}
        self._torn = False
        try:
            text = self._path.read_text("utf-8", errors="replace")
        except OSError:
            return
        self._torn = bool(text) and not text.endswith("\n")
        for line in text.splitlines():
            try:
                entry = Entry(**json.loads(line))
            except (ValueError, TypeError):
                continue
            self._entries[entry.output] = entry

    def get(self, output: str) -> Entry | None:
        """The last entry for a file name."""
        return self._entries.get(output)

    def output_of(self, source: str, clip: str, receiver: str) -> Entry | None:
        """The last entry made from this clip for this receiver."""
        for entry in reversed(self._entries.values()):
            if (entry.source, entry.clip, entry.receiver) == (source, clip, receiver):
                return entry
        return None

    def add(self, entry: Entry) -> None:
        """Append an entry and force it to the disk.

        Raises
        ------
        OSError
        """
        line = to_json(asdict(entry)) + "\n"
        with self._lock, self._path.open("a", encoding="utf-8") as file:
            file.write(("\n" if self._torn else "") + line)
            file.flush()
            os.fsync(file.fileno())
            self._torn = False
            self._entries.pop(entry.output, None)
            self._entries[entry.output] = entry
