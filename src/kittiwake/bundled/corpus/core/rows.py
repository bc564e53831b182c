"""Rows of a corpus: out of a table, out of the names of files and folders, or out of texts that lie beside them."""

from __future__ import annotations

import csv
import json
import re
from collections.abc import Iterable, Iterator
from pathlib import Path, PurePosixPath
from typing import Any

from ....core.errors import KittiwakeError, reason_of
from ....plain_data import dataclass
from ....words import phrase
from ....work.script.table import read_rows
from .quality import MEASURES
from .row import Findings, Row

_FIELDS = ("id", "text", "speaker", "language")
#: What people call the columns.
_HEADINGS = {
    "file": ("file", "path", "audio", "filename", "file name", "wav", "audio_filepath"), "id": ("id", "name", "clip", "utterance", "utt_id", "key"),
    "text": ("text", "transcript", "transcription", "sentence", "words", "wording"), "speaker": ("speaker", "speaker_id", "spk", "client_id", "reader"),
    "language": ("language", "lang", "locale"),
}  # fmt: skip
_NO_TRAITS = ("note", "notes", "comment", "sha256", "bytes", "seconds", "duration", "split", "rate")
#: Columns of the manifest that are ours: a trait of the same name gets another one.
_OURS = ("shard", "offset", "file", "flags", "double_of", "error", *MEASURES)
_LONGEST = 200  # characters of an id

_MISSING = {"text": phrase("No text"), "speaker": phrase("No speaker"), "language": phrase("No language")}


@dataclass(frozen=True, slots=True)
class Source:
    """Where rows come from.

    Attributes
    ----------
    table : CSV, TSV, JSON Lines or a spreadsheet; None for none.
    pattern : of paths below the root, without their endings: ``{speaker}/{language}-{id}``; ``*`` stands for anything within a name.
    beside : whether ``name.txt`` beside ``name.wav`` is its text.
    language : of what nothing else tells.
    """

    table: Path | None = None
    pattern: str = ""
    beside: bool = False
    language: str = ""


def rows_of(files: Iterable[Path], root: Path, source: Source, findings: Findings) -> Iterator[Row]:
    """A row for each file that something is known of, in the order of the files.

    Parameters
    ----------
    root : the folder that paths in tables and patterns begin at.
    findings : gets what is missing or contradicts itself.

    Raises
    ------
    KittiwakeError : the table or the pattern cannot be used.
    """
    known = _Table(source.table) if source.table else None
    match = _pattern(source.pattern) if source.pattern else None
    seen: set[int] = set()  # marks of ids, since there may be a million
    for path in files:
        place = _below(path, root)
        values: dict[str, str] = {}
        if match is not None:
            found = match.fullmatch(str(PurePosixPath(place).with_suffix("")))
            if found is None:
                findings.add(phrase("The pattern does not match"), place)
            else:
                values = {key: value for key, value in found.groupdict().items() if value}
        if known is not None:
            known_values = known.take(path, place, values.get("id", ""))
            if known_values is None:
                findings.add(phrase("Not in the table, and left out"), place)
                continue
            for key, value in known_values.items():
                if values.get(key, value) != value:
                    findings.add(
                        phrase("Table and name of the file tell another {key}; the table is believed", key=key), place
                    )
            values |= known_values
        if source.beside and not values.get("text"):
            values["text"] = _text_beside(path)
        row = _row(path, place, values, source.language)
        if (mark := hash(row.id.casefold())) in seen:
            findings.add(phrase("The same id again, and left out"), f"{place} ({row.id})")
            continue
        seen.add(mark)
        for key, missing in _MISSING.items():
            if not getattr(row, key):
                findings.add(missing, row.id)
        yield row
    if known is not None:
        for name in known.left():
            findings.add(phrase("In the table, but there is no such file"), name)


def _below(path: Path, root: Path) -> str:
    try:
        return path.relative_to(root).as_posix()
    except ValueError:
        return path.name


def _row(path: Path, place: str, values: dict[str, str], language: str) -> Row:
    values = {key: _text(value) for key, value in values.items()}
    own = values.get("id") or str(PurePosixPath(place).with_suffix("")).replace("/", "-")
    own = re.sub(r"[/\\\0\s]+", "-", _text(own)).strip(".-")[:_LONGEST] or "clip"
    traits = tuple(sorted((key, value) for key, value in values.items() if key not in _FIELDS and value))
    return Row(
        path, own, values.get("text", ""), values.get("speaker", ""), values.get("language", "") or language, traits
    )


def _text(value: str) -> str:
    """Without the bytes of a file name that are no text."""
    return (
        value.encode("utf-8", "surrogateescape").decode("utf-8", "replace").replace("\ufffd", "_")
        if not value.isascii()
        else value
    )


def _text_beside(path: Path) -> str:
    try:
        with path.with_suffix(".txt").open(encoding="utf-8-sig") as file:
            return " ".join(file.read(20_000).split())
    except (OSError, UnicodeDecodeError):
        return ""


