"""A receiver by its slug or its file."""

from __future__ import annotations

from pathlib import Path

from ...words import joined, phrase
from ..disk.text import text_of
from ..errors import RulesError
from ..nearest import nearest
from .own_receivers import broken_own, own_receivers
from .receiver import Receiver
from .receiver_file import MOST_TEXT, read_receiver, shipped_file, shipped_receiver, shipped_receivers, to_toml


def receiver_text(slug: str) -> str:
    """The TOML of a receiver that ships, or of a file.

    Raises
    ------
    RulesError : there is none.
    """
    if (shipped := shipped_file(slug)) is not None:
        return shipped.read_text("utf-8")
    receiver = load_receiver(slug)  # says what is wrong
    return text_of(Path(slug), MOST_TEXT, "receiver") if slug.endswith(".toml") else to_toml(receiver)


def load_receiver(which: str | Path) -> Receiver:
    """A receiver by its slug, one that ships or one of one's own, or one from a TOML file by its path.

    Raises
    ------
    RulesError : no such receiver, or its file is wrong.
    """
    if isinstance(which, str) and (shipped := shipped_receiver(which)) is not None:
        return shipped
    if isinstance(which, str) and not which.endswith(".toml") and which in (own := own_receivers()):
        return own[which]
    path = Path(which)
    if "\0" in str(which):
        raise RulesError(
            phrase("“{which!a}” is no path.", which=which), phrase("Name a receiver, or a .toml file."), "no_receiver"
        )
    if path.suffix.lower() != ".toml":
        if (broken := broken_own().get(str(which))) is not None:
            raise broken
        names = {**shipped_receivers(), **own_receivers()}
        known = joined(names, ", ")
        near = nearest(str(which), names, 1)
        meant = phrase("Did you mean {near}? ", near=near[0]) if near else ""
        raise RulesError(
            phrase("There is no receiver “{which}”.", which=which),
            phrase("{meant}Name one of {known}, or a .toml file.", meant=meant, known=known),
            "no_receiver",
        )
    return read_receiver(path)
