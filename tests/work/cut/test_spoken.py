"""Reading spans of a source."""

from __future__ import annotations

import numpy as np
import soundfile

from kittiwake.core.intake import open_sound
from kittiwake.work.cut.spoken import cut_from
from tests.sounds import FolderCase


class TestSpans(FolderCase):
    def test_spans_are_read_whole_and_nothing_besides(self) -> None:
        """Also those that begin or end where a block of the reader does, and one inside of another."""
        sound = (np.arange(200_000) % 65_536 - 32_768).astype(np.int16)
        path = self.folder / "a.wav"
        soundfile.write(path, sound, 8000)
        reader = open_sound(path)
        first = len(next(iter(reader.blocks())))
        reader.close()
        spans = [(0, 5), (100, first), (200, 300), (first, first + 10), (first + 9, 2 * first + 1)]
        found: list[list[np.ndarray]] = [[] for _ in spans]
        for n, block in cut_from(path, None, spans):
            self.assertGreater(len(block), 0)
            found[n].append(block[:, 0])
        for (start, stop), blocks in zip(spans, found, strict=True):
            np.testing.assert_array_equal(np.concatenate(blocks) * 32768, sound[start:stop])
        self.assertEqual(list(cut_from(path, None, [])), [])
