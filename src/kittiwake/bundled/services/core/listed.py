"""What a service heard, as a table: a line for a clip, sums for languages and speakers, most doubtful first."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Sequence
from typing import Any

from ....core.disk.text import to_json
from ....plain_data import dataclass
from ....words import phrase
from ....work.deliver.manifest import harmless
from ....work.script.score import Score, score
from .ask import Answer


@dataclass(frozen=True, slots=True)
class Listed:
    """An answer beside what was meant. ``found`` is None where nothing is meant, or nothing was answered."""

    answer: Answer
    meant: str = ""
    language: str = ""
    speaker: str = ""
    found: Score | None = None

    @property
    def doubt(self) -> float:
        """How much it should be looked at: no answer most, then words that are wrong, then what the service is not sure of."""
        if self.answer.error:
            return 10.0
        sure = 0.5 if self.answer.confidence is None else self.answer.confidence
        return (2 * min(2.0, self.found.words) if self.found else 0.2) + (1 - sure) / 2

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready: a line of ``kittiwake hear --json``."""
        answer, found = self.answer, self.found
        factor = answer.real_time_factor
        return {
            "name": answer.name, "sha256": answer.sha256, "text": answer.text, "meant": self.meant, "language": self.language, "speaker": self.speaker,
            "confidence": answer.confidence, "error": answer.error, "seconds": answer.seconds, "real_time_factor": None if factor is None else round(factor, 4),
            "tries": answer.tries, "kept": answer.kept, "sent": answer.sent, "sound_seconds": answer.sound_seconds,
            "words": [list(one) for one in answer.words],
            "word_error_rate": round(found.words, 4) if found else None, "character_error_rate": round(found.characters, 4) if found else None,
            "differences": [list(one) for one in found.differences] if found else None,
        }  # fmt: skip


def listed(answer: Answer, meant: str, language: str, speaker: str = "") -> Listed:
    found = score(meant, answer.text, language or "en") if meant and not answer.error else None
    return Listed(answer, meant, language, speaker, found)


@dataclass(frozen=True, slots=True)
class Sum:
    """Of some clips: how many, answered, words meant, word error rate."""

    name: str
    clips: int
    unanswered: int
    words: int
    words_wrong: float

    @property
    def sentence(self) -> str:
        sentence = phrase("{clips:,} clips", "{clips:,} clip", self.clips, clips=self.clips)
        if self.words:
            sentence += phrase(
                ", {words_wrong:.1f} % of {words:,} words wrong", words_wrong=self.words_wrong * 100, words=self.words
            )
        return sentence + (
            phrase(", {unanswered:,} without an answer", unanswered=self.unanswered) if self.unanswered else ""
        )


def sum_of(name: str, answers: Iterable[Listed]) -> Sum:
    clips, unanswered, words, wrong = 0, 0, 0, 0.0
    for one in answers:
        clips += 1
        unanswered += bool(one.answer.error)
        # What was not heard at all says nothing of how well it is heard.
        if one.found is not None and not one.answer.error:
            count = len(one.found.meant.split())
            words, wrong = words + count, wrong + one.found.words * count
    return Sum(name, clips, unanswered, words, wrong / words if words else 0.0)


def sums(answers: Sequence[Listed], by: str) -> list[Sum]:
    """One for each ``language`` or ``speaker``, those with most errors first; none where there is but one."""
    groups: dict[str, list[Listed]] = {}
    for one in answers:
        groups.setdefault(getattr(one, by) or phrase("not told"), []).append(one)
    if len(groups) < 2:
        return []
    return sorted(
        (sum_of(name, group) for name, group in groups.items()), key=lambda one: (-one.words_wrong, one.name)
    )


def is_list(beginning: bytes) -> bool:
    """Whether a file that begins so is a list that was written here."""
    return beginning.startswith((b'{"name": ', b"name,sha256,text,meant,"))


def as_jsonl(answers: Iterable[Listed]) -> bytes:
    return "".join(to_json(one.to_dict()) + "\n" for one in answers).encode("utf-8")


def as_csv(answers: Iterable[Listed]) -> bytes:
    """Comma-separated (RFC 4180), without the lists."""
    text = io.StringIO()
    writer: csv.DictWriter[str] | None = None
    for one in answers:
        row = {key: value for key, value in one.to_dict().items() if key not in ("words", "differences")}
        if writer is None:
            writer = csv.DictWriter(text, list(row), lineterminator="\r\n")
            writer.writeheader()
        writer.writerow({key: harmless(value) for key, value in row.items()})
    return text.getvalue().encode("utf-8", "replace")
