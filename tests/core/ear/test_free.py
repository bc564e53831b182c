"""The engine that hears freely hears each recording alike, whatever came before it, whole and in parts."""

from __future__ import annotations

import unittest

import numpy as np
import soundfile

from kittiwake.core.ear.free import FreeListener
from kittiwake.core.ear.listener import is_installed
from tests.sounds import DEMO

Result = tuple[str, float | None, list[tuple[str, float, float]]]


@unittest.skipUnless(is_installed(), "the speech engine is not installed")
class TestFree(unittest.TestCase):
    def test_alike_whatever_came_before(self) -> None:
        sounds = []
        for name in ("Welcome.wav", "Gangway.wav"):
            sound, rate = soundfile.read(DEMO / name, dtype="float32", always_2d=True)
            sounds.append((np.ascontiguousarray(sound[: round(0.9 * rate), 0]), rate))

        def whole(listener: FreeListener) -> list[Result]:
            return [listener.hear(*one) for one in sounds]

        def in_parts(listener: FreeListener) -> list[Result]:
            return [listener.hear(*one, lambda text: None) for one in sounds]

        first, second = FreeListener(), FreeListener()
        expected, expected_parts = whole(first), in_parts(second)
        self.assertTrue(expected[0][0] and expected_parts[0][0])
        self.assertEqual((in_parts(first), whole(first)), (expected_parts, expected))
        self.assertEqual((whole(second), in_parts(second)), (expected, expected_parts))
