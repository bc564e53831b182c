"""The same recording in another codec, at another level or rate, a little later; and clips that only share words."""

from __future__ import annotations

import io
import unittest

import numpy as np
import soundfile
import soxr

from kittiwake.bundled.corpus.core.bands import Bands
from kittiwake.bundled.corpus.core.doubles import doubles
from kittiwake.bundled.corpus.core.likeness import Likeness, likeness_of
from tests.sounds import REAL, Signal, at_tempo

RATE = 16_000


def like(sound: Signal, rate: int = RATE) -> Likeness | None:
    bands = Bands(rate)
    bands.add(sound.astype(np.float32))
    return likeness_of(bands.powers(), bands.seconds, bands.raised_powers())


def coded(sound: Signal, rate: int, subtype: str) -> Signal:
    data = io.BytesIO()
    soundfile.write(data, sound, rate, format="WAV", subtype=subtype)
    data.seek(0)
    return soundfile.read(data, dtype="float32")[0]


class DoublesTest(unittest.TestCase):
    def setUp(self) -> None:
        files = sorted(REAL.glob("[FRS]*.wav"))
        if not files:
            self.skipTest("alsa-utils is not on this machine")
        words = [soxr.resample(soundfile.read(str(file), dtype="float32")[0], 48_000, RATE) for file in files]
        # Sentences of three words each, of which any two share one or two.
        self.clips = [
            np.concatenate([words[a], words[b], words[c]])
            for a, b, c in ((0, 1, 2), (0, 1, 3), (3, 1, 2), (2, 0, 1), (4, 5, 0))
        ]

    def test_doubles_are_found_and_likes_are_not(self) -> None:
        narrow = soxr.resample(self.clips[1], RATE, 8000)
        planted = [
            like(self.clips[0] * 10 ** (-12 / 20)),
            like(coded(narrow, 8000, "GSM610"), 8000),
            like(np.concatenate([np.zeros(480, np.float32), self.clips[2]])),
            like(soxr.resample(self.clips[3], RATE, 11_025), 11_025),
        ]
        found = doubles([*(like(clip) for clip in self.clips), *planted, None, like(np.zeros(RATE, np.float32))])
        self.assertEqual({(0, 5), (1, 6), (2, 7), (3, 8)}, {(one.one, one.other) for one in found})

    def test_a_copy_that_was_made_faster_or_slower_is_found(self) -> None:
        sample = [like(clip) for clip in self.clips]
        sample += [like(at_tempo(self.clips[0], RATE, 1.03)), like(at_tempo(self.clips[4], RATE, 0.97))]
        found = {(one.one, one.other) for one in doubles(sample)}
        self.assertEqual({(0, 5), (4, 6)}, found)

    def test_a_copy_that_plays_faster_and_higher_or_slower_and_lower_is_found(self) -> None:
        for share in (0.02, 0.03, 0.04):
            sample = [like(clip) for clip in self.clips]
            sample += [like(soxr.resample(self.clips[0], RATE, round(RATE * (1 - share))))]
            sample += [like(soxr.resample(self.clips[4], RATE, round(RATE * (1 + share))))]
            found = {(one.one, one.other) for one in doubles(sample)}
            self.assertEqual({(0, 5), (4, 6)}, found, share)

    def test_many_copies_of_one_are_all_tied_together(self) -> None:
        one, other = like(self.clips[0]), like(self.clips[4])
        found = doubles([one] * 40 + [other])
        tied = {0}
        for pair in sorted(found):
            if pair.one in tied:
                tied.add(pair.other)
        self.assertEqual(set(range(40)), tied)

    def test_packed_and_unpacked(self) -> None:
        one = like(self.clips[0])
        assert one is not None
        again = Likeness.unpacked(one.packed())
        assert one.raised is not None and again.raised is not None and again.raised.raised is None
        for before, after in zip((*one[:-1], *one.raised[:-1]), (*again[:-1], *again.raised[:-1]), strict=True):
            np.testing.assert_array_equal(before, after)

    def test_what_was_kept_before_copies_at_other_pitches_were_looked_for_is_read(self) -> None:
        one = like(self.clips[0])
        assert one is not None
        old = one._replace(raised=None)
        self.assertIsNone(Likeness.unpacked(old.packed()).raised)
        self.assertEqual([(pair.one, pair.other) for pair in doubles([old, one])], [(0, 1)])
