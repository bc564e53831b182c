"""Loops found and closed, seams measured, music fitted to the line, held as tables."""

from __future__ import annotations

import unittest
from typing import Any

import numpy as np

from kittiwake.bundled.music.core.fitting import (
    at_speech_level,
    banded,
    frames_for,
    held,
    levelled,
    loudness,
    repeated,
    with_messages,
)
from kittiwake.bundled.music.core.likeness import bands_over_time
from kittiwake.bundled.music.core.loop import best_lag, find_loop, length_to_fill
from kittiwake.bundled.music.core.making import joined, to_toml
from kittiwake.bundled.music.core.recipe import HoldRecipe
from kittiwake.bundled.music.core.seam import blended, closed, seam_of
from kittiwake.core.errors import KittiwakeError
from tests.approved import approve
from tests.sounds import Signal, noise, sine
from tests.variety import voice

RATE = 16_000


def tune(seconds: float, bar: float = 2.0, rate: int = RATE, seed: int = 3) -> Signal:
    """Plucked notes that come again every four bars, with a little noise that does not."""
    dice = np.random.default_rng(seed)
    out = np.zeros(round(seconds * rate) + rate, np.float32)
    notes = [220 * 2 ** (n / 12) for n in (0, 4, 7, 12, 7, 4, 0, 5, 9, 12, 9, 5, 2, 7, 11, 14)]
    step = bar / 4
    time = np.arange(round(0.8 * rate)) / rate
    for n in range(int(seconds / step)):
        at = round(n * step * rate)
        note = notes[n % len(notes)]
        pluck = 0.2 * np.exp(-time / 0.25) * (np.sin(2 * np.pi * note * time) + 0.4 * np.sin(4 * np.pi * note * time))
        out[at : at + len(pluck)] += pluck.astype(np.float32)[: len(out) - at]
    return (out[: round(seconds * rate)] + 0.001 * dice.standard_normal(round(seconds * rate))).astype(np.float32)


