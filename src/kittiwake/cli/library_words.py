"""What the library for command lines says by itself of wrong words, in the language of the terminal."""

from __future__ import annotations

import click.core
import click.exceptions
import click.parser
import click.types

from ..words import in_words, phrase

#: As the library has them, with its fields in braces, which it fills in by itself.
_PLAIN = {str(one): one for one in (
    phrase("No such command {name!r}."), phrase("No such option {name!r}."), phrase("Missing argument"), phrase("Missing option"), phrase("Missing parameter"), phrase("Missing command."),
    phrase("Invalid value for {param_hint}: {message}"), phrase("Invalid value: {message}"), phrase("Option {name!r} does not take a value."),
    phrase("Argument {name!r} takes {nargs} values."), phrase("{value!r} is not a valid {number_type}."), phrase("{value} is not in the range {range}."),
    phrase("{name} {filename!r} does not exist."), phrase("{name} {filename!r} is a directory."), phrase("{name} {filename!r} is a file."),
    phrase("{name} {filename!r} is not readable."), phrase("{name} {filename!r} is not writable."), phrase("Choose from:\n\t{choices}"),
    phrase("file"), phrase("directory"), phrase("path"),
)}  # fmt: skip
#: Of one, and of many.
_COUNTED = {
    "Did you mean {possibility}?": (phrase("Did you mean {possibility}?"), phrase("(Did you mean one of: {possibilities}?)")),
    "Option {name!r} requires an argument.": (phrase("Option {name!r} requires an argument."), phrase("Option {name!r} requires {nargs} arguments.")),
    "Got unexpected extra argument ({args})": (phrase("Got unexpected extra argument ({args})"), phrase("Got unexpected extra arguments ({args})")),
}  # fmt: skip


def translate_library() -> None:
    """Let it say so from now on. It looks its texts up by two functions, which stand in each of its modules."""
    for module in (click.core, click.exceptions, click.parser, click.types):
        for name, by in (("_", _one), ("ngettext", _counted)):
            if hasattr(module, name):
                setattr(module, name, by)


def _one(text: str) -> str:
    return str(in_words(_PLAIN.get(text, text)))


def _counted(one: str, many: str, count: int) -> str:
    known = _COUNTED.get(one, (one, many))
    return str(in_words(known[0] if count == 1 else known[1]))
