"""Where somebody speaks: sound that rises above the room, and is a voice."""

from __future__ import annotations

from bisect import bisect_left
from collections import deque
from dataclasses import field

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from .activity import FRAME, Activity, windows_around
from .room import LEAST, STEP, background_of, floor_of, mean_of, runs_of
from .tail import before_tail, decay_of

__all__ = ["Activity", "Find", "Found", "find_speech"]

_HYSTERESIS = 4.5  # dB: sound ends that much lower than it begins
_OVER_BACKGROUND = 3.0  # dB above the loudest of what goes on behind the speech, at which sound begins
_STAYS_OVER = 1.5  # dB above it, where sound ends
_BURST = 0.04  # s: what is shorter is a click
_HEARD_LATE_S = 0.04  # by which the detector hears a word begin in noise
_CLOSURE = 0.3  # s: silence within a word, before its last consonant is let go
_RELEASE = 0.015  # s, which that consonant takes at least
_SURE, _UNSURE = 0.7, 0.4  # how sure the detector is where a voice begins, and goes on
_BREATH = 0.3  # s of sound without a voice that belong to the voice beside it: the s and the t of a word
_MASS = 2.7  # of what is sure, so many times 32 ms
#: The same where the voice is hardly heard; and where that is so: shorter sounds are not asked, and of the others this much is heard.
_SURE_OF_WHISPER, _UNSURE_OF_WHISPER = 0.12, 0.05
_SYLLABLE, _HARDLY = 0.25, 0.5
#: A syllable that is hardly heard: so long at least, s; so sure; so many dB softer than the speech; beside so many spans of it.
_LEAST_SYLLABLE, _HALF_SURE, _SOFTER, _ENOUGH = 0.15, 0.3, 8.0, 3
_FALLS = 30.0  # dB under the speech, where words have ended
_HEARD_IN_NOISE = 0.7  # how sure the detector has to be, where the level says nothing
_MORE_AIR = 0.002  # s for each dB of a word's fall that is not seen
_LONGEST_END = round(0.35 / STEP)  # of a word, that the level does not see


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
    pause: float = 0.5
    shortest: float = 0.15
    air_before: float = 0.1
    air_after: float = 0.1


@dataclass(frozen=True, slots=True)
class Found:
    """What was found, in frames of the source.

    Attributes
    ----------
    speech : start and stop of each, air included; in order, none overlapping another.
    spoken : the same without the air.
    other : sound that is no voice: coughs, doors.
    room_dbfs : the noise of the room, median.
    speech_dbfs : the level of what is spoken, median of its parts; None where there is none.
    threshold : [shape=(n,)] dBFS at each 5 ms, which sound has to reach to begin.
    """

    speech: tuple[tuple[int, int], ...]
    spoken: tuple[tuple[int, int], ...]
    other: tuple[tuple[int, int], ...]
    room_dbfs: float
    speech_dbfs: float | None
    threshold: NDArray[np.float32] = field(repr=False, compare=False)


def find_speech(activity: Activity, find: Find | None = None) -> Found:
    """Spans of speech. Takes milliseconds, whatever the length of the source was.

    The floor follows the room: at each moment it is the level that nine tenths of the time around exceed. Sound begins where the level, over
    15 ms, is ``above_room`` over it and over what goes on behind the speech, and ends 4.5 dB lower. It is speech where the detector hears a voice;
    a pause is where either is missing.
    """
    find = find or Find()
    levels = activity.levels
    if not len(levels):
        return Found((), (), (), LEAST, None, np.zeros(0, np.float32))
    room = _room_of(activity)
    smooth, floor, voice, behind = room.smooth, room.floor, room.voice, room.behind
    begin = np.maximum(floor + find.above_room, behind + _OVER_BACKGROUND)
    goes_on = np.maximum(floor + find.above_room - min(_HYSTERESIS, 0.6 * find.above_room), behind + _STAYS_OVER)
    sound, weak = _sound(smooth, begin, goes_on)
    if _whispered(room.near, sound):
        voice = _voice_at(room.near, len(levels), _SURE_OF_WHISPER, _UNSURE_OF_WHISPER)
    pause = round(find.pause / STEP)
    voices = _spoken(sound, voice, room.smoother, pause)
    voices = _with_consonants(voices, weak, round(min(_CLOSURE, find.pause) / STEP), pause)
    voices = sorted([*voices, *_as_loud(_apart(sound, voices), voices, levels, room.near)])
    voices = _joined(voices, pause)
    hidden = [_hidden(levels, goes_on, a, b) for a, b in voices]
    other = _joined(_apart(sound, voices), pause)
    kept = [
        (span, down) for span, down in zip(voices, hidden, strict=True) if (span[1] - span[0]) * STEP >= find.shortest
    ]
    voices = [span for span, _ in kept]
    words = [_to_the_ends(span, activity.voice, down) if down else span for span, down in kept]
    spans = _with_air(voices, words, [down > 0 for _, down in kept], other, find, len(levels))
    loud = [_middle(levels[a:b]) for a, b in voices]
    return Found(
        _frames(spans, activity),
        _frames(voices, activity),
        _frames(other, activity),
        float(np.median(floor)),
        float(np.median(loud)) if loud else None,
        begin.astype(np.float32),
    )


