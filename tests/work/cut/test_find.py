"""Every line of a spoken reading is found, whatever the noise of the room.

The reading was spoken by a synthetic voice, and where each line begins and ends was noted when it was put together.
"""

from __future__ import annotations

import json
from pathlib import Path

import numpy as np
import soundfile
from numpy.typing import NDArray

from kittiwake import demo
from kittiwake.work.cut import Find, find_speech
from kittiwake.work.cut.activity import CHUNK, Activity, activity_in, activity_of, joined
from tests.sounds import FolderCase

READING = Path(demo.__file__).parent / "reading"
#: Of the room, dB below the speech.
NOISES = (50, 40, 30, 25, 20)


class Reading:
    """The reading, in a room of a certain noise."""

    def __init__(self) -> None:
        self.where = json.loads((READING / "where.json").read_text("utf-8"))
        self.sound, self.rate = soundfile.read(str(READING / "Season reading.flac"), dtype="float32")
        spoken = np.concatenate([self.sound[line["start"] : line["stop"]] for line in self.where["lines"]])
        self.level = 10 * np.log10(np.mean(spoken**2))

    def in_room(self, below: float) -> NDArray[np.float32]:
        noise = np.random.default_rng(int(below)).standard_normal(len(self.sound)).astype(np.float32)
        return self.sound + noise * np.float32(10 ** ((self.level - below) / 20))

    def truth(self, line: dict[str, int], below: float) -> tuple[int, int]:
        """Where the clean line is louder than 5 dB over that noise, in parts of 5 ms, but at most 40 dB below its own level."""
        first, last = max(0, line["start"] - round(0.4 * self.rate)), line["stop"] + round(0.4 * self.rate)
        step = self.rate // 200
        parts = self.sound[first : first + (last - first) // step * step].reshape(-1, step)
        body = 10 * np.log10(np.mean(self.sound[line["start"] : line["stop"]] ** 2))
        loud = np.flatnonzero(10 * np.log10((parts**2).mean(axis=1) + 1e-12) >= body - (min(below, 45) - 5))
        return first + int(loud[0]) * step, first + int(loud[-1] + 1) * step


def activity(sound: NDArray[np.float32], rate: int) -> Activity:
    return activity_in((sound[at : at + 65_536, None] for at in range(0, len(sound), 65_536)), rate)


def errors(reading: Reading, below: float) -> tuple[list[tuple[float, float]], list[str], int, int]:
    """Milliseconds by which start and stop (without their air) are late, lines not found as one, what is found besides, coughs told."""
    found = find_speech(activity(reading.in_room(below), reading.rate))
    spans = found.spoken
    out, missing, matched = [], [], 0
    for line in reading.where["lines"]:
        here = [(a, b) for a, b in spans if a < line["stop"] and b > line["start"]]
        matched += len(here)
        if len(here) != 1:
            missing.append(line["name"])
            continue
        start, stop = reading.truth(line, below)
        out.append(((here[0][0] - start) / reading.rate * 1000, (here[0][1] - stop) / reading.rate * 1000))
    return out, missing, len(spans) - matched, len(found.other)


class TestReading(FolderCase):
    @classmethod
    def setUpClass(cls) -> None:
        cls.reading = Reading()

    def test_no_end_of_a_word_is_lost_in_noise(self) -> None:
        """With its air a clip holds all that is heard without the noise: in nine of ten lines up to 50 ms at 30 dB, 120 ms at 20 dB."""
        soft, size = Reading(), round(0.5 * self.reading.rate)
        for line in soft.where["lines"]:  # each dies away over its last syllable, as people's do
            _, stop = self.reading.truth(line, 50)
            soft.sound[stop - size : stop] *= 10 ** (np.linspace(0, -30, size, dtype=np.float32) / 20)
        for below, most in ((30, 0.05), (25, 0.08), (20, 0.12)):
            found = find_speech(activity(soft.in_room(below), soft.rate))
            lost = []
            for line in soft.where["lines"]:
                start, stop = soft.truth(line, 50)
                here = [(a, b) for a, b in found.speech if a < stop and b > start]
                lost.append(max(0, here[0][0] - start, stop - here[-1][1]) / soft.rate if here else 9.0)
            self.assertLess(np.percentile(lost, 90), most, below)

    def test_what_is_soft_as_a_whole_is_found_as_what_is_loud(self) -> None:
        """Nothing about a recording changes with its level, down to where 24 bits end."""
        sound, rate = self.reading.in_room(45), self.reading.rate
        loud = find_speech(activity(sound, rate)).speech
        for down in (10, 20, 29):
            soft = find_speech(activity(sound * np.float32(10 ** (-down / 20)), rate)).speech
            self.assertEqual(len(loud), len(soft), down)
            apart = np.abs(np.subtract(loud, soft)).max(axis=1) / rate
            self.assertLess(np.percentile(apart, 90), 0.021, down)

    def test_two_lines_with_a_breath_between_are_two(self) -> None:
        rate = self.reading.rate
        dice = np.random.default_rng(4)
        count = round(0.3 * rate)
        hiss = np.convolve(dice.standard_normal(count + 7), [1, 1, 0.5, 0, -0.5, -1, -1, 0], "valid") * np.hanning(
            count
        )
        for below in (56, 46, 40):  # dBFS of the breath; the lines are at about -26
            breath = (hiss / np.sqrt((hiss**2).mean()) * 10 ** (-below / 20)).astype(np.float32)
            gap = np.zeros(round(0.7 * rate), np.float32)
            at = (len(gap) - len(breath)) // 2
            gap[at : at + len(breath)] += breath
            parts = [np.zeros(rate, np.float32)]
            for line in self.reading.where["lines"][:12]:
                parts += [self.reading.sound[slice(*self.reading.truth(line, 50))], gap]
            sound = np.concatenate([*parts, parts[0]])
            sound += (10 ** (-75 / 20) * dice.standard_normal(len(sound))).astype(np.float32)
            self.assertEqual(len(find_speech(activity(sound, rate)).speech), 12, below)

    def test_every_line_is_found_at_five_levels_of_noise(self) -> None:
        for below in NOISES:
            with self.subTest(below=below):
                late, missing, extra, other = errors(self.reading, below)
                self.assertEqual(missing, [])
                self.assertEqual(extra, 2)  # both flubs are speech too
                self.assertEqual(other, 3)  # and the coughs are not
                starts, stops = np.array(late).T
                self.assertLess(np.abs(starts).max(), 35)
                # Never cut off more than the air makes good by far.
                self.assertGreater(stops.min(), -80)
                self.assertLess(np.median(np.abs(stops)), 15)
                self.assertGreaterEqual((np.abs(stops) <= 35).mean(), 0.95)

    def test_no_end_of_a_word_is_cut(self) -> None:
        """Of the energy of each clean line nothing to speak of lies outside of what was found: less than 40 dB below it."""
        sound, rate = self.reading.sound, self.reading.rate
        spans = find_speech(activity(self.reading.in_room(30), rate)).speech
        for line in self.reading.where["lines"]:
            start, stop = next((a, b) for a, b in spans if a < line["stop"] and b > line["start"])
            reach = round(0.35 * rate)
            before = sound[max(0, line["start"] - reach) : start]
            after = sound[stop : line["stop"] + reach]
            lost = float((before**2).sum() + (after**2).sum())
            whole = float((sound[start:stop] ** 2).sum())
            self.assertLess(10 * np.log10(lost / whole + 1e-12), -40, line["name"])

    def test_same_from_a_file_of_any_kind(self) -> None:
        wide = np.stack([self.reading.sound, self.reading.sound], axis=1)[: 30 * self.reading.rate]
        path = self.folder / "x.wav"
        soundfile.write(str(path), wide, self.reading.rate, subtype="PCM_24")
        one = find_speech(activity_of(path))
        other = find_speech(activity(self.reading.sound[: 30 * self.reading.rate], self.reading.rate))
        self.assertEqual(len(one.speech), len(other.speech))
        for (a, b), (c, d) in zip(one.speech, other.speech, strict=True):
            self.assertLessEqual(max(abs(a - c), abs(b - d)), 0.01 * self.reading.rate)

    def test_in_parts_as_in_one(self) -> None:
        path = self.folder / "x.wav"
        soundfile.write(str(path), self.reading.sound, self.reading.rate, subtype="PCM_16")
        edge = 2 * CHUNK * self.reading.rate
        parts = [activity_of(path, stop=edge), activity_of(path, start=edge)]
        whole = find_speech(activity_of(path))
        self.assertEqual(find_speech(joined(parts)).speech, whole.speech)

    def test_settings_do_what_they_say(self) -> None:
        found = activity(self.reading.in_room(40), self.reading.rate)
        usual = find_speech(found).speech
        self.assertLess(len(find_speech(found, Find(pause=1.4)).speech), len(usual))
        self.assertGreater(len(find_speech(found, Find(pause=0.05, shortest=0.05)).speech), len(usual))
        self.assertLess(len(find_speech(found, Find(shortest=1.0)).speech), len(usual))
        airy = find_speech(found, Find(air_before=0.2, air_after=0.05)).speech
        for (a, b), (c, d) in zip(usual, airy, strict=True):
            self.assertAlmostEqual((a - c) / self.reading.rate, 0.1, delta=0.006)
            self.assertAlmostEqual((b - d) / self.reading.rate, 0.05, delta=0.006)

    def test_silence_noise_and_nothing(self) -> None:
        rate = 16_000
        dice = np.random.default_rng(1)
        for sound in (
            np.zeros(rate * 3, np.float32),
            (dice.standard_normal(rate * 5) * 0.05).astype(np.float32),
            np.zeros(0, np.float32),
            np.zeros(100, np.float32),
        ):
            self.assertEqual(find_speech(activity(sound, rate)).speech, ())

    def test_levels_lie_where_they_should_at_odd_rates(self) -> None:
        for rate in (8000, 11_025, 22_050, 44_100, 48_000):
            sound = np.zeros(rate * 20, np.float32)
            sound[rate * 10 : rate * 11] = 0.5
            levels = activity(sound, rate).levels
            self.assertAlmostEqual(len(levels) * 0.005, 20, delta=0.011)
            loud = np.flatnonzero(levels > -20)
            self.assertAlmostEqual(loud[0] * 0.005, 10, delta=0.006, msg=str(rate))
            self.assertAlmostEqual(loud[-1] * 0.005, 11, delta=0.011, msg=str(rate))
