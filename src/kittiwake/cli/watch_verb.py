"""The verb that watches folders."""

from __future__ import annotations

import signal
import sys
from pathlib import Path
from threading import Event
from typing import Any

import click

from ..core.errors import KittiwakeError
from ..words import phrase, tr
from . import common
from .common import complain, emit, leave, say, verb

_MORE = phrase(
    "Without a folder it watches those of ~/.config/kittiwake/watched.toml, which the window writes (Job, Watched folders). A file is taken once nobody writes it any more. What was made once is not made again, whenever this is started."
)


@verb(
    "watch",
    "Watch folders, and make whatever arrives whole in them.",
    "watch",
    "watch in/ --for phone-menu --into out/",
    "watch in/ --for phone-menu --into out/ --once",
    more=_MORE,
)
@click.option(
    "--for",
    "receivers",
    multiple=True,
    type=common.receiver_word,
    metavar="RECEIVER",
    help="A receiver's slug, or a TOML file; may be repeated.",
)
@click.option(
    "--into",
    type=common.GivenPath(path_type=Path, file_okay=False),
    help="Where outputs go; default: “made” in the folder.",
)
@click.option("--once", is_flag=True, help="Make what lies there, wait for what is arriving, and end.")
@click.option("--workers", type=click.IntRange(1, 64), default=None, help="How many at once; default: all cores.")
@common.as_json
@click.argument("folder", required=False, type=common.GivenPath(path_type=Path, file_okay=False))
def watch_verb(
    folder: Path | None, receivers: tuple[str, ...], into: Path | None, once: bool, workers: int | None, as_json: bool
) -> None:
    from ..core.process import Processes
    from ..work.watch import Watch, WatchedFolder, wishes, wishes_path

    if (folder is None) != (not receivers) or (into and folder is None):
        raise click.UsageError(tr("Say both a folder and --for, or neither, for the folders of watched.toml."))
    stop = Event()
    for number in (signal.SIGINT, signal.SIGTERM):
        signal.signal(number, lambda *_: stop.set())
    good = True
    try:
        wanted = [WatchedFolder.of(folder, receivers, into)] if folder else wishes()
        if not wanted:
            raise KittiwakeError(
                tr("No folder is to be watched: {wishes_path} names none.", wishes_path=wishes_path()),
                tr("Name one here, or in the window."),
                "nothing",
            )
        watch = Watch(wanted, Processes(workers), lambda text: say(text, err=True))
        for one in wanted:
            say(tr("Watching {path} for {list}.", path=one.path, list=", ".join(one.receivers)), err=True)
        for arrived in watch.once(stop.is_set) if once else watch.run(stop.is_set):
            good &= arrived.result.good
            _tell(arrived.result, as_json)
        watch.close()
    except KittiwakeError as error:
        complain(error, as_json)
        sys.exit(1)
    leave(good)


def _tell(result: Any, as_json: bool) -> None:
    from .words import made_in_words

    if as_json:
        emit(result.to_dict())
    elif result.status != "kept":
        say(made_in_words(result.to_dict()))
