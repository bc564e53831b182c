"""What became of a line of the script, in words."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

from ...core.ear.heard_back import HeardLine
from ...core.errors import KittiwakeError
from ...core.model.script import ScriptLine
from ...core.model.units import format_seconds
from ...core.project.project import Project
from ...core.script.series import is_series
from ...core.speak.fit import TOO_LONG
from ...core.speak.spoken import path_of, wish_of
from ...words import tr


@dataclass(frozen=True, slots=True)
class LineState:
    """``too_long`` : names of the receivers that it is too long for."""

    words: str
    too_long: tuple[str, ...] = ()
    to_speak: bool = False


def state_of(
    line: ScriptLine, project: Project, folder: Path, error: str = "", heard: tuple[Path, HeardLine] | None = None
) -> LineState:
    """The state of a line; ``error`` is why it could not be spoken the last time, ``heard`` what a speech engine heard in which sound."""
    if line.taken:
        return LineState(tr("a take stands for it"))
    if is_series(line.text):
        return LineState(tr("a series"), to_speak=True)
    if error:
        return LineState(error, to_speak=True)
    clip = project.clip(line.id)
    if clip is None:
        return LineState(tr("to speak"), to_speak=True)
    facts = project.facts.get(clip.source)
    try:
        # By its name alone: the folder may have been another while the job had no name yet.
        current = path_of(wish_of(line, project.job.script), line.name, folder).name == clip.source.name
    except KittiwakeError as wrong:
        return LineState(str(wrong), to_speak=True)
    if not current:
        return LineState(tr("changed: to speak"), to_speak=True)
    if facts is None or not facts.seconds:
        return LineState("spoken")
    long = tuple(
        receiver.name
        for receiver in project.receivers
        if (fit := project.plans.fit_of(clip, receiver)) and any(one.code in TOO_LONG for one in fit.problems)
    )
    length = format_seconds(facts.seconds)
    if heard is not None and heard[0] == clip.source and not heard[1].right:
        length += tr(", heard as “{heard}”", heard=heard[1].heard) if heard[1].heard else tr(", not understood")
    if long:
        return LineState(tr("{length}, too long for {list}", length=length, list=", ".join(long)), long)
    return LineState(tr("{length}, fits", length=length) if project.receivers else length)
