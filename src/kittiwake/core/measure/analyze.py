"""Look at a source: its header, and every sample once."""

from __future__ import annotations

import os
from collections.abc import Callable, Iterable
from functools import lru_cache
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ..errors import Cancelled, IntakeError, KittiwakeError, reason_of
from ..intake import BLOCK, open_sound
from ..intake.claims import stated_for
from ..log import log
from ..model import Facts, Header, Measures, Note, SignalLevel
from ..model.downmix import mixed
from ..model.facts import SIGNAL_OF, Sides, Signal
from ..model.stated import Stated
from .bandwidth import Spectrum
from .clipping import ClipCounter, grain_of
from .headerless import without_header
from .level import ActiveLevel
from .overview import Overview
from .pitch import Pitch
from .sides import Relation, SidesMeter

Progress = Callable[[float], None]
Tee = Callable[[Header, NDArray[np.float32], NDArray[np.float32], Signal | None], None]


_LARGEST = 1e6  # a float sample beyond that is not sound, and its square would overflow


def stamp_of(path: Path | str) -> str:
    """Size and time of a file, by which a change shows without reading it; empty where it is not there."""
    try:
        found = os.stat(path)  # noqa: PTH116 - less on the way, and asked of every file
    except OSError:
        return ""
    return f"{found.st_size}:{found.st_mtime_ns}"


class _OtherSignal(Exception):  # noqa: N818 - not an error
    """Another signal stands for the whole than the first block suggested."""


