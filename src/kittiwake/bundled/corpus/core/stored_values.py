"""Values as the state of a corpus holds them, and whether they are what was written there."""

from __future__ import annotations

import json
import math
import os
import sqlite3
import zlib
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import Any

from ....core import schema
from ....core.cache.facts_cache import unpacked_facts
from ....core.model import Clip, Facts, Stated
from .row import Row

DIGEST = 64  # characters before the facts of a clip
#: Kinds of values, by letters: text, path, name of a file in the corpus, whole number, number, bytes.
KINDS: dict[str, Callable[[Any], bool]] = {
    "t": lambda value: isinstance(value, str),
    "p": lambda value: (
        b"\0" not in value if isinstance(value, bytes) else isinstance(value, str) and "\0" not in value
    ),
    "n": lambda value: (
        isinstance(value, str) and "\0" not in value and ".." not in value.split("/") and value[:1] not in ("", "/")
    ),
    "i": lambda value: isinstance(value, int),
    "r": lambda value: isinstance(value, int | float) and math.isfinite(value),
    "b": lambda value: isinstance(value, bytes),
}
KINDS_OF_ENTRY = "tptttttttT" + "ttt" + "NTTIRT" + "BT"


def stored_path(path: Path) -> str | bytes:
    """A path as the database takes it: as text, or where it is none as its bytes."""
    text = str(path)
    try:
        text.encode("utf-8")
        return text
    except UnicodeEncodeError:
        return os.fsencode(path)


def path_of(stored: str | bytes) -> Path:
    return Path(os.fsdecode(stored))


def traits_of(text: str) -> dict[str, str]:
    """Raises sqlite3.DatabaseError where it is none."""
    try:
        return schema.read(dict[str, str], json.loads(text))
    except (ValueError, RecursionError) as error:
        raise sqlite3.DatabaseError("traits of a clip cannot be read") from error


def clip_of(text: str, path: str | bytes) -> Clip | None:
    return Clip.from_dict(json.loads(text), path_of(path)) if text else None


def stated_of(text: str) -> Stated | None:
    return Stated.parse(text) if text else None


def facts_of(blob: bytes | None, row: Row, stamp: str) -> Facts | None:
    if blob is None:
        return None
    try:
        facts = unpacked_facts(blob[DIGEST:], row.path, row.stated)
        return replace(facts, digest=blob[:DIGEST].decode("ascii").strip(), stamp=stamp)
    except (ValueError, TypeError, KeyError, zlib.error):
        return None
