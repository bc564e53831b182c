"""What filters do: a lift of the consonants, and the band that is kept."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.rule import Blank
from ...model.touch_field import TouchNumber
from ...model.units import format_hz
from ...sound import band_taps, filtered, presence_taps
from ...sound.filter import PRESENCE_HZ
from ..verdict import Recipe, Step
from .stage import Blocks, Described, Stage, Touch

_STEEP_HZ = 90.0  # width of the transition at the low end, where the low end leaves so much


def _presence(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.presence_db:
        what = phrase(
            "Lift {presence_hz} by {presence_db:.1f} dB",
            presence_hz=format_hz(PRESENCE_HZ),
            presence_db=recipe.presence_db,
        )
        yield Step(what, phrase("{name} asks for it: consonants carry better", name=seen.receiver.name))


def _lift(blocks: Blocks, recipe: Recipe) -> Blocks:
    if not recipe.presence_db:
        return blocks
    return filtered(blocks, presence_taps(recipe.rate_out, recipe.presence_db), recipe.channels)


def _band(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.low_cut or recipe.high_cut:
        edges = phrase(
            "{low_cut} to {high_cut}",
            low_cut=format_hz(recipe.low_cut or 0),
            high_cut=format_hz(recipe.high_cut or recipe.rate_out / 2),
        )
        own = seen.touch.low_cut and seen.touch.low_cut == recipe.low_cut
        why = phrase("the low end is chosen by you") if own else phrase("{name} asks for it", name=seen.receiver.name)
        yield Step(
            phrase("Keep the band from {edges}", edges=edges),
            phrase("{why}; linear phase, no shift in time", why=why),
        )


def _keep_band(blocks: Blocks, recipe: Recipe) -> Blocks:
    if not (recipe.low_cut or recipe.high_cut):
        return blocks
    width = min(_STEEP_HZ, recipe.low_cut or _STEEP_HZ)
    taps = band_taps(recipe.rate_out, recipe.low_cut, recipe.high_cut, width)
    return filtered(blocks, taps, recipe.channels)


PRESENCE = Stage(
    _presence,
    lambda recipe: Touch.SOUND if recipe.presence_db else Touch.NOTHING,
    _lift,
    blanks=(Blank(phrase("Presence is lifted by"), ("treatment", "presence_db"), "dB", "number", empty=0.0),),
    place=50,
)
_BANDS = (("full", phrase("kept whole")), ("telephone", phrase("300 to 3400 Hz")))
BAND = Stage(
    _band,
    lambda recipe: Touch.SOUND if recipe.low_cut or recipe.high_cut else Touch.NOTHING,
    _keep_band,
    fields=(
        TouchNumber(
            name="low_cut",
            place=60,
            label=phrase("Keep nothing below"),
            help=phrase("rumble and handling; 0 leaves it to the receiver"),
            low=0,
            high=1000,
            step=10,
            digits=0,
            unit="Hz",
        ),
    ),
    blanks=(
        Blank(phrase("The band is"), ("treatment", "band"), choices=_BANDS),
        Blank(phrase("Taken away is what lies below"), ("treatment", "high_pass_hz"), "Hz", "number"),
    ),
    place=40,
)
