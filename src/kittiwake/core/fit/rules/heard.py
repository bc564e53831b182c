"""Something has to be heard, and not clipped."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model import Measures
from ...model.rule import Rule, register_rule
from ...model.units import db, format_db
from ..planning_context import PlanningContext
from ..remedies import accept, acceptable, ask
from ..verdict import Problem
from .subject import Check, Subject

_SILENT = acceptable("silent", phrase("deliver silence"))
_LEFT_OUT_DB = -74.0  # dBFS


def of_sound(sound: Measures) -> Iterator[Problem]:
    """Silence, and tops that are cut off."""
    if sound.silent:
        yield _silent(sound)
    if sound.clipped_samples:
        message = phrase(
            "It was recorded too loud: {clipped_samples:,} samples are cut off flat at full scale.",
            "It was recorded too loud: {clipped_samples:,} sample is cut off flat at full scale.",
            sound.clipped_samples,
            clipped_samples=sound.clipped_samples,
        )
        again = ask(phrase("Record it again with 6 to 12 dB less input gain."))
        yield Problem("clipped", "warning", message, (again,))
    elif sound.flat_samples:
        message = phrase(
            "It was clipped, and made softer or resampled since: {flat_samples:,} samples are in tops cut off at up to {db}.",
            flat_samples=sound.flat_samples,
            db=format_db(db(sound.peak)),
        )
        before = ask(phrase("Ask for the recording before that, or record it again with 6 to 12 dB less input gain."))
        yield Problem("clipped", "warning", message, (before,))


def _of_output(asked: PlanningContext) -> Iterator[Problem]:
    sound = asked.sound
    yield from of_sound(sound)
    # A code that is not exact leaves nothing of what is that soft.
    if not sound.silent and asked.recipe.format.lossy and db(sound.peak) + asked.gain < _LEFT_OUT_DB:
        yield _silent(sound)


def _silent(sound: Measures) -> Problem:
    sentence = phrase("the loudest sample is at {db}", db=format_db(db(sound.peak)))
    if db(sound.peak) > -80 and sound.silent:
        sentence = phrase(
            "every sample has the same value, at {db}, as of a microphone that is not there",
            db=format_db(db(sound.peak)),
        )
    return Problem(
        _SILENT,
        "decide",
        phrase("Nothing is to be heard: {detail}.", detail=sentence),
        (
            accept(_SILENT, phrase("Deliver the silence")),
            ask(phrase("Ask for the recording, or remove the clip.")),
        ),
    )


def _checks(it: Subject, _: bool) -> Iterator[Check]:
    if not it.lives_with(_SILENT):
        peak = phrase("peak {db}", db=format_db(db(it.sound.peak)))
        found = phrase("silence, {peak}", peak=peak) if it.sound.silent else peak
        yield Check(phrase("something to hear"), "over −80 dBFS", found, not it.sound.silent)


register_rule(
    Rule(
        "heard",
        20,
        value=lambda receiver: True,
        problems=lambda asked, _: _of_output(asked),
        checks=_checks,
    )
)
