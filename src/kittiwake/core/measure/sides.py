"""How the two sides of a stereo source relate: as a whole, by second, by band, and at the lag at which they go together best."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ..model.facts import Sides

_SILENT_DB = -40.0  # a side this far below the other is silent: hiss, not a second voice
_EQUAL_DB = -50.0  # a difference this far below the sum is coding noise, not another signal
_SAME = 0.85  # how much of one side is the other, at their best lag: the same sound
_INVERTED = -0.9  # the same of sides of which one is upside down
_PLAIN = 0.995  # sides that go together so well as they are need no lag
_FAR, _BLEEDS = 12.0, 0.5  # dB between two sides of which the soft one is so much the loud one: it bleeds over
_LAG = 0.0055  # s; microphones two metres apart
_WINDOW = 4096  # frames that are looked at closely at a time, where a second is loudest
_AT_ONCE = 12  # seconds in a row in which sides that have something in common are looked at; then every second one, every fourth …
_APART = 0.5  # what have less in common are looked at ever more seldom from the start
_FEW = 3  # places, of which nothing is said by band
_ALIKE_DB = 1.0  # dB between two sides that are the same but for their level
_PART_S, _PARTS_AT_LEAST, _PARTS_AT_MOST = (
    0.05,
    8,
    2000,
)  # parts of a second in which it is looked whether a side does anything
_IDLE_BELOW_DB = 6.0  # that a side of nothing but noise lies at least below the other one
_STEADY_DB, _LIVELY_DB = 5.0, 12.0  # between its soft and loud parts: of noise and hum less, of speech more
_LEVEL = 1e-4  # of the loudest second: what is softer says nothing
#: Edges of the bands, Hz: below the telephone's, its lower and its upper half, above it.
BANDS = ((0.0, 300.0), (300.0, 1000.0), (1000.0, 3400.0), (3400.0, 24_000.0))
_HEARD = 0.02  # of the energy that a band has at least, for what it loses to matter


@dataclass(frozen=True, slots=True)
class Relation:
    """What was found.

    Attributes
    ----------
    lag : s, by which the right side comes later where they go together best; 0 where they do not.
    bands : correlation of the sides in each of ``BANDS``, −1 to 1; empty where nothing was looked at closely.
    lost_db : by how much mixing lowers the band or the second in which most is lost, beside two sides that have nothing in common; at least 0.
    """

    sides: Sides
    lag: float = 0.0
    bands: tuple[float, ...] = ()
    lost_db: float = 0.0


class SidesMeter:
    """Compares left and right, block by block. ``rate`` in Hz."""

    def __init__(self, rate: int) -> None:
        self._rate = rate
        self._ll = self._rr = self._lr = 0.0
        self._seconds: list[tuple[float, float, float]] = []  # energies and product of each second
        self._now, self._left = (0.0, 0.0, 0.0), rate
        self._close: list[tuple[float, float, float]] = []  # weight, lag and correlation there
        self._spectra = np.zeros((3, len(BANDS)))  # energies and products in each band
        self._every, self._wait = 1, 0
        self._parts: list[NDArray[np.float64]] = []  # energies of both sides in each part of a second, [shape=(2, n)]

    def add(
        self, left: NDArray[np.float32], right: NDArray[np.float32], left_energy: float, right_energy: float
    ) -> None:
        """Take the next samples of both sides, each with its sum of squares."""
        self._ll += left_energy
        self._rr += right_energy
        size = max(1, round(_PART_S * self._rate))
        if (count := len(left) // size) and len(self._parts) < _PARTS_AT_MOST:
            rows = [side[: count * size].reshape(count, size) for side in (left, right)]
            self._parts.append(np.array([np.vecdot(row, row) for row in rows], np.float64) / size)
        at = 0
        while at < len(left):
            stop = min(len(left), at + self._left)
            a, b = left[at:stop], right[at:stop]
            ll, rr, lr = float(np.dot(a, a)), float(np.dot(b, b)), float(np.dot(a, b))
            self._lr += lr
            self._now = (self._now[0] + ll, self._now[1] + rr, self._now[2] + lr)
            self._left -= stop - at
            if not self._left:
                self._end_of_second()
            if (
                min(ll, rr) > 1e-4 * max(ll, rr)
                and abs(lr) < _PLAIN * math.sqrt(ll * rr)
                and (stop - at >= self._rate // 2 or not self._close)
            ):
                self._look(a, b)
            at = stop

    def _end_of_second(self) -> None:
        self._seconds.append(self._now)
        self._now, self._left = (0.0, 0.0, 0.0), self._rate

    def _look(self, left: NDArray[np.float32], right: NDArray[np.float32]) -> None:
        """Look closely at the loudest place, but ever more seldom the longer it gets."""
        if self._wait:
            self._wait -= 1
            return
        count = len(left) // _WINDOW
        if count > 1:
            parts = left[: count * _WINDOW].reshape(count, _WINDOW)
            at = int(np.argmax(np.einsum("ij,ij->i", parts, parts))) * _WINDOW
            left, right = left[at : at + _WINDOW], right[at : at + _WINDOW]
        reach = max(1, round(_LAG * self._rate))
        size = 1 << (len(left) + reach - 1).bit_length()
        a, b = np.fft.rfft(left, size), np.fft.rfft(right, size)
        across = a * b.conj()
        together = np.fft.irfft(across, size)
        near = np.concatenate([together[-reach:], together[: reach + 1]])
        best = int(np.argmax(np.abs(near)))
        energy = math.sqrt(float(np.dot(left, left)) * float(np.dot(right, right)))
        peak = float(near[best]) / max(energy, 1e-30)
        self._close.append((energy, -(best - reach) / self._rate, peak))
        edges = np.minimum([round(low * size / self._rate) for low, _ in BANDS], len(a) - 1)
        for row, power in enumerate((a.real**2 + a.imag**2, b.real**2 + b.imag**2, across.real)):
            self._spectra[row] += np.add.reduceat(power, edges)
        if abs(peak) < _APART or len(self._close) >= _AT_ONCE:
            self._every = min(64, 4 * self._every)
        self._wait = self._every - 1

    def result(self) -> Sides:
        return self.relation().sides

    def relation(self) -> Relation:
        """Everything, of what was taken so far."""
        ll, rr, lr = self._ll, self._rr, self._lr
        if ll == rr == 0:
            return Relation("identical")
        silent = 10 ** (_SILENT_DB / 10)
        if rr <= ll * silent:
            return Relation("left_only")
        if ll <= rr * silent:
            return Relation("right_only")
        apart = 10 * math.log10(max(ll, rr) / min(ll, rr))
        if ll + rr - 2 * lr <= (ll + rr) * 10 ** (_EQUAL_DB / 10):
            return Relation("identical")
        if lr >= _PLAIN * math.sqrt(ll * rr) and apart <= _ALIKE_DB and not self._close:
            return Relation("identical")  # but for a level that no ear tells
        if (idle := self._idle(ll, rr)) is not None:
            return Relation("left_only" if idle == 1 else "right_only")
        if not self._close and abs(lr) >= _PLAIN * math.sqrt(ll * rr) and lr > 0:
            # One is the other, but for its level; nothing more has to be made out.
            return Relation("left_leads" if ll >= rr else "right_leads")
        seconds = np.array([*self._seconds, self._now])
        power = seconds[:, 0] + seconds[:, 1]
        seconds = seconds[power > _LEVEL * power.max()]
        whole = np.sqrt(seconds[:, 0] * seconds[:, 1])
        plain = seconds[:, 2] / np.maximum(whole, 1e-30)
        # Where they go together as they are, their lag is none; elsewhere it is what was found.
        close = [(float(w), 0.0, float(c)) for w, c in zip(whole, plain, strict=True) if abs(c) >= _PLAIN]
        weight, lag, peak = np.array([*close, *self._close] or [(1.0, 0.0, lr / math.sqrt(ll * rr))]).T
        weight = weight / max(1e-30, weight.sum())
        alike = float((weight * np.abs(peak)).sum())
        bands = self._bands()
        lost = self._lost(seconds)
        if lr / math.sqrt(ll * rr) <= _INVERTED:
            return Relation("inverted", 0.0, bands)
        if alike >= _SAME or (apart >= _FAR and alike >= _BLEEDS):
            late = float(lag[np.argmax(weight * np.abs(peak))])
            return Relation("left_leads" if ll >= rr else "right_leads", late, bands, lost)
        return Relation("different", 0.0, bands, lost)

    def _idle(self, ll: float, rr: float) -> int | None:
        """The side (0 or 1) that holds nothing but noise or hum, which stays as loud as it is while the other one speaks; None where there is none."""
        if not self._parts:
            return None
        parts = np.concatenate(self._parts, axis=1)
        soft = 0 if ll < rr else 1
        if parts.shape[1] < _PARTS_AT_LEAST or 10 * math.log10(max(ll, rr) / min(ll, rr)) < _IDLE_BELOW_DB:
            return None
        low, high = np.percentile(10 * np.log10(parts + 1e-14), (10, 95), axis=1)
        steady = (high - low)[soft] < _STEADY_DB
        return soft if steady and (high - low)[1 - soft] > _LIVELY_DB else None

    def _bands(self) -> tuple[float, ...]:
        if len(self._close) < _FEW:
            return ()
        left, right, both = self._spectra
        whole = np.sqrt(left * right)
        return tuple(float(one) for one in np.round(np.where(whole > 0, both / np.maximum(whole, 1e-30), 0.0), 3))

    def _lost(self, seconds: NDArray[np.float64]) -> float:
        """By how much mixing lowers what it lowers most, in dB."""
        left, right, both = self._spectra
        power = left + right
        heard = power > _HEARD * max(1e-30, power.sum())
        by_band = (power + 2 * both)[heard] / power[heard] if len(self._close) >= _FEW else []
        energy = seconds[:, 0] + seconds[:, 1]
        loud = energy > 0.01 * energy.max()
        by_second = (energy + 2 * seconds[:, 2])[loud] / energy[loud]
        least = min([1.0, *by_band, *by_second])
        return round(-10 * math.log10(max(1e-6, least)), 2) + 0.0
