"""What is needed to find speech in a source, gathered in one pass; finding again with other settings then takes no time."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import field
from fractions import Fraction
from pathlib import Path

import numpy as np
import soxr
from numpy.typing import NDArray

from ...core.errors import Cancelled, KittiwakeError
from ...core.intake import open_sound
from ...core.model import Stated
from ...core.sound import span_of
from ...core.sound.sides import without_holes
from ...plain_data import dataclass
from .room import STEP, floor_of, mean_of
from .voice import RATE, WINDOW, voice_in

FRAME = WINDOW / RATE  # s, for each of which speech is detected
#: s that are judged together. Parts of a source that begin at whole multiples of it give the same as the source in one go.
CHUNK = 48
_LOW_CUT = 90.0  # Hz: what lies below is rumble and hum, and little of a voice
_SURELY = 5.0  # dB above the room: nobody speaks in what is lower
_USUAL = -20.0  # dBFS, to which the loudest of a chunk is brought before it is judged
_MOST_GAIN = 60.0  # dB
_AROUND = 2, 2  # windows before and after what is above the room, judged with it
_AROUND_IN_NOISE = 2, 8  # the same where words begin and end below the noise
_CLEAN = 45.0  # dB between the loudest and the room, where they do not


@dataclass(frozen=True, slots=True)
class Activity:
    """Of a whole source, all channels together.

    Attributes
    ----------
    levels : [shape=(n,)] dBFS of each 5 ms, without what lies below 90 Hz; −120 where there is nothing.
    voice : [shape=(m,)] how sure it is that somebody speaks in each 32 ms, 0 to 1; 0 where nothing rises above the room.
    rate, frames : of the source.
    """

    rate: int
    frames: int
    levels: NDArray[np.float32] = field(repr=False, compare=False)
    voice: NDArray[np.float32] = field(repr=False, compare=False)

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
    start, stop : frames of the part; parts that begin at whole multiples of ``CHUNK`` seconds are put together by ``joined``.

    Raises
    ------
    IntakeError : it cannot be read.
    Cancelled
    """
    reader = open_sound(path, stated)
    try:
        total = reader.header.frames if stop is None else stop - start
        gather = _Gather(reader.header.sample_rate)
        for block in span_of(reader, start, stop):
            if cancelled and cancelled():
                raise Cancelled
            gather.add(block)
            if progress and total:
                progress(min(1.0, gather.frames / total))
        return gather.result()
    finally:
        reader.close()


def activity_in(blocks: Iterable[NDArray[np.float32]], rate: int) -> Activity:
    """Of sound in memory: blocks of float32 [shape=(n, channels)]."""
    gather = _Gather(rate)
    for block in blocks:
        gather.add(block)
    return gather.result()


def joined(parts: Sequence[Activity]) -> Activity:
    """Parts of one source, in order, as one."""
    return Activity(
        parts[0].rate,
        sum(part.frames for part in parts),
        np.concatenate([part.levels for part in parts]),
        np.concatenate([part.voice for part in parts]),
    )


class _Gather:
    """Takes a source block by block, and judges it chunk by chunk."""

    def __init__(self, rate: int) -> None:
        self._rate = rate
        self.frames = 0
        self._held: list[list[NDArray[np.float32]]] = []  # blocks of the chunk, as one or two sides
        self._left = CHUNK * rate  # frames that it still takes
        self._levels: list[NDArray[np.float32]] = []
        self._voice: list[NDArray[np.float32]] = []

    def add(self, block: NDArray[np.float32]) -> None:
        """The next frames, float32 [shape=(n, channels)]."""
        self.frames += len(block)
        block = without_holes(block)
        while len(block):
            head, block = block[: self._left], block[self._left :]
            self._left -= len(head)
            self._held.append(_two(head))
            if not self._left:
                self._judge()

    def _judge(self) -> None:
        """Levels and voices of what was taken since the last time."""
        if not self._held:
            return
        sound = _together(self._held)
        frames = len(sound)
        self._held, self._left = [], CHUNK * self._rate
        sound = _high_passed(soxr.resample(sound, self._rate, RATE, quality="QQ") if self._rate != RATE else sound)
        size = round(RATE * STEP)
        count = max(1, int(frames / self._rate / STEP))
        room = np.zeros(count * size, np.float32)
        room[: len(sound)] = sound[: count * size]
        levels = (10 * np.log10(np.square(room).reshape(-1, size).mean(axis=1) + 1e-12)).astype(np.float32)
        self._levels.append(levels)
        self._voice.append(_voice(room, levels))

    def result(self) -> Activity:
        self._judge()
        levels = np.concatenate(self._levels) if self._levels else np.zeros(0, np.float32)
        voice = np.concatenate(self._voice) if self._voice else np.zeros(0, np.float32)
        return Activity(self._rate, self.frames, levels, voice)


