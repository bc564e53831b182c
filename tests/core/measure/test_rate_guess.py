"""What the rate of a voice is guessed by: where its band ends, how fast its syllables come."""

from __future__ import annotations

import unittest

import numpy as np
import soxr

from kittiwake.core.measure.rate_guess import band_end, end_score, pace_of


def hiss(seconds: float, rate: int) -> np.ndarray:
    """Noise as loud as speech for a fifth of the time, and nearly none between."""
    dice = np.random.default_rng(5)
    sound = dice.normal(size=round(seconds * rate)) * 0.05
    return sound * np.where(np.arange(len(sound)) // (rate // 5) % 5 == 0, 1.0, 0.003)


class TestBandEnd(unittest.TestCase):
    def test_a_raised_rate_shows_in_whatever_it_was_written(self) -> None:
        for rate in (22_050, 44_100, 48_000):
            sound = soxr.resample(hiss(4, 16_000), 16_000, rate)
            for name, written in (
                ("float", sound),
                ("16 bits", np.round(sound * 32767) / 32767),
                ("8 bits", np.round(sound * 127) / 127),
            ):
                with self.subTest(rate=rate, written=name):
                    self.assertAlmostEqual(band_end(written) * rate / 2, 7900, delta=250)

    def test_a_band_that_is_filled_ends_nowhere(self) -> None:
        self.assertEqual(band_end(hiss(4, 16_000)), 1.0)

    def test_ends_are_likely_at_half_a_usual_rate_and_say_nothing_where_encoders_make_them(self) -> None:
        self.assertGreater(end_score(7800), 0)
        self.assertLess(end_score(8100), 0)  # no filter ends a band after half the rate
        self.assertLess(end_score(7300), 0)
        for hertz in (18_500, 20_000, 21_700):
            self.assertEqual(end_score(hertz), 0)


class TestPace(unittest.TestCase):
    def test_syllables_are_counted_whatever_the_step(self) -> None:
        for step in (0.002, 0.005, 0.01):
            for pace in (2.0, 3.5):
                envelope = 1 + np.cos(2 * np.pi * pace * np.arange(0, 4, step))
                self.assertAlmostEqual(pace_of(envelope, step), pace, delta=0.1)

    def test_what_is_short_or_coarse_has_none(self) -> None:
        self.assertIsNone(pace_of(np.ones(100), 0.01))
        self.assertIsNone(pace_of(np.ones(1000), 0.05))
        self.assertIsNone(pace_of(np.ones(1000), 0.01))


if __name__ == "__main__":
    unittest.main()
