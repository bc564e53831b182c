"""The verb that tries files on stand-ins."""

from __future__ import annotations

import contextlib
from pathlib import Path
from typing import Any

import click

from ...cli import common
from ...cli.common import complain, emit, leave, say, verb
from ...core.disk.text import printable
from ...core.errors import KittiwakeError
from ...words import phrase, tr

_HEARD = "Heard at a stand-in"  # title of a file of what was heard


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
    from ...core.disk.place import write_over_own
    from ...work.standin.judge import link_to
    from .core.shelf import held_between_starts

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
    from ...core.errors import reason_of
    from ...work.standin.judge import in_order

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

    from ...core.disk.place import write_over_own

    rate = sounds[0].rate
    buffer = io.BytesIO()
    with soundfile.SoundFile(buffer, "w", rate, 1, "PCM_16", format="WAV") as file:
        file.title = _HEARD
        file.write(np.concatenate([one.sound for one in sounds if one.rate == rate]))
    write_over_own(path.absolute(), buffer.getvalue(), lambda beginning: _HEARD.encode() in beginning)
