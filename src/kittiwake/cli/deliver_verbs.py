"""Verbs that hand made files over, and try them on stand-ins."""

from __future__ import annotations

import contextlib
from pathlib import Path
from typing import Any

import click

from ..core.disk.text import printable
from ..core.errors import KittiwakeError
from ..words import phrase, tr
from . import common
from .common import complain, emit, leave, say, verb

_receiver = click.option(
    "--for", "receiver", type=common._Receiver(), required=True, help="A receiver's slug, or a TOML file."
)
_HEARD = "Heard at a stand-in"  # title of a file of what was heard
_set = click.option(
    "--set",
    "settings",
    multiple=True,
    metavar="FIELD=VALUE",
    help="A field of the receiver, such as delivery.form=zip.",
)


@verb(
    "deliver",
    "Hand over what was made: a folder, an archive, one file, or an image, with its list.",
    "deliver out/ --for phone-menu --into /media/stick/prompts",
    "deliver out/ --for phone-menu --set delivery.form=zip --set delivery.manifest=both --into handover/ --report handover/report.html",
    "deliver out/ --for deck-radio --into radio/ --try --dry-run",
    more=phrase(
        "Only what has changed is sent again; what another has put there is never replaced. Which copy is where is noted beside the outputs."
    ),
)
@_receiver
@_set
@click.option("--into", required=True, type=common.GivenPath(path_type=Path, file_okay=False), help="Where it goes.")
@click.option(
    "--texts",
    type=common.GivenPath(path_type=Path, exists=True, dir_okay=False),
    help="A script: texts, languages and kinds by name.",
)
@click.option("--try", "try_", is_flag=True, help="Hand all to the receiver's stand-in first, and note what it says.")
@click.option(
    "--report",
    type=common.GivenPath(path_type=Path, dir_okay=False),
    help="Write a page for whoever ordered the set.",
)
@click.option("--take-away", is_flag=True, help="Delete there what was delivered before and is wanted no more.")
@click.option("--dry-run", is_flag=True, help="Tell what would go out, and send nothing.")
@common.as_json
@click.argument("folder", type=common.GivenPath(path_type=Path, exists=True, file_okay=False))
def deliver_verb(
    folder: Path, receiver: Any, settings: tuple[str, ...], into: Path, texts: Path | None, try_: bool, report: Path | None,
    take_away: bool, dry_run: bool, as_json: bool,
) -> None:  # fmt: skip
    from ..core.deliver import plan_of, send
    from ..core.deliver.from_folder import items_in, root_in
    from ..core.fit.one_off import with_settings
    from ..core.script.table import read_script

    if report is not None and report.suffix.lower() not in (".html", ".htm"):
        raise click.UsageError(
            tr(
                "A report is a page of HTML: “{name}” would not be opened as one. Name a file ending in .html.",
                name=printable(report.name),
            )
        )
    try:
        receiver = with_settings(receiver, settings) if settings else receiver
        lines = read_script(texts).lines if texts else ()
        folder, into = folder.absolute(), into.absolute()
        items = items_in(folder, receiver, lines)
        plan = plan_of(items, receiver, root_in(folder, receiver, items), into)
        verdicts = _verdicts(plan) if try_ else {}
        for place, state in plan.states.items():
            verdict = verdicts.get(place, "")
            if as_json:
                emit({"file": place, "state": state, "bytes": plan.places[place].bytes, "verdict": verdict})
            elif state != "same" or (verdict and verdict != "taken"):
                said = "" if verdict in ("", "taken") else tr("  refused: {detail}", detail=verdict)
                say(f"{state:8} {printable(place)}{said}")
        for one in plan.gone:
            emit({"file": one.name, "state": "gone"}) if as_json else say(
                tr("gone     {path}", path=printable(one.name))
            )
        if not dry_run:
            sent = send(plan, verdicts, take_away=take_away)
            say(printable(sent.words), err=as_json)
        if report is not None:
            _write_report(report, plan, verdicts)
    except KittiwakeError as error:
        complain(error, as_json)
        leave(False)
    leave(all(verdict == "taken" for verdict in verdicts.values()))


def _verdicts(plan: Any) -> dict[str, str]:
    from ..core.standin.judge import judged, link_to

    link = link_to(plan.receiver.standin)
    if link is None:
        raise KittiwakeError(
            tr("There is no stand-in for {name}.", name=plan.receiver.name), tr("Leave --try out."), "no_standin"
        )
    return dict(judged(plan, link))


def _write_report(path: Path, plan: Any, verdicts: dict[str, str]) -> None:
    import datetime

    from ..core.deliver.report import is_report, outline_of, report_of
    from ..core.disk.place import write_over_own
    from ..core.fit.rules import demands_of

    page = report_of(
        plan, verdicts, demands_of(plan.receiver), when=datetime.date.today().isoformat(), outlines=outline_of
    )
    write_over_own(path.absolute(), page.encode("utf-8", "replace"), is_report)


