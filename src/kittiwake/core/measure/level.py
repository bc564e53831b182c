"""Active speech level and activity factor, ITU-T P.56 (12/2011) method B."""

from __future__ import annotations

import math
from functools import cache

import numpy as np
from numpy.typing import NDArray

TIME_CONSTANT = 0.03  # s, of each of the two smoothing stages
HANGOVER = 0.2  # s
MARGIN = 15.9  # dB between the active level and the threshold that goes with it
# Thresholds a factor of two apart. The recommendation's fifteen reach down to one step of 16 bits; ten more make a
# whisper in a 24-bit or float file measurable, and change nothing for louder sound.
_SHORT_S = 0.5
_LOT = 8192  # steps that are counted at a time
_ROW = 128  # steps that are smoothed by one product
_EACH, _MIDDLE = 4, 1  # steps of which the second stands for all when compared with the thresholds
_LOWEST = -24
_THRESHOLDS_DB = [20 * math.log10(2.0**place) for place in range(_LOWEST, 1)]
# What exceeds each threshold is counted at so many places to an octave and beyond both ends, which lie where the thresholds would lie under another
# gain: so the level after a gain is known without measuring once more.
_PARTS_LOG2, _BOTTOM, _TOP = 6, -34, 10
_PARTS = 1 << _PARTS_LOG2
_BINS = (_TOP - _BOTTOM) * _PARTS
_OCTAVE_DB = 20 * math.log10(2)
_NOTHING = np.zeros(0, np.float32)


@cache
def _mean_weights(step: int) -> NDArray[np.float32]:
    return np.full(step, 1 / step, np.float32)


