"""Spoken lines heard back: a speech engine tells which line of the script each of them sounds like."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from pathlib import Path
from typing import NamedTuple

from ..errors import KittiwakeError
from ..intake.short import read_short
from .listener import Listener, words_of


class ToHear(NamedTuple):
    """A line: its id, what is meant to be said, and its sound."""

    line: str
    text: str
    path: Path


class HeardLine(NamedTuple):
    """What was heard: the text of the line that it sounds like, empty where it sounds like none; ``right`` where that is what is meant."""

    line: str
    heard: str
    right: bool


def hear_back_in_worker(lines: Sequence[ToHear], report: Callable[[HeardLine], None]) -> str:
    """As ``hear_back``, for a worker process; returns a sentence where something is wrong."""
    try:
        hear_back(lines, report)
    except KittiwakeError as error:
        return str(error)
    return ""


def hear_back(lines: Sequence[ToHear], report: Callable[[HeardLine], None]) -> None:
    """Listen to each line for all of them; ``report`` is called for each that can be read.

    Raises
    ------
    KittiwakeError : there is no speech engine, or no line has words that it knows.
    """
    listener = Listener([line.text for line in lines])
    for line in lines:
        if not words_of(line.text):
            continue
        try:
            sound, rate = read_short(line.path)
        except (OSError, KittiwakeError):
            continue
        place = listener.which(sound, rate)
        heard = "" if place is None else lines[place].text
        report(HeardLine(line.line, heard, words_of(heard) == words_of(line.text)))
