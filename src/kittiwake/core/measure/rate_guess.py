"""At which of the usual rates a voice was sampled, judged by what it sounds like at each. A guess, with how sure it is.

A voice read at a wrong rate has a wrong pitch, a spectrum that lies too high or too low, syllables that come too fast or too slowly, and a band
that ends where no recorder ends one. The long-term spectrum below is the mean of recordings of people and of two speech engines in a dozen
languages (half of the voices of ``./run evaluate``); how often it is right on the other half stands in docs/sources.md.
"""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from .pitch import Pitch

RATES = (8000, 11_025, 16_000, 22_050, 44_100, 48_000)
# Quarter octaves from 100 Hz: dB about the mean of those from 283 Hz to 2.3 kHz, and how far recordings differ, microphones included.
_LOWEST, _BANDS, _FROM, _TO = 100.0, 24, 6, 18
_MEAN = np.array([-1.8, -1.7, 1.5, 6.7, 8.7, 7.2, 5.9, 7.1, 8.1, 6.2, 5.0, 3.1, -0.4, -3.3, -5.2, -6.8, -9.2, -10.6, -10.9, -12.5, -13.5, -17.9, -22.8, -24.1])  # fmt: skip
_SPREAD = np.array([14.5, 14.6, 13.3, 10.6, 9.8, 10.2, 9.8, 8.9, 8.9, 7.9, 7.8, 7.9, 8.4, 8.1, 8.2, 8.1, 8.3, 8.4, 8.7, 10.9, 10.4, 11.6, 15.0, 15.1])  # fmt: skip
_WEIGHT = 7.0  # neighbouring bands go together: all of them count as so many
_MALE, _FEMALE, _PITCH_SPREAD = math.log(120), math.log(205), 0.2
_PACE, _PACE_SPREAD = math.log(2.5), 0.3  # swings of the envelope a second, of words and of sentences
_LEAST_SCORE = (
    -4.0
)  # of the pace, and of a pitch that nothing else is compared with: a murmur or long pauses lead them astray
#: Hz, half the rates that recordings were ever made at.
_USUAL_ENDS = np.array([4000, 5512.5, 8000, 11_025, 16_000])
_END, _NO_END, _RARE = (
    3.5,
    -2.0,
    2,
)  # what ends are worth; the first two say little, since few ever raised the rate of those
_ENCODERS_END = 17_000  # Hz, above which lossy encoders end a band anywhere
_NOMINAL = 16_000  # Hz, at which the sound is measured; everything scales with the true one
_PITCH_AT = 22_050  # Hz, at which pitches of voices at all these rates are within those that are looked for
_SIZE, _STEP = 1024, 160
_EDGE_BINS, _EDGE_RISE, _EDGE_DROP = 33, 4.0, 7.0  # bins; dB over the noise at the edge of a band and before it
_STEEP = 12.0  # dB in half the bins
_DEEPEST = 80.0  # dB under the loudest: what lies deeper is what a resampler or a calculation leaves
_SLOWEST, _FASTEST = 0.8, 20.0  # Hz, swings of the envelope that are looked at
_LEAST_FOR_PACE, _COARSEST = 1.5, 0.02  # s


def rate_scores(sound: NDArray[np.float64], rates: tuple[int, ...] = RATES) -> dict[int, float]:
    """How well a voice, [shape=(n,)], fits each rate (Hz): natural logarithms of likelihoods, which only mean something beside each other."""
    power, levels = _spectrum(sound)
    if power is None:
        return dict.fromkeys(rates, 0.0)
    meter = Pitch(_PITCH_AT)
    meter.add(sound.astype(np.float32))
    pitch, pace, edge = meter.result(), pace_of(np.sqrt(levels), _STEP / _NOMINAL), band_end(sound)
    out = {}
    for rate in rates:
        ratio = rate / _NOMINAL
        score = _spectrum_score(power, rate)
        if pitch:
            score += max(_LEAST_SCORE, pitch_score(pitch * rate / _PITCH_AT))
        if pace:
            score += pace_score(pace * ratio)
        if edge < 1:
            score += end_score(edge * rate / 2)
        out[rate] = score
    return out


def pitch_score(hertz: float) -> float:
    """How plausible a pitch is, as a logarithm: people's lie about 120 or about 205 Hz."""
    at = math.log(hertz)
    return -0.5 * min(abs(at - _MALE), abs(at - _FEMALE)) ** 2 / _PITCH_SPREAD**2


def pace_score(swings: float) -> float:
    """How plausible so many syllables a second are, as a logarithm."""
    return max(_LEAST_SCORE, -0.5 * ((math.log(swings) - _PACE) / _PACE_SPREAD) ** 2)


def end_score(hertz: float) -> float:
    """How plausible it is, as a logarithm, that a band ends there without need: where half a usual rate is, or anywhere else."""
    if hertz > _ENCODERS_END:
        return 0.0
    # A resampler's filter ends shortly before, never after.
    near = np.flatnonzero((hertz / _USUAL_ENDS > 0.93) & (hertz / _USUAL_ENDS < 1.008))
    return (_END if near[0] >= _RARE else 0.0) if len(near) else _NO_END


