"""Which folders are to be watched, and for what: a TOML file."""

from __future__ import annotations

import os
from collections.abc import Iterable, Sequence
from pathlib import Path

from ...core.disk.place import write_text_whole
from ...core.disk.text import parse_toml, text_of
from ...core.errors import RulesError, reason_of
from ...core.model import load_receiver
from ...core.schema import Document, PathText, Text
from ...plain_data import dataclass
from ...words import joined, phrase

_LARGEST = 256 * 1024  # bytes
_HEAD = '# Folders that Kittiwake watches: what arrives whole in one is made for its receivers.\n# [[folder]]\n# path = "/home/me/in"\n# receivers = ["phone-menu"]        slugs, or paths of TOML files\n# into = "/home/me/out"             default: "made" in the folder itself\n'


@dataclass(frozen=True, slots=True)
class WatchedFolder:
    """One folder.

    Attributes
    ----------
    path : absolute; folders inside are watched with it.
    receivers : slugs, or paths of TOML files; at least one.
    into : where outputs go, absolute.
    """

    path: Path
    receivers: tuple[str, ...]
    into: Path

    @classmethod
    def of(cls, path: Path, receivers: Iterable[str], into: Path | None = None) -> WatchedFolder:
        """Raises
        ------
        RulesError : there is no such receiver, or outputs would go among the sources.
        """
        slugs = tuple(receivers)
        if not slugs:
            raise RulesError(
                phrase("{name} is watched for no receiver.", name=path.name),
                phrase("Name at least one."),
                "no_receiver",
            )
        for slug in slugs:
            load_receiver(slug)
        path = _whole(path)
        into = _whole(into) if into else path / "made"
        if _is_within(path, into) and not _is_same(path, into):
            raise RulesError(
                phrase(
                    "Outputs would go into {into}, which {path} lies in: nothing that arrives would be taken.",
                    into=into,
                    path=path,
                ),
                phrase("Let them go into a folder of their own."),
                "same_folder",
            )
        if _is_same(into, path):
            raise RulesError(
                phrase("Outputs of {path} would lie among what arrives there.", path=path),
                phrase("Let them go into a folder of their own."),
                "same_folder",
            )
        return cls(path, slugs, into)


def _whole(path: Path) -> Path:
    """Raises RulesError where it is no path of this machine."""
    try:
        whole = Path(os.path.normpath(path.expanduser().absolute()))
        os.path.realpath(os.fsencode(whole))
    except (RuntimeError, ValueError) as error:  # the home of nobody; a name that no system takes
        raise RulesError(
            phrase("“{path!a}” is no folder of this machine ({error}).", path=str(path), error=error),
            phrase("Write where it is from / on."),
            "no_folder",
        ) from error
    return whole


def _is_same(one: Path, other: Path) -> bool:
    return os.path.realpath(one) == os.path.realpath(other)


def _is_within(inner: Path, outer: Path) -> bool:
    """Whether a folder lies in another, or is the same, however both are written."""
    return Path(os.path.realpath(inner)).is_relative_to(os.path.realpath(outer))


def check_ways(folders: Sequence[WatchedFolder]) -> None:
    """That what is made for one folder does not come back to it through others, and none is watched twice.

    Raises
    ------
    RulesError
    """
    for n, one in enumerate(folders):
        if other := next((other for other in folders[:n] if _is_same(one.path, other.path)), None):
            raise RulesError(
                phrase("{path} and {other} are one folder.", path=one.path, other=other.path),
                phrase("Name it once, with all its receivers."),
                "watched_twice",
            )
    leads = {
        n: [
            m
            for m, other in enumerate(folders)
            if _is_within(one.into, other.path) and not _is_within(one.into, other.into) and n != m
        ]
        for n, one in enumerate(folders)
    }
    for start in leads:
        seen, todo = set(), list(leads[start])
        while todo:
            at = todo.pop()
            if at == start:
                raise RulesError(
                    phrase(
                        "What is made of {path} would arrive there again, without end.",
                        path=folders[start].path,
                    ),
                    phrase("Let outputs go into folders that are not watched."),
                    "watched_circle",
                )
            if at not in seen:
                seen.add(at)
                todo += leads[at]


def wishes_path() -> Path:
    """``watched.toml`` in the user's configuration."""
    from platformdirs import user_config_path

    return user_config_path("kittiwake") / "watched.toml"


def wishes(path: Path | None = None) -> list[WatchedFolder]:
    """The folders of the file; none where it is not there.

    Raises
    ------
    RulesError : the file says something wrong; which folder, and what.
    """
    file = path or wishes_path()
    try:
        found = parse_toml(text_of(file, _LARGEST, phrase("list of folders")))
    except FileNotFoundError:
        return []
    except (OSError, UnicodeDecodeError, ValueError) as error:
        raise RulesError(
            phrase("{file} cannot be read: {error}.", file=file, error=error),
            phrase("Mend it, or remove it."),
            "settings",
        ) from error
    document = Document(RulesError, phrase("In {name}", name=file.name), phrase("Mend it, or remove it."), "settings")
    folders = document.read(_WatchFile, found).folder
    return [
        _parsed(one, phrase("{name}, folder {number}", name=file.name, number=number))
        for number, one in enumerate(folders, 1)
    ]


@dataclass(frozen=True, slots=True)
class _FolderOfAFile:
    path: PathText
    receivers: tuple[Text, ...]
    into: Text = ""


@dataclass(frozen=True, slots=True)
class _WatchFile:
    folder: tuple[_FolderOfAFile, ...] = ()


def _parsed(one: _FolderOfAFile, where: str) -> WatchedFolder:
    try:
        return WatchedFolder.of(Path(one.path), one.receivers, Path(one.into) if one.into else None)
    except RulesError as error:
        raise RulesError(joined((where, error.message), ": "), error.remedy, error.code) from error


def keep_wishes(folders: Iterable[WatchedFolder], path: Path | None = None) -> None:
    """Write the file.

    Raises
    ------
    RulesError : it cannot be written.
    """
    import tomli_w

    file = path or wishes_path()
    entries = [{"path": str(one.path), "receivers": list(one.receivers), "into": str(one.into)} for one in folders]
    try:
        write_text_whole(file, _HEAD + "\n" + tomli_w.dumps({"folder": entries}) if entries else _HEAD)
    except OSError as error:
        raise RulesError(
            phrase("{file} could not be written: {reason_of}.", file=file, reason_of=reason_of(error)),
            phrase("Check the folder."),
            "no_folder",
        ) from error
