"""The verb that opens quick convert."""

from __future__ import annotations

import sys
from pathlib import Path
from typing import Any

import click

from ..words import tr
from .common import GivenPath, receiver_type, say, verb
from .displays import display


@verb(
    "quick",
    "Open a small window that converts a few files for one receiver.",
    "quick --for phone-menu notice.ogg",
    "quick takes/",
)
@click.option("--for", "receiver", type=receiver_type, help="The receiver; without one it is asked for.")
@click.argument("paths", nargs=-1, type=GivenPath(path_type=Path, exists=True))
def quick_verb(paths: tuple[Path, ...], receiver: Any) -> None:
    if not display():
        say(tr("There is no display to open the window on. In a terminal, “kittiwake make” does the same."), err=True)
        sys.exit(1)
    from ..ui.quick.start import start

    sys.exit(start(list(paths), receiver.slug if receiver else ""))
