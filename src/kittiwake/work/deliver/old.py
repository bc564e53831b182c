"""What earlier deliveries put where this one goes, and which of it may be deleted."""

from __future__ import annotations

import os
from collections.abc import Iterable, Sequence
from pathlib import Path

from ...core.disk.place import file_digest, name_key
from ...core.errors import KittiwakeError
from ...core.make.delivered import Delivered, delivered_in
from ...words import phrase
from .plan import Plan


def wanted_no_more(plan: Plan, files: Iterable[str], packed_in: str) -> list[Delivered]:
    """What earlier deliveries of this receiver put there, and this one does not; names that some disk takes for one count as one.

    Parameters
    ----------
    files : that this delivery puts there; ``packed_in`` is the one that all outputs lie in, empty where each lies there by itself.
    """
    wanted = {name_key(name) for name in files}
    inside_of_packed = {name_key(place) for place in plan.places}

    def is_wanted(one: Delivered) -> bool:
        if one.packed_in:
            return one.packed_in == packed_in and name_key(one.name) in inside_of_packed
        return name_key(one.name) in wanted

    return [
        one
        for one in delivered_in(plan.root).values()
        if one.into == str(plan.into) and one.receiver in ("", plan.receiver.slug) and not is_wanted(one)
    ]


def deletable(plan: Plan, old: Sequence[Delivered], files: Iterable[str]) -> tuple[list[Delivered], dict[str, str]]:
    """Of what is wanted no more: what may be deleted, which is still as it was handed over and nobody else's; and names of what stays, with why."""
    kept = {_file_identity(plan.into / name) for name in files}
    others = {
        name_key(one.name): one.receiver
        for one in delivered_in(plan.root).values()
        if one.into == str(plan.into) and one.receiver not in ("", plan.receiver.slug)
    }
    going, stays = [], {}
    for one in old:
        why = "" if one.packed_in else _why_it_stays(plan, one, kept, others)
        if why:
            stays[one.name] = why
        else:
            going.append(one)
    return going, stays


def _why_it_stays(plan: Plan, one: Delivered, kept: set[tuple[int, int] | None], others: dict[str, str]) -> str:
    """Why a file is not deleted; empty where it is to be, or is not there."""
    try:
        path = inside(plan.into, one.name)
    except KittiwakeError as error:
        return error.message
    if not os.path.lexists(path):
        return ""
    if _file_identity(path) in kept:
        return phrase("it is one of those that were just handed over")
    if (other := others.get(name_key(one.name))) is not None:
        return phrase("it is handed over for {other} too", other=other)
    if not one.receiver:
        return phrase("an older record does not tell whose it is")
    if digest_of(path) != one.sha256:
        return phrase("it was altered since")
    return ""


def identity_of(path: Path) -> tuple[int, int]:
    """Disk and number of a file or folder.

    Raises
    ------
    OSError
    """
    found = path.stat()
    return found.st_dev, found.st_ino


def _file_identity(path: Path) -> tuple[int, int] | None:
    try:
        return identity_of(path)
    except OSError:
        return None


def inside(folder: Path, name: str) -> Path:
    """A place in the folder, and nowhere else: not through a link that somebody has put there either."""
    target = folder / name
    if not target.resolve().is_relative_to(folder.resolve()):
        raise KittiwakeError(
            phrase("“{name}” would lie outside of {folder}.", name=name, folder=folder),
            phrase("Look at what lies there; a link, most likely."),
            "outside",
        )
    return target


def digest_of(path: Path) -> str | None:
    """SHA-256 of what lies there; empty where that cannot be read, or is no ordinary file, None where nothing lies there."""
    try:
        return file_digest(path)
    except FileNotFoundError:
        return None
    except OSError:
        return ""
