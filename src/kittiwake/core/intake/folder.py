"""Find the sound in folders."""

from __future__ import annotations

import os
from array import array
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import field
from pathlib import Path
from typing import overload

from ...plain_data import dataclass
from ...words import joined, phrase
from ..errors import reason_of
from .bare import like_sound, may_be_bare
from .claims import HEADERLESS_ENDINGS
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
SHOWN = 4  # names of them in a sentence
_LISTED = 200  # files that are passed over, by name
_FIRST, _BATCH = 20, 500


#: Of a folder: whether the file of a name in it was made here, and is as it was made; None where nothing was made in it.
MadeHere = Callable[[Path], Callable[[str], bool] | None]


@dataclass(slots=True)
class PassedOver:
    """What was in folders and not taken.

    Attributes
    ----------
    unreadable : folders that cannot be looked into, each with why.
    made_here : files that were made here: an output is no source.
    others : how many files are no sound, by name or by content.
    listed : paths of the first of those that are passed over, each with why.
    """

    unreadable: list[tuple[str, str]] = field(default_factory=list)
    made_here: int = 0
    others: int = 0
    listed: list[tuple[str, str]] = field(default_factory=list)

    def note(self, path: str, why: str) -> None:
        if len(self.listed) < _LISTED:
            self.listed.append((path, why))

    def __str__(self) -> str:
        """In a sentence or more; empty where nothing was."""
        sentences = [
            phrase("The folder {path} cannot be looked into: {why}.", path=path, why=why)
            for path, why in self.unreadable
        ]
        parts = []
        if self.made_here:
            parts.append(
                phrase("{n:,} that were made here", "{n:,} that was made here", self.made_here, n=self.made_here)
            )
        if self.others:
            parts.append(
                phrase(
                    "{n:,} that are no sound by name or content",
                    "{n:,} that is no sound by name or content",
                    self.others,
                    n=self.others,
                )
            )
        names = [Path(path).name for path, _ in self.listed[:SHOWN]]
        more = self.others + self.made_here - len(names)
        which = (
            f" ({', '.join(names)}{(phrase(' and {more:,} more', more=more) if more > 0 else '')})" if names else ""
        )
        return joined(
            [
                *sentences,
                *([phrase("Passed over: {list}{which}.", list=", ".join(parts), which=which)] if parts else []),
            ]
        )


def plain_path(path: Path) -> Path:
    """Absolute, and without ``..``, so that one file has one path however it is named."""
    if ".." not in path.parts:
        return path.absolute()
    return path.resolve() if path.name == ".." else path.parent.resolve() / path.name


def find_sound_files(
    paths: list[Path],
    *,
    everything: bool = False,
    made_here: MadeHere | None = None,
    passed: PassedOver | None = None,
) -> Iterator[Path]:
    """Every sound file among ``paths``, folders searched to the bottom, in a stable order and each once.

    A file named directly is always yielded, so that its trouble is reported; in folders, hidden entries, what was made here, and files
    that neither are named as sound nor begin as sound are passed over. Linked folders are not followed.

    Parameters
    ----------
    everything : take every file that is not hidden, as where headerless files are looked for.
    made_here : tells which files were made here.
    passed : collects what was passed over.
    """
    seen: set[str] = set()
    passed = PassedOver() if passed is None else passed
    for path in paths:
        whole = plain_path(path)
        for found in _walk(whole, everything, made_here, passed) if whole.is_dir() else [str(whole)]:
            if len(paths) > 1:  # one folder alone holds nothing twice
                if found in seen:
                    continue
                seen.add(found)
            yield Path(found)


MADE_HERE = phrase("made here: an output is no source")


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


def in_batches(paths: Iterable[Path], tell: Callable[[list[str]], object]) -> int:
    """Tell of paths in batches, the first soon; returns how many there are."""
    batch: list[str] = []
    total = 0
    for path in paths:
        batch.append(str(path))
        total += 1
        if len(batch) >= (_FIRST if total <= _FIRST else _BATCH):
            tell(batch)
            batch = []
    tell(batch)
    return total


def _walk(folder: Path, everything: bool, made_here: MadeHere | None, passed: PassedOver) -> Iterator[str]:
    def trouble(error: OSError) -> None:
        passed.unreadable.append((str(error.filename), reason_of(error)))

    for root, folders, files in os.walk(folder, onerror=trouble):
        try:
            os.stat(f"{root}/.")  # noqa: PTH116 - names can be read of a folder that may not be entered; its files cannot
        except OSError as error:
            passed.unreadable.append((root, reason_of(error)))
            folders.clear()
            continue
        folders[:] = sorted(name for name in folders if not name.startswith("."))
        ours = made_here(Path(root)) if made_here else None
        for name in sorted(files):
            if name.startswith("."):
                continue
            path = f"{root.rstrip('/')}/{name}"  # a string, since making a Path takes longer than looking at the file
            if not os.path.isfile(path):  # noqa: PTH113
                continue
            ending = os.path.splitext(name)[1].lower()  # noqa: PTH122
            named = ending in SOUND_EXTENSIONS or ending in HEADERLESS_ENDINGS
            if not (
                named
                or everything
                or looks_like_sound(Path(path))
                or (may_be_bare(ending) and like_sound(Path(path)))
            ):
                passed.others += 1
                passed.note(path, phrase("no sound by name or content"))
            elif ours and ours(name):
                passed.made_here += 1
                passed.note(path, MADE_HERE)
            else:
                yield path
