"""Sounds of many kinds, the same on every machine: what tables of approved results are made of."""

from __future__ import annotations

from collections.abc import Iterator
from functools import cache
from pathlib import Path

import numpy as np
import soundfile
import soxr
from numpy.typing import NDArray

from tests.sounds import DEMO, Signal, noise, sine, speech_like, spoken


def pair(left: Signal, right: Signal) -> NDArray[np.float32]:
    """Two sides [shape=(frames, 2)]."""
    return np.stack([left, right], axis=1)


def later(sound: Signal, frames: int) -> Signal:
    """The same, so many frames later."""
    return np.concatenate([np.zeros(frames, np.float32), sound[: len(sound) - frames]])


@cache
def voice(rate: int, name: str = "Safety notice.ogg", seconds: float = 4.0) -> Signal:
    """A sentence of the demo."""
    return spoken(rate, name)[: round(seconds * rate)].astype(np.float32)


def sounds() -> Iterator[tuple[str, NDArray[np.float32], int, str]]:
    """Name, samples, sample rate (Hz) and subtype of WAV."""
    v8, v16, v44, v48 = (voice(rate) for rate in (8000, 16_000, 44_100, 48_000))
    s16, s48 = speech_like(16_000), speech_like(48_000, 2.5)
    yield "voice 8", v8, 8000, "PCM_16"
    yield "voice 16", v16, 16_000, "PCM_24"
    yield "voice 44", v44, 44_100, "PCM_16"
    yield "voice 48 µ-law", v48, 48_000, "ULAW"
    yield "french 22", spoken(22_050, "Départ à quinze heures.wav"), 22_050, "PCM_16"
    yield "bursts 16", s16, 16_000, "PCM_16"
    yield "sine", sine(1000, 48_000, 1.0, -6), 48_000, "FLOAT"
    yield "loud sine", np.clip(sine(440, 16_000, 1.0, 3), -1, 1), 16_000, "PCM_16"
    yield "noise", noise(16_000, 1.5), 16_000, "PCM_16"
    yield "silence", np.zeros(8000, np.float32), 8000, "PCM_16"
    yield "constant", np.full(8000, 0.25, np.float32), 8000, "PCM_16"
    yield "hair of sound", sine(1000, 8000, 1.0, -78), 8000, "PCM_16"
    yield "soft", 0.002 * v16, 16_000, "PCM_24"
    yield "clipped", np.clip(6 * v16, -1, 1), 16_000, "PCM_16"
    yield "clipped and softer", 0.4 * np.clip(6 * v16, -1, 1), 16_000, "PCM_16"
    yield "clipped and resampled", soxr.resample(0.5 * np.clip(12 * v16, -1, 1), 16_000, 48_000), 48_000, "PCM_16"
    yield "offset", v16 + 0.05, 16_000, "PCM_16"
    yield "narrow", soxr.resample(soxr.resample(v48, 48_000, 8000), 8000, 48_000), 48_000, "PCM_16"
    yield "short", s16[5000:5400], 16_000, "PCM_16"
    yield "a tenth", s16[4000:5600], 16_000, "PCM_16"
    yield (
        "air",
        np.concatenate([0.0003 * noise(16_000, 1.0, 0), v16[:32_000], 0.0003 * noise(16_000, 1.5, 0)]),
        16_000,
        "PCM_16",
    )
    yield "same sides", pair(v16, v16), 16_000, "PCM_16"
    yield "left only", pair(v16, 0 * v16), 16_000, "PCM_16"
    yield "right only", pair(0.0001 * noise(16_000, len(v16) / 16_000, 0)[: len(v16)], v16), 16_000, "PCM_16"
    yield "inverted", pair(v16, -0.97 * v16), 16_000, "PCM_16"
    yield "softer right", pair(v16, 0.4 * v16), 16_000, "PCM_16"
    yield "later right", pair(v48, later(v48, 37)), 48_000, "PCM_16"
    yield "later left", pair(later(v44, 300), v44), 44_100, "PCM_16"
    yield "two voices", pair(v16[:48_000], speech_like(16_000, 3.0, seed=9)), 16_000, "PCM_16"
    yield "offset on one side", pair(v16, v16 + 0.1), 16_000, "FLOAT"
    yield "four", np.stack([s16, -s16, 0.5 * s16, noise(16_000, 3.0, -40)], axis=1), 16_000, "PCM_16"
    yield "bursts 48", s48, 48_000, "PCM_24"
    yield "bursts 11", speech_like(11_025, 2.0), 11_025, "PCM_U8"
    yield "bell", soundfile.read(str(DEMO / "Ship's bell.wav"), dtype="float32")[0][:96_000], 96_000, "PCM_24"


def written(folder: Path) -> Iterator[tuple[str, Path]]:
    """The same as files."""
    for n, (name, samples, rate, subtype) in enumerate(sounds()):
        path = folder / f"{n:02}.wav"
        if not path.exists():
            soundfile.write(str(path), samples, rate, subtype=subtype)
        yield name, path
