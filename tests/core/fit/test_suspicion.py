"""Suspicion of false rates: raised by what is false, not by what is merely another voice."""

from __future__ import annotations

import unittest

import soundfile
import soxr

from kittiwake.core.fit.suspicion import Voiceprint, pace_suspicion, suspicions
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip
from tests.sounds import DEMO, FolderCase

ONE_VOICE = ("Car deck.aiff", "Gangway.wav", "Main menu.wav", "Opening hours.flac", "Safety notice.ogg", "Welcome.wav",
             "Sailing times.mp3", "Weather warning.wav", "Quay closed.wav", "Fog delay.m4a")  # fmt: skip


def voiceprint(path) -> Voiceprint:
    found = Voiceprint.of(analyze(path, pitch=True))
    assert found is not None
    return found


class TestSiblings(FolderCase):
    def test_the_one_false_rate_of_the_demo_is_suspected_and_no_other(self) -> None:
        prints = [p for path in sorted(DEMO.iterdir()) if (p := Voiceprint.of(analyze(path, pitch=True)))]
        found = suspicions(prints)
        self.assertEqual([path.name for path in found], ["Spring fares.wav"])
        problem = found[DEMO / "Spring fares.wav"]
        self.assertEqual(problem.remedies[0].touch_up, {"true_rate": 48_000})
        self.assertIn("+1.47 semitones", problem.remedies[0].result)
        self.assertTrue(problem.remedies[1].accepts)

    def test_usual_mistakes_beside_one_voice(self) -> None:
        others = [voiceprint(DEMO / name) for name in ONE_VOICE if name != "Opening hours.flac"]
        sound, own = soundfile.read(str(DEMO / "Opening hours.flac"), dtype="float32")
        for true, stamped in (
            (44_100, 48_000),
            (48_000, 44_100),
            (16_000, 22_050),
            (22_050, 16_000),
            (22_050, 44_100),
        ):
            path = self.write(f"{true}-{stamped}.wav", soxr.resample(sound, own, true), stamped, "PCM_24")
            # The others as they are, and three that are stamped with the true rate.
            siblings = []
            for name in ONE_VOICE[:3]:
                facts = analyze(DEMO / name)
                x, rate = soundfile.read(str(DEMO / name), dtype="float32", always_2d=True)
                assert facts.header
                siblings.append(
                    voiceprint(self.write(f"{name}-{true}.wav", soxr.resample(x[:, 0], rate, true), true))
                )
            found = suspicions([*siblings, *others[3:5], voiceprint(path)])
            self.assertIn(path, found, (true, stamped))
            self.assertEqual(found[path].remedies[0].touch_up, {"true_rate": true})
            self.assertEqual(len(found), 1)

    def test_nothing_is_said_of_few(self) -> None:
        self.assertEqual(suspicions([voiceprint(DEMO / "Welcome.wav"), voiceprint(DEMO / "Spring fares.wav")]), {})


class TestPace(unittest.TestCase):
    def test_a_text_that_nobody_speaks_so_fast(self) -> None:
        facts = analyze(DEMO / "Safety notice.ogg")
        spoken = 14.5 * facts.measures.level.activity  # type: ignore[union-attr]
        plausible = Clip.whole(facts.path).changed(text="a" * round(15 * spoken))
        self.assertIsNone(pace_suspicion(plausible, facts))
        fast = plausible.changed(text="a" * round(31 * spoken))
        problem = pace_suspicion(fast, facts)
        assert problem
        self.assertEqual(problem.remedies[0].touch_up, {"true_rate": 16_000})
        self.assertIsNone(pace_suspicion(plausible.changed(text="Oh."), facts))
