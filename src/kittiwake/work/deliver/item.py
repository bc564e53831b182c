"""A made file that goes out, with its data for the list."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import field
from pathlib import Path, PurePosixPath
from typing import Any

from ...core.disk.place import name_key
from ...core.errors import KittiwakeError
from ...core.model import Receiver
from ...core.model.rights import Rights
from ...plain_data import dataclass
from ...words import phrase


@dataclass(frozen=True, slots=True)
class Item:
    """One file.

    Attributes
    ----------
    output : the made file.
    sha256, bytes : of it.
    seconds, rate : of its sound; ``true_rate`` (Hz) of the source, where it was stated.
    level_dbov : active speech level as made; ``bandwidth_hz`` of the source.
    fingerprint : of recipe and rules.
    problems : what is to be minded, in sentences.
    """

    output: Path
    sha256: str
    bytes: int
    seconds: float | None = None
    rate: int | None = None
    clip: str = ""
    text: str = ""
    speaker: str = ""
    language: str = ""
    kind: str = ""
    source: str = ""
    true_rate: int | None = None
    level_dbov: float | None = None
    bandwidth_hz: float | None = None
    rights: Rights | None = None
    fingerprint: str = ""
    problems: tuple[str, ...] = ()
    more: Mapping[str, Any] = field(default_factory=dict, hash=False)

    @property
    def name(self) -> str:
        return self.output.name


def place_of(item: Item, receiver: Receiver, number: int) -> str:
    """Where a file lies in what is handed over, with slashes; parts that come out empty are left out.

    Raises
    ------
    KittiwakeError : it would lie outside, or nowhere.
    """
    values = {
        "name": item.name, "stem": item.output.stem, "ending": item.output.suffix.lstrip("."), "folder": Path(item.source).parent.name,
        "kind": item.kind, "language": item.language, "speaker": item.speaker, "number": f"{number:03}",
    }  # fmt: skip
    plain = {key: value.replace("/", "_").replace("\\", "_").replace("\0", "_") for key, value in values.items()}
    parts = [part.strip() for part in receiver.delivery.names.format_map(plain).split("/")]
    parts = [part for part in parts if part not in ("", ".")]
    if not parts or ".." in parts or any(len(part.encode("utf-8", "surrogatepass")) > 255 for part in parts):
        raise KittiwakeError(
            phrase(
                "{name} would go to “{list}”, which is no place in what is handed over.",
                name=item.name,
                list="/".join(parts),
            ),
            phrase("Change delivery.names of the receiver."),
            "names",
        )
    return str(PurePosixPath(*parts))


def places_of(items: Iterable[Item], receiver: Receiver) -> dict[str, Item]:
    """All by their places.

    Raises
    ------
    KittiwakeError : two would lie at one, also where case does not count, or how accents are written; the message names them.
    """
    found: dict[str, Item] = {}
    seen: dict[str, Item] = {}
    for number, item in enumerate(items, 1):
        place = place_of(item, receiver, number)
        other = seen.setdefault(name_key(place), item)
        if other is not item:
            raise KittiwakeError(
                phrase(
                    "{first} and {second} would both go to “{place}”.",
                    first=other.name,
                    second=item.name,
                    place=place,
                ),
                phrase("Add {name} or {number} to delivery.names of the receiver."),
                "names",
            )
        found[place] = item
    return found
