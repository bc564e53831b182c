"""Samples that are not numbers: every verb that reads sound takes them as silence, and says no more than that."""

from __future__ import annotations

import subprocess
import sys

import numpy as np
import soundfile

from kittiwake.core.extensions import extensions
from tests.sounds import FolderCase, speech_like


class TestHoles(FolderCase):
    def test_nothing_comes_of_them_but_silence(self) -> None:
        sound = speech_like(16_000, 1).astype(np.float32)
        sound[100:200], sound[300], sound[301] = np.nan, np.inf, -np.inf
        path = self.folder / "a.wav"
        soundfile.write(path, sound, 16_000, subtype="FLOAT")
        for words in (
            ("facts", path),
            ("spans", path),
            ("fit", "--for", "phone-menu", path),
            ("make", "--for", "phone-menu", "--into", self.folder / "out", path),
            ("touch", "--faster", "8%", "--form", "flac", "--into", self.folder / "out", path),
            *((("corpus", "--preview", path),) if "corpus" in extensions() else ()),
        ):
            done = subprocess.run(
                [sys.executable, "-W", "default::RuntimeWarning", "-m", "kittiwake.cli", *map(str, words)],
                capture_output=True, text=True, check=False,
            )  # fmt: skip
            self.assertTrue(done.stdout, words)
            self.assertNotRegex(done.stderr, "Warning|Traceback", words)
            self.assertNotRegex(done.stdout, r"\bnan\b|\binf\b", words)
