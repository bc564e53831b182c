"""A stand-in paging controller: a list of messages first, then their files, one after the other over a slow link, then *ready, no faults*.

The list is JSON lines, each ``{"file": …, "kind": "evacuation" | "alert" | "general", "bytes": …}``; it is the manifest of a delivery.
"""

from __future__ import annotations

import json
from typing import Any

from ....words import joined, phrase
from ....work.standin.machine import Action, ActionResult, Refusal, StoredSound, stand_in
from ..core.decode import sound_of
from ..core.plain_wav import PCM, Wants, read_wav
from ..core.shelf import Shelf

KINDS = ("evacuation", "alert", "general")  # in the order of their priority
MEMORY, MESSAGES = 64_000_000, 64
LIST = ".jsonl"
_WANTS = Wants((PCM,), (48_000,), (16,))


class Paging:
    """One controller. A new list drops what is not in it."""

    def __init__(self) -> None:
        self.shelf = Shelf(MEMORY, MESSAGES)
        self.refusal: Refusal | None = None
        self.kinds: dict[str, str] = {}
        self._sizes: dict[str, int] = {}
        self.playing = ""

    @property
    def held(self) -> StoredSound | None:
        files = list(self.shelf.files.values())
        return self.shelf.find(self.playing) or (files[-1].held if files else None)

    @property
    def missing(self) -> list[str]:
        """Messages of the list whose files have not come."""
        return [name for name in self.kinds if name not in self.shelf.files]

    @property
    def state(self) -> str:
        if not self.kinds:
            return phrase("not configured: a list of messages is wanted first")
        if self.missing:
            return phrase(
                "configured, {missing} of {all} messages missing", missing=len(self.missing), all=len(self.kinds)
            )
        return phrase("ready, no faults")

    def hand(self, name: str, data: bytes) -> bool:
        self.refusal = self._configure(data) if name.lower().endswith(LIST) else self._take(name, data)
        return self.refusal is None

    def press(self) -> StoredSound | None:
        return self.held

    def list_with(self, name: str, kind: str, size: int) -> bytes:
        entries = {
            one: {"file": one, "kind": self.kinds[one], "bytes": self._sizes.get(one, 0)}
            for one in self.kinds
            if one in self.shelf.files
        }
        entries[name] = {"file": name, "kind": kind if kind in KINDS else KINDS[-1], "bytes": size}
        return "".join(json.dumps(entry) + "\n" for entry in entries.values()).encode()

    def _configure(self, data: bytes) -> Refusal | None:
        kinds: dict[str, str] = {}
        sizes: dict[str, int] = {}
        at = 0
        for line in data.splitlines(keepends=True):
            entry = _entry(line)
            if line.strip() and (entry is None or entry.get("kind") not in KINDS):
                wanted = joined(KINDS, ", ")
                return Refusal(
                    phrase("A line of the list names no file, or no kind it knows ({wanted}).", wanted=wanted), at
                )
            if entry:
                kinds[entry["file"]], sizes[entry["file"]] = entry["kind"], entry.get("bytes", 0)
            at += len(line)
        if not kinds:
            return Refusal(phrase("There is no message in the list."), 0)
        if len(kinds) > MESSAGES:
            return Refusal(
                phrase(
                    "{count} messages are too many: {messages} are the most.", count=len(kinds), messages=MESSAGES
                ),
                0,
            )
        self.kinds, self._sizes = kinds, sizes
        for name in [name for name in self.shelf.files if name not in kinds]:
            del self.shelf.files[name]
        return None

    def _take(self, name: str, data: bytes) -> Refusal | None:
        if not self.kinds:
            return Refusal(phrase("It is not configured: hand it the list of messages first."), 0)
        if name not in self.kinds:
            return Refusal(phrase("It is not in the list of messages."), 0)
        if self._sizes[name] and len(data) != self._sizes[name]:
            return Refusal(
                phrase(
                    "{count:,} bytes came; {sizes:,} stand in the list.", count=len(data), sizes=self._sizes[name]
                ),
                len(data),
            )
        found = read_wav(name, data, _WANTS)
        if isinstance(found, Refusal):
            return found
        return self.shelf.put(StoredSound(name, len(data), found.rate, sound_of(found)), data)

    def call(self, argument: str) -> ActionResult:
        """Call one message or several at once (by name, with commas): the one of the highest kind is heard."""
        found = [self.shelf.find(one) for one in argument.split(",") if one.strip()]
        held = [one for one in found if one is not None]
        if self.missing or not self.kinds:
            return ActionResult(phrase("It does nothing: {state}.", state=self.state))
        if not held or None in found:
            return ActionResult(phrase("It has no message “{argument}”.", argument=argument))
        first = min(held, key=lambda one: KINDS.index(self.kinds[one.name]))
        waiting = [one.name for one in held if one is not first]
        self.playing = first.name
        self.shelf.heard(first.name)
        more = phrase("; {list} must wait", list=joined(waiting, ", ")) if waiting else ""
        return ActionResult(f"{first.name} ({self.kinds[first.name]}){more}", first)

    def ask(self, _: str = "") -> ActionResult:
        """What its display says."""
        return ActionResult(self.state)


def _entry(line: bytes) -> dict[str, Any] | None:
    try:
        found = json.loads(line)
    except ValueError:
        return None
    if (
        not isinstance(found, dict)
        or not isinstance(found.get("file"), str)
        or not isinstance(found.get("bytes", 0), int)
    ):
        return None
    return found


stand_in(
    "paging",
    "paging controller",
    (
        Action("call", phrase("Call a message"), Paging.call, phrase("messages, with commas")),
        Action("state", phrase("Read its display"), Paging.ask),
    ),
    pace=64_000,
    lists=True,
)(Paging)
