"""Resampling, sides, lengths, gain, the line."""

from __future__ import annotations

import atexit
import itertools
import math
import unittest

import numpy as np
import pystoi
import scipy.signal
from hypothesis import example, given
from hypothesis import strategies as st

from kittiwake.core.model.units import ratio
from kittiwake.core.sound import (
    Line,
    change_tempo,
    choose_gain,
    fade_out,
    resample,
    resampled_length,
    select_channel,
    take_span,
)
from kittiwake.core.sound.leave_out import tidy_stretches
from kittiwake.core.sound.spool import Spool
from tests.sounds import FolderCase, db, noise, really_spoken, rms, sine, spoken, tone_level


def blocks(x: np.ndarray, size: int = 10_000) -> list[np.ndarray]:
    columns = x if x.ndim == 2 else x[:, None]
    return [columns[at : at + size] for at in range(0, len(columns), size)] or [columns]


def resampled(x: np.ndarray, rate_in: int, rate_out: int, size: int = 10_000) -> np.ndarray:
    parts = list(resample(blocks(x, size), rate_in, rate_out, 1, len(x)))
    return np.concatenate([np.zeros((0, 1), np.float32), *parts])[:, 0]


class TestResample(unittest.TestCase):
    def test_flat_to_3400_hz_at_8_khz(self) -> None:
        for rate in (16000, 44100, 48000, 96000):
            for hertz in (100, 300, 1000, 2000, 3000, 3400):
                y = resampled(sine(hertz, rate, 1, -20), rate, 8000)
                self.assertAlmostEqual(tone_level(y, hertz, 8000), -20, delta=0.1, msg=f"{hertz} Hz from {rate} Hz")

    def test_aliases_and_images_lie_below_100_db(self) -> None:
        for hertz in (5000, 7000, 11_000, 20_000):
            y = resampled(sine(hertz, 48000, 2, -6), 48000, 8000)
            alias = abs((hertz + 4000) % 8000 - 4000)
            self.assertLess(tone_level(y, alias, 8000), -100, f"{hertz} Hz")
        up = resampled(sine(3000, 8000, 2, -6), 8000, 48000)
        self.assertLess(tone_level(up, 5000, 48000), -100)

    def test_no_shift_in_time_against_a_second_opinion(self) -> None:
        # A click in the middle stays in the middle; scipy's resampler puts the same sound in the same place.
        x = np.zeros(48000, np.float32)
        x[24000] = 1
        self.assertEqual(int(np.abs(resampled(x, 48000, 8000)).argmax()), 4000)
        low = np.cumsum(noise(48000, 1, -40)).astype(np.float32)
        low -= low.mean()
        ours = resampled(low, 48000, 8000)[400:-400]
        theirs = scipy.signal.resample_poly(low, 1, 6)[400:-400]
        self.assertLess(np.abs(ours - theirs).max(), 0.01 * np.abs(theirs).max())

    @given(
        st.integers(1, 5000),
        st.sampled_from([8000, 11025, 16000, 22050, 44100, 48000, 96000]),
        st.sampled_from([8000, 16000, 22050]),
        st.integers(1, 3000),
    )
    def test_length_is_exact_whatever_the_blocks(self, frames: int, rate_in: int, rate_out: int, size: int) -> None:
        y = resampled(np.ones(frames, np.float32) * np.float32(0.1), rate_in, rate_out, size)
        self.assertEqual(len(y), resampled_length(frames, rate_in, rate_out))
        self.assertEqual(len(y), math.floor(frames * rate_out / rate_in + 0.5))

    def test_conversions_leave_nothing_behind(self) -> None:
        blocks = [noise(48_000, 0.1)[:, None].astype(np.float32)]
        first = list(resample(blocks, 48_000, 8000, 1, len(blocks[0])))
        registered = atexit._ncallbacks()  # type: ignore[attr-defined]
        for _ in range(20):
            again = list(resample(blocks, 48_000, 8000, 1, len(blocks[0])))
        np.testing.assert_array_equal(np.concatenate(again), np.concatenate(first))
        self.assertEqual(atexit._ncallbacks(), registered)  # type: ignore[attr-defined]


