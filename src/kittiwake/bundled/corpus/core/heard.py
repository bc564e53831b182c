"""What a speech engine heard of clips in an earlier run, as ``kittiwake hear --kept`` keeps it."""

from __future__ import annotations

import json
from pathlib import Path

from ....core.errors import KittiwakeError, reason_of
from ....plain_data import dataclass
from ....words import phrase
from ....work.script.score import alike, score

Times = tuple[tuple[str, float, float], ...]


@dataclass(frozen=True, slots=True)
class HeardText:
    """A text, and each word with its beginning and end (s) where they are known."""

    text: str
    words: Times = ()


def read_heard(path: Path) -> dict[str, HeardText]:
    """By name of clip. The last line of a clip counts.

    Raises
    ------
    KittiwakeError : it cannot be read, or holds no answers.
    """
    found: dict[str, HeardText] = {}
    try:
        with path.open(encoding="utf-8-sig") as file:
            for line in file:
                if not line.strip():
                    continue
                row = json.loads(line)
                if row.get("error"):
                    continue
                words = tuple((str(word), float(start), float(end)) for word, start, end in row.get("words") or ())
                found[str(row["name"])] = HeardText(str(row["text"]), words)
    except OSError as error:
        raise KittiwakeError(
            phrase("{name} cannot be read: {reason_of}.", name=path.name, reason_of=reason_of(error)),
            phrase("Check the path."),
            "heard",
        ) from error
    except (ValueError, KeyError, TypeError, AttributeError, RecursionError) as error:
        raise KittiwakeError(
            phrase("{name} holds no answers.", name=path.name),
            phrase("Give what kittiwake hear --kept or --list wrote, in JSON Lines."),
            "heard",
        ) from error
    return found


def words_wrong(text: str, heard: str, language: str) -> float:
    """Word error rate, %."""
    return 100 * score(text, heard, language or "en").words


def shared_out(text: str, heard: HeardText, parts: list[tuple[float, float]], language: str) -> list[str]:
    """What of a text is said in each part of a clip, from one time to another (s), by the times of words that were heard.

    Words that were not heard stay with the one before. Where nothing is known, all are empty.
    """
    tokens = text.split()
    if not tokens or not heard.words or not parts:
        return [""] * len(parts)
    plain: list[str] = []
    owner: list[int] = []
    for n, token in enumerate(tokens):
        for word in alike(token, language or "en").split():
            plain.append(word)
            owner.append(n)
    times = _aligned(plain, heard, language)
    at: list[float | None] = [None] * len(tokens)
    for n, moment in zip(owner, times, strict=True):
        if moment is not None and at[n] is None:
            at[n] = moment
    out: list[list[str]] = [[] for _ in parts]
    last = 0
    for token, moment in zip(tokens, at, strict=True):
        if moment is not None:
            # Words come in order: none goes back.
            last = max(last, min(range(len(parts)), key=lambda k: _far(parts[k], moment)))
        out[last].append(token)
    return [" ".join(words) for words in out]


def _far(part: tuple[float, float], moment: float) -> float:
    return max(part[0] - moment, moment - part[1], 0.0)


def _aligned(plain: list[str], heard: HeardText, language: str) -> list[float | None]:
    """The middle of each word, where something was heard in its place."""
    import jiwer

    words: list[str] = []
    middles: list[float] = []
    for word, start, end in heard.words:
        for one in alike(word, language or "en").split():
            words.append(one)
            middles.append((start + end) / 2)
    out: list[float | None] = [None] * len(plain)
    if not plain or not words:
        return out
    for chunk in jiwer.process_words(" ".join(plain), " ".join(words)).alignments[0]:
        if chunk.type in ("equal", "substitute"):
            for k in range(chunk.ref_end_idx - chunk.ref_start_idx):
                out[chunk.ref_start_idx + k] = middles[chunk.hyp_start_idx + k]
    return out
