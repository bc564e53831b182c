"""What of a corpus is left out, and what is to be minded: rules, doubles, broken files; and on which side each speaker is."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterator
from dataclasses import field

from ....plain_data import dataclass
from ....words import phrase
from .request import CorpusRequest
from .split import Speaker, split
from .store import Store

_LOT = 1000
BROKEN = phrase("cannot be read")
ANOTHER = phrase("double of another")


@dataclass(slots=True)
class Cost:
    """What a rule costs: clips and seconds that break it, of all."""

    clips: int = 0
    seconds: float = 0.0


@dataclass(slots=True)
class Judged:
    """Clips and seconds that are kept, of how many; what each rule costs, by its words; ``drops`` tells which rules leave out."""

    clips: int = 0
    seconds: float = 0.0
    of_clips: int = 0
    of_seconds: float = 0.0
    costs: dict[str, Cost] = field(default_factory=lambda: defaultdict(Cost))
    drops: tuple[str, ...] = ()


def judge(store: Store, wish: CorpusRequest) -> Judged:
    """Note of each clip whether it is left out, and why."""
    found = Judged(
        drops=(
            *(rule.words for rule in wish.drop),
            *([ANOTHER] if wish.doubles == "drop" else []),
            BROKEN,
        )
    )

    def verdicts() -> Iterator[tuple[str, str, str]]:
        for entry in store.entries():
            quality = entry.quality
            seconds = quality.seconds if quality else 0.0
            found.of_clips += 1
            found.of_seconds += seconds
            if quality is None or quality.error:
                broken, drops, flags = [BROKEN], [BROKEN], []
            else:
                broken = [rule.words for rule in (*wish.drop, *wish.flag) if not rule.keeps(quality)]
                drops = [rule.words for rule in wish.drop if not rule.keeps(quality)]
                flags = [rule.words for rule in wish.flag if not rule.keeps(quality)]
                if entry.double_of and wish.doubles != "keep":
                    broken.append(ANOTHER)
                    (drops if wish.doubles == "drop" else flags).append(
                        phrase("double of {other}", other=entry.double_of)
                    )
            for words in broken:
                cost = found.costs[words]
                cost.clips += 1
                cost.seconds += seconds
            if not drops:
                found.clips += 1
                found.seconds += seconds
            yield entry.row.id, ", ".join(drops), "\n".join(flags)

    found_verdicts = []
    for verdict in verdicts():
        found_verdicts.append(verdict)
        if len(found_verdicts) == _LOT:
            store.put_verdicts(found_verdicts)
            found_verdicts = []
    store.put_verdicts(found_verdicts)
    for rule in (*wish.drop, *wish.flag):
        found.costs[rule.words]  # one that costs nothing is listed too
    return found


def assign(store: Store, wish: CorpusRequest) -> dict[str, str]:
    """The side of each speaker; who had one keeps it."""
    speakers = [
        Speaker(
            name,
            seconds,
            tuple(
                f"{key}={value}"
                for key in wish.balance
                if (value := language if key == "language" else traits.get(key, ""))
            ),
        )
        for name, seconds, language, traits in store.speakers()
    ]
    known = {**wish.sides, **store.sides()}
    sides = split(speakers, wish.shares, wish.seed, known)
    store.put_sides(sides)
    return sides
