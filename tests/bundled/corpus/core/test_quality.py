"""Qualities held against mixtures whose truth is known, made of what people really spoke."""

from __future__ import annotations

import tempfile
import unittest
from pathlib import Path

import numpy as np
import soundfile
import soxr
from hypothesis import example, given
from hypothesis import strategies as st
from scipy.signal import fftconvolve

from kittiwake.bundled.corpus.core.flaws import _HOLE, Flaws
from kittiwake.bundled.corpus.core.quality import Quality, quality_of
from kittiwake.core.measure.level import ActiveLevel
from tests.sounds import Signal, noise, really_spoken

RATE = 16_000


class QualityTest(unittest.TestCase):
    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.path = Path(folder.name) / "clip.wav"
        self.speech = really_spoken(RATE)[: 8 * RATE]

    def of(self, sound: Signal, rate: int = RATE) -> Quality:
        soundfile.write(self.path, sound, rate, subtype="FLOAT")
        return quality_of(self.path)[0]

    def test_speech_to_noise_within_3_db(self) -> None:
        meter = ActiveLevel(RATE)
        meter.add(self.speech, float(np.abs(self.speech).max()), float(np.dot(self.speech, self.speech)))
        level, _ = meter.result()
        for snr in (0, 10, 20, 30, 40):
            with self.subTest(snr):
                mixed = self.speech + noise(RATE, len(self.speech) / RATE, level - snr, seed=snr)
                self.assertAlmostEqual(self.of(mixed).snr or 0, snr, delta=3)

    def test_any_length_has_an_answer(self) -> None:
        for frames in (1, 2, 80, 160, 200, 256, 400, 512, 700, 1600, 3200, 3300, 5000):
            with self.subTest(frames):
                quality = self.of(self.speech[4000 : 4000 + frames])
                self.assertAlmostEqual(quality.seconds, frames / RATE)

    def test_bandwidth_within_5_percent(self) -> None:
        wide = really_spoken(48_000)[: 4 * 48_000]
        for rate in (8000, 11_025, 16_000, 22_050):
            with self.subTest(rate):
                narrow = soxr.resample(soxr.resample(wide, 48_000, rate), rate, 48_000)
                narrow = narrow + noise(48_000, len(narrow) / 48_000, -96)
                # What is left by soxr's filter: 0.91 to 0.96 of the half.
                self.assertAlmostEqual((self.of(narrow, 48_000).bandwidth or 0) / (0.94 * rate / 2), 1, delta=0.05)

    def test_a_room_that_sounds_on(self) -> None:
        dice = np.random.default_rng(4)
        dry = self.of(self.speech).reverb or 0
        for seconds in (0.5, 0.8):
            time = np.arange(round(seconds * RATE)) / RATE
            tail = dice.standard_normal(len(time)) * 10 ** (-3 * time / seconds)
            tail[:48], tail[0] = 0, np.sqrt((tail**2).sum())
            found = self.of(fftconvolve(self.speech, tail / tail[0]).astype(np.float32)).reverb or 0
            self.assertAlmostEqual(found, seconds, delta=0.2 * seconds)
            self.assertGreater(found, dry)

    def test_hum_holes_offset_and_cut_ends(self) -> None:
        clean = self.of(self.speech)
        self.assertIsNone(clean.hum)
        self.assertLess(clean.dc or 0, 0.5)
        time = np.arange(len(self.speech)) / RATE
        for mains in (50, 60):
            hum = sum(0.02 / n * np.sin(2 * np.pi * mains * n * time + n) for n in (1, 2, 3))
            level = 10 * np.log10(np.mean(np.square(hum))) - (clean.level or 0)
            self.assertAlmostEqual(self.of((self.speech + hum).astype(np.float32)).hum or 0, level, delta=3)
        loud = int(np.argmax(np.convolve(self.speech**2, np.ones(RATE // 4), "same")))
        torn = self.speech + noise(RATE, len(self.speech) / RATE, -70)
        whole = self.of(torn).dropouts
        torn[loud : loud + RATE // 50] = 0
        self.assertEqual(1, (self.of(torn).dropouts or 0) - (whole or 0))
        self.assertAlmostEqual(self.of(self.speech + np.float32(0.05)).dc or 0, 5, delta=0.5)
        self.assertGreater(self.of(self.speech[loud:]).start or -99, -15)
        self.assertLess(clean.start or 0, -20)

    @given(
        st.sampled_from((8000, 16_000, 44_100)),
        st.lists(st.tuples(st.integers(1, 900), st.integers(-3, 300)), min_size=1, max_size=5),
        st.lists(st.integers(1, 4000), min_size=1, max_size=8),
    )
    @example(16_000, [(1, 0)], [26])  # the first block is shorter than any hole
    def test_holes_are_found_to_the_sample_whatever_the_blocks(
        self, rate: int, holes: list[tuple[int, int]], blocks: list[int]
    ) -> None:
        """Each hole is some frames of sound away from the one before, and so much longer than the shortest that counts."""
        least = max(3, round(_HOLE * rate))
        sound, wanted = noise(rate, 1.0, -30.0, seed=len(blocks)), []
        at = 0
        for before, more in holes:
            at, stop = at + before, at + before + least + more
            sound[at:stop] = 0.25
            if more >= 0:
                wanted.append((at, stop))
            at = stop
        found = Flaws(rate)
        sides = np.cumsum(blocks)
        for part in np.split(sound, sides[sides < len(sound)]):
            found.add(part)
        self.assertEqual(found.holes, wanted)

    def test_silence_and_rubbish_have_no_figures_and_no_crash(self) -> None:
        silent = self.of(np.zeros(RATE, np.float32))
        self.assertEqual((None, None), (silent.snr, silent.level))
        self.assertIsNone(self.of(np.full(20, 0.1, np.float32)).reverb)
        self.path.write_bytes(b"no sound at all")
        self.assertTrue(quality_of(self.path)[0].error)
