"""A constant part is neither speech nor noise: qualities are those of the sound without it, as making takes it away."""

from __future__ import annotations

import numpy as np

from kittiwake.bundled.corpus.core.quality import quality_of
from tests.sounds import FolderCase, noise, speech_like


class TestOffset(FolderCase):
    def test_qualities_do_not_change_with_it(self) -> None:
        rate = 16_000
        sound = speech_like(rate, 3.0) * 0.7 + noise(rate, 3.0, -80)
        plain, _, _ = quality_of(self.write("plain.wav", sound, rate), None, 0, None)
        for share in (0.01, 0.05, -0.1):
            moved, _, _ = quality_of(self.write("moved.wav", sound + np.float32(share), rate), None, 0, None)
            with self.subTest(share):
                self.assertAlmostEqual(moved.dc or 0, abs(100 * share), delta=0.1)
                for name, within in (("snr", 1.0), ("noise", 1.0), ("start", 1.0), ("end", 1.0), ("speech", 2.0)):
                    self.assertAlmostEqual(moved.get(name) or 0, plain.get(name) or 0, delta=within, msg=name)
