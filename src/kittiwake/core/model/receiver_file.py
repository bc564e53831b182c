"""Receivers in and out of TOML: a foreign file, so errors name the field, its value and the nearest legal value."""

from __future__ import annotations

from collections.abc import Iterator
from functools import cache
from pathlib import Path
from typing import Any

from ...words import phrase
from ..disk.text import parse_toml, text_of
from ..errors import RulesError, reason_of
from ..extensions import data_behind
from .receiver import Receiver

_RECEIVERS = Path(__file__).parent.parent / "receivers"
MOST_TEXT = 1 << 20  # bytes that a receiver's file may have
_DEEPEST = 12  # lists and tables within each other


def read_receiver(path: Path) -> Receiver:
    """A receiver from its TOML file.

    Raises
    ------
    RulesError : the file cannot be read, or as ``parse_receiver``.
    """
    try:
        text = text_of(path, MOST_TEXT, "receiver")
    except OSError as error:
        raise RulesError(
            phrase("{path} cannot be read: {reason_of}.", path=path, reason_of=reason_of(error)),
            phrase("Check the path and its permissions."),
            "no_receiver",
        ) from error
    except UnicodeDecodeError as error:
        raise RulesError(
            phrase("{path} is not text.", path=path), phrase("Receivers are TOML files in UTF-8."), "not_toml"
        ) from error
    return parse_receiver(text, path.name)


def parse_receiver(text: str, where: str) -> Receiver:
    """A receiver from the text of its TOML file; ``where`` names it in messages.

    Raises
    ------
    RulesError : not TOML, a field unknown, missing, or out of range; the message names the field.
    """
    try:
        data: dict[str, Any] = parse_toml(text.removeprefix("\ufeff"))
    except ValueError as error:
        raise RulesError(
            phrase("{where} is not valid TOML: {error}.", where=where, error=error),
            phrase("Mend that line and load it again."),
            "not_toml",
        ) from error
    return receiver_from_data(data, where)


def to_toml(receiver: Receiver) -> str:
    """The TOML of a receiver: only what differs from the defaults."""
    import tomli_w

    data = receiver.to_data(sparse=True)
    # Always there, whatever the defaults: what a reader of the file looks for first.
    return tomli_w.dumps({"version": receiver.version, **data})


def receiver_from_data(data: dict[str, Any], where: str) -> Receiver:
    """A receiver from plain data; ``where`` names it in messages.

    Raises
    ------
    RulesError : a field unknown, missing, or out of range; the message names the field.
    """
    try:
        if _depth(data) > _DEEPEST:
            raise RulesError(
                phrase("{where} holds tables within tables without end.", where=where),
                phrase("Mend it and load it again."),
                "rules",
            )
        return Receiver.read(data)
    except ValueError as error:
        faults = str(error)
        raise RulesError(
            phrase(
                "{where} does not describe a receiver: {faults}{more}",
                where=where,
                faults=faults.rstrip("?"),
                more="?" if faults.endswith("?") else ".",
            ),
            phrase("Mend those fields and load it again."),
            "rules",
        ) from error


def _depth(data: Any) -> int:
    """How deep lists and tables lie within each other, as far as that matters."""
    depth, layer = 0, [data]
    while layer and depth <= _DEEPEST:
        below: list[Any] = []
        for one in layer:
            if isinstance(one, dict):
                below += one.values()
            elif isinstance(one, list):
                below += one
        layer = [one for one in below if isinstance(one, dict | list)]
        depth += 1
    return depth


@cache
def shipped_receivers() -> dict[str, Receiver]:
    """The receivers that come with the application, by slug, in the order in which they are offered."""
    return {
        receiver.slug: receiver for receiver in map(_shipped, sorted(_shipped_files(), key=lambda path: path.name))
    }


def shipped_receiver(slug: str) -> Receiver | None:
    """One of them, whose file alone is read; None where there is none."""
    path = shipped_file(slug)
    return None if path is None else _shipped(path)


def shipped_file(slug: str) -> Path | None:
    """Its TOML file, such as ``10-phone-menu.toml``: the number is the order."""
    return next((path for path in _shipped_files() if path.stem.partition("-")[2] == slug), None)


def _shipped_files() -> Iterator[Path]:
    """Those of the application, and of its extensions."""
    yield from _RECEIVERS.glob("*.toml")
    for folder in data_behind("receivers"):
        yield from folder.glob("*.toml")


@cache
def _shipped(path: Path) -> Receiver:
    receiver = (
        Receiver.read(parse_toml(path.read_text("utf-8"))) if path.parent == _RECEIVERS else read_receiver(path)
    )
    # In other languages they have other names; in files and folders it is the slug that counts.
    return receiver.changed(name=phrase(receiver.name), purpose=phrase(receiver.purpose))
