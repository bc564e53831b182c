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
_LOT = 8192  # steps that are counted at a time
_LOWEST = -24
_THRESHOLDS = 2.0 ** np.arange(_LOWEST, 1)


@cache
def _mean_weights(step: int) -> NDArray[np.float32]:
    return np.full(step, 1 / step, np.float32)


class ActiveLevel:
    """Measures one signal, block by block.

    The recommendation smooths the magnitude of every sample. Here magnitudes are first averaged over a millisecond,
    which is a thirtieth of the time constant: the result is the same within 0.01 dB and comes forty times as fast.

    Parameters
    ----------
    rate : sample rate, Hz.
    """

    def __init__(self, rate: int) -> None:
        self._rate = rate
        self._step = max(1, round(rate / 1000))
        self._hold = max(1, round(HANGOVER * rate / self._step))
        self._pole = math.exp(-self._step / (rate * TIME_CONSTANT))
        self._stages = (0.0, 0.0)
        self._recent = np.zeros(self._hold)
        self._rest = np.zeros(0, np.float32)
        self._counts = np.zeros(len(_THRESHOLDS))
        self._energy = 0.0
        self._samples = 0
        self._peak = 0.0
        self._ones = _mean_weights(self._step)
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
        self._energy += float(np.dot(signal, signal)) if energy is None else energy
        size = np.abs(signal)
        self._peak = max(self._peak, float(size.max()) if peak is None else peak)
        joined = np.concatenate([self._rest, size]) if len(self._rest) else size
        whole = len(joined) // self._step * self._step
        if whole:
            steps = joined[:whole].reshape(-1, self._step) @ self._ones
            self._waiting.append(steps)
            self._waiting_steps += len(steps)
            if self._waiting_steps >= _LOT:
                self._flush()
        self._rest = joined[whole:].copy()

    def skim(self, count: int, peak: float, energy: float) -> None:
        """Take ``count`` samples of which only peak and sum of squares are known: there is no ``result`` then, but RMS and peak are."""
        self._samples += count
        self._energy += energy
        self._peak = max(self._peak, peak)

    def _flush(self) -> None:
        """Count the steps that wait: many at a time, since each call costs more than what it counts."""
        if self._waiting:
            self._count(np.concatenate(self._waiting).astype(np.float64), self._step)
            self._waiting, self._waiting_steps = [], 0

    def _count(self, steps: NDArray[np.float64], weight: int) -> None:
        p, q = self._stages
        first, p = _smooth(steps, self._pole, p)
        envelope, q = _smooth(first, self._pole, q)
        self._stages = (p, q)
        # A threshold counts as exceeded until HANGOVER has gone by: the highest of the last so many decides.
        history = np.concatenate([self._recent, envelope])
        held = _running_max(history, self._hold + 1)
        self._recent = history[-self._hold :]
        exceeded = np.searchsorted(_THRESHOLDS, held, side="right")
        self._counts += weight * np.bincount(exceeded, minlength=len(_THRESHOLDS) + 1)[1:][::-1].cumsum()[::-1]

    @property
    def peak(self) -> float:
        """Largest magnitude so far."""
        return self._peak

    @property
    def rms_dbov(self) -> float:
        """The same in dBov; -inf of silence."""
        return 20 * math.log10(self.rms) if self._energy > 0 else -math.inf

    @property
    def rms(self) -> float:
        """Root mean square so far."""
        return math.sqrt(self._energy / self._samples) if self._samples else 0.0

    def result(self) -> tuple[float, float]:
        """Active level in dBov (0 dBov is the level of a signal that is at full scale all the time) and activity, 0 to 1.

        Silence gives ``(-inf, 0.0)``. Call once, at the end.
        """
        self._flush()
        if len(self._rest):
            self._count(self._rest.mean(dtype=np.float64, keepdims=True), len(self._rest))
            self._rest = self._rest[:0]
        if self._energy <= 0 or not self._counts[0]:
            return -math.inf, 0.0
        if self._samples < HANGOVER * self._rate:
            # Too short to hold a pause, and for the smoothing to rise: all of it is active.
            return 20 * math.log10(self.rms), 1.0
        counts = np.minimum(self._counts, self._samples)
        used = np.flatnonzero(counts)
        levels = 10 * np.log10(self._energy / counts[used])
        above = levels - 20 * np.log10(_THRESHOLDS[used])
        below = np.flatnonzero(above <= MARGIN)
        if not len(below):
            # So short or so peaky that no threshold lies within the margin: the highest that was reached decides.
            level = float(levels[-1])
        elif below[0] == 0:
            level = float(levels[0])
        else:
            high = int(below[0])
            share = (above[high - 1] - MARGIN) / (above[high - 1] - above[high])
            level = float(levels[high - 1] + share * (levels[high] - levels[high - 1]))
        activity = self._energy / self._samples / 10 ** (level / 10)
        return level, min(1.0, activity)


def _smooth(x: NDArray[np.float64], pole: float, state: float) -> tuple[NDArray[np.float64], float]:
    """One-pole smoothing, ``y[n] = pole·y[n−1] + (1−pole)·x[n]``, without a step in Python per sample; and the state after it.

    Worked in rows short enough that ``pole**-n`` stays well inside double precision.
    """
    row = max(1, min(512, int(12 / -math.log(pole)))) if 0 < pole < 1 else 1
    rows = -(-len(x) // row)
    padded = np.zeros(rows * row)
    padded[: len(x)] = x
    decay = pole ** np.arange(1, row + 1)
    own = np.cumsum(padded.reshape(rows, row) / decay, axis=1) * (decay * (1 - pole))
    # What each row begins with is what the rows before it come to.
    begins = np.empty(rows)
    last, fall = own[:, -1].tolist(), float(decay[-1])
    for n in range(rows):
        begins[n] = state
        state = last[n] + fall * state
    out: NDArray[np.float64] = (own + begins[:, None] * decay).reshape(-1)[: len(x)]
    return out, float(out[-1])


def _running_max(x: NDArray[np.float64], width: int) -> NDArray[np.float64]:
    """Highest of each value and the ``width − 1`` before it, for every full window, by doubling."""
    have = 1
    while have * 2 <= width:
        x = np.maximum(x[have:], x[:-have])
        have *= 2
    if have < width:
        x = np.maximum(x[width - have :], x[: have - width])
    return x
