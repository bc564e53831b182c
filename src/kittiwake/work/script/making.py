"""From a script to clips: series made lines, lines spoken, spoken lines on the board."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from pathlib import Path

from ...core.errors import KittiwakeError
from ...core.model.script import Script, ScriptLine
from ...words import joined
from .series import expanded, is_series


def without_series(script: Script) -> Script:
    """The script with every series made the lines that it stands for.

    Raises
    ------
    KittiwakeError : a field that is no series; the message names the line.
    """
    lines: list[ScriptLine] = []
    for line in script.lines:
        try:
            lines += expanded(line, script.language) if is_series(line.text) else [line]
        except KittiwakeError as error:
            raise KittiwakeError(
                joined((f"“{line.name or line.text[:30]}”", error.message), ": "), error.remedy, "series"
            ) from error
    return script.changed(lines=tuple(lines))


def count_of(script: Script) -> int:
    """How many lines that will be; series that are none count as one."""
    total = 0
    for line in script.lines:
        try:
            total += len(expanded(line, script.language)) if is_series(line.text) else 1
        except KittiwakeError:
            total += 1
    return total


def stale(before: Mapping[str, Path], after: Mapping[str, Path]) -> set[str]:
    """Ids of lines that would be spoken otherwise now."""
    return {line for line, path in after.items() if before.get(line) != path}


def unique_lines(lines: Iterable[ScriptLine]) -> tuple[ScriptLine, ...]:
    """Lines whose names are all different: later ones get a number."""
    seen: dict[str, int] = {}
    out = []
    for line in lines:
        key = line.name.casefold()
        seen[key] = seen.get(key, 0) + 1
        out.append(line if seen[key] == 1 else line.changed(name=f"{line.name} {seen[key]}"))
    return tuple(out)
