"""How this program came onto the machine: where its documents lie, and how what is optional is added."""

from __future__ import annotations

import sys
from pathlib import Path

from ..words import phrase

_PACKAGE = Path(__file__).resolve().parents[1]
_OF_DEBIAN = Path("/usr/lib/kittiwake")  # where packaging/debian puts it
_DOCUMENTS = "share/doc/kittiwake"  # below a prefix, as wheel and Debian package have it


def document(name: str) -> str:
    """Where a page of the documents (``formats.md``) can be read here; its bare name where it was not installed with the program."""
    if (_PACKAGE.parents[1] / "docs" / name).is_file():
        return f"docs/{name}"
    places = (Path(sys.prefix) / _DOCUMENTS / name, Path("/usr") / _DOCUMENTS / name)
    return str(next((place for place in places if place.is_file()), name))


def how_to_add(extra: str, package: str = "") -> str:
    """What to do for an optional part (a key of ``project.optional-dependencies``).

    Parameters
    ----------
    package : of Debian, that brings the same where the program is one of its packages.
    """
    if _PACKAGE.parent != _OF_DEBIAN:
        return phrase("Install it with: pip install 'kittiwake[{extra}]'.", extra=extra)
    if package:
        return phrase("Install it with: apt install {package}.", package=package)
    return phrase(
        "The Debian package does without it: install the wheel of Kittiwake in an environment of its own, with pip install 'kittiwake[{extra}]'.",
        extra=extra,
    )
