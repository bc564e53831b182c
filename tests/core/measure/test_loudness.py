"""Loudness and true peak: ITU-R BS.1770-4, EBU Tech 3341."""

from __future__ import annotations

import math
import unittest

import numpy as np
import pyloudnorm
import soundfile

from kittiwake.core.measure import Loudness, TruePeak
from tests.sounds import DEMO, noise, sine


def loudness(x: np.ndarray, rate: int, block: int = 7000) -> float:
    columns = x if x.ndim == 2 else x[:, None]
    meter = Loudness(rate, columns.shape[1])
    for at in range(0, len(columns), block):
        meter.add(columns[at : at + block])
    return meter.result()


def stereo(*parts: tuple[float, float], rate: int = 48000) -> np.ndarray:
    """A 1 kHz stereo sine: (dBFS, seconds) after each other."""
    x = np.concatenate([sine(1000, rate, seconds, dbfs) for dbfs, seconds in parts])
    return np.stack([x, x], axis=1)


class TestLoudness(unittest.TestCase):
    def test_tech_3341(self) -> None:
        # EBU Tech 3341 (2016), minimum requirements tests 1 to 5, from memory; pyloudnorm confirms each below.
        cases = {
            -23.0: stereo((-23, 20)),
            -33.0: stereo((-33, 20)),
            -23.01: stereo((-36, 10), (-23, 60), (-36, 10)),
            -23.02: stereo((-72, 10), (-36, 10), (-23, 60), (-36, 10), (-72, 10)),
            -23.03: stereo((-26, 20), (-20, 20.1), (-26, 20)),
        }
        for wanted, x in cases.items():
            found = loudness(x, 48000)
            self.assertAlmostEqual(found, round(wanted), delta=0.1)
            self.assertAlmostEqual(found, pyloudnorm.Meter(48000).integrated_loudness(x), delta=0.1)

    def test_agrees_with_an_independent_reader_on_real_sound_at_every_rate(self) -> None:
        for path in sorted(DEMO.iterdir()):
            if path.suffix not in (".wav", ".flac", ".aiff", ".ogg", ".mp3") or path.stat().st_size < 5000:
                continue
            x, rate = soundfile.read(str(path))
            # Several times over: the reader counts a last block that is not whole, which BS.1770 leaves out.
            x = np.concatenate([x] * 8)
            with self.subTest(path.name):
                wanted = pyloudnorm.Meter(rate).integrated_loudness(x)
                self.assertAlmostEqual(loudness(x.astype(np.float32), rate), wanted, delta=0.1)

    def test_blocks_do_not_matter_and_silence_has_none(self) -> None:
        x = noise(16000, 3, -30)
        self.assertAlmostEqual(loudness(x, 16000, 333), loudness(x, 16000), delta=1e-6)
        self.assertEqual(loudness(np.zeros(16000, np.float32), 16000), -math.inf)
        self.assertTrue(math.isfinite(loudness(noise(16000, 0.2, -30), 16000)))


class TestTruePeak(unittest.TestCase):
    def test_a_quarter_rate_sine_sampled_at_45_degrees(self) -> None:
        # BS.1770-4 annex 2: sample peaks 3.01 dB below the true peak.
        x = (0.5 * np.sin(np.pi / 2 * np.arange(48000) + np.pi / 4)).astype(np.float32)
        x *= np.hanning(len(x)).astype(np.float32) ** 0.1  # no click at the ends
        meter = TruePeak(48000, 1)
        for at in range(0, len(x), 5000):
            meter.add(x[at : at + 5000, None])
        sample_peak = float(np.abs(x).max())
        self.assertAlmostEqual(20 * math.log10(meter.finish() / sample_peak), 3.01, delta=0.2)
