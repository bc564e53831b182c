"""Verbs for what was made: status, explain."""

from __future__ import annotations

import sys
from pathlib import Path

import click

from ..core.disk.text import printable
from ..core.errors import KittiwakeError
from ..words import tr
from . import common
from .common import complain, emit, leave, say, verb


@verb(
    "status",
    "Say what became of the outputs in a folder, and in those below it.",
    "status out/",
    "status --verify --fail-if-altered out/",
    "status --remove out/",
)
@click.option("--remove", is_flag=True, help="Remove outputs whose source is gone, if nobody has altered them.")
@click.option("--forget", is_flag=True, help="Take outputs that were deleted out of the ledger.")
@click.option("--verify", is_flag=True, help="Compare every byte, whatever the times of files say.")
@click.option("--fail-if-altered", is_flag=True, help="Leave with 1 only where an output was altered or deleted.")
@common.as_json
@click.argument(
    "folders", nargs=-1, required=True, metavar="FOLDER...", type=common.GivenPath(path_type=Path, file_okay=False)
)
def status_verb(
    folders: tuple[Path, ...], remove: bool, forget: bool, verify: bool, fail_if_altered: bool, as_json: bool
) -> None:
    from ..core.make.status import forget_deleted, ledger_folders, output_statuses, remove_orphans
    from .words import STATES

    good = True
    bad = (
        ("altered", "deleted")
        if fail_if_altered
        else ("older", "altered", "deleted", "source changed", "source gone")
    )
    for folder in (place for given in folders for place in ledger_folders(given)):
        try:
            if remove:
                for path, trouble in remove_orphans(folder.absolute()):
                    say(
                        tr("could not remove  {path}: {trouble}", path=path, trouble=trouble)
                        if trouble
                        else tr("removed  {path}", path=path),
                        err=as_json,
                    )
            if remove or forget:
                forget_deleted(folder.absolute())
            counts: dict[str, int] = {}
            for one in output_statuses(folder.absolute(), verify=verify):
                counts[one.state] = counts.get(one.state, 0) + 1
                good &= one.state not in bad
                if as_json:
                    emit(one.to_dict())
                elif one.state != "as made":
                    say(
                        tr(
                            "{state}  {output}  (from {source})",
                            state=STATES[one.state],
                            output=printable(str(one.output)),
                            source=printable(one.entry.source),
                        )
                    )
            if not as_json:
                sentence = ", ".join(
                    tr("{count:,} {state}", count=count, state=STATES[state])
                    for state, count in sorted(counts.items())
                ) or tr("nothing made")
                say(f"{printable(str(folder))}: {sentence}")
        except KittiwakeError as error:
            good = False
            complain(error, as_json, folder=str(folder))
    leave(good)


@verb("explain", "Say what a made file was made from, and how.", "explain out/welcome.wav")
@common.as_json
@click.argument("output", type=common.GivenPath(path_type=Path))
def explain_verb(output: Path, as_json: bool) -> None:
    from ..core.make.status import explain
    from .words import explained_in_words

    try:
        found, steps = explain(output.absolute())
    except KittiwakeError as error:
        complain(error, as_json, output=str(output))
        sys.exit(1)
    if as_json:
        entry = found.entry
        more = {
            name: getattr(entry, name) for name in ("sha256", "source_digest", "order", "fingerprint", "versions")
        }
        figures = {"gain_db": entry.gain_db, "level_dbov": entry.level_dbov}
        emit({**found.to_dict(), **more, **figures, "steps": list(steps)})
    else:
        say(explained_in_words(found, steps))
    leave(found.state == "as made")
