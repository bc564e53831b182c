"""Entries of the desktop's menu (Desktop Entry Specification; 1.4 is the latest that checkers of Debian 12 know)."""

from __future__ import annotations

import shlex
import shutil
from collections.abc import Iterable
from pathlib import Path

from ...languages import in_all_languages
from ...words import phrase
from .identity import ICON, JOB_TYPE, NAME, SOUND_TYPES, SUMMARY, VIDEO_TYPES

_KEYWORDS = phrase("sound;audio;voice;prompt;telephony;convert;resample;µ-law;IVR;corpus;")


def _quoted(word: str) -> str:
    """A word of ``Exec``, quoted where it has to be."""
    if all(c.isalnum() or c in "/._-+@:" for c in word):
        return word
    escaped = "".join(f"\\{c}" if c in '"`$\\' else c for c in word).replace("%", "%%")
    return f'"{escaped}"'.replace("\\", "\\\\")


def command_words(program: str) -> tuple[str, ...]:
    """The words of a command: what is a file, or is found as it stands, is one word, whatever it holds; else as a shell takes words apart.

    Raises
    ------
    ValueError : a quote is not closed, or it holds what no command line can.
    """
    if any(ord(c) < 32 for c in program) or not program.strip():
        raise ValueError(phrase("it holds a line break, or nothing"))
    if Path(program).is_file() or shutil.which(program):
        return (program,)
    try:
        words = tuple(shlex.split(program))
        # A path that is not there yet, with a space in it, is still one.
        return (
            (program,)
            if program.startswith("/") and not set(program) & set("\"'") and not Path(words[0]).is_file()
            else words
        )
    except ValueError as error:
        raise ValueError(phrase("a quote is not closed")) from error


def exec_of(program: str) -> str:
    """As ``Exec`` of a desktop entry has it."""
    return " ".join(map(_quoted, command_words(program)))


def _entry(group: str, values: dict[str, str]) -> str:
    lines = [f"[{group}]"]
    for key, value in values.items():
        lines.append(f"{key}={value}")
        lines += [f"{key}[{code}]={translation}" for code, translation in in_all_languages(value).items()]
    return "\n".join([*lines, ""])


def window_entry(program: str, receivers: Iterable[tuple[str, str]]) -> str:
    """The window, with an action for each of some receivers (slug, name) that converts without it.

    Parameters
    ----------
    program : the command, or its path.
    """
    program, shown = exec_of(program), list(receivers)
    actions = [f"for-{slug}" for slug, _ in shown] + ["convert", "new"]
    parts = [
        _entry(
            "Desktop Entry",
            {
                "Type": "Application",
                "Version": "1.4",
                "Name": NAME,
                "GenericName": phrase("Voice prompt workbench"),
                "Comment": SUMMARY,
                "Exec": f"{program} window %F",
                "Icon": ICON,
                "Terminal": "false",
                "Categories": "AudioVideo;Audio;AudioVideoEditing;",
                "Keywords": _KEYWORDS,
                "MimeType": ";".join((JOB_TYPE, *SOUND_TYPES, *VIDEO_TYPES)) + ";",
                "StartupNotify": "true",
                "StartupWMClass": "kittiwake",
                "Actions": ";".join(actions) + ";",
            },
        )
    ]
    for slug, name in shown:
        parts.append(
            _entry(
                f"Desktop Action for-{slug}",
                {
                    "Name": phrase("Convert for {receiver}", receiver=phrase(_line(name))),
                    "Exec": f"{program} quick --for {slug} %F",
                },
            )
        )
    parts.append(_entry("Desktop Action convert", {"Name": phrase("Convert for…"), "Exec": f"{program} quick %F"}))
    parts.append(_entry("Desktop Action new", {"Name": phrase("New window"), "Exec": f"{program} window --new %F"}))
    return "\n".join(parts)


def quick_entry(program: str) -> str:
    """Quick convert as something to open sound with: file managers offer it beside the window."""
    return _entry(
        "Desktop Entry",
        {
            "Type": "Application",
            "Version": "1.4",
            "Name": phrase("Quick convert"),
            "GenericName": phrase("Voice prompt converter"),
            "Comment": phrase("Convert sound for a phone menu or another machine, without a job"),
            "Exec": f"{exec_of(program)} quick %F",
            "Icon": ICON,
            "Terminal": "false",
            "NoDisplay": "true",
            "Categories": "AudioVideo;Audio;",
            "MimeType": ";".join((*SOUND_TYPES, *VIDEO_TYPES)) + ";",
            "StartupNotify": "true",
        },
    )


def thumbnailer_entry(program: str) -> str:
    """Who draws the small picture of a job in a file manager."""
    return _entry(
        "Thumbnailer Entry",
        {
            "TryExec": command_words(program)[0].replace("\\", "\\\\"),
            "Exec": f"{exec_of(program)} preview %i %o %s",
            "MimeType": f"{JOB_TYPE};",
        },
    )


def _line(text: str) -> str:
    """A name as the value of a key."""
    return " ".join(text.split()).replace("\\", "\\\\")
