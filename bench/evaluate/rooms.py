"""What lies behind the speech, or is done to it. Each room takes the clean reading and a generator of chance, and gives what a microphone hears."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.signal import butter, fftconvolve, lfilter, sosfilt

from .voices import RATE, Signal, Voice, voices

Dice = np.random.Generator
LEVEL = -26.0  # dBov of the lines


@dataclass(frozen=True)
class Room:
    """``below``: dB under the speech, of what lies behind it, by which the true edges are told. ``apply(sound, dice, half)``."""

    name: str
    below: float
    apply: Callable[[Signal, Dice, int], Signal]
    rate: int = RATE


def at(sound: NDArray[np.floating], dbov: float) -> Signal:
    scaled: Signal = (sound * (10 ** (dbov / 20) / np.sqrt((sound**2).mean() + 1e-20))).astype(np.float32)
    return scaled


def coloured(count: int, dice: Dice, slope: float, low: float = 20.0, high: float = RATE / 2) -> Signal:
    """Noise whose power falls by ``slope`` dB an octave between two frequencies, and is nothing outside."""
    hertz = np.fft.rfftfreq(count, 1 / RATE)
    shape = np.where((hertz >= low) & (hertz <= high), np.maximum(hertz, low) ** (-slope / 6.02), 0.0)
    phase = dice.standard_normal(len(hertz)) + 1j * dice.standard_normal(len(hertz))
    out: Signal = np.fft.irfft(shape * phase, count).astype(np.float32)
    return out


def hum(count: int) -> Signal:
    time = np.arange(count) / RATE
    parts = [g * np.sin(2 * np.pi * 50 * n * time + n) for n, g in ((1, 1.0), (2, 0.5), (3, 0.4), (5, 0.2), (7, 0.1))]
    out: Signal = np.sum(parts, axis=0).astype(np.float32)
    return out


def babble(count: int, dice: Dice, half: int) -> Signal:
    """Six other voices of the same half, each speaking without end."""
    out = np.zeros(count, np.float32)
    crowd = [voice for voice in voices() if voice.half == half and voice.kind == "things named"]
    for n in dice.choice(len(crowd), 6):
        out += _without_end(crowd[n], count, dice)
    return out


def _without_end(voice: Voice, count: int, dice: Dice) -> Signal:
    parts, length = [], 0
    while length < count:
        part = voice.lines[dice.integers(len(voice.lines))]
        gap = np.zeros(round(RATE * dice.uniform(0.05, 0.4)), np.float32)
        parts += [part, gap]
        length += len(part) + len(gap)
    return np.concatenate(parts)[:count]


def music(count: int, dice: Dice) -> Signal:
    """Chords, a bass, a tune and something that beats, at 100 beats a minute."""
    out = np.zeros(count + 4 * RATE, np.float32)
    beat = round(0.6 * RATE)
    chords = ([220.0, 277.2, 329.6], [174.6, 220.0, 261.6], [196.0, 246.9, 293.7], [164.8, 207.7, 246.9])
    length = np.arange(round(1.6 * RATE)) / RATE
    for n, start in enumerate(range(0, count, beat)):
        chord = chords[n // 4 % 4]
        notes = [(chord[0] / 2, 0.5, 2.0), (chord[int(dice.integers(3))] * int(dice.choice([2, 4])), 0.5, 4.0)]
        if n % 4 == 0:
            notes += [(hertz, 0.3, 0.7) for hertz in chord]
        for hertz, gain, decay in notes:
            tone = sum(np.sin(2 * np.pi * hertz * k * length) / k**1.3 for k in range(1, 8) if hertz * k < RATE / 2)
            out[start : start + len(length)] += (gain * tone * np.exp(-decay * length)).astype(np.float32)
        hit = dice.standard_normal(round(0.12 * RATE)) * np.exp(-np.arange(round(0.12 * RATE)) / (0.02 * RATE))
        out[start : start + len(hit)] += (0.5 * hit).astype(np.float32)
    return out[:count]


def reverberant(sound: Signal, dice: Dice) -> Signal:
    """A room of 0.7 s (RT60), the direct sound as strong as all that follows."""
    time = np.arange(round(0.8 * RATE)) / RATE
    tail = dice.standard_normal(len(time)) * 10 ** (-3 * time / 0.7)
    tail[: round(0.003 * RATE)] = 0
    tail /= np.sqrt((tail**2).sum())
    tail[0] = 1.0
    out: Signal = fftconvolve(sound, tail)[: len(sound)].astype(np.float32)
    return out


def whispered(sound: Signal, dice: Dice) -> Signal:
    """The same words without a voice: what the vocal tract does, linear prediction of order 18, excited by noise."""
    size, hop = 400, 200
    window = np.hanning(size)
    out = np.zeros(len(sound) + size)
    bright = lfilter([1, -0.9], [1], sound)  # a whisper has less of the low frequencies
    for start in range(0, len(sound) - size, hop):
        part = bright[start : start + size] * window
        power = np.fft.irfft(np.abs(np.fft.rfft(part, 1024)) ** 2)[:19]
        if power[0] < 1e-9:
            continue
        power[0] *= 1.0001
        lags = np.abs(np.subtract.outer(np.arange(18), np.arange(18)))
        taps = np.linalg.solve(power[lags], power[1:19])
        error = np.sqrt(max(1e-12, power[0] - taps @ power[1:19]) / (window**2).sum())
        breath = lfilter([1.0], [1.0, *-taps], dice.standard_normal(size) * error)
        out[start : start + size] += breath * window
    result: Signal = out[: len(sound)].astype(np.float32)
    return result


def telephone(sound: Signal) -> Signal:
    """300 to 3400 Hz at 8 kHz."""
    band = butter(4, [300, 3400], "bandpass", fs=RATE, output="sos")
    out: Signal = sosfilt(band, sound).astype(np.float32)[::2]
    return out


def behind(make: Callable[[int, Dice, int], Signal], below: float) -> Callable[[Signal, Dice, int], Signal]:
    def apply(sound: Signal, dice: Dice, half: int) -> Signal:
        return sound + at(make(len(sound), dice, half), LEVEL - below)

    return apply


ROOMS = (
    Room("clean, room 50 dB below", 45, lambda sound, dice, half: sound),
    Room("white noise 20 dB below", 20, behind(lambda n, dice, half: coloured(n, dice, 0), 20)),
    Room("pink noise 20 dB below, from 20 Hz", 20, behind(lambda n, dice, half: coloured(n, dice, 3.01), 20)),
    Room("hum 20 dB below", 30, behind(lambda n, dice, half: hum(n), 20)),
    Room("rumble as loud as the speech", 30, behind(lambda n, dice, half: coloured(n, dice, 6.02, 10, 60), 0)),
    Room("other voices 20 dB below", 20, behind(babble, 20)),
    Room("music 20 dB below", 20, behind(lambda n, dice, half: music(n, dice), 20)),
    Room("a room of 0.7 s", 40, lambda sound, dice, half: reverberant(sound, dice)),
    Room("soft, -55 dBov", 45, lambda sound, dice, half: sound * np.float32(10 ** (-29 / 20))),
    Room("whispered, -40 dBov", 35, lambda sound, dice, half: at(whispered(sound, dice), -43)),
    Room("telephone band, 8 kHz", 40, lambda sound, dice, half: telephone(sound), RATE // 2),
)