class ActiveLevel:
    """Measures one signal, block by block.

    The recommendation smooths the magnitude of every sample. Here magnitudes are first averaged over a millisecond, which is a thirtieth of
    the time constant, and what is smoothed is looked at every 4 ms: the result is the same within 0.02 dB.

    Parameters
    ----------
    rate : sample rate, Hz.
    every_sample : smooth each sample, as the recommendation has it. Sound of less than half a second is measured so in any case: there a
        millisecond more or less of activity counts.
    """

    def __init__(self, rate: int, *, every_sample: bool = False) -> None:
        self._rate = rate
        self._step = 1 if every_sample else max(1, round(rate / 1000))
        # The beginning, while there may be no more than that.
        self._short: list[NDArray[np.float32]] | None = None if every_sample else []
        self._hold = max(1, round(HANGOVER * rate / self._step / _EACH))
        self._pole = math.exp(-self._step / (rate * TIME_CONSTANT))
        self._states = (0.0, 0.0)
        # Arrays come with the first samples: of many signals only peak and RMS are asked for.
        self._recent: NDArray[np.float64] | None = None
        self._rest = _NOTHING
        self._counts: NDArray[np.float64] | None = (
            None  # samples by the place that their smoothed magnitude reaches; first those that reach none
        )
        self._exact: ActiveLevel | None = None  # of sound that is short
        self._finished = False
        self._energy = 0.0
        self._samples = 0
        self._peak = 0.0
        self._waiting: list[NDArray[np.float32]] = []
        self._waiting_steps = 0

    def add(self, signal: NDArray[np.float32], peak: float | None = None, energy: float | None = None) -> None:
        """Take the next samples, float32 [shape=(n,)], nominal ±1.0.

        Parameters
        ----------
        peak, energy : largest magnitude and sum of squares of these samples, where they are known already.
        """
        if not len(signal):
            return
        self._samples += len(signal)
        if self._short is not None:
            if self._samples < _SHORT_S * self._rate:
                self._short.append(signal)
            else:
                self._short = None
        self._energy += float(np.dot(signal, signal)) if energy is None else energy
        size = np.abs(signal)
        self._peak = max(self._peak, float(size.max()) if peak is None else peak)
        if len(self._rest):
            # Only the step that was begun is put together, not all of the block.
            missing = self._step - len(self._rest)
            begun = np.concatenate([self._rest, size[:missing]])
            size = size[missing:]
            if len(begun) < self._step:
                self._rest = begun
                return
            self._wait(begun[None, :])
        whole = len(size) // self._step * self._step
        if whole:
            self._wait(size[:whole].reshape(-1, self._step))
        self._rest = size[whole:].copy()

    def _wait(self, rows: NDArray[np.float32]) -> None:
        """Put the means of whole steps, [shape=(n, step)], with those that wait to be counted."""
        steps = rows @ _mean_weights(self._step)
        self._waiting.append(steps)
        self._waiting_steps += len(steps)
        if self._waiting_steps >= _LOT:
            self._flush()

    def skim(self, count: int, peak: float, energy: float) -> None:
        """Take ``count`` samples of which only peak and sum of squares are known: there is no ``result`` then, but RMS and peak are."""
        self._samples += count
        self._energy += energy
        self._peak = max(self._peak, peak)

    def _flush(self) -> None:
        """Count the steps that wait, in whole rows: many at a time, since each call costs more than what it counts."""
        steps = np.concatenate(self._waiting)
        whole = len(steps) // _ROW * _ROW
        self._waiting, self._waiting_steps = [steps[whole:]], len(steps) - whole
        if whole:
            self._count(steps[:whole].astype(np.float64).reshape(-1, _ROW), whole)

    def _count(self, rows: NDArray[np.float64], steps: int) -> None:
        """Count ``steps`` steps in rows, of which the last may be filled up."""
        smooth, self._states = _smooth_twice(rows, self._pole, self._states)
        envelope = smooth.reshape(-1)[: -(-steps // _EACH)]
        # A threshold counts as exceeded until HANGOVER has gone by: the highest of the last so many decides.
        before = np.zeros(self._hold) if self._recent is None else self._recent
        history = np.concatenate([before, envelope])
        held = _running_max(history, self._hold + 1)
        self._recent = history[-self._hold :]
        # Places are powers of two and equal steps between them, which is what the leading bits of a double tell.
        reached = (held.view(np.int64) >> (52 - _PARTS_LOG2)) - ((1023 + _BOTTOM) << _PARTS_LOG2) + 1
        np.maximum(reached, 0, out=reached)
        np.minimum(reached, _BINS, out=reached)
        weight = steps * self._step / len(held)
        here = np.bincount(reached, minlength=_BINS + 1) * weight
        self._counts = np.asarray(here, np.float64) if self._counts is None else self._counts + here

    @property
    def peak(self) -> float:
        """Largest magnitude so far."""
        return self._peak

    @property
    def rms(self) -> float:
        """Root mean square so far."""
        return math.sqrt(self._energy / self._samples) if self._samples else 0.0

    def result(self) -> tuple[float, float]:
        """Active level in dBov (0 dBov is the level of a signal that is at full scale all the time) and activity, 0 to 1.

        Silence gives ``(-inf, 0.0)``. Nothing more may be added afterwards.
        """
        level = self.level_after(0.0)
        if not math.isfinite(level):
            return level, 0.0
        activity = self._energy / self._samples / 10 ** (level / 10)
        return level, min(1.0, activity)

    def level_after(self, gain_db: float) -> float:
        """The active level in dBov, were this gain (dB) applied; -inf of silence.

        It does not just move with the gain: the thresholds of the recommendation lie 6 dB apart and stay where they are, so that the level of
        short sound may be several dB another. Nothing more may be added afterwards.
        """
        self._finish()
        if self._energy <= 0 or self._counts is None or not self._exceeding.item(0):
            return -math.inf
        if self._samples < HANGOVER * self._rate:
            # Too short to hold a pause, and for the smoothing to rise: all of it is active.
            return 20 * math.log10(self.rms) + gain_db
        if self._exact is not None:
            return self._exact.level_after(gain_db)
        # Number by number, since this is asked for many gains; from where a threshold can lie within the margin of what all samples would make.
        octaves, part = self._place_of(-gain_db)
        moved = octaves * _OCTAVE_DB + 20 * math.log10(1 + part / _PARTS)
        energy_db = 10 * math.log10(self._energy)
        least = energy_db - 10 * math.log10(self._samples) - MARGIN - moved
        first = min(max(math.floor((least - _THRESHOLDS_DB[0]) / _OCTAVE_DB) - 1, 0), len(_THRESHOLDS_DB) - 1)
        lowest = (_LOWEST + octaves - _BOTTOM) * _PARTS + part
        if not self._exceeding.item(min(max(lowest + first * _PARTS, 0), _BINS - 1)):
            first = 0  # so peaky that no threshold that high is reached
        level = above = -math.inf
        for n, threshold in enumerate(_THRESHOLDS_DB[first:], first):
            count = min(self._exceeding.item(min(max(lowest + n * _PARTS, 0), _BINS - 1)), self._samples)
            if not count:
                break
            lower, above_lower = level, above
            level = energy_db - 10 * math.log10(count)
            above = level - threshold - moved
            if above <= MARGIN:
                return (_between(lower, above_lower, level, above) if n > first else level) + gain_db
        # So short or so peaky that no threshold lies within the margin: the highest that was reached decides.
        return level + gain_db

    @staticmethod
    def _place_of(shift_db: float) -> tuple[int, int]:
        """Whole octaves and parts of one that thresholds are moved by, to the nearest place."""
        octaves = math.floor(shift_db / _OCTAVE_DB)
        part = round((10 ** ((shift_db - octaves * _OCTAVE_DB) / 20) - 1) * _PARTS)
        return (octaves + 1, 0) if part >= _PARTS else (octaves, part)

    def _finish(self) -> None:
        """No more is to come."""
        if self._finished:
            return
        self._finished = True
        if len(self._rest):
            self._waiting.append(self._rest.mean(keepdims=True))
            self._rest = self._rest[:0]
        last = np.concatenate(self._waiting) if self._waiting else self._rest
        self._waiting, self._waiting_steps = [], 0
        if len(last):
            # What stands for so many steps is a smoothed value between them: that of the last ones takes them as going on.
            values = np.empty(-(-len(last) // _ROW) * _ROW)
            values[: len(last)] = last
            values[len(last) :] = last[-1]
            self._count(values.reshape(-1, _ROW), len(last))
        if self._short and self._samples >= HANGOVER * self._rate:
            self._exact = ActiveLevel(self._rate, every_sample=True)
            for signal in self._short:
                self._exact.add(signal)
        self._short = None
        if self._counts is not None:
            self._exceeding: NDArray[np.float64] = self._counts[1:][::-1].cumsum()[::-1]


def _between(level: float, above: float, other: float, other_above: float) -> float:
    """The level whose threshold lies the margin below it, between two that lie farther and less far below theirs, dB."""
    if other_above >= MARGIN or above <= other_above:
        return float(other)
    return float(level + (above - MARGIN) / (above - other_above) * (other - level))


@cache
def _response(pole: float) -> tuple[NDArray[np.float64], NDArray[np.float64], NDArray[np.float64]]:
    """What two smoothing stages in a row make of a row of values, given at every ``_EACH``-th and the last: of the values themselves
    [shape=(_ROW, _ROW / _EACH + 1)], of the states of both stages before it [shape=(2, _ROW / _EACH + 1)], and the weights with which the values come
    to the first stage's state after it [shape=(_ROW,)].
    """
    at = np.arange(_ROW)
    power: NDArray[np.float64] = np.power(pole, at, dtype=np.float64)
    # The last column tells the state after the row.
    places = np.append(at[_MIDDLE::_EACH], _ROW - 1)
    lag = places[None, :] - at[:, None]
    own = np.where(lag >= 0, (1 - pole) ** 2 * (lag + 1) * pole ** np.maximum(lag, 0), 0.0)
    before = np.stack([(1 - pole) * (at + 1) * power * pole, power * pole])[:, places]
    weights: NDArray[np.float64] = (1 - pole) * power[::-1]
    return own, before, weights


def _smooth_twice(
    rows: NDArray[np.float64], pole: float, states: tuple[float, float]
) -> tuple[NDArray[np.float64], tuple[float, float]]:
    """Two stages of one-pole smoothing, each ``y[n] = pole·y[n−1] + (1−pole)·x[n]``, of values in rows of ``_ROW``: every ``_EACH``-th
    [shape=(rows, _ROW / _EACH)], and the states after them.

    Each row takes one product with the response of both stages, so that there is no step in Python per value.
    """
    own, before, weights = _response(pole)
    out: NDArray[np.float64] = rows @ own
    firsts, seconds = (rows @ weights).tolist(), out[:, -1].tolist()
    share, fall = before[:, -1].tolist()
    p, q = states
    begins: list[float] = []
    for first, second in zip(firsts, seconds, strict=True):
        begins += p, q
        p, q = first + fall * p, second + share * p + fall * q
    out += np.array(begins).reshape(-1, 2) @ before
    return out[:, :-1], (p, q)


def _running_max(x: NDArray[np.float64], width: int) -> NDArray[np.float64]:
    """Highest of each value and the ``width − 1`` before it, for every full window, by doubling."""
    have = 1
    while have * 2 <= width:
        x = np.maximum(x[have:], x[:-have])
        have *= 2
    if have < width:
        x = np.maximum(x[width - have :], x[: have - width])
    return x
