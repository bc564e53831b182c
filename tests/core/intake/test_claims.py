"""What is stated of a folder holds for files that say nothing else for themselves."""

from __future__ import annotations

import numpy as np

from kittiwake.core.codec import FORMATS
from kittiwake.core.errors import IntakeError
from kittiwake.core.intake.bare import _is_lively
from kittiwake.core.intake.claims import stated_for
from kittiwake.core.measure.analyze import analyze_as_stated
from kittiwake.core.model import Stated
from tests.sounds import FolderCase, spoken

LINEAR = Stated("pcm_s16le", 8000)


class TestClaims(FolderCase):
    def headerless(self, name: str, encoding: str, rate: int = 8000) -> None:
        writer = FORMATS["raw", encoding].open(self.folder / name, rate, 1, dither="none")
        writer.write(spoken(rate)[:, None])
        writer.close()

    def test_a_mixed_folder(self) -> None:
        self.headerless("linear.raw", "pcm_s16le")
        self.headerless("frames.gsm", "gsm")
        self.headerless("frames.bin", "gsm")  # told by its marks alone
        self.headerless("wide.g722", "g722", 16_000)
        self.write("wave.wav", spoken(8000), 8000)
        seconds = len(spoken(8000)) / 8000
        for path in sorted(self.folder.iterdir()):
            facts = analyze_as_stated(path, LINEAR)
            self.assertTrue(facts.ok, (path, facts.error))
            self.assertAlmostEqual(facts.seconds or 0, seconds, delta=0.03, msg=path.name)

    def test_a_name_that_says_otherwise_is_asked_about(self) -> None:
        self.headerless("prompt.ulaw", "ulaw")
        with self.assertRaises(IntakeError) as caught:
            stated_for(self.folder / "prompt.ulaw", LINEAR)
        self.assertEqual(caught.exception.code, "contradiction")
        self.assertIn("ulaw@8000", caught.exception.remedy)
        self.assertEqual(stated_for(self.folder / "prompt.ulaw", Stated("ulaw", 8000)), Stated("ulaw", 8000))

    def test_numbers_that_no_recording_holds_are_no_sound(self) -> None:
        voice = spoken(8000)
        self.assertTrue(_is_lively(voice))
        hole = voice.copy()
        hole[5000] = np.nan
        for other in (voice * 1000, hole, np.where(np.isnan(hole), np.inf, hole), np.zeros(8000, np.float32)):
            self.assertFalse(_is_lively(other))

    def test_noise_has_no_claim(self) -> None:
        path = self.folder / "x.raw"
        path.write_bytes(np.random.default_rng(1).bytes(9000))
        self.assertEqual(stated_for(path, LINEAR), LINEAR)
