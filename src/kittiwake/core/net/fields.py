"""Values put into addresses, headers and bodies, each as the place where it is put wants it."""

from __future__ import annotations

import json
import re
from collections.abc import Callable, Mapping
from urllib.parse import quote

from ...words import phrase
from ..errors import KittiwakeError

_FIELD = re.compile(r"\{([a-z_]+)\}")
_SHORTEST_SECRET = 4  # characters; what is shorter would blot out ordinary words


def filled_in(text: str, values: Mapping[str, str], escaped: Callable[[str], str]) -> str:
    """``{name}`` replaced by its value, all in one pass: a value that holds braces of its own is a value and nothing else."""
    return _FIELD.sub(lambda found: escaped(values[found[1]]) if found[1] in values else found[0], text)


def in_address(value: str) -> str:
    """As a part of an address (RFC 3986): nothing in it separates."""
    return quote(value, safe="", errors="surrogatepass")


def in_json(value: str) -> str:
    """As the inside of a JSON string (RFC 8259)."""
    return json.dumps(value)[1:-1]


def in_header(value: str) -> str:
    """As a value of a header: UTF-8 as it goes over the wire, where every byte is a character.

    Raises
    ------
    KittiwakeError : it would end the header; the message does not tell it, since it may be a key.
    """
    if any((ord(c) < 32 and c != "\t") or ord(c) == 127 for c in value):
        raise KittiwakeError(
            phrase("A value for a header holds a line break or another character that no header can hold."),
            phrase("Look at the key, and at the headers of the service."),
            "header",
        )
    return value.encode("utf-8", "surrogatepass").decode("latin-1")


def without_secret(text: str, secret: str) -> str:
    """A text without a key, however that was written in it."""
    if len(secret) < _SHORTEST_SECRET:
        return text
    for way in sorted({secret, in_address(secret), in_json(secret), repr(secret)[1:-1]}, key=len, reverse=True):
        text = text.replace(way, "…")
    return text
