"""Tracks: what is listened to."""

from __future__ import annotations

import numpy as np

from kittiwake.core.ear.track import RATE, Track, file_blocks, line_blocks, preview, source_blocks, track_blocks
from kittiwake.core.fit import fit
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from tests.sounds import FolderCase, sine, tone_level


class TestTracks(FolderCase):
    def filled(self, blocks: object) -> Track:
        track = Track()
        self.addCleanup(track.close)
        track.fill(blocks, lambda: False)  # type: ignore[arg-type]
        track.complete = True
        return track

    def test_source_output_and_line_keep_the_same_instant(self) -> None:
        # Three beeps at known seconds are at the same seconds in all three.
        x = np.zeros(48000 * 2, np.float32)
        for at in (0.3, 0.9, 1.5):
            begin = round(at * 48000)
            x[begin : begin + 4800] = sine(1000, 48000, 0.1, -12)
        path = self.write("beeps.wav", np.stack([x, x], 1), 48000)
        clip, facts = Clip.whole(path), analyze(path)
        found = fit(clip, facts, load_receiver("phone-menu"))
        source = self.filled(source_blocks(clip, facts))
        assert found.recipe
        output = self.filled(file_blocks(preview(facts, found, self.folder, lambda: False), found.recipe))
        line = self.filled(line_blocks(track_blocks(output), output.frames))
        self.assertEqual(source.frames, 96_000)
        self.assertEqual((output.frames, line.frames), (96_000, 96_000))
        starts = []
        for track in (source, output, line):
            loud = np.abs(track.samples()[:, 0].astype(np.float64))
            loud = np.convolve(loud, np.ones(96) / 96, mode="same")
            over = np.flatnonzero(np.diff((loud > loud.max() / 4).astype(int)) == 1)
            self.assertEqual(len(over), 3)
            starts.append(over / RATE)
        for other in starts[1:]:
            np.testing.assert_allclose(other, starts[0], atol=0.002)

    def test_reading_while_it_is_being_filled(self) -> None:
        track = Track()
        self.addCleanup(track.close)
        track.fill([np.full((100, 1), 0.5, np.float32)], lambda: False)
        self.assertEqual(len(track.read(0, 1000)), 400)
        track.fill([np.full((100, 2), -0.5, np.float32)], lambda: False)
        self.assertEqual(len(track.read(90, 1000)), 440)
        self.assertEqual(track.samples()[150].tolist(), [-16384, -16384])
        self.assertEqual(track.read(500, 10), b"")

    def test_the_line_sounds_like_a_line(self) -> None:
        both = sine(1000, RATE, 1, -12) + sine(6000, RATE, 1, -12)
        track = self.filled(line_blocks([both[:, None]], len(both)))
        heard = track.samples()[:, 0].astype(np.float32) / 32768
        self.assertAlmostEqual(tone_level(heard, 1000, RATE), -12, delta=0.3)
        self.assertLess(tone_level(heard, 6000, RATE), -70)
