"""Readings with known edges, put together from the lines of one voice."""

from __future__ import annotations

import zlib
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from .rooms import LEVEL, ROOMS, Room, at, coloured
from .voices import RATE, STEP, Signal, Voice, levels

_LINES = 12
_ROOM = 50.0  # dB of its own noise below the speech, everywhere


@dataclass(frozen=True)
class Reading:
    """``lines``: s of where each begins and ends, as far as it can be told in the noise of the room."""

    voice: Voice
    room: Room
    sound: Signal
    lines: tuple[tuple[float, float], ...]


def reading(voice: Voice, room: Room) -> Reading:
    """The same at every call. Lines of one to three recordings, a good half second to two and a half seconds apart, 3 dB louder and softer."""
    dice = np.random.default_rng(zlib.crc32(f"{voice.name}/{room.name}".encode()))
    parts = [np.zeros(round(dice.uniform(0.8, 1.5) * RATE), np.float32)]
    where = []
    for n in range(_LINES):
        line = _line(voice, dice, room.below) * np.float32(10 ** (dice.uniform(-3, 3) / 20))
        start = sum(map(len, parts))
        where.append((start, start + len(line), line))
        pause = dice.uniform(0.65, 0.85) if n % 3 == 0 else dice.uniform(0.85, 2.5)
        parts += [line, np.zeros(round(pause * RATE), np.float32)]
    clean = np.concatenate(parts)
    clean = clean + at(coloured(len(clean), dice, 4.0), LEVEL - _ROOM)
    lines = tuple(edges(start, line, room.below) for start, _, line in where)
    return Reading(voice, room, room.apply(clean, dice, voice.half), lines)


def _line(voice: Voice, dice: np.random.Generator, below: float) -> Signal:
    """Without a pause of more than 0.35 s, as far as it can be told in the noise of the room."""
    while True:
        count = int(dice.integers(1, 4)) if voice.kind != "engine" else 1
        out: list[Signal] = []
        for k in range(count):
            if k:
                out.append(np.zeros(round(dice.uniform(0.05, 0.2) * RATE), np.float32))
            out.append(voice.lines[int(dice.integers(len(voice.lines)))])
        line = np.concatenate(out)
        loud = _loud(line, below)
        if len(loud) > 1 and np.diff(loud).max() * STEP <= 0.35 * RATE:
            return line


def _loud(line: Signal, below: float) -> NDArray[np.intp]:
    """The 5 ms that are 5 dB over what lies ``below`` the line, and within 28 dB of it."""
    body = 10 * np.log10(np.mean(line.astype(np.float64) ** 2))
    return np.flatnonzero(levels(line) >= body - min(28, below - 5))


def edges(start: int, line: Signal, below: float) -> tuple[float, float]:
    """Where the line is 5 dB over what lies ``below`` it."""
    loud = _loud(line, below)
    first, last = int(loud[0]), int(loud[-1]) + 1
    return (start + first * STEP) / RATE, (start + last * STEP) / RATE


def readings(half: int, rooms: tuple[Room, ...] = ROOMS) -> list[tuple[Voice, Room]]:
    from .voices import voices

    return [(voice, room) for room in rooms for voice in voices() if voice.half == half]
