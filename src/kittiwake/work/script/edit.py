"""Changes of many lines at once: filled down, replaced, sorted, pasted over."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence

from ...core.errors import KittiwakeError
from ...core.model.script import FASTEST, SLOWEST, Script, ScriptLine
from ...words import phrase
from .meant import parts_of, slugs_of
from .table import speed_of

#: Columns that can be written to, in the order of a table.
COLUMNS = ("name", "text", "say_as", "voice", "language", "speed", "kind", "receivers", "note")


def filled_down(script: Script, ids: Sequence[str], column: str) -> Script:
    """What the first of these lines has in a column, in all of them."""
    first = next((line for line in script.lines if line.id in ids), None)
    if first is None or column == "name":  # names are all different
        return script
    value = getattr(first, column)
    return script.changed(
        lines=tuple(line.changed(**{column: value}) if line.id in ids else line for line in script.lines)
    )


def replaced(script: Script, find: str, put: str, columns: Sequence[str] = ("text", "say_as")) -> tuple[Script, int]:
    """With a text replaced wherever it stands, letter by letter as it is written; and in how many lines."""
    if not find:
        return script, 0
    lines, count = [], 0
    for line in script.lines:
        new = line.changed(**{column: getattr(line, column).replace(find, put) for column in columns})
        new = new if new.name.strip() else new.changed(name=line.name)
        count += new != line
        lines.append(new)
    return script.changed(lines=tuple(lines)), count


def ordered(script: Script, column: str, down: bool = False) -> Script:
    """The lines by a column, numbers in a text by their size; those that are equal stay in their order."""

    def key(line: ScriptLine) -> list[tuple[int, float, str]]:
        value = getattr(line, column)
        if isinstance(value, float):
            return [(0, value, "")]
        value = ", ".join(value) if isinstance(value, tuple) else str(value)
        parts = re.split(r"(\d+)", value.casefold())
        return [(0, float(part), "") if part.isdigit() else (1, 0.0, part) for part in parts if part]

    return script.changed(lines=tuple(sorted(script.lines, key=key, reverse=down)))


def pasted_over(
    script: Script, first: int, column: int, rows: Sequence[Sequence[str]], known: Mapping[str, str]
) -> Script:
    """Cells written over those that are there, from a line (its number) and one of ``COLUMNS`` on; what goes beyond the table is left out.

    Parameters
    ----------
    known : names of the receivers there are, by slug.

    Raises
    ------
    KittiwakeError : a cell that its column cannot take; the message names it.
    """
    lines = list(script.lines)
    for number, row in enumerate(rows, first):
        if number >= len(lines):
            break
        for name, cell in zip(COLUMNS[column:], row, strict=False):
            lines[number] = lines[number].changed(**{name: value_of(name, cell.strip(), known)})
    return script.changed(lines=tuple(lines))


def value_of(name: str, cell: str, known: Mapping[str, str]) -> str | float | tuple[str, ...]:
    """What is typed into a column, as a line has it. ``known`` as above.

    Raises
    ------
    KittiwakeError : the column cannot take it; the message says what it takes.
    """
    if name == "receivers":
        slugs, unknown = slugs_of(parts_of(cell), known)
        if unknown:
            names = ", ".join(known.values())
            raise KittiwakeError(
                phrase("There is no receiver “{unknown}”.", unknown=unknown[0]),
                phrase("Those of the board: {names}.", names=names),
                "script",
            )
        return slugs
    if name == "speed":
        speed = speed_of(cell)
        if speed is None:
            raise KittiwakeError(
                phrase("“{cell}” is no speed.", cell=cell),
                phrase("Write 8 %, or 1.08; from {slowest:g} to {fastest:g}.", slowest=SLOWEST, fastest=FASTEST),
                "script",
            )
        return speed
    if name == "name" and not cell:
        raise KittiwakeError(phrase("A line has a name: its clip is called so."), phrase("Give it one."), "script")
    return cell
