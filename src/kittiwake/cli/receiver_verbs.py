"""The verb for receivers: listing, showing, checking."""

from __future__ import annotations

from dataclasses import asdict
from pathlib import Path
from typing import Any

import click

from ..commands import Command, register
from ..core.errors import KittiwakeError
from ..words import phrase, tr
from . import common
from .common import cli, complain, emit, leave, say
from .help_pages import Verbs

_HELP = phrase("List the receivers there are: those that ship, and your own.")
register(Command("cli.receivers", "receivers", _HELP))


@cli.group("receivers", cls=Verbs, help=_HELP, invoke_without_command=True)
@common.as_json
@click.pass_context
def receivers_verb(context: click.Context, as_json: bool) -> None:
    from ..core.model import shipped_receivers
    from ..core.model.own_receivers import broken_own, own_receivers
    from .words import receiver_in_words

    if context.invoked_subcommand:
        return
    for receiver in {**shipped_receivers(), **own_receivers()}.values():
        if as_json:
            emit(receiver.to_data())
        else:
            say(receiver_in_words(receiver))
    for error in broken_own().values():
        complain(error, as_json)


@receivers_verb.command("show", help="Print the TOML of a receiver, to begin one of your own from.")
@click.argument("which")
def show_verb(which: str) -> None:
    from ..core.model.find_receiver import receiver_text

    try:
        click.echo(receiver_text(which), nl=False)
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error


@receivers_verb.command("check", help="Say whether TOML files describe receivers that can be made for.")
@common.as_json
@click.argument("files", nargs=-1, required=True)
def check_verb(files: tuple[str, ...], as_json: bool) -> None:
    from ..core.fit import check_receiver
    from ..core.model import load_receiver, shipped_receivers

    good = True
    for file in files:
        try:
            receiver = load_receiver(file)
            faults = check_receiver(receiver)
            ships = shipped_receivers().get(receiver.slug)
            if ships is not None and ships != receiver:
                faults.append(
                    tr("slug = “{slug}” is that of a receiver that ships: give it another.", slug=receiver.slug)
                )
        except KittiwakeError as error:
            faults = [str(error)]
        good &= not faults
        if as_json:
            emit({"receiver": file, "ok": not faults, "faults": faults})
        else:
            say(f"{file}: {'right' if not faults else ' '.join(faults)}")
    leave(good)


@receivers_verb.command(
    "new",
    help="Make a receiver of your own and keep it, so that --for knows its slug.",
    epilog="\b\nExamples:\n  kittiwake receivers new tannoy --from paging-controller --set max_seconds=20\n"
    '  kittiwake receivers new hall-phone --from-files prompts-it-takes/ --name "Hall phone"',
)
@click.argument("slug")
@click.option("--name", default="", help="What it is called; default: its slug.")
@click.option("--from", "begin", type=common._Receiver(), help="A receiver to begin from.")
@click.option(
    "--from-files",
    "files",
    multiple=True,
    type=common.GivenPath(),
    help="Files, or folders of files, that the machine takes.",
)
@click.option("--form", type=common._Form(), help="A form to begin from, such as mp3 or wav/ulaw.")
@click.option("--set", "settings", multiple=True, metavar="FIELD=VALUE", help="A field of it; may be repeated.")
@common.headerless
@common.as_json
def new_verb(
    slug: str, name: str, begin: Any, files: tuple[str, ...], form: str | None, settings: tuple[str, ...], stated: Any, as_json: bool
) -> None:  # fmt: skip
    from ..core.fit.one_off import receiver_of_form, with_settings
    from ..core.model.own_receivers import keep_own, own_receivers

    if sum((begin is not None, bool(files), form is not None)) > 1:
        raise click.UsageError(tr("Begin from a receiver, from files, or from a form: not from several."))
    evidence: tuple[Any, ...] = ()
    try:
        if files:
            learned = _learned(files, name or slug, slug, stated)
            receiver, evidence = learned.receiver, learned.evidence
        else:
            receiver = begin or receiver_of_form(form or "wav")
        own = {"slug": slug, "name": name or (receiver.name if files else slug), "delivery.folder": slug}
        receiver = with_settings(receiver, (*(f"{key}={value}" for key, value in own.items()), *settings))
        replaced = slug in own_receivers()
        path = keep_own(receiver)
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error
    if as_json:
        emit({**receiver.to_data(), "file": str(path), "evidence": [asdict(one) for one in evidence]})
        return
    for one in evidence:
        say(f"  {one.rule} ({one.seen})")
    say(
        tr(
            "{done} {name}: --for {slug} ({path}).",
            done=tr("Replaced") if replaced else tr("Kept"),
            name=receiver.name,
            slug=slug,
            path=path,
        )
    )


def _learned(files: tuple[str, ...], name: str, slug: str, stated: Any) -> Any:
    from ..core.fit.learned import learn
    from ..core.intake import PassedOver, find_sound_files

    # Outputs too, whoever made them: they may be what the machine takes.
    found = list(find_sound_files(list(map(Path, files)), everything=stated is not None, passed=PassedOver()))
    return learn(common.look(found, stated), name, slug)


@receivers_verb.command("forget", help="Do not keep a receiver of your own any more.")
@click.argument("slug")
def forget_verb(slug: str) -> None:
    from ..core.model.own_receivers import forget_own, own_receivers

    if slug not in own_receivers():
        raise click.UsageError(tr("There is no receiver of your own “{slug}”.", slug=slug))
    forget_own(slug)
    say(tr("{slug} is not kept any more; jobs that use it have it still.", slug=slug))
