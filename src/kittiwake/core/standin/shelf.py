"""What a machine with room for many files holds."""

from __future__ import annotations

import json
from collections.abc import Callable
from dataclasses import field
from pathlib import Path

from ...plain_data import dataclass
from ...words import phrase
from ..errors import KittiwakeError, reason_of
from .machine import Held, Refusal

_INDEX = "holds.json"


@dataclass(frozen=True, slots=True)
class Stored:
    """A file as a machine holds it. ``new`` until it was heard."""

    held: Held
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

    def put(self, held: Held, data: bytes) -> Refusal | None:
        """Hold a file, in the place of the one of its name; why not, where there is no room."""
        before = self.files.get(held.name)
        used = self.used - (len(before.data) if before else 0)
        if used + len(data) > self.room:
            told = phrase(
                "Its memory is full: {room:,} bytes are free, and {count:,} are needed.",
                room=self.room - used,
                count=len(data),
            )
            return Refusal(told, max(0, self.room - used))
        if before is None and len(self.files) >= self.most:
            return Refusal(phrase("It holds {most} already, which are the most.", most=self.most), 0)
        self.files[held.name] = Stored(held, data)
        return None

    def find(self, wanted: str) -> Held | None:
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
        """Write all into a folder.

        Raises
        ------
        KittiwakeError : that cannot be done.
        """
        try:
            folder.mkdir(parents=True, exist_ok=True)
            index = []
            for n, (name, one) in enumerate(self.files.items()):
                (folder / f"{n:04}.bin").write_bytes(one.data)
                index.append({"name": name, "new": one.new})
            part = folder / f"{_INDEX}.part"
            part.write_text(json.dumps(index), "utf-8")
            part.replace(folder / _INDEX)
        except OSError as error:
            raise KittiwakeError(
                f"{folder}: {reason_of(error)}.", phrase("Choose another folder."), "no_folder"
            ) from error

    def restore(self, folder: Path, hand: Callable[[str, bytes], bool]) -> None:
        """Take all back from a folder, through ``hand`` of the machine; nothing where there is none.

        Raises
        ------
        KittiwakeError : the folder is not one that ``keep`` wrote.
        """
        if not (folder / _INDEX).is_file():
            return
        try:
            for n, entry in enumerate(json.loads((folder / _INDEX).read_text("utf-8"))):
                if hand(str(entry["name"]), (folder / f"{n:04}.bin").read_bytes()) and not entry["new"]:
                    self.heard(str(entry["name"]))
        except (OSError, ValueError, KeyError, TypeError) as error:
            told = phrase("{folder} does not hold what a machine kept.", folder=folder)
            raise KittiwakeError(told, phrase("Choose another folder, or delete that."), "no_state") from error
