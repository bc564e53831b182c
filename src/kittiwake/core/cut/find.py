"""Where somebody speaks: sound that rises above the noise of the room, and is a voice."""

from __future__ import annotations

from bisect import bisect_left
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from .activity import FRAME, STEP, Activity

__all__ = ["Activity", "Find", "Found", "find_speech"]

_HYSTERESIS = 4.5  # dB: sound ends that much lower than it begins
_FLOOR_BLOCK = 0.5  # s
_FLOOR_REACH = 12.0  # s, over which the noise of a room is taken to be the same
_LEAST_FLOOR = -90.0  # dBFS; below that, silence is silence
_BURST = 0.04  # s: what is shorter is a click
_CLOSURE = 0.25  # s: silence within a word, before its last consonant is let go
_RELEASE = 0.01  # s, which that consonant takes at least
_VOICED, _SPEECH = 0.15, 0.3  # shares of a span's frames that a voice has at least


@dataclass(frozen=True, slots=True)
class Find:
    """Settings of the search.

    Attributes
    ----------
    above_room : dB above the noise of the room, at which sound begins.
    pause : s; a shorter pause does not separate two clips.
    shortest : s; shorter ones are left out.
    air_before, air_after : s that are kept at the ends.
    """

    above_room: float = 9.0
    pause: float = 0.6
    shortest: float = 0.3
    air_before: float = 0.1
    air_after: float = 0.1


@dataclass(frozen=True, slots=True)
class Found:
    """What was found, in frames of the source.

    Attributes
    ----------
    speech : start and stop of each, air included; in order, none overlapping another.
    other : sound that is no voice: coughs, doors.
    room_dbfs : the noise of the room, median.
    speech_dbfs : the level of what is spoken, median of its parts; None where there is none.
    """

    speech: tuple[tuple[int, int], ...]
    other: tuple[tuple[int, int], ...]
    room_dbfs: float
    speech_dbfs: float | None


def find_speech(activity: Activity, find: Find | None = None) -> Found:
    """Spans of speech. Takes milliseconds, whatever the length of the source was.

    The floor follows the room: at each moment it is the level that nine tenths of the time around exceed. Sound begins where the level, over
    15 ms, is ``above_room`` over it, and ends 4 dB lower.
    """
    find = find or Find()
    levels = activity.levels
    if not len(levels):
        return Found((), (), _LEAST_FLOOR, None)
    smooth = _mean(levels, 3)
    floor = _floor(levels)
    begins = smooth >= floor + find.above_room
    goes_on = smooth >= floor + find.above_room - min(_HYSTERESIS, 0.6 * find.above_room)
    runs = _runs(goes_on)
    # A run counts where it holds a beginning, and is more than a click.
    counts = np.concatenate([[0], np.cumsum(begins)])
    weak = [(a, b) for a, b in runs if (b - a) * STEP >= _RELEASE]
    runs = [(a, b) for a, b in runs if counts[b] - counts[a] > 0 and (b - a) * STEP >= _BURST]
    runs = _with_consonants(runs, weak, round(min(_CLOSURE, find.pause) / STEP))
    voices: list[tuple[int, int]] = []
    other: list[tuple[int, int]] = []
    for a, b in _joined(runs, round(find.pause / STEP)):
        (voices if _is_voice(activity, a, b) else other).append((a, b))
    voices = [(a, b) for a, b in voices if (b - a) * STEP >= find.shortest]
    spans = _with_air(voices, other, find, len(levels))
    per = activity.rate * STEP
    speech = tuple((round(a * per), min(activity.frames, round(b * per))) for a, b in spans)
    loud = [float(np.median(levels[a:b])) for a, b in voices]
    return Found(
        speech,
        tuple((round(a * per), min(activity.frames, round(b * per))) for a, b in other),
        float(np.median(floor)),
        float(np.median(loud)) if loud else None,
    )


