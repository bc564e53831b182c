"""What a machine with room for many files holds."""

from __future__ import annotations

import contextlib
import hashlib
import re
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from dataclasses import field
from pathlib import Path

from ....core.disk.journal import Journal
from ....core.disk.place import open_ordinary, write_whole
from ....core.errors import KittiwakeError, reason_of
from ....plain_data import dataclass
from ....words import phrase
from ....work.standin.machine import Refusal, StoredSound

_INDEX = "held.jsonl"
_DATA = re.compile(r"[0-9a-f]{64}\.bin")
_LARGEST = 1 << 30  # bytes of one file; no machine has more room


@dataclass(frozen=True, slots=True)
class Stored:
    """A file as a machine holds it. ``new`` until it was heard."""

    held: StoredSound
    data: bytes
    new: bool = True


@dataclass(slots=True)
class Shelf:
    """Files by name, in the order in which they came.

    Attributes
    ----------
    room : bytes of all together.
    most : how many files.
    """

    room: int
    most: int
    files: dict[str, Stored] = field(default_factory=dict)

    @property
    def used(self) -> int:
        return sum(len(one.data) for one in self.files.values())

    def put(self, held: StoredSound, data: bytes) -> Refusal | None:
        """Hold a file, in the place of the one of its name; why not, where there is no room."""
        before = self.files.get(held.name)
        used = self.used - (len(before.data) if before else 0)
        if used + len(data) > self.room:
            sentence = phrase(
                "Its memory is full: {room:,} bytes are free, and {count:,} are needed.",
                room=self.room - used,
                count=len(data),
            )
            return Refusal(sentence, max(0, self.room - used))
        if before is None and len(self.files) >= self.most:
            return Refusal(phrase("It holds {most} already, which are the most.", most=self.most), 0)
        self.files[held.name] = Stored(held, data)
        return None

    def find(self, wanted: str) -> StoredSound | None:
        """A file by its name, with or without its ending, in any case; or by its number, from 1."""
        plain = wanted.strip().casefold()
        for name, one in self.files.items():
            if plain in (name.casefold(), Path(name).stem.casefold()):
                return one.held
        if plain.isdigit() and 1 <= int(plain) <= len(self.files):
            return list(self.files.values())[int(plain) - 1].held
        return None

    def heard(self, name: str) -> None:
        """It is not new any more."""
        one = self.files[name]
        self.files[name] = Stored(one.held, one.data, False)

    def keep(self, folder: Path) -> None:
        """Note in a folder what is held: the sound of each file under its digest, then one line of a journal, so that a run that ends anywhere leaves
        the state of before. What the new state does not name is removed.

        Raises
        ------
        KittiwakeError : that cannot be done.
        """
        try:
            held = []
            for name, one in self.files.items():
                digest = hashlib.sha256(one.data).hexdigest()
                held.append({"name": name, "new": one.new, "sha256": digest})
                if not _is_there(folder / f"{digest}.bin", digest):
                    write_whole(folder / f"{digest}.bin", one.data, private=True)
            _journal(folder).append([{"kittiwake": "held", "files": held}])
            wanted = {f"{one['sha256']}.bin" for one in held}
            for path in folder.iterdir():
                if _DATA.fullmatch(path.name) and path.name not in wanted:
                    path.unlink(missing_ok=True)
        except OSError as error:
            raise KittiwakeError(
                f"{folder}: {reason_of(error)}.", phrase("Choose another folder."), "no_folder"
            ) from error

    def restore(self, folder: Path, hand: Callable[[str, bytes], bool]) -> None:
        """Take all back from a folder, through ``hand`` of the machine; nothing where there is none.

        Raises
        ------
        KittiwakeError : it does not hold what ``keep`` wrote.
        """
        try:
            states = [entry for entry in _journal(folder).lines() if entry.get("kittiwake") == "held"]
            for entry in states[-1]["files"] if states else ():
                name, digest = str(entry["name"]), str(entry["sha256"])
                if not _DATA.fullmatch(f"{digest}.bin"):
                    raise ValueError(digest)
                if hand(name, _data_of(folder / f"{digest}.bin", digest)) and not entry["new"]:
                    self.heard(name)
        except (OSError, ValueError, KeyError, TypeError) as error:
            sentence = phrase("{folder} does not hold what a machine kept.", folder=folder)
            raise KittiwakeError(sentence, phrase("Choose another folder, or delete that."), "no_state") from error


@contextmanager
def held_between_starts(folder: Path) -> Iterator[None]:
    """The folder is this run's alone meanwhile: two would each take away what the other keeps.

    Raises
    ------
    KittiwakeError : another process has it, or it cannot be made.
    """
    with contextlib.ExitStack() as stack:
        try:
            stack.enter_context(
                _journal(folder).locked(phrase("Another command keeps a machine's files in {folder}", folder=folder))
            )
        except OSError as error:
            raise KittiwakeError(
                f"{folder}: {reason_of(error)}.", phrase("Choose another folder."), "no_folder"
            ) from error
        yield


def _journal(folder: Path) -> Journal:
    return Journal(folder / _INDEX, private=True)


def _data_of(path: Path, digest: str) -> bytes:
    """Raises OSError or ValueError where it is not there as it was kept."""
    with open_ordinary(path) as file:
        data = file.read(_LARGEST + 1)
    if hashlib.sha256(data).hexdigest() != digest:
        raise ValueError(path.name)
    return data


def _is_there(path: Path, digest: str) -> bool:
    try:
        _data_of(path, digest)
    except (OSError, ValueError):
        return False
    return True
