"""The verbs that make the application known to a desktop, and draw its jobs there."""

from __future__ import annotations

import os
import shutil
import sys
from pathlib import Path

import click

from ..core.errors import KittiwakeError
from ..words import in_words, phrase, tr
from . import common
from .common import cli, complain, leave, say, verb


@verb(
    "install",
    "Make the desktop know Kittiwake: menu, “open with”, job files, manual, completion.",
    "install",
    "install --remove",
    "install --for-all",
    more=phrase(
        "For you alone it goes to ~/.local, for all users to /usr/local. What is there already and is not Kittiwake's own is left as it is."
    ),
)
@click.option("--for-all", is_flag=True, help="For all users of this machine, in /usr/local; takes root.")
@click.option(
    "--prefix",
    type=common.GivenPath(path_type=Path, file_okay=False),
    help="Somewhere else, such as a folder that a package is made of.",
)
@click.option(
    "--program",
    default="",
    metavar="COMMAND",
    help="The command that the desktop starts; default: the one that runs now.",
)
@click.option("--remove", "away", is_flag=True, help="Take away what was installed there.")
def install_verb(for_all: bool, prefix: Path | None, program: str, away: bool) -> None:
    from .home import placing
    from .home.entries import command_words
    from .home.files import files_of

    try:
        command_words(program or "kittiwake")
    except ValueError as error:
        raise click.UsageError(tr("--program is no command: {why}.", why=in_words(error.args[0]))) from error
    if for_all and prefix:
        raise click.UsageError(tr("Say --for-all or --prefix, not both."))
    where = (prefix or (Path("/usr/local") if for_all else _own_prefix())).absolute()
    try:
        if away:
            _remove(where)
        left = placing.place(where, files_of(cli, program or program_now(), offered()))
    except KittiwakeError as error:
        complain(error, False)
        sys.exit(1)
    count = len(placing.placed(where))
    say(
        tr(
            "Kittiwake is known to the desktop: {count} files in {where}. “kittiwake install --remove” takes them away.",
            count=count,
            where=where,
        )
    )
    for name in left:
        say(tr("  {where} is not Kittiwake's own, and was left as it is.", where=where / name), err=True)
    leave(not left)


def _remove(where: Path) -> None:
    from .home import placing

    count, stay = placing.remove(where)
    say(
        tr("{count} files were taken away.", "{count} file was taken away.", count, count=count)
        if count
        else tr("Nothing was installed in {where}.", where=where)
    )
    for name in stay:
        say(tr("  {where} was changed since, and stays.", where=where / name), err=True)
    leave(not stay)


def _own_prefix() -> Path:
    """``~/.local``, or beside where data go on this machine (XDG Base Directory Specification)."""
    data = Path(os.environ.get("XDG_DATA_HOME") or Path.home() / ".local/share")
    return data.parent if data.name == "share" else Path.home() / ".local"


def program_now() -> str:
    """The command that runs now: by its name where that finds it, else by its path."""
    path = Path(sys.argv[0]).absolute()
    found = shutil.which("kittiwake")
    if found and Path(found).resolve() == path.resolve():
        return "kittiwake" if Path(found).parent in (Path("/usr/bin"), Path("/usr/local/bin")) else found
    return str(path) if path.name.startswith("kittiwake") else "kittiwake"


def offered() -> list[tuple[str, str]]:
    """Receivers that the menu offers: the phone menu, and those that were used last."""
    from ..core.model import load_receiver
    from ..core.model.own_receivers import last_used

    slugs = list(dict.fromkeys(("phone-menu", *last_used())))[:5]
    return [(slug, load_receiver(slug).name) for slug in slugs]


@cli.command("preview", hidden=True, help="Draw a job as a small picture (PNG), for a file manager.")
@click.argument("job", type=common.GivenPath(path_type=Path))
@click.argument("picture", type=common.GivenPath(path_type=Path, dir_okay=False))
@click.argument("size", type=click.IntRange(16, 1024), default=256)
def preview_verb(job: Path, picture: Path, size: int) -> None:
    from ..core.disk.place import write_whole
    from ..core.model.job import load_job
    from .home.preview import draw_job

    try:
        write_whole(picture, draw_job(load_job(job), size))
    except (KittiwakeError, OSError) as error:
        complain(error, False)
        sys.exit(1)
