"""What is needed to find speech in a source, gathered in one pass; finding again with other settings then takes no time."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field
from pathlib import Path

import numpy as np
import soxr
from numpy.typing import NDArray

from ..errors import Cancelled
from ..intake import open_sound
from ..model import Stated
from ..sound import span_of

RATE = 8000  # Hz, at which voices are told from other sound
STEP = 0.005  # s, between two levels
FRAME = 0.03  # s, of which it is told whether they are speech and voiced
#: Pitches of voices, Hz.
_LOW, _HIGH = 70, 350
_CLEAR = 0.45  # of a frame's energy has to repeat for it to be voiced


@dataclass(frozen=True, slots=True)
class Activity:
    """Of a whole source, all channels together.

    Attributes
    ----------
    levels : [shape=(n,)] dBFS of each 5 ms, −120 where there is nothing.
    speech : [shape=(m,)] whether each 30 ms are speech by a detector.
    voiced : [shape=(m,)] whether each 30 ms have a pitch.
    rate, frames : of the source.
    """

    rate: int
    frames: int
    levels: NDArray[np.float32] = field(repr=False, compare=False)
    speech: NDArray[np.bool_] = field(repr=False, compare=False)
    voiced: NDArray[np.bool_] = field(repr=False, compare=False)

    @property
    def seconds(self) -> float:
        return self.frames / self.rate


def activity_of(
    path: Path,
    stated: Stated | None = None,
    *,
    start: int = 0,
    stop: int | None = None,
    cancelled: Callable[[], bool] | None = None,
    progress: Callable[[float], None] | None = None,
) -> Activity:
    """Read a source once, or a part of it.

    Parameters
    ----------
    start, stop : frames of the part; parts that begin at whole multiples of three seconds are put together by ``joined``.

    Raises
    ------
    IntakeError : it cannot be read.
    Cancelled
    """
    reader = open_sound(path, stated)
    try:
        rate = reader.header.sample_rate
        total = reader.header.frames if stop is None else stop - start
        gather = _Gather(rate)
        for block in span_of(reader, start, stop):
            if cancelled and cancelled():
                raise Cancelled
            gather.add(block)
            if progress and total:
                progress(min(1.0, gather.frames / total))
        return gather.result()
    finally:
        reader.close()


def joined(parts: Sequence[Activity]) -> Activity:
    """Parts of one source, in order, as one."""
    return Activity(
        parts[0].rate,
        sum(part.frames for part in parts),
        np.concatenate([part.levels for part in parts]),
        np.concatenate([part.speech for part in parts]),
        np.concatenate([part.voiced for part in parts]),
    )


class _Gather:
    def __init__(self, rate: int) -> None:
        import webrtcvad

        self._rate = rate
        self.frames = 0
        self._edges = 0.0
        self._held = np.zeros(0, np.float32)
        self._levels: list[NDArray[np.float32]] = []
        self._low = soxr.ResampleStream(rate, RATE, 1, dtype="float32", quality="QQ") if rate != RATE else None
        self._slow = np.zeros(0, np.float32)
        self._detector = webrtcvad.Vad(2)
        self._speech: list[bool] = []
        self._voiced: list[NDArray[np.bool_]] = []

    def add(self, block: NDArray[np.float32]) -> None:
        """The next frames, float32 [shape=(n, channels)]."""
        # The louder channel of each moment would switch; the sum of both may cancel. The energy does neither.
        self.frames += len(block)
        columns = [np.ascontiguousarray(column) for column in block.T]
        mono, power = columns[0], np.square(columns[0])
        if len(columns) > 1:
            # Column by column: a mean along so short an axis takes ten times as long.
            share = np.float32(1 / len(columns))
            mono, power = mono * share, power * share
            for column in columns[1:]:
                mono += column * share
                power += np.square(column) * share
        self._put_levels(power)
        self._put_slow(self._low.resample_chunk(np.ascontiguousarray(mono)) if self._low is not None else mono)

    def _put_levels(self, power: NDArray[np.float32]) -> None:
        held = np.concatenate([self._held, power]) if len(self._held) else power
        # Parts of 5 ms need not be whole frames (11,025 Hz): their edges are rounded.
        step = self._rate * STEP
        first = self._edges
        count = int((len(held)) / step)
        edges = np.round(first + np.arange(count + 1) * step).astype(np.int64)
        edges = edges[edges <= len(held)]
        if len(edges) < 2:
            self._held = held
            return
        sums = np.add.reduceat(held[: edges[-1]], edges[:-1])
        self._levels.append((10 * np.log10(sums / np.diff(edges) + 1e-12)).astype(np.float32))
        # What is left begins at a place that need not be whole.
        last = first + (len(edges) - 1) * step
        self._edges = last - int(edges[-1])
        self._held = held[edges[-1] :].copy()

    def _put_slow(self, some: NDArray[np.float32]) -> None:
        self._slow = np.concatenate([self._slow, some]) if len(self._slow) else np.asarray(some, np.float32)
        size = round(FRAME * RATE)
        whole = len(self._slow) // size * size
        if whole < size:
            return
        frames = self._slow[:whole].reshape(-1, size)
        self._slow = self._slow[whole:].copy()
        # The detector was made for speech at usual levels: what is whispered is brought up first.
        loud = np.sqrt((frames**2).mean(axis=1, keepdims=True))
        gain = np.minimum(100.0, 0.08 / np.maximum(loud, 1e-6)) ** 0.5
        raw = (np.clip(frames * gain, -1, 1) * 32767).astype("<i2").tobytes()
        width = 2 * size
        self._speech += [self._detector.is_speech(raw[n : n + width], RATE) for n in range(0, len(raw), width)]
        self._voiced.append(_voiced(frames))

    def result(self) -> Activity:
        if self._low is not None:
            self._put_slow(self._low.resample_chunk(np.zeros(0, np.float32), last=True))
        levels = np.concatenate(self._levels) if self._levels else np.zeros(0, np.float32)
        voiced = np.concatenate(self._voiced) if self._voiced else np.zeros(0, bool)
        return Activity(self._rate, self.frames, levels, np.array(self._speech, bool), voiced)


def _voiced(frames: NDArray[np.float32]) -> NDArray[np.bool_]:
    """Whether each frame repeats itself at a pitch of voices, by autocorrelation at half the rate."""
    slow = frames[:, ::2] + frames[:, 1::2]
    slow = slow - slow.mean(axis=1, keepdims=True)
    size = slow.shape[1]
    spectrum = np.fft.rfft(slow, 2 * size, axis=1)
    repeats = np.fft.irfft(spectrum.real**2 + spectrum.imag**2, axis=1)
    rate = RATE // 2
    lags = slice(rate // _HIGH, min(size - 1, rate // _LOW))
    # Fewer samples overlap the farther they are moved.
    fair = size / (size - np.arange(size))[lags]
    best = (repeats[:, lags] * fair).max(axis=1)
    result: NDArray[np.bool_] = best > _CLEAR * np.maximum(repeats[:, 0], 1e-9)
    return result
