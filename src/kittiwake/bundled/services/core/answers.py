"""What a service answers, and what is kept of it."""

from __future__ import annotations

import contextlib
import json
import math
import os
from dataclasses import asdict
from pathlib import Path
from threading import Lock
from typing import Any

from ....core import schema
from ....core.disk.journal import Journal
from ....core.errors import KittiwakeError, reason_of
from ....core.model.service import Service
from ....plain_data import dataclass
from ....words import phrase
from .request import Request


@dataclass(frozen=True, slots=True)
class Answer:
    """What came of asking.

    Attributes
    ----------
    sha256 : of the file.
    error : why there is no text, in words.
    seconds : that the answer took; ``tries`` it took.
    kept : whether it was asked in an earlier run.
    words : word, beginning and end (s) of each, where the service tells.
    sent : what was sent, in words; ``sound_seconds``: its length.
    """

    name: str
    sha256: str
    text: str = ""
    confidence: float | None = None
    error: str = ""
    seconds: float = 0.0
    tries: int = 1
    kept: bool = False
    words: tuple[tuple[str, float, float], ...] = ()
    sent: str = ""
    sound_seconds: float = 0.0

    @property
    def real_time_factor(self) -> float | None:
        """Seconds that were waited for a second of sound."""
        return self.seconds / self.sound_seconds if self.sound_seconds and not self.kept else None


class Store:
    """Answers of earlier runs, a line each, by what was asked and of whom: a private journal, since texts of others stand in it.

    Attributes
    ----------
    trouble : why answers could not be kept, where they could not; they are not lost meanwhile.
    """

    def __init__(self, path: Path | None) -> None:
        self._journal = Journal(Path(os.path.realpath(path)), private=True) if path is not None else None
        self._lock = Lock()
        self._known: dict[str, dict[str, Any]] = {}
        self.trouble = ""
        try:
            for entry in self._journal.lines() if self._journal is not None else ():
                if _is_entry(entry):
                    self._known[entry["asked"]] = entry
        except OSError as error:
            raise KittiwakeError(
                phrase("The kept answers cannot be read: {reason_of}.", reason_of=reason_of(error)),
                phrase("Name another file for them."),
                "kept",
            ) from error

    def get(self, asked: str) -> dict[str, Any] | None:
        return self._known.get(asked)

    def put(self, asked: str, answer: Answer) -> None:
        entry = {"asked": asked, **{key: value for key, value in asdict(answer).items() if key not in ("kept",)}}
        with self._lock:
            self._known[asked] = entry
            if self._journal is not None:
                try:
                    self._journal.append([entry])
                except OSError as error:
                    self.trouble = self.trouble or phrase(
                        "Answers could not be kept in {path}: {reason_of}.",
                        path=self._journal.path,
                        reason_of=reason_of(error),
                    )


@dataclass(frozen=True, slots=True)
class _Entry:
    """A line of what is kept, as far as it is read again."""

    asked: str
    text: str
    confidence: float | None = None
    words: tuple[tuple[str, float, float], ...] = ()


def _is_entry(entry: dict[str, Any]) -> bool:
    """Whether a line is one that was written here: every field of its kind."""
    try:
        schema.read(_Entry, entry, strict=False)
    except schema.SchemaError:
        return False
    return True


def _finite(value: object) -> float | None:
    """A number as a float; None for what is none, or is beyond all floats."""
    try:
        number = float(value) if type(value) in (int, float) else math.nan  # type: ignore[arg-type]
    except OverflowError:
        return None
    return number if math.isfinite(number) else None


@dataclass(frozen=True, slots=True)
class Reply:
    text: str = ""
    confidence: float | None = None
    error: str = ""
    words: tuple[tuple[str, float, float], ...] = ()


def known_answer(name: str, request: Request, known: dict[str, Any]) -> Answer:
    words = tuple((str(word), float(start), float(end)) for word, start, end in known.get("words") or ())
    return Answer(
        name, request.sha256, str(known.get("text", "")), known.get("confidence"), kept=True, words=words, sent=request.sent,
        sound_seconds=round(request.sound_seconds, 4),
    )  # fmt: skip


def reply_of(answer: Any, service: Service) -> Reply:
    try:
        text = at_pointer(answer, service.text)
        if not isinstance(text, str):
            raise TypeError
        text = text.encode("utf-8", "replace").decode("utf-8")  # half a character is none
    except (LookupError, TypeError):
        try:
            return Reply(
                error=phrase(
                    "The service answers: {at_pointer}.",
                    at_pointer=str(at_pointer(answer, service.error)).rstrip(".")[:300],
                )
            )
        except (LookupError, TypeError):
            return Reply(error=phrase("There is no text at {text} of the answer.", text=service.text))
    confidence = None
    with contextlib.suppress(LookupError):
        found = at_pointer(answer, service.confidence) if service.confidence else None
        confidence = _finite(found)
    return Reply(text, confidence, words=_words_of(answer, service))


def _words_of(answer: Any, service: Service) -> tuple[tuple[str, float, float], ...]:
    out = []
    try:
        for one in at_pointer(answer, service.words) if service.words else ():
            start, end = _finite(at_pointer(one, service.start)), _finite(at_pointer(one, service.end))
            if start is None or end is None:
                return ()
            out.append((str(at_pointer(one, service.word)), start, end))
    except (LookupError, TypeError, ValueError):
        return ()
    return tuple(out)


def error_of(data: bytes, service: Service) -> str:
    try:
        return str(at_pointer(json.loads(data), service.error)).rstrip(".")[:300]
    except (ValueError, LookupError, TypeError, RecursionError):
        return ""


def retry_after(text: str | None) -> float:
    try:
        return max(0.0, float(text)) if text and math.isfinite(float(text)) else -1.0
    except ValueError:
        return -1.0


def at_pointer(value: Any, pointer: str) -> Any:
    """What a JSON Pointer (RFC 6901) points at.

    Raises
    ------
    LookupError : nothing.
    """
    for part in pointer.split("/")[1:]:
        part = part.replace("~1", "/").replace("~0", "~")
        if isinstance(value, list):
            if not part.isdigit():
                raise LookupError(part)
            value = value[int(part[:9])]
        elif isinstance(value, dict):
            value = value[part]
        else:
            raise LookupError(part)
    return value
