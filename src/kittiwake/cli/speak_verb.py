"""The verb that speaks a script and makes what comes of it."""

from __future__ import annotations

from pathlib import Path
from typing import Any

import click

from ..core.errors import KittiwakeError
from ..words import phrase, tr
from . import common
from .common import emit, leave, say, verb

_MORE = phrase(
    "A script is a table (CSV, TSV, .xlsx, .ods) with the columns name, text, say it as, voice, language, speed, kind, for, note; or plain lines, “name: words”. A text may be a series: Berth {1..12} is open, {Skerrow|Tarn Holm}. Respellings are a table of word, say, language; those kept for all jobs act as well. What is spoken is kept, and spoken again only when it changes."
)


@verb(
    "speak",
    "Speak a script by a voice of this machine, and make it for receivers.",
    "speak script.csv --for deck-radio --into out/",
    "speak names.xlsx --respell respell.csv --voice espeak/en-us --form 'wav 16k' --into out/",
    "speak --voices",
    more=_MORE,
)
@common.for_receivers_if_any
@click.option("--into", type=common.GivenPath(path_type=Path, file_okay=False), help="Output folder.")
@click.option("--voice", default="", help="Key of the voice for lines that name none; --voices lists them.")
@click.option("--language", default="en-gb", show_default=True, help="Language of lines that name none.")
@click.option(
    "--respell", type=common.GivenPath(path_type=Path, exists=True, dir_okay=False), help="Table of respellings."
)
@click.option("--faster", is_flag=True, help="Speak what is too long faster, as far as the receiver's rules allow.")
@click.option(
    "--hear-back",
    is_flag=True,
    help="Have a speech engine listen, and tell which lines sound like another, or like none.",
)
@click.option("--spoken", type=common.GivenPath(path_type=Path, file_okay=False), help="Where spoken lines are kept.")
@click.option("--voices", "list_voices", is_flag=True, help="List the voices, and leave.")
@common.remedy_option
@common.as_json
@click.argument("script", required=False, type=common.GivenPath(path_type=Path, exists=True, dir_okay=False))
def speak_verb(
    script: Path | None, receivers: tuple[Any, ...], into: Path | None, voice: str, language: str, respell: Path | None,
    faster: bool, hear_back: bool, spoken: Path | None, list_voices: bool, remedies: tuple[str, ...], as_json: bool,
) -> None:  # fmt: skip
    from platformdirs import user_cache_path

    if list_voices:
        _list_voices(as_json)
    if script is None or into is None or not receivers:
        raise click.UsageError(tr("Give a script, what it is for (--for or --form), and --into."))
    try:
        whole = _script(script, voice, language, respell, receivers)
        folder = spoken or user_cache_path("kittiwake") / "spoken"
        good, items = _spoken(whole, folder.absolute(), receivers, remedies, faster, as_json)
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error
    from .touch_verb import make_items

    if hear_back:
        good = _heard_back(whole, items, as_json) and good

    leave(make_items(items, receivers, into, as_json) and good)


def _heard_back(script: Any, items: list[Any], as_json: bool) -> bool:
    """Tell which lines a speech engine takes for another; whether it could listen."""
    from ..core.ear.heard_back import HeardLine, ToHear, hear_back

    texts = {line.id: line for line in script.lines}
    to_hear = [ToHear(one.clip.id, texts[one.clip.id].text or one.clip.name, one.clip.source) for one in items]

    def show(heard: HeardLine) -> None:
        name = texts[heard.line].name
        if as_json:
            emit({"line": name, "heard": heard.heard, "right": heard.right})
        elif not heard.right:
            say(
                tr("{name}: heard as “{heard}”", name=name, heard=heard.heard)
                if heard.heard
                else tr("{name}: not understood", name=name),
                err=True,
            )

    try:
        hear_back(to_hear, show)
    except KittiwakeError as error:
        say(str(error), err=True)
        return False
    return True


