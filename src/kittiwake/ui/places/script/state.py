"""What became of a line of the script, in words."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from pathlib import Path

from ....core.ear.heard_back import HeardLine
from ....core.errors import KittiwakeError
from ....core.model.script import ScriptLine
from ....core.model.units import format_seconds
from ....plain_data import dataclass
from ....words import in_words, tr
from ....work.project.project import Project
from ....work.script.series import is_series
from ....work.speak.fit import TOO_LONG
from ....work.speak.spoken import Spoken, path_of, wish_of


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


def faster_in_words(spoken_lines: Sequence[tuple[ScriptLine, ScriptLine]], error: str) -> str:
    """What came of speaking lines faster, each before and after; ``error`` is what went wrong besides."""
    done = [(before, after) for before, after in spoken_lines if after.speed != before.speed]
    sentences = [
        tr(
            "“{name}” is spoken {speed:.0f} % faster than the voice does by itself.",
            name=after.name,
            speed=(after.speed - 1) * 100,
        )
        for _, after in done[:1]
    ]
    if len(done) > 1:
        sentences = [
            tr(
                "{count} lines are spoken up to {faster:.0f} % faster.",
                "{count} line is spoken up to {faster:.0f} % faster.",
                len(done),
                count=len(done),
                faster=max(((after.speed - 1) * 100 for _, after in done)),
            )
        ]
    if rest := len(spoken_lines) - len(done):
        sentences.append(
            tr(
                "{rest} would have to be faster than the rules allow: shorten the text, or change the rules.",
                rest=rest,
            )
        )
    return " ".join(map(in_words, [*sentences, error])).strip()


def spoken_in_words(spoken_lines: Sequence[Spoken], changed: int) -> str:
    """What came of speaking lines, of which so many are new or changed on the board."""
    spoken = sum(one.path is not None for one in spoken_lines)
    sentence = tr(
        "{n} lines spoken, {changed} of them new or changed on the board.",
        "{n} line spoken, {changed} of them new or changed on the board.",
        spoken,
        n=spoken,
        changed=changed,
    )
    failed = [one.error for one in spoken_lines if one.path is None]
    return sentence + (
        tr(" {count} could not be spoken: {failed}", count=len(failed), failed=failed[0]) if failed else ""
    )


def too_long(
    lines: Sequence[ScriptLine], states: Mapping[str, LineState], chosen: Sequence[ScriptLine]
) -> list[ScriptLine]:
    """Lines to be spoken faster: those too long among the chosen, where several are; else all that are too long."""
    long = [line for line in lines if (state := states.get(line.id)) and state.too_long]
    wanted = {line.id for line in chosen}
    return [line for line in long if line.id in wanted] or long
