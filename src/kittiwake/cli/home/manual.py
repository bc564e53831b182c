"""Manual pages, from the same registry as ``--help``."""

from __future__ import annotations

from collections.abc import Iterator

import click

from ...version import __version__
from ..help_pages import EXIT_CODES, Verb
from .identity import SUMMARY

_DATE = "2026-11-27"  # of the release: the same input gives the same page


def manual_pages(cli: click.Group) -> Iterator[tuple[str, str]]:
    """Name and text of each page: one for the command, one for each verb (man(7))."""
    names = sorted(cli.list_commands(click.Context(cli)))
    yield "kittiwake.1", _main_page(cli, names)
    for name in names:
        one = cli.commands[name]
        if not one.hidden:
            yield f"kittiwake-{name}.1", _verb_page(name, one)


def _main_page(cli: click.Group, names: list[str]) -> str:
    lines = [
        _head("KITTIWAKE"),
        ".SH NAME",
        f"kittiwake \\- {_text(SUMMARY[0].lower() + SUMMARY[1:])}",
        ".SH SYNOPSIS",
        ".B kittiwake",
        "[\\fIverb\\fR] [\\fIoption\\fR ...] [\\fIargument\\fR ...]",
        ".SH DESCRIPTION",
        _text(
            "Shows recordings against the machines that are to speak them, works out what has to happen to each, does it, and proves each file by reading it back."
            " With no words at all it opens the window. Each verb has a page of its own."
        ),
        ".SH VERBS",
    ]
    for name in names:
        if not cli.commands[name].hidden:
            lines += [".TP", f"\\fBkittiwake\\-{_text(name)}\\fR(1)", _text(cli.commands[name].help or "")]
    lines += [
        ".SH EXIT STATUS",
        _text(EXIT_CODES.removeprefix("Exit codes: ")),
        ".SH FILES",
        ".TP",
        ".I ~/.config/kittiwake/settings.toml",
        "Settings; the file explains itself.",
        ".TP",
        ".I ~/.config/kittiwake/receivers/",
        "Receivers of one's own.",
        ".TP",
        ".I ~/.cache/kittiwake/",
        "What was found out about sound; it may be deleted while nothing runs.",
        ".TP",
        ".I .kittiwake\\-made.jsonl",
        "In each output folder: what was made there, and from what.",
        ".SH SEE ALSO",
        ",\n".join(f".BR kittiwake\\-{name} (1)" for name in names if not cli.commands[name].hidden),
        "",
    ]
    return "\n".join(lines)


def _verb_page(name: str, one: click.Command) -> str:
    context = click.Context(one, info_name=f"kittiwake {name}")
    used = " ".join(one.collect_usage_pieces(context))
    first, *more = (one.help or "").split("\n\n")
    lines = [
        _head(f"KITTIWAKE-{name.upper()}"),
        ".SH NAME",
        f"kittiwake\\-{_text(name)} \\- {_text(first[0].lower() + first[1:].rstrip('.'))}",
        ".SH SYNOPSIS",
        f".B kittiwake {_text(name)}",
        _text(used),
        ".SH DESCRIPTION",
        _text(first),
    ]
    for part in more:
        lines += [".PP", _text(part)]
    options = [record for param in one.get_params(context) if (record := param.get_help_record(context))]
    if options:
        lines.append(".SH OPTIONS")
        for option, explanation in options:
            lines += [".TP", f"\\fB{_text(option)}\\fR", _text(explanation) or "\\&"]
    if isinstance(one, click.Group):
        lines.append(".SH COMMANDS")
        for below in one.list_commands(context):
            lines += _of_sub_verb(name, below, one.commands[below])
    if isinstance(one, Verb) and one.more:
        lines += [".SH NOTES", _text(one.more)]
    if isinstance(one, Verb) and one.examples:
        lines += [".SH EXAMPLES", ".nf", *(_text(f"kittiwake {example}") for example in one.examples), ".fi"]
    lines += [".SH EXIT STATUS", _text(EXIT_CODES.removeprefix("Exit codes: "))]
    lines += [".SH SEE ALSO", ".BR kittiwake (1)", ""]
    return "\n".join(lines)


def _of_sub_verb(name: str, below: str, one: click.Command) -> list[str]:
    """A verb of a verb, with its options and examples, as a part of its page."""
    if one.hidden:
        return []
    context = click.Context(one, info_name=f"kittiwake {name} {below}")
    used = " ".join(one.collect_usage_pieces(context))
    lines = [".SS " + _text(f"kittiwake {name} {below} {used}"), _text(" ".join((one.help or "").split()))]
    for param in one.get_params(context):
        if record := param.get_help_record(context):
            lines += [".TP", f"\\fB{_text(record[0])}\\fR", _text(record[1]) or "\\&"]
    if isinstance(one, Verb) and one.more:
        lines += [".PP", _text(one.more)]
    if isinstance(one, Verb) and one.examples:
        lines += [".PP", ".nf", *(_text(f"kittiwake {example}") for example in one.examples), ".fi"]
    return lines


def _head(title: str) -> str:
    return f'.TH {title.replace("-", chr(92) + "-")} 1 {_DATE} "Kittiwake {__version__}" "User Commands"'


def _text(text: str) -> str:
    """As roff takes it: no line begins with a control character, and a hyphen that is typed stays one."""
    flat = " ".join(text.split())
    flat = flat.replace("\\", "\\e").replace("-", "\\-")
    return f"\\&{flat}" if flat[:1] in (".", "'") else flat
