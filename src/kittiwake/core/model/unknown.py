"""What a job file holds that this program does not know: kept as it is, put back where it stood when the job is saved, and told.

A version of the layout that is newer is refused; but a key may come from somebody else's program too, or from one that was tried out.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from typing import Any

from ...words import joined, phrase
from .. import schema
from .clip import Clip, TouchUp
from .script import ScriptLine, ScriptOfAFile

#: What is kept: by the list it stands in (empty for the job itself), then by the id of its entry, the keys that are not known.
Unknown = Mapping[str, Mapping[str, Mapping[str, Any]]]

_MOST_TOLD = 8


def unknown_in(data: Mapping[str, Any], job: type, source: type) -> dict[str, dict[str, dict[str, Any]]]:
    """What is not known of a job file that was read, and is as it should be; ``job`` and ``source`` are the classes that it and its sources are read by."""
    found: dict[str, dict[str, dict[str, Any]]] = {}

    def note(part: str, own: str, more: dict[str, Any]) -> None:
        if more:
            found.setdefault(part, {})[own] = more

    note("", "", schema.unknown_in(ScriptOfAFile, schema.unknown_in(job, data)))
    for entry in data.get("sources", ()):
        note("sources", str(entry.get("path")), schema.unknown_in(source, entry))
    for entry in data.get("clips", ()):
        more = schema.unknown_in(Clip, entry)
        if touched := schema.unknown_in(TouchUp, entry.get("touch_up") or {}):
            more["touch_up"] = touched
        note("clips", str(entry.get("id")), more)
    for entry in data.get("script", ()):
        note("script", str(entry.get("id")), schema.unknown_in(ScriptLine, entry))
    return found


def with_unknown(entry: dict[str, Any], unknown: Unknown, part: str, own: str) -> dict[str, Any]:
    """An entry as it is to be saved, with what it had besides."""
    more = unknown.get(part, {}).get(own)
    if not more:
        return entry
    out = dict(entry)
    for key, value in more.items():
        now = out.get(key)
        out[key] = {**value, **now} if isinstance(now, dict) and isinstance(value, dict) else out.get(key, value)
    return out


def words_of(unknown: Unknown) -> str:
    """That something is kept, in a sentence; empty where nothing is."""
    names = sorted(dict.fromkeys(_names(unknown)))
    if not names:
        return ""
    more = " …" if len(names) > _MOST_TOLD else ""
    return phrase(
        "It holds what this Kittiwake does not know ({list}{more}): that is kept as it is, and does nothing here.",
        list=joined(names[:_MOST_TOLD], ", "),
        more=more,
    )


def _names(unknown: Unknown) -> Iterator[str]:
    for part, entries in unknown.items():
        for keys in entries.values():
            for key, value in keys.items():
                if key == "touch_up" and isinstance(value, dict):
                    yield from (f"clips.touch_up.{inner}" for inner in value)
                else:
                    yield f"{part}.{key}" if part else key
