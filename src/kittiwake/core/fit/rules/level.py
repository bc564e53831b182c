"""The level that a set is brought to: as near as peaks allow."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ....words import phrase
from ...codec.pcm import MOVES, Dither
from ...model import Receiver
from ...model.receiver import Level
from ...model.rule import Rule, register_rule
from ...model.units import db, format_db, ratio
from ..planning_context import PlanningContext
from ..remedies import accept, acceptable, ask
from ..verdict import Problem
from .subject import Check, Subject

_MUCH_GAIN_DB = 30.0
_AT_CEILING_DB = 0.5
_LEAP_DB = 3.1  # half of what the thresholds of P.56 are apart
_QUIET = acceptable("very_quiet", phrase("live with the noise of a very quiet recording"))
_PEAKS = acceptable("peaks_limit_level", phrase("leave it a little quieter"))


def _problems(asked: PlanningContext, _: Level) -> Iterator[Problem]:
    """Levels are predictions; making measures them again."""
    recipe, gain = asked.recipe, asked.wanted
    if gain > _MUCH_GAIN_DB:
        message = phrase(
            "It is very quiet ({level_db}): raising it by {gain:.1f} dB raises its noise too.",
            level_db=format_db(asked.level.active_dbov, "dBov"),
            gain=gain,
        )
        closer = ask(phrase("Record it again, closer to the microphone."))
        yield Problem(_QUIET, "warning", message, (closer, accept(_QUIET, phrase("It is good enough"))))
    if recipe.level == "leave" and recipe.gain_db <= 0:
        return  # no level is wanted that peaks could keep it from
    short = db(asked.level.peak) + gain - db(recipe.ceiling) - recipe.limiter_db
    if short > 0.5:
        message = phrase(
            "Its peaks leave it about {short:.1f} dB short of the wanted level; nothing will be clipped.", short=short
        )
        yield Problem(_PEAKS, "warning", message, (accept(_PEAKS, phrase("Leave it a little quieter")),))


def _checks(it: Subject, wanted: Level) -> Iterator[Check]:
    # Where one gain serves the whole set, a clip alone says nothing.
    if wanted.measure == "leave" or wanted.together or not it.has_level or it.sound.silent:
        return
    if it.lives_with("level_inside"):
        return
    peak = db(it.sound.peak)
    levels = {
        "loudness": lambda: it.loudness_and_true_peak[0],
        "peak": lambda: peak,
        "active": lambda: it.heard.active_dbov,
    }
    level = levels[wanted.measure]()
    target = wanted.target + (it.promise.recipe.gain_db if it.promise else 0.0)
    off, tolerance = level - target, wanted.tolerance_db + _slack(it, target)
    right = math.isfinite(off) and (
        abs(off) <= tolerance
        or (off < 0 and _nothing_nearer(it, peak, off, tolerance))
        or _leaps_behind_codec(it, off, tolerance)
    )
    sentence = phrase(
        "{target} ± {tolerance:g} dB, or as near as peaks allow",
        target=format_db(target, wanted.unit),
        tolerance=tolerance,
    )
    found = phrase("{level}, peak {peak}", level=format_db(level, wanted.unit), peak=format_db(peak))
    yield Check(phrase("level"), sentence, found, right)


def _nothing_nearer(it: Subject, peak: float, off: float, tolerance: float) -> bool:
    """Whether a file that is too soft could not have been louder within the rules."""
    treatment = it.receiver.treatment
    ceiling = it.written.ceiling(ratio(treatment.ceiling_dbfs), treatment.dither) if it.written else 1.0
    if it.lossy and it.promise is not None and it.promise.short_db > 0:
        # Making says by how much peaks kept it short, as it was decoded. That has to be so, and there have to be such peaks: in what is decoded, or,
        # where a codec smoothes a click away, in what was encoded.
        highest = max(peak, db(it.promise.peak))
        return abs(off + it.promise.short_db) <= tolerance and highest >= db(ceiling) - _AT_CEILING_DB
    if treatment.limiter_db:
        # Of a file of somebody else's nobody knows what a limiter has done already: then there is room.
        return it.promise is not None and it.promise.limited_db >= treatment.limiter_db - 0.1
    slack = 1.0 if it.lossy and it.promise is None else _AT_CEILING_DB
    if treatment.ceiling_dbtp is not None and db(it.loudness_and_true_peak[1]) >= treatment.ceiling_dbtp - slack:
        return True
    return peak >= db(ceiling) - slack


def _leaps_behind_codec(it: Subject, off: float, tolerance: float) -> bool:
    """Whether no gain brings it nearer: the level of what a codec makes of clicks and noises leaps over the wanted one, by less than the thresholds of
    P.56 are apart. Making found a gain that makes it too soft beside one that makes it too loud.
    """
    promise = it.promise
    if promise is None or not it.lossy or not promise.leap_db:
        return False
    return abs(off + promise.leap_db) <= tolerance / 2 and abs(off) <= _LEAP_DB


def _slack(it: Subject, target: float) -> float:
    """By how much an encoding may miss a level (dB) that is none of the maker's doing: what rounding adds."""
    treatment = it.receiver.treatment
    if it.written and it.written.depth:
        return coarseness(treatment.level.measure, target, it.written.depth, treatment.dither)
    return 0.0


def coarseness(measure: str, target: float, depth: int, dither: Dither) -> float:
    """By how much rounding to ``depth`` bits can lift a level of ``target`` dB: nothing to speak of but for few bits and soft sound."""
    step = 2.0 ** (1 - depth)
    if measure == "peak":
        return db(1 + MOVES[dither] * step / ratio(target))
    # Power of the error in steps squared: rounding 1/12, with TPDF 3/12, fed back with (1 − z⁻¹)² six times that.
    noise = {"none": 1, "tpdf": 3, "shaped": 18}[dither] / 12 * step**2
    if measure == "loudness" and dither == "shaped":
        noise *= 2.5  # its weighting lifts the top of the band, where that noise lies, by 4 dB
    lift = 10 * math.log10(1 + noise / ratio(target) ** 2)
    # Noise within the margin of P.56 counts as activity: pauses too are then part of the level.
    return lift + (8.0 if measure == "active" and noise * 160 > ratio(target) ** 2 else 0.0)


def _demand(receiver: Receiver, level: Level) -> str:
    if level.measure == "leave":
        return ""
    what = {
        "active": phrase("active speech level (ITU-T P.56)"),
        "loudness": phrase("loudness (ITU-R BS.1770)"),
        "peak": "peak",
    }[level.measure]
    return phrase(
        "The {measure} is {target}, within {tolerance_db:g} dB.",
        measure=what,
        target=format_db(level.target, level.unit),
        tolerance_db=level.tolerance_db,
    )


register_rule(
    Rule(
        "level",
        120,
        value=lambda receiver: receiver.treatment.level,
        problems=_problems,
        checks=_checks,
        demand=_demand,
    )
)
