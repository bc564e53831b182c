"""Takes: a breath does not end one, and a retake is the same clip, wherever its file lies."""

from __future__ import annotations

import unittest
from pathlib import Path

import numpy as np

from kittiwake.core.model import Job
from kittiwake.core.model.span import Span
from kittiwake.work.cut.onboard import with_take
from kittiwake.work.record.endpoint import USUAL_SILENCE, Endpoint
from tests.sounds import speech_like

RATE = 16_000


class TestEnd(unittest.TestCase):
    def heard(self, pause: float, silence: float) -> float:
        """Seconds of two sentences with a pause between them that are heard before it ends by itself; all of them where it does not."""
        sentence, gap = speech_like(RATE, 2.0, dbov=-24), np.zeros(round(pause * RATE), np.float32)
        whole = np.concatenate([sentence, gap, sentence])
        end = Endpoint(RATE, -70.0, silence)
        for at in range(0, len(whole), 320):
            end.add(whole[at : at + 320])
            if end.ended:
                return at / RATE
        return len(whole) / RATE

    def test_a_pause_in_a_reading_is_no_end(self) -> None:
        for pause in (0.7, 1.16, 2.0):
            self.assertEqual(self.heard(pause, USUAL_SILENCE), 4 + pause)
        self.assertLess(self.heard(4.0, USUAL_SILENCE), 6)

    def test_without_an_end_of_its_own(self) -> None:
        self.assertEqual(self.heard(9.0, 0.0), 13.0)


class TestRetake(unittest.TestCase):
    def test_it_takes_the_place_and_the_id_of_the_one_before_wherever_that_lies(self) -> None:
        job = with_take(Job(), Path("/r/Untitled/pier.wav"), Span(0, 100, "pier", by_hand=True))
        other = with_take(job, Path("/r/Untitled/quay.wav"), Span(0, 90, "quay", by_hand=True))
        first = other.clips[0]
        again = with_take(other, Path("/r/Recordings/pier.wav"), Span(5, 80, "pier", by_hand=True))
        self.assertEqual([clip.name for clip in again.clips], ["pier", "quay"])
        self.assertEqual((again.clips[0].id, again.clips[0].source), (first.id, Path("/r/Recordings/pier.wav")))
        ids = [span.id for cut in again.cuts.values() for span in cut.spans]
        self.assertEqual(len(set(ids)), 3)
        self.assertTrue(all(span.aside for span in again.cuts[Path("/r/Untitled/pier.wav")].spans))

    def test_it_stands_for_what_a_voice_spoke(self) -> None:
        job = with_take(Job(), Path("/r/pier.wav"), Span(0, 100, "pier", by_hand=True), "line")
        self.assertEqual(job.clips[0].id, "line")
        self.assertEqual(job.cuts[Path("/r/pier.wav")].spans[0].id, "line")