def _two(block: NDArray[np.float32]) -> list[NDArray[np.float32]]:
    """All channels as one or two sides."""
    # Column by column: a mean along so short an axis takes ten times as long.
    columns = [np.ascontiguousarray(column) for column in block.T]
    if len(columns) <= 2:
        return columns
    return [np.mean(np.stack(columns[n::2]), axis=0, dtype=np.float32) for n in (0, 1)]


def _together(blocks: list[list[NDArray[np.float32]]]) -> NDArray[np.float32]:
    """Both sides in one; the louder one where they would cancel."""
    if len(blocks[0]) == 1:
        return np.concatenate([block[0] for block in blocks])
    left, right, both = (sum(float(np.dot(b[i], b[j])) for b in blocks) for i, j in ((0, 0), (1, 1), (0, 1)))
    # The mean of sides that have nothing in common is 3 dB under them, with one that is silent 6 dB.
    if (left + right + 2 * both) / 4 > 0.2 * max(left, right):
        return np.concatenate([(block[0] + block[1]) * np.float32(0.5) for block in blocks])
    return np.concatenate([block[0 if left >= right else 1] for block in blocks])


def _high_passed(sound: NDArray[np.float32]) -> NDArray[np.float32]:
    """At 16 kHz, without what lies below 90 Hz: a Butterworth filter of order 4, by libav, since SciPy's signals take a second to import."""
    import av.filter

    if not len(sound):
        return sound
    graph, base = av.filter.Graph(), Fraction(1, RATE)
    parts = [graph.add_abuffer(format="flt", sample_rate=RATE, layout="mono", time_base=base)]
    parts += [graph.add("highpass", f"f={_LOW_CUT}:width_type=q:width={width}") for width in (0.5412, 1.3066)]
    parts.append(graph.add("abuffersink"))
    graph.link_nodes(*parts).configure()
    frame = av.AudioFrame.from_ndarray((sound - sound.mean())[None, :], format="flt", layout="mono")
    frame.sample_rate, frame.pts, frame.time_base = RATE, 0, base
    parts[0].push(frame)
    out: NDArray[np.float32] = parts[-1].pull().to_ndarray()[0]  # type: ignore[attr-defined]
    return out


def windows_around(
    smooth: NDArray[np.floating],
    floor: NDArray[np.float64],
    count: int,
    before: int = _AROUND[0],
    after: int = _AROUND[1],
) -> NDArray[np.bool_]:
    """[shape=(count,)] windows in which something is above the room, and so many before and after them."""
    wanted = np.zeros(count, bool)
    above = np.flatnonzero(smooth >= floor + _SURELY)
    if len(above):
        wanted[np.unique(np.minimum((above * STEP / FRAME).astype(np.int64), count - 1))] = True
        wanted = np.convolve(wanted, np.ones(before + after + 1))[before : before + count] > 0
    return wanted


def _voice(sound: NDArray[np.float32], levels: NDArray[np.float32]) -> NDArray[np.float32]:
    """How sure it is of a voice in each window of a chunk."""
    floor = floor_of(levels)
    loud = float(np.percentile(mean_of(levels, 7), 99))
    before, after = _AROUND if loud - float(np.median(floor)) > _CLEAN else _AROUND_IN_NOISE
    wanted = windows_around(mean_of(levels, 3), floor, -(-len(sound) // WINDOW), before, after)
    # The model was trained on speech at usual levels: what is soft is brought up.
    return voice_in(sound * np.float32(10 ** (min(_MOST_GAIN, _USUAL - loud) / 20)), wanted)


def tell_activity(
    asked: tuple[Path, Stated | None, int, int | None], tell: Callable[[float], None]
) -> Activity | str:
    """``activity_of`` as a function of one thing that a process can be asked; a sentence where it cannot be done."""
    path, stated, start, stop = asked
    last = 0.0

    def progress(share: float) -> None:
        nonlocal last
        if share - last >= 0.02:
            last = share
            tell(share)

    try:
        return activity_of(path, stated, start=start, stop=stop, progress=progress)
    except KittiwakeError as error:
        return str(error)
