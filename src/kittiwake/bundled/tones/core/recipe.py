"""A tone recipe: segments of tones, silence, speech and other sound, joined with level and length."""

from __future__ import annotations

import dataclasses
from collections.abc import Mapping
from dataclasses import field
from typing import Annotated, Any, ClassVar, Literal

from ....core import schema
from ....core.errors import KittiwakeError
from ....core.schema import Document, Fault, Limited, Meets, SchemaError, Text, Written, as_float
from ....plain_data import dataclass
from ....words import phrase

#: dBm0 of a sine at full scale, ITU-T G.711 (tables 1 and 2: the theoretical load capacity is +3.14 dBm0 in A-law, +3.17 dBm0 in µ-law).
A_LAW, MU_LAW = 3.14, 3.17
MOST_SECONDS = 3600.0
RATES = (8000, 11_025, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000)
_MOST_SEGMENTS = 2000
_MOST_TONES = 4
FLOAT = Written(as_float)


class ToneError(KittiwakeError):
    """A recipe that cannot be read, or made."""


RECIPE = Document(ToneError, phrase("In the recipe"), phrase("Mend it."), "tone")


def _wrong(where: str, sentence: str) -> KittiwakeError:
    return RECIPE.wrong(SchemaError([Fault((where,), sentence)]))


def _listed(value: Any) -> Any:
    """A single number is written without brackets too."""
    return value if isinstance(value, list | tuple) else [value]


@dataclass(frozen=True, slots=True)
class Segment:
    """One part of a tone.

    Attributes
    ----------
    hz : up to four frequencies that sound together; empty for silence.
    level : of each, in the unit of the recipe; a single one is that of all. Of speech and other sound it is the level in which they are
        put, None leaves them theirs.
    seconds : its length; None, for speech, sound and other tones, is theirs. Sound that is shorter is repeated.
    by : Hz by which the tone is modulated in amplitude, 0 to 1 and back at ``depth`` 1; 0 for none.
    tone : key of another tone (``gb/ringing``) that stands here.
    say : words that a voice says here; ``voice`` is its key.
    play : a sound file, or in a job the name of a clip.
    times : how often it sounds, one after the other.
    """

    numbers_are_floats: ClassVar[bool] = True

    hz: Annotated[
        tuple[Annotated[float, Limited(ge=10, le=20_000), FLOAT], ...],
        Limited(max_length=_MOST_TONES),
        Written(_listed),
    ] = ()
    level: Annotated[tuple[Annotated[float, Limited(ge=-80, le=10), FLOAT], ...], Written(_listed)] = ()
    seconds: Annotated[float, Limited(ge=0, le=MOST_SECONDS)] | None = None
    by: Annotated[float, Limited(ge=0, le=4000)] = 0.0
    depth: Annotated[float, Limited(ge=0, le=1)] = 1.0
    tone: Text = ""
    say: Text = ""
    voice: Text = ""
    play: Text = ""
    times: Annotated[int, Limited(ge=1, le=10_000)] = 1

    @property
    def kind(self) -> Literal["tone", "silence", "other", "say", "play"]:
        if self.tone:
            return "other"
        if self.say:
            return "say"
        if self.play:
            return "play"
        return "tone" if self.hz else "silence"

    def changed(self, **changes: Any) -> Segment:
        return dataclasses.replace(self, **changes)

    def level_of(self, number: int) -> float:
        return self.level[number] if number < len(self.level) else self.level[-1]