@dataclass(frozen=True, slots=True)
class _Room:
    """What does not depend on the settings, each at every level."""

    smooth: NDArray[np.float64]
    smoother: NDArray[np.float64]
    floor: NDArray[np.float64]
    near: NDArray[np.float32]
    voice: NDArray[np.bool_]
    behind: NDArray[np.float64]


#: Of the last that were searched, since settings are tried one after the other.
_rooms: deque[tuple[Activity, _Room]] = deque(maxlen=2)


def _room_of(activity: Activity) -> _Room:
    for known, room in list(_rooms):
        if known is activity:
            return room
    smooth = mean_of(activity.levels, 3)
    floor = floor_of(activity.levels)
    # What the detector says farther from any sound is about its ends, and makes no voice of what is none.
    near = np.where(windows_around(smooth, floor, len(activity.voice)), activity.voice, np.float32(0))
    voice = _voice_at(near, len(activity.levels), _SURE, _UNSURE)
    room = _Room(smooth, mean_of(activity.levels, 7), floor, near, voice, background_of(smooth, voice, floor))
    _rooms.append((activity, room))
    return room


def _frames(spans: list[tuple[int, int]], activity: Activity) -> tuple[tuple[int, int], ...]:
    per = activity.rate * STEP
    return tuple((round(a * per), min(activity.frames, round(b * per))) for a, b in spans)


def _voice_at(sure: NDArray[np.float32], count: int, begin: float, goes_on: float) -> NDArray[np.bool_]:
    """Whether somebody speaks at each level: around where the detector is sure, for as long as it does not doubt. A cough makes it sure for a
    moment, in which it is not very sure.
    """
    certain = np.concatenate([[0], np.cumsum(sure >= begin)])
    mass = np.concatenate([[0.0], np.cumsum(sure, dtype=np.float64)])
    out = np.zeros(count, bool)
    for a, b in runs_of(sure >= goes_on):
        if certain[b] > certain[a] and mass[b] - mass[a] >= _MASS * begin:
            out[round(a * FRAME / STEP) : round(b * FRAME / STEP)] = True
    return out


def _whispered(sure: NDArray[np.float32], sound: list[tuple[int, int]]) -> bool:
    """Whether this is speech that the detector hardly hears: it is sure of some of it, but of less than half of most sounds.

    A whisper has no pitch, and a far wall blurs it; the detector, which learned from voices, then hears parts of words.
    """
    shares = []
    for a, b in sound:
        if (b - a) * STEP >= _SYLLABLE:
            part = sure[int(a * STEP / FRAME) : int(b * STEP / FRAME) + 1]
            shares.append(int(np.count_nonzero(part >= _SURE)) / max(1, len(part)))
    heard = sum(share > 0.1 for share in shares)
    return heard >= 3 and heard >= len(shares) / 4 and float(np.median(shares)) < _HARDLY


def _sound(
    smooth: NDArray[np.float64], begin: NDArray[np.float64], goes_on: NDArray[np.float64]
) -> tuple[list[tuple[int, int]], list[tuple[int, int]]]:
    """Runs of sound that are more than a click, and everything else that might be a consonant."""
    runs = runs_of(smooth >= goes_on)
    counts = np.concatenate([[0], np.cumsum(smooth >= begin)])
    weak = [(a, b) for a, b in runs if (b - a) * STEP >= _RELEASE]
    return [(a, b) for a, b in runs if counts[b] - counts[a] > 0 and (b - a) * STEP >= _BURST], weak


