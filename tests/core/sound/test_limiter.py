"""The limiter, loops, presence and trimming, on signals whose answer is known."""

from __future__ import annotations

import unittest

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.sound import limited, looped, presence_taps
from kittiwake.core.sound.filter import filtered
from tests.sounds import noise, sine, tone_level


def cut(sound: np.ndarray, places: list[int]) -> list[np.ndarray]:
    return [part for part in np.split(sound, sorted(places)) if len(part)]


class TestLimiter(unittest.TestCase):
    @settings(max_examples=30)
    @given(
        seed=st.integers(0, 99),
        channels=st.integers(1, 2),
        rate=st.sampled_from([8000, 16_000, 48_000]),
        ceiling=st.floats(0.05, 0.9),
        places=st.lists(st.integers(0, 6000), max_size=5),
    )
    def test_nothing_is_over_and_nothing_is_lost(self, seed, channels, rate, ceiling, places) -> None:
        dice = np.random.default_rng(seed)
        sound = (dice.standard_normal((6000, channels)) * dice.uniform(0.01, 1)).astype(np.float32)
        out = np.concatenate(list(limited(cut(sound, places), ceiling, rate, channels)))
        self.assertEqual(out.shape, sound.shape)
        self.assertLessEqual(float(np.abs(out).max()), np.float32(ceiling))
        whole = np.concatenate(list(limited([sound], ceiling, rate, channels)))
        np.testing.assert_allclose(out, whole, atol=1e-6)

    def test_one_peak_is_held_down_smoothly_and_the_rest_left_alone(self) -> None:
        rate = 16_000
        sound = sine(1000, rate, 1, -12)
        sound[8000] = 0.9
        out = np.concatenate(list(limited([sound[:, None]], 0.5, rate, 1)))[:, 0]
        far = np.abs(np.arange(len(sound)) - 8000) > 2 * 0.005 * rate + 1
        np.testing.assert_array_equal(out[far], sound[far])
        gain = out[np.abs(sound) > 0.01] / sound[np.abs(sound) > 0.01]
        self.assertLess(np.abs(np.diff(gain)).max(), 0.05)
        self.assertAlmostEqual(float(out[8000]), 0.5, delta=0.001)


class TestLoop(unittest.TestCase):
    def test_the_end_goes_on_into_the_start(self) -> None:
        # A sine with whole periods in what is left would go on anyhow; this one has not.
        rate, length = 8000, 800
        sound = sine(313.7, rate, 2, -6)[:, None]
        out = np.concatenate(list(looped(cut(sound, [333, 5000]), sound[-length:].copy(), len(sound))))[:, 0]
        self.assertEqual(len(out), len(sound) - length)
        twice = np.concatenate([out, out])
        seam = np.abs(np.diff(twice))[len(out) - 40 : len(out) + 40]
        self.assertLess(seam.max(), 1.1 * np.abs(np.diff(sound[:, 0])).max())
        self.assertLessEqual(np.abs(out).max(), np.abs(sound).max() + 1e-6)
        np.testing.assert_array_equal(out[length:], sound[length:-length, 0])


class TestPresence(unittest.TestCase):
    def test_lifts_what_it_says_where_it_says(self) -> None:
        for rate in (8000, 16_000, 48_000):
            taps = presence_taps(rate, 4.0)
            for hertz, lift in ((2500, 4.0), (1250, 2.0), (200, 0.0)):
                tone = sine(hertz, rate, 1, -20)
                out = np.concatenate(list(filtered([tone[:, None]], taps, 1)))[:, 0]
                self.assertEqual(len(out), len(tone))
                found = tone_level(out, hertz, rate) - tone_level(tone, hertz, rate)
                self.assertAlmostEqual(found, lift, delta=0.25, msg=f"{hertz} Hz at {rate}")
        steady = noise(4000, 1)[:, None]
        np.testing.assert_allclose(
            np.concatenate(list(filtered([steady], presence_taps(4000, 4.0), 1))), steady, atol=1e-5
        )
