"""Says of which recordings the rate in the header looks false, beside the others of their folder."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Iterable, Mapping, Sequence
from pathlib import Path
from typing import Any

from ..core.disk.text import printable
from ..core.model.units import format_hz
from ..words import in_words, tr
from .common import look, say

_MOST = 32  # recordings of a folder that are looked at once more, unasked
_FEWEST = 4  # recordings of a folder: fewer say nothing of each other


#: Gets what is said of a recording, or of a folder, as JSON has it; None where it is to be said in words.
Row = Callable[[dict[str, Any]], object] | None


def say_suspicions(folders: Mapping[Path, Sequence[Any]], row: Row) -> int:
    """Of voiceprints by folder; how many are suspected."""
    count = 0
    for voices in folders.values():
        from ..core.fit.suspicion import suspicions

        for path, problem in suspicions(voices).items():
            count += 1
            if row is not None:
                row({"path": str(path), "ok": True, "suspicion": problem.code, "message": problem.message})
            else:
                say(
                    tr(
                        "{path}: {message} If so: --true-rate {rate}",
                        path=printable(str(path)),
                        message=problem.message,
                        rate=problem.remedies[0].touch_up["true_rate"],
                    )
                )
    return count


def suspect_in_mixed_folders(sources: Iterable[Path], row: Row) -> int:
    """Look once more at the folders of these sources in which rates differ, since only there a false one shows; how many are suspected. Of a large folder
    it is only said that rates differ: to compare its voices takes as long as making them.
    """
    folders: dict[Path, list[Any]] = {}
    beside: dict[Path, list[Path]] = {}
    for source in sources:
        beside.setdefault(source.parent, []).append(source)
    for folder, near in beside.items():
        rates = Counter(_rate_of(source) for source in near) if len(near) >= _FEWEST else Counter()
        rates.pop(0, None)
        if len(rates) < 2:
            continue
        if len(near) > _MOST:
            _say_rates(folder, rates, row)
            continue
        from ..core.fit.suspicion import Voiceprint

        voices = (Voiceprint.of(facts) for facts in look(near, pitch=True))
        folders[folder] = [voice for voice in voices if voice]
    return say_suspicions(folders, row)


def _say_rates(folder: Path, rates: Counter[int], row: Row) -> None:
    if row is not None:
        row({"folder": str(folder), "rates": {str(rate): count for rate, count in rates.most_common()}})
        return
    counts = ", ".join(f"{count:,} × {in_words(format_hz(rate))}" for rate, count in rates.most_common(4))
    say(
        tr(
            "{folder}: its recordings are of several sample rates ({counts}). Whether one of them is false, “kittiwake fit” tells by their voices.",
            folder=printable(str(folder)),
            counts=counts,
        ),
        err=True,
    )


def _rate_of(source: Path) -> int:
    """Hz, as its header says; 0 where it has none that can be read."""
    from ..core.errors import IntakeError
    from ..core.intake import open_sound

    try:
        reader = open_sound(source)
    except IntakeError:
        return 0
    reader.close()
    return int(reader.header.sample_rate)


def may_be_suspected(request: Any) -> bool:
    """Whether a request leaves the rates open: nothing is stated of them, and nobody said that they are right."""
    return not (request.stated or request.true_rate or "accept_false_rate" in request.remedies)