class TestSides(unittest.TestCase):
    def test_each_way(self) -> None:
        x = np.stack([np.full(5, 0.2), np.full(5, -0.4)], axis=1).astype(np.float32)
        for take, wanted in (("left", 0.2), ("right", -0.4), ("mix", -0.1)):
            out = np.concatenate(list(select_channel([x], take, 1)))  # type: ignore[arg-type]
            np.testing.assert_allclose(out, np.full((5, 1), wanted), rtol=1e-6)
        np.testing.assert_array_equal(np.concatenate(list(select_channel([x], "both", 2))), x)
        self.assertEqual(next(select_channel([x[:, :1]], "mono", 2)).shape, (5, 2))

    def test_surround_is_mixed_down_after_bs_775(self) -> None:
        # ITU-R BS.775-3: centre 0 dB, front sides −3 dB, surround sides −6 dB against it; no low-frequency channel.
        for at, wanted in ((0, 0.7071), (1, 0.7071), (2, 1.0), (3, 0.0), (4, 0.5), (5, 0.5)):
            x = np.zeros((10, 6), np.float32)
            x[:, at] = 0.8
            centre = np.zeros((10, 6), np.float32)
            centre[:, 2] = 0.8
            out = next(select_channel([x], "mix", 1))[0, 0] / next(select_channel([centre], "mix", 1))[0, 0]
            self.assertAlmostEqual(float(out), wanted, delta=1e-4)
        self.assertLessEqual(float(next(select_channel([np.ones((4, 6), np.float32)], "mix", 1)).max()), 1.0001)

    def test_what_is_not_a_number_becomes_silence(self) -> None:
        x = np.array([[0.5], [np.nan], [np.inf]], np.float32)
        np.testing.assert_array_equal(next(select_channel([x], "mono", 1)), [[0.5], [0], [0]])
        self.assertTrue(np.isnan(x[1, 0]), "the caller's own block was changed")


class TestLengths(unittest.TestCase):
    @given(st.integers(0, 50), st.integers(0, 50), st.integers(0, 60), st.integers(1, 9))
    def test_span(self, frames: int, start: int, stop: int, size: int) -> None:
        x = np.arange(frames, dtype=np.float32)
        got = [b[:, 0] for b in take_span(blocks(x, size), start, stop)]
        np.testing.assert_array_equal(np.concatenate(got) if got else np.zeros(0), x[start:stop])

    def test_fade_ends_in_silence_and_leaves_the_rest(self) -> None:
        y = np.concatenate(list(fade_out(blocks(np.ones(1000, np.float32), 70), 1000, 200)))[:, 0]
        np.testing.assert_array_equal(y[:800], 1)
        self.assertTrue((np.diff(y[800:]) < 0).all())
        self.assertEqual(y[-1], 0)


class TestStretches(unittest.TestCase):
    @example([(100, 140), (160, 200)], 10)
    @given(st.lists(st.tuples(st.integers(0, 1000), st.integers(1, 200)), max_size=8), st.integers(1, 20))
    def test_what_is_left_out_leaves_a_blend_everywhere(self, pairs: list[tuple[int, int]], blend: int) -> None:
        given_ = [(a, a + n) for a, n in pairs]
        out = tidy_stretches(given_, 0, 1000, blend)
        edges = [blend, *(edge for pair in out for edge in pair), 1000 - blend]
        self.assertEqual(edges, sorted(edges))
        for (_, stop), (start, _) in itertools.pairwise(out):
            self.assertGreaterEqual(start - stop, 2 * blend)
        # What was asked for and lies alone is left out to the frame.
        for a, b in given_:
            alone = all(b + 2 * blend <= c or d + 2 * blend <= a for c, d in given_ if (c, d) != (a, b))
            if alone and a >= blend and b <= 1000 - blend and b - a >= blend:
                self.assertIn((a, b), out)


