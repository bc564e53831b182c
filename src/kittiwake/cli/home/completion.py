"""Completion for shells: click's own scripts, which ask the command itself, so that verbs, options and receivers are always those there are."""

from __future__ import annotations

from collections.abc import Iterator

import click
from click.shell_completion import get_completion_class

_PLACES = {
    "bash": "share/bash-completion/completions/kittiwake",
    "zsh": "share/zsh/site-functions/_kittiwake",
    "fish": "share/fish/vendor_completions.d/kittiwake.fish",
}


def completions(cli: click.Group) -> Iterator[tuple[str, str]]:
    """Place and text of each shell's file."""
    for shell, place in _PLACES.items():
        kind = get_completion_class(shell)
        assert kind is not None
        yield place, kind(cli, {}, "kittiwake", "_KITTIWAKE_COMPLETE").source().strip() + "\n"
