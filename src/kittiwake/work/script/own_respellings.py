"""Respellings of the person, for every job: a text file, a line each, beside one's own receivers."""

from __future__ import annotations

import contextlib
from collections.abc import Iterable
from pathlib import Path

from platformdirs import user_config_path

from ...core.disk.place import write_text_whole
from ...core.errors import KittiwakeError, reason_of
from ...core.model.script import Respelling, Script
from ...words import phrase
from .respell import acting, as_text, parsed

_MOST_BYTES = 1 << 20


def own_file() -> Path:
    return user_config_path("kittiwake") / "respellings.txt"


def own_respellings() -> tuple[Respelling, ...]:
    """Those that are kept; none where there is no such file, or it is no text."""
    with contextlib.suppress(OSError, UnicodeDecodeError):
        if own_file().stat().st_size <= _MOST_BYTES:
            return parsed(own_file().read_text("utf-8"))
    return ()


def keep_own(respellings: Iterable[Respelling]) -> None:
    """Keep these for every job from now on.

    Raises
    ------
    KittiwakeError : the file cannot be written.
    """
    path = own_file()
    try:
        write_text_whole(path, as_text(respellings))
    except OSError as error:
        raise KittiwakeError(
            phrase("{path} could not be written: {reason_of}.", path=path, reason_of=reason_of(error)),
            phrase("Free it, and try again."),
            "no_folder",
        ) from error


def with_own(script: Script, own: Iterable[Respelling], before: Iterable[Respelling] = ()) -> Script:
    """A script that holds those of the person's respellings that act on its lines, so that it is spoken alike on every machine. What the job
    says of a word itself comes first.

    Parameters
    ----------
    before : what the person's were until now: one that the script took over from them follows the change.
    """
    own, was = tuple(own), {_key(one): one for one in before}
    now = {_key(one): one for one in own}
    kept = [
        now.get(_key(one)) if was.get(_key(one)) == one and now.get(_key(one)) != one else one
        for one in script.respellings
    ]
    mended = tuple(one for one in kept if one is not None)
    there = {_key(one) for one in mended}
    missing = [one for one in own if _key(one) not in there]
    fresh = acting(script.lines, missing, script.language) if missing else ()
    if not fresh and mended == script.respellings:
        return script
    return script.changed(respellings=(*mended, *fresh))


def _key(one: Respelling) -> tuple[str, str, bool]:
    return (one.word if one.case else one.word.casefold()), one.language, one.case