def _spoken(
    sound: list[tuple[int, int]], voice: NDArray[np.bool_], smooth: NDArray[np.float64], pause: int
) -> list[tuple[int, int]]:
    """Of each run of sound, what is spoken: where a voice is, and what of the same run lies close before and after, as far as a pause without a
    voice stays one; without the tail of the room, where it has one.
    """
    heard = [(a, b, [(a + c, a + d) for c, d in runs_of(voice[a:b])]) for a, b in sound]
    heard = [(a, b, inner) for a, b, inner in heard if inner]
    decay = decay_of(smooth, [(a, b) for a, b, _ in heard])
    out = []
    for a, b, inner in heard:
        if decay is not None:
            stops = [*(c for c, _ in inner[1:]), b]
            inner = [(c, before_tail(smooth, c, d, stop, decay)) for (c, d), stop in zip(inner, stops, strict=True)]
        inner = _joined([(c, d) for c, d in inner if d > c], pause)
        breath = round(_BREATH / STEP)
        for n, (c, d) in enumerate(inner):
            before = breath if n == 0 else min(breath, (c - inner[n - 1][1] - pause) // 2)
            after = breath if n + 1 == len(inner) else min(breath, (inner[n + 1][0] - d - pause) // 2)
            out.append((max(a, c - before), d if decay is not None else min(b, d + after)))
    return out


def _hidden(levels: NDArray[np.float32], goes_on: NDArray[np.float64], a: int, b: int) -> float:
    """How much of the fall of a word, dB, lies below what sound has to reach here, and is not seen."""
    return float(np.clip(_FALLS - (_middle(levels[a:b]) - goes_on[min(b, len(goes_on) - 1)]), 0.0, _FALLS))


def _to_the_ends(span: tuple[int, int], sure: NDArray[np.float32], down: float) -> tuple[int, int]:
    """Where ``down`` dB of a word's fall sink into noise, it goes on for as long as the detector is sure of it, which hears voices below the level of
    the noise; and a little longer, the more the more is not seen.
    """
    a, b = span
    first, last = int(a * STEP / FRAME), min(int(max(a, b - 1) * STEP / FRAME), len(sure) - 1)
    begin, end = first, last
    while begin > 0 and sure[begin] >= _HEARD_IN_NOISE and sure[begin - 1] >= _HEARD_IN_NOISE:
        begin -= 1
    while end + 1 < len(sure) and sure[end] >= _HEARD_IN_NOISE and sure[end + 1] >= _HEARD_IN_NOISE:
        end += 1
    start = round(begin * FRAME / STEP) if begin < first else a
    stop = round((end + 1) * FRAME / STEP) if end > last else b
    more = round(down * _MORE_AIR / STEP)
    return max(min(a, start), a - _LONGEST_END) - more, min(max(b, stop), b + _LONGEST_END) + more


def _as_loud(
    sound: list[tuple[int, int]],
    voices: list[tuple[int, int]],
    levels: NDArray[np.float32],
    sure: NDArray[np.float32],
) -> list[tuple[int, int]]:
    """Of other sound what is as loud as the speech and half like a voice: a single syllable, of which the detector hears too little. Coughs and
    doors are mostly softer, since nobody makes them into the microphone.
    """
    if len(voices) < _ENOUGH:
        return []
    usual = float(np.median([_middle(levels[a:b]) for a, b in voices]))
    out = []
    for a, b in sound:
        part = sure[int(a * STEP / FRAME) : int(b * STEP / FRAME) + 1]
        if (
            (b - a) * STEP >= _LEAST_SYLLABLE
            and part.max(initial=0) >= _HALF_SURE
            and _middle(levels[a:b]) >= usual - _SOFTER
        ):
            out.append((a, b))
    return out


def _middle(levels: NDArray[np.float32]) -> float:
    """The median, nearly: of thousands of spans NumPy's own takes ten times as long."""
    return float(np.partition(levels, len(levels) // 2)[len(levels) // 2])


def _apart(sound: list[tuple[int, int]], voices: list[tuple[int, int]]) -> list[tuple[int, int]]:
    """Runs of sound in which nobody speaks."""
    starts = [a for a, _ in voices]
    out = []
    for a, b in sound:
        n = bisect_left(starts, b)
        if not n or voices[n - 1][1] <= a:
            out.append((a, b))
    return out


def _with_consonants(
    runs: list[tuple[int, int]], weak: list[tuple[int, int]], gap: int, pause: int
) -> list[tuple[int, int]]:
    """Runs, with weak or short ones that lie close before or after: the t at the end of a word, the s at its beginning.

    No farther than a consonant is, since weak noise goes on for ever; and what is a pause stays one.
    """
    starts, stops = [a for a, _ in weak], [b for _, b in weak]
    out: list[tuple[int, int]] = []
    for at, (a, b) in enumerate(runs):
        # The end of the one before was looked for first, since more words end in a consonant after a silence than begin with one.
        before = a - (out[-1][1] if at else 0)
        after = (runs[at + 1][0] if at + 1 < len(runs) else stops[-1]) - b
        least = a - min(gap, before - pause if at and before >= pause else before)
        most = b + min(gap, after - pause if at + 1 < len(runs) and after >= pause else after)
        while (n := bisect_left(stops, a)) and a - stops[n - 1] <= gap and starts[n - 1] >= least:
            a = starts[n - 1]
        while (n := bisect_left(starts, b)) < len(starts) and starts[n] - b <= gap and stops[n] <= most:
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


def _with_air(
    voices: list[tuple[int, int]],
    words: list[tuple[int, int]],
    hidden: list[bool],
    other: list[tuple[int, int]],
    find: Find,
    count: int,
) -> list[tuple[int, int]]:
    """Air at the ends, but no more than half of what lies between two; where words sink into noise (``hidden``), from their ends as far as the detector
    knows them, and a little more before: it hears a word begin later than it does.
    """
    out = []
    everything = sorted([*voices, *other])
    place = {span: n for n, span in enumerate(everything)}
    for (a, b), (first, last), down in zip(voices, words, hidden, strict=True):
        n = place[a, b]
        before = everything[n - 1][1] if n else 0
        after = everything[n + 1][0] if n + 1 < len(everything) else count
        room_before = a - before if n == 0 else (a - before) // 2
        room_after = after - b if n + 1 == len(everything) else (after - b) // 2
        air = find.air_before + (_HEARD_LATE_S if down else 0.0)
        start = a - min(a - first + round(air / STEP), max(0, room_before))
        stop = b + min(last - b + round(find.air_after / STEP), max(0, room_after))
        out.append((start, stop))
    return out
