"""Hum, holes, and words that are cut off at the ends of a clip."""

from __future__ import annotations

import math
from typing import NamedTuple

import numpy as np
from numpy.lib.stride_tricks import sliding_window_view
from numpy.typing import NDArray

_SLOW = 1000  # Hz, about, at which hum is looked for
_SHORTEST, _LONGEST = 2.0, 8.0  # s, of a spectrum
_DRIFT = 0.2  # Hz, by which mains are off
_MAINS = (50.0, 60.0)
_HARMONICS = 4
_OUT_DB, _CLEARLY_OUT_DB = 17.0, 24.0  # above the neighbourhood: two lines, or one
_LOOKS = 6
_HOLE = 0.004  # s of the very same value, at least
_ENDS = 0.03  # s


class Found(NamedTuple):
    """``hum``, ``start``, ``end``: dB beside the speech, None where there is none; ``dropouts``: how many."""

    hum: float | None
    dropouts: int
    start: float | None
    end: float | None


class Flaws:
    """Takes a clip block by block, mono."""

    def __init__(self, rate: int) -> None:
        self._rate = rate
        self._step = max(1, rate // _SLOW)
        self._rest = np.zeros(0, np.float32)
        self._slow: list[NDArray[np.float32]] = []
        self._ends = max(1, round(_ENDS * rate))
        self._first = self._last = np.zeros(0, np.float32)
        self.holes: list[tuple[int, int]] = []
        self._tail = np.zeros(0, np.float32)
        self._frames = 0

    def add(self, sound: NDArray[np.float32]) -> None:
        """The next samples [shape=(n,)]."""
        if not len(sound):
            return
        if len(self._first) < self._ends:
            self._first = np.concatenate([self._first, sound[: self._ends - len(self._first)]])
        self._last = (
            sound[-self._ends :] if len(sound) >= self._ends else np.concatenate([self._last, sound])[-self._ends :]
        )
        self._find_holes(sound)
        joined = np.concatenate([self._rest, sound]) if len(self._rest) else sound
        whole = len(joined) // self._step * self._step
        self._slow.append(joined[:whole].reshape(-1, self._step).mean(axis=1))
        self._rest = joined[whole:].copy()
        self._frames += len(sound)

    def _find_holes(self, sound: NDArray[np.float32]) -> None:
        least = max(3, round(_HOLE * self._rate))
        joined = np.concatenate([self._tail, sound])
        self._tail = joined[-least:]
        # A hole covers six looks in a row at whether neighbours are the same, and the same as at the look before: hardly any sound, not even that of a
        # room in sixteen bits, has to be looked at closer.
        look = max(1, least // 8)
        sampled = joined[:-1:look]
        same = (sampled == joined[1::look]) & np.concatenate([[True], sampled[1:] == sampled[:-1]])
        count = min(_LOOKS, max(1, least // look - 2))
        if len(same) < count:
            return  # shorter than any hole; what follows is looked at with it
        runs = same[count - 1 :].copy()
        for n in range(1, count):
            runs &= same[count - 1 - n : len(same) - n]
        hits = np.flatnonzero(runs)
        base = self._frames + len(sound) - len(joined)
        for group in np.split(hits, np.flatnonzero(np.diff(hits) > 2 * least // look) + 1) if len(hits) else ():
            first = max(0, int(group[0]) * look - least)
            self._take_holes(joined[first : (int(group[-1]) + count) * look + least], base + first, least)

    def _take_holes(self, part: NDArray[np.float32], at: int, least: int) -> None:
        turns = np.flatnonzero(part[1:] != part[:-1]) + 1
        starts, stops = np.concatenate([[0], turns]), np.concatenate([turns, [len(part)]])
        long = stops - starts >= least
        for start, stop in zip((starts[long] + at).tolist(), (stops[long] + at).tolist(), strict=True):
            if self.holes and start <= self.holes[-1][1]:
                self.holes[-1] = (self.holes[-1][0], max(stop, self.holes[-1][1]))
            else:
                self.holes.append((start, stop))

    def result(self, active: NDArray[np.bool_], seconds: float, speech_dbov: float) -> Found:
        """Parameters
        ----------
        active : by frame of ``seconds``, whether there is speech. speech_dbov : its level.
        """
        known = math.isfinite(speech_dbov)
        hum = self._hum()
        dropouts = sum(self._within(a, b, active, seconds) for a, b in self.holes)
        start, end = (_level(part) - speech_dbov if known else None for part in (self._first, self._last))
        return Found(hum - speech_dbov if hum is not None and known else None, dropouts, start, end)

    def _within(self, a: int, b: int, active: NDArray[np.bool_], seconds: float) -> bool:
        """Whether a hole lies in speech: it is heard right before and right after."""
        first, last = round(a / self._rate / seconds) - 2, round(b / self._rate / seconds) + 2
        return first >= 0 and last < len(active) and bool(active[first] and active[last]) and b - a < self._rate * 0.5

    def _hum(self) -> float | None:
        """Level of the hum, dBov; None where there is none.

        Voices have harmonics there too, but they move: only hum is a line in a spectrum of some seconds, in nearly every one of them.
        """
        from scipy.fft import rfft  # a good part of a second to import: only where it is asked for

        slow = np.concatenate([*self._slow, np.zeros(0, np.float32)])
        rate = self._rate / self._step
        size = min(len(slow), round(_LONGEST * rate))
        if size < _SHORTEST * rate:
            return None
        window = np.hanning(size + 1)[:-1].astype(np.float32)
        rows = sliding_window_view(slow, size)[:: max(1, size // 2)] * window
        turned = rfft(rows, axis=1)[:, : round(300 * size / rate)]
        power = (turned.real**2 + turned.imag**2) * (2 / float((window**2).sum()) / size)
        best: float | None = None
        for mains in _MAINS:
            lines = [_line(power, mains * n, size / rate) for n in range(1, _HARMONICS + 1)]
            seen = [level for level, out in lines if out >= _OUT_DB]
            clear = any(out >= _CLEARLY_OUT_DB for _, out in lines)
            if (clear or len(seen) >= 2) and (best is None or sum(seen) > best):
                best = sum(seen)
        return 10 * math.log10(best) if best else None


def _line(power: NDArray[np.float32], hertz: float, per_hertz: float) -> tuple[float, float]:
    """Mean square of a line, and by how many dB it stands out of its neighbourhood in nearly every window."""
    at, reach, near, far = (round(one * per_hertz) for one in (hertz, _DRIFT, 1.0, 6.0))
    reach = max(2, reach + 1)
    if at + far >= power.shape[1] or at - far < 1:
        return 0.0, 0.0
    line = power[:, at - reach : at + reach + 1]
    beside = np.sort(
        np.concatenate([power[:, at - far : at - near], power[:, at + near : at + far + 1]], axis=1), axis=1
    )
    out = 10 * np.log10((line.max(axis=1) + 1e-20) / (beside[:, beside.shape[1] // 2] + 1e-20))
    few = len(out) // 5
    return float(np.sort(line.sum(axis=1))[few]), float(np.sort(out)[few])


def _level(part: NDArray[np.float32]) -> float:
    """Of what moves: a constant part is not heard."""
    return 10 * math.log10(float(np.var(part.astype(np.float64))) + 1e-10) if len(part) else -100.0