class TestTempo(unittest.TestCase):
    def at(self, x: np.ndarray, rate: int, speed: float) -> np.ndarray:
        return np.concatenate(list(change_tempo(blocks(x), speed, rate, 1, len(x))))[:, 0]

    def test_length_is_exact_pitch_and_level_stay(self) -> None:
        for rate in (8000, 22050, 48000):
            x = sine(440, rate, 4, -12)
            for speed in (0.85, 0.95, 1.05, 1.15):
                y = self.at(x, rate, speed)
                self.assertEqual(len(y), round(len(x) / speed))
                middle = y[len(y) // 10 : -len(y) // 10] * np.hanning(len(y[len(y) // 10 : -len(y) // 10]))
                power = np.abs(np.fft.rfft(middle, 2**20))
                hertz = np.argmax(power) * rate / 2**20
                self.assertLess(abs(1200 * math.log2(hertz / 440)), 5, f"{speed} at {rate} Hz: {hertz:.2f} Hz")
                self.assertAlmostEqual(db(rms(y)), db(rms(x)), delta=0.5)

    def test_clicks_stay_single(self) -> None:
        for rate in (8000, 16_000, 48_000):
            x = noise(rate, 4, -70)
            x[np.arange(16) * round(0.23 * rate) + rate // 5] += np.float32(0.8)
            for speed in (0.7, 0.85, 1.15, 1.3):
                y = np.abs(self.at(x, rate, speed))
                places = np.flatnonzero(y > 0.25 * y.max())
                self.assertEqual(1 + int((np.diff(places) > 0.004 * rate).sum()), 16, (rate, speed))

    def test_speech_there_and_back_is_understood_as_before(self) -> None:
        # STOI: Taal, Hendriks, Heusdens, Jensen, IEEE TASLP 19(7), 2011, by its reference implementation.
        for x in (really_spoken(16_000)[:80_000], spoken(16_000)):
            for speed in (0.85, 1.15):
                y = self.at(self.at(x, 16_000, speed), 16_000, 1 / speed)
                count = min(len(x), len(y))
                self.assertGreater(pystoi.stoi(x[:count], y[:count], 16_000), 0.97)

    def test_long_sound_is_parted_by_what_is_in_it(self) -> None:
        x = np.tile(really_spoken(8000), 8)
        self.assertGreater(len(x), 60 * 8000)
        whole = np.concatenate(list(change_tempo([x[:, None]], 1.1, 8000, 1, len(x))))
        parts = np.concatenate(list(change_tempo(blocks(x), 1.1, 8000, 1, len(x))))
        np.testing.assert_array_equal(whole, parts)
        self.assertEqual(len(whole), round(len(x) / 1.1))
        # No gap and no click where the parts meet: a tenth of a second is never louder than those of the whole were.
        level = np.sqrt((whole[: len(whole) // 800 * 800] ** 2).reshape(-1, 800).mean(axis=1)).max()
        before = np.sqrt((x[: len(x) // 800 * 800] ** 2).reshape(-1, 800).mean(axis=1)).max()
        self.assertAlmostEqual(db(float(level)), db(float(before)), delta=1)

    def test_beyond_its_range_it_refuses(self) -> None:
        with self.assertRaises(ValueError):
            self.at(sine(440, 8000), 8000, 3.0)


class TestGain(unittest.TestCase):
    @given(st.floats(-60, 60), st.floats(1e-6, 4), st.floats(0.1, 1))
    def test_never_over_the_ceiling_and_no_more_reduction_than_needed(
        self, wanted: float, peak: float, ceiling: float
    ) -> None:
        gain = choose_gain(wanted, peak, ceiling)
        self.assertLessEqual(peak * ratio(gain.db), ceiling * (1 + 1e-9))
        self.assertAlmostEqual(gain.db + gain.held_back_db, wanted, delta=1e-6)
        if gain.held_back_db > 0:
            self.assertAlmostEqual(peak * ratio(gain.db), ceiling, delta=ceiling * 1e-5)

    def test_silence_is_left_alone(self) -> None:
        self.assertEqual(choose_gain(20, 0, 1).db, 0)
        self.assertEqual(choose_gain(math.inf, 0.1, 1).db, 0)


class TestLine(unittest.TestCase):
    def over(self, x: np.ndarray, rate: int) -> np.ndarray:
        return np.concatenate(list(Line().carry(blocks(x), rate, len(x))))[:, 0]

    def test_band(self) -> None:
        # Telephone band 300–3400 Hz, ITU-T G.712: through in the middle, down at the edges and beyond.
        for hertz, low, high in (
            (400, -0.2, 0.2), (1000, -0.2, 0.2), (3300, -0.2, 0.2), (300, -7, -5), (3400, -7, -5), (180, -300, -38),
            (3600, -300, -38),
        ):  # fmt: skip
            y = self.over(sine(hertz, 48000, 1, -10), 48000)
            self.assertTrue(low <= tone_level(y, hertz, 8000) + 10 <= high, f"{hertz} Hz")

    def test_it_holds_only_what_a_line_can_carry(self) -> None:
        from kittiwake.core.codec import ulaw

        y = self.over(noise(16000, 1, -20), 16000)
        self.assertTrue(np.isin(np.rint(y * 32768).astype(int), ulaw.DECODE).all())
        self.assertEqual(len(y), 8000)


class TestSpool(FolderCase):
    def test_gives_back_what_it_took_and_leaves_nothing(self) -> None:
        x = noise(48000, 100, -20)[:, None]  # 19 MB: more than it keeps in memory
        with Spool(1, self.folder) as spool:
            for block in blocks(x, 65_536):
                spool.append(block)
            self.assertEqual(list(self.folder.iterdir()), [], "the spool has a name in the folder")
            np.testing.assert_array_equal(np.concatenate(list(spool.blocks())), x)
            np.testing.assert_array_equal(np.concatenate(list(spool.blocks())), x)
        self.assertEqual(list(self.folder.iterdir()), [])
