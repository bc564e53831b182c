"""Spoken lines as clips, and lines that are spoken faster so that they fit."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from ...core.fit import fit
from ...core.measure import analyze
from ...core.model import Clip, Facts, Receiver
from ...core.model.script import FASTEST, Script, ScriptLine
from .spoken import path_of, speak, wish_of

#: Codes of problems that speaking faster may help.
TOO_LONG = ("too_large", "too_long", "memory_full")
_TRIES = 6
_MORE = 1.01  # a little more than is needed: pauses do not shrink as words do


def clip_of_line(line: ScriptLine, path: Path) -> Clip:
    """The clip that a spoken line is; it keeps the id of the line."""
    return Clip(
        path, line.name, text=line.text, language=line.language, kind=line.kind, receivers=line.receivers, id=line.id
    )


def faster_line(
    line: ScriptLine, script: Script, facts: Facts, receivers: Iterable[Receiver], folder: Path
) -> tuple[ScriptLine, Facts]:
    """The line spoken by the engine as much faster as its receivers need, as far as their rules allow, and the facts of that; the line as it is
    where it fits or that does not help.

    Raises
    ------
    KittiwakeError : the voice, or the disk.
    """
    listed = list(receivers)
    now, known = line, facts
    most = min((1 + one.treatment.max_speed_up for one in listed), default=1.0) * line.speed
    for _ in range(_TRIES):
        factor = max((_too_long(now, known, receiver) for receiver in listed), default=1.0)
        if factor <= 1:
            return now, known
        speed = min(now.speed * factor * _MORE, most, FASTEST)
        if speed <= now.speed:
            break
        now = now.changed(speed=round(speed, 3))
        wish = wish_of(now, script)
        path = path_of(wish, now.name, folder)
        if not path.exists():
            speak(wish, path)
        known = analyze(path)
    return line, facts


def _too_long(line: ScriptLine, facts: Facts, receiver: Receiver) -> float:
    """How many times too long a line is for a receiver; 1 where it fits."""
    found = fit(clip_of_line(line, facts.path), facts, receiver)
    recipe = found.recipe
    if recipe is None or not any(problem.code in TOO_LONG for problem in found.problems):
        return 1.0
    limits, rooms = receiver.rules.limits, []
    if limits.max_seconds is not None:
        rooms.append(limits.max_seconds)
    if limits.max_bytes is not None and (frames := recipe.frames_within(limits.max_bytes)):
        rooms.append(frames / recipe.rate_out)
    return max(1.0, recipe.seconds / min(rooms)) if rooms else 1.0
