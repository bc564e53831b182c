"""What a clip loses of its words in noise: lines whose ends are known 34 dB under their own level, and how much of them lies outside of the clip, air
included.
"""

from __future__ import annotations

import random
import zlib

import numpy as np
import soundfile
import soxr

from kittiwake.work.cut import find_speech
from kittiwake.work.cut.activity import activity_in

from .material import fetched
from .rooms import LEVEL, Room, at, babble, behind, coloured, hum, music
from .voices import RATE, STEP, Signal, levels

_DOWN = 34.0  # dB under its level, where a line has ended
_LINES, _READINGS = 12, 14
_ROOMS = (
    Room("clean", 45, lambda sound, dice, half: sound),
    *(
        Room(f"{name}, {below} dB below", below, behind(make, below))
        for below in (20, 30, 40)
        for name, make in (
            ("pink noise", lambda n, dice, half: coloured(n, dice, 3.01)),
            ("white noise", lambda n, dice, half: coloured(n, dice, 0)),
            ("music", lambda n, dice, half: music(n, dice)),
            ("other voices", babble),
        )
    ),
    *(Room(f"hum, {below} dB below", below, behind(lambda n, dice, half: hum(n), below)) for below in (20, 30)),
    Room("soft, -55 dBov", 45, lambda sound, dice, half: sound * np.float32(10 ** (-29 / 20))),
)


def _line(path: object) -> Signal | None:
    """A recording cut to what is less than ``_DOWN`` dB under its level, at -26 dBov; None where its own noise or a pause hides that."""
    try:
        sound, rate = soundfile.read(str(path), dtype="float32", always_2d=True)
    except soundfile.LibsndfileError:
        return None
    mono = soxr.resample(sound.mean(axis=1), rate, RATE)
    if not RATE // 2 <= len(mono) <= 5 * RATE:
        return None
    level = levels(mono)
    body = np.percentile(level, 95) - 6
    loud = np.flatnonzero(np.convolve(level >= body - _DOWN, np.ones(3), "same") >= 2)
    if np.percentile(level, 5) > body - _DOWN - 8 or len(loud) < 40 or np.diff(loud).max() * STEP > 0.25 * RATE:
        return None
    part = mono[loud[0] * STEP : (loud[-1] + 1) * STEP]
    part = at(part, LEVEL)
    return part if np.abs(part).max() <= 1.5 else None


def _material(half: int) -> list[Signal]:
    found = fetched()
    paths = sorted(path for path in found["tuxpaint-stamps-default"].rglob("*.ogg") if "_desc" in path.name)
    paths += sorted(found["klettres-data"].rglob("*.ogg"))
    random.Random(3).shuffle(paths)
    lines = (_line(path) for path in paths[:3000] if zlib.crc32(path.name.encode()) % 2 == half)
    return [line for line in lines if line is not None]


def ends(half: int) -> None:
    """Of each room, that which nine lines of ten lose no more of, ms: at their start, at their end, and at the worse of both."""
    lines = _material(half)
    print("| behind the speech | start | end | worse of both | lines found alone |\n|---|---|---|---|---|")
    for number, room in enumerate(_ROOMS):
        lost: list[tuple[float, float]] = []
        alone = 0
        for n in range(_READINGS):
            dice = np.random.default_rng(1000 * number + n)
            parts, where = [np.zeros(RATE, np.float32)], []
            for k in range(_LINES):
                line = lines[(n * _LINES + k) % len(lines)] * np.float32(10 ** (dice.uniform(-3, 3) / 20))
                start = sum(map(len, parts))
                where.append((start, start + len(line)))
                parts += [line, np.zeros(int(dice.uniform(0.68, 2.2) * RATE), np.float32)]
            clean = np.concatenate(parts)
            clean = clean + at(coloured(len(clean), dice, 4.0), LEVEL - 50)
            found = find_speech(activity_in([room.apply(clean, dice, half)[:, None]], RATE))
            for start, stop in where:
                here = [i for i, (a, b) in enumerate(found.spoken) if a < stop and b > start]
                alone += (
                    len(here) == 1
                    and sum(a < found.spoken[here[0]][1] and b > found.spoken[here[0]][0] for a, b in where) == 1
                )
                clips = [found.speech[i] for i in here] or [(stop, start)]
                lost.append((max(0, clips[0][0] - start) / RATE * 1000, max(0, stop - clips[-1][1]) / RATE * 1000))
        table = np.array(lost)
        first, last = np.percentile(table, 90, axis=0)
        print(
            f"| {room.name} | {first:.0f} | {last:.0f} | {np.percentile(table.max(axis=1), 90):.0f} | {alone} of {len(table)} |",
            flush=True,
        )
