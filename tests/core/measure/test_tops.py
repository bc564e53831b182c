"""Sound that was clipped once and resampled since is known, and nothing else is taken for it."""

from __future__ import annotations

import unittest

import numpy as np
import soundfile
import soxr

from kittiwake.core.intake import BLOCK
from kittiwake.core.measure.tops import broad_tops
from kittiwake.core.sound import limited
from tests.sounds import DEMO, REAL, Signal, noise, really_spoken, sine, spoken


def loudest(x: Signal) -> Signal:
    parts = [x[at : at + BLOCK] for at in range(0, len(x), BLOCK)]
    return max(parts, key=lambda part: float(np.dot(part, part)))


class TestBroadTops(unittest.TestCase):
    def tops_over(self, x: Signal, over: float, rate: int) -> int:
        """What is told of a sound at 48 kHz that was clipped by so many dB, made softer and resampled."""
        cut = np.clip(x / np.abs(x).max() * 10 ** (over / 20), -1, 1) * 0.7
        return broad_tops(loudest(soxr.resample(cut, 48_000, rate).astype(np.float32)), rate)

    def test_a_real_voice_clipped_before_it_was_resampled(self) -> None:
        x = really_spoken(48_000)
        self.assertEqual([self.tops_over(x, 0, rate) for rate in (44_100, 16_000, 8000)], [0, 0, 0])
        for over, rate in ((6, 44_100), (12, 44_100), (12, 16_000), (12, 8000)):
            self.assertGreater(self.tops_over(x, over, rate), 1000, (over, rate))

    def test_a_synthetic_one(self) -> None:
        x = spoken(48_000)
        self.assertEqual([self.tops_over(x, 0, rate) for rate in (44_100, 16_000, 8000)], [0, 0, 0])
        for over, rate in ((6, 44_100), (6, 16_000), (12, 44_100), (12, 16_000)):
            self.assertGreater(self.tops_over(x, over, rate), 100, (over, rate))

    def test_tones_beeps_noise_and_whole_clips_are_not_taken_for_it(self) -> None:
        for rate in (8000, 16_000, 44_100, 48_000):
            for hertz in (100, 350, 440, 1000, 1400, 2800):
                self.assertEqual(broad_tops(sine(hertz, rate, 1.3, -6), rate), 0, (hertz, rate))
            tones = sine(697, rate, 1, -9) + sine(1209, rate, 1, -9)
            self.assertEqual(broad_tops(tones, rate), 0)
            self.assertEqual(broad_tops(noise(rate, 1.3, -20), rate), 0)
            voice = spoken(rate)
            with_beep = np.concatenate([voice, sine(1000, rate, 0.4, float(20 * np.log10(np.abs(voice).max())))])
            self.assertEqual(broad_tops(loudest(with_beep), rate), 0, rate)
        self.assertEqual(broad_tops(np.zeros(0, np.float32), 8000), 0)
        for path in [*sorted(DEMO.glob("*.wav")), *sorted(REAL.glob("*.wav"))]:
            if path.name in ("Drill shout.wav", "Ticket office.wav", "Notes for the reader.wav"):
                continue  # truly clipped; no sound
            x, rate = soundfile.read(str(path), dtype="float32", always_2d=True)
            for own, one in ((rate, x[:, 0].copy()), (8000, soxr.resample(x[:, 0], rate, 8000))):
                self.assertEqual(broad_tops(loudest(one), own), 0, path.name)

    def test_what_our_own_limiter_holds_down_is_not_taken_for_it(self) -> None:
        for rate in (8000, 44_100):
            x = really_spoken(rate)
            loud = (x / np.abs(x).max() * 10 ** (12 / 20))[:, None].astype(np.float32)
            blocks = (loud[at : at + BLOCK] for at in range(0, len(loud), BLOCK))
            held = np.concatenate(list(limited(blocks, 0.89, rate, 1)))[:, 0]
            self.assertLessEqual(np.abs(held).max(), 0.8901)
            self.assertEqual(broad_tops(loudest(held), rate), 0, rate)