@verb(
    "try",
    "Hand files to the stand-in of a receiver, and do something with it.",
    "try deck-radio out/",
    "try deck-radio out/ --do turn --do 'turn berth-7'",
    "try paging-controller handover/ --do 'call fire,lunch' --heard heard.wav",
    more=phrase(
        "A list (manifest.jsonl) and a header (.h) are handed over before what they speak of. --keep holds what it holds between starts."
    ),
)
@click.option(
    "--do",
    "actions",
    multiple=True,
    metavar="'ACTION WORDS'",
    help="What to do to it afterwards; may be repeated. --do help tells what there is.",
)
@click.option(
    "--heard",
    type=common.GivenPath(path_type=Path, dir_okay=False),
    help="Write what is heard, one after the other, to a WAV file.",
)
@click.option(
    "--keep",
    type=common.GivenPath(path_type=Path, file_okay=False),
    help="A folder for what it holds, from one start to the next.",
)
@click.option(
    "--recorded",
    type=common.GivenPath(path_type=Path, file_okay=False),
    help="A folder for what was recorded over a telephone.",
)
@click.option(
    "--fail",
    type=click.Choice(("full", "slow", "lost", "restart")),
    help="Make something go wrong with the first file.",
)
@common.as_json
@click.argument("receiver", type=common._Receiver())
@click.argument("paths", nargs=-1, metavar="PATH...", type=common.GivenPath(path_type=Path, exists=True))
def try_verb(
    receiver: Any, paths: tuple[Path, ...], actions: tuple[str, ...], heard: Path | None, keep: Path | None, recorded: Path | None, fail: str | None,
    as_json: bool,
) -> None:  # fmt: skip
    from ..core.disk.place import write_over_own
    from ..core.standin.judge import link_to
    from ..core.standin.shelf import held_between_starts

    link = link_to(receiver.standin, fail or "")
    if link is None:
        raise click.UsageError(
            tr("There is no stand-in for {receiver}: its file names none.", receiver=receiver.name)
        )
    shelf = getattr(link.machine, "shelf", None)
    try:
        with held_between_starts(keep) if keep is not None and shelf is not None else contextlib.nullcontext():
            if keep is not None and shelf is not None:
                shelf.restore(keep, link.machine.hand)
            good = _handed(link, paths, as_json)
            good = _done(link, actions, heard, as_json) and good
            if keep is not None and shelf is not None:
                shelf.keep(keep)
        for name, data in getattr(link.machine, "recordings", {}).items() if recorded is not None else ():
            assert recorded is not None
            write_over_own(recorded.absolute() / name, data, data[:4096].__eq__)
    except KittiwakeError as error:
        complain(error, as_json)
        good = False
    leave(good)


def _handed(link: Any, paths: tuple[Path, ...], as_json: bool) -> bool:
    from ..core.errors import reason_of
    from ..core.standin.judge import in_order

    files = [
        file
        for path in paths
        for file in (path.iterdir() if path.is_dir() else (path,))
        if file.is_file() and not file.name.startswith(".")
    ]
    good = True
    for file in in_order(files):
        try:
            outcome = link.hand(file.name, file.read_bytes())
        except OSError as error:
            complain(
                KittiwakeError(f"{file}: {reason_of(error)}.", tr("Look at its permissions."), "unreadable"), as_json
            )
            good = False
            continue
        good &= outcome.taken
        if as_json:
            emit(
                {
                    "file": file.name,
                    "taken": outcome.taken,
                    "reason": outcome.reason,
                    "at": outcome.at,
                    "seconds": round(outcome.seconds, 3),
                }
            )
        elif outcome.taken:
            say(tr("taken    {path}", path=printable(file.name)))
        else:
            say(
                tr(
                    "refused  {path}: {reason} (byte {at:,})",
                    path=printable(file.name),
                    reason=outcome.reason,
                    at=outcome.at,
                )
            )
    return good


def _done(link: Any, actions: tuple[str, ...], heard: Path | None, as_json: bool) -> bool:
    known = {one.word: one for one in link.kind.actions}
    sounds, good = [], True
    for wish in actions:
        word, _, argument = wish.strip().partition(" ")
        if word == "help":
            for one in known.values():
                say(f"{one.word:10} {one.label}{f' ({one.takes})' if one.takes else ''}")
            say(tr("press      Set it off"))
            continue
        if word not in known and word != "press":
            say(
                tr(
                    "The {name} cannot “{word}”: it can {list}.",
                    name=link.kind.name,
                    word=word,
                    list=", ".join([*known, "press"]),
                ),
                err=True,
            )
            good = False
            continue
        if word == "press":
            sound = link.machine.press()
            sentence = sound.name if sound else tr("It holds nothing.")
        else:
            result = known[word].run(link.machine, argument)
            sound, sentence = result.sound, result.sentence
        if sound is not None:
            sounds.append(sound)
        if as_json:
            emit({"action": word, "argument": argument, "told": sentence, "heard": sound.name if sound else None,
                  "seconds": round(sound.seconds, 4) if sound else None, "rate": sound.rate if sound else None})  # fmt: skip
        else:
            length = f", {sound.seconds:.2f} s" if sound else ""
            say(f"{word}: {printable(sentence).rstrip('.')}{length}")
    if heard is not None and sounds:
        _write_heard(heard, sounds)
    return good


def _write_heard(path: Path, sounds: list[Any]) -> None:
    """What was heard, one after the other, where one rate holds them all; marked, so that it is known for such a file the next time.

    Raises
    ------
    KittiwakeError : something else lies there.
    """
    import io

    import numpy as np
    import soundfile

    from ..core.disk.place import write_over_own

    rate = sounds[0].rate
    buffer = io.BytesIO()
    with soundfile.SoundFile(buffer, "w", rate, 1, "PCM_16", format="WAV") as file:
        file.title = _HEARD
        file.write(np.concatenate([one.sound for one in sounds if one.rate == rate]))
    write_over_own(path.absolute(), buffer.getvalue(), lambda beginning: _HEARD.encode() in beginning)
