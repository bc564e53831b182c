"""The picture of a source that is cut, at every scale."""

from __future__ import annotations

import json
from pathlib import Path

import numpy as np
from PySide6.QtCore import Qt

from kittiwake import demo
from kittiwake.core.measure import analyze
from kittiwake.ui.workers.cuts import Picture
from tests.sounds import FolderCase, speech_like

Key, Mod = Qt.Key, Qt.KeyboardModifier
READING = Path(demo.__file__).parent / "reading"
TRUTH = json.loads((READING / "where.json").read_text("utf-8"))


class TestPicture(FolderCase):
    def test_any_view_holds_the_extremes_of_what_it_shows(self) -> None:
        rate = 8000
        x = speech_like(rate, 20)
        path = self.write("x.wav", x, rate)
        facts = analyze(path)
        for samples in (x, None):
            picture = Picture(facts, samples, None)
            for start, stop, columns in ((0, len(x), 300), (4000, 4400, 100), (150_000, 160_000, 640)):
                view = picture.view(start, stop, columns)
                self.assertEqual(view.shape, (columns, 2))
                edges = np.linspace(start, stop, columns + 1)
                for n in (0, columns // 2, columns - 2):
                    truth = x[int(edges[n]) : max(int(edges[n]) + 1, int(edges[n + 1]))]
                    self.assertLessEqual(view[n, 0], truth.min() + 1e-4)
                    self.assertGreaterEqual(view[n, 1], truth.max() - 1e-4)

    def test_a_quiet_place_is_near_quiet_and_where_the_sign_changes(self) -> None:
        rate = 16_000
        x = (np.sin(np.arange(rate) * 0.3) * 0.5).astype(np.float32)
        x[8000:8080] *= 0.01
        facts = analyze(self.write("x.wav", x, rate))
        place = Picture(facts, x, None).quiet_place(7940)
        self.assertTrue(7995 <= place <= 8085, place)
        self.assertNotEqual(np.signbit(x[place]), np.signbit(x[place - 1]))