def _pattern(pattern: str) -> re.Pattern[str]:
    """A pattern as an expression.

    Raises
    ------
    KittiwakeError : it names nothing, or the same twice.
    """
    parts, names = [], []
    for part in re.split(r"(\{[^{}]*\}|\*)", pattern):
        if part == "*":
            parts.append("[^/]*")
        elif part.startswith("{"):
            name = part[1:-1].strip()
            if not name.isidentifier() or name in names:
                raise KittiwakeError(
                    phrase(
                        "“{part}” cannot be in a pattern{twice}.",
                        part=part,
                        twice=phrase(" twice") if name in names else "",
                    ),
                    phrase("Write {id}, {speaker}, {language}, {text}, or a trait such as {gender}."),
                    "pattern",
                )
            names.append(name)
            parts.append(f"(?P<{name}>[^/]+?)")
        else:
            parts.append(re.escape(part))
    if not names:
        raise KittiwakeError(
            phrase("The pattern names nothing."), phrase("Write for example {speaker}/{id}."), "pattern"
        )
    return re.compile("".join(parts))


class _Table:
    """What a table tells of files, by path, name or id."""

    def __init__(self, path: Path) -> None:
        self._rows: dict[str, dict[str, str]] = {}
        self._taken: set[int] = set()
        self._by_stem: dict[str, dict[str, str] | None] = {}  # where a name without its folders says enough
        for values in _records(path):
            key = values.pop("file", "") or values.get("id", "")
            if key:
                self._rows[key] = values
                stem = PurePosixPath(key.replace("\\", "/")).stem
                self._by_stem[stem] = None if stem in self._by_stem else values
        if not self._rows:
            raise KittiwakeError(
                phrase("There are no rows in {name} that name a file.", name=path.name),
                phrase("It needs a column “file” or “id”."),
                "table",
            )

    def take(self, path: Path, place: str, own: str) -> dict[str, str] | None:
        bare = str(PurePosixPath(place).with_suffix(""))
        known = [self._rows.get(key) for key in (place, bare, path.name, path.stem, own, str(path)) if key]
        for values in (*known, self._by_stem.get(path.stem)):
            if values is not None:
                self._taken.add(id(values))
                return {name: value for name, value in values.items() if value}
        return None

    def left(self) -> Iterator[str]:
        return (key for key, values in self._rows.items() if id(values) not in self._taken)


def _records(path: Path) -> Iterator[dict[str, str]]:
    """Rows by our names of columns; what has no name of ours is a trait."""
    if path.suffix.lower() in (".jsonl", ".ndjson"):
        yield from (_renamed(row) for row in _json_lines(path))
        return
    if path.suffix.lower() in (".csv", ".tsv", ".txt"):
        yield from (_renamed(row) for row in _csv_lines(path))
        return
    rows = [row for row in read_rows(path) if any(row)]
    for row in rows[1:]:
        yield _renamed(dict(zip(rows[0], row, strict=False)))


def _json_lines(path: Path) -> Iterator[dict[str, Any]]:
    try:
        with path.open(encoding="utf-8-sig") as file:
            for number, line in enumerate(file, 1):
                if line.strip():
                    row = json.loads(line)
                    if not isinstance(row, dict):
                        raise ValueError(f"line {number} is no object")
                    yield row
    except (OSError, ValueError, RecursionError) as error:
        raise _unusable(path, error) from error


def _csv_lines(path: Path) -> Iterator[dict[str, Any]]:
    try:
        with path.open(encoding="utf-8-sig", newline="") as file:
            first = file.readline()
            file.seek(0)
            yield from csv.DictReader(file, delimiter=max("\t;,|", key=first.count))
    except (OSError, ValueError, csv.Error) as error:
        raise _unusable(path, error) from error


def _unusable(path: Path, error: Exception) -> KittiwakeError:
    sentence = reason_of(error) if isinstance(error, OSError) else str(error)
    return KittiwakeError(
        phrase("{name} cannot be read as a table: {detail}.", name=path.name, detail=sentence),
        phrase("Give CSV in UTF-8, or JSON Lines."),
        "table",
    )


def _renamed(row: dict[Any, Any]) -> dict[str, str]:
    out: dict[str, str] = {}
    heads = {
        str(key).strip().casefold(): str(value).strip() for key, value in row.items() if value is not None and key
    }
    for ours, names in _HEADINGS.items():
        name = next((one for one in names if heads.get(one)), None)
        if name is not None:
            out[ours] = heads[name]
    every = {one for names in _HEADINGS.values() for one in names}
    for name, value in heads.items():
        plain = re.sub(r"\W+", "_", name)
        if name not in every and name not in _NO_TRAITS and value and plain.isidentifier():
            out[f"table_{plain}" if plain in _OURS else plain] = value
    return out
