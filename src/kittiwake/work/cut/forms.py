"""Spans in open forms: tables (CSV and TSV), WebVTT, and the cue chunks of a WAV file.

Cue points, ``labl`` and ``ltxt`` are laid out as in “Multimedia Programming Interface and Data Specifications 1.0” (IBM and Microsoft, 1991);
WebVTT as in the W3C's “WebVTT: The Web Video Text Tracks Format”.
"""

from __future__ import annotations

import csv
import io
import re
from collections.abc import Iterable, Sequence
from pathlib import Path

from ...core.codec.cues import Cue, read_cues
from ...core.errors import IntakeError
from ...core.model.span import START, STOP, Span
from ...plain_data import dataclass
from ...words import phrase


@dataclass(frozen=True, slots=True)
class Mark:
    """A span as other programs know it: seconds, and a name."""

    start: float
    stop: float
    name: str
    text: str = ""


def marks_of(spans: Iterable[Span], names: dict[str, str], rate: int) -> list[Mark]:
    """Spans that are not set aside, under the names they are shown with."""
    return [Mark(span.start / rate, span.stop / rate, names[span.id], span.text) for span in spans if not span.aside]


def spans_of(marks: Iterable[Mark], rate: int, frames: int) -> tuple[Span, ...]:
    """Spans of marks that lie within the source; a person made them, so a search leaves their edges and names alone."""
    out = []
    for mark in marks:
        start, stop = max(0, round(mark.start * rate)), min(frames, round(mark.stop * rate))
        if stop > start:
            out.append(Span(start, stop, mark.name, mark.text, by_hand=bool(mark.name), held=(START, STOP)))
    return tuple(sorted(out, key=lambda span: span.start))


def cues_of(marks: Iterable[Mark], rate: int) -> list[Cue]:
    """Marks as cue points of a sound at ``rate`` (Hz)."""
    return [Cue.named(round(mark.start * rate), round(mark.stop * rate), mark.name) for mark in marks]


# -- text --------------------------------------------------------------------------------------------------------------


def to_csv(marks: Sequence[Mark]) -> str:
    return _table(marks, ",")


def to_tsv(marks: Sequence[Mark]) -> str:
    return _table(marks, "\t")


def _table(marks: Sequence[Mark], delimiter: str) -> str:
    """A line each, under a heading; seconds to the microsecond."""
    out = io.StringIO()
    writer = csv.writer(out, delimiter=delimiter, lineterminator="\n")
    writer.writerow(("name", "start", "end", "text"))
    writer.writerows((m.name, f"{m.start:.6f}", f"{m.stop:.6f}", m.text) for m in marks)
    return out.getvalue()


def to_vtt(marks: Sequence[Mark]) -> str:
    """Each mark a cue: the name is its identifier, the words its text."""
    cues = [
        f"{_flat(m.name).replace('-->', '→')}\n{_clock(m.start)} --> {_clock(m.stop)}\n{_escaped(m.text or m.name)}\n"
        for m in marks
    ]
    return "WEBVTT\n\n" + "\n".join(cues)


def _flat(text: str) -> str:
    return " ".join(text.split())


def _escaped(text: str) -> str:
    return _flat(text).replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")


def _clock(seconds: float) -> str:
    whole = round(seconds * 1000)
    return f"{whole // 3_600_000:02}:{whole // 60_000 % 60:02}:{whole // 1000 % 60:02}.{whole % 1000:03}"


def read_marks(path: Path) -> list[Mark]:
    """Marks from a file in any of the forms; which one is decided by what is in it.

    Raises
    ------
    IntakeError : it is in none of them, or cannot be read.
    """
    try:
        with path.open("rb") as file:
            if file.read(4) in (b"RIFF", b"RF64"):
                return marks_in_wav(path)
        if path.stat().st_size > 32 << 20:
            raise IntakeError(
                phrase("This is too large for a list of spans."), phrase("Give a text file."), "not_spans"
            )
        text = path.read_bytes().decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise IntakeError(
            phrase("This is no list of spans: it is not text in UTF-8."), phrase("Save it as UTF-8."), "not_spans"
        ) from error
    except OSError as error:
        raise IntakeError(
            phrase("{name} cannot be read: {strerror}.", name=path.name, strerror=error.strerror),
            phrase("Check the path."),
            "unreadable",
        ) from error
    marks = _from_vtt(text) if text.startswith("WEBVTT") else _from_table(text)
    if not marks:
        raise IntakeError(
            phrase("There are no spans in this file."),
            phrase(
                "It takes a table (CSV or TSV) with the columns name, start and end, or without a heading start, end and name; WebVTT; or a WAV with cues."
            ),
            "not_spans",
        )
    return marks


