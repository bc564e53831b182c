"""The one gain, and what holds peaks."""

from __future__ import annotations

import math
from collections.abc import Iterator

from ...model.units import db, format_db
from ..verdict import Recipe, Step
from .stage import Described, Stage


def _level(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.level == "leave":
        yield _left(recipe, seen)
    elif not math.isfinite(seen.level.active_dbov):
        yield Step("Leave the level", "no speech was found to measure")
    else:
        yield _brought(recipe, seen)


def _left(recipe: Recipe, seen: Described) -> Step:
    changed = f"Change the level by {seen.gain:+.1f} dB".replace("-", "−")
    if seen.receiver.treatment.level.together:
        why = "one gain for the whole set, which keeps soft clips softer than loud ones"
        return Step(changed if seen.gain else "Leave the level", why)
    if seen.gain:
        return Step(changed, "set by you")
    if seen.touch.untreated:
        return Step("Leave the level", "it is meant so: nothing is brought to another level, trimmed or filtered")
    ceiling = format_db(db(recipe.ceiling))
    held = f"peaks that come out over {ceiling} are brought down by exactly what is needed"
    return Step("Leave the level", f"{seen.receiver.name} asks for none; {held}")


def _brought(recipe: Recipe, seen: Described) -> Step:
    ceiling = format_db(db(recipe.ceiling))
    target = format_db(recipe.target_db + recipe.gain_db, seen.receiver.treatment.level.unit)
    if recipe.level == "loudness":
        why = f"ITU-R BS.1770, measured after resampling; no peak over {ceiling}"
        return Step(f"Bring it to {target} loudness", why)
    about = f"{'Raise' if seen.gain >= 0 else 'Lower'} by about {abs(seen.gain):.1f} dB to"
    if recipe.level == "peak":
        return Step(f"{about} a peak of {target}", "measured again after resampling")
    now = format_db(seen.level.active_dbov, "dBov")
    why = f"it is at {now} (ITU-T P.56); measured again after resampling, no peak over {ceiling}"
    return Step(f"{about} {target} active speech level", why)


def _limiter(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.limiter_db:
        what = f"Hold single peaks down by up to {recipe.limiter_db:g} dB"
        who = "you allow" if seen.touch.limiter_db >= recipe.limiter_db else f"{seen.receiver.name} allows"
        yield Step(what, f"{who} it for the sake of the level; it looks 5 ms ahead")


LEVEL = Stage(_level)
LIMITER = Stage(_limiter)