def _list_voices(as_json: bool) -> None:
    from ..work.speak.engine import all_voices

    for one in all_voices():
        if as_json:
            emit({"key": one.key, "name": one.name, "language": one.language})
        else:
            say(f"{one.key:28} {one.name}")
    leave(not _faulty_files())


def _faulty_files() -> bool:
    """Tell of files of voice services that are left out."""
    from ..work.speak.voices.network import service_of, voices_folder

    faulty = False
    for path in sorted(voices_folder().glob("*.toml")):
        try:
            service_of(path)
        except KittiwakeError as error:
            faulty = True
            say(str(error), err=True)
    return faulty


def _script(path: Path, voice: str, language: str, respell: Path | None, receivers: tuple[Any, ...]) -> Any:
    """The script of a file; what was left out of it is printed."""
    from ..core.model import shipped_receivers
    from ..core.model.clip import id_of_name
    from ..core.model.own_receivers import own_receivers
    from ..core.model.script import Respelling, Script
    from ..work.script.making import unique_lines, without_series
    from ..work.script.meant import with_slugs
    from ..work.script.own_respellings import own_respellings, with_own
    from ..work.script.table import read_rows, read_script

    table = read_script(path)
    if table.left_out:
        say(tr("{name}: no use for the columns {list}.", name=path.name, list=", ".join(table.left_out)), err=True)
    for note in table.notes:
        say(f"{path.name}: {note}", err=True)
    respellings = []
    for row in read_rows(respell) if respell else ():
        cells = [*row, "", "", ""]
        if cells[0].strip() and cells[0].casefold() != "word":
            respellings.append(Respelling(cells[0].strip(), cells[1].strip(), cells[2].strip()))
    whole = without_series(Script(table.lines, tuple(respellings), voice, language))
    lines, unknown = with_slugs(
        unique_lines(whole.lines),
        {one.slug: one.name for one in (*shipped_receivers().values(), *own_receivers().values(), *receivers)},
    )
    for name in unknown:
        say(
            tr(
                "{name}: there is no receiver “{receiver}”; those lines go to every receiver.",
                name=path.name,
                receiver=name,
            ),
            err=True,
        )
    where = str(path.absolute())
    lines = tuple(line.changed(id=id_of_name(line.name, where)) for line in lines)
    return with_own(whole.changed(lines=lines), own_respellings())


def _spoken(
    script: Any, folder: Path, receivers: tuple[Any, ...], remedies: tuple[str, ...], faster: bool, as_json: bool
) -> tuple[bool, list[Any]]:
    """Clips of spoken lines, planned; those that would be too long spoken faster, where that is wished."""
    from ..core.batch import PlannedClip
    from ..core.batch.each import analyze_files
    from ..core.batch.stages import with_remedies
    from ..work.speak.fit import clip_of_line, faster_line
    from ..work.speak.spoken import speak_lines

    good, items = True, []
    lines = list(script.lines)
    results = list(common.counted(tr("Speaking"), lines, speak_lines(lines, script, folder)))
    for line, one in zip(lines, results, strict=True):
        if one.path is None:
            good = False
            if as_json:
                emit({"line": line.name, "ok": False, "error": one.error})
            else:
                say(f"{line.name}: {one.error}", err=True)
    paths = [one.path for one in results if one.path is not None]
    known = dict(zip(paths, analyze_files(paths), strict=True))
    for number, (line, one) in enumerate(zip(lines, results, strict=True), 1):
        if one.path is None:
            continue
        facts = known[one.path]
        wanted = [receiver for receiver in receivers if not line.receivers or receiver.slug in line.receivers]
        if faster:
            line, facts = faster_line(line, script, facts, wanted, folder)
        clip = clip_of_line(line, facts.path)
        for receiver in wanted:
            clip, _ = with_remedies(clip, facts, receiver, remedies)
        fits = {receiver.slug: with_remedies(clip, facts, receiver, ())[1] for receiver in wanted}
        items.append(PlannedClip(clip, facts, fits, number))
    return good, items
