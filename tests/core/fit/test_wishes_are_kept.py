"""What is typed is what comes out: bit rates, headerless forms, peaks; and nothing is changed that nobody asked for."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import soundfile

from kittiwake.core.fit import fit
from kittiwake.core.fit.receiver_query import receiver_of_wish
from kittiwake.core.make import make_output
from kittiwake.core.make.output import OutputPlan
from kittiwake.core.make.proof import prove
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver
from tests.sounds import FolderCase, speech_like

RATE = 44_100


class TestWishes(FolderCase):
    def made(self, path: Path, receiver: Receiver) -> Path:
        clip, facts = Clip.whole(path), analyze(path)
        found = fit(clip, facts, receiver)
        assert found.recipe
        out = self.folder / receiver.slug / f"out{found.recipe.format.extension}"
        done = make_output(OutputPlan(clip, facts, found, receiver, out))
        self.assertEqual(done.status, "made", done.error)
        return out

    def test_a_file_of_another_bit_rate_is_not_taken_as_it_is(self) -> None:
        both = np.stack([speech_like(RATE, 3.0), speech_like(RATE, 3.0, seed=8)], axis=1)
        wav = self.folder / "a.wav"
        soundfile.write(wav, both * 0.5, RATE)
        receivers = {rate: receiver_of_wish(f"mp3 {rate}k stereo") for rate in (128, 192)}
        mp3 = {
            rate: self.made(wav, receiver).rename(self.folder / f"{rate}.mp3") for rate, receiver in receivers.items()
        }
        for rate, path in mp3.items():
            for wanted, receiver in receivers.items():
                with self.subTest(rate=rate, wanted=wanted):
                    self.assertEqual(fit(Clip.whole(path), analyze(path), receiver).verdict, "as_is" if rate == wanted else "convert")  # fmt: skip
                    proof = prove(path, receiver)
                    self.assertEqual("bit rate" in [check.name for check in proof.failures], rate != wanted)

    def test_headerless_linear_by_all_its_names(self) -> None:
        for words in (
            "raw 16k mono",
            "raw 16 bit 16k",
            "sln 16k",
            "linear16 16k",
            "headerless 16k",
            "raw pcm 16k",
            "slin 16k mono",
        ):
            with self.subTest(words):
                (accepted,) = receiver_of_wish(words).rules.accepts
                self.assertEqual(
                    (accepted.container, accepted.encoding, accepted.sample_rates), ("raw", "pcm_s16le", (16_000,))
                )
        for words, encoding in (("raw ulaw 8k", "ulaw"), ("alaw raw 8k", "alaw"), ("raw gsm", "gsm")):
            self.assertEqual(receiver_of_wish(words).rules.accepts[0].encoding, encoding)

    def test_a_typed_peak_is_reached_behind_the_codec(self) -> None:
        wav = self.write("a.wav", speech_like(RATE, 2.0) * 0.3, RATE)
        for words in ("ogg 44.1k -0.5 dbfs", "mp3 192k -1 dbfs", "m4a 44.1k -1 dbfs"):
            with self.subTest(words):
                receiver = receiver_of_wish(words)
                path = self.made(wav, receiver)
                peak = analyze(path).measures.peak  # type: ignore[union-attr]
                self.assertAlmostEqual(20 * np.log10(peak), receiver.treatment.level.target_dbfs or 0, delta=0.35)

    def test_a_gain_that_nobody_set_is_not_said_to_be(self) -> None:
        loud = speech_like(RATE, 1.0)
        wav = self.write("loud.wav", loud / np.abs(loud).max(), RATE)
        for words in ("wav 44.1k", "mp3 192k"):
            found = fit(Clip.whole(wav), analyze(wav), receiver_of_wish(words))
            said = [f"{step.what}: {step.reason}" for step in found.steps]
            self.assertFalse([text for text in said if "set by you" in text], said)
        soft = self.write("soft.wav", loud / np.abs(loud).max() * 0.35, RATE)
        problems = fit(Clip.whole(soft), analyze(soft), receiver_of_wish("mp3 192k")).problems
        self.assertFalse([one.message for one in problems if "short of the wanted level" in one.message])
