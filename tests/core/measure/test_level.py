"""Active speech level: ITU-T P.56 method B."""

from __future__ import annotations

import math
import unittest
from collections.abc import Iterable, Iterator

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.measure import ActiveLevel
from tests.sounds import DEMO, noise, really_spoken, sine, speech_like


def literal_p56(x: np.ndarray, rate: int) -> tuple[float, float]:
    """P.56 method B as the recommendation words it, sample by sample, thresholds on a 16-bit scale.

    Written from memory of ITU-T P.56 (12/2011), clause 7; slow, and used only to check the fast one.
    """
    g = math.exp(-1 / (rate * 0.03))
    hang = math.ceil(0.2 * rate)
    thresholds = [2.0**k for k in range(-15, 0)]
    active, since = [0] * 15, [hang] * 15
    p = q = 0.0
    for value in np.abs(x.astype(np.float64)).tolist():
        p = g * p + (1 - g) * value
        q = g * q + (1 - g) * p
        for j, c in enumerate(thresholds):
            if q >= c:
                active[j] += 1
                since[j] = 0
            elif since[j] < hang:
                active[j] += 1
                since[j] += 1
            else:
                break
    energy = float(np.sum(x.astype(np.float64) ** 2))
    before = None
    for count, c in zip(active, thresholds, strict=True):
        if not count:
            break
        level = 10 * math.log10(energy / count)
        above = level - 20 * math.log10(c)
        if above <= 15.9:
            if before is None:
                return level, energy / len(x) / 10 ** (level / 10)
            level0, above0 = before
            found = level0 + (above0 - 15.9) / (above0 - above) * (level - level0)
            return found, energy / len(x) / 10 ** (found / 10)
        before = level, above
    raise AssertionError("no threshold within the margin")


def stretches(
    x: np.ndarray, rate: int, lengths: Iterable[float], starts: Iterable[float]
) -> Iterator[tuple[np.ndarray, float]]:
    """Parts of a sound that many seconds long, from those seconds on, each with its level by the recommendation word by word."""
    for seconds in lengths:
        for start in starts:
            part = x[round(start * rate) : round((start + seconds) * rate)]
            try:
                yield part, literal_p56(part, rate)[0]
            except AssertionError:  # too little in it for the recommendation to give a level
                continue


def measured(x: np.ndarray, rate: int, block: int = 5000) -> tuple[float, float]:
    meter = ActiveLevel(rate)
    for at in range(0, len(x), block):
        meter.add(x[at : at + block])
    return meter.result()


class TestActiveLevel(unittest.TestCase):
    def test_steady_sine_is_active_and_at_its_rms(self) -> None:
        for rate in (8000, 11025, 44100, 48000):
            level, activity = measured(sine(1000, rate, 5, -20), rate)
            self.assertAlmostEqual(level, -23.01, delta=0.1)
            self.assertAlmostEqual(activity, 1.0, delta=0.01)

    def test_long_gaps_leave_the_level_and_halve_the_activity(self) -> None:
        # Gaps so long that hangover (0.2 s) and decay hardly count: half of 60 s in one piece.
        x = np.concatenate([sine(1000, 8000, 30, -20), np.zeros(8000 * 30, np.float32)])
        level, activity = measured(x, 8000)
        self.assertAlmostEqual(level, -23.01, delta=0.1)
        self.assertAlmostEqual(activity, 0.5, delta=0.02)

    def test_agrees_with_the_recommendation_word_by_word(self) -> None:
        import soundfile

        cases = [(speech_like(8000, 4, level), 8000) for level in (-16, -26, -45)]
        cases += [(noise(16000, 2, -30), 16000)]
        for name in ("Hold the line.wav", "Ticket to Skerrow.wav"):
            cases.append(soundfile.read(str(DEMO / name), dtype="float32"))
        for x, rate in cases:
            level, activity = measured(x, rate)
            true_level, true_activity = literal_p56(x, rate)
            self.assertAlmostEqual(level, true_level, delta=0.03)
            self.assertAlmostEqual(activity, true_activity, delta=0.01)

    def test_short_clips_agree_as_well(self) -> None:
        compared = 0
        for rate in (8000, 48_000):
            for part, true in stretches(really_spoken(rate), rate, (0.21, 0.25, 0.3, 0.4, 0.49), (0.35, 0.5, 2.0)):
                compared += 1
                self.assertAlmostEqual(measured(part, rate)[0], true, delta=0.03, msg=f"{len(part) / rate:.2f} s")
        self.assertGreater(compared, 15)

    def test_silence(self) -> None:
        self.assertEqual(measured(np.zeros(8000, np.float32), 8000), (-math.inf, 0.0))
        self.assertEqual(ActiveLevel(8000).result(), (-math.inf, 0.0))

    def test_one_sample(self) -> None:
        level, _ = measured(np.array([0.5], np.float32), 8000)
        self.assertTrue(math.isfinite(level))

    @settings(max_examples=20)
    @given(st.integers(1, 9999), st.floats(-40, 0), st.integers(0, 9))
    def test_gain_moves_the_level_by_itself_and_blocks_do_not_matter(
        self, block: int, gain: float, seed: int
    ) -> None:
        x = speech_like(8000, 1.5, -20, seed)
        level, activity = measured(x, 8000)
        quieter = (x * 10 ** (gain / 20)).astype(np.float32)
        # Thresholds are fixed, so the interpolation between them leaves a small ripple.
        self.assertAlmostEqual(measured(quieter, 8000, block)[0], level + gain, delta=0.35)
        self.assertAlmostEqual(measured(x, 8000, block)[0], level, delta=1e-6)
        self.assertTrue(0 <= activity <= 1)
