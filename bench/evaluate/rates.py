"""False rates: of a folder of a dozen and more people and engines, one recording is stamped with another rate than it has."""

from __future__ import annotations

import tempfile
from collections.abc import Iterator
from pathlib import Path

import numpy as np
import soundfile
import soxr

from kittiwake.core.fit.suspicion import Voiceprint, suspicions
from kittiwake.core.measure import analyze

from .rooms import LEVEL, at, coloured
from .voices import RATE, Signal, voices

#: True rate and the one in the header, Hz.
PAIRS = (
    (44_100, 48_000), (48_000, 44_100), (16_000, 22_050), (22_050, 16_000), (8000, 16_000), (16_000, 8000), (16_000, 48_000), (48_000, 16_000),
    (22_050, 44_100), (44_100, 22_050), (8000, 11_025), (11_025, 8000), (16_000, 44_100), (22_050, 24_000), (24_000, 48_000),
)  # fmt: skip


def sayings(half: int, seed: int) -> list[tuple[str, Signal]]:
    """4 to 6 s of each voice of a half."""
    out = []
    for voice in voices():
        if voice.half == half:
            dice = np.random.default_rng(seed)
            parts: list[Signal] = []
            while sum(map(len, parts)) < RATE * 4:
                parts += [
                    voice.lines[int(dice.integers(len(voice.lines)))],
                    np.zeros(round(dice.uniform(0.1, 0.4) * RATE), np.float32),
                ]
            sound = np.concatenate(parts)
            out.append((voice.name, sound + at(coloured(len(sound), dice, 4.0), LEVEL - 50)))
    return out


def prints(half: int, seeds: int = 2) -> dict[tuple[str, int, int, int], Voiceprint]:
    """By voice, seed, true rate and the one in the header."""
    out = {}
    with tempfile.TemporaryDirectory() as name:
        for seed in range(seeds):
            for voice, sound in sayings(half, seed):
                for true in sorted({true for true, _ in PAIRS}):
                    samples = soxr.resample(sound, RATE, true)
                    for stamped in [true, *(s for t, s in PAIRS if t == true)]:
                        path = Path(name) / f"{voice} {seed} {true} {stamped}.wav"
                        soundfile.write(str(path), samples, stamped, subtype="PCM_16")
                        if (found := Voiceprint.of(analyze(path, pitch=True))) is not None:
                            out[voice, seed, true, stamped] = found
    return out


def folders(
    known: dict[tuple[str, int, int, int], Voiceprint], true: int, stamped: int
) -> Iterator[tuple[list[Voiceprint], Voiceprint]]:
    """Folders of recordings at their true rate, a few at the other rate and right, and one that is false."""
    names = sorted({key[0] for key in known})
    for n, name in enumerate(names):
        for seed in (0, 1):
            false = known.get((name, seed, true, stamped))
            others = [
                known.get((other, (seed + k) % 2, true, true)) for k, other in enumerate(names) if other != name
            ]
            right = [known.get((names[(n + k) % len(names)], seed, stamped, stamped)) for k in (2, 5, 7)]
            if false is not None:
                yield [p for p in (*others, *right) if p is not None], false


def false_rates(half: int, known: dict[tuple[str, int, int, int], Voiceprint] | None = None) -> tuple[float, float]:
    """Prints how many are found, and false alarms; returns the least share of a pair, and the share of false alarms."""
    known = known or prints(half)
    worst, wrong, asked = 1.0, 0, 0
    for true, stamped in PAIRS:
        found = right = count = 0
        for others, false in folders(known, true, stamped):
            reported = suspicions([*others, false])
            count += 1
            if false.path in reported:
                found += 1
                right += reported[false.path].remedies[0].touch_up["true_rate"] == true
            wrong += len(set(reported) - {false.path})
            asked += len(others)
        worst = min(worst, found / count)
        print(f"| {true} stamped {stamped} | {found} of {count} | {right} with the true rate |")
    print(f"false alarms: {wrong} of {asked}, {wrong / asked:.2%}")
    return worst, wrong / asked
