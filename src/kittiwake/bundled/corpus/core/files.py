"""Files of a corpus folder: whole or not at all, never on top of what is not ours."""

from __future__ import annotations

import hashlib
from collections.abc import Callable, Iterable
from pathlib import Path
from typing import IO

from ....core.disk.place import part_file, put_in_place, sync_files
from ....core.errors import KittiwakeError
from ....core.make.ledger_place import LEDGER
from ....words import phrase
from .store import Store


class Files:
    """Writes files below ``into``; ``digests`` are of those that were written, or were there as they are wanted."""

    def __init__(self, into: Path, store: Store) -> None:
        self.into, self._store = into, store
        self.digests: dict[str, str] = {}
        self._ours = store.files()

    def write(self, name: str, writer: Callable[[IO[bytes]], object]) -> None:
        """A file that ``writer`` writes.

        Raises
        ------
        KittiwakeError : something lies there that is not ours, or was altered.
        """
        place = self.into / name
        with part_file(place.parent) as part:
            with part.open("wb") as file:
                hashing = _Hashing(file)
                writer(hashing)  # type: ignore[arg-type]
            digest = hashing.digest
            there = digest_of(place) if place.exists() else None
            if there != digest:
                if there is not None and self._ours.get(name) != there:
                    raise KittiwakeError(
                        phrase(
                            "“{name}” lies in {into} already, and is not as an earlier run left it.",
                            name=name,
                            into=self.into,
                        ),
                        phrase("Move it away, or choose another folder."),
                        "taken",
                    )
                sync_files([part])
                put_in_place(part, place, replace=there is not None)
        self.digests[name] = digest
        self._store.put_files({name: digest})

    def write_text(self, name: str, text: str) -> None:
        self.write(name, lambda file: file.write(text.encode("utf-8", "replace")))

    def take_away_old_sounds(self) -> list[str]:
        """Delete sounds that were made for the corpus and are no part of it any more; returns the names of those that were altered, and stay."""
        stays = []
        for name, digest in self._store.old_outputs():
            stays += self._taken_away(name, digest)
            self._store.forget_output(name)
        return stays

    def take_away_loose(self, outputs: Iterable[tuple[str, str]], folder: Path) -> None:
        """Delete sounds that lie in archives, names and digests, where they are as they were made; their ledgers and ``folder`` too, where nothing else is
        left in it.
        """
        for name, digest in outputs:
            self._taken_away(name, digest)
        for side in sorted(folder.iterdir()) if folder.is_dir() else ():
            if side.is_dir() and not side.is_symlink() and {one.name for one in side.iterdir()} <= {LEDGER}:
                (side / LEDGER).unlink(missing_ok=True)
                side.rmdir()
        if folder.is_dir() and not any(folder.iterdir()):
            folder.rmdir()

    def take_away_rest(self) -> None:
        """Delete what earlier runs wrote for the whole corpus and this one did not, where it is as they left it. Called last."""
        for name, digest in self._ours.items():
            if name not in self.digests:
                self._taken_away(name, digest)
                self._store.forget_file(name)

    def _taken_away(self, name: str, digest: str) -> list[str]:
        place = self.into / name
        if not place.resolve().is_relative_to(self.into.resolve()) or not place.is_file():
            return []
        if digest_of(place) != digest:
            return [name]
        place.unlink()
        return []


class _Hashing:
    """A file to write to from beginning to end, whose digest is known at once."""

    def __init__(self, file: IO[bytes]) -> None:
        self._file, self._sha = file, hashlib.sha256()
        self.write_count = 0

    @property
    def digest(self) -> str:
        return self._sha.hexdigest()

    def write(self, data: bytes) -> int:
        self._sha.update(data)
        self.write_count += len(data)
        return self._file.write(data)

    def writelines(self, lines: Iterable[bytes]) -> None:
        for line in lines:
            self.write(line)

    def tell(self) -> int:
        return self.write_count

    def flush(self) -> None:
        self._file.flush()

    def writable(self) -> bool:
        return True

    def readable(self) -> bool:
        return False

    def seekable(self) -> bool:
        return False

    @property
    def closed(self) -> bool:
        return self._file.closed


def digest_of(path: Path) -> str:
    """SHA-256 of a file."""
    with path.open("rb") as file:
        return hashlib.file_digest(file, "sha256").hexdigest()
