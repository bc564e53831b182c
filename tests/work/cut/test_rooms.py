"""Words that people really spoke are found alone in rooms that nobody chose for them; a whole table with many voices is ``./run evaluate``."""

from __future__ import annotations

import itertools
import unittest

import numpy as np
import soundfile
import soxr

from bench.evaluate.readings import Reading, edges
from bench.evaluate.rooms import LEVEL, ROOMS, Room, at, coloured
from bench.evaluate.score import score, spans_of
from bench.evaluate.voices import RATE, STEP, Signal, Voice, cut_to_speech, levels
from kittiwake.work.cut import Find, find_speech
from kittiwake.work.cut.activity import activity_in
from tests.sounds import REAL

_PAUSES = (0.65, 0.65, 1.1, 0.7, 2.0, 0.65, 1.4)


def words() -> list[Signal]:
    """The words that alsa-utils brings, two in a file, cut to what is spoken, at 16 kHz and −26 dBov."""
    out = []
    for path in sorted(REAL.glob("[FRS]*.wav")):
        sound, rate = soundfile.read(str(path), dtype="float32")
        sound = soxr.resample(sound, rate, RATE)
        loud = np.flatnonzero(levels(sound) > levels(sound).max() - 26)
        gap = int(np.argmax(np.diff(loud)))
        middle = (loud[gap] + loud[gap + 1]) // 2 * STEP
        out += [word for word in map(cut_to_speech, (sound[:middle], sound[middle:])) if word is not None]
    if len(out) < 8:
        raise unittest.SkipTest("alsa-utils is not on this machine")
    return out


def read(room: Room) -> Reading:
    dice = np.random.default_rng(5)
    parts, lines = [np.zeros(RATE, np.float32)], []
    for n, word in enumerate(words()):
        lines.append(edges(sum(map(len, parts)), word, room.below))
        parts += [word, np.zeros(round(_PAUSES[n % len(_PAUSES)] * RATE), np.float32)]
    clean = np.concatenate(parts)
    clean = clean + at(coloured(len(clean), dice, 4.0), LEVEL - 50)
    return Reading(Voice("words", "people", 0, ()), room, room.apply(clean, dice, 0), tuple(lines))


class TestRooms(unittest.TestCase):
    def test_words_a_good_half_second_apart_are_found_alone(self) -> None:
        for room in ROOMS:
            if room.name.startswith(("other voices", "whispered", "a room")):
                continue  # these need more voices than there are here, or lose some: see docs/cutting.md
            with self.subTest(room=room.name):
                one = read(room)
                got = score(one, spans_of(one))
                self.assertGreaterEqual(got.alone / got.lines, 0.9)
                self.assertEqual(got.besides, 0)
                self.assertLess(abs(np.median(got.starts)), 30)
                self.assertLess(abs(np.median(got.stops)), 40)

    def test_the_tail_of_a_room_is_not_kept(self) -> None:
        one = read(next(room for room in ROOMS if room.name.startswith("a room")))
        got = score(one, spans_of(one))
        self.assertGreaterEqual(got.alone / got.lines, 0.8)
        self.assertLess(np.median(got.stops), 120)

    def test_noise_music_and_clicks_are_no_speech(self) -> None:
        from bench.evaluate.rooms import hum, music

        dice = np.random.default_rng(3)
        clicks = np.zeros(12 * RATE, np.float32)
        clicks[RATE :: RATE // 2] = 0.8
        for name, sound in (
            ("pink", coloured(12 * RATE, dice, 3.01)), ("rumble", coloured(12 * RATE, dice, 6.02, 10, 60)), ("hum", hum(12 * RATE)),
            ("music", music(12 * RATE, dice)), ("clicks", clicks),
        ):  # fmt: skip
            with self.subTest(name):
                self.assertEqual(find_speech(activity_in([at(sound, -26)[:, None]], RATE)).speech, ())

    def test_sides_that_cancel_are_heard(self) -> None:
        """(x, −x), (x, −x, 0, 0) and one side alone: what is spoken is found as in one channel."""
        word = np.concatenate([np.zeros(RATE, np.float32), words()[0], np.zeros(RATE, np.float32)])
        none = np.zeros_like(word)
        alone = find_speech(activity_in([word[:, None]], RATE)).speech
        self.assertEqual(len(alone), 1)
        for columns in ((word, -word), (word, -word, none, none), (none, word), (word, word)):
            found = find_speech(activity_in([np.stack(columns, axis=1)], RATE)).speech
            self.assertEqual(len(found), 1, len(columns))
            self.assertLess(np.abs(np.array(found) - np.array(alone)).max(), 0.012 * RATE)

    def test_block_sizes_do_not_matter(self) -> None:
        one = read(ROOMS[2])
        whole = activity_in([one.sound[:, None]], RATE)
        parts = activity_in((one.sound[n : n + 1237, None] for n in range(0, len(one.sound), 1237)), RATE)
        np.testing.assert_array_equal(whole.levels, parts.levels)
        np.testing.assert_array_equal(whole.voice, parts.voice)

    def test_no_clip_holds_a_pause_of_a_second(self) -> None:
        """Whatever the settings below a second, in any of these rooms."""
        for room in (ROOMS[0], ROOMS[2], ROOMS[6]):
            one = read(room)
            activity = activity_in([one.sound[:, None]], one.room.rate)
            for pause in (0.3, 0.5, 0.8):
                for start, stop in find_speech(activity, Find(pause=pause)).spoken:
                    held = [(a, b) for a, b in one.lines if a < stop / one.room.rate and b > start / one.room.rate]
                    gaps = [c - b for (_, b), (c, _) in itertools.pairwise(held)]
                    self.assertLess(max(gaps, default=0), 1.0)
