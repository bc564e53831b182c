"""The verb that hands made files over."""

from __future__ import annotations

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
    from ..core.fit.one_off import with_settings
    from ..work.deliver import plan_of, send
    from ..work.deliver.from_folder import items_in, root_in
    from ..work.script.table import read_script

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
    from ..work.standin.judge import judged, link_to

    link = link_to(plan.receiver.standin)
    if link is None:
        raise KittiwakeError(
            tr("There is no stand-in for {name}.", name=plan.receiver.name), tr("Leave --try out."), "no_standin"
        )
    return dict(judged(plan, link))


def _write_report(path: Path, plan: Any, verdicts: dict[str, str]) -> None:
    import datetime

    from ..core.disk.place import write_over_own
    from ..core.fit.rules import demands_of
    from ..work.deliver.report import is_report, outline_of, report_of

    page = report_of(
        plan, verdicts, demands_of(plan.receiver), when=datetime.date.today().isoformat(), outlines=outline_of
    )
    write_over_own(path.absolute(), page.encode("utf-8", "replace"), is_report)
