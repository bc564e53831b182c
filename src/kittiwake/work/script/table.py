"""Scripts in tables: CSV, TSV, spreadsheets (.xlsx, .ods), or pasted text; columns are known by their headings."""

from __future__ import annotations

import csv
import io
import os
import time
from collections.abc import Sequence
from pathlib import Path
from typing import Any

from ...core.errors import KittiwakeError, reason_of
from ...core.model.script import FASTEST, SLOWEST, ScriptLine
from ...core.process import WorkerProcess
from ...plain_data import dataclass
from ...words import phrase
from .meant import parts_of

_MOST_BYTES = 64 << 20
_MOST_MEMORY, _MOST_SECONDS, _MOST_CELLS = 1 << 30, 30.0, 2_000_000  # that reading a spreadsheet may take
_SHEETS = (".xlsx", ".xlsm", ".xls", ".ods")
#: What people call the columns.
_HEADINGS = {
    "name": ("name", "file", "filename", phrase('file name'), "id", "prompt", "key"), "text": ("text", "words", "line", "wording", "transcript", "message"),
    "say_as": (phrase('say it as'), phrase('say as'), "say_as", "pronounce", "pronunciation"), "voice": ("voice", "speaker"),
    "language": ("language", "lang", "locale"), "speed": ("speed", "pace", "rate"), "kind": ("kind", "type"),
    "receivers": ("receivers", "receiver", "for"), "note": ("note", "notes", "comment", "remark"),
}  # fmt: skip


#: Endings of files that hold lines, as text or as a spreadsheet.
LISTS = (".csv", ".tsv", ".txt", ".xlsx", ".ods")


@dataclass(frozen=True, slots=True)
class Table:
    """What was read: lines, which column went where (by heading), what was left out, and what is worth knowing."""

    lines: tuple[ScriptLine, ...]
    columns: dict[str, str]
    left_out: tuple[str, ...] = ()
    notes: tuple[str, ...] = ()


def read_script(path: Path) -> Table:
    """A script from a file.

    Raises
    ------
    KittiwakeError : it cannot be read, or holds no lines.
    """
    found = _read(path)
    return read_text(found) if isinstance(found, str) else table_of(found)


def read_rows(path: Path) -> list[list[str]]:
    """The rows of any table.

    Raises
    ------
    KittiwakeError : it cannot be read.
    """
    found = _read(path)
    if not isinstance(found, str):
        return found
    return rows_of(found)


def rows_of(text: str) -> list[list[str]]:
    """The rows of a table in a text, with tabs, semicolons or commas between cells.

    Raises
    ------
    KittiwakeError : it is no table.
    """
    first = next((line for line in text.splitlines() if line.strip()), "")
    # Lines may end in any way, also within quotes.
    reader = csv.reader(io.StringIO(text, newline=None), delimiter=max("\t;,", key=first.count))
    try:
        return [[cell.strip() for cell in row] for row in reader]
    except csv.Error as error:  # a cell of more than 128 kB, as where a quote is never closed
        raise KittiwakeError(
            phrase("It is no table: {error}.", error=error), phrase("Look for a quote that is not closed."), "script"
        ) from error


def _read(path: Path) -> str | list[list[str]]:
    """Text, or the rows of a spreadsheet."""
    try:
        if path.stat().st_size > _MOST_BYTES:
            raise KittiwakeError(
                phrase("{name} is too large for a script.", name=path.name),
                phrase("Give a table of lines."),
                "script",
            )
        if path.suffix.lower() in _SHEETS:
            return _sheet(path)
        data = path.read_bytes()
    except OSError as error:
        raise KittiwakeError(
            phrase("{name} cannot be read: {reason_of}.", name=path.name, reason_of=reason_of(error)),
            phrase("Check the path."),
            "script",
        ) from error
    return _decoded(data, path.name)


def _sheet(path: Path) -> list[list[str]]:
    """The rows of a spreadsheet, read by a process of its own with bounds: one of a kilobyte may claim a cell that a table of terabytes would have."""
    until = time.monotonic() + _MOST_SECONDS
    helper = WorkerProcess(_sheet_in_bounds)
    try:
        found = helper.ask(str(path), lambda: time.monotonic() > until)
    finally:
        helper.close()
    if isinstance(found, list):
        return found
    why = found if isinstance(found, str) else phrase("it takes more memory or time than a table may")
    raise KittiwakeError(
        phrase("{name} is no spreadsheet that can be read ({error}).", name=path.name, error=why),
        phrase("Save it as CSV."),
        "script",
    )


def _sheet_in_bounds(path: str) -> list[list[str]] | str:
    """In a worker: rows, or why there are none."""
    import resource

    import python_calamine

    # What the library has to say when memory ends is for those who made it.
    os.dup2(os.open(os.devnull, os.O_WRONLY), 2)
    with open("/proc/self/statm", encoding="ascii") as file:  # noqa: PTH123
        now = int(file.read().split()[0]) * resource.getpagesize()
    resource.setrlimit(resource.RLIMIT_AS, (now + _MOST_MEMORY, now + _MOST_MEMORY))
    try:
        sheet = python_calamine.CalamineWorkbook.from_path(path).get_sheet_by_index(0)
        rows: list[list[str]] = []
        cells = 0
        # Formulas come as what they last gave: they are text here, and never worked out.
        for row in sheet.iter_rows():
            cells += len(row)
            if cells > _MOST_CELLS:
                return phrase("it has more than {cells:,} cells", cells=_MOST_CELLS)
            rows.append([_cell(value) for value in row])
        return rows
    except BaseException as error:  # the library raises kinds of its own, some of them of no known family
        return str(error)[:200] or type(error).__name__


def _cell(value: Any) -> str:
    if isinstance(value, float) and value.is_integer():
        return str(int(value))
    return "" if value is None else str(value).strip()


