"""The terminal, put together. Results on stdout, progress on stderr; exit 0 all well, 1 something not, 2 wrong use."""

from __future__ import annotations

import contextlib
import io
import os
import signal
import sys

import click

from .. import words
from ..core import extensions
from ..core.errors import KittiwakeError, reason_of
from ..core.log import keep_log, log
from ..languages import language_of_terminal, translation
from ..words import tr
from .common import cli, say
from .help_pages import show_error

__all__ = ["cli", "run"]


def run() -> None:
    """Run the command line; with no words at all it opens the window."""
    for stream in (sys.stdout, sys.stderr):
        # A file name that is not valid UTF-8 must not stop the listing of the others.
        if isinstance(stream, io.TextIOWrapper):
            stream.reconfigure(errors="backslashreplace")
    keep_log()
    code_of_language = language_of_terminal()
    if code_of_language != "en":
        from .library_words import translate_library

        words.use(*translation(code_of_language))
        translate_library()
    signal.signal(signal.SIGINT, signal.default_int_handler)
    code: object = 1
    try:
        if os.environ.get(extensions.VARIABLE):
            extensions.load("core")
        cli(args=None if len(sys.argv) > 1 else ["window"], standalone_mode=False)
        code = 0
    except click.exceptions.Exit as left:
        code = left.exit_code
    except SystemExit as left:
        code = left.code
    except click.ClickException as error:
        show_error(error)
        code = error.exit_code
    except (KeyboardInterrupt, click.Abort):
        code = 130
    except BrokenPipeError:  # the reader of our output has seen enough
        os.dup2(os.open(os.devnull, os.O_WRONLY), 1)
    except KittiwakeError as error:
        say(str(error), err=True)
    except OSError as error:
        log.exception("in the terminal")
        _last_words(tr("It was broken off: {reason_of}.", reason_of=reason_of(error)))
    _end_processes()
    try:
        sys.stdout.flush()
    except BrokenPipeError:
        os.dup2(os.open(os.devnull, os.O_WRONLY), 1)
    except OSError as error:
        _last_words(tr("The results could not be written: {reason_of}.", reason_of=reason_of(error)))
        code = 1
        os.dup2(os.open(os.devnull, os.O_WRONLY), 1)
    sys.exit(code if isinstance(code, int) else 1)


def _last_words(text: str) -> None:
    with contextlib.suppress(OSError):  # where nobody can be told
        click.echo(text, err=True)


def _end_processes() -> None:
    """Nothing of this command is left when it has ended."""
    if pool := sys.modules.get("kittiwake.core.process"):
        pool.end_servers()
