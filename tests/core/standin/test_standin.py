"""The stand-in beacon, loudspeaker and the tracks that are listened to."""

from __future__ import annotations

import struct
import unittest

import numpy as np

from kittiwake.core.fit import fit
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.standin import SilentLoudspeaker, Track
from kittiwake.core.standin.machines.beacon import Beacon
from kittiwake.core.standin.track import RATE, file_blocks, line_blocks, preview, source_blocks, track_blocks
from tests.sounds import DEMO, FolderCase, sine, tone_level

GOOD = (DEMO / "Quay closed.wav").read_bytes()


def changed(at: int, form: str, value: int) -> bytes:
    data = bytearray(GOOD)
    struct.pack_into(form, data, at, value)
    return bytes(data)


class TestBeacon(unittest.TestCase):
    def test_takes_what_it_should_and_plays_it(self) -> None:
        beacon = Beacon()
        self.assertIsNone(beacon.press())
        self.assertTrue(beacon.hand("Quay_closed.wav", GOOD))
        held = beacon.press()
        assert held
        self.assertEqual((held.rate, held.bytes), (8000, len(GOOD)))
        self.assertAlmostEqual(held.seconds, (len(GOOD) - 44) / 16000)

    def test_refuses_as_strictly_as_a_device_and_says_at_which_byte(self) -> None:
        cases = {
            "ending in .wav": ("x.flac", GOOD, 0),
            "under 200,000": ("x.wav", GOOD + b"\0" * 200_000, 200_000),
            "begin as a WAV": ("x.wav", b"JUNK" + GOOD[4:], 0),
            "size in its header": ("x.wav", GOOD + b"\0\0", 4),
            "tag 7": ("x.wav", changed(20, "<H", 7), 20),
            "2 channels": ("x.wav", changed(22, "<H", 2), 22),
            "16,000 Hz": ("x.wav", changed(24, "<I", 16000), 24),
            "8 bits": ("x.wav", changed(34, "<H", 8), 34),
            "follow the format": ("x.wav", GOOD[:36] + b"LIST" + GOOD[40:], 36),
            "as long as it says": ("x.wav", changed(40, "<I", 10), 40),
            "too few": ("x.wav", b"RIFF", 4),
        }
        beacon = Beacon()
        beacon.hand("first.wav", GOOD)
        for part, (name, data, at) in cases.items():
            with self.subTest(part):
                self.assertFalse(beacon.hand(name, data))
                assert beacon.refusal
                self.assertIn(part, beacon.refusal.reason)
                self.assertEqual(beacon.refusal.at, at)
                self.assertEqual(beacon.held.name, "first.wav")  # type: ignore[union-attr]


class TestLoudspeaker(unittest.TestCase):
    def test_it_keeps_time(self) -> None:
        taken: list[int] = []
        speaker = SilentLoudspeaker(lambda count: taken.append(count) or b"", RATE)
        speaker.tick(5.0)
        speaker.start(10.0)
        for now in (10.1, 10.13, 10.131, 12.0):
            speaker.tick(now)
        self.assertEqual(sum(taken), 2 * RATE)
        speaker.stop()
        speaker.tick(20.0)
        self.assertEqual(sum(taken), 2 * RATE)


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
