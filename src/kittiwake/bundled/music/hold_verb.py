"""The verb that makes hold music."""

from __future__ import annotations

from pathlib import Path
from typing import Any

import click

from ...cli import common
from ...cli.common import emit, leave, say, verb
from ...core.errors import KittiwakeError
from ...words import phrase, tr

_MORE = phrase(
    "Pieces are joined, a loop is found in them (or given by --loop), closed by a crossfade, measured at its seam, fitted for the line and repeated to --length, to the sample. MUSIC may be one recipe (.hold.toml), which lies beside what was made before. Rights go into the file; without holder and licence there is a warning."
)


@verb(
    "hold",
    "Make hold music: a loop without a seam, fitted for the line, with messages over it.",
    "hold theme.mp3 --length 10:00 --for hold-music --into out/ --holder 'Brinmar Music' --licence 'own work'",
    "hold theme.mp3 --loop '0:12 to 0:44' --message patience.wav --every 30 --form 'wav 16k mono' --into out/",
    more=_MORE,
)
@common.for_receivers
@click.option("--into", required=True, type=common.GivenPath(path_type=Path, file_okay=False), help="Output folder.")
@click.option("--length", help="Of the whole, seconds or m:ss; by default the loop once.")
@click.option("--loop", metavar="'FROM to TO'", help="The loop, in what the pieces are together.")
@click.option("--shortest", type=common.Number(1, 600), help="Seconds that a loop that is found has at least.")
@click.option("--fade", type=common.Number(0, 10), help="Seconds over which the end goes into the start.")
@click.option("--lufs", type=common.Number(-50, -8), help="Loudness of the music.")
@click.option("--band", type=click.Choice(["telephone", "full"]), help="What is kept of it.")
@click.option(
    "--message",
    "messages",
    multiple=True,
    type=common.GivenPath(exists=True, dir_okay=False),
    help="Laid over it; may be repeated.",
)
@click.option("--every", type=common.Number(2, 3600), help="Seconds from one message to the next.")
@click.option("--duck", "duck_db", type=common.Number(0, 60), help="By how much the music is softer beneath, dB.")
@click.option("--name", help="Of the file.")
@click.option("--holder", help="Whose the music is.")
@click.option("--licence", help="By what it may be played.")
@click.option("--proof", help="Of that: an invoice, a page.")
@click.option("--until", help="The last day, such as 2027-03-31.")
@common.as_json
@click.argument("music", nargs=-1, required=True, type=common.GivenPath(path_type=Path, exists=True, dir_okay=False))
def hold_verb(
    music: tuple[Path, ...], receivers: tuple[Any, ...], into: Path, length: str | None, loop: str | None, messages: tuple[str, ...],
    holder: str | None, licence: str | None, proof: str | None, until: str | None, as_json: bool, **plain: Any,
) -> None:  # fmt: skip
    from platformdirs import user_cache_path

    from ...core.batch import PlannedClip
    from ...core.fit import fit
    from ...core.measure import analyze
    from ...core.model.clip import id_of_name
    from .core.making import clip_of_hold, write_hold

    try:
        recipe = _recipe(music, receivers)
        rights = {**recipe.rights.to_dict(), **_given(holder=holder, licence=licence, proof=proof, until=until)}
        more = _given(**plain, messages=[str(Path(one).absolute()) for one in messages] or None, rights=rights)
        if length:
            more["seconds"] = _seconds(length)
        if loop:
            more["loop"] = _times(loop)
        recipe = type(recipe).from_dict({**recipe.to_dict(), **more})
        held = write_hold(recipe, user_cache_path("kittiwake") / "music", music[0].absolute().parent)
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error
    if as_json:
        emit(
            {
                "loop": list(held.loop),
                "lufs": round(held.lufs, 2),
                "seam_heard": held.seam.is_heard,
                "messages": held.messages,
            }
        )
    else:
        say(
            tr(
                "loop from {start:.3f} to {stop:.3f} s. {words} {lufs:.1f} LUFS.",
                start=held.loop[0],
                stop=held.loop[1],
                words=held.seam.words,
                lufs=held.lufs,
            ).replace(" -", " −")
        )
    facts = analyze(held.path)
    clip = clip_of_hold(recipe, held.path).changed(id=id_of_name(recipe.name, str(music[0].absolute())))
    fits = {one.slug: fit(clip, facts, one) for one in receivers}
    from ...cli.touch_verb import make_items

    leave(make_items([PlannedClip(clip, facts, fits, 1)], receivers, into, as_json) and not held.seam.is_heard)


def _given(**options: Any) -> dict[str, Any]:
    return {key: value for key, value in options.items() if value is not None}


def _recipe(music: tuple[Path, ...], receivers: tuple[Any, ...]) -> Any:
    from .core.making import read_hold
    from .core.recipe import RATES, HoldRecipe, Part

    if len(music) == 1 and music[0].suffix == ".toml":
        return read_hold(music[0])
    wanted = {receiver.rules.accepts[0].rate_for(8000) for receiver in receivers}
    rate = max((one for one in wanted if one in RATES), default=8000)
    return HoldRecipe(music[0].stem, tuple(Part(str(path.absolute())) for path in music), rate=rate)


def _seconds(text: str) -> float:
    from ...work.cut.times import frame_of

    return frame_of(text, 1000) / 1000


def _times(text: str) -> list[float]:
    from ...work.cut.times import span_of_text

    start, stop, _ = span_of_text(text, 1000)
    return [start / 1000, stop / 1000]
