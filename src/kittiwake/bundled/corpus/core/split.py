"""Training, development and test: no speaker in two of them, alike in what they hold, and never changed by what is added."""

from __future__ import annotations

import hashlib
import math
from collections import defaultdict
from collections.abc import Iterable, Mapping, Sequence

from ....core.errors import KittiwakeError
from ....plain_data import dataclass
from ....words import phrase
from ....work.deliver.manifest import as_meant

NAMES = ("train", "dev", "test")


@dataclass(frozen=True, slots=True)
class Speaker:
    """``seconds`` of sound; ``kinds``: what the sides are to be alike in, such as ``language=de`` or ``gender=f``."""

    name: str
    seconds: float
    kinds: tuple[str, ...] = ()


def shares_of(text: str) -> dict[str, float]:
    """``80/10/10`` as shares of ``NAMES`` that make 1.

    Raises
    ------
    KittiwakeError : it is no such text.
    """
    try:
        parts = [float(part) for part in text.split("/")]
    except ValueError:
        parts = []
    if not 1 <= len(parts) <= len(NAMES) or min(parts) < 0 or not 0 < sum(parts) < math.inf:
        raise KittiwakeError(
            phrase("“{text}” is no split.", text=text), phrase("Write for example 80/10/10."), "split"
        )
    return {name: part / sum(parts) for name, part in zip(NAMES, parts, strict=False) if part}


#: What people call the columns of a table of sides, and the sides.
_SPEAKER = ("speaker", "speaker_id", "spk", "client_id", "reader")
_SIDE = ("split", "side", "set", "subset", "partition")
_CALLED = {
    "training": "train", "val": "dev", "valid": "dev", "validation": "dev", "development": "dev", "testing": "test", "eval": "test", "evaluation": "test",
}  # fmt: skip


def sides_of_rows(rows: Sequence[Sequence[str]], name: str) -> dict[str, str]:
    """The side of each speaker, by the columns of a table, in whatever order they are; ``name`` is what it is called.

    Raises
    ------
    KittiwakeError : there are no such columns, a side is none of ``NAMES``, or a speaker is on two.
    """
    heads = [cell.strip().casefold() for cell in rows[0]] if rows else []
    speaker = next((heads.index(one) for one in _SPEAKER if one in heads), None)
    side = next((heads.index(one) for one in _SIDE if one in heads), None)
    if speaker is None or side is None:
        raise KittiwakeError(
            phrase("{name} does not tell which speaker is on which side.", name=name),
            phrase("It needs the columns “speaker” and “split”."),
            "splits",
        )
    found: dict[str, str] = {}
    for row in rows[1:]:
        if len(row) <= max(speaker, side) or not row[speaker].strip():
            continue
        who, where = as_meant(row[speaker]), row[side].strip().casefold()
        where = _CALLED.get(where, where)
        if where not in NAMES:
            raise KittiwakeError(
                phrase(
                    "{name} puts {speaker} on the side “{side}”, which there is not.",
                    name=name,
                    speaker=who,
                    side=row[side],
                ),
                phrase("There is: {list}.", list=", ".join(NAMES)),
                "splits",
            )
        if found.setdefault(who, where) != where:
            raise KittiwakeError(
                phrase("{name} puts {speaker} on two sides.", name=name, speaker=who),
                phrase("Leave one of the two rows out."),
                "splits",
            )
    return found


def split(
    speakers: Iterable[Speaker], shares: Mapping[str, float], seed: str, known: Mapping[str, str] | None = None
) -> dict[str, str]:
    """The side of each speaker, by name.

    One after the other, those with most sound first and otherwise in an order that only the seed knows, each goes to where shares come out nearest:
    of all sound, and of each of its kinds. Who is ``known`` stays. The same speakers, seconds and seed give the same sides.
    """
    known = dict(known or {})
    have: dict[tuple[str, str], float] = defaultdict(float)  # seconds by kind and side
    total: dict[str, float] = defaultdict(float)
    sides: dict[str, str] = {}
    new = []
    for one in speakers:
        if known.get(one.name) in shares:
            sides[one.name] = known[one.name]
            _count(one, known[one.name], have, total)
        else:
            new.append(one)
    for one in sorted(
        new, key=lambda speaker: (-math.frexp(speaker.seconds)[1], _dice(seed, speaker.name), speaker.name)
    ):
        worse = {
            side: sum(_worse(one, kind, side, shares, have, total) for kind in ("", *one.kinds)) for side in shares
        }
        best = min(shares, key=lambda side: round(worse[side], 12))
        sides[one.name] = best
        _count(one, best, have, total)
    return sides


def _worse(
    one: Speaker,
    kind: str,
    side: str,
    shares: Mapping[str, float],
    have: Mapping[tuple[str, str], float],
    total: Mapping[str, float],
) -> float:
    """By how much farther from its share a side is with this speaker than without, squared; a share of a kind is of what there is of it."""
    whole = total[kind] + one.seconds
    if whole <= 0:
        return -shares[side]
    before, after = have[kind, side] / whole - shares[side], (have[kind, side] + one.seconds) / whole - shares[side]
    return after * after - before * before


def _count(one: Speaker, side: str, have: dict[tuple[str, str], float], total: dict[str, float]) -> None:
    for kind in ("", *one.kinds):
        have[kind, side] += one.seconds
        total[kind] += one.seconds


def _dice(seed: str, name: str) -> bytes:
    return hashlib.sha256(f"{seed}\0{name}".encode("utf-8", "surrogatepass")).digest()
