"""Which channel is taken, and how many are mixed: nothing is lost that is heard, and what holds nothing does not count."""

from __future__ import annotations

from functools import cached_property
from pathlib import Path

import numpy as np
import soundfile

from kittiwake.core.fit import fit
from kittiwake.core.make import make_output
from kittiwake.core.make.output import OutputPlan
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.model.downmix import downmixed, shares
from tests.sounds import FolderCase, noise, rms, speech_like

RATE = 48_000
VOICE = speech_like(RATE, 2.0, dbov=-24)
HISS = noise(RATE, 2.0, -45.0)
HUM = (0.01 * np.sin(2 * np.pi * 50 * np.arange(2 * RATE) / RATE)).astype(np.float32)
NOTHING = np.zeros_like(VOICE)


def db(value: float) -> float:
    return float(20 * np.log10(max(value, 1e-9)))


class TestDownmix(FolderCase):
    def test_shares_are_those_of_bs_775(self) -> None:
        """ITU-R BS.775-3, annex 4, table 2: centre and surround to left and right at −3 dB; here divided by their sum, so that nothing is clipped."""
        left, right = shares(6, 2)
        np.testing.assert_allclose(left / left[0], [1, 0, 0.7071, 0, 0.7071, 0], atol=1e-4)
        np.testing.assert_allclose(right / right[1], [0, 1, 0.7071, 0, 0, 0.7071], atol=1e-4)
        for channels in range(1, 17):
            for wanted in (1, 2):
                rows = shares(channels, wanted)
                self.assertAlmostEqual(float(rows.sum(axis=1).max()), 1.0, 5)
                self.assertTrue((rows >= 0).all())
        full = np.ones((6, 4), np.float32)
        self.assertLessEqual(float(np.abs(downmixed(full, 2)).max()), 1.0 + 1e-6)

    def made(
        self, name: str, *channels: np.ndarray, slug: str = "phone-menu", level: bool = False
    ) -> tuple[np.ndarray, list[str]]:
        """What is made of a file with these channels at its own level, and the steps of its path."""
        path = self.folder / f"{name}.wav"
        soundfile.write(path, np.stack(channels, axis=1), RATE, subtype="PCM_24")
        receiver = load_receiver(slug)
        if not level:
            receiver = receiver.changed(
                treatment=receiver.treatment.changed(level=receiver.treatment.level.changed(measure="leave"))
            )
        clip, facts = Clip.whole(path), analyze(path)
        found = fit(clip, facts, receiver)
        done = make_output(OutputPlan(clip, facts, found, receiver, self.folder / name / "out.wav"))
        self.assertEqual(done.status, "made", done.error)
        return soundfile.read(Path(done.output or ""), always_2d=True)[0], [
            f"{step.what} ({step.reason})" for step in found.steps
        ]

    def test_the_centre_is_heard_in_two_channels(self) -> None:
        """5.1 with the voice in the centre, as films have it, and 3 to 8 channels."""
        for count in range(3, 9):
            if count == 4:
                continue  # left, right and what is behind: there is no centre
            with self.subTest(channels=count):
                channels = [HISS * 0.3] * count
                channels[2] = VOICE
                sound, steps = self.made(f"c{count}", *channels, slug="editing-copy")
                self.assertEqual(sound.shape[1], 2)
                self.assertGreater(db(rms(sound[:, 0])), db(rms(VOICE)) - 14)
                np.testing.assert_allclose(sound[:, 0], sound[:, 1], atol=0.02)
                self.assertTrue(any("BS.775" in step and "centre" in step for step in steps), steps)

    @cached_property
    def alone(self) -> float:
        """The level of what is made of the voice by itself, dB."""
        return db(rms(self.made("alone", VOICE)[0]))

    def test_channels_that_hold_nothing_do_not_count(self) -> None:
        for name, at, count in (
            ("one of four", 3, 4),
            ("only a centre", 2, 6),
            ("the first of eight", 0, 8),
            ("low frequencies only", 3, 6),
        ):
            with self.subTest(name):
                channels = [NOTHING] * count
                channels[at] = VOICE
                sound, steps = self.made(name, *channels)
                self.assertAlmostEqual(db(rms(sound)), self.alone, delta=0.6)
                self.assertTrue(any("only this one holds anything" in step for step in steps), steps)
        sound, steps = self.made("front of six", VOICE, VOICE, NOTHING, NOTHING, NOTHING, NOTHING)
        self.assertAlmostEqual(db(rms(sound)), self.alone, delta=0.6)
        self.assertTrue(any("4 silent ones do not count" in step for step in steps), steps)

    def test_a_side_that_holds_only_noise_is_none(self) -> None:
        for name, other in (
            ("hiss at -45", HISS),
            ("hiss at -34", noise(RATE, 2.0, -34.0)),
            ("hiss at -60", noise(RATE, 2.0, -60.0)),
            ("hum", HUM),
        ):
            for turned in (False, True):
                with self.subTest(name, turned=turned):
                    both = (other, VOICE) if turned else (VOICE, other)
                    sound, steps = self.made(f"{name} {turned}", *both)
                    self.assertAlmostEqual(db(rms(sound)), self.alone, delta=0.6)
                    self.assertTrue(any("silent, or holds only noise" in step for step in steps), steps)
        # Two that speak in turn, or music beside a voice, are two.
        half = len(VOICE) // 2
        one, two = VOICE.copy(), speech_like(RATE, 2.0, dbov=-30, seed=9)
        one[half:], two[:half] = 0, 0
        self.assertEqual(analyze(self.stereo("turns", one, two)).measures.sides, "different")  # type: ignore[union-attr]

    def stereo(self, name: str, left: np.ndarray, right: np.ndarray) -> Path:
        path = self.folder / f"{name}.wav"
        soundfile.write(path, np.stack([left, right], axis=1), RATE, subtype="PCM_24")
        return path

    def test_sides_that_are_the_same_but_for_a_level_nobody_hears(self) -> None:
        facts = analyze(self.stereo("softer", VOICE, VOICE * np.float32(0.98)))
        assert facts.measures
        self.assertEqual(facts.measures.sides, "identical")
        receiver = load_receiver("phone-menu")
        self.assertEqual(fit(Clip.whole(facts.path), facts, receiver).verdict, "convert")
