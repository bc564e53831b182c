"""Headerless files of real voices in every encoding: how often the guess is right, of the encoding and of the rate."""

from __future__ import annotations

import tempfile
from collections import defaultdict
from pathlib import Path

import numpy as np
import soxr

from kittiwake.core.codec import find_format
from kittiwake.core.measure.guess import guess
from kittiwake.core.measure.rate_guess import rate_scores, sureness
from kittiwake.core.model.stated import HEADERLESS

from .rooms import LEVEL, at, coloured
from .voices import RATE, Signal, voices

RATES = (8000, 11_025, 16_000, 22_050, 44_100, 48_000)
_MORE = ("pcm_s16le", "ulaw", "alaw")  # those that are met most, more often


def sayings(half: int) -> list[Signal]:
    """2 to 6 s of every voice of a half, with the pauses between words, at 16 kHz, some soft, some loud."""
    out = []
    for voice in voices():
        if voice.half != half:
            continue
        for n in range(3):
            dice = np.random.default_rng(n)
            parts: list[Signal] = []
            while sum(map(len, parts)) < RATE * (2.2 + n):
                parts += [
                    voice.lines[int(dice.integers(len(voice.lines)))],
                    np.zeros(round(dice.uniform(0.15, 0.6) * RATE), np.float32),
                ]
            sound = np.concatenate(parts)
            sound = sound + at(coloured(len(sound), dice, 4.0), LEVEL - 48)
            out.append((sound * np.float32(10 ** (dice.uniform(-10, 3) / 20))).astype(np.float32))
    return out


def write(path: Path, encoding: str, rate: int, sound: Signal) -> None:
    """The sound as such a file, by the application's own writers where it has one."""
    plain = {"pcm_u8": lambda: np.round(sound * 127 + 128).astype(np.uint8), "pcm_s8": lambda: np.round(sound * 127).astype(np.int8),
             "pcm_s24le": lambda: np.round(sound * 8388607).astype("<i4").view(np.uint8).reshape(-1, 4)[:, :3],
             "pcm_f32le": lambda: sound.astype("<f4")}  # fmt: skip
    if encoding in plain:
        path.write_bytes(plain[encoding]().tobytes())
        return
    form = find_format("amr" if encoding == "amr_nb" else "raw", encoding)
    writer = form.open(path, rate, 1, dither="none")
    writer.write(sound[:, None])
    writer.close()
    if encoding == "amr_nb":
        path.write_bytes(path.read_bytes()[6:])  # without the magic of RFC 4867


def headerless(half: int) -> None:
    sounds = sayings(half)
    right: dict[str, list[int]] = defaultdict(lambda: [0, 0])
    rates: dict[int, list[int]] = defaultdict(lambda: [0, 0])
    wrong: list[str] = []
    with tempfile.TemporaryDirectory() as name:
        n = 0
        for encoding, fixed in HEADERLESS.items():
            for rate in (fixed,) * 6 if fixed else RATES * (3 if encoding in _MORE else 2):
                sound = sounds[(n * 7 + n // 6 * 5) % len(sounds)]
                n += 1
                path = Path(name) / f"{n}.raw"
                write(path, encoding, rate, np.clip(soxr.resample(sound, RATE, rate), -1, 1).astype(np.float32))
                best = guess(path)[0]
                good = best.stated.encoding == encoding
                right[encoding][0] += good
                right[encoding][1] += 1
                if not good:
                    wrong.append(f"{encoding}@{rate}: {best.stated}")
                elif not fixed:
                    rates[rate][0] += best.stated.rate == rate
                    rates[rate][1] += 1
                    if best.stated.rate != rate:
                        wrong.append(f"{encoding}@{rate}: {best.stated}")
    whole = [sum(pair[k] for pair in right.values()) for k in (0, 1)]
    print(f"encodings right: {whole[0]} of {whole[1]}, {whole[0] / whole[1]:.1%}")
    for encoding, (good, count) in right.items():
        print(f"  {encoding}: {good} of {count}")
    whole = [sum(pair[k] for pair in rates.values()) for k in (0, 1)]
    print(f"rates right: {whole[0]} of {whole[1]}, {whole[0] / max(1, whole[1]):.1%}")
    for rate, (good, count) in rates.items():
        print(f"  {rate}: {good} of {count}")
    print("\n".join(wrong))


def linear_rates(half: int) -> None:
    """Rates alone, in 16-bit linear, and how far its own sureness can be trusted."""
    sure: list[tuple[float, bool]] = []
    for sound in sayings(half):
        for rate in RATES:
            samples = np.round(soxr.resample(sound, RATE, rate) * 32767) / 32768
            shares = sureness(rate_scores(samples[: 6 * rate].astype(np.float64)))
            best = max(shares, key=lambda one: shares[one])
            sure.append((shares[best], best == rate))
    print(f"rates in 16-bit linear: {sum(right for _, right in sure)} of {len(sure)}")
    for low, high in ((0.0, 0.7), (0.7, 0.9), (0.9, 1.01)):
        sample = [right for share, right in sure if low <= share < high]
        print(f"  {low:.0%} to {min(1.0, high):.0%} sure: {len(sample)}, of which {np.mean(sample):.0%} are right")