def described(sound: Signal) -> list[Any]:
    return [
        len(sound),
        float(np.abs(sound).max(initial=0)),
        float(np.sqrt(np.mean(np.square(sound, dtype=np.float64)))) if len(sound) else 0.0,
        sound[:: max(1, len(sound) // 8)],
    ]


def said(data: dict[str, Any]) -> str:
    try:
        return to_toml(HoldRecipe.from_dict(data))
    except KittiwakeError as error:
        return str(error)


class TestApproved(unittest.TestCase):
    def test_loops_and_seams(self) -> None:
        found: dict[str, Any] = {}
        pieces = {
            "tune": tune(22),
            "noise": noise(RATE, 12, -20),
            "short": tune(2.0),
            "very short": tune(0.5),
            "silence": np.zeros(12 * RATE, np.float32),
            "voice": voice(RATE, seconds=12),
        }
        for name, sound in pieces.items():
            for given in ({}, {"shortest": 4.0, "longest": 20.0}, {"within": (RATE, 12 * RATE)}):
                try:
                    loop = find_loop(sound, RATE, **given)  # type: ignore[arg-type]
                except KittiwakeError as error:
                    found[f"{name} {given}"] = str(error)
                    continue
                found[f"{name} {given}"] = [loop.start, loop.stop, loop.unlike_db]
                for fade in (0, 160, 1600):
                    round_ = closed(sound, loop.start, loop.stop, fade)
                    seam = seam_of(round_, RATE)
                    found[f"{name} {given} {fade}"] = [
                        len(round_),
                        seam.step_db,
                        seam.step_rank,
                        seam.flux_rank,
                        seam.click_db,
                        seam.is_heard,
                        seam.words,
                    ]
        clicking = np.concatenate([sine(440, RATE, 3), -sine(443, RATE, 3, -14)])
        for at in (0, 3 * RATE, RATE):
            seam = seam_of(clicking, RATE, at)
            found[f"clicking {at}"] = [seam.step_db, seam.step_rank, seam.flux_rank, seam.click_db, seam.words]
        for seconds in (5, 17.3, 60):
            found[f"fill {seconds}"] = length_to_fill(tune(8), RATE, seconds)
        found["lag"] = [best_lag(tune(20), 2000, 2000 + 8 * RATE + off, 800, 300) for off in (0, 37, -90)]
        x = np.linspace(0, 1, 200)[:, None]
        found["blended"] = [
            blended(x, 1 - x)[::25, 0],
            blended(x, x)[::25, 0],
            blended(np.sin(30 * x), np.cos(20 * x))[::25, 0],
        ]
        bands = bands_over_time(tune(4), RATE, 160, 512)
        found["bands"] = [bands.shape, bands[::90, ::5]]
        approve(self, "loops", found)

    def test_recipes(self) -> None:
        found: dict[str, Any] = {}
        part = {"path": "a.wav"}
        for low, high, field in (
            (1, 600, "shortest"),
            (0, 10, "fade"),
            (-50, -8, "lufs"),
            (0, 12, "limiter_db"),
            (2, 3600, "every"),
            (0, 60, "duck_db"),
            (-50, -10, "message_dbov"),
            (1, 86_400, "seconds"),
        ):
            for value in (low, high, low - 0.5, high + 0.5):
                found[f"{field} {value}"] = said({field: value, "part": [part]})[:140]
        for case in (
            {},
            {"odd": 1},
            {"rate": 7000},
            {"rate": 16_000},
            {"loop": [1]},
            {"loop": [3, 2]},
            {"loop": [1, 4.5]},
            {"band": "wide"},
            {"messages": "x"},
            {"messages": ["a.wav"]},
            {"part": 3},
            {"part": [{"path": 3}]},
            {"part": [{"path": "a", "start": 1, "stop": 2}]},
            {"rights": {"holder": "x"}},
            {"name": 3},
            {"name": "Pier"},
        ):
            found[f"{case}"] = said(case)
        approve(self, "hold-recipes", found)

    def test_fitting(self) -> None:
        loop = tune(6)
        found: dict[str, Any] = {}
        for rate_out in (8000, 16_000, 11_025):
            for band in ("full", "telephone"):
                frames = frames_for(len(loop), RATE, rate_out)
                found[f"banded {rate_out} {band}"] = described(banded(loop, RATE, rate_out, frames, band))
        for lufs, limiter in ((-23.0, 0.0), (-16.0, 0.0), (-12.0, 6.0), (-40.0, 0.0)):
            got, lacks = levelled(loop, RATE, lufs, limiter)
            found[f"levelled {lufs} {limiter}"] = [described(got), lacks, loudness(got, RATE)]
        found["held"] = described(held(3 * loop, RATE))
        found["held low"] = described(held(loop, RATE, 0.05))
        for frames in (1000, len(loop), 2 * len(loop), 2 * len(loop) + 777):
            found[f"repeated {frames}"] = described(repeated(loop, frames, 800, blended))
        for dbov in (-26.0, -10.0, -60.0):
            found[f"speech {dbov}"] = described(at_speech_level(voice(RATE), RATE, dbov))
        found["no speech"] = described(at_speech_level(np.zeros(100, np.float32), RATE, -26))
        message = at_speech_level(voice(RATE, seconds=1.5), RATE, -26)
        for every, duck in ((1.0, 12.0), (2.5, 0.0), (9.0, 6.0), (2.0, 20.0)):
            got, laid = with_messages(loop, RATE, [message, 0.5 * message[: RATE // 2]], every, duck)
            found[f"messages {every} {duck}"] = [described(got), laid]
        whole, rate = joined([(tune(3), RATE), (tune(4, seed=9), RATE), (tune(2, rate=8000), 8000)])
        found["joined"] = [described(whole), rate]
        approve(self, "hold-music", found)
