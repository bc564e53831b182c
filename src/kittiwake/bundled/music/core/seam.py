"""Where a loop meets itself: closed by a crossfade of equal power, and measured."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from ....plain_data import dataclass
from ....words import phrase
from .likeness import bands_over_time

_STEP_S = 0.05  # on each side of the seam, whose levels are compared
_CLICK_S = 0.02
_CLICK_DB = -1.0  # chosen on one piece of music: 95 % of hard seams lie above it there, and 4 % of all other places
_ORDER, _SPAN = 64, 4
_RARE = 0.985  # share of the rest of the music that changes less than at the seam
_LEVEL_DB = 6.0


def closed(sound: NDArray[np.float32], start: int, stop: int, fade: int) -> NDArray[np.float32]:
    """The stretch from ``start`` to ``stop``, with its end blended into what leads to its start (or its start into what follows its end).

    Equal power: the two gains are such that the power of the sum is even, whatever the two have in common (their correlation).
    Returns float32 [shape=(stop - start, channels)].
    """
    whole = sound if sound.ndim == 2 else sound[:, None]
    out = whole[start:stop].astype(np.float64)
    fade = max(0, min(fade, (stop - start) // 2))
    before, after = min(fade, start), min(fade, len(whole) - stop)
    if before >= after and before > 1:
        lead = whole[start - before : start].astype(np.float64)
        out[-before:] = blended(out[-before:], lead)
    elif after > 1:
        follow = whole[stop : stop + after].astype(np.float64)
        out[:after] = blended(follow, out[:after])
    return out.astype(np.float32)


def blended(first: NDArray[np.float64], second: NDArray[np.float64]) -> NDArray[np.float64]:
    """From one stretch into the other, equally long [shape=(n, channels)], at even power."""
    turn = (np.arange(len(first)) + 0.5) / len(first) * math.pi / 2
    down, up = np.cos(turn), np.sin(turn)
    both = float(np.sqrt((first**2).sum() * (second**2).sum()))
    common = max(-0.5, min(1.0, float((first * second).sum()) / both)) if both > 0 else 0.0
    even = np.sqrt(down**2 + up**2 + 2 * common * down * up)
    mixed: NDArray[np.float64] = (first * (down / even)[:, None]) + (second * (up / even)[:, None])
    return mixed


@dataclass(frozen=True, slots=True)
class Seam:
    """What is measured where a loop meets itself.

    Attributes
    ----------
    step_db : level after it over level before it, 50 ms each.
    step_rank : share of the places inside whose levels step less, 0 to 1.
    flux_rank : share of the places inside at which the spectrum changes less, 0 to 1.
    click_db : what cannot be foretold from the samples before, at the seam, over nearly all of that around it; 0 or less is no click.
    """

    step_db: float
    step_rank: float
    flux_rank: float
    click_db: float

    @property
    def is_heard(self) -> bool:
        """Whether it stands out from what the music does by itself."""
        jumps = abs(self.step_db) > _LEVEL_DB and self.step_rank > _RARE
        return self.click_db > _CLICK_DB or self.flux_rank > _RARE or jumps

    @property
    def words(self) -> str:
        """In a sentence."""
        if self.click_db > _CLICK_DB:
            return phrase(
                "It clicks at the seam: {click_db:.0f} dB over the music around it.", click_db=self.click_db
            )
        if self.flux_rank > _RARE:
            return phrase(
                "The sound changes more at the seam than at {flux_rank:.1f} % of places inside.",
                flux_rank=self.flux_rank * 100,
            )
        if self.is_heard:
            return phrase("The level steps by {step_db:+.1f} dB at the seam.", step_db=self.step_db).replace("-", "−")
        return phrase(
            "No seam stands out: of the places inside, {change:.0f} % change more in sound, and {step:.0f} % step more in level.",
            change=(1 - self.flux_rank) * 100,
            step=(1 - self.step_rank) * 100,
        )


def seam_of(loop: NDArray[np.float32], rate: int, at: int = 0) -> Seam:
    """What is measured at a place of a loop that goes round, by default where its end meets its start.

    Parameters
    ----------
    loop : [shape=(n,)] or [shape=(n, channels)].
    at : frame before which the place lies.
    """
    mono = loop if loop.ndim == 1 else loop.mean(axis=1, dtype=np.float32)
    half = len(mono) // 2
    round_ = np.roll(mono, half - at)  # the place is in the middle now
    step, ranks = _levels(round_, half, rate)
    return Seam(step, ranks, _flux_rank(round_, half, rate), _click(round_, half, rate))


def _levels(sound: NDArray[np.float32], at: int, rate: int) -> tuple[float, float]:
    size = max(1, min(round(_STEP_S * rate), at))
    count = (len(sound) - at) // size
    before = at // size
    parts = sound[at - before * size : at + count * size].reshape(-1, size).astype(np.float64)
    level = 10 * np.log10(np.maximum((parts**2).mean(axis=1), 1e-9))
    steps = np.diff(level)
    here = before - 1
    others = np.abs(np.delete(steps, here))
    rank = float((others < abs(steps[here])).mean()) if len(others) else 0.0
    return float(steps[here]), rank


def _flux_rank(sound: NDArray[np.float32], at: int, rate: int) -> float:
    """The spectrum of the 0.1 s before against that of the 0.1 s after, among all places."""
    hop = max(1, round(0.01 * rate))
    window = round(0.1 * rate)
    offset = (at - window) % hop
    bands = bands_over_time(sound[offset:], rate, hop, window)
    apart = window // hop
    if len(bands) <= 3 * apart:
        return 0.0
    bands = np.maximum(bands, -55)
    flux = np.abs(bands[apart:] - bands[:-apart]).mean(axis=1)
    here = (at - offset - window) // hop
    around = slice(max(0, here - 1), here + 2)  # what straddles the seam
    inside = np.sort(flux)
    below, with_equal = (np.searchsorted(inside, flux[around], side) for side in ("left", "right"))
    return float(np.median((below + with_equal - 1) / 2)) / max(1, len(flux) - 1)


def _click(sound: NDArray[np.float32], at: int, rate: int) -> float:
    """Power of what linear prediction cannot foretell at the seam, over nearly all (99 %) of that around it, dB."""
    from scipy.linalg import solve_toeplitz
    from scipy.signal import lfilter

    size = max(4 * _ORDER, round(_CLICK_S * rate))
    room = sound[max(0, at - 4 * size) : at + 4 * size].astype(np.float64)
    if len(room) < 8 * size or not room.any():
        return 0.0
    lags = np.correlate(room, room, "full")[len(room) - 1 : len(room) + _ORDER]
    lags[0] *= 1 + 1e-9
    weights = solve_toeplitz(lags[:-1], lags[1:])
    error = lfilter(np.concatenate([[1.0], -weights]), [1.0], room)[_ORDER:]
    power = np.convolve(error**2, np.ones(_SPAN), "valid")  # of each frame and those that follow it
    middle = 4 * size - _ORDER
    near = power[middle - 1 : middle + 2].max()
    around = np.concatenate([power[middle - 2 * size : middle - _ORDER], power[middle + _ORDER : middle + 2 * size]])
    return float(10 * np.log10(max(near, 1e-15) / max(float(np.quantile(around, 0.99)), 1e-15)))