def sureness(scores: dict[int, float]) -> dict[int, float]:
    """Shares of 1: how sure each rate is, were these the only ones."""
    most = max(scores.values())
    weights = {rate: math.exp(max(-50.0, score - most)) for rate, score in scores.items()}
    whole = sum(weights.values())
    return {rate: weight / whole for rate, weight in weights.items()}


def _spectrum(sound: NDArray[np.float64]) -> tuple[NDArray[np.float64] | None, NDArray[np.float64]]:
    """Mean power of the loud windows, and the energy of short steps, for the pace."""
    windows = sound[: len(sound) // _SIZE * _SIZE].reshape(-1, _SIZE)
    levels = (sound[: len(sound) // _STEP * _STEP].reshape(-1, _STEP) ** 2).mean(axis=1)
    if len(windows) < 4 or not sound.any():
        return None, levels
    power = np.abs(np.fft.rfft(windows * np.hanning(_SIZE), axis=1)) ** 2
    energy = power.sum(axis=1)
    return power[energy >= np.percentile(energy, 60)].mean(axis=0) + 1e-14, levels


def band_edges(rate: int) -> NDArray[np.float64]:
    """Hz, [shape=(n + 1,)]: quarter octaves from 100 Hz to 6.4 kHz, as far as a rate (Hz) has them."""
    edges: NDArray[np.float64] = _LOWEST * 2 ** (np.arange(_BANDS + 1) / 4)
    return edges[edges <= 0.46 * rate]


def bands_score(level: NDArray[np.float64]) -> float:
    """How much like those of voices levels are, [shape=(n,)] dB in the first bands of ``band_edges``, as a logarithm; those that are not known are
    not numbers.
    """
    known = np.isfinite(level)
    usual, spread = _MEAN[: len(level)], _SPREAD[: len(level)]
    off = level - usual
    off = off - np.mean(off[_FROM:_TO][known[_FROM:_TO]])
    return float(-0.5 * _WEIGHT * ((off / spread) ** 2 + 2 * np.log(spread))[known].mean())


def _spectrum_score(power: NDArray[np.float64], rate: int) -> float:
    edges = band_edges(rate)
    hertz = np.arange(len(power)) * rate / 2 / (len(power) - 1)
    below = np.interp(edges, hertz, np.cumsum(power))
    return bands_score(10 * np.log10(np.maximum(1e-14, np.diff(below) / np.diff(edges))))


def pace_of(envelope: NDArray[np.float64], step: float) -> float | None:
    """Syllables a second: where an envelope, [shape=(n,)] amplitudes every ``step`` s, swings most. None where it is short or too coarse."""
    if len(envelope) * step < _LEAST_FOR_PACE or step > _COARSEST:
        return None
    envelope = envelope - envelope.mean()
    swing = np.abs(np.fft.rfft(envelope * np.hanning(len(envelope)), max(4096, len(envelope)))) ** 2
    hertz = np.arange(len(swing)) / (step * max(4096, len(envelope)))
    weights = swing * ((hertz > _SLOWEST) & (hertz < _FASTEST))
    whole = weights.sum()
    return float(np.exp((np.log(np.maximum(hertz, _SLOWEST)) * weights).sum() / whole)) if whole > 0 else None


def band_end(sound: NDArray[np.float64]) -> float:
    """Where the band ends, as a share of half the rate; 1 where it does not end before that."""
    size = 4 * _SIZE
    if len(sound) < 2 * size:
        return 1.0
    windows = np.lib.stride_tricks.sliding_window_view(sound, size)[:: size // 2]
    smooth = np.ones(_EDGE_BINS) / _EDGE_BINS
    power = np.abs(np.fft.rfft(windows * np.hanning(size), axis=1)) ** 2
    # The most that a band ever holds: an S reaches the edge for a moment, and over the hiss of eight bits.
    most = np.max([np.convolve(one, smooth, "same") for one in power], axis=0)
    level = 10 * np.log10(most + 1e-14)[: -_EDGE_BINS // 2]
    floor = max(float(np.median(level[int(0.97 * len(level)) :])), float(level.max()) - _DEEPEST)
    above = np.flatnonzero(level > floor + _EDGE_RISE)
    if not len(above) or above[-1] > 0.94 * len(level):
        return 1.0
    at = int(above[-1])
    # An end, and not a slope that leads down into the noise: 7 dB within a twentieth of where it is.
    if level[int(0.95 * at)] <= floor + _EDGE_DROP:
        return 1.0
    # Where it falls most: smoothing draws out the end of a loud band.
    first = max(0, at - _EDGE_BINS)
    falls = level[first : at + 1 - _EDGE_BINS // 2] - level[first + _EDGE_BINS // 2 : at + 1]
    if falls.max() > _STEEP:
        at = first + int(falls.argmax()) + _EDGE_BINS // 4
    return at / len(level)
