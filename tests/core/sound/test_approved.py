"""Stages of sound at work on the same signals, held as tables of figures."""

from __future__ import annotations

import unittest
from collections.abc import Callable, Iterator
from typing import Any

import numpy as np
from numpy.typing import NDArray

from kittiwake.core.sound import change_tempo, choose_gain, played_length, resample
from kittiwake.core.sound.filter import band_taps, filtered, presence_taps
from kittiwake.core.sound.leave_out import leave_out, tidy_stretches
from kittiwake.core.sound.length import exactly, fade_in, fade_out, looped, resampled_length, take_span
from kittiwake.core.sound.limiter import limited
from kittiwake.core.sound.line import Line
from kittiwake.core.sound.sides import channel_of, select_channel
from tests.approved import approve
from tests.sounds import noise, sine
from tests.variety import voice


def cut(sound: NDArray[np.float32], size: int = 777) -> Iterator[NDArray[np.float32]]:
    """In blocks [shape=(n, channels)]."""
    whole = sound if sound.ndim == 2 else sound[:, None]
    for start in range(0, len(whole), size):
        yield whole[start : start + size]


def described(blocks: Iterator[NDArray[np.float32]]) -> list[Any]:
    whole = np.concatenate(
        [np.zeros((0, 1), np.float32) if b.ndim == 1 else b for b in blocks] or [np.zeros((0, 1), np.float32)]
    )
    if not len(whole):
        return [0]
    return [
        *whole.shape,
        float(np.abs(whole).max()),
        float(np.sqrt(np.square(whole, dtype=np.float64).mean())),
        whole[:: max(1, len(whole) // 9), 0],
        whole[-3:, -1],
    ]


class TestApproved(unittest.TestCase):
    def test_stages(self) -> None:
        v, two = voice(16_000, seconds=1.5), np.stack([voice(16_000, seconds=1.0), noise(16_000, 1.0, -30)], axis=1)
        n = len(v)
        cases: dict[str, Callable[[], Iterator[NDArray[np.float32]]]] = {
            "span": lambda: take_span(cut(v), 1000, 9000), "span to the end": lambda: take_span(cut(v), 5, None), "nothing": lambda: take_span(cut(v), 9, 9), "exactly less": lambda: exactly(cut(v), 5000), "exactly more": lambda: exactly(cut(v), n + 500),
            "fade in": lambda: fade_in(cut(v), 3000), "fade in even": lambda: fade_in(cut(v), 3000, True), "fade out": lambda: fade_out(cut(v), n, 3000), "fade out even": lambda: fade_out(cut(v), n, 3000, True), "fades longer": lambda: fade_out(fade_in(cut(v), n), n, n),
            "looped": lambda: looped(cut(v[:-2000]), v[-2000:, None], n - 2000), "left out": lambda: leave_out(cut(v), [(2000, 3000), (9000, 12_000)], 160), "left out at once": lambda: leave_out(cut(v), [(2000, 3000)], 0),
            "limited": lambda: limited(cut(v), 0.2, 16_000, 1), "limited two": lambda: limited(cut(two), 0.1, 16_000, 2), "not limited": lambda: limited(cut(v), 1.0, 16_000, 1), "limited 8k": lambda: limited(cut(v[:4000]), 0.05, 8000, 1),
            "band": lambda: filtered(cut(v), band_taps(16_000, 300, 3400, 90), 1), "high pass": lambda: filtered(cut(v), band_taps(16_000, 100, None, 60), 1), "low pass": lambda: filtered(cut(two), band_taps(16_000, None, 2000, 300), 2), "presence": lambda: filtered(cut(v), presence_taps(16_000, 4.0), 1),
            "presence 8k": lambda: filtered(cut(v), presence_taps(8000, 4.0), 1), "short through": lambda: filtered(cut(v[:100]), band_taps(16_000, 300, 3400, 90), 1),
            "faster": lambda: change_tempo(cut(v), 1.2, 16_000, 1, n), "slower": lambda: change_tempo(cut(v), 0.8, 16_000, 1, n), "same": lambda: change_tempo(cut(v), 1.0, 16_000, 1, n), "faster two": lambda: change_tempo(cut(two), 1.1, 16_000, 2, len(two)),
            "down": lambda: resample(cut(v), 16_000, 8000, 1, n), "up": lambda: resample(cut(v), 16_000, 44_100, 1, n), "odd": lambda: resample(cut(two), 16_000, 11_025, 2, len(two)), "as is": lambda: resample(cut(v), 16_000, 16_000, 1, n), "few": lambda: resample(cut(v[:3]), 16_000, 8000, 1, 3),
            "line": lambda: Line().carry(cut(v), 16_000, n), "line alone": lambda: Line().band(cut(v), 16_000, n),
            **{f"side {take}": lambda take=take: select_channel(cut(two), take, 1) for take in ("left", "right", "mix", "ch1", "ch2")}, "both": lambda: select_channel(cut(two), "both", 2), "mono": lambda: select_channel(cut(v), "mono", 2),
        }  # fmt: skip
        approve(self, "stages", {name: described(work()) for name, work in cases.items()})

    def test_figures(self) -> None:
        found: dict[str, Any] = {}
        for rate in (8000, 16_000, 44_100, 48_000):
            for low, high, width in ((300.0, 3400.0, 90.0), (100.0, None, 60.0), (None, 3000.0, 200.0)):
                taps = band_taps(rate, low, high, width)
                heard = np.abs(np.fft.rfft(taps, 16_384))
                at = [round(hz / rate * 16_384) for hz in (50, 100, 250, 300, 1000, 3000, 3400, 3600)]
                found[f"{rate} {low} {high}"] = [len(taps), heard[at], taps[len(taps) // 2 - 2 :][:3]]
            taps = presence_taps(rate, 6.0)
            found[f"presence {rate}"] = [
                len(taps),
                np.abs(np.fft.rfft(taps, 16_384))[[round(hz / rate * 16_384) for hz in (200, 1250, 2500, 3900)]],
            ]
        for frames in (0, 1, 2, 999, 44_100, 44_101):
            for a, b in ((8000, 8000), (44_100, 8000), (8000, 44_100), (48_000, 11_025), (7999, 8000)):
                found[f"length {frames} {a} {b}"] = [
                    resampled_length(frames, a, b),
                    played_length(frames, a, b, 1.1),
                    played_length(frames, a, b, 0.9),
                ]
        for wanted in (-200.0, -6.0, 0.0, 0.3, 6.0, 40.0):
            for peak in (0.0, 0.1, 0.9, 1.0):
                gain = choose_gain(wanted, peak, 0.8)
                found[f"gain {wanted} {peak}"] = [
                    gain.db,
                    getattr(gain, "factor", None),
                    getattr(gain, "limited", None),
                ]
        for sample in (
            ((5, 9), (8, 20)),
            ((0, 10),),
            ((90, 200),),
            ((30, 31), (40, 60)),
            ((0, 100),),
            ((20, 22), (23, 30)),
        ):
            found[f"tidy {sample}"] = tidy_stretches(sample, 0, 100, 4)
        for take in ("left", "right", "mix", "ch1", "ch12", "auto", "chx"):
            found[f"channel {take}"] = channel_of(take)
        found["sine"] = described(cut(sine(440, 8000, 0.1)))
        approve(self, "figures", found)
