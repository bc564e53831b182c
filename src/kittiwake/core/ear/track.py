"""Sound made ready for listening: rendered once, at one rate, so that switching keeps the instant."""

from __future__ import annotations

import tempfile
from collections.abc import Callable, Iterator
from pathlib import Path
from threading import Lock

import numpy as np
from numpy.typing import NDArray

from ..errors import Cancelled
from ..fit import Fit, Recipe
from ..intake import BLOCK, open_sound
from ..make.stream import write_stream
from ..model import Clip, Facts
from ..sound import Line, resample, select_channel, span_of, take_span
from ..sound.length import Blocks

#: Hz; everything that is listened to is brought to it, in stereo.
RATE = 48_000
_FRAME = 4  # bytes: two channels of 16 bits


class Track:
    """16-bit stereo at 48 kHz in an unnamed file, which may be read while it is still being filled."""

    def __init__(self) -> None:
        self._file = tempfile.TemporaryFile()  # noqa: SIM115 - lives as long as the track
        self._lock = Lock()
        self.frames = 0
        self.complete = False
        self.error = ""

    def fill(self, blocks: Blocks, cancelled: Callable[[], bool]) -> None:
        """Append blocks, float32 [shape=(frames, 1 or 2)], nominal ±1.0; what goes beyond is held at full scale."""
        for block in blocks:
            if cancelled():
                raise Cancelled
            whole = np.clip(np.rint(block * 32767), -32768, 32767).astype("<i2")
            if whole.shape[1] == 1:
                whole = np.repeat(whole, 2, axis=1)
            with self._lock:
                self._file.seek(self.frames * _FRAME)
                self._file.write(np.ascontiguousarray(whole[:, :2]).tobytes())
                self.frames += len(whole)

    def read(self, frame: int, count: int) -> bytes:
        """At most ``count`` frames from ``frame`` on; fewer at the end of what is there."""
        count = max(0, min(count, self.frames - frame))
        with self._lock:
            self._file.flush()
            self._file.seek(frame * _FRAME)
            return self._file.read(count * _FRAME)

    def samples(self) -> NDArray[np.int16]:
        """All of it: int16 [shape=(frames, 2)]."""
        return np.frombuffer(self.read(0, self.frames), "<i2").reshape(-1, 2)

    def close(self) -> None:
        with self._lock:
            self._file.close()


def source_blocks(clip: Clip, facts: Facts, receiver: str = "") -> Iterator[NDArray[np.float32]]:
    """A clip as its source holds it, at ``RATE``: both sides, its span, its true rate."""
    assert facts.header and facts.measures
    touch = clip.touch_up_at(receiver)
    start, stop = clip.span_at(receiver, facts.measures.frames)
    frames = min(facts.measures.frames, stop if stop is not None else facts.measures.frames) - start
    rate = touch.true_rate or facts.header.sample_rate
    reader = open_sound(facts.path, facts.stated)
    try:
        both = select_channel(span_of(reader, start, stop), "both", min(2, facts.header.channels))
        yield from resample(both, rate, RATE, min(2, facts.header.channels), frames)
    finally:
        reader.close()


def file_blocks(path: Path, recipe: Recipe) -> Iterator[NDArray[np.float32]]:
    """A file made by ``recipe``, at ``RATE``, without what its codec adds before and after."""
    reader = open_sound(path, recipe.stated)
    try:
        delay = recipe.format.delay
        sound = take_span(reader.blocks(), delay, delay + recipe.frames_out)
        yield from resample(sound, reader.header.sample_rate, RATE, reader.header.channels, recipe.frames_out)
    finally:
        reader.close()


def line_blocks(blocks: Blocks, frames: int) -> Iterator[NDArray[np.float32]]:
    """Sound at ``RATE``, ``frames`` frames of it, as it arrives over a telephone line, at ``RATE`` again."""
    mono = (block.mean(axis=1, keepdims=True) for block in blocks)
    carried = (frames * Line.RATE * 2 + RATE) // (RATE * 2)
    yield from resample(Line().carry(mono, RATE, frames), Line.RATE, RATE, 1, carried)


def track_blocks(track: Track) -> Iterator[NDArray[np.float32]]:
    """A complete track again as blocks."""
    at = 0
    while data := track.read(at, BLOCK):
        block = np.frombuffer(data, "<i2").reshape(-1, 2).astype(np.float32) / np.float32(32768)
        at += len(block)
        yield block


def preview(facts: Facts, fit: Fit, folder: Path, cancelled: Callable[[], bool]) -> Path:
    """The output as it will be made, written to a temporary file in ``folder``; the source itself where it is copied.

    Raises
    ------
    KittiwakeError, OSError
    """
    assert fit.recipe is not None
    if fit.recipe.copy:
        return facts.path
    part = folder / f"preview-{id(fit)}{fit.recipe.format.extension}"
    part.unlink(missing_ok=True)
    write_stream(facts, fit.recipe, part, cancelled=cancelled)
    return part
