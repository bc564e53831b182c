"""What is said of an output beside its path: what peaks, a limiter or a codec made of it."""

from __future__ import annotations

from ...words import phrase
from ..fit.verdict import Recipe
from ..model.units import db, format_db
from .decoded import Decoded
from .levelling import Settled


def of_no_voice(changed: float) -> str:
    if changed < 0:
        return phrase(
            "Behind the codec, which is made for voices, it is {off:.1f} dB softer than it went in.", off=-changed
        )
    return phrase(
        "Behind the codec, which is made for voices, it is {off:.1f} dB louder than it went in.", off=changed
    )


def messages_of(settled: Settled, recipe: Recipe, behind: Decoded | None) -> tuple[str, ...]:
    messages = []
    over = db(settled.peak) - db(recipe.ceiling_stated)
    # brought down for its level, not for peaks
    ranged = recipe.level_low is not None or recipe.level_high is not None
    if recipe.level == "leave" and recipe.gain_db == 0 and settled.gain_db < -0.005 and not ranged:
        peak = format_db(db(settled.peak))
        messages.append(
            phrase(
                "Peaks came out at {peak}; all of it was brought down by {loss:.2f} dB.",
                peak=peak,
                loss=-settled.gain_db,
            )
            if over > 0
            else phrase(
                "Decoded, its peaks would be over the ceiling; all of it was brought down by {loss:.2f} dB.",
                loss=-settled.gain_db,
            )
        )
    elif settled.short_db > 0.05:
        messages.append(
            phrase("Its peaks keep it {short_db:.1f} dB below the wanted level.", short_db=settled.short_db)
        )
    off = behind.off_db - settled.short_db if behind is not None else 0.0
    if off > 0.5:
        messages.append(
            phrase(
                "Behind the codec it is {off:.1f} dB below the wanted level: that is as near as it comes.", off=off
            )
        )
    if behind is not None and behind.off_db < -0.5:
        messages.append(
            phrase(
                "Behind the codec it is {off:.1f} dB above the wanted level: that is as near as it comes.",
                off=-behind.off_db,
            )
        )
    if settled.limited_db > 0.05:
        messages.append(
            phrase("The limiter holds its highest peak down by {limited_db:.1f} dB.", limited_db=settled.limited_db)
        )
    return tuple(messages)
