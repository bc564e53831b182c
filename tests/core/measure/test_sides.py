"""How two sides relate, on pairs built from a real and a synthetic voice; and that no mix loses what nobody was asked about."""

from __future__ import annotations

import numpy as np
import soundfile
from numpy.typing import NDArray

from kittiwake.core.batch import plan_outputs
from kittiwake.core.fit import fit
from kittiwake.core.make import make_output
from kittiwake.core.measure import ActiveLevel, analyze
from kittiwake.core.model import Clip, Receiver
from tests.sounds import FolderCase, noise, really_spoken, spoken

RATE = 48_000
PLAIN = Receiver.read(
    {
        "slug": "plain",
        "name": "Plain",
        "rules": {"accepts": [{"container": "wav", "encoding": "pcm_f32", "sample_rates": [RATE]}]},
        "treatment": {"level": {"measure": "leave"}},
    }
)
Signal = NDArray[np.float32]


def late(sound: Signal, seconds: float) -> Signal:
    """By any part of a sample, in the frequency domain."""
    turned = np.fft.rfft(sound, 2 * len(sound))
    turned *= np.exp(-2j * np.pi * np.fft.rfftfreq(2 * len(sound), 1 / RATE) * seconds)
    return np.fft.irfft(turned)[: len(sound)].astype(np.float32)


def pairs(x: Signal) -> dict[str, tuple[Signal, ...]]:
    third = np.where(np.arange(len(x)) < len(x) // 3, np.float32(-1), np.float32(1))
    hiss = [noise(RATE, len(x) / RATE, -75, seed) for seed in (1, 2)]
    delays = {f"{ms} ms late": (x, late(x, ms / 1000)) for ms in (0.1, 0.125, 0.3, 1, 2.5, 5)}
    return {
        "upside down": (x, -x), "upside down and 0.125 ms late": (x, -late(x, 0.000125)), **delays,
        "1 ms early": (late(x, 0.001), x), "a third upside down": (x, x * third),
        "bleeding over, 30 dB down": (x, x * np.float32(10**-1.5)), "bleeding back": (x * np.float32(10**-1.5), x),
        "10 dB softer": (x, x * np.float32(10**-0.5)), "in hiss, 1 ms late": (x + hiss[0], late(x, 0.001) + hiss[1]),
        "four channels, two upside down": (x, -x, 0 * x, 0 * x), "four, all of the same": (x, x, x, x),
        "the same": (x, x), "one side": (x, 0 * x),
    }  # fmt: skip


class TestSides(FolderCase):
    def level(self, sound: Signal) -> float:
        meter = ActiveLevel(RATE)
        meter.add(sound)
        return meter.result()[0]

    def made(self, columns: tuple[Signal, ...]) -> tuple[str, float | None]:
        """The verdict, and the level of what is made; None where it is to be decided."""
        path = self.folder / f"{len(list(self.folder.iterdir()))}.wav"
        soundfile.write(str(path), np.stack(columns, axis=1), RATE, subtype="PCM_24")
        facts = analyze(path)
        found = fit(Clip.whole(path), facts, PLAIN)
        if not found.ready:
            return found.verdict, None
        done = make_output(plan_outputs([(Clip.whole(path), facts, found)], PLAIN, self.folder / "out")[0])
        self.assertEqual(done.status, "made", done.error)
        sound = soundfile.read(str(done.plan.output), dtype="float32")[0]
        return found.verdict, self.level(sound)

    def test_no_pair_of_one_voice_loses_more_than_a_decibel_unasked(self) -> None:
        for voice in (really_spoken(RATE)[: 5 * RATE], spoken(RATE)):
            x = (voice * np.float32(0.5)).astype(np.float32)
            for name, columns in pairs(x).items():
                with self.subTest(name):
                    verdict, level = self.made(columns)
                    if level is None:
                        self.assertEqual(verdict, "decide")
                        self.assertIn("four channels", name)
                    else:
                        self.assertGreater(level, self.level(x) - 1.0)

    def test_two_voices_are_still_mixed(self) -> None:
        x, y = really_spoken(RATE)[: 4 * RATE], spoken(RATE)
        n = min(len(x), len(y))
        for a, b in ((x[:n], y[:n]), (y[:n], x[:n] * np.float32(0.3))):
            path = self.folder / "two.wav"
            soundfile.write(str(path), np.stack([a, b], axis=1) * 0.5, RATE, subtype="PCM_24")
            facts = analyze(path)
            assert facts.measures
            self.assertEqual(facts.measures.sides, "different")
            self.assertEqual(fit(Clip.whole(path), facts, PLAIN).verdict, "convert")

    def test_lag_and_bands_are_what_was_built(self) -> None:
        x = (really_spoken(RATE)[: 5 * RATE] * np.float32(0.5)).astype(np.float32)
        for ms in (-2.5, -0.5, 0.25, 1.0, 4.0):
            path = self.folder / f"{ms}.wav"
            pair = (x, late(x, ms / 1000)) if ms > 0 else (late(x, -ms / 1000), x)
            soundfile.write(str(path), np.stack(pair, axis=1), RATE, subtype="PCM_24")
            measures = analyze(path).measures
            assert measures
            self.assertAlmostEqual(measures.side_lag * 1000, ms, delta=0.03)
            self.assertEqual(len(measures.side_bands), 4)

    def test_a_band_that_cancels_is_to_be_decided(self) -> None:
        """Upside down below 1 kHz and the same above: some of the voice would be gone, and nobody would see it in the level."""
        x = (really_spoken(RATE)[: 5 * RATE] * np.float32(0.5)).astype(np.float32)
        turned = np.fft.rfft(x)
        low = np.fft.rfftfreq(len(x), 1 / RATE) < 1000
        y = np.fft.irfft(np.where(low, -turned, turned), len(x)).astype(np.float32)
        path = self.folder / "band.wav"
        soundfile.write(
            str(path), np.stack([x * 0.9 + noise(RATE, len(x) / RATE, -60), y], axis=1), RATE, subtype="PCM_24"
        )
        facts = analyze(path)
        found = fit(Clip.whole(path), facts, PLAIN)
        self.assertTrue(found.verdict == "decide" or (found.recipe and found.recipe.take != "mix"))

    def test_without_a_picture_the_same_side_is_taken(self) -> None:
        x = (spoken(RATE) * np.float32(0.5)).astype(np.float32)
        for name, columns in pairs(x).items():
            path = self.folder / "x.wav"
            soundfile.write(str(path), np.stack(columns, axis=1), RATE, subtype="PCM_24")
            whole, quick = analyze(path).measures, analyze(path, picture=False).measures
            assert whole and quick
            self.assertEqual((whole.sides, whole.side_loss_db), (quick.sides, quick.side_loss_db), name)
