"""The stand-in beacon and loudspeaker."""

from __future__ import annotations

import struct
import unittest

from kittiwake.bundled.standins.machines.beacon import Beacon
from kittiwake.core.ear.track import RATE
from kittiwake.work.standin import SilentLoudspeaker
from tests.sounds import DEMO

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
