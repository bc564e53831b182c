"""A tone recipe: segments of tones, silence, speech and other sound, joined with level and length."""

from __future__ import annotations

import dataclasses
from collections.abc import Mapping
from dataclasses import field
from typing import Any, Literal

from ....core.errors import KittiwakeError
from ....plain_data import dataclass
from ....words import joined, phrase

#: dBm0 of a sine at full scale, ITU-T G.711 (tables 1 and 2: the theoretical load capacity is +3.14 dBm0 in A-law, +3.17 dBm0 in µ-law).
A_LAW, MU_LAW = 3.14, 3.17
MOST_SECONDS = 3600.0
RATES = (8000, 11_025, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000)
_MOST_SEGMENTS = 2000
_MOST_TONES = 4


class ToneError(KittiwakeError):
    """A recipe that cannot be read, or made."""


def _wrong(where: str, sentence: str) -> ToneError:
    return ToneError(joined((where, sentence), ": "), phrase("Mend the recipe."), "tone")


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

    hz: tuple[float, ...] = ()
    level: tuple[float, ...] = ()
    seconds: float | None = None
    by: float = 0.0
    depth: float = 1.0
    tone: str = ""
    say: str = ""
    voice: str = ""
    play: str = ""
    times: int = 1

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
        out["segment"] = [_segment_dict(one) for one in self.segments]
        return out


def _segment_dict(one: Segment) -> dict[str, Any]:
    out: dict[str, Any] = {}
    for each in dataclasses.fields(Segment):
        value = getattr(one, each.name)
        if value != each.default:
            out[each.name] = list(value) if isinstance(value, tuple) else value
    return out


def recipe_of(data: Mapping[str, Any], key: str = "") -> ToneRecipe:
    """A recipe from what TOML holds.

    Raises
    ------
    ToneError : the message names the field.
    """
    known = {one.name for one in dataclasses.fields(ToneRecipe)} - {"segments", "key"} | {"segment"}
    if strange := sorted(set(data) - known):
        raise _wrong(
            strange[0], phrase("there is no such field; there are {list}.", list=joined(sorted(known), ", "))
        )
    name = data.get("name", "")
    if not isinstance(name, str) or not name.strip():
        raise _wrong("name", phrase("it has to be a text."))
    rows = data.get("segment", [])
    if not isinstance(rows, list) or not 0 < len(rows) <= _MOST_SEGMENTS:
        raise _wrong(
            "segment", phrase("there have to be 1 to {most_segments:,} segments.", most_segments=_MOST_SEGMENTS)
        )
    unit = data.get("unit", "dBm0")
    if unit not in ("dBm0", "dBFS"):
        raise _wrong("unit", phrase("it is dBm0 or dBFS."))
    rate = data.get("rate", 8000)
    if rate not in RATES:
        raise _wrong("rate", phrase("it is one of {list}.", list=", ".join(map(str, RATES))))
    recipe = ToneRecipe(
        name.strip(), tuple(_segment(row, number, unit) for number, row in enumerate(rows, 1)), unit,
        _number(data.get("full_scale", A_LAW), "full_scale", 0, 10), rate, int(_number(data.get("repeats", 1), "repeats", 1, 10_000)),
        None if data.get("seconds") is None else _number(data["seconds"], "seconds", 0.01, MOST_SECONDS),
        _number(data.get("ramp", 0.003), "ramp", 0, 1), _flag(data.get("endless", False), "endless"), _text(data.get("source", ""), "source"), key,
    )  # fmt: skip
    check_levels(recipe)
    return recipe


def _segment(row: object, number: int, unit: str) -> Segment:
    where = f"segment {number}"
    if not isinstance(row, dict):
        raise _wrong(where, phrase("it has to be a table."))
    known = {one.name for one in dataclasses.fields(Segment)}
    if strange := sorted(set(row) - known):
        raise _wrong(
            f"{where}, {strange[0]}",
            phrase("there is no such field; there are {list}.", list=joined(sorted(known), ", ")),
        )
    hz = _numbers(row.get("hz", []), f"{where}, hz", 10, 20_000)
    level = _numbers(row.get("level", []), f"{where}, level", -80, 10)
    texts = {key: _text(row.get(key, ""), f"{where}, {key}") for key in ("tone", "say", "voice", "play")}
    if len(hz) > _MOST_TONES:
        raise _wrong(
            f"{where}, hz", phrase("at most {most_tones} frequencies sound together.", most_tones=_MOST_TONES)
        )
    if len(level) not in (0, 1, len(hz)) and hz:
        raise _wrong(f"{where}, level", phrase("give one level, or one for each frequency."))
    if bool(hz) + sum(bool(texts[key]) for key in ("tone", "say", "play")) > 1:
        raise _wrong(where, phrase("it is a tone, another tone, words, or a sound: only one of hz, tone, say, play."))
    if hz and not level:
        raise _wrong(f"{where}, level", phrase("how loud is it, in {unit}?", unit=unit))
    seconds = None if row.get("seconds") is None else _number(row["seconds"], f"{where}, seconds", 0, MOST_SECONDS)
    if seconds is None and not any(texts[key] for key in ("tone", "say", "play")):
        raise _wrong(f"{where}, seconds", phrase("how long is it?"))
    return Segment(
        hz, level, seconds, _number(row.get("by", 0), f"{where}, by", 0, 4000), _number(row.get("depth", 1), f"{where}, depth", 0, 1),
        **texts, times=int(_number(row.get("times", 1), f"{where}, times", 1, 10_000)),
    )  # fmt: skip


def check_levels(recipe: ToneRecipe) -> None:
    """Raises
    ------
    ToneError : frequencies that the rate cannot hold, or levels that would clip.
    """
    for number, one in enumerate(recipe.segments, 1):
        top = max((hz + one.by for hz in one.hz), default=0.0)
        if top >= recipe.rate / 2:
            raise _wrong(
                f"segment {number}", phrase("{top:g} Hz do not fit into {rate:,} Hz.", top=top, rate=recipe.rate)
            )
        peak = sum(10 ** (recipe.dbfs(one.level_of(n)) / 20) for n in range(len(one.hz)))
        # Modulated, a tone is at its peak louder than on average.
        peak *= (1 + one.depth) / (1 + one.depth**2 / 2) ** 0.5 if one.by else 1.0
        if peak > 1:
            over = phrase("{unit}: together its tones are louder than full scale can hold.", unit=recipe.unit)
            raise _wrong(f"segment {number}", phrase("its level in {over}", over=over))


def _number(value: object, where: str, low: float, high: float) -> float:
    if isinstance(value, bool) or not isinstance(value, int | float) or not low <= value <= high:
        raise _wrong(where, phrase("it is a number from {low:g} to {high:g}.", low=low, high=high))
    return float(value)


def _numbers(value: object, where: str, low: float, high: float) -> tuple[float, ...]:
    listed = value if isinstance(value, list) else [value]
    return tuple(_number(one, where, low, high) for one in listed)


def _text(value: object, where: str) -> str:
    if not isinstance(value, str):
        raise _wrong(where, phrase("it has to be a text."))
    return value


def _flag(value: object, where: str) -> bool:
    if not isinstance(value, bool):
        raise _wrong(where, phrase("it is true or false."))
    return value
