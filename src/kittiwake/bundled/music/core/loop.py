"""Finds a stretch of music that can be repeated: where it ends, it goes on as it began."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ....core.errors import KittiwakeError
from ....plain_data import dataclass
from ....words import phrase
from .likeness import bands_over_time

_MOST_HOPS = 5000  # of the rough search
_SURROUND_S = 1.5  # before and after both places that have to be alike
_FINE_S = 0.12  # around a rough place within which the waveforms are laid over each other
_LONG_DB = 1.0  # by how much less alike twice as long a loop may be
#: By how much music may be made faster or slower for the sake of its length: 7 hundredths of a semitone.
MOST_STRETCH = 0.004
_CALM_S = 0.3  # up to which both ends are moved to where nothing begins
_EDGE_S = 0.35  # kept clear at the ends of the piece, where what comes before and after is needed


@dataclass(frozen=True, slots=True)
class Loop:
    """A stretch of frames, ``stop`` excluded. ``unlike_db`` is how far its surroundings differ at both ends, in the mean of all bands."""

    start: int
    stop: int
    unlike_db: float


class NoLoopError(KittiwakeError):
    """There is nothing that could be repeated."""


def find_loop(
    sound: NDArray[np.float32],
    rate: int,
    shortest: float = 8.0,
    longest: float = 120.0,
    within: tuple[int, int] | None = None,
) -> Loop:
    """The stretch whose ends are most alike in spectrum and rhythm, and laid over each other by their waveforms.

    Parameters
    ----------
    sound : [shape=(n,)] or [shape=(n, channels)].
    shortest, longest : seconds of the loop.
    within : frames between which it has to lie.

    Raises
    ------
    NoLoopError : the piece is too short for that.
    """
    mono = sound if sound.ndim == 1 else sound.mean(axis=1, dtype=np.float32)
    first, last = within or (0, len(mono))
    piece = mono[first:last]
    shortest = min(shortest, 0.6 * len(piece) / rate)
    if len(piece) < 4 * rate * _EDGE_S or shortest < 1:
        raise NoLoopError(
            phrase("It is too short to find a loop in."),
            phrase("Repeat all of it, or give a longer piece."),
            "no_loop",
        )
    start, stop, unlike = _rough(piece, rate, shortest, longest)
    calm = _calm(piece, rate, start, stop)
    start, stop = _fine(piece, rate, start + calm, stop + calm)
    return Loop(first + start, first + stop, unlike)


def _rough(piece: NDArray[np.float32], rate: int, shortest: float, longest: float) -> tuple[int, int, float]:
    """By bands over time: for every length, where the two ends are most alike."""
    hop = max(round(0.02 * rate), -(-len(piece) // _MOST_HOPS))
    bands = bands_over_time(piece, rate, hop, 2 * hop)
    # Soft places are alike everywhere: what counts is what is heard. The mean of each band plays no part.
    bands = np.maximum(bands, bands.max() - 50)
    bands = bands - bands.mean(axis=0)
    around = max(2, round(_SURROUND_S * rate / hop))
    edge = max(1, round(_EDGE_S * rate / hop))
    count = len(bands)
    shortest_hops = max(2, int(shortest * rate / hop))
    longest_hops = min(int(longest * rate / hop), count - 2 * edge - 1)
    best = (np.inf, 0, 0, 0.0)
    for length in range(shortest_hops, longest_hops + 1):
        apart = np.abs(bands[length:] - bands[:-length]).mean(axis=1)
        nearest_count = min(2 * around, len(apart))
        sums = np.concatenate([[0.0], np.cumsum(apart)])
        means = (
            sums[nearest_count:] - sums[:-nearest_count]
        ) / nearest_count  # around a place in the middle of ``some``
        places = np.arange(len(means)) + nearest_count // 2
        good = (places >= edge) & (places + length <= count - edge)
        if not good.any():
            continue
        at = int(np.argmin(np.where(good, means, np.inf)))
        cost = float(means[at]) - _LONG_DB * np.log2(length / shortest_hops)
        if cost < best[0]:
            best = (cost, int(places[at]), length, float(means[at]))
    if not np.isfinite(best[0]):
        raise NoLoopError(phrase("Nothing in it repeats."), phrase("Mark a span, and repeat that."), "no_loop")
    _, place, length, unlike = best
    return place * hop, (place + length) * hop, unlike


def _calm(piece: NDArray[np.float32], rate: int, start: int, stop: int) -> int:
    """By how many frames both ends have to move to where nothing begins: a seam at a beat is heard as one."""
    hop = max(1, round(0.005 * rate))
    reach = min(round(_CALM_S * rate), start - round(0.1 * rate), len(piece) - stop - round(0.1 * rate))
    if reach < 4 * hop:
        return 0
    costs = None
    for place in (start, stop):
        around = piece[place - reach - 4 * hop : place + reach + 4 * hop]
        bands = np.maximum(bands_over_time(around, rate, hop, 4 * hop), -55)
        rise = np.maximum(0, bands[4:] - bands[:-4]).mean(
            axis=1
        )  # number n lies around frame (n + 4) hops from the beginning
        costs = rise if costs is None else np.maximum(costs[: len(rise)], rise[: len(costs)])
    assert costs is not None
    # The beat before and the one after stay as far away as can be.
    smooth = np.convolve(np.pad(costs, 4, mode="edge"), np.ones(9) / 9, mode="valid")
    return (int(np.argmin(smooth)) + 4) * hop - reach - 4 * hop


def _fine(piece: NDArray[np.float32], rate: int, start: int, stop: int) -> tuple[int, int]:
    """Move the end until the waveforms around both ends lie over each other."""
    reach, room = round(_FINE_S * rate), round(0.25 * rate)
    lag = best_lag(piece, start, stop, room, reach)
    return start, min(len(piece), max(start + room, stop + lag))


def length_to_fill(loop: NDArray[np.float32], rate: int, seconds: float) -> float:
    """The length (frames) near ``seconds`` after which a loop that goes round may begin anew and it is heard least: whole rounds, or a place in
    the last one where it sounds as it begins. Not further away than ``MOST_STRETCH`` of the length.
    """
    wanted, slack = seconds * rate, MOST_STRETCH * seconds * rate
    rounds, rest = divmod(wanted, len(loop))
    if rest <= slack and rounds:
        return rounds * len(loop)
    if len(loop) - rest <= slack:
        return (rounds + 1) * len(loop)
    hop = round(0.01 * rate)
    around = min(round(1.0 * rate), len(loop) // 3)
    places = np.arange(max(around, rest - slack), min(len(loop) - around, rest + slack), hop)
    if not len(places):
        return wanted
    twice = np.concatenate([loop[-around:], loop, loop[:around]])
    bands = bands_over_time(twice, rate, hop, 2 * hop)
    bands = np.maximum(bands, bands.max() - 50)
    count = 2 * around // hop - 2
    start = bands[:count]
    costs = [
        float(np.abs(bands[at : at + len(start)] - start).mean())
        for at in (places / hop).astype(int)
        if at + count <= len(bands)
    ]
    if not costs:
        return wanted
    best = int(places[int(np.argmin(costs))])
    return rounds * len(loop) + best + best_lag(twice, around, around + best, min(around, round(0.25 * rate)), hop)


def best_lag(piece: NDArray[np.float32], start: int, stop: int, room: int, reach: int) -> int:
    """By how many frames (up to ``reach``) the end has to move so that the ``room`` frames on both sides of it are like those of the start."""
    from scipy.signal import correlate  # a good part of a second to import: only where it is asked for

    left = min(room, start, stop)
    right = min(room, len(piece) - stop)
    wanted = piece[start - left : start + right].astype(np.float64)
    low = max(0, stop - left - reach)
    field = piece[low : min(len(piece), stop + right + reach)].astype(np.float64)
    if len(wanted) < 16 or len(field) <= len(wanted):
        return 0
    match = correlate(field, wanted, mode="valid", method="fft")
    power = np.concatenate([[0.0], np.cumsum(field**2)])
    norm = np.sqrt(np.maximum(power[len(wanted) :] - power[: -len(wanted)], 1e-12))
    return int(np.argmax(match / norm)) + low - (stop - left)
