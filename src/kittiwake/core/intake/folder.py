"""Find the sound in folders."""

from __future__ import annotations

import os
from array import array
from collections.abc import Callable, Iterable, Iterator, Sequence
from pathlib import Path
from typing import overload

from .sniff import looks_like_sound

#: Names that claim to be sound or video. Files with other names count where their content says sound.
SOUND_EXTENSIONS = frozenset(
    [
        ".wav",
        ".wave",
        ".rf64",
        ".w64",
        ".aif",
        ".aiff",
        ".aifc",
        ".au",
        ".snd",
        ".caf",
        ".flac",
        ".ogg",
        ".oga",
        ".opus",
        ".mp3",
        ".m4a",
        ".aac",
        ".amr",
        ".awb",
        ".3gp",
        ".sph",
        ".nist",
        ".wma",
        ".mka",
        ".mp4",
        ".m4v",
        ".mov",
        ".mkv",
        ".webm",
        ".avi",
        ".gsm",
        ".g722",
        ".ac3",
        ".spx",
    ]
)
_FIRST, _LOT = 20, 500


def find_sound_files(paths: list[Path], *, everything: bool = False) -> Iterator[Path]:
    """Every sound file among ``paths``, folders searched to the bottom, in a stable order and each once.

    A file named directly is always yielded, so that its trouble is reported; in folders, hidden entries and files
    that neither are named as sound nor begin as sound are passed over. Linked folders are not followed.

    Parameters
    ----------
    everything : take every file that is not hidden, as where headerless files are looked for.
    """
    seen: set[str] = set()
    for path in paths:
        whole = path.absolute()
        for found in _walk(whole, everything) if whole.is_dir() else [str(whole)]:
            if len(paths) > 1:  # one folder alone holds nothing twice
                if found in seen:
                    continue
                seen.add(found)
            yield Path(found)


class PathList(Sequence[Path]):
    """Many paths in little memory, the names of files in one text and each folder once: a path is made when it is asked for."""

    def __init__(self, paths: Iterable[Path]) -> None:
        self._names = bytearray()
        self._ends = array("Q")
        self._folders: dict[str, int] = {}
        self._folder_of = array("L")
        for path in paths:
            folder, slash, name = str(path).rpartition("/")
            self._names += os.fsencode(name)
            self._ends.append(len(self._names))
            self._folder_of.append(self._folders.setdefault(folder + slash, len(self._folders)))
        self._by_number = list(self._folders)

    def __len__(self) -> int:
        return len(self._ends)

    @overload
    def __getitem__(self, index: int) -> Path: ...
    @overload
    def __getitem__(self, index: slice) -> PathList: ...
    def __getitem__(self, index: int | slice) -> Path | PathList:
        where = range(len(self))[index]
        if isinstance(where, range):
            return PathList(self._path(n) for n in where)
        return self._path(where)

    def __iter__(self) -> Iterator[Path]:
        return map(self._path, range(len(self)))

    def _path(self, n: int) -> Path:
        name = self._names[self._ends[n - 1] if n else 0 : self._ends[n]]
        return Path(self._by_number[self._folder_of[n]] + os.fsdecode(bytes(name)))


def tell_sound_files(paths: list[str], tell: Callable[[list[str]], object]) -> int:
    """``find_sound_files`` for a process of its own: tells of what it finds in lots, the first soon, and returns how many there are."""
    lot: list[str] = []
    total = 0
    for path in find_sound_files([Path(path) for path in paths]):
        lot.append(str(path))
        total += 1
        if len(lot) >= (_FIRST if total <= _FIRST else _LOT):
            tell(lot)
            lot = []
    tell(lot)
    return total


def _walk(folder: Path, everything: bool) -> Iterator[str]:
    for root, folders, files in os.walk(folder):
        folders[:] = sorted(name for name in folders if not name.startswith("."))
        for name in sorted(files):
            if name.startswith("."):
                continue
            path = f"{root.rstrip('/')}/{name}"  # a string, since making a Path takes longer than looking at the file
            if not os.path.isfile(path):  # noqa: PTH113
                continue
            named = os.path.splitext(name)[1].lower() in SOUND_EXTENSIONS  # noqa: PTH122
            if named or everything or looks_like_sound(Path(path)):
                yield path
