"""Everything else that is measured of a source."""

from __future__ import annotations

import math
import time
import unittest

import numpy as np
import soxr
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.measure import analyze, measure
from kittiwake.core.measure.clipping import ClipCounter
from kittiwake.core.measure.overview import Overview
from kittiwake.core.model import Header, Measures
from tests.sounds import DEMO, FolderCase, noise, really_spoken, sine


def measured(sound: np.ndarray, rate: int = 48000, full: float = 32767 / 32768) -> Measures:
    columns = sound if sound.ndim == 2 else sound[:, None]
    header = Header("wav", "pcm_s16", rate, columns.shape[1], 16, len(columns), 0, full)
    return measure((columns[at : at + 10_000] for at in range(0, len(columns), 10_000)), header)


class TestLevels(unittest.TestCase):
    def test_peak_rms_and_dc(self) -> None:
        found = measured(sine(1000, 48000, 1, -6) + np.float32(0.05))
        self.assertAlmostEqual(20 * math.log10(found.peak), 20 * math.log10(10 ** (-6 / 20) + 0.05), delta=0.01)
        self.assertAlmostEqual(found.dc_offset, 0.05, delta=1e-4)
        self.assertAlmostEqual(20 * math.log10(measured(sine(1000, 48000)).rms), -23.01, delta=0.01)

    def test_length_is_counted(self) -> None:
        self.assertEqual(measured(np.zeros((12_345, 2), np.float32)).frames, 12_345)


class TestClipping(unittest.TestCase):
    def test_flat_tops_are_counted_and_true_tops_are_not(self) -> None:
        loud = np.clip(sine(200, 48000, 1, 6), -1, 32767 / 32768).astype(np.float32)
        found = measured(loud).clipped_samples
        beyond = int((np.abs(sine(200, 48000, 1, 6)) >= 32767 / 32768).sum())
        self.assertEqual(found, beyond)
        self.assertEqual(measured(sine(1000, 48000, 1, 0)).clipped_samples, 0)

    def test_over_full_scale_but_whole_is_not_clipped(self) -> None:
        self.assertEqual(measured(sine(200, 48000, 1, 3), full=1.0).clipped_samples, 0)

    @given(st.lists(st.sampled_from([0.0, 0.5, 1.0, -1.0]), min_size=1, max_size=60), st.integers(1, 7))
    def test_blocks_do_not_matter(self, values: list[float], block: int) -> None:
        x = np.array(values, np.float32)
        whole, parts = ClipCounter(1.0), ClipCounter(1.0)
        whole.add(x, float(np.abs(x).max()))
        for at in range(0, len(x), block):
            part = x[at : at + block]
            parts.add(part, float(np.abs(part).max()))
        runs = 0
        for sign in (1.0, -1.0):
            text = "".join("x" if v == sign else " " for v in values)
            runs += sum(len(run) for run in text.split() if len(run) >= 3)
        self.assertEqual(parts.finish()[0], runs)
        self.assertEqual(whole.finish()[0], runs)


class TestSides(unittest.TestCase):
    def sides(self, left: np.ndarray, right: np.ndarray) -> str:
        return measured(np.stack([left, right], axis=1)).sides

    def test_relations(self) -> None:
        a, b = noise(48000, seed=1), noise(48000, seed=2)
        hiss = noise(48000, dbov=-80, seed=3)
        self.assertEqual(measured(a).sides, "mono")
        self.assertEqual(self.sides(a, a), "identical")
        self.assertEqual(self.sides(a, a + hiss), "identical")
        self.assertEqual(self.sides(a, -a * np.float32(0.9)), "inverted")
        self.assertEqual(self.sides(a, hiss), "left_only")
        self.assertEqual(self.sides(np.zeros_like(a), a), "right_only")
        self.assertEqual(self.sides(a, b), "different")
        self.assertEqual(self.sides(np.zeros_like(a), np.zeros_like(a)), "identical")

    def test_the_level_is_that_of_the_signal_that_will_be_used(self) -> None:
        a = sine(500, 48000, 2, -20)
        self.assertAlmostEqual(measured(np.stack([a, -a], 1)).level.active_dbov, -23.01, delta=0.05)
        self.assertAlmostEqual(measured(np.stack([np.zeros_like(a), a], 1)).level.active_dbov, -23.01, delta=0.05)

    def test_many_channels(self) -> None:
        self.assertEqual(measured(np.stack([noise(48000, 0.2, seed=s) for s in range(6)], 1)).sides, "different")


