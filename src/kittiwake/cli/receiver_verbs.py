"""The verb for receivers: listing, showing, checking."""

from __future__ import annotations

import click

from ..commands import Command, register
from ..core.errors import KittiwakeError
from . import common
from .common import EXIT_CODES, cli, emit, leave, say

_HELP = "List the receivers that ship with the application."
register(Command("cli.receivers", "receivers", _HELP))


@cli.group("receivers", help=_HELP, invoke_without_command=True, epilog=EXIT_CODES)
@common.as_json
@click.pass_context
def receivers_verb(context: click.Context, as_json: bool) -> None:
    from ..core.model import shipped_receivers
    from .words import receiver_in_words

    if context.invoked_subcommand:
        return
    for receiver in shipped_receivers().values():
        if as_json:
            emit(receiver.model_dump(mode="json"))
        else:
            say(receiver_in_words(receiver))


@receivers_verb.command("show", help="Print the TOML of a receiver, to begin one of your own from.")
@click.argument("which")
def show_verb(which: str) -> None:
    from ..core.model.receiver_file import receiver_text

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
                faults.append(f"slug = “{receiver.slug}” is that of a receiver that ships: give it another.")
        except KittiwakeError as error:
            faults = [str(error)]
        good &= not faults
        if as_json:
            emit({"receiver": file, "ok": not faults, "faults": faults})
        else:
            say(f"{file}: {'right' if not faults else ' '.join(faults)}")
    leave(good)
