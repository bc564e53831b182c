"""Tones by country, and where recipes are found."""

from __future__ import annotations

from functools import cache
from pathlib import Path
from typing import Any

from ....core.disk.text import parse_toml, text_of
from ....core.errors import reason_of
from ....plain_data import dataclass
from ....words import joined, phrase
from .keys import keys_recipe
from .recipe import Segment, ToneError, ToneRecipe, recipe_of

_PLANS = Path(__file__).parent / "plans"
_MOST_TEXT = 1 << 20
#: What a tone is called.
NAMES = {
    "dial": phrase('dial tone'), "ringing": phrase('ringing tone'), "busy": phrase('busy tone'), "congestion": phrase('congestion tone'), "waiting": phrase('call waiting tone'),
    "special": phrase('special information tone'), "recorder": phrase('recorder warning tone'),
}  # fmt: skip


@dataclass(frozen=True, slots=True)
class Country:
    """The tones of a country, by what they tell (``NAMES``)."""

    key: str
    name: str
    source: str
    tones: dict[str, ToneRecipe]


@cache
def countries() -> dict[str, Country]:
    """All that ship, by key, in the order of their names."""
    found = [_country(path) for path in _PLANS.glob("*.toml")]
    return {one.key: one for one in sorted(found, key=lambda one: one.name)}


def _country(path: Path) -> Country:
    data = parse_toml(path.read_text("utf-8"))
    key, name, source, scale = path.stem, phrase(data["name"]), data["source"], data["full_scale"]
    tones = {kind: _tone(data[kind], f"{key}/{kind}", name, source, scale) for kind in NAMES if kind in data}
    return Country(key, name, source, tones)


def _tone(data: dict[str, Any], key: str, country: str, source: str, scale: float) -> ToneRecipe:
    segments = tuple(
        Segment(tuple(map(float, hz)), (float(data["level"]),) if hz else (), float(seconds), data.get("by", 0.0))
        for hz, seconds in data["play"]
    )
    called = NAMES[key.split("/")[1]]
    endless = data.get("endless", False)
    return ToneRecipe(
        phrase("{country}, {called}", country=country, called=called),
        segments,
        full_scale=scale,
        endless=endless,
        source=data.get("source", source),
        key=key,
    )


def tone_keys() -> list[str]:
    """Keys of all shipped tones, ``gb/ringing`` and so on."""
    return [tone.key for country in countries().values() for tone in country.tones.values()]


def tone_for(key: str) -> ToneRecipe:
    """The shipped tone of a key.

    Raises
    ------
    ToneError : there is none; the message says what is near.
    """
    country, _, kind = key.partition("/")
    found = countries().get(country)
    if found is None:
        raise ToneError(
            phrase("There are no tones of “{country}”.", country=country),
            phrase("Give one of {list}.", list=joined(countries(), ", ")),
            "tone",
        )
    if kind not in found.tones:
        raise ToneError(
            phrase("{name} has no tone “{kind}”.", name=found.name, kind=kind),
            phrase("Give one of {list}.", list=joined(found.tones, ", ")),
            "tone",
        )
    return found.tones[kind]


def read_recipe(path: Path) -> ToneRecipe:
    """A recipe from a TOML file.

    Raises
    ------
    ToneError : it cannot be read, or is none.
    """
    try:
        return recipe_of(parse_toml(text_of(path, _MOST_TEXT, "recipe")))
    except (OSError, UnicodeDecodeError, ValueError) as error:
        sentence = reason_of(error) if isinstance(error, OSError) else str(error)
        raise ToneError(
            phrase("{name} is no recipe that can be read: {detail}.", name=path.name, detail=sentence),
            phrase("Mend it."),
            "tone",
        ) from error


def to_toml(recipe: ToneRecipe) -> str:
    import tomli_w

    return tomli_w.dumps(recipe.to_dict())


def find_recipe(text: str) -> ToneRecipe:
    """What a person names: a shipped tone (``gb/ringing``), keys (``keys:0123``), or a TOML file.

    Raises
    ------
    ToneError
    """
    if text.casefold().startswith("keys:"):
        return keys_recipe(text[5:])
    if text.endswith(".toml") or Path(text).is_file():
        return read_recipe(Path(text))
    return tone_for(text)
