"""How long a folder of recordings plays."""

from pathlib import Path

import click

from ...cli import common
from ...core.measure.analyze import analyze


@common.verb("tide", "Say how long recordings play.", "tide recordings/*.wav")
@common.paths_argument
def tide_verb(paths: tuple[Path, ...]) -> None:
    click.echo(f"{sum(analyze(path).seconds or 0 for path in paths):.2f} s in {len(paths)}")
