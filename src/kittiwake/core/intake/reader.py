"""The one way in: ``open_sound`` decides by content which library reads a file."""

from __future__ import annotations

import os
import re
import stat
from collections.abc import Iterator
from pathlib import Path
from typing import Protocol

import numpy as np
from numpy.typing import NDArray

from ...words import phrase
from ..errors import IntakeError, reason_of
from ..model import Header, Note
from ..model.stated import Stated
from .block import BLOCK
from .sniff import looks_like_text

__all__ = ["BLOCK", "Reader", "open_sound"]


MOST_CHANNELS = 64


class Reader(Protocol):
    """A source, open for reading from its start."""

    header: Header

    def blocks(self) -> Iterator[NDArray[np.float32]]:
        """Every frame in order, once: float32 [shape=(frames, channels)], nominal ±1.0.

        A source damaged part of the way yields what is whole; ``trouble`` then says so.
        """
        ...

    @property
    def trouble(self) -> Note | None:
        """What went wrong while reading, known once the blocks have been read."""
        ...

    def skip_to(self, frame: int) -> int:
        """Let ``blocks`` begin later; returns the frame it will begin with, which is 0 where that cannot be done exactly."""
        ...

    def close(self) -> None: ...


#: What libav calls samples without any header.
_BARE = r"alaw|mulaw|vidc|[fsu](8|16|24|32|64)(le|be)?"


def open_sound(path: Path, stated: Stated | None = None, *, by_library: bool = False) -> Reader:
    """Open a sound file, the sound of a video, or a headerless file in its ``stated`` format.

    libsndfile is asked first, since it opens in well under a millisecond; libav reads the rest.

    Parameters
    ----------
    by_library : whether a library has to read every sample, as for proof of what was written here.

    Raises
    ------
    IntakeError : with code ``missing``, ``no_rights``, ``not_a_file``, ``empty``, ``not_sound`` or ``damaged``.
    """
    size = _check(path)
    if stated is not None and stated.headerless:
        from .headerless import open_headerless

        stated_reader: Reader = open_headerless(path, size, stated)
        return stated_reader
    from . import sndfile
    from .plain import try_plain

    reader: Reader | None = None
    if stated is None:
        reader = None if by_library else try_plain(path, size)
        reader = reader or sndfile.try_open(path, size, by_library)
    if reader is not None:
        return _plausible(reader)
    if looks_like_text(path):
        raise IntakeError(
            phrase("This is a text file, not sound, whatever its name says."),
            phrase("Ask for the recording itself, or remove it from the job."),
            "not_sound",
        )
    from . import libav

    found = libav.open_file(path, size, stated.stream if stated else 0)
    if re.fullmatch(_BARE, found.header.container):
        # Taken by its name alone, and at whatever rate libav takes: that is to be stated.
        found.close()
        raise IntakeError(
            phrase("There is no sound in this file that it says anything of."),
            phrase("State how to read it."),
            "not_sound",
        )
    return _plausible(found)


def _plausible(reader: Reader) -> Reader:
    channels = reader.header.channels
    if not 1 <= channels <= MOST_CHANNELS:
        reader.close()
        raise IntakeError(
            phrase("Its header claims {channels:,} channels, which cannot be.", channels=channels),
            phrase("Ask for another copy."),
            "damaged",
        )
    return reader


def _check(path: Path) -> int:
    """Size of a readable ordinary file; anything else is refused before a library touches it."""
    try:
        found = path.stat()
        if not stat.S_ISREG(found.st_mode):
            # A FIFO or device would block, or never end.
            raise IntakeError(phrase("This is not an ordinary file."), phrase("Give a sound file."), "not_a_file")
        os.close(os.open(path, os.O_RDONLY))
    except FileNotFoundError as error:
        raise IntakeError(
            phrase("There is no such file."),
            phrase("It may have been moved or renamed: say where it is now."),
            "missing",
        ) from error
    except PermissionError as error:
        raise IntakeError(
            phrase("You have no right to read this file."),
            phrase("Change its permissions, then look again."),
            "no_rights",
        ) from error
    except OSError as error:
        raise IntakeError(
            phrase("This file cannot be opened: {reason_of}.", reason_of=reason_of(error)),
            phrase("Check the disk it is on."),
            "unreadable",
        ) from error
    if found.st_size == 0:
        raise IntakeError(
            phrase("The file is empty: 0 bytes."), phrase("Copy it again from where it came, or remove it."), "empty"
        )
    return found.st_size