@dataclass(frozen=True, slots=True)
class ToneRecipe:
    """A tone.

    Attributes
    ----------
    unit : of all levels, the level of a sine each: ``dBm0`` or ``dBFS`` (a sine at full scale is 0).
    full_scale : dBm0 of a sine at full scale.
    rate : Hz.
    repeats : how often the whole sounds.
    seconds : of a tone that goes on, and of one that is repeated: about how long; None is as often as ``repeats`` says.
    ramp : seconds over which a tone comes and goes, so that nothing clicks.
    endless : whether it closes on itself: then its length is a whole number of its periods, and its ends have no ramps.
    source : where its values come from.
    """

    name: str
    segments: tuple[Segment, ...] = ()
    unit: Literal["dBm0", "dBFS"] = "dBm0"
    full_scale: float = A_LAW
    rate: int = 8000
    repeats: int = 1
    seconds: float | None = None
    ramp: float = 0.003
    endless: bool = False
    source: str = ""
    key: str = field(default="", compare=False)

    def changed(self, **changes: Any) -> ToneRecipe:
        return dataclasses.replace(self, **changes)

    def dbfs(self, level: float) -> float:
        """A level of this recipe in dBFS."""
        return level - self.full_scale if self.unit == "dBm0" else level

    def to_dict(self) -> dict[str, Any]:
        """As TOML has it."""
        plain = ToneRecipe("")
        out: dict[str, Any] = {"name": self.name, "unit": self.unit, "rate": self.rate}
        if self.unit == "dBm0":
            out["full_scale"] = self.full_scale
        for key in ("repeats", "seconds", "ramp", "endless", "source"):
            if getattr(self, key) != getattr(plain, key):
                out[key] = getattr(self, key)
        out["segment"] = schema.plain(self.segments)
        return out


@dataclass(frozen=True, slots=True)
class _RecipeFile:
    """A recipe as TOML has it."""

    numbers_are_floats: ClassVar[bool] = True

    name: Annotated[Text, Meets(lambda text: bool(text.strip()), phrase("a text that is not empty"))]
    segment: Annotated[tuple[Segment, ...], Limited(min_length=1, max_length=_MOST_SEGMENTS)]
    unit: Literal["dBm0", "dBFS"] = "dBm0"
    full_scale: Annotated[float, Limited(ge=0, le=10)] = A_LAW
    rate: Annotated[int, Meets(RATES.__contains__, phrase("one of {list}", list=", ".join(map(str, RATES))))] = 8000
    repeats: Annotated[int, Limited(ge=1, le=10_000)] = 1
    seconds: Annotated[float, Limited(ge=0.01, le=MOST_SECONDS)] | None = None
    ramp: Annotated[float, Limited(ge=0, le=1)] = 0.003
    endless: bool = False
    source: Text = ""


def recipe_of(data: Mapping[str, Any], key: str = "") -> ToneRecipe:
    """A recipe from what TOML holds.

    Raises
    ------
    ToneError : the message names the field.
    """
    found = RECIPE.read(_RecipeFile, data)
    values = {one.name: getattr(found, one.name) for one in dataclasses.fields(found) if one.name != "segment"}
    segments = tuple(_segment(one, number, found.unit) for number, one in enumerate(found.segment, 1))
    recipe = ToneRecipe(segments=segments, key=key, **{**values, "name": found.name.strip()})
    check_levels(recipe)
    return recipe


def _segment(one: Segment, number: int, unit: str) -> Segment:
    where = f"segment.{number}"
    if len(one.level) not in (0, 1, len(one.hz)) and one.hz:
        raise _wrong(f"{where}.level", phrase("give one level, or one for each frequency"))
    if bool(one.hz) + bool(one.tone) + bool(one.say) + bool(one.play) > 1:
        raise _wrong(where, phrase("it is a tone, another tone, words, or a sound: only one of hz, tone, say, play"))
    if one.hz and not one.level:
        raise _wrong(f"{where}.level", phrase("how loud is it, in {unit}?", unit=unit))
    if one.seconds is None and not (one.tone or one.say or one.play):
        raise _wrong(f"{where}.seconds", phrase("how long is it?"))
    return one


def check_levels(recipe: ToneRecipe) -> None:
    """Raises
    ------
    ToneError : frequencies that the rate cannot hold, or levels that would clip.
    """
    for number, one in enumerate(recipe.segments, 1):
        top = max((hz + one.by for hz in one.hz), default=0.0)
        if top >= recipe.rate / 2:
            raise _wrong(
                f"segment.{number}", phrase("{top:g} Hz do not fit into {rate:,} Hz", top=top, rate=recipe.rate)
            )
        peak = sum(10 ** (recipe.dbfs(one.level_of(n)) / 20) for n in range(len(one.hz)))
        # Modulated, a tone is at its peak louder than on average.
        peak *= (1 + one.depth) / (1 + one.depth**2 / 2) ** 0.5 if one.by else 1.0
        if peak > 1:
            over = phrase("{unit}: together its tones are louder than full scale can hold", unit=recipe.unit)
            raise _wrong(f"segment.{number}", phrase("its level in {over}", over=over))
