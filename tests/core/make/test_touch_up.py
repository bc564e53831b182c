"""Touch-ups in what is made: length, pitch and level to the figure, stretches left out without a trace."""

from __future__ import annotations

import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st
from numpy.typing import NDArray
from pystoi import stoi

from kittiwake.core.batch import plan_outputs
from kittiwake.core.fit import fit
from kittiwake.core.make import make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, TouchUp
from kittiwake.core.sound.leave_out import leave_out, tidy_stretches
from kittiwake.work.standin.microphone import READING
from tests.sounds import FolderCase

RATE = 48_000
PLAIN = Receiver.read(
    {
        "slug": "plain", "name": "Plain", "rules": {"accepts": [{"container": "wav", "encoding": "pcm_f32", "sample_rates": [RATE]}]},
        "treatment": {"level": {"measure": "leave"}},
    }
)  # fmt: skip


def pitch_of(tone: NDArray[np.float32]) -> float:
    """Frequency of a steady tone, by the peak of a windowed spectrum, interpolated."""
    middle = tone[len(tone) // 4 : 3 * len(tone) // 4]
    spectrum = np.abs(np.fft.rfft(middle * np.hanning(len(middle)), 8 * len(middle)))
    at = int(spectrum.argmax())
    a, b, c = np.log(spectrum[at - 1 : at + 2])
    return (at + 0.5 * (a - c) / (a - 2 * b + c)) * RATE / (8 * len(middle))


class TestTouchUp(FolderCase):
    def made(self, sound: NDArray[np.float32], touch_up: TouchUp, rate: int = RATE) -> NDArray[np.float32]:
        path = self.folder / "x.wav"
        soundfile.write(str(path), sound, rate, subtype="FLOAT")
        clip = Clip.whole(path).changed(touch_up=touch_up)
        facts = analyze(path)
        found = fit(clip, facts, PLAIN)
        made = make_output(plan_outputs([(clip, facts, found)], PLAIN, self.folder / "out")[0])
        self.assertEqual(made.status, "made", made.error)
        assert found.recipe
        out, _ = soundfile.read(str(made.plan.output), dtype="float32")
        self.assertEqual(len(out), found.recipe.frames_out)
        return out

    def tone(self, seconds: float = 4.0) -> NDArray[np.float32]:
        return (0.25 * np.sin(2 * np.pi * 440 * np.arange(round(seconds * RATE)) / RATE)).astype(np.float32)

    def level_of_middle(self, x: NDArray[np.float32]) -> float:
        return 20 * float(np.log10(np.sqrt(np.mean(x[len(x) // 4 : 3 * len(x) // 4] ** 2))))

    def test_speed_keeps_pitch_and_level_and_is_as_long_as_it_says(self) -> None:
        plain = self.tone()
        for speed in (0.85, 0.92, 1.07, 1.15):
            out = self.made(plain, TouchUp(speed=speed))
            self.assertAlmostEqual(len(out) * speed / len(plain), 1, delta=0.001)
            self.assertLess(abs(1200 * np.log2(pitch_of(out) / 440)), 5, speed)
            self.assertAlmostEqual(self.level_of_middle(out), self.level_of_middle(plain), delta=0.3)
            # No jump: the level of no tenth of a second differs by more than half a decibel from the next.
            parts = out[RATE // 4 : -RATE // 4]
            parts = parts[: len(parts) // 4800 * 4800].reshape(-1, 4800)
            levels = 10 * np.log10((parts**2).mean(axis=1))
            self.assertLess(np.abs(np.diff(levels)).max(), 0.5, speed)

    def test_pitch_keeps_length_and_level(self) -> None:
        plain = self.tone()
        for semitones in (-4.0, -1.5, 0.5, 3.0):
            out = self.made(plain, TouchUp(pitch=semitones))
            self.assertEqual(len(out), len(plain))
            self.assertLess(abs(1200 * np.log2(pitch_of(out) / 440) - 100 * semitones), 5, semitones)
            self.assertAlmostEqual(self.level_of_middle(out), self.level_of_middle(plain), delta=0.4)

    def test_pitch_changes_no_length_at_any_rate(self) -> None:
        for rate, frames, semitones in (
            (16_000, 16_001, -5.0),
            (44_100, 12_345, 5.5),
            (8000, 7999, -0.5),
            (11_025, 9001, 6.0),
        ):
            sound = self.tone(2)[:frames]
            self.assertEqual(
                len(self.made(sound, TouchUp(pitch=semitones), rate)), len(self.made(sound, TouchUp(), rate))
            )

    def test_speech_at_another_speed_stays_intelligible(self) -> None:
        """STOI of speech made faster and slower again against the same speech: what both changes together cost."""
        with soundfile.SoundFile(str(READING / "Season reading.flac")) as file:
            rate = file.samplerate
            speech = file.read(8 * rate, dtype="float32")
        plain = self.made(speech, TouchUp(), rate)
        for speed in (0.85, 1.15):
            there = self.made(speech, TouchUp(speed=speed), rate)
            back = self.made(there, TouchUp(speed=1 / speed))
            count = min(len(back), len(plain))
            score = max(
                stoi(plain[2000 : count - 2000], back[2000 + shift : count - 2000 + shift], RATE)
                for shift in range(-960, 961, 240)
            )
            self.assertGreater(score, 0.9, speed)

    def test_low_end_fades_dc_and_level_by_hand(self) -> None:
        at = np.arange(2 * RATE) / RATE
        rumble = (0.2 * np.sin(2 * np.pi * 30 * at) + 0.2 * np.sin(2 * np.pi * 1000 * at) + 0.02).astype(np.float32)
        out = self.made(
            rumble, TouchUp(low_cut=120, remove_dc=True, gain_db=-6, fade_in=0.5, fade_out=0.25, fade_shape="even")
        )
        spectrum = np.abs(np.fft.rfft(out[RATE // 2 : 3 * RATE // 2] * np.hanning(RATE)))
        self.assertLess(20 * np.log10(spectrum[28:33].max() / spectrum[1000]), -40)
        self.assertLess(abs(float(out[RATE // 2 : 3 * RATE // 2].mean())), 0.001)
        whole = np.abs(out).reshape(-1, 48).max(axis=1)
        self.assertAlmostEqual(whole[1000], 0.1, delta=0.004)
        # A straight line: half way at half the time.
        self.assertAlmostEqual(whole[250], 0.05, delta=0.003)
        self.assertAlmostEqual(whole[-125], 0.05, delta=0.003)

    def test_a_stretch_left_out_leaves_no_trace(self) -> None:
        plain = self.tone(3.0)
        spoiled = plain.copy()
        a, b = round(1.0 * RATE), round(1.5 * RATE)
        spoiled[a + 480 : b - 480] = np.random.default_rng(1).uniform(-0.9, 0.9, b - a - 960)
        out = self.made(spoiled, TouchUp(without=((a, b),)))
        self.assertEqual(len(out), len(plain) - (b - a))
        self.assertLess(np.abs(out).max(), 0.36)
        np.testing.assert_array_equal(out[: a - 240], plain[: a - 240])
        np.testing.assert_array_equal(out[a + 240 :], plain[b + 240 :])

    @settings(max_examples=40, deadline=None)
    @given(
        st.lists(st.tuples(st.integers(-50, 1100), st.integers(0, 400)), max_size=5),
        st.lists(st.integers(1, 300), min_size=1, max_size=12),
        st.sampled_from([2, 10, 40]),
    )
    def test_left_out_is_exact_whatever_the_blocks(
        self, pairs: list[tuple[int, int]], lengths: list[int], blend: int
    ) -> None:
        total = sum(lengths)
        x = np.random.default_rng(total).uniform(-1, 1, (total, 2)).astype(np.float32)
        stretches = tidy_stretches([(a, a + n) for a, n in pairs], 0, total, blend)
        blocks, at = [], 0
        for length in lengths:
            blocks.append(x[at : at + length])
            at += length
        out = np.concatenate([np.zeros((0, 2), np.float32), *leave_out(blocks, stretches, blend)])
        self.assertEqual(len(out), total - sum(b - a for a, b in stretches))
        for (_, b), following in zip(stretches, [*stretches[1:], (total, total)], strict=False):
            gone = sum(d - c for c, d in stretches if d <= b)
            first, last = b + blend // 2, following[0] - blend // 2 if following[0] < total else total
            np.testing.assert_array_equal(out[first - gone : last - gone], x[first:last])

    def test_kept_in_the_job_file(self) -> None:
        touch = TouchUp(pitch=1.5, low_cut=80, remove_dc=True, fade_shape="even", without=((1, 2), (5, 9)))
        self.assertEqual(TouchUp.from_dict(touch.to_dict()), touch)
