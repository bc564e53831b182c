"""Help pages in the language of the terminal: said once they are asked for, and in English in the registry and the manual."""

from __future__ import annotations

from importlib import import_module
from importlib.util import find_spec
from pathlib import Path
from typing import Any

import click

from ..core.extensions import behind, import_of, verbs
from ..words import in_words, phrase, tr

EXIT_CODES = phrase(
    "Exit codes: 0 all is well; 1 something does not fit, failed, or was not made; 2 wrong use; 3 nothing failed, but something wants a decision; 130 stopped by Ctrl+C."
)


def epilog(more: str, examples: tuple[str, ...]) -> str:
    """What stands below the options, in the language that is spoken: more, the examples, what the exit code says."""
    shown = (
        "\n".join(("\b", tr("Examples:"), *(f"  kittiwake {example}" for example in examples))) if examples else ""
    )
    return "\n\n".join(filter(None, (in_words(more), shown, in_words(EXIT_CODES))))


class _Said(click.Command):
    """Says its help, its options and the headings of both in the language of the terminal."""

    def format_usage(self, ctx: click.Context, formatter: click.HelpFormatter) -> None:
        formatter.write_usage(ctx.command_path, " ".join(self.collect_usage_pieces(ctx)), prefix=tr("Usage: "))

    def format_help_text(self, ctx: click.Context, formatter: click.HelpFormatter) -> None:
        self.help = tr(self.help or "")
        super().format_help_text(ctx, formatter)

    def format_options(self, ctx: click.Context, formatter: click.HelpFormatter) -> None:
        records = []
        for param in self.get_params(ctx):
            if isinstance(param, click.Option) and param.help:
                param.help = tr(param.help)
            if not isinstance(param, click.Argument) and (record := param.get_help_record(ctx)):
                records.append(record)
        with formatter.section(tr("Options")):
            formatter.write_dl(records)

    def get_short_help_str(self, limit: int = 45) -> str:
        self.help = tr(self.help or "")
        return super().get_short_help_str(limit)


class Verb(_Said):
    """A verb of the terminal."""

    def __init__(self, *args: Any, more: str = "", examples: tuple[str, ...] = (), **others: Any) -> None:
        super().__init__(*args, **others)
        self.more, self.examples = more, examples

    def format_epilog(self, ctx: click.Context, formatter: click.HelpFormatter) -> None:
        self.epilog = epilog(self.more, self.examples)
        super().format_epilog(ctx, formatter)


class Verbs(_Said, click.Group):
    """All of them, or a verb that has verbs of its own."""

    command_class = Verb

    def format_options(self, ctx: click.Context, formatter: click.HelpFormatter) -> None:
        _Said.format_options(self, ctx, formatter)
        shown = {
            name: one for name in self.list_commands(ctx) if (one := self.get_command(ctx, name)) and not one.hidden
        }
        with formatter.section(tr("Commands")):
            limit = formatter.width - 6 - max(map(len, shown))
            formatter.write_dl([(name, one.get_short_help_str(limit)) for name, one in shown.items()])

    def format_epilog(self, ctx: click.Context, formatter: click.HelpFormatter) -> None:
        self.epilog = in_words(EXIT_CODES)
        super().format_epilog(ctx, formatter)


class AllVerbs(Verbs):
    """The verbs of ``kittiwake``: ``make`` is looked for in ``make_verb.py`` here and in extensions, and all files of verbs are loaded only where there is none of that name."""

    def __init__(self, *args: Any, **others: Any) -> None:
        super().__init__(*args, **others)
        self._all_there = False

    def get_command(self, ctx: click.Context, cmd_name: str) -> click.Command | None:
        if cmd_name not in self.commands and cmd_name.isidentifier():
            own = f"{__package__}.{cmd_name}_verb"
            for name in [own] if find_spec(own) else behind(f"{cmd_name}_verb"):
                import_of(name)
        if cmd_name not in self.commands:
            self.load_all()
        return super().get_command(ctx, cmd_name)

    def list_commands(self, ctx: click.Context) -> list[str]:
        self.load_all()
        return super().list_commands(ctx)

    def load_all(self) -> None:
        """Load every verb."""
        if not self._all_there:
            self._all_there = True
            for path in sorted(Path(__file__).parent.glob("*_verb*.py")):
                import_module(f"{__package__}.{path.stem}")
            for name in verbs():
                import_of(name)


#: What click says of its own options.
_HELP, _VERSION = phrase("Show this message and exit."), phrase("Show the version and exit.")


def show_error(error: click.ClickException) -> None:
    """Say what is wrong with the words that were given, and where help is."""
    if isinstance(error, click.UsageError) and error.ctx is not None:
        click.echo(error.ctx.get_usage(), err=True)
        click.echo(tr("“{path} --help” tells more.", path=error.ctx.command_path), err=True)
        click.echo("", err=True)
    click.echo(tr("Error: {message}", message=error.format_message()), err=True)
