"""Look at a source: its header, and every sample once."""

from __future__ import annotations

import os
from collections.abc import Callable, Iterator
from dataclasses import replace
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ...words import phrase
from ..errors import Cancelled, IntakeError, KittiwakeError, reason_of
from ..intake import Reader, open_sound
from ..intake.claims import stated_for
from ..log import log
from ..model import Facts, Header, Measures, Note
from ..model.facts import Signal
from ..model.stated import Stated
from .headerless import without_header
from .meters import Meters, OtherSignal

Progress = Callable[[float], None]
Tee = Callable[[Header, NDArray[np.float32], NDArray[np.float32], Signal | None], None]


def stamp_of(path: Path | str) -> str:
    """Size and time of a file, by which a change shows without reading it; empty where it is not there."""
    try:
        found = os.stat(path)  # noqa: PTH116 - less on the way, and asked of every file
    except OSError:
        return ""
    return f"{found.st_size}:{found.st_mtime_ns}"


def source_stamp(path: Path | str) -> str:
    """``stamp_of``, and the time of the last change of anything about the file, which nobody can set: a source that was rewritten shows, whatever its
    size and time were made to be. Empty where it is not there.
    """
    try:
        found = os.stat(path)  # noqa: PTH116 - as above
    except OSError:
        return ""
    return f"{found.st_size}:{found.st_mtime_ns}:{found.st_ctime_ns}"


def same_stamp(one: str, other: str) -> bool:
    """Whether two stamps tell the same; of one that was kept before there were times of change only size and time count."""
    if one.count(":") == other.count(":"):
        return one == other
    return bool(one and other) and one.split(":")[:2] == other.split(":")[:2]


def analyze(
    path: Path,
    stated: Stated | None = None,
    *,
    picture: bool = True,
    pitch: bool = False,
    every: bool = False,
    by_library: bool = False,
    tee: Tee | None = None,
    progress: Progress | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Facts:
    """Everything there is to know of one source. Never raises for a bad file: ``Facts.error`` says what is wrong.

    Parameters
    ----------
    stated : the format of a headerless file, or which of several streams.
    picture : whether to gather outline and spectrum, to draw and to trim by. Without them bandwidth is not known either, and speech
        level is measured only of the signal that stands for the whole, or of ``every`` one.
    by_library : whether a library has to read it.
    tee : called with the header, the samples of each block, float32 [shape=(channels, n)], and, where they are needed, those of the mix
        [shape=(n,)], otherwise those of the first channel; and without a picture the signal that stands for the whole, as the first block
        suggests.
    pitch : whether to measure the pitch of the voice too, which raises suspicion of a false rate.
    progress : called with the share done, 0 to 1, where the length is known beforehand.
    cancelled : asked once a block; true raises ``Cancelled``.
    """
    stamp = source_stamp(path)
    try:
        reader = open_sound(path, stated, by_library=by_library)
    except IntakeError as error:
        bare = without_header(path) if error.code in ("not_sound", "no_sound") and stated is None else None
        if bare is not None:
            return replace(bare, stamp=stamp)
        return Facts(path, error=Note(error.code, error.message, error.remedy), stated=stated)
    except Exception as error:  # a library's surprise must not reach the user bare, nor stop the others
        what = phrase("It could not be opened ({name}: {error}).", name=type(error).__name__, error=error)
        return _damaged(path, what, None, stated)
    header = reader.header
    try:
        meters = Meters(header, picture=picture, pitch=pitch, every=every)
        try:
            _fill(meters, reader, tee, progress, cancelled)
            found = meters.result()
        except OtherSignal:
            reader.close()
            reader = open_sound(path, stated, by_library=by_library)
            meters = Meters(header, pitch=pitch)
            _fill(meters, reader, None, progress, cancelled)
            found = meters.result()
    except KittiwakeError:
        raise
    except OSError as error:
        what = phrase("Reading it failed: {reason_of}.", reason_of=reason_of(error))
        check = phrase("Check the disk it is on, then look again.")
        return Facts(path, header, error=Note("unreadable", what, check))
    except Exception as error:  # a library's surprise must not reach the user bare, nor stop the others
        log.exception("while reading %s", path)
        return _damaged(path, phrase("Reading it failed ({error}).", error=error), header)
    finally:
        reader.close()
    return _as_facts(path, header, found, meters.holes, reader, stated, stamp)


def _fill(
    meters: Meters,
    reader: Reader,
    tee: Tee | None,
    progress: Progress | None,
    cancelled: Callable[[], bool] | None,
) -> None:
    for block in _watched(reader, progress, cancelled):
        seen = meters.add(block)
        if tee:
            tee(reader.header, *seen)


def _damaged(path: Path, what: str, header: Header | None, stated: Stated | None = None) -> Facts:
    return Facts(path, header, error=Note("damaged", what, phrase("Ask for another copy.")), stated=stated)


def _watched(
    reader: Reader, progress: Progress | None, cancelled: Callable[[], bool] | None
) -> Iterator[NDArray[np.float32]]:
    """The blocks of a reader, with a look at the share done, and whether to stop, between them."""
    done, total = 0, reader.header.frames
    for block in reader.blocks():
        if cancelled and cancelled():
            raise Cancelled
        yield block
        done += len(block)
        if progress and total:
            progress(min(1.0, done / total))


def _as_facts(
    path: Path, header: Header, found: Measures, holes: int, reader: Reader, stated: Stated | None, stamp: str
) -> Facts:
    """What was measured, with what is wrong with it."""
    if not found.frames:
        empty = Note(
            "empty", phrase("There is a header but no sound."), phrase("Ask for another copy, or remove it.")
        )
        return Facts(path, header, error=empty)
    notes = list(header.notes)
    if reader.trouble:
        notes.append(reader.trouble)
    if holes:
        what = phrase(
            "{holes:,} samples are not numbers, or beyond all measure; they are taken as silence.",
            "{holes:,} sample is no number, or beyond all measure; it is taken as silence.",
            holes,
            holes=holes,
        )
        notes.append(Note("not_numbers", what, phrase("Ask what wrote it.")))
    total = header.frames
    if total and found.frames < total and not any(n.code in ("truncated", "damaged") for n in notes):
        held, promised = found.frames / header.sample_rate, total / header.sample_rate
        if promised - held > 0.05:
            what = phrase(
                "The file breaks off: its header promises {promised:.2f} s, it holds {held:.2f} s.",
                promised=promised,
                held=held,
            )
            notes.append(Note("truncated", what, phrase("Ask for a whole copy, or deliver what is there.")))
    digest = getattr(reader, "digest", "")
    return Facts(path, header, found, tuple(notes), stated=stated, digest=digest, stamp=stamp)


def analyze_as_stated(
    path: Path,
    stated: Stated | None,
    stream: int | None = None,
    *,
    picture: bool = True,
    pitch: bool = False,
    every: bool = False,
    tee: Tee | None = None,
    guessed: bool = False,
) -> Facts:
    """``analyze`` one of many files of which something was stated; see ``intake.claims.stated_for``. Never raises for a bad file.

    Parameters
    ----------
    guessed : read one without a header, of which nothing is stated, as its content suggests.
    """
    try:
        own = stated_for(path, stated, stream)
    except IntakeError as error:
        return Facts(path, error=Note(error.code, error.message, error.remedy))
    facts = analyze(path, own, picture=picture, pitch=pitch, every=every, tee=tee)
    if guessed and facts.suggested is not None:
        return analyze(path, facts.suggested, picture=picture, pitch=pitch, every=every, tee=tee)
    return facts
