"""What the page for recording says of the room, of a take under way and of one that was checked."""

from __future__ import annotations

from ....core.model.units import format_db, format_seconds
from ....words import in_words, tr
from ....work.record import TakeCheck
from ...widgets.parts import esc
from ...workers.recorder import Recorder

_QUIET, _FAIR = -55, -45  # dBFS, RMS of the room


def room_words(room: float) -> str:
    """How noisy the room is, dBFS."""
    kind = tr("noisy: close the window, switch off what hums")
    if room < _FAIR:
        kind = tr("quiet") if room < _QUIET else tr("fair")
    return tr("Room {room}, {kind} (dotted line).", room=format_db(room), kind=kind)


def state_html(recorder: Recorder, check: TakeCheck | None, name: str) -> str:
    """What is going on, or what came of the last take, which is called ``name``."""
    under_way = {
        "room": tr("Measuring the room: be silent …"),
        "count": tr("Counting in …"),
        "recording": tr(
            "<b>● Recording</b>, {seconds:.1f} s. {ends}", seconds=recorder.seconds, ends=_ends(recorder)
        ),
        "checking": tr("Checking it …"),
        "off": tr("The microphone is not open."),
    }
    if recorder.state in under_way:
        return under_way[recorder.state]
    if check is None:
        return tr("Enter begins. It counts in and records. {ends} What you type is its name.", ends=_ends(recorder))
    if check.good:
        length = (check.stop - check.start) / (check.facts.header.sample_rate if check.facts.header else 1)
        return tr(
            "<b>✓ It can be used</b>: {length}, on the board as <b>{name}</b>. {ended}",
            length=format_seconds(length),
            name=esc(name),
            ended=_ended(recorder),
        )
    notes = [f"<b>▲ {esc(note.message)}</b> {esc(note.remedy)}" for note in check.notes]
    return "<br>".join(filter(None, [*notes, in_words(_ended(recorder))]))


def _ends(recorder: Recorder) -> str:
    """When a take ends."""
    silence = recorder.silence
    return tr("It ends after {silence:g} s of silence.", silence=silence) if silence else tr("Enter ends it.")


def _ended(recorder: Recorder) -> str:
    """That the last take was not ended by whoever spoke: what came later is not in it."""
    if not recorder.ended_by_itself:
        return ""
    return tr(
        "It ended by itself after {silence:g} s of silence; what was said later is not in it. Above, and in the settings, it can be longer.",
        silence=recorder.silence,
    )