def analyze(
    path: Path,
    stated: Stated | None = None,
    *,
    picture: bool = True,
    pitch: bool = False,
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
        level is measured only of the signal that stands for the whole; RMS stands for that of the others.
    by_library : whether a library has to read it, even where the application has a faster way.
    tee : called with the header, the samples of each block, float32 [shape=(channels, n)], and, where they are needed, those of the mix
        [shape=(n,)], otherwise those of the first channel; and without a picture the signal that stands for the whole, as the first block
        suggests.
    pitch : whether to measure the pitch of the voice too, which raises suspicion of a false rate.
    progress : called with the share done, 0 to 1, where the length is known beforehand.
    cancelled : asked once a block; true raises ``Cancelled``.
    """
    stamp = stamp_of(path)
    try:
        reader = open_sound(path, stated, by_library=by_library)
    except IntakeError as error:
        bare = without_header(path) if error.code in ("not_sound", "no_sound") and stated is None else None
        return bare or Facts(path, error=Note(error.code, error.message, error.remedy), stated=stated)
    except Exception as error:  # a library's surprise must not reach the user bare, nor stop the others
        told = Note("damaged", f"It could not be opened ({type(error).__name__}: {error}).", "Ask for another copy.")
        return Facts(path, error=told, stated=stated)
    header = reader.header
    total = header.frames

    def watched() -> Iterable[NDArray[np.float32]]:
        done = 0
        for block in reader.blocks():
            if cancelled and cancelled():
                raise Cancelled
            yield block
            done += len(block)
            if progress and total:
                progress(min(1.0, done / total))

    try:
        try:
            found, holes = _measure(watched(), header, pitch, picture, tee)
        except _OtherSignal:
            reader.close()
            reader = open_sound(path, stated, by_library=by_library)
            found, holes = _measure(watched(), header, pitch)
    except KittiwakeError:
        raise
    except OSError as error:
        what = f"Reading it failed: {reason_of(error)}."
        return Facts(path, header, error=Note("unreadable", what, "Check the disk it is on, then look again."))
    except Exception as error:  # a library's surprise must not reach the user bare, nor stop the others
        log.exception("while reading %s", path)
        return Facts(path, header, error=Note("damaged", f"Reading it failed ({error}).", "Ask for another copy."))
    finally:
        reader.close()
    notes = list(header.notes)
    if reader.trouble:
        notes.append(reader.trouble)
    if holes:
        notes.append(
            Note(
                "not_numbers",
                f"{holes:,} samples are not numbers, or beyond all measure; they are taken as silence.",
                "Ask what wrote it.",
            )
        )
    if not found.frames:
        return Facts(
            path,
            header,
            error=Note("empty", "There is a header but no sound.", "Ask for another copy, or remove it."),
        )
    if total and found.frames < total and not any(n.code in ("truncated", "damaged") for n in notes):
        held, promised = found.frames / header.sample_rate, total / header.sample_rate
        if promised - held > 0.05:
            notes.append(
                Note(
                    "truncated",
                    f"The file breaks off: its header promises {promised:.2f} s, it holds {held:.2f} s.",
                    "Ask for a whole copy, or deliver what is there.",
                )
            )
    digest = getattr(reader, "digest", "")
    return Facts(path, header, found, tuple(notes), stated=stated, digest=digest, stamp=stamp)


def analyze_as_stated(
    path: Path,
    stated: Stated | None,
    stream: int | None = None,
    *,
    picture: bool = True,
    pitch: bool = False,
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
    facts = analyze(path, own, picture=picture, pitch=pitch, tee=tee)
    if guessed and facts.suggested is not None:
        return analyze(path, facts.suggested, picture=picture, pitch=pitch, tee=tee)
    return facts


def measure(blocks: Iterable[NDArray[np.float32]], header: Header) -> Measures:
    """Measure blocks of sound, float32 [shape=(frames, channels)], as one signal in one pass."""
    return _measure(blocks, header)[0]


@lru_cache(maxsize=1)
def _ones() -> NDArray[np.float32]:
    return np.ones(BLOCK, np.float32)


@np.errstate(over="ignore", invalid="ignore")  # samples beyond all measure are found just by that
def _measure(
    blocks: Iterable[NDArray[np.float32]],
    header: Header,
    pitch: bool = False,
    picture: bool = True,
    tee: Tee | None = None,
) -> tuple[Measures, int]:
    # A rate that cannot be is told in planning; meters of that size would only cost time and memory.
    rate, channels = min(max(header.sample_rate, 1000), 768_000), header.channels
    names: tuple[Signal, ...] = ("mono",) if channels == 1 else ("left", "right", "mix")
    own_names = ("mono",) if channels == 1 else ("left", "right", *(f"ch{n}" for n in range(3, channels + 1)))
    names += own_names[2:]
    voice = Pitch(rate) if pitch else None
    meters: dict[Signal, ActiveLevel] = {name: ActiveLevel(rate) for name in names}
    clips = [ClipCounter(header.full_scale, grain_of(header), rate) for _ in range(channels)]
    sides = SidesMeter(rate)
    outline = Overview()
    spectrum = Spectrum(rate) if picture else None
    frames = holes = 0
    energy = 0.0
    sums = np.zeros(channels)
    lows, highs = np.full(channels, np.nan), np.full(channels, np.nan)
    # Without a picture: the signal that stands for the whole, as the first block suggests.
    alone: Signal | None = None
    for block in blocks:
        columns = np.ascontiguousarray(block.T)
        energies = [float(np.dot(column, column)) for column in columns]
        if not np.isfinite(sum(energies)):
            bad = ~(np.abs(columns) <= _LARGEST)
            holes += int(bad.sum())
            columns = np.where(bad, np.float32(0), columns)
            energies = [float(np.dot(column, column)) for column in columns]
        frames += columns.shape[1]
        ones = _ones()[: columns.shape[1]] if columns.shape[1] <= BLOCK else np.ones(columns.shape[1], np.float32)
        sums += [float(np.dot(column, ones)) for column in columns]
        energy += sum(energies)
        if spectrum is not None:
            ends = outline.add(columns)
            spectrum.add(columns)
        else:
            ends = [(float(column.min()), float(column.max())) for column in columns]
        lows, highs = (np.fmin(lows, [low for low, _ in ends]), np.fmax(highs, [high for _, high in ends]))
        peaks = [max(high, -low) for low, high in ends]
        for column, clip, peak, power in zip(columns, clips, peaks, energies, strict=True):
            clip.add(column, peak, power)
        if channels == 2:
            sides.add(columns[0], columns[1], energies[0], energies[1])
        if alone is None and not picture:
            alone = SIGNAL_OF[sides.result()] if channels == 2 else "mono" if channels == 1 else "mix"
        for name, column, peak, power in zip(own_names, columns, peaks, energies, strict=True):
            if alone is None or alone == name:
                meters[name].add(column, peak, power)
            else:
                meters[name].skim(len(column), peak, power)
        middle = columns[0]
        if channels > 1 and alone in (None, "mix"):
            meters["mix"].add(middle := mixed(columns))
        if tee:
            tee(header, columns, middle, alone)
        if voice:
            voice.add(middle)
    curve = spectrum.result() if spectrum is not None else np.zeros(0, np.float32)
    across = sides.relation() if channels == 2 else Relation("mono" if channels == 1 else "different")
    relation: Sides = across.sides
    if alone is not None and alone != SIGNAL_OF[relation]:
        raise _OtherSignal
    levels = {}
    for name, meter in meters.items():
        # Without a picture only the signal that stands for the whole is worth the time that a speech level takes.
        active = meter.result() if alone in (None, name) else (meter.rms_dbov, 1.0)
        levels[name] = SignalLevel(meter.peak, meter.rms, *active)
    if channels > 1 and alone not in (None, "mix"):
        levels["mix"] = levels[alone]
    # On a grid far below hearing, so that the order in which a processor adds makes no other bytes.
    offsets = np.round(sums / max(1, frames), 7)
    clipped, flat = np.sum([clip.finish() for clip in clips], axis=0)
    return (
        Measures(
            frames=frames,
            peak=max(level.peak for level in levels.values()),
            swing=float((highs - lows).max() / 2) if frames else 0.0,
            rms=float(np.sqrt(energy / max(1, frames * channels))),
            dc_offsets=tuple(float(offset) for offset in offsets),
            clipped_samples=int(clipped),
            flat_samples=int(flat),
            sides=relation,
            side_lag=across.lag,
            side_bands=across.bands,
            side_loss_db=across.lost_db,
            levels=levels,
            bandwidth_hz=min(spectrum.bandwidth(), header.sample_rate / 2) if spectrum is not None else 0.0,
            overview=outline.result(),
            spectrum=curve,
            spectrum_step=spectrum.step if spectrum is not None else 0.0,
            pitch_hz=voice.result() if voice else None,
        ),
        holes,
    )