def _decoded(data: bytes, name: str) -> str:
    for encoding in ("utf-8-sig", "utf-16") if data[:2] in (b"\xff\xfe", b"\xfe\xff") else ("utf-8-sig",):
        try:
            return data.decode(encoding)
        except UnicodeDecodeError:
            continue
    raise KittiwakeError(
        phrase("{name} is not text in UTF-8.", name=name), phrase("Save it as UTF-8, or as a spreadsheet."), "script"
    )


def read_text(text: str) -> Table:
    """A script from text: a table with commas, semicolons or tabs, or plain lines, each ``name: words`` or words alone.

    Raises
    ------
    KittiwakeError : there are no lines in it.
    """
    text = text.lstrip("\ufeff").replace("\0", "")
    first = next((line for line in text.splitlines() if line.strip()), "")
    delimiter = max("\t;,", key=first.count)
    heads = [head.strip().casefold() for head in first.split(delimiter)]
    if (first.count(delimiter) and _columns(heads)) or first.count("\t"):
        try:
            rows = [[cell.strip() for cell in row] for row in csv.reader(io.StringIO(text), delimiter=delimiter)]
        except csv.Error as error:
            raise KittiwakeError(
                phrase("That is no table: {error}.", error=error), phrase("Check quotes and line ends."), "script"
            ) from error
        return table_of(rows)
    lines = []
    for row in filter(str.strip, text.splitlines()):
        name, colon, words = row.partition(":")
        plain = colon and len(name) <= 40 and words.strip() and not name.strip().isdigit()
        lines.append([name.strip(), words.strip()] if plain else ["", row.strip()])
    return table_of([["name", "text"], *lines])


def table_of(rows: Sequence[Sequence[str]]) -> Table:
    """Lines of rows, the first of which may be the headings.

    Raises
    ------
    KittiwakeError : there are none.
    """
    rows = [row for row in rows if any(cell.strip() for cell in row)]
    at = _columns([cell.strip().casefold() for cell in rows[0]]) if rows else {}
    if at:
        heads, rows = list(rows[0]), rows[1:]
    else:
        heads, at = ["name", "text"], {"name": 0, "text": 1}
    lines: list[ScriptLine] = []
    notes: list[str] = []
    seen: dict[str, int] = {}
    for number, row in enumerate(rows, 1):
        cells = {key: row[n].strip() for key, n in at.items() if n < len(row)}
        line = _line(cells, number, notes)
        if line is None:
            continue
        if (count := seen.get(line.name.casefold(), 0)) and len(notes) < 20:
            notes.append(phrase("Row {number}: the name “{name}” is there already.", number=number, name=line.name))
        seen[line.name.casefold()] = count + 1
        lines.append(line)
    if not lines:
        raise KittiwakeError(
            phrase("There are no lines in that."), phrase("Give a table with the columns name and text."), "script"
        )
    used = set(at.values())
    columns = {heads[n] if n < len(heads) else key: key for key, n in at.items()}
    left_out = tuple(head for n, head in enumerate(heads) if n not in used and head.strip())
    return Table(tuple(lines), columns, left_out, tuple(notes))


def _columns(heads: Sequence[str]) -> dict[str, int]:
    """Which column is which; empty where the first row holds no headings."""
    found: dict[str, int] = {}
    for key, names in _HEADINGS.items():
        at = next((heads.index(name) for name in names if name in heads), None)
        if at is not None and at not in found.values():
            found[key] = at
    return found if "text" in found or "name" in found else {}


def _line(cells: dict[str, str], number: int, notes: list[str]) -> ScriptLine | None:
    text, name = cells.get("text", ""), cells.get("name", "")
    if not text and not name:
        return None
    speed = speed_of(cells.get("speed", ""))
    if speed is None:
        speed = 1.0
        if len(notes) < 20:
            notes.append(
                phrase(
                    "Row {number}: “{cells}” is no speed from {slowest:g} to {fastest:g}; taken as 1.",
                    number=number,
                    cells=cells["speed"],
                    slowest=SLOWEST,
                    fastest=FASTEST,
                )
            )
    receivers = parts_of(cells.get("receivers", ""))
    own_name = name or name_of_text(text)
    return ScriptLine(own_name, text, cells.get("say_as", ""), cells.get("voice", ""), cells.get("language", ""), speed,
                      cells.get("kind", ""), receivers, cells.get("note", ""))  # fmt: skip


def name_of_text(text: str) -> str:
    """A name made of the first words of a line."""
    words = "".join(c if c.isalnum() or c in " '-{}|." else " " for c in text).split()
    return " ".join(words[:5])[:40].strip(" .") or "line"


def speed_of(text: str) -> float | None:
    """A speed as people write it, ``1.08`` or ``8 %``, an empty text for the voice's own; None where it is none, or out of range."""
    plain = text.replace("\u2212", "-").replace(",", ".").replace(" ", "")
    if not plain:
        return 1.0
    try:
        speed = 1 + float(plain[:-1]) / 100 if plain.endswith("%") else float(plain)
    except ValueError:
        return None
    return round(speed, 3) if SLOWEST <= speed <= FASTEST else None


def to_csv(lines: Sequence[ScriptLine]) -> str:
    """The script as CSV, with the columns that hold something."""
    every = ("name", "text", "say_as", "voice", "language", "speed", "kind", "receivers", "note")
    used = [
        key
        for key in every
        if key in ("name", "text") or any(getattr(line, key) not in ("", 1.0, ()) for line in lines)
    ]
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow([phrase("say it as") if key == "say_as" else key for key in used])
    for line in lines:
        writer.writerow(
            [", ".join(value) if isinstance(value := getattr(line, key), tuple) else value for key in used]
        )
    return out.getvalue()
