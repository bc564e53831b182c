"""The verb that opens the window."""

from __future__ import annotations

import sys
from pathlib import Path

import click

from ..words import tr
from .common import GivenPath, say, verb
from .displays import display


@verb("window", "Open the window.", "window", "window recordings/", "window --demo")
@click.option("--demo", is_flag=True, help="Open the demo job.")
@click.option("--new", is_flag=True, help="A window of its own, even where one is open already.")
@click.option(
    "--picture", type=GivenPath(path_type=Path, dir_okay=False), help="Save a picture of the window; leave."
)
@click.option("--dark/--light", default=None, help="Instead of what the desktop says.")
@click.argument("paths", nargs=-1, type=GivenPath(path_type=Path, exists=True))
def window_verb(paths: tuple[Path, ...], demo: bool, new: bool, picture: Path | None, dark: bool | None) -> None:
    if picture is None and not display():
        say(
            tr(
                "There is no display to open the window on. Start it from a desktop, or use the verbs: kittiwake --help."
            ),
            err=True,
        )
        sys.exit(1)
    if not (new or demo or picture):
        from ..work.desktop.handover import hand_over

        if hand_over(paths):
            return
    from ..ui.shell.start import start

    sys.exit(start(list(paths), demo=demo, new=new, picture=picture, dark=dark))
