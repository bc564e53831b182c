"""The one gain, and what holds peaks."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ....words import phrase
from ...model.clip import bounds_of
from ...model.rule import Blank
from ...model.touch_field import TouchFlag, TouchNumber
from ...model.units import db, format_db
from ..verdict import Recipe, Step
from .stage import Described, Stage

_SHORT_DB = 0.2  # by which peaks keep a level below its target, from which on it is said
_EXACT_DB = 0.005  # so near to what was set a gain is that


def _level(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.level == "leave":
        yield _left(recipe, seen)
    elif not math.isfinite(seen.level.active_dbov):
        yield Step(phrase("Leave the level"), phrase("no speech was found to measure"))
    else:
        yield _brought(recipe, seen)


def _left(recipe: Recipe, seen: Described) -> Step:
    changed = phrase("Change the level by {gain:+.1f} dB", gain=seen.gain).replace("-", "−")
    if seen.receiver.treatment.level.together:
        why = phrase("one gain for the whole set, which keeps soft clips softer than loud ones")
        return Step(changed if seen.gain else phrase("Leave the level"), why)
    if abs(seen.gain - recipe.gain_db) > _EXACT_DB:
        # What peaks come out at is known only once it is resampled.
        about = phrase("Change the level by about {gain:+.1f} dB", gain=seen.gain).replace("-", "−")
        ceiling = format_db(db(recipe.ceiling))
        why = (
            phrase(
                "you set {wanted:+.1f} dB, and no peak may be over {ceiling}", wanted=recipe.gain_db, ceiling=ceiling
            ).replace("-", "−")
            if recipe.gain_db
            else phrase("its peaks would be over {ceiling}; by just so much", ceiling=ceiling)
        )
        return Step(about, why)
    if seen.gain:
        return Step(changed, phrase("set by you"))
    if seen.touch.untreated:
        return Step(
            phrase("Leave the level"),
            phrase("it is meant so: nothing is brought to another level, trimmed or filtered"),
        )
    ceiling = format_db(db(recipe.ceiling))
    held = phrase("peaks that come out over {ceiling} are brought down by exactly what is needed", ceiling=ceiling)
    return Step(phrase("Leave the level"), phrase("{name} asks for none; {held}", name=seen.receiver.name, held=held))


def _brought(recipe: Recipe, seen: Described) -> Step:
    ceiling = format_db(db(recipe.ceiling))
    target = format_db(recipe.target_db + recipe.gain_db, seen.receiver.treatment.level.unit)
    if recipe.level == "loudness":
        why = phrase("ITU-R BS.1770, measured after resampling; no peak over {ceiling}", ceiling=ceiling)
        return Step(phrase("Bring it to {target} loudness", target=target), why)
    about = phrase(
        "{verb} by about {gain:.1f} dB to",
        verb=phrase("Raise") if seen.gain >= 0 else phrase("Lower"),
        gain=abs(seen.gain),
    )
    if recipe.level == "peak":
        highest = db(recipe.ceiling)
        if recipe.target_db + recipe.gain_db - highest > _SHORT_DB:
            why = phrase("{target} is asked for, and no peak may be over {ceiling}", target=target, ceiling=ceiling)
            return Step(phrase("{about} a peak of {target}", about=about, target=ceiling), why)
        return Step(
            phrase("{about} a peak of {target}", about=about, target=target),
            phrase("measured again after resampling"),
        )
    now = format_db(seen.level.active_dbov, "dBov")
    reached = seen.level.active_dbov + seen.gain
    if recipe.target_db + recipe.gain_db - reached > _SHORT_DB:
        why = phrase(
            "it is at {now} (ITU-T P.56); {target} is wanted, and no peak may be over {ceiling}",
            now=now,
            target=target,
            ceiling=ceiling,
        )
        return Step(
            phrase("{about} about {reached} active speech level", about=about, reached=format_db(reached, "dBov")),
            why,
        )
    why = phrase(
        "it is at {now} (ITU-T P.56); measured again after resampling, no peak over {ceiling}",
        now=now,
        ceiling=ceiling,
    )
    return Step(phrase("{about} {target} active speech level", about=about, target=target), why)


def _limiter(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.limiter_db:
        what = phrase("Hold single peaks down by up to {limiter_db:g} dB", limiter_db=recipe.limiter_db)
        who = (
            phrase("you allow")
            if seen.touch.limiter_db >= recipe.limiter_db
            else phrase("{name} allows", name=seen.receiver.name)
        )
        yield Step(what, phrase("{who} it for the sake of the level; it looks 5 ms ahead", who=who))


_TREATMENT = ("treatment",)
_LEVEL = (*_TREATMENT, "level")
_MEASURES = (
    ("leave", phrase("left as it is")),
    ("active", phrase("set by active speech level")),
    ("loudness", phrase("set by loudness")),
    ("peak", phrase("set by peak")),
)
_TOGETHER = ((False, phrase("each clip’s own")), (True, phrase("one for the whole set")))
LEVEL = Stage(
    _level,
    fields=(
        TouchNumber(
            name="gain_db",
            place=10,
            label=phrase("Louder by"),
            help=phrase("on top of what the receiver asks for; peaks are never clipped"),
            low=-30,
            high=30,
            step=0.5,
            digits=1,
            unit="dB",
        ),
        TouchFlag(
            name="untreated",
            place=120,
            label=phrase("Leave its level and its pauses as they are, whatever the receiver asks for"),
        ),
    ),
    blanks=(
        Blank(phrase("The level is"), (*_LEVEL, "measure"), choices=_MEASURES),
        Blank(phrase("Active speech level"), (*_LEVEL, "target_dbov"), "dBov", "number"),
        Blank(phrase("Loudness"), (*_LEVEL, "target_lufs"), "LUFS", "number"),
        Blank(phrase("Peak"), (*_LEVEL, "target_dbfs"), "dBFS", "number"),
        Blank(phrase("Within"), (*_LEVEL, "tolerance_db"), phrase("dB of its target"), "number"),
        Blank(phrase("Gain is"), (*_LEVEL, "together"), choices=_TOGETHER),
    ),
    place=10,
)
LIMITER = Stage(
    _limiter,
    fields=(
        TouchNumber(
            name="limiter_db",
            place=50,
            label=phrase("Limiter may take"),
            help=phrase("off single peaks, for the sake of the level"),
            low=bounds_of("limiter_db")[0],
            high=bounds_of("limiter_db")[1],
            step=0.5,
            digits=1,
            unit="dB",
        ),
    ),
    blanks=(
        Blank(phrase("No peak goes over"), (*_TREATMENT, "ceiling_dbfs"), "dBFS", "number"),
        Blank(
            phrase("A limiter holds peaks down by at most"), (*_TREATMENT, "limiter_db"), "dB", "number", empty=0.0
        ),
    ),
    place=30,
)