def _floor(levels: NDArray[np.float32]) -> NDArray[np.float64]:
    """The noise of the room at each level."""
    size = round(_FLOOR_BLOCK / STEP)
    count = -(-len(levels) // size)
    padded = np.concatenate([levels, np.full(count * size - len(levels), levels[-1], np.float32)])
    quiet = np.percentile(padded.reshape(count, size), 20, axis=1)
    reach = max(1, min(count, round(2 * _FLOOR_REACH / _FLOOR_BLOCK) | 1))
    # Of what is quietest in each half second, that which a tenth of the neighbourhood goes below.
    room = _tenth(quiet, reach)
    room = np.maximum(_mean(room, min(count, 9) | 1), _LEAST_FLOOR)
    at = (np.arange(count) + 0.5) * size
    wide: NDArray[np.float64] = np.interp(np.arange(len(levels)), at, room)
    return wide


def _mean(values: NDArray[Any], size: int) -> NDArray[Any]:
    """Of an odd number of neighbours; the first and the last value go on beyond the ends."""
    mean: NDArray[Any] = _around(values, size).mean(axis=1)
    return mean


def _tenth(values: NDArray[Any], size: int) -> NDArray[Any]:
    """That which a tenth of an odd number of neighbours goes below."""
    at = size // 10
    lower: NDArray[Any] = np.partition(_around(values, size), at, axis=1)[:, at]
    return lower


def _around(values: NDArray[Any], size: int) -> NDArray[Any]:
    size |= 1  # as many before as after, so that each value has its own
    return np.lib.stride_tricks.sliding_window_view(np.pad(values, size // 2, mode="edge"), size)


def _runs(flags: NDArray[np.bool_]) -> list[tuple[int, int]]:
    edges = np.flatnonzero(np.diff(np.concatenate([[False], flags, [False]]).astype(np.int8)))
    return [(int(a), int(b)) for a, b in zip(edges[::2], edges[1::2], strict=True)]


def _with_consonants(runs: list[tuple[int, int]], weak: list[tuple[int, int]], gap: int) -> list[tuple[int, int]]:
    """Runs, with weak or short ones that lie close before or after: the t at the end of a word, the s at its beginning."""
    starts, stops = [a for a, _ in weak], [b for _, b in weak]
    out = []
    for at, (a, b) in enumerate(runs):
        # No farther than to the runs beside it, which look after themselves.
        before = runs[at - 1][1] if at else 0
        after = runs[at + 1][0] if at + 1 < len(runs) else stops[-1]
        while (n := bisect_left(stops, a)) and a - stops[n - 1] <= gap and starts[n - 1] >= before:
            a = starts[n - 1]
        while (n := bisect_left(starts, b)) < len(starts) and starts[n] - b <= gap and stops[n] <= after:
            b = stops[n]
        out.append((a, b))
    return out


def _joined(runs: list[tuple[int, int]], gap: int) -> list[tuple[int, int]]:
    out: list[tuple[int, int]] = []
    for a, b in runs:
        if out and a - out[-1][1] < gap:
            out[-1] = (out[-1][0], max(b, out[-1][1]))
        else:
            out.append((a, b))
    return out


def _is_voice(activity: Activity, first: int, last: int) -> bool:
    """Whether enough of a run is speech by the detector, and has a pitch."""
    a, b = int(first * STEP / FRAME), max(int(first * STEP / FRAME) + 1, round(last * STEP / FRAME))
    voiced, speech = activity.voiced[a:b], activity.speech[a:b]
    if not len(voiced):
        return False
    both = voiced & speech
    return bool(both.mean() >= _VOICED and speech.mean() >= _SPEECH)


def _with_air(
    voices: list[tuple[int, int]], other: list[tuple[int, int]], find: Find, count: int
) -> list[tuple[int, int]]:
    """Air at the ends, but no more than half of what lies between two."""
    out = []
    everything = sorted([*voices, *other])
    place = {span: n for n, span in enumerate(everything)}
    for a, b in voices:
        n = place[a, b]
        before = everything[n - 1][1] if n else 0
        after = everything[n + 1][0] if n + 1 < len(everything) else count
        room_before = a - before if n == 0 else (a - before) // 2
        room_after = after - b if n + 1 == len(everything) else (after - b) // 2
        start = a - min(round(find.air_before / STEP), max(0, room_before))
        stop = b + min(round(find.air_after / STEP), max(0, room_after))
        out.append((start, stop))
    return out
