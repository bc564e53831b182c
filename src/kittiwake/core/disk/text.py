"""Text that can hold any file name, and text of files that may come from anybody."""

from __future__ import annotations

import errno
import json
import os
import stat
from pathlib import Path
from typing import Any

_LONGEST_KEY, _MOST_PARTS = 1000, 50  # characters of a line, and parts of a dotted key, beyond which it is nobody's


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


def text_of(path: Path, most: int, kind: str) -> str:
    """The text (UTF-8) of an ordinary file of at most ``most`` bytes, which is to be a ``kind``: a pipe or a device would never end.

    Raises
    ------
    OSError, UnicodeDecodeError
    """
    handle = os.open(path, os.O_RDONLY | os.O_NONBLOCK)
    with os.fdopen(handle, "rb") as file:
        found = os.fstat(handle)
        if not stat.S_ISREG(found.st_mode):
            raise OSError(errno.EINVAL, "it is not an ordinary file")
        if found.st_size > most:
            raise OSError(errno.EFBIG, f"it is larger than any {kind}")
        return file.read(most).decode("utf-8-sig")


def parse_toml(text: str) -> dict[str, Any]:
    """What TOML says that may come from anybody.

    Raises
    ------
    ValueError : it is none, its tables lie in each other without end, a number has thousands of digits, or a key is longer than any (whose parts cost
        the square of their number).
    """
    import tomllib

    for number, line in enumerate(text.splitlines(), 1):
        if len(line) > _LONGEST_KEY and line.partition("=")[0].count(".") > _MOST_PARTS:
            raise ValueError(f"a key with more parts than any has (at line {number})")
    try:
        return tomllib.loads(text)
    except tomllib.TOMLDecodeError:
        raise
    except ValueError as error:  # Python's own limit on numbers, told with advice for programmers
        raise ValueError("a number with thousands of digits") from error
    except RecursionError as error:
        raise ValueError("tables within tables without end") from error


def is_path(path: str) -> bool:
    """Whether the system can be asked for a path."""
    try:
        return "\0" not in path and (path.isascii() or bool(os.fsencode(path)))
    except UnicodeEncodeError:  # half a character
        return False
