"""Receivers of one's own, kept from job to job: a folder of TOML files, and which ones were used last."""

from __future__ import annotations

import contextlib
import json
from collections.abc import Iterable, Mapping
from pathlib import Path

from ...words import phrase
from ..disk.place import write_text_whole
from ..errors import KittiwakeError, RulesError, reason_of
from .receiver import Receiver
from .receiver_file import read_receiver, shipped_receivers, to_toml

_LAST = "last-used.json"
_read: dict[Path, tuple[int, Receiver | None]] = {}


def own_folder() -> Path:
    """Where they lie."""
    from platformdirs import user_config_path

    return user_config_path("kittiwake") / "receivers"


def own_receivers() -> dict[str, Receiver]:
    """Those that are kept, by slug, in the order of their names. A file that is no receiver is left out; ``broken_own`` says why."""
    found: dict[str, Receiver] = {}
    with contextlib.suppress(OSError):
        for path in sorted(own_folder().glob("*.toml")):
            receiver = _of_file(path)
            if receiver is not None and receiver.slug not in shipped_receivers():
                found.setdefault(receiver.slug, receiver)
    return dict(sorted(found.items(), key=lambda item: item[1].name.casefold()))


def broken_own() -> dict[str, KittiwakeError]:
    """What is wrong with files that are kept and are no receivers, by their names without the ending."""
    found: dict[str, KittiwakeError] = {}
    with contextlib.suppress(OSError):
        for path in sorted(own_folder().glob("*.toml")):
            try:
                _check_slug(read_receiver(path))
            except KittiwakeError as error:
                found[path.stem] = error
    return found


def _of_file(path: Path) -> Receiver | None:
    """Read once, and again when it has changed."""
    with contextlib.suppress(OSError, KittiwakeError):
        stamp = path.stat().st_mtime_ns
        if _read.get(path, (0, None))[0] != stamp:
            _read[path] = (stamp, None)
            _read[path] = (stamp, read_receiver(path))
        return _read[path][1]
    return None


def keep_own(receiver: Receiver) -> Path:
    """Keep a receiver for other jobs; one that is kept under its slug is replaced.

    Raises
    ------
    RulesError : it has the slug of one that ships, or the disk.
    """
    _check_slug(receiver)
    path = own_folder() / f"{receiver.slug}.toml"
    _write(path, to_toml(receiver))
    return path


def _check_slug(receiver: Receiver) -> None:
    if receiver.slug in shipped_receivers():
        raise RulesError(
            phrase("“{slug}” is a receiver that ships.", slug=receiver.slug),
            phrase("Give yours another slug."),
            "no_receiver",
        )


def forget_own(slug: str) -> None:
    """Do not keep it any more; jobs that use it have it still."""
    (own_folder() / f"{slug}.toml").unlink(missing_ok=True)


def free_slug(wanted: str, taken: Iterable[str] = ()) -> str:
    """``wanted``, or with a number behind it, so that nothing else has it."""
    used = {*taken, *shipped_receivers(), *own_receivers()}
    number, slug = 2, wanted[:40].strip("-")
    while slug in used:
        slug, number = f"{wanted[:36].strip('-')}-{number}", number + 1
    return slug


def as_own(receiver: Receiver, taken: Iterable[str] = ()) -> Receiver:
    """A receiver that ships, as one of one's own: with a name and a slug that are its own."""
    slug = free_slug(f"my-{receiver.slug}", taken)
    folder = slug if receiver.delivery.folder in ("", receiver.slug) else receiver.delivery.folder
    delivery = receiver.delivery.changed(folder=folder)
    return receiver.changed(slug=slug, name=f"My {receiver.name}"[:40], delivery=delivery)


def last_used() -> tuple[str, ...]:
    """Slugs of the receivers that the last job was for; those that are gone are left out."""
    with contextlib.suppress(OSError, ValueError):
        found = json.loads((own_folder() / _LAST).read_text("utf-8"))
        if isinstance(found, list):
            known: Mapping[str, Receiver] = {**shipped_receivers(), **own_receivers()}
            return tuple(dict.fromkeys(str(slug) for slug in found if str(slug) in known))
    return ()


def note_used(slugs: Iterable[str]) -> None:
    """The next job begins with these. Where that cannot be written down, it is not."""
    with contextlib.suppress(RulesError):
        _write(own_folder() / _LAST, json.dumps(list(slugs)))


def _write(path: Path, text: str) -> None:
    try:
        write_text_whole(path, text)
    except OSError as error:
        raise RulesError(
            phrase(
                "{name} could not be kept in {parent}: {reason_of}.",
                name=path.name,
                parent=path.parent,
                reason_of=reason_of(error),
            ),
            phrase("Check the folder and its permissions."),
            "no_folder",
        ) from error
