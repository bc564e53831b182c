"""Recipes of one's own, kept from job to job: a folder of TOML files."""

from __future__ import annotations

import contextlib
from pathlib import Path

from platformdirs import user_config_path

from ....core.disk.place import write_whole
from ....core.errors import KittiwakeError, reason_of
from ....words import phrase
from .plan import read_recipe, to_toml
from .recipe import ToneError, ToneRecipe


def own_tones_folder() -> Path:
    return user_config_path("kittiwake") / "tones"


def own_tones() -> list[ToneRecipe]:
    """Those that are kept, by name; a file that is no recipe is left out."""
    found = []
    for path in sorted(own_tones_folder().glob("*.toml")):
        with contextlib.suppress(KittiwakeError):
            found.append(read_recipe(path).changed(key=f"own/{path.stem}"))
    return sorted(found, key=lambda one: one.name.casefold())


def keep_tone(recipe: ToneRecipe) -> Path:
    """Keep a recipe for other jobs; one of its name is replaced.

    Raises
    ------
    ToneError : the disk.
    """
    plain = "".join(c if c.isalnum() or c in " -_." else "_" for c in recipe.name).strip(" .")[:60] or "tone"
    path = own_tones_folder() / f"{plain}.toml"
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        write_whole(path, to_toml(recipe).encode("utf-8"))
    except OSError as error:
        sentence = phrase("{path} could not be written: {reason_of}.", path=path, reason_of=reason_of(error))
        raise ToneError(sentence, phrase("Check the folder."), "no_folder") from error
    return path
