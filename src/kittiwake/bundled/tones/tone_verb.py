"""The verb that makes tones of recipes."""

from __future__ import annotations

from pathlib import Path
from typing import Any

import click

from ...cli import common
from ...cli.common import emit, leave, say, verb
from ...core.errors import KittiwakeError
from ...words import in_words, phrase, tr

_MORE = phrase(
    "A recipe is a tone of a country (gb/ringing; --list), keys that are pressed (keys:0123), or a TOML file. Its level, pauses and band stay as they are: no receiver brings it to another level, trims or filters it. It is made at the rate that the receiver takes, so that nothing is resampled."
)


@verb(
    "tone",
    "Make call-progress tones, key tones and recipes of one's own.",
    "tone gb/ringing --for phone-menu --into out/",
    "tone us/dial us/busy keys:0123456789 --seconds 6 --form 'wav 8k' --into out/",
    "tone --list",
    "tone --toml de/busy > busy.toml",
    more=_MORE,
)
@common.for_receivers_if_any
@click.option("--into", type=common.GivenPath(path_type=Path, file_okay=False), help="Output folder.")
@click.option("--seconds", type=common.Number(0.01, 3600), help="About how long, in whole cadences or periods.")
@click.option("--repeats", type=click.IntRange(1, 10_000), help="How often the whole sounds.")
@click.option("--list", "list_all", is_flag=True, help="List the tones of all countries, and leave.")
@click.option("--toml", "as_toml", is_flag=True, help="Write the recipes as TOML, to be changed, and leave.")
@common.as_json
@click.argument("recipes", nargs=-1, metavar="RECIPE…")
def tone_verb(
    recipes: tuple[str, ...], receivers: tuple[Any, ...], into: Path | None, seconds: float | None, repeats: int | None,
    list_all: bool, as_toml: bool, as_json: bool,
) -> None:  # fmt: skip
    from .core.plan import find_recipe, to_toml

    if list_all:
        _list(as_json)
    try:
        found = [(find_recipe(text), Path(text).parent) for text in recipes]
        if found and as_toml:
            for recipe, _ in found:
                click.echo(to_toml(_changed(recipe, receivers, seconds, repeats)))
            leave(True)
        if not found or into is None or not receivers:
            raise click.UsageError(tr("Give recipes, what they are for (--for or --form), and --into."))
        items = [
            _item(_changed(recipe, receivers, seconds, repeats), folder, receivers, number)
            for number, (recipe, folder) in enumerate(found, 1)
        ]
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error
    from ...cli.touch_verb import make_items

    leave(make_items(items, receivers, into, as_json))


def _list(as_json: bool) -> None:
    from .core.plan import countries

    for country in countries().values():
        for tone in country.tones.values():
            if as_json:
                emit({"key": tone.key, "name": tone.name, "source": tone.source})
            else:
                say(f"{tone.key:16} {in_words(tone.name)}")
    leave(True)


def _changed(recipe: Any, receivers: tuple[Any, ...], seconds: float | None, repeats: int | None) -> Any:
    from .core.rates import at_rate, rate_for

    recipe = at_rate(recipe, rate_for(receivers, recipe.rate))
    if seconds is not None:
        recipe = recipe.changed(seconds=seconds)
    return recipe.changed(repeats=repeats) if repeats is not None else recipe


def _item(recipe: Any, folder: Path, receivers: tuple[Any, ...], number: int) -> Any:
    """The tone as a clip, planned; its sound is kept beside others of the person, and written anew only when it changes."""
    from platformdirs import user_cache_path

    from ...core.batch import PlannedClip
    from ...core.fit import fit
    from ...core.measure import analyze
    from ...core.model.clip import id_of_name
    from .core.making import clip_of_tone, fetch_from, stamps_of, write_tone

    kept = user_cache_path("kittiwake") / "tones"
    path = write_tone(recipe, kept, fetch_from(folder), stamps_of(recipe, folder))
    facts = analyze(path)
    clip = clip_of_tone(recipe, path).changed(id=id_of_name(recipe.name, str(folder.absolute())))
    return PlannedClip(clip, facts, {one.slug: fit(clip, facts, one) for one in receivers}, number)
