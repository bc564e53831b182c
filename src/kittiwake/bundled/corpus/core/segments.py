"""Long recordings in pieces: cut in pauses, never within a word, between a shortest and a longest length; texts kept in step."""

from __future__ import annotations

from collections import deque
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import replace
from pathlib import Path

from ....core.batch.each import each
from ....core.errors import KittiwakeError
from ....core.intake import open_sound
from ....core.model import Clip
from ....core.process import Executor, WorkerCrash
from ....plain_data import dataclass
from ....words import phrase
from ....work.cut.activity import Activity, activity_of
from ....work.cut.find import Find, find_speech
from .heard import HeardText, shared_out
from .row import Findings, Row

_PAUSES = (0.3, 0.2)  # s, at which is cut; a shorter one may be the closure of a consonant


@dataclass(frozen=True, slots=True)
class Lengths:
    """Seconds that a piece may be long."""

    shortest: float
    longest: float


def lengths_of(text: str) -> Lengths:
    """``3-15``: from 3 to 15 seconds.

    Raises
    ------
    KittiwakeError : it is no such text.
    """
    low, _, high = text.replace("–", "-").partition("-")
    try:
        found = Lengths(float(low), float(high))
    except ValueError:
        found = Lengths(0, 0)
    if not 0 <= found.shortest < found.longest < 3600:
        raise KittiwakeError(
            phrase("“{text}” are no lengths.", text=text), phrase("Write for example 3-15, in seconds."), "lengths"
        )
    return found


def joined(spans: Iterable[tuple[float, float]], lengths: Lengths) -> list[tuple[float, float]]:
    """Spans of speech as pieces as long as may be: what follows is joined while it fits. One that is longer by itself stays."""
    out: list[tuple[float, float]] = []
    for start, stop in spans:
        if out and stop - out[-1][0] <= lengths.longest:
            out[-1] = (out[-1][0], stop)
        else:
            out.append((start, stop))
    return out


@dataclass(frozen=True, slots=True)
class _Cut:
    """Work for an executor: pieces of a file, in frames; empty where it is short enough."""

    lengths: Lengths

    def __call__(self, path: Path) -> tuple[int, list[tuple[int, int]]]:
        try:
            reader = open_sound(path)
            rate, frames = reader.header.sample_rate, reader.header.frames
            reader.close()
            if frames is not None and frames <= self.lengths.longest * rate:
                return rate, []
            activity = activity_of(path)
        except (KittiwakeError, OSError):
            return 1, []  # what is wrong with it is found when it is measured
        if activity.seconds <= self.lengths.longest:
            return rate, []
        return rate, [(round(a * rate), round(b * rate)) for a, b in self._pieces(activity, rate)]

    def _pieces(self, activity: Activity, rate: int) -> list[tuple[float, float]]:
        found = [find_speech(activity, Find(pause=pause)).speech for pause in _PAUSES]
        finer = [(a / rate, b / rate) for a, b in found[1]]
        spans: list[tuple[float, float]] = []
        for a, b in ((a / rate, b / rate) for a, b in found[0]):
            within = [one for one in finer if a - 0.01 <= one[0] and one[1] <= b + 0.01]
            spans += within if b - a > self.lengths.longest and within else [(a, b)]
        return joined(spans, self.lengths)


def segmented(
    rows: Iterable[Row],
    lengths: Lengths,
    findings: Findings,
    heard: Mapping[str, HeardText] | None = None,
    executor: Executor | None = None,
) -> Iterator[Row]:
    """Rows of whole files, those that are too long as rows of their pieces, ``id-001`` and so on.

    Parameters
    ----------
    heard : what an engine heard of the files, by id or name, by which texts are shared out.
    """
    waiting: deque[Row] = deque()

    def paths() -> Iterator[Path]:
        for row in rows:
            waiting.append(row)
            yield row.path

    for _, result in each(_Cut(lengths), paths(), executor):
        row = waiting.popleft()
        rate, pieces = (1, []) if isinstance(result, WorkerCrash) else result
        if not pieces:
            yield row
            continue
        heard_text = (heard or {}).get(row.id) or (heard or {}).get(row.path.stem) or HeardText("")
        texts = shared_out(row.text, heard_text, [(a / rate, b / rate) for a, b in pieces], row.language)
        if row.text and not any(texts):
            findings.add(phrase("No times of words are known, so that pieces of it have no text"), row.id)
        elif row.text and not all(texts):
            findings.add(phrase("Some of its pieces have no words"), row.id)
        for n, ((start, stop), text) in enumerate(zip(pieces, texts, strict=True), 1):
            own = f"{row.id}-{n:03}"
            seconds = (stop - start) / rate
            if seconds < lengths.shortest:
                findings.add(phrase("Shorter than {shortest:g} s, and left out", shortest=lengths.shortest), own)
                continue
            if seconds > lengths.longest:
                findings.add(
                    phrase("Longer than {longest:g} s, with no pause to cut at", longest=lengths.longest), own
                )
            yield replace(
                row, id=own, text=text, clip=Clip.whole(row.path).changed(start=start, stop=stop, name=own, id=own)
            )