class TestBandwidth(unittest.TestCase):
    def test_brick_walls_are_found_within_five_percent(self) -> None:
        n = noise(48000, 5)
        for edge in (4000, 7000, 8000, 16000):
            cut = soxr.resample(soxr.resample(n, 48000, 2 * edge, "VHQ"), 2 * edge, 48000, "VHQ")
            for sound in (cut, np.rint(cut * 32768).astype(np.float32) / 32768):
                found = measured(sound).bandwidth_hz
                self.assertAlmostEqual(found / edge, 1.0, delta=0.05, msg=f"{edge} Hz")

    def test_full_band_is_full_band(self) -> None:
        for rate in (8000, 16000, 44100):
            self.assertEqual(measured(noise(rate, 3), rate).bandwidth_hz, rate / 2)

    def test_silence_has_none(self) -> None:
        self.assertEqual(measured(np.zeros(48000, np.float32)).bandwidth_hz, 0.0)


class TestTopsBelowFullScale(FolderCase):
    def counts(self, x: np.ndarray, rate: int, subtype: str = "PCM_16") -> tuple[int, int]:
        sound = analyze(self.write("x.wav", x.astype(np.float32), rate, subtype)).measures
        assert sound is not None
        return sound.clipped_samples, sound.flat_samples

    def test_what_was_clipped_and_made_softer_is_seen(self) -> None:
        x = really_spoken(48_000)
        x = x / np.abs(x).max()
        for over in (3, 6, 12):
            cut = np.clip(x * 10 ** (over / 20), -1, 1)
            true = int((np.abs(cut) >= 1).sum())
            for gain in (-1, -6, -12):
                full, flat = self.counts(cut * 10 ** (gain / 20), 48_000)
                self.assertEqual(full, 0)
                self.assertAlmostEqual(flat / true, 1, delta=0.15, msg=f"{over} dB over, {gain} dB")

    def test_round_tops_are_not_taken_for_flat_ones(self) -> None:
        for rate in (8000, 48_000):
            x = really_spoken(rate)
            for subtype in ("PCM_16", "PCM_24", "PCM_U8", "ULAW", "ALAW"):
                self.assertEqual(self.counts(x * 0.6 / np.abs(x).max(), rate, subtype), (0, 0), (rate, subtype))
            for hertz in (50, 100, 440, 1000):
                for dbfs in (-1, -6, -20):
                    self.assertEqual(self.counts(sine(hertz, rate, 1, dbfs), rate), (0, 0), (hertz, rate, dbfs))

    def test_a_square_wave_takes_no_time(self) -> None:
        x = np.where(np.arange(480_000) // 4 % 2, 0.5, -0.5)
        began = time.monotonic()
        self.counts(x, 48_000)
        self.assertLess(time.monotonic() - began, 5)


class TestVoiceInNoise(unittest.TestCase):
    def test_a_telephone_s_voice_with_noise_over_all_of_the_band(self) -> None:
        x = really_spoken(48_000)
        x = (x / np.abs(x).max() * 0.5).astype(np.float32)
        narrow = soxr.resample(soxr.resample(x, 48_000, 8000), 8000, 48_000)[: len(x)]
        for level in (-90, -76, -66, -56):
            hiss = noise(48_000, len(x) / 48_000, level)[: len(x)]
            self.assertLess(measured(narrow + hiss[: len(narrow)]).bandwidth_hz, 4300, level)
            self.assertGreater(measured(x + hiss).bandwidth_hz, 14_000, level)


class TestOverview(unittest.TestCase):
    @given(st.integers(1, 300_000), st.integers(100, 90_000), st.integers(0, 5))
    def test_no_peak_is_lost_at_any_length(self, size: int, block: int, seed: int) -> None:
        x = np.random.default_rng(seed).standard_normal(size).astype(np.float32)
        overview = Overview()
        for at in range(0, size, block):
            part = x[at : at + block]
            self.assertEqual(
                overview.add(np.stack([part, 0.5 * part])),
                [(part.min(), part.max()), (0.5 * part.min(), 0.5 * part.max())],
            )
        found = overview.result()
        # Every part is where it belongs: its outline is that of its samples.
        length = 16
        while length * len(found) < size:
            length *= 2
        for n in range(0, len(found), max(1, len(found) // 50)):
            own = x[n * length : (n + 1) * length]
            self.assertEqual(found[n, 1], max(own.max(), 0.5 * own.max()))
        self.assertLessEqual(len(found), 4097)
        self.assertEqual(found[:, 0].min(), min(x.min(), 0.5 * x.min()))
        self.assertEqual(found[:, 1].max(), max(x.max(), 0.5 * x.max()))
        self.assertTrue((found[:, 0] <= found[:, 1]).all())


class TestLookAt(FolderCase):
    def test_not_a_number_is_taken_as_silence_and_said(self) -> None:
        x = sine(440, 16000, 0.5)
        x[100:110] = np.nan
        x[200] = np.inf
        facts = analyze(self.write("holes.wav", x, 16000, "FLOAT"))
        self.assertTrue(facts.ok)
        self.assertTrue(facts.has("not_numbers"))
        self.assertTrue(math.isfinite(facts.measures.rms))  # type: ignore[union-attr]

    def test_demo_recordings_are_what_they_were_made_to_be(self) -> None:
        found = {path.name: analyze(path) for path in DEMO.iterdir()}
        self.assertEqual(len(found), 27)
        sides = {name: facts.measures.sides for name, facts in found.items() if facts.measures}
        self.assertEqual(sides["Pier two.wav"], "inverted")
        self.assertEqual(sides["Gangway.wav"], "left_only")
        self.assertEqual(sides["Main menu.wav"], "identical")
        self.assertEqual(sides["Two at the desk.wav"], "different")
        self.assertTrue(found["Weather warning.wav"].has("truncated"))
        self.assertEqual(found["Ticket office.wav"].error.code, "empty")  # type: ignore[union-attr]
        self.assertEqual(found["Notes for the reader.wav"].error.code, "not_sound")  # type: ignore[union-attr]
        self.assertGreater(found["Drill shout.wav"].measures.clipped_samples, 1000)  # type: ignore[union-attr]
        self.assertLess(found["Old greeting.wav"].measures.bandwidth_hz, 4200)  # type: ignore[union-attr]
        self.assertLess(found["Night whisper.wav"].measures.level.active_dbov, -55)  # type: ignore[union-attr]
        self.assertTrue(found["Harbour tour.mp4"].has("video"))
        self.assertLess(sum(path.stat().st_size for path in DEMO.iterdir()), 6_000_000)

    def test_dictionary_is_flat_and_complete(self) -> None:
        reported = analyze(DEMO / "Welcome.wav").to_dict()
        wanted = (
            "path ok error suggested container encoding sample_rate channels bits frames seconds bytes peak_dbfs rms_dbfs "
            "active_level_dbov activity clipped_samples flat_samples dc_offset bandwidth_hz sides side_lag_ms side_bands side_loss_db pitch_hz notes"
        )
        self.assertEqual(list(reported), wanted.split())
        self.assertEqual((reported["container"], reported["encoding"], reported["bits"]), ("wav", "pcm_s24", 24))
