"""Levels of spans, each by itself."""

from __future__ import annotations

import math

import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.measure import ActiveLevel
from kittiwake.core.sound.span_levels import levels_of_spans
from tests.sounds import FolderCase, speech_like

RATE = 8000


class TestSpanLevels(FolderCase):
    @settings(max_examples=20)
    @given(st.lists(st.tuples(st.integers(0, 40_000), st.integers(1, 40_000)), max_size=6))
    def test_each_is_as_if_it_were_alone(self, sample: list[tuple[int, int]]) -> None:
        path = self.folder / "x.wav"
        sound = speech_like(RATE, 5.0)
        if not path.exists():
            soundfile.write(str(path), sound, RATE, subtype="FLOAT")
        spans = [(a, a + b) for a, b in sample]
        for span, level in zip(spans, levels_of_spans(path, None, "mono", spans), strict=True):
            part = sound[span[0] : span[1]].astype(np.float32)
            if not len(part):
                self.assertIsNone(level)
                continue
            assert level is not None
            meter = ActiveLevel(RATE)
            meter.add(part)
            self.assertAlmostEqual(level.peak, float(np.abs(part).max()), places=6)
            active, activity = meter.result()
            if math.isfinite(active):
                self.assertAlmostEqual(level.active_dbov, active, places=3)
                self.assertAlmostEqual(level.activity, activity, places=3)

    def test_one_side_of_two(self) -> None:
        path = self.folder / "two.wav"
        left = speech_like(RATE, 2.0, -20)
        soundfile.write(str(path), np.stack([left, left * 0.1], axis=1), RATE, subtype="FLOAT")
        loud, soft = (levels_of_spans(path, None, side, [(0, RATE)])[0] for side in ("left", "right"))
        assert loud is not None and soft is not None
        self.assertAlmostEqual(loud.active_dbov - soft.active_dbov, 20, delta=0.3)
