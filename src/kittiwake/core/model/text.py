"""Text that can hold any file name."""

from __future__ import annotations

import json
from typing import Any


def to_json(data: Any, indent: int | None = None) -> str:
    """As JSON (RFC 8259). File names that are not valid UTF-8 are kept by escapes, so that nothing is lost."""
    text = json.dumps(data, ensure_ascii=False, indent=indent)
    try:
        text.encode("utf-8")
    except UnicodeEncodeError:
        return json.dumps(data, ensure_ascii=True, indent=indent)
    return text


def printable(text: str, keep: str = "") -> str:
    """With escapes for whatever is not to be seen, but for the characters in ``keep``: names may hold what a terminal would obey."""
    if text.isprintable():
        return text
    return "".join(c if c.isprintable() or c in keep else c.encode("unicode_escape").decode("ascii") for c in text)