#: What columns are called, as people call them.
_COLUMNS = {
    "start": ("start", "begin", "from", "onset", "in"), "stop": ("end", "stop", "to", "until", "offset", "out"),
    "length": ("length", "duration"), "name": ("name", "id", "file", "title"), "text": ("text", "words", "transcript", "line"),
}  # fmt: skip


def _from_table(text: str) -> list[Mark]:
    """Rows of any table: by the headings of its columns, or without one start, end and name (or name, start, end)."""
    first = next((line for line in text.splitlines() if line.strip()), "")
    delimiter = max("\t;,", key=first.count)
    rows = [[cell.strip() for cell in row] for row in csv.reader(io.StringIO(text), delimiter=delimiter) if any(row)]
    if not rows:
        return []
    heads = [head.casefold() for head in rows[0]]
    at = {key: n for key, names in _COLUMNS.items() for n in [_column(heads, names)] if n is not None}
    if "start" in at and ("stop" in at or "length" in at):
        rows = rows[1:]
    else:
        first_is_time = _is_time(rows[0][0]) if rows[0] else False
        at = (
            {"start": 0, "stop": 1, "name": 2, "text": 3}
            if first_is_time
            else {"name": 0, "start": 1, "stop": 2, "text": 3}
        )
    marks = []
    for row in rows:
        cells = {key: row[n] for key, n in at.items() if n < len(row)}
        try:
            start = _seconds(cells["start"])
            stop = _seconds(cells["stop"]) if cells.get("stop") else start + _seconds(cells["length"])
        except (ValueError, KeyError):
            continue
        marks.append(Mark(start, stop, cells.get("name", ""), cells.get("text", "")))
    return marks


def _column(heads: Sequence[str], names: Sequence[str]) -> int | None:
    """The first column that is called so, its unit aside: ``start (s)``."""
    plain = [
        re.sub(r"[\s_]*[\[(]?(s|sec|seconds)?[\])]?$", "", head) if head not in names else head for head in heads
    ]
    return next((n for name in names for n, head in enumerate(plain) if head == name), None)


def _is_time(text: str) -> bool:
    try:
        _seconds(text)
    except ValueError:
        return False
    return True


_CUE = re.compile(r"^\s*((?:\d+:)?\d{1,2}:\d{2}\.\d{3})\s+-->\s+((?:\d+:)?\d{1,2}:\d{2}\.\d{3})")


def _from_vtt(text: str) -> list[Mark]:
    marks = []
    for block in re.split(r"\n\s*\n", text.replace("\r\n", "\n").replace("\r", "\n"))[1:]:
        lines = block.strip("\n").split("\n")
        for n, line in enumerate(lines[:2]):
            if found := _CUE.match(line):
                words = re.sub(r"<[^>]*>", "", " ".join(lines[n + 1 :]))
                words = words.replace("&lt;", "<").replace("&gt;", ">").replace("&amp;", "&").strip()
                marks.append(Mark(_seconds(found[1]), _seconds(found[2]), lines[0].strip() if n else words, words))
                break
    return marks


def _seconds(text: str) -> float:
    """``12.5``, ``1:02.5`` or ``1:00:02.5``."""
    seconds = 0.0
    for part in text.strip().replace(",", ".").split(":"):
        seconds = seconds * 60 + float(part)
    if not 0 <= seconds < 1e7:
        raise ValueError(text)
    return seconds


# -- WAV ---------------------------------------------------------------------------------------------------------------


def marks_in_wav(path: Path) -> list[Mark]:
    """Cue points of a WAV file; one without a length reaches to the next, or the end.

    Raises
    ------
    OSError
    """
    cues, rate = read_cues(path)
    return [Mark(cue.start / rate, cue.stop / rate, cue.name) for cue in cues]
