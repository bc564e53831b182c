"""The terminal, put together. Results on stdout, progress on stderr; exit 0 all well, 1 something not, 2 wrong use."""

from __future__ import annotations

import contextlib
import io
import os
import signal
import sys
from pathlib import Path

import click

from .. import words
from ..core import extensions
from ..core.errors import KittiwakeError, reason_of
from ..core.log import keep_log, log
from ..languages import language_of_terminal, translation
from ..words import tr
from . import (  # noqa: F401 - each registers its verbs
    corpus_verb,
    deliver_verbs,
    folder_verbs,
    hear_verb,
    hold_verb,
    install_verb,
    look_verbs,
    make_verb,
    quick_verb,
    receiver_verbs,
    spans_verb,
    speak_verb,
    tone_verb,
    touch_verb,
    watch_verb,
)
from .common import GivenPath, cli, say, verb
from .displays import display
from .help_pages import show_error

__all__ = ["cli", "run"]


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
        from ..core.desktop.handover import hand_over

        if hand_over(paths):
            return
    from ..ui.start import start

    sys.exit(start(list(paths), demo=demo, new=new, picture=picture, dark=dark))


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
